import { TRANSPOSING } from '../instrument/transposing';
import { noteNamed } from '../note/parse';
import type { ClassWords } from './class-words';

/** A text in which notes in braces stand for what the class calls them: `horn in {F}`. */
export function withNoteNames(w: ClassWords, text: string): string {
  return text.replace(/\{(.+?)\}/gu, (_, note: string) => w.note(noteNamed(note)));
}

/** Instruments by name; those that are called by their tuning have it in the names of the class. */
export function instrumentNames(w: ClassWords): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(TRANSPOSING).map(([id, { name }]) => [id, withNoteNames(w, name)]),
  );
}
