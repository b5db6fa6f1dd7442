import { asciiName, type SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { notesOf } from '../scale/line';
import type { Scale } from '../scale/scale';
import type { Derivation } from './derivation';
import { derive, methodsFor } from './methods';
import { tabledNotes } from './tabled';

/**
 * Methods, or the scale as it is spelled, that differ from the table or, where it has no row, from the spelled scale. It
 * must never be; where it is, this is what to report.
 */
export type Disagreement = {
  readonly tonic: string;
  readonly scale: string;
  readonly direction: Direction;
  /** English ASCII names, one a place of the line: the table's, or where it has no row the spelled scale's. */
  readonly wanted: readonly string[];
  readonly answers: readonly { readonly method: string; readonly notes: readonly string[] }[];
};

const names = (notes: readonly SpelledNote[]) => notes.map(asciiName);

function everyWay(scale: Scale, direction: Direction): readonly Derivation[] {
  return methodsFor(scale).flatMap((method) => derive(scale, direction, method) ?? []);
}

/**
 * The methods of a scale that arrive elsewhere, with their answers; null where all agree. The spelled scale is compared
 * with the table as well.
 *
 * @param ways the derivations to compare; left out, those of every method that serves the scale
 */
export function disagreement(
  scale: Scale,
  direction: Direction,
  ways: readonly Derivation[] = everyWay(scale, direction),
): Disagreement | null {
  const spelled = names(notesOf(scale, direction));
  const wanted = tabledNotes(scale, direction) ?? spelled;
  const answers = [
    { method: 'spelled', notes: spelled },
    ...ways.map(({ method, answer }) => ({ method, notes: names(answer) })),
  ];
  const wrong = answers.filter(({ notes }) => notes.join(' ') !== wanted.join(' '));
  if (wrong.length === 0) return null;
  return {
    tonic: asciiName(scale.tonic),
    scale: scale.id ?? scale.rising.join(','),
    direction,
    wanted,
    answers: wrong,
  };
}
