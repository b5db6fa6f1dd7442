import type { MidiData, MidiEvent } from 'midi-file';
import { PIECE_QUARTER, type PieceMeter, ticksOfMeter } from '@/core/piece/piece';
import { PIECE_LIMITS } from '@/core/piece/piece-warning';

/** An event of a file with when it comes, in ticks of a piece. */
export type Timed = { readonly at: number; readonly event: MidiEvent };

/** A bar of a file: when it begins, how long it is, and its meter where that changes. */
export type MidiBar = { readonly at: number; readonly length: number; readonly meter: PieceMeter | null };

/** The events of every track with their times. */
export function timedTracks({ header, tracks }: MidiData): readonly (readonly Timed[])[] {
  const perBeat = header.ticksPerBeat || 480;
  return tracks.map((track) => {
    let at = 0;
    return track.map((event) => {
      at += event.deltaTime;
      return { at: (at * PIECE_QUARTER) / perBeat, event };
    });
  });
}

/** The bars of a file to its end, by its time signatures; four quarters where it has none. */
export function barsOf(events: readonly Timed[], end: number): readonly MidiBar[] {
  const meters = events.flatMap(({ at, event }): { at: number; meter: PieceMeter }[] =>
    event.type === 'timeSignature' && event.numerator > 0
      ? [{ at, meter: { beats: Math.min(64, event.numerator), unit: Math.max(1, event.denominator) } }]
      : [],
  );
  const bars: MidiBar[] = [];
  let meter: PieceMeter = { beats: 4, unit: 4 };
  let at = 0;
  while ((at < end || bars.length === 0) && bars.length < PIECE_LIMITS.bars) {
    const begins = meters.findLast((each) => each.at <= at)?.meter ?? meter;
    const changes = bars.length === 0 || begins.beats !== meter.beats || begins.unit !== meter.unit;
    meter = begins;
    // A meter that changes within a bar ends it there.
    const next = meters.find((each) => each.at > at && each.at < at + ticksOfMeter(meter))?.at;
    const length = next === undefined ? ticksOfMeter(meter) : next - at;
    bars.push({ at, length, meter: changes ? meter : null });
    at += length;
  }
  return bars;
}

/** Parts of a quarter that times are brought to, in 24ths, and how gladly: sixteenths before triplets before 32nds. */
const GRIDS: readonly (readonly [step: number, cost: number])[] = [
  [6, 0],
  [8, 0.8],
  [3, 1.1],
  [4, 1.3],
];

const UNIT = PIECE_QUARTER / 24;

/** A time brought to where it can be written: what was played is never quite there. */
export function snapped(ticks: number): number {
  const at = ticks / UNIT;
  let best = { to: Math.round(at), cost: Number.POSITIVE_INFINITY };
  for (const [step, cost] of GRIDS) {
    const to = Math.round(at / step) * step;
    const all = Math.abs(to - at) + cost;
    if (all < best.cost) best = { to, cost: all };
  }
  return best.to * UNIT;
}
