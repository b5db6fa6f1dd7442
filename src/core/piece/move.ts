import { type Transposition, transposedPitch } from '../instrument/transposing';
import { heightOf, midiOf, type Pitch, pitch } from '../note/pitch';
import { enharmonics, type Fifths, fifths, fifthsOf, spelled } from '../note/spelled';
import { practicalSignature } from '../scale/signature';
import type { Key } from '../harmony/key';
import type { Piece, PieceBar, PiecePart, PieceTone } from './piece';

/** A piece in another key, and how many of its notes had to be written as those that sound alike. */
export type Moved = { readonly piece: Piece; readonly respelled: number };

/** The interval from one tonic to another, the shorter way: no more than half an octave up or down. */
export function intervalTo(from: Key, to: Key): Transposition {
  const [one, other] = [pitch(from.tonic, 4), pitch(to.tonic, 4)];
  const letters = heightOf(other) - heightOf(one);
  const semitones = midiOf(other) - midiOf(one);
  if (semitones > 6) return { letters: letters - 7, semitones: semitones - 12 };
  if (semitones < -6) return { letters: letters + 7, semitones: semitones + 12 };
  return { letters, semitones };
}

/** Places on the line of fifths that an interval moves a signature by. */
export function placesOf(interval: Transposition): number {
  const moved = transposedPitch(pitch(spelled('C', 0), 4), interval);
  return moved ? fifthsOf(moved.note) : 0;
}

/** An interval whose signature would pass seven signs, as the one to the key that sounds alike. */
function practical(interval: Transposition, count: number): Transposition {
  const there = count + placesOf(interval);
  if (Math.abs(there) <= 7) return interval;
  // Twelve places along the line of fifths a letter further or nearer sounds the same.
  return { letters: interval.letters + (there > 0 ? 1 : -1), semitones: interval.semitones };
}

/** A pitch that needs a third sign after its move is written as the one that sounds alike with fewest signs. */
function movedPitch(from: Pitch, interval: Transposition): { readonly pitch: Pitch; readonly respelled: boolean } {
  const moved = transposedPitch(from, interval);
  if (moved) return { pitch: moved, respelled: false };
  const simple = enharmonics(from.note)[0] ?? from.note;
  const octave = Math.round((midiOf(from) - midiOf(pitch(simple, 0))) / 12);
  const other = transposedPitch(pitch(simple, octave), interval);
  return { pitch: other ?? from, respelled: true };
}

/** A part moved by an interval: every note, and each signature with it; past seven signs its twin. */
export function movedPart(part: PiecePart, interval: Transposition): { readonly part: PiecePart; readonly respelled: number } {
  if (interval.letters === 0 && interval.semitones === 0) return { part, respelled: 0 };
  let respelled = 0;
  let count: Fifths = fifths(0);
  const bars = part.bars.map((bar): PieceBar => {
    count = bar.fifths ?? count;
    const own = practical(interval, count);
    const tone = (each: PieceTone): PieceTone => {
      const moved = movedPitch(each.pitch, own);
      if (moved.respelled) respelled += 1;
      // A reminder that the source prints stays one; its sign moves with the note.
      return { ...each, pitch: moved.pitch, printed: each.printed === null ? null : moved.pitch.note.alteration };
    };
    return {
      ...bar,
      fifths: bar.fifths === null ? null : fifths(practicalSignature(bar.fifths + placesOf(own))),
      events: bar.events.map((event) => ({ ...event, tones: event.tones.map(tone) })),
    };
  });
  return { part: { ...part, bars }, respelled };
}

/** A piece moved by an interval. */
export function movedPiece({ title, parts }: Piece, interval: Transposition): Moved {
  const moved = parts.map((part) => movedPart(part, interval));
  return {
    piece: { title, parts: moved.map(({ part }) => part) },
    respelled: moved.reduce((sum, each) => sum + each.respelled, 0),
  };
}

/** Each part as it sounds, at concert pitch. */
export function atConcertPitch({ title, parts }: Piece): Moved {
  const moved = parts.map((part) => {
    const { letters, semitones } = part.transposition;
    const found = movedPart(part, { letters: -letters || 0, semitones: -semitones || 0 });
    return { ...found, part: { ...found.part, transposition: { letters: 0, semitones: 0 } } };
  });
  return {
    piece: { title, parts: moved.map(({ part }) => part) },
    respelled: moved.reduce((sum, each) => sum + each.respelled, 0),
  };
}

/** A piece as an instrument reads it: each part first at concert pitch, then by the instrument's interval. */
export function forInstrument(piece: Piece, transposition: Transposition): Moved {
  const concert = atConcertPitch(piece);
  const moved = movedPiece(concert.piece, transposition);
  return {
    piece: { ...moved.piece, parts: moved.piece.parts.map((part) => ({ ...part, transposition })) },
    respelled: concert.respelled + moved.respelled,
  };
}
