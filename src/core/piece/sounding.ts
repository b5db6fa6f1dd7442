import { transposedPitch } from '../instrument/transposing';
import { midiOf, type Pitch } from '../note/pitch';
import { type Fifths, fifths, type SpelledNote } from '../note/spelled';
import { practicalSignature } from '../scale/signature';
import { placesOf } from './move';
import { type Piece, type PieceEvent, type PiecePart, signaturesOf } from './piece';
import { scopedTones } from './scoped';

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
function isWrittenAlike({ parts }: Piece): boolean {
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
  const signatures = first ? signaturesOf(first) : [];
  const bars = [0];
  for (const { length } of first?.bars ?? []) bars.push((bars.at(-1) ?? 0) + length);
  const notes = piece.parts
    .flatMap((part, at) => notesOf(part, at, bars, concert))
    .toSorted((a, b) => a.from - b.from || a.midi - b.midi);
  return {
    notes,
    bars,
    signatures: signatures.map((count) => (first && concert ? concertSignature(first, count) : count)),
    ends: endsOf(piece),
  };
}

/** A signature of a part as it sounds in concert pitch; past seven signs the one that sounds alike. */
export function concertSignature(part: PiecePart, written: Fifths): Fifths {
  return fifths(practicalSignature(written - placesOf(part.transposition)));
}

function notesOf(
  piece: PiecePart,
  part: number,
  starts: readonly number[],
  concert: boolean,
): readonly SoundingNote[] {
  const { bars, transposition } = piece;
  const down = { letters: -transposition.letters, semitones: -transposition.semitones };
  const heard = (pitch: Pitch) =>
    concert && transposition.semitones !== 0 ? transposedPitch(pitch, down) : pitch;
  const found: SoundingNote[] = [];
  /** Where the note of each tone stands among those that were found. */
  const places: (number | undefined)[] = [];
  for (const { bar, event, pitch, reason } of scopedTones(piece)) {
    const begun: PieceEvent | undefined = bars[bar]?.events[event];
    if (!begun) continue;
    const { at, length, grace } = begun;
    const from = (starts[bar] ?? 0) + at;
    const until = from + (grace ? GRACE : length);
    const before = reason.by === 'tie' ? places[reason.tone] : undefined;
    const last = before === undefined ? undefined : found[before];
    if (before !== undefined && last) {
      found[before] = { ...last, until };
      places.push(before);
      continue;
    }
    const sounds = heard(pitch);
    places.push(sounds ? found.length : undefined);
    if (sounds) found.push({ note: sounds.note, midi: midiOf(sounds), from, until, bar, part });
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
