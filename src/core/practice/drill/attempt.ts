import type { DrillOutcome } from './budget';

/** One answer of a drill, as it is kept. */
export type Attempt = {
  /** The code of the question. */
  readonly question: string;
  /** The code of the last answer to it; empty where nobody knew one. */
  readonly answer: string;
  readonly outcome: DrillOutcome;
  /** The habit that leads to the first wrong answer; null where none does, or nothing was wrong. */
  readonly habit: string | null;
  /** From the question to the last answer, without the silence before it, in milliseconds. */
  readonly took: number;
  /** Whether the answer was chosen from a few. */
  readonly chosen: boolean;
};

const OUTCOME_CODES = { right: 'r', corrected: 'c', wrong: 'w' } as const;
const OUTCOMES_BY_CODE: Readonly<Record<string, DrillOutcome>> = {
  r: 'right',
  c: 'corrected',
  w: 'wrong',
};

const BETWEEN = '|';

/** An attempt in one line. No code holds the sign between its parts. */
export function attemptLine({ question, answer, outcome, habit, took, chosen }: Attempt): string {
  const parts = [OUTCOME_CODES[outcome], chosen ? 'c' : 'w', Math.round(took), habit ?? '', question, answer];
  return parts.join(BETWEEN);
}

const LINE = /^([rcw])\|([cw])\|(\d{1,8})\|([\w+-]{0,80})\|([^|]{1,300})\|(.{0,400})$/u;

/** The attempt of a line, or null where it is none. */
export function readAttempt(line: string): Attempt | null {
  const [, code = '', by = '', took = '', habit = '', question = '', answer = ''] = LINE.exec(line) ?? [];
  const outcome = OUTCOMES_BY_CODE[code];
  if (!outcome) return null;
  return { question, answer, outcome, habit: habit || null, took: Number(took), chosen: by === 'c' };
}

const BETWEEN_LINES = '\n';

/** Attempts as one text, an attempt a line. */
export function attemptsText(attempts: readonly Attempt[]): string {
  return attempts.map(attemptLine).join(BETWEEN_LINES);
}

/** The attempts of a text; lines that are none are left out. */
export function attemptsIn(text: string): readonly Attempt[] {
  if (text === '') return [];
  return text.split(BETWEEN_LINES).flatMap((line) => readAttempt(line) ?? []);
}
