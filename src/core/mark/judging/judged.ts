import type { Pitch } from '../../note/pitch';
import type { Alteration, Fifths, SpelledNote } from '../../note/spelled';
import type { Explanation } from '../explain/rank';
import type { NamedKey } from '../machine/written';
import type { Parts } from './parts';

/** What stands at a place of an answer that is not as it should be. Findings are always given; habits explain them. */
export const NOTE_FINDINGS = [
  'wrong-sign',
  'respelled',
  'wrong-note',
  'letter-skipped',
  'letter-repeated',
  'top-differs',
  'note-missing',
  'note-extra',
] as const;

/** What a finding can be: at notes, in the way of writing, in a signature, in a name (docs/theory.md, Mistakes). */
export const FINDING_CODES = [
  ...NOTE_FINDINGS,
  'wrong-octave',
  'wrong-direction',
  'step-wrong',
  'sign-repeated',
  'sign-needed',
  'sign-misplaced',
  'sign-unwanted',
  'cancelling-unwanted',
  'order-wrong',
  'place-wrong',
  'mixed',
  'mode-unsaid',
  'mode-differs',
  'capital',
  'count-differs',
  'kind-differs',
  'count-and-list-differ',
  'numeral-differs',
  'reason-wrong',
  'inverted',
  'more-than-asked',
  'nothing-given',
] as const;

export type FindingCode = (typeof FINDING_CODES)[number];

/** What was expected or given at a place, by its kind. */
export type Thing =
  | { readonly is: 'note'; readonly note: SpelledNote }
  | { readonly is: 'pitch'; readonly pitch: Pitch }
  | { readonly is: 'sign'; readonly sign: Alteration | null }
  | { readonly is: 'step'; readonly semitones: number }
  /** A key, or a scale where `form` tells one minor form from another; `small` as it was written. */
  | {
      readonly is: 'key';
      readonly key: NamedKey;
      readonly form: boolean;
      readonly small?: boolean;
    }
  | { readonly is: 'count'; readonly fifths: Fifths }
  | { readonly is: 'numeral'; readonly text: string }
  | { readonly is: 'way'; readonly way: 'up' | 'down' };

export type Finding = {
  readonly code: FindingCode;
  /** Place in the answer, from 0; null where a note is missing or the whole answer is meant. */
  readonly index: number | null;
  readonly expected: Thing | null;
  readonly got: Thing | null;
};

/** What is tested on an answer, each by itself. */
export const MARK_CHECKS = [
  'first-is-tonic',
  'steps-in-order',
  'all-seven-letters',
  'none-skipped',
  'none-twice',
  'top-as-bottom',
  'asked-scale',
  'signature-in-order',
  'signature-in-place',
  'signature-count',
  'first-heard',
  'letter-right',
  'sign-right',
  'mode-said',
  'mode-right',
  'count-agrees',
  'sum',
  'reasons-hold',
  'name-follows',
] as const;

export type MarkCheck = {
  readonly check: (typeof MARK_CHECKS)[number];
  /** Null where the answer gives nothing to test. */
  readonly holds: boolean | null;
  /** Places of the answer where it fails, from 0. */
  readonly at: readonly number[];
  /** What stands in the sentence: what was expected, then what is there. */
  readonly about: readonly Thing[];
};

/** What came of an answer. Marks are counted apart, by the class's scheme. */
export type Judged = {
  readonly correct: boolean;
  readonly findings: readonly Finding[];
  /** What explains it, the weightiest first; none where it is right and where nothing fits. */
  readonly causes: readonly Explanation[];
  readonly checks: readonly MarkCheck[];
  /** Places of the answer that are wrong, from 0: those the causes explain. */
  readonly wrong: readonly number[];
  readonly parts: Parts;
};

export const noteThing = (note: SpelledNote): Thing => ({ is: 'note', note });

/** Whether all the signs of a signature are there, and only their order or their places are wrong. */
export function isDrawnWrong({ findings }: Pick<Judged, 'findings'>): boolean {
  return (
    findings.length > 0 && findings.every(({ code }) => code === 'order-wrong' || code === 'place-wrong')
  );
}
