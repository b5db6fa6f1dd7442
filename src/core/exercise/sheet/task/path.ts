import type { Reason } from '../../answer';
import { rightAnswer } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import { DECISIONS } from '../../kinds/name-scale/decisions';
import { measuredIn } from '../../kinds/name-scale/kind';
import { type Asked, ofKind, task } from './task';

/** The way to the name of a scale, decision by decision: each distance that decides, and what follows from it. */
export type PathItem = { readonly task: 'path'; readonly question: Asked<'name-scale'> };

/** What stands there at each decision, in half steps. */
export function decisionsOf({ question }: PathItem): readonly Reason[] {
  return DECISIONS.flatMap(({ from, to }) => {
    const semitones = measuredIn(question.question.notes, { from, to });
    return semitones === null ? [] : [{ from, to, semitones }];
  });
}

/** The right name with all its decisions. */
export function pathAnswer(item: PathItem, school: MarkSchool) {
  const right = rightAnswer(item.question, school);
  if (right.is !== 'key') throw new RangeError('a path leads to a name');
  return { ...right, reasons: decisionsOf(item) };
}

export const pathTask = task({
  id: 'path',
  kinds: ['name-scale'],
  weight: 1,
  suits: () => true,
  make: (asked): PathItem | null => {
    const question = ofKind(asked, 'name-scale');
    return question && { task: 'path', question };
  },
  asked: ({ question }) => question,
  write: () => '',
  read: (asked, text): PathItem | null => {
    const question = ofKind(asked, 'name-scale');
    return question && text === '' ? { task: 'path', question } : null;
  },
  stands: (item, form, school) => (form === 'worked' ? pathAnswer(item, school) : { is: 'blank' }),
});
