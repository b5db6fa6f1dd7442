import { spelled } from '../note/spelled';
import type { Scale } from '../scale/scale';
import { enharmonicTonic } from '../scale/scale';
import { alteredLetters } from '../scale/signature';
import { degreeWord, noteName, noteWithSign, SCALE_WORDS, signCount, spokenNote } from './vocabulary';

/** Full name with its mode word: `C♯ harmonic minor`, or the typed steps where the pattern has no name. */
export function scaleName({ tonic, id, rising }: Scale): string {
  return `${noteName(tonic)} ${id ? SCALE_WORDS[id] : rising.join(' ')}`;
}

/** The same as a voice reads it. */
export function spokenScale({ tonic, id, rising }: Scale): string {
  return `${spokenNote(tonic)} ${id ? SCALE_WORDS[id] : rising.join(' ')}`;
}

/**
 * What a teacher would add about the key: that it is theoretical and what is written instead, or the enharmonic
 * twin that is written as well. Null where there is nothing to add.
 */
export function keyNote(scale: Scale): string | null {
  const twin = enharmonicTonic(scale);
  if (!twin || !scale.id || scale.signature === null) return null;
  const other = `${noteName(twin)} ${SCALE_WORDS[scale.id]}`;
  return scale.theoretical
    ? `${noteName(scale.tonic)} is a theoretical key here: ${signCount(scale.signature)}. In practice ${other}.`
    : `Enharmonic equivalent: ${other}.`;
}

/** What is raised above the signature, with both spellings: `7th raised: B♮ becomes B♯`. Null where nothing is. */
export function sayRaised({ raised, ascending, signature }: Scale): string | null {
  if (raised.length === 0 || signature === null) return null;
  const altered = alteredLetters(signature);
  const changes = raised.flatMap((degree) => {
    const to = ascending[degree - 1];
    if (!to) return [];
    const from = altered.get(to.letter) ?? spelled(to.letter, 0);
    return [`${noteWithSign(from)} becomes ${noteWithSign(to)}`];
  });
  return `${raised.map(degreeWord).join(' and ')} raised: ${changes.join(', ')}`;
}
