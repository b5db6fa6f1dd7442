import { type Chord, TRIAD_OF, type TriadQuality } from '@/core/harmony/chord';
import { type NumeralSchool, numeralOf, seventhOf, signOfDegree } from '@/core/harmony/numeral';
import type { NumeralReading } from '@/core/mark/machine/written';
import type { SpelledNote } from '@/core/note/spelled';
import { degreeOf } from '@/core/scale/degree';

/** A numeral as it was read, with its text. */
export type NumeralText = NumeralReading & { readonly text: string };

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];

/**
 * Reads a Roman numeral: quality by case (`ii`, `V`, `vii°`, `III+`), or by a word after capitals (`II min`, `VII dim`).
 * A sign before it and figures of the seventh are read, raised figures and single-letter numerals (`V⁷`, `Ⅴ`) too. Null
 * where it is none.
 */
export function readNumeral(typed: string): NumeralText | null {
  const found = /^([♭b♯#]?)([ivx]+|[IVX]+)\s*(.*)$/u.exec(typed.trim().normalize('NFKC'));
  if (!found?.[2]) return null;
  const at = ROMAN.indexOf(found[2].toUpperCase());
  if (at < 0) return null;
  const [, sign = '', roman, after = ''] = found;
  const [, word = '', size = '', seven = ''] = /^(.*?)[\s(]*(maj|Maj|M)?(7)?\)?$/u.exec(after.trim()) ?? [];
  // Without its figure it is a word for the triad.
  const quality = seven || !size ? word : `${word}maj`;
  const triad = triadFrom(quality.trim().toLowerCase(), roman === roman.toLowerCase());
  if (!triad) return null;
  return {
    degree: at + 1,
    sign: sign === '' ? null : /[♭b]/u.test(sign) ? -1 : 1,
    triad,
    seventh: seven ? (size ? 'major' : 'any') : 'none',
    half: word.trim() === 'ø',
    text: typed.trim(),
  };
}

function triadFrom(word: string, small: boolean): TriadQuality | null {
  if (/^(?:°|o|º|dim|dim\.|ø)$/u.test(word)) return 'diminished';
  if (/^(?:\+|aug|aug\.)$/u.test(word)) return 'augmented';
  if (/^(?:min|m|minor)$/u.test(word)) return 'minor';
  if (/^(?:maj|major)$/u.test(word)) return 'major';
  return word === '' ? (small ? 'minor' : 'major') : null;
}

/** The numeral of a chord in a key, as the class writes it. */
export function numeralWanted(chord: Chord, tonic: SpelledNote, school: NumeralSchool): NumeralText {
  return {
    degree: degreeOf(chord.root, tonic).degree,
    sign: signOfDegree(chord.root, tonic),
    triad: TRIAD_OF[chord.quality],
    seventh: seventhOf(chord),
    half: chord.quality === 'half-diminished',
    text: numeralOf(chord, tonic, school),
  };
}
