import { pitchClass, type SpelledNote } from '../../note/spelled';
import { type Aligned, align } from './align';
import { type Finding, type NOTE_FINDINGS, noteThing } from './judged';

export type NoteFinding = {
  readonly code: (typeof NOTE_FINDINGS)[number];
  /** Place in the answer, from 0; null where a note is missing. */
  readonly index: number | null;
  readonly expected: SpelledNote | null;
  readonly got: SpelledNote | null;
};

type Notes = readonly SpelledNote[];

/** How one note stands to the one that was wanted: its sign, its spelling or all of it is wrong. */
export function atPlace(expected: SpelledNote, got: SpelledNote): NoteFinding['code'] {
  if (expected.letter === got.letter) return 'wrong-sign';
  return pitchClass(expected) === pitchClass(got) ? 'respelled' : 'wrong-note';
}

/**
 * What differs between an answer and what was expected, note by note, in the order of the answer. Letters of the whole
 * row are judged once: one that is nowhere is skipped, one that stands for its neighbour is repeated.
 */
export function findingsOf(
  expected: Notes,
  answer: Notes,
  aligned: readonly Aligned[] = align(expected, answer),
): readonly NoteFinding[] {
  const found: NoteFinding[] = [];
  for (const { want, got } of aligned) {
    const [wanted, written] = [want === null ? null : expected[want], got === null ? null : answer[got]];
    if (wanted && written && got !== null) {
      if (wanted === written) continue;
      found.push({ code: atPlace(wanted, written), index: got, expected: wanted, got: written });
    } else if (wanted) found.push({ code: 'note-missing', index: null, expected: wanted, got: null });
    else if (written) found.push({ code: 'note-extra', index: got, expected: null, got: written });
  }
  return [...found, ...lettersOf(expected, answer), ...topOf(expected, answer)];
}

/** Letters that the answer lacks altogether, and letters that stand where the next one should. */
function lettersOf(expected: Notes, answer: Notes): readonly NoteFinding[] {
  const there = new Set(answer.map(({ letter }) => letter));
  const skipped = [...new Set(expected.map(({ letter }) => letter))].filter((letter) => !there.has(letter));
  const missing = skipped.flatMap((letter): NoteFinding[] => {
    const wanted = expected.find((note) => note.letter === letter);
    return wanted ? [{ code: 'letter-skipped', index: null, expected: wanted, got: null }] : [];
  });
  const repeated = answer.flatMap((note, index): NoteFinding[] => {
    const before = answer[index - 1];
    const isTop = index === answer.length - 1;
    if (!before || isTop || before.letter !== note.letter || before === note) return [];
    return [{ code: 'letter-repeated', index, expected: expected[index] ?? null, got: note }];
  });
  return [...missing, ...repeated];
}

/** An octave that does not end as it began, sign and all. */
function topOf(expected: Notes, answer: Notes): readonly NoteFinding[] {
  const [first, last] = [answer[0], answer.at(-1)];
  if (!first || !last || answer.length !== expected.length || first === last) return [];
  if (expected[0] !== expected.at(-1)) return [];
  return [{ code: 'top-differs', index: answer.length - 1, expected: first, got: last }];
}

/** What differs between rows of notes, as findings of a judgement. */
export function noteFindings(
  expected: Notes,
  answer: Notes,
  aligned?: readonly Aligned[],
): readonly Finding[] {
  return findingsOf(expected, answer, aligned).map((each) => ({
    ...each,
    expected: each.expected && noteThing(each.expected),
    got: each.got && noteThing(each.got),
  }));
}
