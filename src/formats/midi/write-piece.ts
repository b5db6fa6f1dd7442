import { type MidiEvent, writeMidi } from 'midi-file';
import { PIECE_QUARTER, type Piece, type PiecePart } from '@/core/piece/piece';
import { concertSignature, soundingPiece } from '@/core/piece/sounding';

const DIVISION = 480;
const LOUD = 80; // of 127
const TICKS = PIECE_QUARTER / DIVISION;

type Timed = { readonly at: number; readonly event: Omit<MidiEvent, 'deltaTime'> };

/** Events in the order in which they come, what ends before what begins. */
function track(events: readonly Timed[]): MidiEvent[] {
  const first = ({ event }: Timed) => (event.type === 'noteOff' ? 0 : event.type === 'noteOn' ? 2 : 1);
  let now = 0;
  const sorted = events.toSorted((a, b) => a.at - b.at || first(a) - first(b));
  return [
    ...sorted,
    { at: sorted.at(-1)?.at ?? 0, event: { meta: true, type: 'endOfTrack' } as Timed['event'] },
  ].map(({ at, event }) => {
    const deltaTime = Math.round(at / TICKS) - now;
    now += deltaTime;
    return { ...event, deltaTime } as MidiEvent;
  });
}

/**
 * A piece as a standard MIDI file, as it sounds: a track for its meters and signatures, and one for each part. Tied notes are
 * one, and grace notes take a little of what follows them. https://midi.org/standard-midi-files
 *
 * @param tempo quarters a minute
 */
export function writeMidiPiece(piece: Piece, tempo: number): Uint8Array {
  const tracks = [headOf(piece, tempo), ...piece.parts.map((part, at) => partTrack(part, at % 9))];
  return Uint8Array.from(
    writeMidi({
      header: { format: 1, numTracks: tracks.length, ticksPerBeat: DIVISION },
      tracks: tracks.map(track),
    }),
  );
}

function headOf({ title, parts }: Piece, tempo: number): readonly Timed[] {
  const events: Timed[] = [
    { at: 0, event: { meta: true, type: 'trackName', text: title } as Timed['event'] },
    {
      at: 0,
      event: {
        meta: true,
        type: 'setTempo',
        microsecondsPerBeat: Math.round(60_000_000 / tempo),
      } as Timed['event'],
    },
  ];
  const [first] = parts;
  if (!first) return events;
  let at = 0;
  for (const { meter, fifths, mode, length } of first.bars) {
    if (meter)
      events.push({
        at,
        event: {
          ...{ meta: true, type: 'timeSignature', numerator: meter.beats, denominator: meter.unit },
          ...{ metronome: 24, thirtyseconds: 8 },
        } as Timed['event'],
      });
    if (fifths !== null)
      events.push({
        at,
        event: {
          ...{ meta: true, type: 'keySignature', key: concertSignature(first, fifths) },
          scale: mode === 'minor' ? 1 : 0,
        } as Timed['event'],
      });
    at += length;
  }
  return events;
}

function partTrack(part: PiecePart, channel: number): readonly Timed[] {
  const { notes } = soundingPiece({ title: '', parts: [part] });
  const down = part.transposition.semitones;
  return [
    { at: 0, event: { meta: true, type: 'trackName', text: part.name } as Timed['event'] },
    ...notes.flatMap(({ midi, from, until }): readonly Timed[] => {
      const noteNumber = midi - down;
      if (noteNumber < 0 || noteNumber > 127) return [];
      return [
        { at: from, event: { channel, type: 'noteOn', noteNumber, velocity: LOUD } as Timed['event'] },
        { at: until, event: { channel, type: 'noteOff', noteNumber, velocity: 0 } as Timed['event'] },
      ];
    }),
  ];
}
