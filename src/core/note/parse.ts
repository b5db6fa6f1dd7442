import { LETTERS, type Letter } from './letter';
import { type NoteNames, noteFrom } from './names';
import { type Pitch, pitch } from './pitch';
import { type Alteration, type SpelledNote, spelled } from './spelled';

/** Why a typed note could not be read. `read` is what was typed. */
export type NoteProblem =
  | { readonly code: 'note-empty' }
  | { readonly code: 'note-too-long'; readonly length: number; readonly limit: number }
  /** A name of another school: `fits` is the way of naming it belongs to. */
  | { readonly code: 'note-other-names'; readonly read: string; readonly fits: NoteNames }
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
 * Reads one note typed with English names (docs/theory.md, Notes). A lone `b` is B and `bb` is B flat;
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
  return { ok: false, problem: unknown(read, 'english') };
}

const OTHER_NAMES = ['english', 'german', 'fixed-do', 'dutch'] as const;

/** Whose name it is, if it is one of another school's. */
function unknown(read: string, uses: NoteNames): NoteProblem {
  const fits = OTHER_NAMES.find(
    (names) => names !== uses && (names === 'english' ? readEnglishNote(read).ok : noteFrom(names, read)),
  );
  return fits ? { code: 'note-other-names', read, fits } : { code: 'note-unknown', read };
}

/**
 * Reads one note typed with the names a class uses: one reading a class, never a guess. `B` is B flat in German
 * names and B in every other.
 *
 * @example noteName(readNote('german', 'b').note) // 'B♭'
 * @example noteName(readNote('german', 'H').note) // 'B'
 * @example readNote('english', 'H').problem.code // 'note-other-names'
 */
export function readNote(names: NoteNames, typed: string): NoteReading {
  if (names === 'english' || typed.length > LIMIT || typed.trim() === '') return readEnglishNote(typed);
  const note = noteFrom(names, typed);
  if (note) return { ok: true, note };
  const read = typed.trim();
  const english = readEnglishNote(read);
  const signs =
    !english.ok &&
    (english.problem.code === 'note-mixed-signs' || english.problem.code === 'note-third-sign');
  return { ok: false, problem: signs ? english.problem : unknown(read, names) };
}

function whySign(read: string, letter: Letter, sign: string): NoteProblem {
  const sharps = /[#♯x𝄪]/u.test(sign);
  const flats = /[b♭𝄫]/u.test(sign);
  if (/^[#♯x𝄪b♭𝄫n♮]+$/u.test(sign)) {
    const mixed = (sharps && flats) || /[n♮]/u.test(sign);
    return mixed ? { code: 'note-mixed-signs', read } : { code: 'note-third-sign', read, letter };
  }
  return unknown(read, 'english');
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

/** The pitch of an English ASCII name with its octave that is known to be right, such as one in a table; else it throws. */
export function pitchNamed(name: string): Pitch {
  const octave = Number(name.slice(-1));
  if (!Number.isInteger(octave)) throw new RangeError(`'${name}' has no octave`);
  return pitch(noteNamed(name.slice(0, -1)), octave);
}
