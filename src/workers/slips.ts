import * as z from 'zod/mini';
import type { Decisions, Paper } from '@/core/exercise/set/paper';
import { type StoredQuestion, setQuestions } from '@/core/exercise/set/question';
import { slipFor, slipsOf } from '@/core/exercise/set/slip';
import { setSchool, type Verdicts } from '@/core/exercise/set/verdict';
import type { Settings } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import type { PageLook } from '@/engrave/page/look';
import { type SlipHead, slipPages } from '@/engrave/page/slip-pages';
import type { Scene } from '@/engrave/scene';
import type { FontBytes } from '@/formats/pdf/fonts';
import { type PdfPage, type PdfWritten, writePdf } from '@/formats/pdf/write';

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

/** The slips of everybody of whom something is counted, in the order of the class. */
export function slipsFor(question: SlipsQuestion): readonly SlipOf[] {
  const { people, papers, verdicts, decisions, settings, look, head } = question;
  const w = wordsOf(settings);
  const work = { questions: setQuestions(question.questions, settings), papers, verdicts, decisions };
  const slips = slipsOf(work, setSchool(settings, []));
  return people.flatMap(({ id, name }): readonly SlipOf[] => {
    const paper = papers.find(({ person }) => person === id);
    const slip = paper && slipFor(slips, paper);
    return slip ? [{ person: id, name, pages: slipPages(w, look, { ...head, student: name }, slip) }] : [];
  });
}

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

export type SlipsPdfQuestion = SlipsQuestion & {
  readonly title: string;
  readonly fonts: FontBytes;
  readonly now: number;
};

/** Slips as one document, each student with a bookmark. */
export async function slipsPdf(
  question: SlipsPdfQuestion,
  onProgress: (done: number, of: number) => void,
): Promise<PdfWritten> {
  const pages = slipsFor(question).flatMap(({ name, pages: own }): readonly PdfPage[] =>
    own.map((scene, at) => ({ scene, bookmark: at === 0 ? name : null })),
  );
  const { title, look, fonts, now } = question;
  return writePdf({ title, language: 'en', pages, grey: look.grey, fonts, now, onPage: onProgress });
}
