import { type Fifths, fifths, fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';
import { MODE_PLACE, MODES, type Mode } from './mode';

/** The most signs a signature is printed with. */
const MOST_SIGNS = 7;

const FIRST_SHARP = 6; // F♯ on the line of fifths
const FIRST_FLAT = -2; // B♭

function run(from: number, count: number, way: 1 | -1): readonly SpelledNote[] {
  return Array.from({ length: count }, (_, index) => {
    const note = noteAtFifths(from + way * index);
    if (!note) throw new RangeError(`no sign at place ${from + way * index} of the line of fifths`);
    return note;
  });
}

/** F♯ C♯ G♯ D♯ A♯ E♯ B♯: fifths up from F♯. The letters backwards are the order of flats. */
export const ORDER_OF_SHARPS: readonly SpelledNote[] = run(FIRST_SHARP, MOST_SIGNS, 1);

/** B♭ E♭ A♭ D♭ G♭ C♭ F♭: fifths down from B♭, which is fourths up. */
export const ORDER_OF_FLATS: readonly SpelledNote[] = run(FIRST_FLAT, MOST_SIGNS, -1);

/**
 * The altered notes of a signature of `count` fifths, in line-of-fifths order: sharps for a positive count, flats
 * for a negative one. Past seven it is counted on, and the letters that come round again take their second sign:
 * 8 is C♯ G♯ D♯ A♯ E♯ B♯ F𝄪. Range −14 to 13; further a third sign would be needed, and it throws.
 *
 * @example accidentalsOf(-3).map(noteName).join(' ') // 'B♭ E♭ A♭'
 */
export function accidentalsOf(count: Fifths): readonly SpelledNote[] {
  const way = count < 0 ? -1 : 1;
  const signs = Math.abs(count);
  const passed = Math.max(0, signs - MOST_SIGNS);
  const first = (way > 0 ? FIRST_SHARP : FIRST_FLAT) + way * passed;
  return run(first, Math.min(signs, MOST_SIGNS), way);
}

/** Whether a signature of this many fifths can be printed. Beyond, the key is theoretical. */
export function isPrintable(count: Fifths): boolean {
  return Math.abs(count) <= MOST_SIGNS;
}

/** The signature a key is written with in practice: its own, or past seven signs that of its equivalent. */
export function practicalSignature(count: number): number {
  return Math.abs(count) <= MOST_SIGNS ? count : count - 12 * Math.sign(count);
}

/** Signature of a tonic in a mode, in fifths. */
export function signatureOf(tonic: SpelledNote, mode: Mode): Fifths {
  return fifths(fifthsOf(tonic) - MODE_PLACE[mode]);
}

/** The tonic that owns a signature in a mode, or null where it would need a third sign. */
export function ownerOf(count: Fifths, mode: Mode): SpelledNote | null {
  return noteAtFifths(count + MODE_PLACE[mode]);
}

/** Every owner of one of the fifteen signatures: one a mode. Throws outside −7 … 7. */
export function ownersOf(count: Fifths): Readonly<Record<Mode, SpelledNote>> {
  if (!isPrintable(count)) throw new RangeError(`no signature of ${count}`);
  const owners = MODES.map((mode) => {
    const owner = ownerOf(count, mode);
    if (!owner) throw new RangeError(`no ${mode} owner of ${count}`);
    return [mode, owner] as const;
  });
  return Object.fromEntries(owners) as Record<Mode, SpelledNote>;
}

/**
 * The tonic twelve places along the line of fifths, where a key sounds the same, if its signature can be printed there;
 * else null.
 */
export function enharmonicKeyTonic(tonic: SpelledNote, signature: Fifths): SpelledNote | null {
  const way = signature > 0 ? -12 : 12;
  return isPrintable(fifths(signature + way)) ? noteAtFifths(fifthsOf(tonic) + way) : null;
}

/**
 * The place of the sign that names the major key (docs/theory.md, Key signatures): last sharp, last flat but one.
 * Null where none does: no signs, and one flat, which is the exception.
 */
export function decidingSign(count: Fifths): number | null {
  if (count > 0) return count - 1;
  return count < -1 ? -count - 2 : null;
}

/** The alteration a signature gives to each letter, as the notes it alters. */
export function alteredLetters(count: Fifths): ReadonlyMap<string, SpelledNote> {
  return new Map(accidentalsOf(count).map((note) => [note.letter, note]));
}

/**
 * Whether a list of signs is a standard signature: not mixed, the first n of its order, each once.
 * An empty one is a full answer.
 */
export function isStandardSignature(signs: readonly SpelledNote[]): boolean {
  const order = signs[0]?.alteration === -1 ? ORDER_OF_FLATS : ORDER_OF_SHARPS;
  return signs.length <= MOST_SIGNS && signs.every((sign, index) => sign === order[index]);
}
