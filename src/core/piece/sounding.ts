import { transposedPitch } from '../instrument/transposing';
import { midiOf, type Pitch, pitch } from '../note/pitch';
import { type Fifths, fifths, fifthsOf, type SpelledNote, spelled } from '../note/spelled';
import { practicalSignature } from '../scale/signature';
import { type Piece, type PiecePart, signaturesOf } from './piece';

/** A note of a piece as it sounds; a tied one once. Times in ticks from the beginning of the piece. */
export type SoundingNote = {
  readonly note: SpelledNote;
  readonly midi: number;
  readonly from: number;
  readonly until: number;
  /** Its bar, from 0, and its part. */
  readonly bar: number;
  readonly part: number;
};

/** A piece as it is heard: what its keys are found in. All notes stand in one pitch. */
export type SoundingPiece = {
  /** By when they begin, the lowest first. */
  readonly notes: readonly SoundingNote[];
  /** When each bar begins; one more for the end. */
  readonly bars: readonly number[];
  /** The signature of each bar in the same pitch. */
  readonly signatures: readonly Fifths[];
  /** Bars after which something ends: a double line, a repeat, another signature, the end. */
  readonly ends: readonly number[];
};

/** Whether all parts are written at the same interval above what sounds, so that one written key is that of all. */
export function isWrittenAlike({ parts }: Piece): boolean {
  const [first] = parts;
  return parts.every((part) => part.transposition.semitones === first?.transposition.semitones);
}

/** Grace notes sound a little, so that they are weighed a little. */
const GRACE = 1260; // ticks, a 32nd

/**
 * A piece as it is heard: in its written pitch where all parts are written alike, else in concert pitch. A note that would
 * need a third sign there is left out.
 */
export function soundingPiece(piece: Piece): SoundingPiece {
  const concert = !isWrittenAlike(piece);
  const [first] = piece.parts;
  const bars = [0];
  for (const { length } of first?.bars ?? []) bars.push((bars.at(-1) ?? 0) + length);
  const notes = piece.parts
    .flatMap((part, at) => notesOf(part, at, bars, concert))
    .toSorted((a, b) => a.from - b.from || a.midi - b.midi);
  return { notes, bars, signatures: first ? concertSignatures(first, concert) : [], ends: endsOf(piece) };
}

/** Places on the line of fifths that a transposition moves a signature by: those by which it moves C. */
function placesOf({ transposition }: PiecePart): number {
  const moved = transposedPitch(pitch(spelled('C', 0), 4), transposition);
  return moved ? fifthsOf(moved.note) : 0;
}

function concertSignatures(part: PiecePart, concert: boolean): readonly Fifths[] {
  const moved = concert ? placesOf(part) : 0;
  return signaturesOf(part).map((count) => {
    const there = count - moved;
    return fifths(practicalSignature(there));
  });
}

function notesOf(
  { bars, transposition }: PiecePart,
  part: number,
  starts: readonly number[],
  concert: boolean,
): readonly SoundingNote[] {
  const down = { letters: -transposition.letters, semitones: -transposition.semitones };
  const heard = (pitch: Pitch) =>
    concert && transposition.semitones !== 0 ? transposedPitch(pitch, down) : pitch;
  const found: SoundingNote[] = [];
  /** Notes that are tied on, by their sound: where they stand among those that were found. */
  const held = new Map<string, number>();
  for (const [bar, { events }] of bars.entries())
    for (const { at, length, tones, grace } of events)
      for (const { pitch, tied } of tones) {
        const sounds = heard(pitch);
        if (!sounds) continue;
        const from = (starts[bar] ?? 0) + at;
        const until = from + (grace ? GRACE : length);
        const key = `${midiOf(sounds)} ${fifthsOf(sounds.note)}`;
        const before = held.get(key);
        const last = before === undefined ? undefined : found[before];
        held.delete(key);
        if (before !== undefined && last && last.until === from) {
          found[before] = { ...last, until };
          if (tied) held.set(key, before);
          continue;
        }
        if (tied) held.set(key, found.length);
        found.push({ note: sounds.note, midi: midiOf(sounds), from, until, bar, part });
      }
  return found;
}

function endsOf({ parts }: Piece): readonly number[] {
  const last = (parts[0]?.bars.length ?? 0) - 1;
  const ends = new Set<number>(last >= 0 ? [last] : []);
  for (const { bars } of parts)
    for (const [at, { end, fifths: signed }] of bars.entries()) {
      if (end !== 'plain') ends.add(at);
      if (signed !== null && at > 0) ends.add(at - 1);
    }
  return [...ends].toSorted((a, b) => a - b);
}
