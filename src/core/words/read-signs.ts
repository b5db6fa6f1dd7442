import { type Fifths, fifths, type SpelledNote } from '../note/spelled';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';
import type { ClassWords } from './class-words';
import { readNotes } from './read-notes';
import { numberWord } from './vocabulary';

/** How many signs of which kind were typed, which, or both; either may be left out. */
export type SignsReading =
  | { readonly ok: true; readonly fifths: Fifths | null; readonly signs: readonly SpelledNote[] | null }
  | { readonly ok: false; readonly why: string };

const NOTHING =
  /^(?:0|no|none|nothing|nil|zero|empty|an?\s+empty\s+(?:key\s+)?signature|(?:no|0|zero)\s+(?:sharps?|flats?|signs?|accidentals?|(?:key\s+)?signature)(?:\s*(?:or|and|nor|,|\/)\s*(?:no\s+)?(?:sharps?|flats?))?)$/iu;

/** Whether no signs were meant, which is a full answer. */
export function isNoSigns(text: string): boolean {
  return NOTHING.test(text.trim());
}

const NUMBERS = 'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen'.split(
  ' ',
);

/** A number at the beginning, in figures or as a word, with what follows. */
function numberAt(
  text: string,
): { readonly number: number; readonly rest: string; readonly minus: boolean } | null {
  const figures = /^([-−+]?)(\d{1,2})(?!\d)\s*(.*)$/su.exec(text);
  if (figures)
    return { number: Number(figures[2]), rest: figures[3] ?? '', minus: /[-−]/u.test(figures[1] ?? '') };
  const word = /^(\p{L}+)\b\s*(.*)$/su.exec(text);
  const number = NUMBERS.indexOf((word?.[1] ?? '').toLowerCase());
  return word && number >= 0 ? { number, rest: word[2] ?? '', minus: false } : null;
}

const KIND = /^(sharps?|flats?|♯|♭|#|b)(?=$|[\s:,;=])[\s:,;=]*(.*)$/isu;

/** The most signs a signature has. */
const MOST = 7;

/**
 * Reads a number of signs, signs by their names, or both, in the names of a class: `3 flats`, `-3`, `three sharps`,
 * `none`, `B♭ E♭ A♭`, `3 flats: B♭ E♭ A♭`. Letters alone stay letters; what is meant by them is for whoever asks.
 *
 * @param most the most signs that may be said; more are refused
 */
export function readSigns(w: ClassWords, text: string, most = MOST): SignsReading {
  const plain = text.trim();
  if (isNoSigns(plain)) return { ok: true, fifths: fifths(0), signs: null };
  const said = numberAt(plain);
  const kind = said && KIND.exec(said.rest);
  const list = readNotes(w, kind ? (kind[2] ?? '') : said ? said.rest.replace(/^[\s:,;=]+/u, '') : plain);
  if (!list.ok)
    return {
      ok: false,
      why: `${list.why} Write the number and kind, such as 3 flats, or the signs.`,
    };
  const signs = list.notes.length > 0 ? list.notes.map(({ note }) => note) : null;
  if (!said) return { ok: true, fifths: null, signs };
  const { number, minus } = said;
  if (number > most)
    return { ok: false, why: `${number} signs were read; a key signature has ${numberWord(MOST)} at most.` };
  if (number > 0 && !kind && !minus && !signs)
    return { ok: false, why: `${number} of which kind? Write ${number} sharps or ${number} flats.` };
  const flat = minus || /^(?:f|♭|b)/iu.test(kind?.[1] ?? '') || (!kind && (signs?.[0]?.alteration ?? 0) < 0);
  return { ok: true, fifths: fifths(number === 0 ? 0 : flat ? -number : number), signs };
}

/** What a row of bare letters would be as signs of an order: the letters are right and the signs are missing; else null. */
export function lettersOfOrder(letters: readonly SpelledNote[]): readonly SpelledNote[] | null {
  if (letters.length === 0 || letters.some(({ alteration }) => alteration !== 0)) return null;
  const order = [ORDER_OF_SHARPS, ORDER_OF_FLATS].find((each) =>
    letters.every(({ letter }, at) => each[at]?.letter === letter),
  );
  return order ? order.slice(0, letters.length) : null;
}
