import type { DerivationStep } from '../derive/derivation';
import type { Answer } from '../exercise/answer';
import { pitchesWritten } from '../exercise/entry/scale-entry';
import { letterIndex } from '../note/letter';
import { midiOf, type Pitch, pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import { scaleNamed } from '../scale/scale';
import type { Sound } from './performance';

/** Seconds of a note, of the silence between two rows, of a note of a chord before it is held, and of the whole chord. */
const PACE = { note: 0.5, between: 0.6, broken: 0.35, held: 1.4 } as const;

/** How much of its time a note sounds. */
const SOUNDING = 0.92;

const tone = (midi: number, at: number, lasts: number): Sound => ({
  ...{ voice: 'note', at, lasts: lasts * SOUNDING, midi, note: null },
});

/** Rows of MIDI numbers, note after note, one row after the other with a silence between them. */
export function rowsHeard(rows: readonly (readonly number[])[]): readonly Sound[] {
  let at = 0;
  return rows.flatMap((row) => {
    const sounds = row.map((midi, place) => tone(midi, at + place * PACE.note, PACE.note));
    at += row.length * PACE.note + PACE.between;
    return sounds;
  });
}

/** Chords one after the other: each from the root up, and then held. */
export function chordsHeard(chords: readonly (readonly number[])[]): readonly Sound[] {
  let at = 0;
  return chords.flatMap((chord) => {
    const begins = at;
    const held = begins + chord.length * PACE.broken;
    at = held + PACE.held;
    return [
      ...chord.map((midi, place) => tone(midi, begins + place * PACE.broken, PACE.broken)),
      ...chord.map(
        (midi): Sound => ({ voice: 'chord', at: held, lasts: PACE.held * SOUNDING, midi, note: null }),
      ),
    ];
  });
}

/** Notes from an octave up, each the next of its letter above the one before. */
export function risingPitches(notes: readonly SpelledNote[], octave = 4): readonly Pitch[] {
  const placed: Pitch[] = [];
  for (const note of notes) {
    const before = placed.at(-1);
    const higher = before && letterIndex(note.letter) <= letterIndex(before.note.letter) ? 1 : 0;
    placed.push(pitch(note, (before?.octave ?? octave) + higher));
  }
  return placed;
}

/** MIDI numbers of pitches, so many half steps lower where a player reads them higher than they sound. */
export function sounding(pitches: readonly Pitch[], higher = 0): readonly number[] {
  return pitches.map((each) => midiOf(each) - higher);
}

/**
 * A working step by step: at each step the notes that it decides, as they stand after it; a step that decides nothing is
 * silent. `line` are the pitches of the line when all is done.
 */
export function stepsHeard(
  steps: readonly Pick<DerivationStep, 'line'>[],
  line: readonly Pitch[],
): readonly (readonly Pitch[])[] {
  return steps
    .map((step, nth) =>
      step.line.flatMap((state, place) => {
        const before = steps[nth - 1]?.line[place];
        const octave = line[place]?.octave;
        const same = before?.stage === 'decided' && before.note === state.note;
        if (state.stage !== 'decided' || same || octave === undefined) return [];
        return [pitch(state.note, octave)];
      }),
    )
    .filter((row) => row.length > 0);
}

/** What an answer sounds like: its notes, or the scale of the key it names; null where it has no sound. */
export function answerHeard(answer: Answer): readonly Pitch[] | null {
  switch (answer.is) {
    case 'scale':
      return answer.notes.length > 0 ? pitchesWritten(answer.notes) : null;
    case 'notes':
      return answer.notes.length > 0 ? risingPitches(answer.notes) : null;
    case 'pitch':
      return [answer.pitch];
    case 'key': {
      const { tonic, scale } = answer.key;
      const reading = scale ? scaleNamed(tonic, scale) : null;
      return reading?.ok ? risingPitches(reading.scale.ascending) : null;
    }
    case 'blank':
    case 'drawn':
    case 'count':
    case 'steps':
    case 'numeral':
      return null;
  }
}
