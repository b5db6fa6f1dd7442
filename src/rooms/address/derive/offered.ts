import { noteNamed } from '@/core/note/parse';
import { type AskedScale, askedFrom } from '@/core/scale/asked';
import { scaleIdFrom } from '@/core/scale/pattern';
import { readSteps } from '@/core/scale/typed-steps';
import type { OfferedScale } from '@/formats/offered';
import { CHOICES, type DeriveSentence, FIRST_SENTENCE } from './derive-sentence';

function chosen<Value extends string>(values: readonly Value[], read: string | null, usual: Value): Value {
  return values.find((value) => value === read) ?? usual;
}

/** The scale an offer asks for, by its id or by steps. */
function askedIn(read: string): AskedScale | null {
  const steps = readSteps(read.split(','));
  return steps.ok ? askedFrom(steps.steps) : scaleIdFrom(read);
}

/** The sentence that asks for a scale found in a file; what the file leaves open is as in the sentence that stands. */
export function sentenceOfOffer(offer: OfferedScale, now: DeriveSentence = FIRST_SENTENCE): DeriveSentence {
  return {
    tonic: noteNamed(offer.tonic),
    scale: askedIn(offer.scale) ?? now.scale,
    direction: chosen(CHOICES.direction, offer.direction, 'up'),
    clef: chosen(CHOICES.clef, offer.clef, now.clef),
    signature: chosen(CHOICES.signature, offer.signature, 'written'),
    method: now.method,
    step: null,
    beside: null,
    hand: null,
    on: now.on,
    ways: now.ways,
  };
}
