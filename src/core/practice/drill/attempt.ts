import type { DrillOutcome } from './budget';

/** One answer of a drill, as it is kept. */
export type Attempt = {
  /** The code of the question. */
  readonly question: string;
  /** The code of a first answer that was not right, where there was a second one; else empty. */
  readonly first: string;
  /** The code of the last answer to it; empty where nobody knew one. */
  readonly answer: string;
  readonly outcome: DrillOutcome;
  /** The habit that leads to the answer that was not right, to the first of two; null where none does, or all was right. */
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

/** What would end a part or a line too early: a numeral is kept as it was typed. */
const ESCAPES: readonly (readonly [string, string])[] = [
  ['%', '%25'],
  ['|', '%7C'],
  ['\n', '%0A'],
];

const escaped = (text: string) => ESCAPES.reduce((all, [sign, code]) => all.replaceAll(sign, code), text);
const unescaped = (text: string) =>
  ESCAPES.reduceRight((all, [sign, code]) => all.replaceAll(code, sign), text);

/** An attempt in one line. */
function attemptLine({ question, first, answer, outcome, habit, took, chosen }: Attempt): string {
  const how = [OUTCOME_CODES[outcome], chosen ? 'c' : 'w', Math.round(took), habit ?? ''];
  return [...how, ...[question, first, answer].map(escaped)].join(BETWEEN);
}

const LINE = /^([rcw])\|([cw])\|(\d{1,8})\|([\w+-]{0,80})\|([^|]{1,300})\|([^|]{0,600})\|([^|]{0,600})$/u;

/** The attempt of a line, or null where it is none. */
export function readAttempt(line: string): Attempt | null {
  const [, code = '', by = '', took = '', habit = '', ...codes] = LINE.exec(line) ?? [];
  const outcome = OUTCOMES_BY_CODE[code];
  if (!outcome) return null;
  const [question = '', first = '', answer = ''] = codes.map(unescaped);
  const how = { outcome, habit: habit || null, took: Number(took), chosen: by === 'c' };
  return { question, first, answer, ...how };
}

const BETWEEN_LINES = '\n';

/** The answer that was not right, to which the habit leads; empty where all was right, or nobody knew one. */
export function notRight({ first, answer, outcome }: Attempt): string {
  return first || (outcome === 'wrong' ? answer : '');
}

/** Attempts as one text, an attempt a line. */
export function attemptsText(attempts: readonly Attempt[]): string {
  return attempts.map(attemptLine).join(BETWEEN_LINES);
}

/** The attempts of a text; lines that are none are left out. */
export function attemptsIn(text: string): readonly Attempt[] {
  if (text === '') return [];
  return text.split(BETWEEN_LINES).flatMap((line) => readAttempt(line) ?? []);
}
