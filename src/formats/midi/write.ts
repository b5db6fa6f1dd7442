import { type MidiEvent, writeMidi } from 'midi-file';
import { midiOf } from '@/core/note/pitch';
import type { Part } from '@/core/play/part';
import { QUARTER } from '@/core/play/rhythm';
import { PATTERNS } from '@/core/scale/pattern';

/** The registered media type of a MIDI file. */
export const MIDI_TYPE = 'audio/midi';

/** Ticks of a quarter in the file; a whole number of them is in every tick of a part. */
const DIVISION = 480;

const LOUD = 80; // of 127

/**
 * A part as a standard MIDI file of one track, as it sounds: title, tempo, bars, the key, notes.
 * https://midi.org/standard-midi-files
 *
 * @param tempo quarters a minute
 */
export function writeMidiPart(part: Part, title: string, tempo: number): Uint8Array {
  const { concert } = part;
  const key = concert.signature !== null && Math.abs(concert.signature) <= 7 ? concert.signature : null;
  const minor = concert.id !== null && PATTERNS[concert.id].mode === 'minor';
  const head: MidiEvent[] = [
    { deltaTime: 0, meta: true, type: 'trackName', text: title },
    { deltaTime: 0, meta: true, type: 'setTempo', microsecondsPerBeat: Math.round(60_000_000 / tempo) },
    {
      ...{ deltaTime: 0, meta: true, type: 'timeSignature', numerator: part.meter, denominator: 4 },
      ...{ metronome: 24, thirtyseconds: 8 },
    },
    ...(key === null
      ? []
      : [{ deltaTime: 0, meta: true, type: 'keySignature', key, scale: minor ? 1 : 0 } as const]),
  ];
  let at = 0;
  const since = (tick: number) => {
    const deltaTime = tick - at;
    at = tick;
    return deltaTime;
  };
  const notes = part.bars.flat().flatMap((beat): MidiEvent[] => {
    const note = beat.note === null ? undefined : part.notes[beat.note];
    if (!note) return [];
    const noteNumber = midiOf(note.pitch) - part.transposition.semitones;
    const [on, off] = [beat.start, beat.start + beat.length].map((tick) => (tick * DIVISION) / QUARTER);
    return [
      { deltaTime: since(on ?? 0), channel: 0, type: 'noteOn', noteNumber, velocity: LOUD },
      { deltaTime: since(off ?? 0), channel: 0, type: 'noteOff', noteNumber, velocity: 0 },
    ];
  });
  const end: MidiEvent = { deltaTime: 0, meta: true, type: 'endOfTrack' };
  return Uint8Array.from(
    writeMidi({
      header: { format: 0, numTracks: 1, ticksPerBeat: DIVISION },
      tracks: [[...head, ...notes, end]],
    }),
  );
}
