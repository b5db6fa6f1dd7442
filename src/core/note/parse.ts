import { LETTERS, type Letter } from './letter';
import { type Alteration, type SpelledNote, spelled } from './spelled';

/** Why a typed note could not be read. `read` is what was typed. */
export type NoteProblem =
  | { readonly code: 'note-empty' }
  | { readonly code: 'note-too-long'; readonly length: number; readonly limit: number }
  | { readonly code: 'note-german'; readonly read: string }
  | { readonly code: 'note-mixed-signs'; readonly read: string }
  | { readonly code: 'note-third-sign'; readonly read: string; readonly letter: Letter }
  | { readonly code: 'note-unknown'; readonly read: string };

export type NoteReading =
  | { readonly ok: true; readonly note: SpelledNote }
  | { readonly ok: false; readonly problem: NoteProblem };

const LIMIT = 24;

const SIGN_WORDS: ReadonlyMap<string, Alteration> = new Map([
  ['', 0],
  ['n', 0],
  ['♮', 0],
  ['natural', 0],
  ['b', -1],
  ['♭', -1],
  ['flat', -1],
  ['bb', -2],
  ['♭♭', -2],
  ['𝄫', -2],
  ['doubleflat', -2],
  ['flatflat', -2],
  ['#', 1],
  ['♯', 1],
  ['sharp', 1],
  ['##', 2],
  ['♯♯', 2],
  ['x', 2],
  ['𝄪', 2],
  ['doublesharp', 2],
  ['sharpsharp', 2],
]);

/**
 * Reads one note typed with English names (facts: notes, typed forms). A lone `b` is B and `bb` is B flat;
 * capitals and small letters are one; spaces and hyphens between letter and sign are free.
 *
 * @example noteName(readEnglishNote('F-sharp').note) // 'F♯'
 * @example noteName(readEnglishNote('bb').note) // 'B♭'
 */
export function readEnglishNote(typed: string): NoteReading {
  if (typed.length > LIMIT) {
    return { ok: false, problem: { code: 'note-too-long', length: typed.length, limit: LIMIT } };
  }
  const read = typed.trim();
  if (read === '') return { ok: false, problem: { code: 'note-empty' } };

  const first = read.slice(0, 1).toUpperCase();
  const letter = LETTERS.find((known) => known === first);
  const rest = read
    .slice(1)
    .normalize('NFKC')
    .replace(/[\s‐-–-]+/gu, '');
  // Only the words may be in capitals: a capital B after a letter is never a flat.
  const sign = /^[a-z]{4,}$/iu.test(rest) ? rest.toLowerCase() : rest.replace(/^X$/u, 'x');

  if (letter) {
    const alteration = SIGN_WORDS.get(sign);
    if (alteration !== undefined) return { ok: true, note: spelled(letter, alteration) };
    return { ok: false, problem: whySign(read, letter, sign) };
  }
  const german = /^h(is(is)?|es(es)?|#|b|♯|♭)?$/iu.test(read);
  return { ok: false, problem: { code: german ? 'note-german' : 'note-unknown', read } };
}

function whySign(read: string, letter: Letter, sign: string): NoteProblem {
  const sharps = /[#♯x𝄪]/u.test(sign);
  const flats = /[b♭𝄫]/u.test(sign);
  if (/^[#♯x𝄪b♭𝄫n♮]+$/u.test(sign)) {
    const mixed = (sharps && flats) || /[n♮]/u.test(sign);
    return mixed ? { code: 'note-mixed-signs', read } : { code: 'note-third-sign', read, letter };
  }
  const german = /^(is(is)?|e?s(es)?)$/iu.test(sign);
  return { code: german ? 'note-german' : 'note-unknown', read };
}

/**
 * The note of an English ASCII name that is known to be right, as tables and tests write them.
 * A name that cannot be read is a bug and throws.
 */
export function noteNamed(name: string): SpelledNote {
  const reading = readEnglishNote(name);
  if (!reading.ok) throw new RangeError(`not a note: ${name}`);
  return reading.note;
}
