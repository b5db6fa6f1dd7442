import { type CirclePlace, type CircleSize, placeFor, placesOf } from '../harmony/circle';
import { type Key, keyAt, signatureOfKey } from '../harmony/key';
import type { SpelledNote } from '../note/spelled';
import type { Mode } from '../scale/mode';

/** A key of a tune on the circle. */
export type TuneKey = { readonly place: CirclePlace; readonly key: Key };

/** The keys in which a tune can be played, on the places of a circle of its mode. */
export function tuneKeys(size: CircleSize, mode: Mode): readonly TuneKey[] {
  return placesOf(size).flatMap((place) => {
    const key = keyAt(place.count, mode);
    return key ? [{ place, key }] : [];
  });
}

/** The next key that is not done, a fifth up at a time from the one that stands, and round again; null where all are. */
export function nextKey(
  keys: readonly TuneKey[],
  size: CircleSize,
  stands: Key,
  isDone: (tonic: SpelledNote) => boolean,
): Key | null {
  const round = keys.toSorted((a, b) => a.place.count - b.place.count);
  const at = placeFor(size, signatureOfKey(stands));
  const from = round.findIndex(({ place }) => place.count === at);
  const found = round
    .map((_, step) => round[(from + 1 + step) % round.length])
    .find((each) => each && each.place.count !== at && !isDone(each.key.tonic));
  return found?.key ?? null;
}
