import { Midi } from '@tonejs/midi';

/** Notes that were played one after the other, as MIDI numbers, parted from the next by a rest. */
export type PlayedRun = readonly number[];

export type MidiReading =
  | { readonly ok: true; readonly texts: readonly string[]; readonly runs: readonly PlayedRun[] }
  | { readonly ok: false };

/** Seconds of silence that part one answer from the next. */
const REST = 1;

/** The most runs that are taken from a file, and the most notes of one. */
const MOST_RUNS = 60;
const MOST_NOTES = 64;

/** Reads what was played in a MIDI file: notes in the order in which they begin, those at once from the lowest up. */
export function readMidi(bytes: Uint8Array): MidiReading {
  let midi: Midi;
  try {
    midi = new Midi(bytes);
  } catch {
    return { ok: false };
  }
  const runs: number[][] = [];
  for (const { notes } of midi.tracks) {
    let end = Number.NEGATIVE_INFINITY;
    for (const note of notes.toSorted((a, b) => a.time - b.time || a.midi - b.midi)) {
      const run = runs.at(-1);
      if (!run || note.time - end > REST) runs.push([note.midi]);
      else if (run.length < MOST_NOTES) run.push(note.midi);
      end = Math.max(end, note.time + note.duration);
    }
  }
  const texts = [midi.name, ...midi.tracks.map(({ name }) => name)]
    .map((text) => text.trim())
    .filter(Boolean);
  return { ok: true, texts, runs: runs.slice(0, MOST_RUNS) };
}
