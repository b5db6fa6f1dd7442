import * as z from 'zod/mini';
import type { Settings } from '@/core/school/settings';
import type { FileProblem } from '@/core/words/say-file';
import type { HandedInProblem } from '@/core/words/say-handed-in';

/** Files with answers to a set, in a class. */
export type SetFilesQuestion = {
  readonly files: readonly { readonly name: string; readonly bytes: Uint8Array }[];
  readonly settings: Settings;
};

/** What a file holds of answers. */
export type SetFile =
  /** Handed in from a sheet on screen: an answer in a code a place. */
  | {
      readonly name: string;
      readonly is: 'handed-in';
      readonly student: string;
      readonly sheet: string;
      readonly answers: readonly (string | null)[];
    }
  /** Rows of notes of a score, in codes; and the words in it, among which a name may be. */
  | {
      readonly name: string;
      readonly is: 'score';
      readonly texts: readonly string[];
      readonly rows: readonly string[];
    }
  /** What was played, in MIDI numbers. */
  | {
      readonly name: string;
      readonly is: 'played';
      readonly texts: readonly string[];
      readonly runs: readonly (readonly number[])[];
    }
  | { readonly name: string; readonly is: 'problem'; readonly problem: FileProblem | HandedInProblem };

const name = z.string();
const texts = z.array(z.string());

const setFiles = z.array(
  z.union([
    z.strictObject({
      name,
      is: z.literal('handed-in'),
      student: z.string(),
      sheet: z.string(),
      answers: z.array(z.nullable(z.string())),
    }),
    z.strictObject({ name, is: z.literal('score'), texts, rows: z.array(z.string()) }),
    z.strictObject({ name, is: z.literal('played'), texts, runs: z.array(z.array(z.number())) }),
    z.strictObject({ name, is: z.literal('problem'), problem: z.looseObject({ code: z.string() }) }),
  ]),
);

/** What a worker sent, where it is what files hold. */
export function setFilesAnswer(sent: unknown): readonly SetFile[] | null {
  const read = setFiles.safeParse(sent);
  return read.success ? (read.data as unknown as readonly SetFile[]) : null;
}
