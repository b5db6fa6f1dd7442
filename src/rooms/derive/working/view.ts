import type { Derivation, DerivationStep } from '@/core/derive/derivation';
import { derive } from '@/core/derive/methods';
import { overOctaves } from '@/core/derive/over-octaves';
import { type Check, prove } from '@/core/derive/proof';
import { transposingInstrument } from '@/core/instrument/transposing';
import { scaleAsked } from '@/core/scale/asked';
import type { Direction } from '@/core/scale/direction';
import { octavesInRange, scaleForInstrument } from '@/core/scale/for-instrument';
import { notesOf } from '@/core/scale/line';
import { goesOn } from '@/core/scale/octaves';
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

/** Through how many octaves a sentence goes; one where the scale does not go on, or two tetrachords are mended by hand. */
function octavesOf(scale: Scale, { ways, hand }: DeriveSentence): number {
  if (ways.octaves === 'one' || hand !== null || !goesOn(scale)) return 1;
  if (ways.octaves === 'two') return 2;
  const instrument = transposingInstrument(ways.instrument);
  const part = instrument && scaleForInstrument(scale, instrument);
  return instrument && part ? octavesInRange(part.written, instrument) : 1;
}

/** Works a sentence out in the ways of a class. The sentence has been read, so its scale can be spelled and its method serves it. */
export function viewOf(sentence: DeriveSentence, settings: Settings): DeriveView {
  const reading = scaleAsked(sentence.tonic, sentence.scale, settings.melodicDown);
  if (!reading.ok) throw new RangeError('a sentence holds only scales that can be spelled');
  const { scale } = reading;
  const found = derive(scale, sentence.direction, sentence.method, settings);
  if (!found) throw new RangeError(`${sentence.method} does not serve ${sentence.scale}`);
  const octaves = octavesOf(scale, sentence);
  const derivation = overOctaves(found, octaves);
  const last = derivation.steps.length - 1;
  const at = sentence.step === null ? last : Math.min(sentence.step - 1, last);
  const step = derivation.steps[at] as DerivationStep;
  const { modesWritten } = settings;
  // While it is mended by hand a signature would say beforehand which notes are altered.
  const signature = sentence.hand === null ? sentence.signature : 'none';
  const written = writeOut(scale, { ...sentence, octaves, signature, modesWritten });
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
