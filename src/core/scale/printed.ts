import { heightOf, type Pitch } from '../note/pitch';
import { ALTERATIONS, type Alteration, type Fifths } from '../note/spelled';
import { alteredLetters, isPrintable } from './signature';

/** Whether the key signature is written at the clef, or every sign at its note. */
export const SIGNATURE_CHOICES = ['written', 'none'] as const;

export type SignatureChoice = (typeof SIGNATURE_CHOICES)[number];

/**
 * The fifths that stand at the clef, or null where no signature is printed: by choice, because the key is
 * theoretical, or because typed steps have none.
 */
export function printedSignature(signature: Fifths | null, choice: SignatureChoice): Fifths | null {
  return choice === 'written' && signature !== null && isPrintable(signature) ? signature : null;
}

/**
 * The sign printed at each note of a line without bar lines, as the alteration it shows; null where none is.
 * A signature holds for its letters in every octave. An accidental holds for one letter in one octave until it is
 * cancelled, so the cancelling sign is needed and a sign in force is not written again.
 */
export function printedSigns(line: readonly Pitch[], atClef: Fifths | null): readonly (Alteration | null)[] {
  const signature = alteredLetters(atClef ?? (0 as Fifths));
  const inForce = new Map<number, Alteration>();
  return line.map((pitch) => {
    const { letter, alteration } = pitch.note;
    const height = heightOf(pitch);
    const now = inForce.get(height) ?? signature.get(letter)?.alteration ?? 0;
    if (now === alteration) return null;
    inForce.set(height, alteration);
    return alteration;
  });
}

const SIGN_CODES: Readonly<Record<Alteration, string>> = { [-2]: 'bb', [-1]: 'b', 0: 'n', 1: '#', 2: '##' };

/** The sign an ASCII code stands for, or null where it is none. */
export function signOfCode(code: string): Alteration | null {
  return ALTERATIONS.find((sign) => SIGN_CODES[sign] === code) ?? null;
}

/** The ASCII code of a printed sign: `bb` `b` `n` `#` `##`. */
export function signCode(sign: Alteration): string {
  return SIGN_CODES[sign];
}
