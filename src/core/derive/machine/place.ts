import { type Letter, letterAfter } from '../../note/letter';
import type { Direction } from '../../scale/direction';
import { heightsOfSteps } from '../../scale/uneven';
import type { Asked } from '../asked';
import type { Tables } from '../tables';

/** A place of the line before its note is known: all that letters and counting give. */
export type Place = {
  readonly letter: Letter;
  /** Letters above the lower tonic. */
  readonly above: number;
  /** 1 to 8; 8 is the upper tonic. */
  readonly degree: number;
  /** Whether it belongs to the way down. The top note of `both` counts as the way up. */
  readonly falling: boolean;
  /** Whether it is the tonic, below or above. */
  readonly home: boolean;
};

const OCTAVE = 7; // letters

/** Letters above the tonic where the notes of the chromatic scale stand: the key's, and between them on one of two. */
function chromaticHeights({ patterns }: Tables, falling: boolean): readonly number[] {
  return [
    0,
    ...patterns.major.rising.flatMap((step, below) => {
      const between = falling ? below + 1 : below;
      return [...Array.from({ length: step - 1 }, () => between), below + 1];
    }),
  ];
}

/** One letter a note from the tonic up; patterns of other lengths take the letters of their simplest spelling. */
function heightsOf(asked: Asked, tables: Tables, falling: boolean): readonly number[] | null {
  const steps = falling ? asked.falling : asked.rising;
  if (asked.scale === 'chromatic') return chromaticHeights(tables, falling);
  const whole = steps.length === 7 || asked.scale !== null;
  return whole ? Array.from({ length: steps.length + 1 }, (_, at) => at) : heightsOfSteps(asked.tonic, steps);
}

function oneWay(start: Letter, heights: readonly number[], falling: boolean): readonly Place[] {
  return heights.map((above, at) => ({
    letter: letterAfter(start, above),
    above,
    degree: above + 1,
    falling,
    home: at === 0 || (above === OCTAVE && at === heights.length - 1),
  }));
}

function laid(start: Letter, up: readonly number[], down: readonly number[], direction: Direction) {
  const rising = oneWay(start, up, false);
  if (direction === 'up') return rising;
  const falling = oneWay(start, down, true).toReversed();
  return direction === 'down' ? falling : [...rising, ...falling.slice(1)];
}

const EVEN = new Map<string, readonly Place[]>();

/**
 * The places of the line that is asked for, from a letter; null where typed steps cannot be spelled. The line of
 * `both` has its top note once.
 */
export function placesOf(asked: Asked, tables: Tables, start: Letter): readonly Place[] | null {
  const { direction, rising, scale } = asked;
  // One letter a note depends on nothing else, and is laid again and again.
  const even = rising.length === 7;
  const key = `${start}${direction}`;
  const known = even ? EVEN.get(key) : undefined;
  if (known) return known;
  const up = heightsOf(asked, tables, false);
  const down = scale === 'chromatic' ? heightsOf(asked, tables, true) : up;
  if (!up || !down) return null;
  const places = laid(start, up, down, direction);
  if (even) EVEN.set(key, places);
  return places;
}
