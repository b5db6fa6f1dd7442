import { fifthsOf, type SpelledNote } from '../note/spelled';
import type { Settings } from '../school/settings';
import { MODE_PLACE, type Mode } from './mode';

/** Movable-do syllables by their place right of do on the line of fifths: ra … do … li. */
const SYLLABLES: Readonly<Record<number, string>> = {
  [-6]: 'se',
  [-5]: 'ra',
  [-4]: 'le',
  [-3]: 'me',
  [-2]: 'te',
  [-1]: 'fa',
  0: 'do',
  1: 'so',
  2: 're',
  3: 'la',
  4: 'mi',
  5: 'ti',
  6: 'fi',
  7: 'di',
  8: 'si',
  9: 'ri',
  10: 'li',
};

type School = Pick<Settings, 'solfege' | 'modeSyllables' | 'fifth' | 'seventh'>;

/** Where do stands from the tonic, in places left on the line of fifths. */
function placesToDo(mode: Mode, { solfege, modeSyllables }: School): number {
  if (mode === 'major') return 0;
  const relative = mode === 'minor' ? solfege === 'la-minor' : modeSyllables === 'own';
  return relative ? MODE_PLACE[mode] : 0;
}

/**
 * The movable-do syllable of a note in a key, or null where the class sings none or the note has none. Minor
 * stands on do with lowered syllables, or on la; a mode on its own syllable or on do (docs/theory.md, Schools).
 *
 * @example syllableOf(noteNamed('Eb'), noteNamed('C'), 'minor', { solfege: 'do-minor', modeSyllables: 'own', fifth: 'so', seventh: 'ti' }) // 'me'
 * @example syllableOf(noteNamed('G#'), noteNamed('A'), 'minor', { solfege: 'la-minor', modeSyllables: 'own', fifth: 'so', seventh: 'ti' }) // 'si'
 */
export function syllableOf(note: SpelledNote, tonic: SpelledNote, mode: Mode, school: School): string | null {
  if (school.solfege === 'none' || school.solfege === 'numbers') return null;
  const place = fifthsOf(note) - fifthsOf(tonic) + placesToDo(mode, school);
  const syllable = SYLLABLES[place] ?? null;
  return syllable === 'ti' ? school.seventh : syllable === 'so' ? school.fifth : syllable;
}
