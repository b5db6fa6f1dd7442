import { TRANSPOSING } from '../instrument/transposing';
import { noteNamed } from '../note/parse';
import type { ClassWords } from './class-words';

/** Instruments by name; those that are called by their tuning have it in the names of the class. */
export function instrumentNames(w: ClassWords): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(TRANSPOSING).map(([id, { name }]) => [
      id,
      name.replace(/\{(.+?)\}/gu, (_, note: string) => w.note(noteNamed(note))),
    ]),
  );
}
