import type { SpelledNote } from '../note/spelled';
import type { ClassWords } from '../words/class-words';
import { FILLERS, METHOD_LEXICON, NUMBER_LEXICON, OPTION_LEXICON, SCALE_LEXICON } from './lexicon';
import { SHOWN_WORDS } from './shown-phrase';

/** A line in words: as they were typed, without what only punctuates them. */
export function wordsOfLine(text: string): readonly string[] {
  return text
    .normalize('NFC')
    .replace(/[?!.,;:"“”'‘’()]+/gu, ' ')
    .split(/\s+/u)
    .filter((word) => word !== '')
    .flatMap(takenApart);
}

/** Words that are written together taken apart: `Cmaj`, `Am`, `C-Dur`, `3#`, `4b`. */
function takenApart(word: string): readonly string[] {
  if (Object.hasOwn(SCALE_LEXICON, word.toLowerCase())) return [word];
  const key = /^(.+?)-?(dur|moll)$/iu.exec(word);
  if (key?.[1] && key[2]) return [key[1], key[2]];
  const glued = /^([a-h](?:[#♯b♭x𝄪𝄫]{0,2}))-?(maj|min|m)$/iu.exec(word);
  // A capital M is no minor.
  if (glued?.[1] && glued[2] && glued[2] !== 'M') return [glued[1], glued[2]];
  const signs = /^(\d)([#♯b♭])$/u.exec(word);
  if (signs?.[1] && signs[2]) return [signs[1], /[#♯]/u.test(signs[2]) ? 'sharps' : 'flats'];
  return [word];
}

/** A note read at a place of a line and how many words it takes; the longest is tried first. */
export type NoteAt = { readonly note: SpelledNote; readonly taken: number };

/** Notes that may begin at a word, the shortest first: `B`, `B flat`, `F double sharp`. */
export function notesAt(w: ClassWords, words: readonly string[], from: number): readonly NoteAt[] {
  return [1, 2, 3].flatMap((taken): NoteAt[] => {
    if (from + taken > words.length) return [];
    const reading = w.read(words.slice(from, from + taken).join(' '));
    return reading.ok ? [{ note: reading.note, taken }] : [];
  });
}

/** Whether a word means something somewhere in the grammar. */
export function isKnownWord(w: ClassWords, word: string): boolean {
  const lower = word.toLowerCase();
  const lists: readonly Readonly<Record<string, unknown>>[] = [
    SCALE_LEXICON,
    OPTION_LEXICON,
    METHOD_LEXICON,
    NUMBER_LEXICON,
  ];
  return (
    FILLERS.has(lower) ||
    SHOWN_WORDS.has(lower) ||
    OTHER_WORDS.has(lower) ||
    lists.some((list) => Object.hasOwn(list, lower)) ||
    /^[0-9]$/u.test(lower) ||
    /^(?:[wthgsa1-4+½]+)$/u.test(lower) ||
    w.read(word).ok
  );
}

/** Words of fixed phrases. */
const OTHER_WORDS: ReadonlySet<string> = new Set([
  'which',
  'what',
  'is',
  'has',
  'have',
  'many',
  'how',
  'are',
  'sharp',
  'sharps',
  'flat',
  'flats',
  'signs',
  'sign',
  'or',
  'last',
  'but',
  'sig',
  'signature',
  'rel',
  'relative',
  'par',
  'parallel',
  'tonic',
  'enh',
  'enharmonic',
  'parent',
  'equivalent',
  'to',
  'compare',
  'compared',
  'vs',
  'versus',
  'against',
  'beside',
  'side',
  'without',
  'name',
  'notes',
  'double',
  'route',
  'go',
  'from',
  'chords',
  'chord',
  'triads',
  'triad',
  'sevenths',
  'seventh',
  'spell',
  'fifth',
  'above',
  'below',
  'dominant',
  'diminished',
  'augmented',
  'circle',
  'neighbours',
  'on',
  'play',
  ...'thirds fourths turns octaves range whole at'.split(' '),
  ...'order degree leading note tone subtonic supertonic mediant subdominant submediant'.split(' '),
  ...'unison prime second third fourth sixth octave tritone perfect half whole step steps'.split(' '),
  ...'semitone semitones tones over under higher lower than a an'.split(' '),
  ...'1st 2nd 3rd 4th 5th 6th 7th 8th'.split(' '),
]);
