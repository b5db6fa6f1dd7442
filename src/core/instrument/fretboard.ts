import { pitchNamed } from '../note/parse';
import { midiOf, type Pitch, pitch } from '../note/pitch';
import { pitchClass, type SpelledNote } from '../note/spelled';
import type { Scale } from '../scale/scale';

/** The open strings of an instrument with frets, from the lowest-lying string; 2 to 12. */
export type Tuning = readonly Pitch[];

const strings = (names: string): Tuning => names.split(' ').map(pitchNamed);

/** Tunings that are ready to be taken; the ukulele's lowest-lying string is not its lowest in sound. */
export const TUNINGS = {
  guitar: strings('E2 A2 D3 G3 B3 E4'),
  bass: strings('E1 A1 D2 G2'),
  ukulele: strings('G4 C4 E4 A4'),
  violin: strings('G3 D4 A4 E5'),
  mandolin: strings('G3 D4 A4 E5'),
} as const satisfies Readonly<Record<string, Tuning>>;

export type TuningId = keyof typeof TUNINGS;

export const TUNING_IDS = Object.keys(TUNINGS) as readonly TuningId[];

/** The frets that are looked at, both ends with it; an open string is fret 0. */
export type FretSpan = { readonly from: number; readonly to: number };

/** The last fret that can be asked for. */
export const LAST_FRET = 24;

/** Fewest and most strings of a tuning. */
export const STRINGS = { fewest: 2, most: 12 } as const;

/** One place on the fretboard that sounds a note of the scale. */
export type FretPlace = {
  /** Counted from the last of the tuning, which is 1. */
  readonly string: number;
  readonly fret: number;
  /** As the scale spells it: C♭4 sounds as B3. */
  readonly pitch: Pitch;
  /** Its degree, from 1; an octave above the tonic is 1 again. */
  readonly degree: number;
};

/** A spelled note at a sound, or null where it does not sound so. */
function pitchAt(note: SpelledNote, midi: number): Pitch | null {
  const octave = (midi - midiOf(pitch(note, 0))) / 12;
  return Number.isInteger(octave) ? pitch(note, octave) : null;
}

/**
 * Every place in a span of frets whose sound is a note of the scale as it rises, ordered by sound and then from the
 * first string.
 *
 * @param span frets 0 to 24
 */
export function fretPlaces(
  { ascending }: Pick<Scale, 'ascending'>,
  tuning: Tuning,
  { from, to }: FretSpan,
): readonly FretPlace[] {
  const notes = [...new Set(ascending)];
  const places = tuning.flatMap((open, index) => {
    const string = tuning.length - index;
    return Array.from({ length: to - from + 1 }, (_, at) => from + at).flatMap((fret): FretPlace[] => {
      const midi = midiOf(open) + fret;
      const at = notes.findIndex((note) => (pitchClass(note) - midi) % 12 === 0);
      const found = notes[at] && pitchAt(notes[at], midi);
      return found ? [{ string, fret, pitch: found, degree: at + 1 }] : [];
    });
  });
  return places.sort((a, b) => midiOf(a.pitch) - midiOf(b.pitch) || a.string - b.string);
}

/** How many whole octaves of the scale, from a tonic up, have a place for each of their notes in the span. */
export function octavesIn(places: readonly FretPlace[], { ascending }: Pick<Scale, 'ascending'>): number {
  const sounds = new Set(places.map(({ pitch }) => midiOf(pitch)));
  const [tonic] = ascending;
  if (!tonic) return 0;
  const above = ascending.map((note) => (pitchClass(note) - pitchClass(tonic) + 12) % 12);
  const whole = (bottom: number) =>
    sounds.has(bottom + 12) && above.every((semitones) => sounds.has(bottom + semitones));
  const tonics = places.filter(({ degree }) => degree === 1).map(({ pitch }) => midiOf(pitch));
  const from = (bottom: number): number => (whole(bottom) ? 1 + from(bottom + 12) : 0);
  return Math.max(0, ...tonics.map(from));
}

/** One note of a walk along a single string. */
export type StringStep = { readonly fret: number; readonly note: SpelledNote; readonly degree: number };

/**
 * The scale along one string, from the lowest fret that sounds its tonic to the octave: a whole step is two frets, a half
 * step one. An open string is fret 0.
 *
 * @example stringWalk(scaleNamed(noteNamed('E'), 'major').scale, pitchNamed('E2')).map(({ fret }) => fret) // [0, 2, 4, 5, 7, 9, 11, 12]
 */
export function stringWalk(
  { ascending, rising }: Pick<Scale, 'ascending' | 'rising'>,
  open: Pitch,
): readonly StringStep[] {
  const [tonic] = ascending;
  if (!tonic) return [];
  let fret = (((pitchClass(tonic) - midiOf(open)) % 12) + 12) % 12;
  return ascending.map((note, index) => {
    if (index > 0) fret += rising[index - 1] ?? 0;
    return { fret, note, degree: index + 1 };
  });
}
