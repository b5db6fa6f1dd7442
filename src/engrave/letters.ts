import { giveOutlines } from './glyphs';
import letters from './letters.json';

/** Gives the outlines of all letters that names and steps are made of. */
export function giveLetters(): void {
  giveOutlines(letters);
}
