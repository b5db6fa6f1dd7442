import { fifthsOf } from '../../note/spelled';
import type { SoundingNote, SoundingPiece } from '../sounding';

/** What of a note counts: how long it sounds in all, how often it is struck, and in which bars. */
type OfNote = { readonly ticks: number; readonly count: number; readonly bars: readonly number[] };

/** A bass note that another one follows. */
export type BassMove = { readonly from: SoundingNote; readonly to: SoundingNote };

/** What is counted of a piece, once for all keys that it could be in. */
export type Measured = {
  /** By the note's place on the line of fifths. */
  readonly notes: ReadonlyMap<number, OfNote>;
  readonly ticks: number;
  readonly count: number;
  /** Whether there is one line alone, whose notes are its bass too. */
  readonly oneLine: boolean;
  readonly first: SoundingNote;
  readonly last: SoundingNote;
  /** The lowest note on the first strong beat, and at the end. */
  readonly firstBass: SoundingNote;
  readonly lastBass: SoundingNote;
  /** The lowest notes at the ends of sections before the last. */
  readonly inner: readonly SoundingNote[];
  /** Moves of the bass on to the first beat of a bar. */
  readonly moves: readonly BassMove[];
  /** Each note with the one that follows it in its part, by the place of the first on the line of fifths. */
  readonly next: ReadonlyMap<number, readonly BassMove[]>;
};

/** The most bars that are pointed at by one line of evidence. */
export const MOST_POINTED = 12;

/** Counts a piece; null where nothing sounds in it. */
export function measured(piece: SoundingPiece): Measured | null {
  const { notes } = piece;
  const [first] = notes;
  if (!first) return null;
  const lowest = bassLine(notes);
  const end = notes.reduce((latest, each) => Math.max(latest, each.until), 0);
  const last = notes.filter(({ until }) => until === end);
  // The melody is the top of the first part that sounds there.
  const tops = last.filter(({ part }) => part === Math.min(...last.map((each) => each.part)));
  const begins = notes.filter(({ from, part }) => from === first.from && part === first.part);
  const strong = piece.bars.find((at) => at >= first.from) ?? first.from;
  return {
    ...counted(notes),
    oneLine: notes.every((each, at) => at === 0 || each.from >= (notes[at - 1]?.until ?? 0)),
    first: begins.at(-1) ?? first,
    last: tops.at(-1) ?? first,
    firstBass: lowest.find(({ from, until }) => from <= strong && until > strong) ?? first,
    lastBass: last[0] ?? first,
    inner: piece.ends.slice(0, -1).flatMap((bar) => lastIn(lowest, bar) ?? []),
    moves: lowest.flatMap((to, at) => {
      const from = lowest[at - 1];
      return from && piece.bars[to.bar] === to.from ? [{ from, to }] : [];
    }),
    next: followed(notes),
  };
}

const lastIn = (line: readonly SoundingNote[], bar: number): SoundingNote | undefined =>
  line.findLast((each) => each.bar === bar);

function counted(notes: readonly SoundingNote[]): Pick<Measured, 'notes' | 'ticks' | 'count'> {
  const found = new Map<number, { ticks: number; count: number; bars: number[] }>();
  let all = 0;
  for (const { note, from, until, bar } of notes) {
    const place = fifthsOf(note);
    const own = found.get(place) ?? { ticks: 0, count: 0, bars: [] };
    own.ticks += until - from;
    own.count += 1;
    if (own.bars.at(-1) !== bar && own.bars.length < MOST_POINTED) own.bars.push(bar);
    found.set(place, own);
    all += until - from;
  }
  return { notes: found, ticks: all, count: notes.length };
}

/** The lowest note at each time at which one begins, each once. */
function bassLine(notes: readonly SoundingNote[]): readonly SoundingNote[] {
  const line: SoundingNote[] = [];
  let sounding: SoundingNote[] = [];
  let at = 0;
  while (at < notes.length) {
    const { from } = notes[at] as SoundingNote;
    sounding = sounding.filter(({ until }) => until > from);
    while (notes[at]?.from === from) {
      sounding.push(notes[at] as SoundingNote);
      at += 1;
    }
    const lowest = sounding.reduce((low, each) => (each.midi < low.midi ? each : low));
    if (line.at(-1) !== lowest) line.push(lowest);
  }
  return line;
}

function followed(notes: readonly SoundingNote[]): Measured['next'] {
  const next = new Map<number, BassMove[]>();
  const before = new Map<number, SoundingNote[]>();
  for (const to of notes) {
    const waiting = before.get(to.part) ?? [];
    const left: SoundingNote[] = [];
    for (const from of waiting) {
      if (from.until > to.from) left.push(from);
      else if (from.until === to.from && Math.abs(from.midi - to.midi) <= 2) {
        const place = fifthsOf(from.note);
        const moves = next.get(place) ?? [];
        moves.push({ from, to });
        next.set(place, moves);
        // Another tone that begins at the same time may be the one it goes to.
        left.push(from);
      } else if (from.until === to.from) left.push(from);
    }
    left.push(to);
    before.set(to.part, left);
  }
  return next;
}
