import { letterIndex } from '../note/letter';
import { type Fifths, fifths, noteAtFifths, type SpelledNote } from '../note/spelled';
import { type Mode, relativeMode } from '../scale/mode';
import { enharmonicKeyTonic, ownerOf, signatureOf } from '../scale/signature';

/** A key: a home note and the mode that says where it lies among its seven notes. Minor is natural minor here. */
export type Key = { readonly tonic: SpelledNote; readonly mode: Mode };

/** Fifths of a key's signature; past −7 … 7 it is counted on and the key is theoretical. */
export function signatureOfKey({ tonic, mode }: Key): Fifths {
  return signatureOf(tonic, mode);
}

/** The key of a mode that owns a signature, or null where its tonic would need a third sign. */
export function keyAt(count: number, mode: Mode): Key | null {
  const tonic = ownerOf(fifths(count), mode);
  return tonic && { tonic, mode };
}

/** Whether two keys are the same, spelling and all. */
export function isSameKey(one: Key, other: Key): boolean {
  return one.tonic === other.tonic && one.mode === other.mode;
}

/**
 * The seven notes of a key from its tonic up: seven neighbours on the line of fifths, from one place under its
 * signature's major tonic. Null where one would need a third sign, far outside the 21 tonics.
 *
 * @example keyNotes({ tonic: noteNamed('F'), mode: 'minor' }).map(noteName).join(' ') // 'F G A♭ B♭ C D♭ E♭'
 */
export function keyNotes(key: Key): readonly SpelledNote[] | null {
  const first = signatureOfKey(key) - 1;
  const notes = Array.from({ length: 7 }, (_, place) => noteAtFifths(first + place));
  if (notes.some((note) => note === null)) return null;
  const from = letterIndex(key.tonic.letter);
  const above = (note: SpelledNote) => (letterIndex(note.letter) - from + 7) % 7;
  return (notes as readonly SpelledNote[]).toSorted((a, b) => above(a) - above(b));
}

/** The key that sounds the same under another spelling, where its signature can be printed; else null. */
export function enharmonicKey(key: Key): Key | null {
  const tonic = enharmonicKeyTonic(key.tonic, signatureOfKey(key));
  return tonic && { tonic, mode: key.mode };
}

/** The relative key: major's natural minor, minor's major, and a mode's parent major. It shares the signature. */
export function relativeKey(key: Key): Key | null {
  return keyAt(signatureOfKey(key), relativeMode(key.mode));
}

/** The parallel key, on the same tonic: major's natural minor, and the major of every other mode. */
export function parallelKey(key: Key): Key {
  return { tonic: key.tonic, mode: relativeMode(key.mode) };
}
