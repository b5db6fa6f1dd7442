import type { SpelledNote } from '../note/spelled';
import type { Settings } from '../school/settings';
import { type Chord, chordOn, TRIAD_OF } from './chord';
import { type Key, keyNotes, relativeKey } from './key';
import { type NumeralSchool, numeralOf, stackedOn } from './numeral';
import { raisedSeventh } from './raised-seventh';

/** Chords of three notes or of four. */
export const CHORD_SIZES = ['triads', 'sevenths'] as const;

export type ChordSize = (typeof CHORD_SIZES)[number];

/** A chord of a key, with its degree from 1 and its numeral. */
export type KeyChord = {
  readonly chord: Chord;
  readonly degree: number;
  readonly numeral: string;
  /** Whether it takes minor's raised 7th, which the signature does not have. */
  readonly raised: boolean;
};

/** Chords of seven notes, each on its degree. */
export function chordsOfScale(
  scale: readonly SpelledNote[],
  size: ChordSize,
  school: NumeralSchool,
): readonly KeyChord[] {
  const tonic = scale[0] as SpelledNote;
  return Array.from({ length: 7 }, (_, index): KeyChord => {
    const chord = stackedOn(scale, index, size === 'triads' ? 3 : 4);
    return { chord, degree: index + 1, numeral: numeralOf(chord, tonic, school), raised: false };
  });
}

/**
 * The seven chords of a key: I ii iii IV V vi vii° of major. In minor the fifth degree's is minor as the signature has
 * it, or major with the raised 7th, as the class does. Throws for a key that cannot be spelled.
 */
export function chordsOfKey(
  key: Key,
  size: ChordSize,
  school: NumeralSchool & Pick<Settings, 'dominant'>,
): readonly KeyChord[] {
  const notes = keyNotes(key);
  if (!notes) throw new RangeError('a key that needs a third sign');
  const chords = chordsOfScale(notes, size, school);
  const leading = key.mode === 'minor' && school.dominant === 'major' ? raisedSeventh(key.tonic) : null;
  if (!leading) return chords;
  return chords.map((each) => {
    if (each.degree !== 5) return each;
    const chord = stackedOn([...notes.slice(0, 6), leading], 4, size === 'triads' ? 3 : 4);
    return { ...each, chord, numeral: numeralOf(chord, key.tonic, school), raised: true };
  });
}

/** The dominant of a chord: the major chord a fifth above its root, one place clockwise; with its seventh if wanted. */
export function dominantOf(root: SpelledNote, seventh: boolean): Chord | null {
  const fifth = chordOn(root, 'major')?.notes[2];
  return fifth ? chordOn(fifth, seventh ? 'dominant-seventh' : 'major') : null;
}

/** A chord of two, five, one, and the mode whose notes are those of its key begun on its root; null in minor. */
export type Move = { readonly chord: Chord; readonly over: Key | null };

/** Two, five and one in sevenths, whose roots fall by fifths, and the key they are of. */
export type TwoFiveOne = { readonly of: Key; readonly moves: readonly Move[] };

const OVER = ['dorian', 'mixolydian', 'major'] as const;

/**
 * Two, five and one of a key; of a mode those of its parent major, since a mode is played over one of them: dorian over
 * two, mixolydian over five.
 *
 * @example twoFiveOne({ tonic: noteNamed('D'), mode: 'dorian' }).of.tonic === noteNamed('C') // true
 */
export function twoFiveOne(key: Key): TwoFiveOne | null {
  const minor = key.mode === 'minor';
  const of = minor || key.mode === 'major' ? key : relativeKey(key);
  const notes = of && keyNotes(of);
  if (!of || !notes) return null;
  const leading = minor ? raisedSeventh(key.tonic) : null;
  const dominant = leading ? [...notes.slice(0, 6), leading] : notes;
  const chords = [stackedOn(notes, 1, 4), stackedOn(dominant, 4, 4), stackedOn(notes, 0, 4)];
  return {
    of,
    moves: chords.map((chord, at) => ({
      chord,
      over: minor ? null : { tonic: chord.root, mode: OVER[at] ?? 'major' },
    })),
  };
}

/** Whether a chord has a dominant: a diminished or augmented one is no home that a dominant leads to. */
export function hasDominant({ quality }: Chord): boolean {
  return TRIAD_OF[quality] === 'major' || TRIAD_OF[quality] === 'minor';
}
