import type { NamedKey } from '../mark/machine/written';
import type { ClassWords } from './class-words';

/**
 * A key or a scale by its name: `C minor` where a key is meant, `C natural minor` where its form is told from the others.
 */
export function sayNamed(w: ClassWords, { tonic, scale }: NamedKey, form: boolean): string {
  if (scale === null) return w.note(tonic);
  if (form || (scale !== 'natural-minor' && scale !== 'major')) return w.scale(tonic, scale);
  return w.key(tonic, scale === 'major' ? 'major' : 'minor');
}
