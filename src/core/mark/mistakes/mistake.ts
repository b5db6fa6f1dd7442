import type { Clef } from '../../instrument/staff';
import type { SpelledNote } from '../../note/spelled';
import type { Program } from '../machine/answer-operation';

/** What a mistake can be made in: the kinds of question, chords by their notes and by their numerals apart. */
export const SCOPES = [
  'scale',
  'signature',
  'name-signature',
  'name-key',
  'order',
  'steps',
  'name-scale',
  'partner',
  'degree',
  'chord',
  'numeral',
  'transpose',
  'dictation',
  'place',
] as const;

export type Scope = (typeof SCOPES)[number];

/** How weighty a mistake is where several lead to one answer; the lower is named first (docs/theory.md, Mistakes). */
export const RANKS = {
  sound: 0,
  clef: 1,
  form: 2,
  chord: 2.5,
  letters: 2.7,
  signature: 3,
  tonic: 4,
  name: 4.1,
  carried: 5,
  counting: 6,
  misplaced: 7,
  mode: 8,
  slip: 9,
} as const;

/** The n-th of the mistakes in naming a key; the most particular comes first. */
export const namedAs = (nth: number): number => RANKS.name + nth / 100;

type Row = readonly SpelledNote[];

/** What a mistake that alters what was written may know of the question. */
export type RowCase = { readonly scope: Scope; readonly clef: Clef | null };

/**
 * A wrong way of working. It alters the program of a question: leaves an operation out, adds one, changes one, or runs
 * it on wrong data; the rest runs as it should. Or it alters a row that was written. Where what it alters does not
 * stand in the program, it makes nothing.
 */
export type Mistake<Id extends string = string> = {
  readonly id: Id;
  readonly rank: number;
  readonly scopes: readonly Scope[];
  /** The programs it makes of one; none where its operation is not there. */
  readonly alters?: (program: Program) => readonly Program[];
  /** The rows it makes of one that was written, and what of the row it touches. */
  readonly rewrites?: {
    readonly touches: 'one-note' | 'spelling' | 'whole-row';
    readonly rows: (row: Row, about: RowCase) => readonly Row[];
  };
  /** Whether an answer shows it, beside the right one; left out where every answer it leads to does. */
  readonly shows?: (right: Row, written: Row) => boolean;
  /** Worked out by hand: a question and the answer it leads to, by their codes. */
  readonly example: { readonly asked: string; readonly answered: string };
  /** Whether it shows only in a scale that is written up and down, as an exercise must be then. */
  readonly showsComingDown?: boolean;
  /** Where the answer is one name: others it is met with together. */
  readonly metWith?: readonly string[];
};

/** A mistake with its id as a type, so that all lists and words are read off the catalogue. */
export function mistake<const Id extends string>(made: Mistake<Id>): Mistake<Id> {
  return made;
}
