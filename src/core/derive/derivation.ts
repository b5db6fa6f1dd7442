import type { Fifths, SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import type { Scale } from '../scale/scale';
import type { Fact } from './fact';

/** Ways to derive a scale, by the id that addresses and the API use. */
export const METHOD_IDS = [
  'step-pattern',
  'tetrachords',
  'signature',
  'parallel',
  'parent',
  'chain',
  'window',
] as const;

export type MethodId = (typeof METHOD_IDS)[number];

/** One place of the line while it is being worked out. */
export type PlaceState = {
  readonly note: SpelledNote;
  /** `letter`: only the letter is written; `decided`: the note stands. */
  readonly stage: 'letter' | 'decided';
};

export type DerivationStep = {
  readonly fact: Fact;
  /** Places of the line it points at, from 0. */
  readonly at: readonly number[];
  /** The line as it stands after the step. */
  readonly line: readonly PlaceState[];
  /** Signs of the signature that have been put so far, by the order; null for a method that puts none. */
  readonly signs: number | null;
  /** The signature the line stands under so far, where it is not the scale's own yet: that of the parallel major. */
  readonly under: Fifths | null;
};

/** Whether a step is about some notes of a line, and not about all or nearly all of it. */
export function isAboutSome({ at }: Pick<DerivationStep, 'at'>, line: readonly unknown[]): boolean {
  return at.length < Math.max(8, line.length * 0.75);
}

/** A way to an answer, as a value: everything that shows, says or prints a working is read off it. */
export type Derivation = {
  readonly question: { readonly scale: Scale; readonly direction: Direction };
  readonly method: MethodId;
  readonly steps: readonly DerivationStep[];
  readonly answer: readonly SpelledNote[];
};
