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

/** The seven triads of natural minor with the class's own fifth degree: minor as it stands, or major with the raised 7th. */
export function minorNumerals(
  scale: readonly SpelledNote[],
  raisedSeventh: SpelledNote,
  school: School & Pick<Settings, 'dominant'>,
): readonly string[] {
  const tonic = scale[0] as SpelledNote;
  return Array.from({ length: 7 }, (_, index) => {
    const at = (place: number) => scale[(index + place) % 7] as SpelledNote;
    const third = index === 4 && school.dominant === 'major' ? raisedSeventh : at(2);
    const quality = triadQuality([at(0), third, at(4)]);
    if (!quality) throw new RangeError(`no triad on degree ${index + 1}`);
    return numeral(at(0), tonic, quality, school);
  });
}
