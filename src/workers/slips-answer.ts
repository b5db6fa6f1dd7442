import * as z from 'zod/mini';
import type { Decisions, Paper } from '@/core/exercise/set/paper';
import type { StoredQuestion } from '@/core/exercise/set/question';
import type { Verdicts } from '@/core/exercise/set/verdict';
import type { Settings } from '@/core/school/settings';
import type { PageLook } from '@/engrave/page/look';
import type { SlipHead } from '@/engrave/page/slip-pages';
import type { Scene } from '@/engrave/scene';

/** Slips of a set: whose, what was asked and written, what it came to, and what stands over them. */
export type SlipsQuestion = {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly questions: readonly StoredQuestion[];
  readonly papers: readonly Paper[];
  readonly verdicts: Verdicts;
  readonly decisions: Decisions;
  readonly settings: Settings;
  readonly look: PageLook;
  readonly head: Omit<SlipHead, 'student'>;
};

/** The pages of one student's slip. */
export type SlipOf = { readonly person: string; readonly name: string; readonly pages: readonly Scene[] };

const pagesSent = z.array(
  z.looseObject({
    person: z.string(),
    name: z.string(),
    pages: z.array(
      z.looseObject({ width: z.number(), height: z.number(), groups: z.array(z.looseObject({})) }),
    ),
  }),
);

/** What a worker sent, where it is slips; its drawings were made by the same build, and are only looked over. */
export function slipsAnswer(sent: unknown): readonly SlipOf[] | null {
  return pagesSent.safeParse(sent).success ? (sent as readonly SlipOf[]) : null;
}
