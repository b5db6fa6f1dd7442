import { type SpelledNote, spelled, temptingSpelling } from '../note/spelled';
import type { Direction } from '../scale/line';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { alteredLetters } from '../scale/signature';
import type { SignedScale } from './by-signature';
import type { Derivation } from './derivation';
import { parentSaying } from './parent-saying';
import { Working } from './working';

/** Whether a scale is begun on another degree of a major scale than its first, the minor forms by their natural one. */
export function hasParent({ id }: { readonly id: ScaleId }): boolean {
  return PATTERNS[id].mode !== 'major';
}

/** Degrees 1 to 7 as the signature alone gives them, before any is raised. */
export function unraisedDegrees({ ascending, signature }: SignedScale): readonly SpelledNote[] {
  const altered = alteredLetters(signature);
  return ascending.slice(0, 7).map(({ letter }) => altered.get(letter) ?? spelled(letter, 0));
}

/**
 * Method 5: the parent major, two octaves of it, begun on the degree where the tonic lies and copied to its octave;
 * its signature is the scale's as well. Then the raised degrees of the minor forms. Major is its own parent.
 */
export function deriveByParent(scale: SignedScale, direction: Direction): Derivation {
  const { tonic, id, signature } = scale;
  const first = parentSaying(scale);
  const { degree, parent } = first;
  const reading = scaleNamed(parent, 'major');
  if (!reading.ok) throw new RangeError('a scale of 21 tonics has its parent');
  const seven = reading.scale.ascending.slice(0, 7);
  const two = [...seven, ...seven, parent];
  const unraised = unraisedDegrees(scale);
  const working = new Working(scale, direction, 'parent');
  working.say(first);
  working.say({ code: 'two-octaves', parent, notes: two });
  working.lay(unraised);
  working.say({ code: 'start-on', degree, notes: two.slice(degree - 1, degree + 7) }, working.everywhere);
  working.say({ code: 'parent-signature', tonic, scale: id, parent, count: signature });
  working.raise(unraised, (from, to) => ({
    code: 'raise',
    tonic,
    from,
    to,
    refused: temptingSpelling(to),
  }));
  return working.finish();
}
