import type { Finding } from '@/core/mark/judging/judged';
import { onePart } from '@/core/mark/judging/parts';
import { isSameDegree, isSameNumeral } from '@/core/mark/machine/written';
import type { Found, MarkSchool } from '../kind';
import { chordOnDegree } from '../on-scale';
import type { ChordQuestion } from './judge-notes';
import { numeralWanted, readNumeral } from './read-numeral';

/** Judges a numeral: its degree, its quality by case or by a word, and the sign of a diminished chord. */
export function judgeNumeral(question: ChordQuestion, text: string, school: MarkSchool): Found {
  const { tonic, scale } = question;
  const right = numeralWanted(chordOnDegree(tonic, scale, question), tonic, school);
  const read = readNumeral(text);
  const correct = read !== null && isSameNumeral(right, read);
  const thing = (shown: string) => ({ is: 'numeral' as const, text: shown });
  const finding: Finding = {
    code: read ? 'numeral-differs' : 'note-missing',
    index: read ? 0 : null,
    expected: thing(right.text),
    got: text.trim() === '' ? null : thing(text.trim()),
  };
  const degree = read && isSameDegree(right, read);
  return {
    correct,
    findings: correct ? [] : [finding],
    checks: [
      { check: 'letter-right', holds: degree, at: [], about: [] },
      { check: 'mode-right', holds: read ? read.triad === right.triad : null, at: [], about: [] },
    ],
    wrong: correct || !read ? [] : [0],
    parts: onePart(correct, degree === true),
    written: read && { is: 'numeral', numeral: read },
  };
}
