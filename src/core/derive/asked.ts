import type { SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import type { Mode } from '../scale/mode';
import type { ScaleId } from '../scale/pattern';
import { TABLES, type Tables } from './tables';

/**
 * What a working starts from: the tonic and the scale's definition. Nothing else in it is spelled, so that what a
 * method writes is its own.
 */
export type Asked = {
  readonly tonic: SpelledNote;
  /** The named scale, or null for typed steps. */
  readonly scale: ScaleId | null;
  /** Steps in semitones, rising, and those of the notes of the descent, counted upwards as well. */
  readonly rising: readonly number[];
  readonly falling: readonly number[];
  /** Whose signature it takes and which degrees it raises above it; null for typed steps. */
  readonly key: { readonly mode: Mode; readonly raised: readonly number[] } | null;
  /** Whether it comes down on other notes than it rose by, as melodic minor does. */
  readonly ownDescent: boolean;
  readonly direction: Direction;
};

/** A named scale as the tables define it; melodic minor comes down as it rose where a class teaches it so. */
export function askedFor(
  tonic: SpelledNote,
  scale: ScaleId,
  direction: Direction,
  {
    tables = TABLES,
    asItRose = false,
  }: { readonly tables?: Tables; readonly asItRose?: boolean | undefined } = {},
): Asked {
  const { rising, falling, mode, raised } = tables.patterns[scale];
  const ownDescent = scale === 'melodic-minor' && !asItRose;
  return {
    tonic,
    scale,
    rising,
    falling: ownDescent ? falling : rising,
    key: { mode, raised },
    ownDescent,
    direction,
  };
}
