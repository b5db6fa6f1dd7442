import { BLANK } from '../../answer';
import { rightAnswer } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import { type Asked, ofKind, task } from './task';

/** A scale with some of its notes left out: places from 0 within the row, none of them an end of it. */
export type GapsItem = {
  readonly task: 'gaps';
  readonly question: Asked<'scale'>;
  readonly gaps: readonly number[];
};

/** Gaps in a row of eight; as many again on the way back. */
const GAPS = 3;

function lengthOf(question: Asked<'scale'>): number {
  return question.question.direction === 'both' ? 15 : 8;
}

/** The gaps that are open: in half-filled rows only every other one. */
export function openGaps({ gaps }: GapsItem, form: 'blank' | 'half' | 'worked'): readonly number[] {
  if (form === 'worked') return [];
  return form === 'half' ? gaps.filter((_, at) => at % 2 === 0) : gaps;
}

/** The right row, whose open gaps are still to be written. */
export function rowWithGaps({ question }: GapsItem, school: MarkSchool) {
  const right = rightAnswer(question, school);
  if (right.is !== 'scale') throw new RangeError('a scale is written in notes');
  return right.notes;
}

export const gapsTask = task({
  id: 'gaps',
  kinds: ['scale'],
  weight: -1,
  suits: () => true,
  make: (asked, { picks }): GapsItem | null => {
    const question = ofKind(asked, 'scale');
    if (!question) return null;
    const places = Array.from({ length: lengthOf(question) - 2 }, (_, at) => at + 1);
    const gaps: number[] = [];
    const wanted = lengthOf(question) === 8 ? GAPS : 2 * GAPS;
    while (gaps.length < wanted) gaps.push(picks(places.filter((place) => !gaps.includes(place))));
    return { task: 'gaps', question, gaps: gaps.toSorted((a, b) => a - b) };
  },
  asked: ({ question }) => question,
  write: ({ gaps }) => gaps.join('-'),
  read: (asked, text): GapsItem | null => {
    const question = ofKind(asked, 'scale');
    if (!question || !/^\d{1,2}(-\d{1,2})*$/u.test(text)) return null;
    const gaps = text.split('-').map(Number);
    const within = gaps.every((gap, at) => gap > (gaps[at - 1] ?? 0) && gap < lengthOf(question) - 1);
    return within ? { task: 'gaps', question, gaps } : null;
  },
  // Of a row with gaps nothing stands alone: what is there is shown, and entered again as a whole.
  stands: (item, form, school) =>
    form === 'worked' ? { is: 'scale', notes: rowWithGaps(item, school) } : BLANK,
});
