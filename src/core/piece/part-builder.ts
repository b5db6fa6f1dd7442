import type { Fifths } from '../note/spelled';
import type { Mode } from '../scale/mode';
import {
  type BarEnd,
  type PieceBar,
  type PieceClef,
  type PieceEvent,
  type PieceMeter,
  type PiecePart,
  ticksOfMeter,
} from './piece';

type Open = { -readonly [Name in keyof PieceBar]: PieceBar[Name] } & { events: PieceEvent[] };

/** Builds a part of one line from what follows each other in it: notes, bar lines, changes of signature and meter. */
export class PartBuilder {
  readonly bars: PieceBar[] = [];
  private open: Open = openBar();
  private now = 0;
  private meter: PieceMeter = { beats: 4, unit: 4 };

  constructor(private readonly name: string) {}

  /** Ticks from the beginning of the bar to where the next note begins. */
  get at(): number {
    return this.now;
  }

  get current(): PieceMeter {
    return this.meter;
  }

  clef(clef: PieceClef): void {
    this.open.clefs = [...this.open.clefs, { staff: 0, at: this.now, clef }];
  }

  sign(fifths: Fifths, mode: Mode | null): void {
    if (this.now > 0) this.bar('plain');
    this.open.fifths = fifths;
    this.open.mode = mode;
  }

  time(meter: PieceMeter): void {
    if (this.now > 0) this.bar('plain');
    this.open.meter = meter;
    this.meter = meter;
  }

  add(event: Pick<PieceEvent, 'length' | 'written' | 'grace' | 'tones'>): void {
    this.open.events.push({ ...event, at: this.now, staff: 0, voice: 0 });
    this.now += event.length;
  }

  /** Changes the note before, as a tie or a broken rhythm behind it does; false where there is none in the bar. */
  change(how: (event: PieceEvent) => PieceEvent): boolean {
    const at = this.open.events.findLastIndex(({ grace }) => !grace);
    const last = this.open.events[at];
    if (!last) return false;
    const changed = how(last);
    this.open.events[at] = changed;
    this.now += changed.length - last.length;
    return true;
  }

  /** A bar line; an empty bar is none, and only takes what kind of line it is. */
  bar(end: BarEnd): void {
    const { open } = this;
    if (open.events.length === 0) {
      const last = this.bars.at(-1);
      if (last && end !== 'plain') this.bars[this.bars.length - 1] = { ...last, end };
      return;
    }
    const whole = ticksOfMeter(this.meter);
    const upbeat = this.bars.length === 0 && this.now < whole;
    const number = upbeat ? 0 : (this.bars.at(-1)?.number ?? 0) + 1;
    this.bars.push({ ...open, number, length: this.now || whole, end });
    this.open = openBar();
    this.now = 0;
  }

  /** The part as far as it was built. */
  part(): PiecePart {
    this.bar('plain');
    const last = this.bars.at(-1);
    if (last && last.end !== 'repeat') this.bars[this.bars.length - 1] = { ...last, end: 'final' };
    return { name: this.name, transposition: { letters: 0, semitones: 0 }, staves: 1, bars: this.bars };
  }
}

function openBar(): Open {
  return {
    ...{ number: 0, length: 0, fifths: null, mode: null, meter: null, clefs: [] },
    events: [],
    end: 'plain',
  };
}

/** Parts with as many bars each, and each bar as long in all of them. */
export function evenedParts(parts: readonly PiecePart[]): readonly PiecePart[] {
  const count = Math.max(0, ...parts.map(({ bars }) => bars.length));
  const lengths = Array.from({ length: count }, (_, bar) =>
    Math.max(...parts.map(({ bars }) => bars[bar]?.length ?? 0)),
  );
  return parts.map((part) => ({
    ...part,
    bars: lengths.map((length, bar): PieceBar => {
      const own = part.bars[bar];
      if (own) return own.length === length ? own : { ...own, length };
      const number = parts.find(({ bars }) => bars[bar])?.bars[bar]?.number ?? bar + 1;
      return { ...openBar(), number, length };
    }),
  }));
}
