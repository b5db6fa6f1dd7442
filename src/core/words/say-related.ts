import { PATTERNS } from '../scale/pattern';
import type { RelatedKey } from '../scale/related';
import { type Scale, scaleNamed } from '../scale/scale';
import type { ClassWords } from './class-words';
import { sayNamed } from './say-named';
import { numberWord, signCount } from './vocabulary';

/** How a key belongs to another, its name, and why. */
export type SaidRelation = { readonly name: string; readonly key: string; readonly why: string };

/** Puts a related key into the words of a class. A mode's relative major is called its parent. */
export function sayRelated(w: ClassWords, scale: Scale, related: RelatedKey): SaidRelation {
  const { relation, tonic, scale: id, signature, up } = related;
  // A signature and a home note are a key's, whatever the form of the scale.
  const key = sayNamed(w, { tonic, scale: id }, relation === 'enharmonic' || relation === 'whole');
  const own = scale.signature ?? 0;
  switch (relation) {
    case 'relative': {
      const mode = scale.id && PATTERNS[scale.id].mode;
      const name = mode === 'major' || mode === 'minor' ? w.relative : 'parent';
      const down = 12 - up;
      const steps = (count: number) => `${numberWord(count)} ${count === 1 ? w.half : w.halves}`;
      const way = up <= down ? `${steps(up)} up` : `${steps(down)} down`;
      return { name, key, why: `${key}, ${way}, shares the signature: ${signCount(signature)}.` };
    }
    case 'parallel': {
      const places = signature - own;
      const many = Math.abs(places) === 1 ? 'one place' : `${numberWord(Math.abs(places))} places`;
      const name = w.parallel(PATTERNS[id].mode === 'minor' ? 'minor' : 'major');
      const against = `${signCount(signature)} against ${signCount(own)}`;
      const side = `${many} ${places > 0 ? 'sharper' : 'flatter'}`;
      return { name, key, why: `${key} shares the tonic: ${against}, ${side}.` };
    }
    case 'whole': {
      const reading = scaleNamed(tonic, id);
      const known = scale.ascending.length;
      const added = reading.ok ? reading.scale.ascending.slice(known, 7).map(w.note).join(' ') : '';
      return {
        name: 'grown to the octave',
        key,
        why: `The first ${numberWord(known)} notes of ${key} are known; ${added} and the octave are added.`,
      };
    }
    case 'enharmonic':
      return {
        name: 'enharmonic',
        key,
        why: `${key} sounds the same and is spelled otherwise: ${signCount(signature)} against ${signCount(own)}.`,
      };
  }
}
