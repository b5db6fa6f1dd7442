import { METHOD_IDS, type MethodId } from '@/core/derive/derivation';
import type { MethodProblem } from '@/core/derive/method';
import { whyNot } from '@/core/derive/methods';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { AS_USUAL, type Ways } from '@/core/instrument/ways';
import { noteNamed } from '@/core/note/parse';
import type { SpelledNote } from '@/core/note/spelled';
import { type AskedScale, scaleAsked } from '@/core/scale/asked';
import { DIRECTIONS, type Direction } from '@/core/scale/direction';
import { NAMED_SCALE_IDS, type ScaleId } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES, type SignatureChoice } from '@/core/scale/printed';

/** What is worked out beside the sentence, to compare: the same scale by another method, or another scale. */
export type Beside =
  | { readonly kind: 'method'; readonly method: MethodId }
  | { readonly kind: 'scale'; readonly tonic: SpelledNote; readonly scale: AskedScale };

/** The sentence of the Derive room: the whole task, and how far its working is shown. */
export type DeriveSentence = {
  readonly tonic: SpelledNote;
  readonly scale: AskedScale;
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  readonly method: MethodId;
  /** Steps of the working shown, from 1; null for all of them. */
  readonly step: number | null;
  readonly beside: Beside | null;
  /** Two tetrachords mended by hand, as its code; null where the working is shown. */
  readonly hand: string | null;
  /** The surfaces it is shown on, the large one first; null for those of the class. */
  readonly on: readonly string[] | null;
  /** What it is played on and written for. */
  readonly ways: Ways;
};

/** A choice for each word of the sentence that is chosen from a closed list. */
export type Chosen = {
  readonly scale: ScaleId;
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  readonly method: MethodId;
};

export type ChoiceWord = keyof Chosen;

export const CHOICES: { readonly [Word in ChoiceWord]: readonly Chosen[Word][] } = {
  scale: NAMED_SCALE_IDS,
  direction: DIRECTIONS,
  clef: CLEFS,
  signature: SIGNATURE_CHOICES,
  method: METHOD_IDS,
};

export const FIRST_CHOICES: Chosen = {
  scale: 'harmonic-minor',
  direction: 'up',
  clef: 'bass',
  signature: 'written',
  method: 'step-pattern',
};

/** What stands open before anything was asked: a key with a raised seventh that is not what it sounds like. */
export const FIRST_SENTENCE: DeriveSentence = {
  tonic: noteNamed('C#'),
  ...FIRST_CHOICES,
  step: null,
  beside: null,
  hand: null,
  on: null,
  ways: AS_USUAL,
};

/** Why a method cannot serve the scale of a sentence, or null where it can, or where the scale cannot be spelled. */
export function methodProblem(
  { tonic, scale, method }: DeriveSentence,
  asked: MethodId = method,
): MethodProblem | null {
  const reading = scaleAsked(tonic, scale);
  return reading.ok ? whyNot(reading.scale, asked) : null;
}

/** The sentence of what is worked out beside, or null where nothing is. */
export function besideOf(sentence: DeriveSentence): DeriveSentence | null {
  const { beside } = sentence;
  if (!beside) return null;
  const alone: DeriveSentence = { ...sentence, beside: null };
  if (beside.kind === 'method') return { ...alone, method: beside.method };
  const { tonic, scale } = beside;
  return withMethod({ ...alone, tonic, scale });
}

function withMethod(sentence: DeriveSentence): DeriveSentence {
  return methodProblem(sentence) ? { ...sentence, method: 'step-pattern' } : sentence;
}

/** Whether what stands beside can be compared: another method that serves the scale, or another scale that can be spelled. */
function comparable(sentence: DeriveSentence): boolean {
  const { beside, method, tonic, scale } = sentence;
  if (!beside) return true;
  if (beside.kind === 'method') return beside.method !== method && !methodProblem(sentence, beside.method);
  const same = beside.tonic === tonic && beside.scale === scale;
  return !same && scaleAsked(beside.tonic, beside.scale).ok;
}

/** The sentence with another method; where that one stood beside it, the two change places. */
export function byMethod(sentence: DeriveSentence, method: MethodId): DeriveSentence {
  const { beside } = sentence;
  const changes = beside?.kind === 'method' && beside.method === method;
  return fitting({
    ...sentence,
    method,
    step: null,
    beside: changes ? { kind: 'method', method: sentence.method } : beside,
    hand: null,
  });
}

/**
 * The sentence with a method that serves its scale: its own, or else the steps, which serve every scale; and with
 * nothing beside it that could not be compared. Only two tetrachords are mended by hand, alone.
 */
export function fitting(sentence: DeriveSentence): DeriveSentence {
  const served = methodProblem(sentence) ? { ...withMethod(sentence), step: null } : sentence;
  const fits = comparable(served) ? served : { ...served, beside: null };
  return fits.hand !== null && (fits.method !== 'tetrachords' || fits.beside)
    ? { ...fits, hand: null }
    : fits;
}
