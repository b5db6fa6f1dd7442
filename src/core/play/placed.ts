import { ledgerLines, staffPlace } from '../instrument/staff';
import { midiOf, type Pitch, pitch } from '../note/pitch';
import { lineOf } from '../scale/line';
import { goesOn } from '../scale/octaves';
import type { Scale } from '../scale/scale';
import { type CellPattern, cellOf, type WalkPlace, walkOf } from './pattern';
import type { Player } from './player';

/** How far a pattern goes: an octave, two, or all that the player has. */
export const PLAY_RANGES = ['one', 'two', 'range'] as const;

export type PlayRange = (typeof PLAY_RANGES)[number];

/** A note of a walk with its pitch, as it is written. */
export type PlacedWalk = WalkPlace & { readonly pitch: Pitch };

/** A walk on the staff; `shortened` where the player does not reach as far as was asked. */
export type WrittenWalk = { readonly notes: readonly PlacedWalk[]; readonly shortened: boolean };

/** The notes of one octave of a scale, from the tonic in octave 0 up: as they are on the way up, and on the way down. */
export function ladder(scale: Scale): (walk: WalkPlace) => Pitch {
  const up = lineOf(scale, 'up', 0).map((each) => each.pitch);
  const down = lineOf(scale, 'down', 0)
    .map((each) => each.pitch)
    .reverse();
  const steps = up.length - 1;
  return ({ place, falling }) => {
    const round = Math.floor(place / steps);
    const found = (falling ? down : up)[place - round * steps] as Pitch;
    return pitch(found.note, found.octave + round);
  };
}

/**
 * Notes of octave 0 in the octave of fewest ledger lines within a player's range, the lower on a tie; null where they
 * lie in none.
 */
export function withinRange(notes: readonly PlacedWalk[], player: Player): readonly PlacedWalk[] | null {
  return plainest(notes, fitting(notes, player), player);
}

/** Octaves in which a tonic is looked for. */
const OCTAVES = [1, 2, 3, 4, 5, 6];

type Low = readonly PlacedWalk[];

/** The same notes so many octaves higher. */
const raised = (notes: Low, octave: number): readonly PlacedWalk[] =>
  notes.map((each) => ({ ...each, pitch: pitch(each.pitch.note, each.pitch.octave + octave) }));

/** The octaves in which notes written in octave 0 lie within a range. */
function fitting(notes: Low, { range }: Player): readonly number[] {
  if (notes.length < 2) return [];
  if (range === null) return OCTAVES;
  const sounds = notes.map((each) => midiOf(each.pitch));
  const [lowest, highest] = [Math.min(...sounds), Math.max(...sounds)];
  return OCTAVES.filter((octave) => lowest + 12 * octave >= range[0] && highest + 12 * octave <= range[1]);
}

/** The octave of fewest ledger lines among some, the lower on a tie; null among none. */
function plainest(notes: Low, octaves: readonly number[], { clef }: Player): readonly PlacedWalk[] | null {
  const ledgers = (octave: number) =>
    notes.reduce((sum, each) => sum + ledgerLines(staffPlace(each.pitch, clef) + 7 * octave), 0);
  const [first] = octaves
    .map((octave) => ({ octave, lines: ledgers(octave) }))
    .toSorted((a, b) => a.lines - b.lines);
  return first ? raised(notes, first.octave) : null;
}

/**
 * A pattern written out for a player: where the player's range says nothing else, in the octave of fewest ledger lines,
 * the lower on a tie. A scale that ends before its octave is walked as far as it goes. Null where not even one octave
 * lies within the range.
 *
 * @param degree the degree it begins and ends on, from 1
 */
export function writtenWalk(
  scale: Scale,
  pattern: CellPattern,
  degree: number,
  range: PlayRange,
  player: Player,
): WrittenWalk | null {
  const cell = cellOf(pattern);
  const steps = scale.ascending.length - 1;
  const home = goesOn(scale) ? Math.min(degree, steps) - 1 : 0;
  const at = ladder(scale);
  const low = (lowest: number, highest: number): Low =>
    walkOf(cell, { lowest, home, highest }).map((each) => ({ ...each, pitch: at(each) }));
  const over = (octaves: number) => {
    const notes = low(home, home + steps * octaves);
    return withinRange(notes, player);
  };
  const one = over(1);
  if (!one) return null;
  if (range === 'one' || !goesOn(scale)) return { notes: one, shortened: false };
  const two = range === 'two' || player.range === null ? over(2) : null;
  if (two) return { notes: two, shortened: false };
  return { notes: wholeRange(low, at, player, home, steps), shortened: range === 'two' };
}

/**
 * The longest walk that lies within the range: up to its top, down to its foot and home, from the lowest home it has. A walk
 * meets the highest place of its range going up and the lowest going down, and none outside, so those two decide.
 */
function wholeRange(
  low: (lowest: number, highest: number) => Low,
  at: (walk: WalkPlace) => Pitch,
  player: Player,
  home: number,
  steps: number,
): readonly PlacedWalk[] {
  const [octave = 0] = fitting(low(home, home + steps), player);
  const [least, most] = player.range ?? [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY];
  const fits = (place: number) =>
    [true, false].every((falling) => {
      const sound = midiOf(at({ place, falling })) + 12 * octave;
      return sound >= least && sound <= most;
    });
  let highest = home + steps;
  while (fits(highest + 1)) highest += 1;
  let lowest = home;
  while (fits(lowest - 1)) lowest -= 1;
  return raised(low(lowest, highest), octave);
}
