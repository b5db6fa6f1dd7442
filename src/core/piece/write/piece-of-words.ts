import { pitch } from '../../note/pitch';
import { type Fifths, fifths, spelledOrNull } from '../../note/spelled';
import type {
  BarEnd,
  Piece,
  PieceBar,
  PieceClef,
  PieceEvent,
  PieceMeter,
  PieceTone,
  WrittenLength,
} from '../piece';
import { ticksOf, ticksOfMeter } from '../piece';
import { StaffScope } from '../scope';
import type { BarWord, NoteWord } from './bar-word';

/** What stands at the head of written bars. */
export type PieceHead = {
  readonly title: string;
  readonly fifths: Fifths;
  readonly meter: PieceMeter;
  readonly clef: PieceClef;
};

/** A bar that holds more or less than its meter, in ticks; told, and left as it is. */
export type UnevenBar = { readonly number: number; readonly ticks: number; readonly wanted: number };

export type WrittenPiece = { readonly piece: Piece; readonly uneven: readonly UnevenBar[] };

/** What one bar is made of while it is written. */
type Open = { events: PieceEvent[]; at: number; fifths: Fifths | null; meter: PieceMeter | null };

/**
 * A piece of one line out of written bars. A letter sounds as a reader would read it there: by its own sign, a sign of the
 * bar, or the signature; a tied one as the note it is tied to. Bars without lines are parted by the meter; a first bar that is
 * not full is an upbeat, and has the number 0.
 */
export function pieceOfWords(head: PieceHead, words: readonly BarWord[]): WrittenPiece {
  const writer = new BarWriter(head);
  for (const word of words) writer.take(word);
  return writer.end();
}

class BarWriter {
  private readonly scope: StaffScope;
  private readonly bars: PieceBar[] = [];
  private meter: PieceMeter;
  private open: Open;
  private tied: PieceTone | null = null;
  private number = 1;
  private tones = 0;

  constructor(private readonly head: PieceHead) {
    this.scope = new StaffScope(head.fifths);
    this.meter = head.meter;
    this.open = { events: [], at: 0, fifths: head.fifths, meter: head.meter };
  }

  take(word: BarWord): void {
    switch (word.is) {
      case 'bar':
        if (this.open.events.length > 0) this.close(word.double ? 'double' : 'plain');
        else if (word.double) this.doubled();
        return;
      case 'signature':
        if (this.open.events.length > 0) this.close('plain');
        this.open.fifths = word.fifths;
        this.scope.sign(word.fifths);
        return;
      case 'meter':
        if (this.open.events.length > 0) this.close('plain');
        this.open.meter = word.meter;
        this.meter = word.meter;
        return;
      default:
        this.add(word);
    }
  }

  end(): WrittenPiece {
    if (this.open.events.length > 0 || this.bars.length === 0) this.close('final');
    const last = this.bars.at(-1);
    if (last) this.bars[this.bars.length - 1] = { ...last, end: 'final' };
    const part = { name: '', transposition: { letters: 0, semitones: 0 }, staves: 1, bars: this.bars };
    return { piece: { title: this.head.title, parts: [part] }, uneven: unevenIn(this.bars) };
  }

  /** A double line behind a bar that has been closed. */
  private doubled(): void {
    const last = this.bars.at(-1);
    if (last) this.bars[this.bars.length - 1] = { ...last, end: 'double' };
  }

  private add(word: Exclude<BarWord, { readonly is: 'bar' | 'signature' | 'meter' }>): void {
    const whole = ticksOfMeter(this.meter);
    if (this.open.at >= whole) this.close('plain');
    const written: WrittenLength = { ...word.length, tuplet: word.triplet ? [3, 2] : null };
    const length = ticksOf(written);
    const tones = word.is === 'note' ? [this.tone(word)] : [];
    if (word.is === 'rest') this.tied = null;
    this.open.events.push({
      ...{ at: this.open.at, length, written, grace: false, staff: 0, voice: 0 },
      tones: tones.flatMap((tone) => tone ?? []),
    });
    this.open.at += length;
  }

  private tone({ letter, octave, sign, tied }: NoteWord): PieceTone | null {
    const from = this.tied;
    const goesOn = sign === null && from?.pitch.note.letter === letter && from.pitch.octave === octave;
    const alteration = goesOn
      ? from.pitch.note.alteration
      : (sign ?? this.scope.of(letter, octave).alteration);
    const note = spelledOrNull(letter, alteration);
    if (!note) return null;
    const tone: PieceTone = { pitch: pitch(note, octave), printed: sign, tied };
    if (sign !== null) this.scope.put(tone.pitch, this.tones);
    this.tones += 1;
    this.tied = tied ? tone : null;
    return tone;
  }

  private close(end: BarEnd): void {
    const { events, at, fifths: signed, meter } = this.open;
    const whole = ticksOfMeter(this.meter);
    const upbeat = this.bars.length === 0 && at > 0 && at < whole && end !== 'final';
    if (upbeat) this.number = 0;
    const clefs = this.bars.length === 0 ? [{ staff: 0, at: 0, clef: this.head.clef }] : [];
    this.bars.push({
      ...{ number: this.number, length: at || whole, fifths: signed, mode: null, meter, clefs, events, end },
    });
    this.number += 1;
    this.open = { events: [], at: 0, fifths: null, meter: null };
    this.scope.barLine();
  }
}

/** Bars of another length than their meter has; an upbeat is none, nor is a last bar that gives back what it took. */
function unevenIn(bars: readonly PieceBar[]): readonly UnevenBar[] {
  const [first] = bars;
  let wanted = 0;
  return bars.flatMap(({ number, length, meter }, at): readonly UnevenBar[] => {
    if (meter) wanted = ticksOfMeter(meter);
    if (number === 0 || length === wanted) return [];
    const gives = at === bars.length - 1 && first?.number === 0 && length === wanted - first.length;
    return gives ? [] : [{ number, ticks: length, wanted }];
  });
}

/** An empty head: C, four quarters, the treble clef. */
export const EMPTY_HEAD: PieceHead = {
  ...{ title: '', fifths: fifths(0), meter: { beats: 4, unit: 4 }, clef: { clef: 'treble', octave: 0 } },
};
