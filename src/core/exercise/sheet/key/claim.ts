import type { TriadQuality } from '../../../harmony/chord';
import type { Decision } from '../../../identify/decision';
import type { KeyFact } from '../../../identify/key-of-signature';
import type { WriteFact } from '../../../identify/signature-of-key';
import type { SpelledNote } from '../../../note/spelled';
import type { ScaleId } from '../../../scale/pattern';

/** Two notes of one letter: what stands in the key, and what it becomes. */
export type Changed = { readonly from: SpelledNote; readonly to: SpelledNote };

/**
 * What is said in one line of a key for why an answer is right. Each is true of its question alone, and is checked
 * against it; the sentence takes all that it says from here.
 */
export type Claim =
  /** The signature of a scale, and the major that has it too; null where the scale is that major. */
  | {
      readonly code: 'has-signs';
      readonly count: number;
      readonly signs: readonly SpelledNote[];
      readonly major: SpelledNote | null;
    }
  /** An order said as far as the sign that ends it: sharps to the half step below the major tonic, flats to one after it. */
  | {
      readonly code: 'order-ends';
      readonly sharps: boolean;
      readonly last: SpelledNote;
      readonly major: SpelledNote;
    }
  /** A degree raised out of the signature; its sign stands at the note. */
  | { readonly code: 'raised'; readonly tonic: SpelledNote; readonly notes: readonly Changed[] }
  /** Coming down, the notes that were raised are as the signature has them again. */
  | { readonly code: 'restored'; readonly notes: readonly SpelledNote[] }
  /** A melodic minor that only comes down, in its natural form. */
  | { readonly code: 'nothing-raised'; readonly scale: ScaleId }
  /** The steps from the tonic up; `down` where they are asked coming down. */
  | {
      readonly code: 'steps';
      readonly tonic: SpelledNote | null;
      readonly steps: readonly number[];
      readonly down: boolean;
    }
  /** Where the half steps lie, by the degree below each, and where three half steps lie. */
  | { readonly code: 'half-steps'; readonly below: readonly number[]; readonly wide: readonly number[] }
  /** What differs from the major on the same tonic. */
  | { readonly code: 'against-major'; readonly tonic: SpelledNote; readonly notes: readonly Changed[] }
  /** An order of signs: each a fifth from the one before. */
  | { readonly code: 'order'; readonly sharps: boolean; readonly signs: readonly SpelledNote[] }
  /** Two keys of one signature; half steps from the asked tonic to the other, below 0 for down. */
  | {
      readonly code: 'shares-signature';
      readonly count: number;
      readonly from: SpelledNote;
      readonly semitones: number;
    }
  /** Two keys on one tonic, and the signature of each. */
  | { readonly code: 'same-tonic'; readonly tonic: SpelledNote; readonly from: number; readonly to: number }
  /** Two keys that sound the same, twelve places apart. */
  | {
      readonly code: 'sounds-alike';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly counts: readonly [number, number];
    }
  /** A degree counted out, and why the note has its sign; only counted where no signature is printed. */
  | {
      readonly code: 'degree';
      readonly degree: number;
      readonly tonic: SpelledNote;
      readonly note: SpelledNote;
      readonly because: 'signature' | 'raised' | 'plain' | 'counted';
    }
  /** A chord in thirds, their sizes in semitones. */
  | {
      readonly code: 'thirds';
      readonly notes: readonly SpelledNote[];
      readonly sizes: readonly number[];
      readonly triad: TriadQuality;
    }
  /** What an instrument reads: so many letters and half steps above what sounds; below 0 for below. */
  | {
      readonly code: 'reads';
      readonly instrument: string;
      readonly letters: number;
      readonly semitones: number;
    }
  /** A line that was heard, in degrees, and its notes. */
  | {
      readonly code: 'heard';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly degrees: readonly number[];
      readonly notes: readonly SpelledNote[];
    }
  | { readonly code: 'key-fact'; readonly fact: KeyFact }
  | { readonly code: 'write-fact'; readonly fact: WriteFact }
  | { readonly code: 'decision'; readonly fact: Decision };
