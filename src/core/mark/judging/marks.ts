import type { Settings } from '../../school/settings';
import type { Judged } from './judged';
import type { Lost } from './parts';

/** Marks got, of those there were; halves where letter and sign count half each. */
export type Score = { readonly got: number; readonly of: number };

export type MarkScheme = Pick<Settings, 'marks' | 'followThrough'>;

const costOf = ({ parts, lettersRight }: Lost, marks: Settings['marks']) =>
  parts - (marks === 'letter-sign' ? lettersRight / 2 : 0);

/** Marks lost, one for each part, or once for each mistake that explains them. */
function lostBy(judged: Judged, { marks, followThrough }: MarkScheme): number {
  const { parts, causes } = judged;
  const { lost, apart } = parts;
  // The right signs in another order or place are one thing gone wrong, though no way of working leads there.
  const habits = causes[0]?.habits.length ?? 0;
  const each = marks === 'letter-sign' && lost.lettersRight === lost.parts ? 0.5 : 1;
  const through = costOf(lost, marks);
  const once = habits > 0 && followThrough === 'once' ? Math.min(through, habits * each) : through;
  return once + costOf(apart, marks);
}

/**
 * Marks of an answer by the class's scheme (docs/theory.md, Mistakes): one for each part, half for its letter and half
 * for its sign, or one for an answer that is all right. Where mistakes follow through, what one mistake explains costs
 * one mark, and what two explain two; or half as much where every letter is right and letters count. Out of what there is
 * depends on question and scheme alone; never below 0 or above it.
 */
export function scoreOf(judged: Judged, scheme: MarkScheme): Score {
  if (scheme.marks === 'all') return { got: judged.correct ? 1 : 0, of: 1 };
  const { of } = judged.parts;
  return { got: Math.max(0, Math.min(of, of - lostBy(judged, scheme))), of };
}

/** Marks given under one scheme as they count under another: the same part of all, to the half mark. */
export function marksUnder({ got, of }: Score, other: number): number {
  return of === other || of <= 0 ? Math.min(got, other) : Math.round((got / of) * other * 2) / 2;
}
