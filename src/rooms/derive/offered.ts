import { noteNamed } from '@/core/note/parse';
import type { OfferedScale } from '@/workers/read-file';
import { CHOICES, type DeriveSentence, FIRST_SENTENCE } from './sentence';

function chosen<Value extends string>(values: readonly Value[], read: string | null, usual: Value): Value {
  return values.find((value) => value === read) ?? usual;
}

/** The sentence that asks for a scale found in a file; what the file leaves open is as in the sentence that stands. */
export function sentenceOfOffer(offer: OfferedScale, now: DeriveSentence = FIRST_SENTENCE): DeriveSentence {
  return {
    tonic: noteNamed(offer.tonic),
    scale: chosen(CHOICES.scale, offer.scale, now.scale),
    direction: chosen(CHOICES.direction, offer.direction, 'up'),
    clef: chosen(CHOICES.clef, offer.clef, now.clef),
    signature: chosen(CHOICES.signature, offer.signature, 'written'),
    method: now.method,
    step: null,
  };
}
