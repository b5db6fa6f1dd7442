import { spelled } from '../note/spelled';
import type { Scale } from '../scale/scale';
import { enharmonicTonic } from '../scale/scale';
import { alteredLetters } from '../scale/signature';
import type { ClassWords } from './class-words';
import { signCount } from './vocabulary';

/** Full name with its mode word: `C♯ harmonic minor`, or the typed steps where the pattern has no name. */
export function scaleName(w: ClassWords, { tonic, id, rising }: Scale): string {
  return id ? w.scale(tonic, id) : `${w.note(tonic)} ${rising.join(' ')}`;
}

/** The same as a voice reads it. */
export function spokenScale(w: ClassWords, { tonic, id, rising }: Scale): string {
  return id ? w.spokenScale(tonic, id) : `${w.spokenNote(tonic)} ${rising.join(' ')}`;
}

/**
 * What a teacher would add about the key: that it is theoretical and what is written instead, or the enharmonic
 * twin that is written as well. Null where there is nothing to add.
 */
export function keyNote(w: ClassWords, scale: Scale): string | null {
  const twin = enharmonicTonic(scale);
  if (!twin || !scale.id || scale.signature === null) return null;
  const other = w.scale(twin, scale.id);
  return scale.theoretical
    ? `${w.note(scale.tonic)} is a theoretical key here: ${signCount(scale.signature)}. In practice ${other}.`
    : `Enharmonic equivalent: ${other}.`;
}

/** What is raised above the signature, with both spellings: `7th raised: B♮ becomes B♯`. Null where nothing is. */
export function sayRaised(w: ClassWords, { tonic, raised, ascending, signature }: Scale): string | null {
  if (raised.length === 0 || signature === null) return null;
  const altered = alteredLetters(signature);
  const changes = raised.flatMap((degree) => {
    const to = ascending[degree - 1];
    return to ? [{ from: altered.get(to.letter) ?? spelled(to.letter, 0), to }] : [];
  });
  const degrees = changes.map(({ from }) => w.degree(from, tonic)).join(' and ');
  const both = changes.map(({ from, to }) => `${w.noteWithSign(from)} becomes ${w.noteWithSign(to)}`);
  return `${degrees} raised: ${both.join(', ')}`;
}
