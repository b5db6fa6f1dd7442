import type { ScaleOperation } from '../../derive/machine/operation';
import type { Pitch } from '../../note/pitch';
import type { SpelledNote } from '../../note/spelled';
import type { Mode } from '../../scale/mode';
import type { ScaleId } from '../../scale/pattern';

/** How the major key of a signature is found: by its rule, or by one that is not its own. */
export type MajorRule =
  | 'own'
  /** The last sign itself. */
  | 'last-sign'
  /** The last sharp but one; a half step above the last flat, on the next letter or on its own. */
  | 'other-kind'
  | 'other-kind-one-letter'
  | 'half-step-below'
  | 'whole-step-below';

/**
 * What somebody does who answers a question: works out a scale as far as it is needed, and reads off what was asked. The
 * last operation writes the answer.
 */
export type AnswerOperation =
  | ScaleOperation
  /** What the question gives: a number of signs, flats negative; a key; a pitch. */
  | { readonly op: 'given-signs'; readonly count: number }
  | { readonly op: 'given-key'; readonly tonic: SpelledNote; readonly scale: ScaleId }
  | { readonly op: 'given-pitch'; readonly pitch: Pitch }
  /** Put a raised degree of minor into the signature. */
  | { readonly op: 'sign-raised'; readonly degree: number }
  | { readonly op: 'find-major'; readonly rule: MajorRule }
  /** From the major key in hand to the tonic of a mode with its signature. */
  | { readonly op: 'to-mode'; readonly mode: Mode }
  /** To the relative by its third, to the other mode on the same tonic, to the twin twelve places off, to a neighbour. */
  | { readonly op: 'to-partner'; readonly way: 'own' | 'wrong' }
  | { readonly op: 'other-mode' }
  | { readonly op: 'respell' }
  | { readonly op: 'go-fifths'; readonly places: number }
  /** Name the scale by which degrees are raised, or as another one. */
  | { readonly op: 'name-form'; readonly as: ScaleId | null }
  | { readonly op: 'say-key'; readonly scale: ScaleId | null; readonly sign: 'said' | 'left-out' }
  | { readonly op: 'say-step'; readonly semitones: number }
  /** Say the steps that were named, or those between the notes that were written. */
  | { readonly op: 'say-steps'; readonly of: 'named' | 'notes' }
  | { readonly op: 'write-notes' }
  | { readonly op: 'write-signs' }
  | { readonly op: 'read-degree'; readonly degree: number; readonly sign: 'said' | 'left-out' }
  | { readonly op: 'read-row'; readonly degrees: readonly number[] }
  /** Stack thirds on a degree, and write the notes or say the numeral. */
  | { readonly op: 'stack'; readonly degree: number; readonly size: 3 | 4 }
  | { readonly op: 'write-chord' }
  | {
      readonly op: 'say-numeral';
      readonly counted: 'in-the-key' | 'in-the-relative' | 'one-further';
      readonly letters: 'by-quality' | 'swapped';
      readonly marked: boolean;
    }
  /** Move a pitch by letters and semitones within an octave, then by octaves. */
  | { readonly op: 'move'; readonly letters: number; readonly semitones: number }
  | { readonly op: 'move-octaves'; readonly octaves: number }
  | { readonly op: 'say-pitch' };

/** A working of an answer, from what is given to what is written. */
export type Program = readonly AnswerOperation[];

export type OfAnswer<Code extends AnswerOperation['op']> = Extract<AnswerOperation, { readonly op: Code }>;
