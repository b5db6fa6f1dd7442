import type { Key } from '../harmony/key';
import { type Clef, ledgerLines, staffPlace } from '../instrument/staff';
import { type Transposing, type Transposition, transposedPitch } from '../instrument/transposing';
import { pitchNamed } from '../note/parse';
import { heightOf, midiOf, type Pitch, pitch } from '../note/pitch';
import { enharmonics, type Fifths, fifths, fifthsOf, spelled } from '../note/spelled';
import { practicalSignature } from '../scale/signature';
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
function movedPitch(
  from: Pitch,
  interval: Transposition,
): { readonly pitch: Pitch; readonly respelled: boolean } {
  const moved = transposedPitch(from, interval);
  if (moved) return { pitch: moved, respelled: false };
  const simple = enharmonics(from.note)[0] ?? from.note;
  const octave = Math.round((midiOf(from) - midiOf(pitch(simple, 0))) / 12);
  const other = transposedPitch(pitch(simple, octave), interval);
  return { pitch: other ?? from, respelled: true };
}

/** A part moved by an interval: every note, and each signature with it; past seven signs its twin. */
function movedPart(
  part: PiecePart,
  interval: Transposition,
): { readonly part: PiecePart; readonly respelled: number } {
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
      return {
        ...each,
        pitch: moved.pitch,
        printed: each.printed === null ? null : moved.pitch.note.alteration,
      };
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

/** Ledger lines that notes of a part need in a clef, moved by so many octaves. */
function ledgersOf({ bars }: PiecePart, clef: Clef, octaves: number): number {
  let lines = 0;
  for (const { events } of bars)
    for (const { tones } of events)
      for (const { pitch: each } of tones) lines += ledgerLines(staffPlace(each, clef) + 7 * octaves);
  return lines;
}

/** Octaves that a part may be moved by. */
const OCTAVES = [0, 1, -1, 2, -2, 3, -3];

/**
 * A part in the clef of an instrument and within its range: by as few octaves as that takes, and where no octave is within
 * it, by those of fewest ledger lines.
 */
export function withinInstrument(
  part: PiecePart,
  { clef, range }: Pick<Transposing, 'clef' | 'range'>,
): { readonly part: PiecePart; readonly octaves: number } {
  const sounds = part.bars.flatMap(({ events }) =>
    events.flatMap(({ tones }) => tones.map((tone) => midiOf(tone.pitch))),
  );
  const lowest = sounds.reduce((low, each) => Math.min(low, each), 127);
  const highest = sounds.reduce((high, each) => Math.max(high, each), 0);
  const [least, most] = range.map((name) => midiOf(pitchNamed(name))) as [number, number];
  const within = OCTAVES.filter(
    (octaves) => lowest + 12 * octaves >= least && highest + 12 * octaves <= most,
  );
  const byLines = OCTAVES.toSorted((a, b) => ledgersOf(part, clef, a) - ledgersOf(part, clef, b));
  const octaves = within.toSorted((a, b) => byLines.indexOf(a) - byLines.indexOf(b))[0] ?? byLines[0] ?? 0;
  const moved = movedPart(part, { letters: 7 * octaves, semitones: 12 * octaves }).part;
  const clefs = Array.from({ length: part.staves }, (_, staff) => ({
    staff,
    at: 0,
    clef: { clef, octave: 0 as const },
  }));
  const bars = moved.bars.map((bar, at) => ({ ...bar, clefs: at === 0 ? clefs : [] }));
  return { part: { ...moved, bars }, octaves };
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
