import type { Clef } from '../instrument/staff';
import { CONCERT, type Transposition, transposingInstrument } from '../instrument/transposing';
import { INSTRUMENT_IDS } from '../instrument/ways';
import { known } from '../known';
import { pitchNamed } from '../note/parse';
import { midiOf } from '../note/pitch';

/** Who plays or sings: in which clef, how far, and how far above concert pitch it is written. */
export type Player = {
  readonly id: string;
  readonly clef: Clef;
  /** MIDI numbers of the lowest and the highest written note; null where nothing is said about it. */
  readonly range: readonly [lowest: number, highest: number] | null;
  readonly transposition: Transposition;
};

/** Instruments of which more is known than of their kind: clef and range, in English ASCII, and whose interval they share. */
const KNOWN: Readonly<Record<string, readonly [Clef, lowest: string, highest: string, as?: string]>> = {
  flute: ['treble', 'C4', 'C7'],
  clarinet: ['treble', 'E3', 'C6', 'b-flat'],
};

/** Voices: clef, and the range a trained choir singer has at ease (docs/theory.md, Instruments); written as they sound. */
const VOICES: Readonly<Record<string, readonly [Clef, lowest: string, highest: string]>> = {
  soprano: ['treble', 'C4', 'A5'],
  alto: ['treble', 'F3', 'D5'],
  tenor: ['bass', 'C3', 'A4'],
  bass: ['bass', 'E2', 'D4'],
  'young-voice': ['treble', 'C4', 'E5'],
};

/** Those who can play or sing: concert pitch first, then instruments, then voices. */
export const PLAYER_IDS: readonly string[] = [
  ...INSTRUMENT_IDS,
  ...Object.keys(KNOWN),
  ...Object.keys(VOICES),
];

const AS_WRITTEN: Transposition = { letters: 0, semitones: 0 };

const sounds = (names: readonly [string, string]): readonly [number, number] => [
  midiOf(pitchNamed(names[0])),
  midiOf(pitchNamed(names[1])),
];

/** The player of an id; concert pitch where there is none of it. */
export function playerOf(id: string): Player {
  const found = known(KNOWN, id) ?? known(VOICES, id);
  if (found) {
    const [clef, lowest, highest, as] = found;
    const like = as === undefined ? null : transposingInstrument(as);
    const transposition = like ? { letters: like.letters, semitones: like.semitones } : AS_WRITTEN;
    return { id, clef, range: sounds([lowest, highest]), transposition };
  }
  const instrument = transposingInstrument(id);
  if (!instrument) return { id: CONCERT, clef: 'treble', range: null, transposition: AS_WRITTEN };
  const { clef, range, letters, semitones } = instrument;
  return { id, clef, range: sounds(range), transposition: { letters, semitones } };
}

/** Whether what a player reads is in another key than what sounds; an octave leaves the key as it is. */
export function readsAnotherKey({ transposition }: Pick<Player, 'transposition'>): boolean {
  return transposition.semitones % 12 !== 0;
}

/** Whether somebody sings, and breathes where an instrument goes on. */
export function isVoice(id: string): boolean {
  return known(VOICES, id) !== undefined;
}
