import { keyAt, keyNotes } from '@/core/harmony/key';
import { LETTERS } from '@/core/note/letter';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, fifths, spelled } from '@/core/note/spelled';
import { isShippedPiece, SHIPPED_PIECES } from '@/core/piece/shipped';
import type { Mode } from '@/core/scale/mode';
import type { ClassWords } from '@/core/words/class-words';
import { keyName } from '@/core/words/say-key';
import { readWords } from '@/core/words/screen/read';
import type { StoredPiece } from '@/store/piece';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word, WordOption } from '@/ui/sentence/words';
import {
  keyCode,
  keyOfCode,
  READ_FOR,
  READ_MARKS,
  type ReadSentence,
  shippedSentence,
} from '../address/read/read-address';
import { listWord, option } from '../shell/list-word';

/** What is picked to bring in another piece; no piece is called so. */
export const ANOTHER = 'another';
const UNKNOWN = 'unknown';
const OWN = 'own';
const ALL = 'all';

/** A piece that is kept, as a sentence says it. */
export function keptSentence(piece: StoredPiece): ReadSentence {
  const noteOf = (name: string) => {
    const reading = readEnglishNote(name);
    return name && reading.ok ? reading.note : null;
  };
  return {
    ...shippedSentence(piece.id),
    ...{
      title: piece.title,
      fifths: fifths(piece.fifths),
      first: noteOf(piece.first),
      last: noteOf(piece.last),
    },
  };
}

/** What a piece is called in the sentence. */
export function titleOf(w: ClassWords, { title }: Pick<ReadSentence, 'title'>): string {
  return title || readWords(w).sentence.untitled;
}

/** Whether the signature and the ends are all that is known of it, and can be said otherwise. */
export function isByEnds({ piece }: ReadSentence, kept: StoredPiece | null): boolean {
  return !isShippedPiece(piece) && (piece === '' || kept?.holds === 'ends');
}

type Labels = ReturnType<typeof readWords>['words'];

function word(
  w: ClassWords,
  id: keyof Labels,
  key: string,
  value: string,
  options: readonly WordOption[],
): Word {
  return listWord(w, { id, label: readWords(w).words[id], key, value, options });
}

function pieceWord(w: ClassWords, sentence: ReadSentence, pieces: readonly StoredPiece[]): Word {
  const say = readWords(w);
  const ships = SHIPPED_PIECES.map((id) => option(id, shippedSentence(id).title, say.pieces.ships));
  const kept = pieces.map((each) =>
    option(each.id, each.title || say.sentence.untitled, say.pieces.kept[each.holds]),
  );
  const all = [...ships, ...kept];
  const here = all.some(({ value }) => value === sentence.piece)
    ? []
    : [option(sentence.piece, titleOf(w, sentence))];
  const value = sentence.view === 'new' ? ANOTHER : sentence.piece;
  return word(w, 'piece', 'Q', value, [
    ...here,
    ...all,
    option(ANOTHER, say.pieces.another, say.pieces.anotherDetail),
  ]);
}

const SIGNS = Array.from({ length: 15 }, (_, at) => at - 7).toSorted(
  (a, b) => Math.abs(a) - Math.abs(b) || b - a,
);

function fifthsWord(w: ClassWords, { fifths: count }: ReadSentence): Word {
  const say = readWords(w);
  const options = SIGNS.map((each) => option(String(each), say.signs(fifths(each))));
  return word(w, 'fifths', 'G', String(count), options);
}

function lastWord(w: ClassWords, { last, fifths: count }: ReadSentence): Word {
  const say = readWords(w);
  // The notes of the signature first, then every plain letter with its other sign.
  const own = keyNotes(keyAt(count, 'major') ?? { tonic: spelled('C', 0), mode: 'major' }) ?? [];
  const all = LETTERS.flatMap((letter) => ([-1, 0, 1] as const).map((sign) => spelled(letter, sign)));
  const offered = [...own, ...all.filter((note) => !own.includes(note))];
  const options = offered.map((note) => option(asciiName(note), w.note(note)));
  const none = { ...option(UNKNOWN, say.sentence.endsUnknown.replace(/^, /u, '')) };
  return word(w, 'last', 'E', last ? asciiName(last) : UNKNOWN, [...options, none]);
}

/** The sentence itself: the piece, and what stands at its clef and at its end. */
export function readParts(
  w: ClassWords,
  sentence: ReadSentence,
  pieces: readonly StoredPiece[],
  byEnds: boolean,
): readonly SentencePart[] {
  const { sentence: say, signs } = readWords(w);
  const { last, fifths: count } = sentence;
  const piece = pieceWord(w, sentence, pieces);
  if (sentence.view === 'new') return [say.read, { ...piece, text: say.anotherPiece }, say.end];
  if (byEnds) {
    const ends = last ? [say.ends, lastWord(w, sentence)] : [', ', lastWord(w, sentence)];
    return [say.read, piece, say.colon, fifthsWord(w, sentence), ...ends, say.end];
  }
  const facts = `${say.colon}${signs(count)}${last ? `${say.ends}${w.note(last)}` : ''}${say.end}`;
  return [say.read, piece, facts];
}

/** What is known of a piece that is open, for the words that need it. */
export type OpenPiece = { readonly parts: readonly { readonly name: string }[]; readonly mode: Mode | null };

/** The second line: what is marked, which part, in which key, for whom. */
export function howParts(w: ClassWords, sentence: ReadSentence, open: OpenPiece): readonly SentencePart[] {
  const { sentence: say, marks } = readWords(w);
  const { part, key, instrument, marks: marked } = sentence;
  const mark = word(
    w,
    'mark',
    'M',
    marked,
    READ_MARKS.map((id) => option(id, marks[id])),
  );
  const names = open.parts.map(({ name }, at) => option(String(at + 1), name || `Part ${at + 1}`));
  const which = word(w, 'part', 'T', part === null ? ALL : String(part), [
    option(ALL, say.allParts),
    ...names,
  ]);
  const mode = key?.mode ?? open.mode;
  const keys = mode === null ? [] : SIGNS.flatMap((count) => keyAt(count, mode) ?? []);
  const own = option(OWN, say.ownKey);
  const inKey = word(w, 'key', 'Y', key ? keyCode(key) : OWN, [
    own,
    ...keys.map((each) => option(keyCode(each), keyName(w, each))),
  ]);
  const as = word(
    w,
    'for',
    'I',
    instrument,
    READ_FOR.map((id) => option(id, say.as(id))),
  );
  return [
    say.marking,
    mark,
    ...(open.parts.length > 1 ? [say.part, which] : []),
    ...(mode === null ? [] : [say.inKey, inKey]),
    say.for,
    as,
    say.end,
  ];
}

/** The sentence with one of its words picked; the same object where nothing changes. */
export function withReadWord(
  sentence: ReadSentence,
  id: string,
  value: string,
  pieces: readonly StoredPiece[],
): ReadSentence {
  switch (id) {
    case 'piece': {
      if (value === ANOTHER) return { ...sentence, view: 'new' };
      if (value === sentence.piece) return { ...sentence, view: 'piece' };
      const kept = pieces.find((each) => each.id === value);
      return { ...(kept ? keptSentence(kept) : shippedSentence(value)), marks: sentence.marks };
    }
    case 'fifths':
      return { ...sentence, fifths: fifths(Number(value)) };
    case 'last': {
      const reading = readEnglishNote(value);
      return { ...sentence, last: value !== UNKNOWN && reading.ok ? reading.note : null };
    }
    case 'part':
      return { ...sentence, part: value === ALL ? null : Number(value) };
    case 'key':
      return { ...sentence, key: value === OWN ? null : keyOfCode(value) };
    case 'for':
      return { ...sentence, instrument: value };
    case 'mark':
      return { ...sentence, marks: READ_MARKS.find((each) => each === value) ?? sentence.marks };
    default:
      return sentence;
  }
}

/** What it is called when it is kept. */
export function readName(w: ClassWords, sentence: ReadSentence): string {
  return titleOf(w, sentence);
}

/** The whole sentence as a text. */
export function readText(w: ClassWords, sentence: ReadSentence): string {
  const { sentence: say, signs } = readWords(w);
  const { fifths: count, last } = sentence;
  return `${say.read}${titleOf(w, sentence)}${say.colon}${signs(count)}${last ? say.ends + w.note(last) : ''}${say.end}`;
}
