import type { SpelledNote } from '../note/spelled';
import { findingsOf } from './findings';
import { type Finding, noteThing } from './judged';

/** What differs between rows of notes, as findings of a judgement. */
export function noteFindings(
  expected: readonly SpelledNote[],
  answer: readonly SpelledNote[],
): readonly Finding[] {
  return findingsOf(expected, answer).map((each) => ({
    ...each,
    expected: each.expected && noteThing(each.expected),
    got: each.got && noteThing(each.got),
  }));
}
