import { pitchClass, type SpelledNote } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import type { Settings } from '../school/settings';

type TriadQuality = 'major' | 'minor' | 'diminished' | 'augmented';

const QUALITIES: Readonly<Record<string, TriadQuality>> = {
  '4 3': 'major',
  '3 4': 'minor',
  '3 3': 'diminished',
  '4 4': 'augmented',
};

/** The quality of the triad of three notes in thirds, or null where they are none of the four. */
function triadQuality(notes: readonly [SpelledNote, SpelledNote, SpelledNote]): TriadQuality | null {
  const [root, third, fifth] = notes.map(pitchClass) as [number, number, number];
  return QUALITIES[`${(third - root + 12) % 12} ${(fifth - third + 12) % 12}`] ?? null;
}

const ROMAN = ['', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII'] as const;

type School = Pick<Settings, 'numerals' | 'mediant' | 'diminished'>;

/**
 * The Roman numeral of a triad in a key as a class writes it: quality by case or by a word, a degree below major's
 * with its flat or without, diminished as ° or dim (facts: schools, chords).
 */
function numeral(root: SpelledNote, tonic: SpelledNote, quality: TriadQuality, school: School): string {
  const { degree, alteration } = degreeOf(root, tonic);
  const roman = ROMAN[degree] as string;
  const flat = alteration < 0 && school.mediant === 'flat' ? '♭' : '';
  const small = quality === 'minor' || quality === 'diminished';
  const dim = school.diminished === 'circle' ? '°' : ' dim';
  if (school.numerals === 'case') {
    const end = quality === 'diminished' ? dim : quality === 'augmented' ? '+' : '';
    return flat + (small ? roman.toLowerCase() : roman) + end;
  }
  const end = { major: '', minor: ' min', diminished: dim, augmented: ' aug' }[quality];
  return flat + roman + end;
}

/** The triad on a degree of seven notes, from 0, with the seventh it is built with. */
function triadOn(
  scale: readonly SpelledNote[],
  index: number,
  seventh: SpelledNote | null,
  school: School,
): string {
  const at = (place: number) => scale[(index + place) % 7] as SpelledNote;
  const quality = triadQuality([at(0), seventh ?? at(2), at(4)]);
  if (!quality) throw new RangeError(`no triad on degree ${index + 1}`);
  return numeral(at(0), scale[0] as SpelledNote, quality, school);
}

/** The seven triads of a diatonic scale: I ii iii IV V vi vii° of major. */
export function triadNumerals(scale: readonly SpelledNote[], school: School): readonly string[] {
  return Array.from({ length: 7 }, (_, index) => triadOn(scale, index, null, school));
}

/** The seven triads of natural minor with the class's own fifth degree: minor as it stands, or major with the raised 7th. */
export function minorNumerals(
  scale: readonly SpelledNote[],
  raisedSeventh: SpelledNote,
  school: School & Pick<Settings, 'dominant'>,
): readonly string[] {
  const raised = school.dominant === 'major' ? raisedSeventh : null;
  return Array.from({ length: 7 }, (_, index) => triadOn(scale, index, index === 4 ? raised : null, school));
}
