import { asciiName, type SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { notesOf } from '../scale/line';
import type { Scale } from '../scale/scale';
import type { Derivation } from './derivation';
import { areSameNotes, derive, methodsFor } from './methods';

/** Methods that do not arrive at the notes of the scale. It must never be; where it is, this is what to report. */
export type Disagreement = {
  readonly tonic: string;
  readonly scale: string;
  readonly direction: Direction;
  /** English ASCII names, one a place of the line. */
  readonly wanted: readonly string[];
  readonly answers: readonly { readonly method: string; readonly notes: readonly string[] }[];
};

const names = (notes: readonly SpelledNote[]) => notes.map(asciiName);

function everyWay(scale: Scale, direction: Direction): readonly Derivation[] {
  return methodsFor(scale).flatMap((method) => derive(scale, direction, method) ?? []);
}

/**
 * The methods of a scale that arrive elsewhere, with their answers; null where all agree.
 *
 * @param ways the derivations to compare; left out, those of every method that serves the scale
 */
export function disagreement(
  scale: Scale,
  direction: Direction,
  ways: readonly Derivation[] = everyWay(scale, direction),
): Disagreement | null {
  const wanted = notesOf(scale, direction);
  const wrong = ways.filter(({ answer }) => !areSameNotes(answer, wanted));
  if (wrong.length === 0) return null;
  return {
    tonic: asciiName(scale.tonic),
    scale: scale.id ?? scale.rising.join(','),
    direction,
    wanted: names(wanted),
    answers: wrong.map(({ method, answer }) => ({ method, notes: names(answer) })),
  };
}
