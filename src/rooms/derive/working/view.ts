import type { Derivation, DerivationStep } from '@/core/derive/derivation';
import { derive } from '@/core/derive/methods';
import { type Check, prove } from '@/core/derive/proof';
import { scaleAsked } from '@/core/scale/asked';
import type { Direction } from '@/core/scale/direction';
import { notesOf } from '@/core/scale/line';
import type { Scale } from '@/core/scale/scale';
import { writeOut, writtenUnder } from '@/core/scale/written';
import type { Settings } from '@/core/school/settings';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import type { SurfaceView } from '@/ui/surfaces/surface';

/** Everything the room shows, read off one derivation. */
export type DeriveView = SurfaceView & {
  readonly scale: Scale;
  /** The step shown, from 0. */
  readonly at: number;
};

/** Works a sentence out in the ways of a class. The sentence has been read, so its scale can be spelled and its method serves it. */
export function viewOf(sentence: DeriveSentence, settings: Settings): DeriveView {
  const reading = scaleAsked(sentence.tonic, sentence.scale, settings.melodicDown);
  if (!reading.ok) throw new RangeError('a sentence holds only scales that can be spelled');
  const { scale } = reading;
  const derivation = derive(scale, sentence.direction, sentence.method, settings);
  if (!derivation) throw new RangeError(`${sentence.method} does not serve ${sentence.scale}`);
  const last = derivation.steps.length - 1;
  const at = sentence.step === null ? last : Math.min(sentence.step - 1, last);
  const step = derivation.steps[at] as DerivationStep;
  const { modesWritten } = settings;
  // While it is mended by hand a signature would say beforehand which notes are altered.
  const signature = sentence.hand === null ? sentence.signature : 'none';
  const written = writeOut(scale, { ...sentence, signature, modesWritten });
  return {
    scale,
    written,
    onStaff: step.under === null ? written : writtenUnder(written, step.under),
    derivation,
    at,
    step,
    ways: sentence.ways,
  };
}

/** The step that decides a place of the line, from 0, or null where none does by itself. */
export function stepDeciding(derivation: Derivation, place: number): number | null {
  const found = derivation.steps.findLastIndex(
    ({ at, fact }) => at.includes(place) && fact.code !== 'letters',
  );
  return found < 0 ? null : found;
}

/** The proof of the notes a sentence asks for. */
export function proofOf({ scale }: Pick<DeriveView, 'scale'>, direction: Direction): readonly Check[] {
  return prove(scale, direction, notesOf(scale, direction));
}

/** Whether a proof found that methods arrive at different notes. */
export function methodsDisagree(proof: readonly Check[]): boolean {
  return proof.some(({ check, holds }) => check === 'methods-agree' && holds === false);
}
