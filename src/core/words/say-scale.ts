import { spelled } from '../note/spelled';
import { rotationOf } from '../scale/rotation';
import type { Scale } from '../scale/scale';
import { enharmonicTonic } from '../scale/scale';
import { alteredLetters } from '../scale/signature';
import type { ClassWords } from './class-words';
import { ordinal, signCount } from './vocabulary';

/** The named scale that typed steps are when begun on another of its notes: `harmonic minor from its 5th note`. */
export function rotationName(w: ClassWords, steps: readonly number[]): string | null {
  const rotation = rotationOf(steps);
  if (!rotation) return null;
  const { id, degree } = rotation;
  return `${w.scaleWord(id)} ${degree === 1 ? 'as it rises' : `from its ${ordinal(degree)} note`}`;
}

/** Typed steps in the signs of a class, and the scale they are a rotation of. */
function stepsName(w: ClassWords, steps: readonly number[]): string {
  const rotation = rotationName(w, steps);
  const signs = steps.map(w.stepLetters).join(' ');
  return rotation ? `${signs} (${rotation})` : signs;
}

/** Full name with its mode word: `C♯ harmonic minor`, or the typed steps where the pattern has no name. */
export function scaleName(w: ClassWords, { tonic, id, rising }: Scale): string {
  return id ? w.scale(tonic, id) : `${w.note(tonic)} ${stepsName(w, rising)}`;
}

/** The same as a voice reads it. */
export function spokenScale(w: ClassWords, { tonic, id, rising }: Scale): string {
  return id ? w.spokenScale(tonic, id) : `${w.spokenNote(tonic)} ${stepsName(w, rising)}`;
}

/** What a teacher would add to a theoretical key: what its signature would be, and what is written instead. */
export function theoreticalNote(w: ClassWords, scale: Scale): string | null {
  const { theoretical, id, signature } = scale;
  if (!theoretical || !id || signature === null) return null;
  const twin = enharmonicTonic(scale);
  const instead = twin ? ` In practice ${w.scale(twin, id)}.` : '';
  return `${w.note(scale.tonic)} is a theoretical key here: ${signCount(signature)}.${instead}`;
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
