import { LETTERS } from './letter';
import { spelledOrNull } from './spelled';

/**
 * What came in a message, with its notes as the ones of this side: a spelled note is one object for each spelling, which a
 * message copies. Anything else is as it was sent.
 */
export function fromSent<Value>(sent: Value): Value {
  return restored(sent) as Value;
}

function restored(sent: unknown): unknown {
  if (Array.isArray(sent)) return sent.map(restored);
  if (typeof sent !== 'object' || sent === null) return sent;
  if ('letter' in sent && 'alteration' in sent) {
    const letter = LETTERS.find((each) => each === sent.letter);
    const note =
      letter && typeof sent.alteration === 'number' ? spelledOrNull(letter, sent.alteration) : null;
    if (note) return note;
  }
  return Object.fromEntries(Object.entries(sent).map(([name, value]) => [name, restored(value)]));
}
