import { methodsFor } from '@/core/derive/methods';
import { relatedKeys } from '@/core/scale/related';
import type { Scale } from '@/core/scale/scale';
import { type Beside, type DeriveSentence, fitting } from '@/rooms/address/derive/derive-sentence';
import type { Change } from '@/rooms/shell/address-store';

type Given = {
  readonly sentence: DeriveSentence;
  readonly scale: Scale;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
};

/** What a working is compared with at first: the next method, or where there is none a key that belongs to it. */
function nearest({ sentence, scale }: Given): Beside {
  const methods = methodsFor(scale);
  const next = methods[(methods.indexOf(sentence.method) + 1) % methods.length];
  if (next && next !== sentence.method) return { kind: 'method', method: next };
  const related = relatedKeys(scale)[0];
  return related
    ? { kind: 'scale', tonic: related.tonic, scale: related.scale }
    : { kind: 'scale', tonic: sentence.tonic, scale: 'major' };
}

/** Two workings side by side. */
export function compareActions(given: Given) {
  const { sentence, say } = given;
  const beside = (wanted: Beside) => {
    const next = fitting({ ...sentence, beside: wanted, step: null });
    if (next !== sentence) say(next, 'finished');
  };
  return {
    compare: () => beside(nearest(given)),
    beside,
  };
}
