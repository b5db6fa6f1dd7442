import { type MidiData, parseMidi } from 'midi-file';
import { LETTERS, SEMITONES_ABOVE_C } from '@/core/note/letter';
import { type Pitch, pitch } from '@/core/note/pitch';
import { type Fifths, fifths, spelled } from '@/core/note/spelled';
import { QUARTER } from '@/core/play/rhythm';
import { alteredLetters } from '@/core/scale/signature';
import type { Melody, MelodyNote } from '../melody/melody';

/** The most notes that are read of a file. */
const MOST_NOTES = 400;

type Struck = { readonly midi: number; readonly at: number; readonly off: number };

/** The notes of a track with the ticks at which they begin and end, one after the other; of a chord the highest. */
function struckIn(track: MidiData['tracks'][number]): readonly Struck[] {
  const on = new Map<number, number>();
  const struck: Struck[] = [];
  let at = 0;
  for (const event of track) {
    at += event.deltaTime;
    if (event.type === 'noteOn' && event.velocity > 0) on.set(event.noteNumber, at);
    else if (event.type === 'noteOff' || event.type === 'noteOn') {
      const from = on.get(event.noteNumber);
      if (from !== undefined && at > from) struck.push({ midi: event.noteNumber, at: from, off: at });
      on.delete(event.noteNumber);
    }
  }
  const highest = new Map<number, Struck>();
  for (const each of struck) {
    const there = highest.get(each.at);
    if (!there || each.midi > there.midi) highest.set(each.at, each);
  }
  return [...highest.values()].toSorted((a, b) => a.at - b.at).slice(0, MOST_NOTES);
}

/** A sound as a note under a signature: as the signature has it, or as the altered note of the letter below. */
function spelledAs(midi: number, count: Fifths): Pitch {
  const signs = alteredLetters(count);
  const octave = Math.floor(midi / 12) - 1;
  for (const off of [0, 1, -1])
    for (const letter of LETTERS) {
      const alteration = (signs.get(letter)?.alteration ?? 0) + off;
      if (Math.abs(alteration) > 2) continue;
      const sound = SEMITONES_ABOVE_C[letter] + alteration;
      if ((sound + 24) % 12 !== midi % 12) continue;
      const shift = Math.floor(sound / 12);
      return pitch(spelled(letter, alteration as -2 | -1 | 0 | 1 | 2), octave - shift);
    }
  throw new RangeError(`no name for ${midi}`);
}

/** The first track of a MIDI file that has notes, as a line; null where none has, or it is no MIDI file. */
export function readMidiMelody(bytes: Uint8Array, title: string): Melody | null {
  let file: MidiData;
  try {
    file = parseMidi(bytes);
  } catch {
    return null;
  }
  const division = file.header.ticksPerBeat;
  const events = file.tracks.flat();
  const struck = file.tracks.map(struckIn).find((each) => each.length > 0);
  if (!struck || !division) return null;
  const key = events.find((event) => event.type === 'keySignature');
  const time = events.find((event) => event.type === 'timeSignature');
  const name = events.find((event) => event.type === 'trackName');
  const count = key?.type === 'keySignature' && Math.abs(key.key) <= 7 ? key.key : null;
  const ticks = (from: number, to: number) => Math.round((to - from) * 4 * QUARTER) / division / 4;
  const quarters = time?.type === 'timeSignature' ? (time.numerator * 4) / time.denominator : 4;
  const notes: MelodyNote[] = [];
  let at = 0;
  for (const [nth, each] of struck.entries()) {
    const rest = snapped(ticks(at, each.at));
    if (rest > 0) notes.push({ pitch: null, ticks: rest });
    const next = struck[nth + 1]?.at ?? Number.POSITIVE_INFINITY;
    // A little air between two notes is no rest.
    const off = next - each.off < division / 8 ? next : each.off;
    notes.push({ pitch: spelledAs(each.midi, fifths(count ?? 0)), ticks: snapped(ticks(each.at, off)) });
    at = off;
  }
  const first = notes[0];
  const whole = quarters * QUARTER;
  // A rest before the first note is an upbeat's bar, counted from its end.
  const upbeat = first && first.pitch === null && first.ticks < whole ? whole - first.ticks : 0;
  return {
    title: (name?.type === 'trackName' ? name.text.trim() : '') || title,
    fifths: count,
    scale: key?.type === 'keySignature' ? (key.scale === 1 ? 'natural-minor' : 'major') : null,
    quarters,
    upbeat,
    notes: upbeat > 0 ? notes.slice(1) : notes,
    words: [],
  };
}

/** Lengths as they were played, to the nearest sixteenth where they are near one. */
function snapped(ticks: number): number {
  const sixteenth = QUARTER / 4;
  const near = Math.round(ticks / sixteenth) * sixteenth;
  return Math.abs(near - ticks) <= 1 && near > 0 ? near : ticks;
}
