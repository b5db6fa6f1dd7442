import { type Chord, TRIAD_OF, type TriadQuality } from '@/core/harmony/chord';
import { type NumeralSchool, numeralOf } from '@/core/harmony/numeral';
import type { NumeralReading } from '@/core/mark/machine/written';
import type { SpelledNote } from '@/core/note/spelled';
import { degreeOf } from '@/core/scale/degree';

/** A numeral as it was read, with its text. */
export type NumeralText = NumeralReading & { readonly text: string };

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];

/**
 * Reads a Roman numeral: quality by case (`ii`, `V`, `vii°`, `III+`), or by a word after capitals (`II min`, `VII dim`).
 * A flat before it and figures of the seventh are read. Null where it is none.
 */
export function readNumeral(typed: string): NumeralText | null {
  const found = /^[♭b♯#]?([ivx]+|[IVX]+)\s*(.*)$/u.exec(typed.trim());
  if (!found?.[1]) return null;
  const at = ROMAN.indexOf(found[1].toUpperCase());
  if (at < 0) return null;
  const rest = (found[2] ?? '').trim().toLowerCase();
  const seventh = rest.includes('7');
  const word = rest.replace(/[()]|maj7|7/gu, '').trim();
  const small = found[1] === found[1].toLowerCase();
  const triad = triadFrom(word, small);
  return triad && { degree: at + 1, triad, seventh, half: word === 'ø', text: typed.trim() };
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
    triad: TRIAD_OF[chord.quality],
    seventh: chord.notes.length === 4,
    half: chord.quality === 'half-diminished',
    text: numeralOf(chord, tonic, school),
  };
}
