import { fifthsOf, noteAtFifths, type SpelledNote, semitonesAbove } from '../note/spelled';

/** Chords of three and four notes, by what lies over the root. */
export const TRIADS = ['major', 'minor', 'diminished', 'augmented'] as const;

const SEVENTHS = [
  'major-seventh',
  'dominant-seventh',
  'minor-seventh',
  'half-diminished',
  'diminished-seventh',
  'minor-major-seventh',
  'augmented-major-seventh',
] as const;

export const CHORD_QUALITIES = [...TRIADS, ...SEVENTHS] as const;

export type TriadQuality = (typeof TRIADS)[number];
export type ChordQuality = (typeof CHORD_QUALITIES)[number];

/** A chord in root position. */
export type Chord = {
  readonly root: SpelledNote;
  readonly quality: ChordQuality;
  /** Root, third, fifth and, in a chord of four, the seventh. */
  readonly notes: readonly SpelledNote[];
};

/**
 * Places of third, fifth and seventh from the root on the line of fifths: a major third 4 right, a minor one 3 left,
 * a perfect fifth 1 right, a diminished one 6 left, an augmented one 8 right, a major seventh 5 right, a minor one 2
 * left, a diminished one 9 left.
 */
const PLACES: Readonly<Record<ChordQuality, readonly number[]>> = {
  major: [4, 1],
  minor: [-3, 1],
  diminished: [-3, -6],
  augmented: [4, 8],
  'major-seventh': [4, 1, 5],
  'dominant-seventh': [4, 1, -2],
  'minor-seventh': [-3, 1, -2],
  'half-diminished': [-3, -6, -2],
  'diminished-seventh': [-3, -6, -9],
  'minor-major-seventh': [-3, 1, 5],
  'augmented-major-seventh': [4, 8, 5],
};

/** Semitones of each note above the root. */
export const SEMITONES: Readonly<Record<ChordQuality, readonly number[]>> = {
  major: [4, 7],
  minor: [3, 7],
  diminished: [3, 6],
  augmented: [4, 8],
  'major-seventh': [4, 7, 11],
  'dominant-seventh': [4, 7, 10],
  'minor-seventh': [3, 7, 10],
  'half-diminished': [3, 6, 10],
  'diminished-seventh': [3, 6, 9],
  'minor-major-seventh': [3, 7, 11],
  'augmented-major-seventh': [4, 8, 11],
};

/** The triad a chord of four is built on. */
export const TRIAD_OF: Readonly<Record<ChordQuality, TriadQuality>> = {
  major: 'major',
  minor: 'minor',
  diminished: 'diminished',
  augmented: 'augmented',
  'major-seventh': 'major',
  'dominant-seventh': 'major',
  'minor-seventh': 'minor',
  'half-diminished': 'diminished',
  'diminished-seventh': 'diminished',
  'minor-major-seventh': 'minor',
  'augmented-major-seventh': 'augmented',
};

/**
 * Spells a chord, each note on its own letter in thirds, or null where one would need a third sign.
 *
 * @example chordOn(noteNamed('Gb'), 'major-seventh').notes.map(noteName).join(' ') // 'G♭ B♭ D♭ F'
 * @example chordOn(noteNamed('Fb'), 'diminished-seventh') // null
 */
export function chordOn(root: SpelledNote, quality: ChordQuality): Chord | null {
  const places = PLACES[quality].map((place) => noteAtFifths(fifthsOf(root) + place));
  if (places.some((note) => note === null)) return null;
  return { root, quality, notes: [root, ...(places as readonly SpelledNote[])] };
}

/** The chord that three or four notes in thirds make, root first, or null where they are none of these. */
export function chordOf(notes: readonly SpelledNote[]): Chord | null {
  const [root] = notes;
  if (!root) return null;
  const over = notes.slice(1).map((note) => semitonesAbove(root, note));
  const quality = CHORD_QUALITIES.find(
    (each) =>
      SEMITONES[each].length === over.length && SEMITONES[each].every((size, at) => size === over[at]),
  );
  const chord = quality ? chordOn(root, quality) : null;
  return chord?.notes.every((note, at) => note === notes[at]) ? chord : null;
}
