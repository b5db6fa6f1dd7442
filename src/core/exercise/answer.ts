import type { DrawnSign } from '../mark/judging/drawn';
import type { NamedKey } from '../mark/machine/written';
import type { Pitch } from '../note/pitch';
import type { Fifths, SpelledNote } from '../note/spelled';
import type { WrittenNote } from './entry/scale-entry';

/** One thing that was reasoned: the half steps between two degrees of the scale. */
export type Reason = { readonly from: number; readonly to: number; readonly semitones: number };

/** An answer as it was entered, by what it is made of; blank where nothing was written. */
export type Answer =
  | { readonly is: 'blank' }
  /** Notes as they sound, spelled, with what is known of octaves, printed signs and the signature that was drawn. */
  | {
      readonly is: 'scale';
      readonly notes: readonly WrittenNote[];
      readonly signature?: readonly DrawnSign[] | undefined;
    }
  | { readonly is: 'drawn'; readonly signs: readonly DrawnSign[] }
  | { readonly is: 'notes'; readonly notes: readonly SpelledNote[] }
  | {
      readonly is: 'key';
      readonly key: NamedKey;
      /** Whether its first letter was written small. */
      readonly small: boolean;
      readonly reasons: readonly Reason[];
    }
  /** How many signs of which kind, and which; either may be left out. */
  | { readonly is: 'count'; readonly fifths: Fifths | null; readonly signs: readonly SpelledNote[] | null }
  | { readonly is: 'steps'; readonly steps: readonly number[] }
  | { readonly is: 'numeral'; readonly text: string }
  | { readonly is: 'pitch'; readonly pitch: Pitch };

/** What an answer that is no blank is made of. */
export type AnswerForm = Exclude<Answer['is'], 'blank'>;

export type AnswerOf<Form extends AnswerForm> = Extract<Answer, { readonly is: Form }>;

export const BLANK: Answer = { is: 'blank' };
