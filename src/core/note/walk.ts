import { LETTERS, type Letter, letterAfter } from './letter';
import { ALTERATIONS, pitchClass, type SpelledNote, spelled } from './spelled';

/** Two ways of counting: letters of the alphabet, or half steps, which are keys and frets. */
export const WALK_UNITS = ['letters', 'half-steps'] as const;

export type WalkUnit = (typeof WALK_UNITS)[number];

/** A walk from a note: so many of its units, upward above 0 and downward below it. */
export type Walk = { readonly from: SpelledNote; readonly unit: WalkUnit; readonly count: number };

/** The most units of a walk, either way: two octaves of half steps. */
export const LONGEST_WALK = 24;

/**
 * The letters a walk passes, the first not counted; the alphabet goes round, from G to A and from A to G.
 *
 * @example lettersWalked('E', 4).join(' ') // 'F G A B'
 * @example lettersWalked('B', -3).join(' ') // 'A G F'
 */
export function lettersWalked(from: Letter, count: number): readonly Letter[] {
  return Array.from({ length: Math.abs(count) }, (_, at) => letterAfter(from, Math.sign(count) * (at + 1)));
}

/**
 * The sounds a walk of half steps passes, the first not counted, as half steps above C, 0 to 11.
 *
 * @example soundsWalked(noteNamed('E'), 3) // [5, 6, 7]
 */
export function soundsWalked(from: SpelledNote, count: number): readonly number[] {
  const start = pitchClass(from);
  return Array.from(
    { length: Math.abs(count) },
    (_, at) => (((start + Math.sign(count) * (at + 1)) % 12) + 12) % 12,
  );
}

/** How many units lead once round, to the same letter or the same sound in another octave. */
const ROUND: Readonly<Record<WalkUnit, number>> = { letters: 7, 'half-steps': 12 };

/**
 * The walk the other way round to the same letter or sound: a fifth up is a fourth down. Null where nothing was walked, or
 * an octave and more.
 *
 * @example turnedRound({ from: noteNamed('C'), unit: 'letters', count: 4 }).count // -3
 */
export function turnedRound(walk: Walk): Walk | null {
  const { unit, count } = walk;
  const round = ROUND[unit];
  if (count === 0 || Math.abs(count) >= round) return null;
  return { ...walk, count: count - Math.sign(count) * round };
}

/** Every spelling of a sound with one sign at most, letter by letter from C. */
export function spellingsOf(sound: number): readonly SpelledNote[] {
  return LETTERS.flatMap((letter) =>
    ALTERATIONS.filter((alteration) => Math.abs(alteration) < 2)
      .map((alteration) => spelled(letter, alteration))
      .filter((note) => pitchClass(note) === sound),
  );
}

/** Where a walk of half steps lands: its sound, how it can be spelled, and the spelling that a key calls for, where it has one. */
export type Landing = {
  readonly sound: number;
  readonly spellings: readonly SpelledNote[];
  readonly inKey: SpelledNote | null;
};

/** Where a walk of half steps lands, and how the notes of a key spell it. */
export function landingOf(
  { from, count }: Pick<Walk, 'from' | 'count'>,
  key: readonly SpelledNote[],
): Landing {
  const sound = (((pitchClass(from) + count) % 12) + 12) % 12;
  return {
    sound,
    spellings: spellingsOf(sound),
    inKey: key.find((note) => pitchClass(note) === sound) ?? null,
  };
}
