import { pitchClass, type SpelledNote } from '../note/spelled';
import { type Key, keyNotes, signatureOfKey } from './key';

/**
 * What two keys share. It differs by spelling and by sound, so both are always said (docs/theory.md, Chords, nearness,
 * routes).
 */
export type SharedNotes = {
  /** Notes of the first key that the second spells the same, in the order of the first. */
  readonly spelled: readonly SpelledNote[];
  /** Notes of the first key whose sound is in the second, as the first spells them. */
  readonly sounding: readonly SpelledNote[];
  /** Letter by letter what changes, from the first tonic up. */
  readonly changed: readonly { readonly from: SpelledNote; readonly to: SpelledNote }[];
};

/** Compares two keys note by note. Throws for a key that cannot be spelled; none on the 21 tonics is. */
export function sharedNotes(one: Key, other: Key): SharedNotes {
  const [from, to] = [keyNotes(one), keyNotes(other)];
  if (!from || !to) throw new RangeError('a key that needs a third sign');
  const sounds = new Set(to.map(pitchClass));
  return {
    spelled: from.filter((note) => to.includes(note)),
    sounding: from.filter((note) => sounds.has(pitchClass(note))),
    changed: from.flatMap((note) => {
      const now = to.find(({ letter }) => letter === note.letter);
      return now && now !== note ? [{ from: note, to: now }] : [];
    }),
  };
}

/** How far apart two keys are. */
export type Distance = {
  /** Places round the twelve spokes each way: they add up to 12, or are both 0. */
  readonly clockwise: number;
  readonly anticlockwise: number;
  /** Signs between the two signatures. */
  readonly signatures: number;
};

/** Places between two keys on the circle, both ways, and signs between their signatures. */
export function distanceOf(from: Key, to: Key): Distance {
  const signs = signatureOfKey(to) - signatureOfKey(from);
  const clockwise = ((signs % 12) + 12) % 12;
  return {
    clockwise,
    anticlockwise: (12 - clockwise) % 12,
    signatures: Math.abs(signs),
  };
}
