import { enharmonics, type SpelledNote } from '../note/spelled';
import type { Scale } from '../scale/scale';
import type { ClassWords } from './class-words';
import { scaleName } from './say-scale';

/** Letters of a scale that has one note a letter. */
const LETTERS = 7;

/** The other spelling of a note with one sign at most: F♯ as G♭, B as C♭; null for D, G and A. */
export function respelled(note: SpelledNote): SpelledNote | null {
  return enharmonics(note).find(({ alteration }) => Math.abs(alteration) <= 1) ?? null;
}

/**
 * A note of a scale spelled the other way: that it is the same key, fret and fingering, and why the scale calls for this
 * spelling. Nothing where it has no other one, where both stand in the scale, or where letters are repeated anyway.
 */
export function sayRespelled(w: ClassWords, scale: Scale, note: SpelledNote): string {
  const other = respelled(note);
  const row = [scale.ascending, scale.descending].find((notes) => notes.includes(note));
  if (!other || !row || row.includes(other)) return '';
  const same = `Spelled ${w.note(other)} it would be the same key, fret and fingering`;
  const letters = new Set(row.map(({ letter }) => letter));
  const taken = row.find(({ letter }) => letter === other.letter);
  if (row.length !== LETTERS + 1 || letters.size !== LETTERS || !taken || other.letter === note.letter)
    return `${same}.`;
  return `${same}; ${scaleName(w, scale)} calls for ${w.note(note)}: there is ${w.note(taken)} on the ${w.letterWord} ${w.letter(other.letter)} already, and ${w.letter(note.letter)} would be missing.`;
}
