import { stackedOn } from '../harmony/numeral';
import { midiOf, pitch } from '../note/pitch';
import type { Scale } from '../scale/scale';

/** What lies under a line: nothing, its tonic, tonic and fifth, the tonic's chord, or II, V and I in turn. */
export const BACKINGS = ['none', 'tonic', 'fifth', 'chord', 'two-five'] as const;

export type Backing = (typeof BACKINGS)[number];

/** The degrees, from 0, on which the chords of a backing stand, one a bar, over and over. */
const DEGREES: Readonly<Record<Backing, readonly number[]>> = {
  none: [],
  tonic: [],
  fifth: [],
  chord: [0],
  'two-five': [1, 4, 0, 0],
};

/** Whether chords sound in a backing, so that a bar can begin on a note of one. */
export function hasChords(backing: Backing): boolean {
  return DEGREES[backing].length > 0;
}

/** The backings that a scale can have: chords in thirds stand on seven notes alone. */
export function backingsOf({ ascending }: Pick<Scale, 'ascending'>): readonly Backing[] {
  return BACKINGS.filter((each) => !hasChords(each) || ascending.length === 8);
}

/** A chord of a backing: the degree its root stands on, 1 to 7, and its notes as MIDI numbers from the root up. */
export type BackingChord = { readonly degree: number; readonly midi: readonly number[] };

/** The lowest root, F2: chords lie between it and the middle of the piano. */
const LOWEST_ROOT = 41;

/** The chords of a backing in a scale as it sounds, one a bar; none where it has no chords. */
export function chordsOf(backing: Backing, scale: Scale): readonly BackingChord[] {
  if (!backingsOf(scale).includes(backing)) return [];
  return DEGREES[backing].map((index) => {
    const { notes } = stackedOn(scale.ascending.slice(0, 7), index, 3);
    const midi: number[] = [];
    for (const note of notes) {
      const above = (midi.at(-1) ?? LOWEST_ROOT - 1) + 1;
      midi.push(above + ((((midiOf(pitch(note, 4)) - above) % 12) + 12) % 12));
    }
    return { degree: index + 1, midi };
  });
}
