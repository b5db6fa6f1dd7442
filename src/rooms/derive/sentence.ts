import { METHOD_IDS, type MethodId } from '@/core/derive/derivation';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { noteNamed } from '@/core/note/parse';
import type { SpelledNote } from '@/core/note/spelled';
import { DIRECTIONS, type Direction } from '@/core/scale/line';
import { SCALE_IDS, type ScaleId } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES, type SignatureChoice } from '@/core/scale/printed';

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
