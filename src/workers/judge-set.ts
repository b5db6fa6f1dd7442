import * as z from 'zod/mini';
import { type StoredQuestion, setQuestions } from '@/core/exercise/set/question';
import { type GivenAnswer, judgingSet, setSchool, type Verdict } from '@/core/exercise/set/verdict';
import type { Settings } from '@/core/school/settings';

/** Answers of a set that are to be judged, in a class. */
export type JudgeQuestion = {
  readonly questions: readonly StoredQuestion[];
  readonly given: readonly GivenAnswer[];
  readonly settings: Settings;
};

/** What some of the answers came to. */
export type JudgedPart = readonly (readonly [question: string, code: string, verdict: Verdict])[];

/** Milliseconds of judging after which what is there is told. */
const TELL_AFTER = 40;

/**
 * Judges answers and tells what is there from time to time.
 *
 * @param clock milliseconds, from anywhere
 * @returns how many were judged; what cannot be read is left out
 */
export function judgeSet(
  { questions, given, settings }: JudgeQuestion,
  onPart: (part: JudgedPart, done: number) => void,
  clock: () => number,
): number {
  let part: JudgedPart[number][] = [];
  let done = 0;
  let told = clock();
  const tell = () => {
    onPart(part, done);
    part = [];
    told = clock();
  };
  for (const judged of judgingSet(setQuestions(questions, settings), given, setSchool(settings, []))) {
    part.push(judged);
    done += 1;
    if (clock() - told > TELL_AFTER) tell();
  }
  if (part.length > 0) tell();
  return done;
}

const verdict = z.strictObject({
  correct: z.boolean(),
  got: z.number(),
  of: z.number(),
  habits: z.array(z.string()),
});

const part = z.array(z.tuple([z.string(), z.string(), verdict]));

/** What a worker sent, where it is a part of a judging. */
export function judgedPart(sent: unknown): JudgedPart | null {
  const read = part.safeParse(sent);
  return read.success ? read.data : null;
}

/** How many were judged, where that is what a worker sent. */
export function judgedCount(sent: unknown): number | null {
  return typeof sent === 'number' ? sent : null;
}
