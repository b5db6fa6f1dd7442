import { asciiName, type SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import type { Scale } from '../scale/scale';
import { isTabled, SCALE_TABLE, tableScale } from '../scale/scale-table';

/**
 * The notes of a scale as the table written by hand has them, in English ASCII names, one a place of the line. Null
 * where it has no row for the scale. A minor that comes down as it went up has its rising notes turned round.
 */
export function tabledNotes(
  { id, tonic, rising, falling }: Scale,
  direction: Direction,
): readonly string[] | null {
  const row = SCALE_TABLE.find((each) => each.tonic === asciiName(tonic));
  if (!row || id === null || !isTabled(id)) return null;
  const { up, down: written } = tableScale(row, id);
  const turned = rising.every((step, at) => step === falling[falling.length - 1 - at]);
  const down = turned ? [...up].reverse() : written;
  return { up, down, both: [...up, ...down.slice(1)] }[direction];
}

/** Whether notes are those of the table, or the table has none to compare with. */
export function isAsTabled(scale: Scale, direction: Direction, notes: readonly SpelledNote[]): boolean {
  const wanted = tabledNotes(scale, direction);
  return wanted === null || wanted.join(' ') === notes.map(asciiName).join(' ');
}
