import type { Clef } from '../../instrument/staff';
import type { MistakeId } from '../../mark/mistakes/all';
import type { SCALE_IDS } from '../../scale/pattern';
import type { SignatureChoice } from '../../scale/printed';
import type { KindId } from '../kinds/all';
import type { TaskId } from './task/all';

/** What is made is counted: a sheet names the maker it was made by, and a later maker still makes it so. */
export const MAKER = '1';

/** Versions for one class, and sheets to make up for a lesson that was missed. */
export const VERSIONS = ['A', 'B', 'C', 'D', 'M1', 'M2'] as const;

export type Version = (typeof VERSIONS)[number];

export const SIGNATURE_WAYS = [...(['written', 'none'] satisfies SignatureChoice[]), 'either'] as const;

export type SignatureWay = (typeof SIGNATURE_WAYS)[number];

/** One sort of question on a sheet: a task, the kind it is made of, and the scales it is about. */
export type Line = {
  readonly task: TaskId;
  readonly kind: KindId;
  readonly scales: readonly (typeof SCALE_IDS)[number][];
};

/** What a sheet is made of. The same recipe makes the same sheet for ever. */
export type Recipe = {
  /** A whole number, 0 to 4,294,967,295. */
  readonly seed: number;
  readonly version: Version;
  /** 1 to 40. */
  readonly count: number;
  readonly lines: readonly Line[];
  /** 0 to 7. */
  readonly maxSigns: number;
  /** At least one. */
  readonly clefs: readonly Clef[];
  readonly signature: SignatureWay;
  /** Mistakes that are to be met, the most frequent first; empty for any. */
  readonly habits: readonly MistakeId[];
};

export const MOST_QUESTIONS = 40;
