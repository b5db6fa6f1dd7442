import type { Settings } from '../../school/settings';
import type { Judged } from './judged';

/** Marks got, of those there were; halves where letter and sign count half each. */
export type Score = { readonly got: number; readonly of: number };

export type MarkScheme = Pick<Settings, 'marks' | 'followThrough'>;

/** Marks lost before a habit is counted once. */
function lostBy({ correct, parts }: Judged, scheme: Settings['marks']): number {
  if (correct) return 0;
  if (scheme === 'all') return 1;
  return parts.wrong - (scheme === 'letter-sign' ? parts.halfRight / 2 : 0);
}

/**
 * Marks of an answer by the class's scheme: a mark for each note, half for its letter and half for its sign, or one
 * for an answer that is all right. Where mistakes follow through, what one habit explains costs one mark, and what two
 * explain two; or half as much where every letter is right and letters count.
 */
export function scoreOf(judged: Judged, { marks, followThrough }: MarkScheme): Score {
  const of = marks === 'all' ? 1 : judged.parts.of;
  const lost = lostBy(judged, marks);
  const habits = judged.causes[0]?.habits.length ?? 0;
  const each = marks === 'letter-sign' && judged.parts.halfRight === judged.parts.wrong ? 0.5 : 1;
  const once =
    habits > 0 && followThrough === 'once' ? Math.min(lost, habits * each + judged.parts.separate) : lost;
  return { got: Math.max(0, of - once), of };
}
