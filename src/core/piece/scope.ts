import type { Letter } from '../note/letter';
import { heightOf, letterHeight, type Pitch } from '../note/pitch';
import type { Alteration, Fifths } from '../note/spelled';
import { alteredLetters } from '../scale/signature';

/** What decides how a letter sounds at a place of the staff: no sign, the signature, or an accidental of this bar. */
export type InForce =
  | { readonly by: 'nothing'; readonly alteration: 0 }
  | { readonly by: 'signature'; readonly alteration: Alteration }
  | { readonly by: 'accidental'; readonly alteration: Alteration; readonly tone: number };

/**
 * The signs in force on one staff while it is read (docs/theory.md, Key signatures): a signature holds for its letters in
 * every octave until the next one; an accidental for one letter in one octave until the bar line.
 */
export class StaffScope {
  private signature: ReadonlyMap<string, { readonly alteration: Alteration }>;
  private inBar = new Map<number, { readonly alteration: Alteration; readonly tone: number }>();

  constructor(count: Fifths) {
    this.signature = alteredLetters(count);
  }

  /** Another signature begins; it ends what was in force. */
  sign(count: Fifths): void {
    this.signature = alteredLetters(count);
    this.inBar = new Map();
  }

  barLine(): void {
    this.inBar = new Map();
  }

  /** What a letter without a sign of its own sounds as, in an octave, and why. */
  of(letter: Letter, octave: number): InForce {
    const own = this.inBar.get(letterHeight(letter, octave));
    if (own) return { by: 'accidental', ...own };
    const signed = this.signature.get(letter);
    return signed ? { by: 'signature', alteration: signed.alteration } : { by: 'nothing', alteration: 0 };
  }

  /** What the signature alone makes of a letter. */
  signed(letter: Letter): Alteration {
    return this.signature.get(letter)?.alteration ?? 0;
  }

  /** A sign is printed at a tone, and holds from there. */
  put({ note, octave }: Pitch, tone: number): void {
    this.inBar.set(heightOf({ note, octave }), { alteration: note.alteration, tone });
  }
}
