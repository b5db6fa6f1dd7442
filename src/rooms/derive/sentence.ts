import { METHOD_IDS, type MethodId } from '@/core/derive/derivation';
import { type MethodProblem, whyNot } from '@/core/derive/methods';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { noteNamed } from '@/core/note/parse';
import type { SpelledNote } from '@/core/note/spelled';
import { DIRECTIONS, type Direction } from '@/core/scale/line';
import { SCALE_IDS, type ScaleId } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES, type SignatureChoice } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';

/** The sentence of the Derive room: the whole task, and how far its working is shown. */
export type DeriveSentence = {
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  readonly method: MethodId;
  /** Steps of the working shown, from 1; null for all of them. */
  readonly step: number | null;
};

/** What stands open before anything was asked: a key with a raised seventh that is not what it sounds like. */
export const FIRST_SENTENCE: DeriveSentence = {
  tonic: noteNamed('C#'),
  scale: 'harmonic-minor',
  direction: 'up',
  clef: 'bass',
  signature: 'written',
  method: 'step-pattern',
  step: 7,
};

/** The words of the sentence that are chosen from a closed list. */
export const CHOICES = {
  scale: SCALE_IDS,
  direction: DIRECTIONS,
  clef: CLEFS,
  signature: SIGNATURE_CHOICES,
  method: METHOD_IDS,
} as const;

export type ChoiceWord = keyof typeof CHOICES;

/** Why the method of a sentence cannot serve its scale, or null where it can, or where the scale cannot be spelled. */
export function methodProblem({ tonic, scale, method }: DeriveSentence): MethodProblem | null {
  const reading = scaleNamed(tonic, scale);
  return reading.ok ? whyNot(reading.scale, method) : null;
}

/** The sentence with a method that serves its scale: its own, or else the steps, which serve every scale. */
export function fitting(sentence: DeriveSentence): DeriveSentence {
  return methodProblem(sentence) ? { ...sentence, method: 'step-pattern', step: null } : sentence;
}
