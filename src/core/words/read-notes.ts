import { LETTERS, letterAfter } from '../note/letter';
import type { SpelledNote } from '../note/spelled';
import type { ClassWords } from './class-words';
import { sayProblem } from './say-problem';

/** A note of a row as it was typed: with its octave where one was, and bare where it has no sign of its own. */
export type TypedNote = {
  readonly note: SpelledNote;
  readonly octave: number | null;
  readonly bare: boolean;
};

export type NotesReading =
  | { readonly ok: true; readonly notes: readonly TypedNote[] }
  /** Which word was not read, and why. */
  | { readonly ok: false; readonly read: string; readonly why: string };

/** Words of signs are drawn to their letter, so that every other blank or stroke parts two notes. */
function joined(text: string): string {
  return text.replace(
    /[\s-]*\b(double[\s-]*)?(sharp|flat|natural)\b/giu,
    (_, double: string | undefined, sign: string) => {
      const one = { sharp: '#', flat: 'b', natural: 'n' }[sign.toLowerCase()] ?? '';
      return double ? one + one : one;
    },
  );
}

/** Whether small letters without blanks go from each to the next one, up or down, so that a `b` can only be the note. */
function goesByLetters(letters: readonly string[]): boolean {
  return letters.slice(1).every((letter, at) => {
    const before = LETTERS.find((each) => each === (letters[at] ?? '').toUpperCase());
    return before !== undefined && [1, -1].some((way) => letterAfter(before, way) === letter.toUpperCase());
  });
}

/**
 * Notes run together: parted before each capital, `DEF#G`, `DisEFis`. Small ones, `cdefgabc`, only where letter follows
 * letter: in `ebfg` nobody could say whether the b is a note or a flat.
 */
function parted(word: string): readonly string[] {
  if (/^\p{Lu}/u.test(word)) return word.split(/(?=\p{Lu})/u);
  const small = /^(?:[a-g][#♯]{0,2}){3,}$/u.test(word) ? (word.match(/[a-g][#♯]*/gu) ?? []) : [];
  return goesByLetters(small.map((each) => each.slice(0, 1))) && small.length > 0 ? small : [word];
}

function noteFrom(w: ClassWords, word: string): TypedNote | null {
  const found = /^(.*?)(-?\d)?$/u.exec(word);
  const reading = w.read(found?.[1] ?? '');
  if (!reading.ok) return null;
  const octave = found?.[2] === undefined ? null : Number(found[2]);
  return { note: reading.note, octave, bare: reading.note.alteration === 0 && !/[n♮]\d?$/u.test(word) };
}

/**
 * Reads a row of notes in the names of a class, with any marks between them: blanks, commas, strokes, arrows, `and`, or
 * none at all. Nothing is passed over: what is no note is named.
 */
export function readNotes(w: ClassWords, text: string): NotesReading {
  const words = joined(text)
    .replace(/(?<=\s)(?:and|&)(?=\s)/giu, ' ')
    .split(/[\s,;:|/→>–—()]+|-(?!\d)/u)
    .filter(Boolean);
  const notes: TypedNote[] = [];
  for (const word of words) {
    const whole = noteFrom(w, word);
    if (whole) notes.push(whole);
    else {
      for (const part of parted(word)) {
        const note = noteFrom(w, part);
        const reading = w.read(part);
        if (!note)
          return {
            ok: false,
            read: part,
            why: reading.ok ? `'${part}' was not read.` : sayProblem(w, reading.problem),
          };
        notes.push(note);
      }
    }
  }
  return { ok: true, notes };
}
