import { type Chord, TRIAD_OF, type TriadQuality } from '../../harmony/chord';
import { type NumeralSchool, numeralOf } from '../../harmony/numeral';
import type { SpelledNote } from '../../note/spelled';
import { degreeOf } from '../../scale/degree';

/** A numeral as it was read: its degree, the triad its case and signs say, and whether it has a seventh. */
export type NumeralReading = {
  readonly degree: number;
  readonly triad: TriadQuality;
  readonly seventh: boolean;
  /** Whether its seventh is that of a half-diminished chord. */
  readonly half: boolean;
  readonly text: string;
};

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];

/**
 * Two numerals are one where degree, quality and size agree; a flat before a degree of minor is free, and so is the
 * kind of a seventh but for the half-diminished one.
 */
export function sameNumeral(one: NumeralReading, other: NumeralReading): boolean {
  const size = one.seventh === other.seventh && one.half === other.half;
  return one.degree === other.degree && one.triad === other.triad && size;
}

/**
 * Reads a Roman numeral: quality by case (`ii`, `V`, `vii°`, `III+`), or by a word after capitals (`II min`, `VII dim`).
 * A flat before it and figures of the seventh are read. Null where it is none.
 */
export function readNumeral(typed: string): NumeralReading | null {
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
export function numeralWanted(chord: Chord, tonic: SpelledNote, school: NumeralSchool): NumeralReading {
  return {
    degree: degreeOf(chord.root, tonic).degree,
    triad: TRIAD_OF[chord.quality],
    seventh: chord.notes.length === 4,
    half: chord.quality === 'half-diminished',
    text: numeralOf(chord, tonic, school),
  };
}
