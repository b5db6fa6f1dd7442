import { CHORD_QUALITIES, type ChordQuality } from '@/core/harmony/chord';
import { CIRCLE_SIZES, type CircleSize } from '@/core/harmony/circle';
import { CHORD_SIZES } from '@/core/harmony/family';
import type { Key } from '@/core/harmony/key';
import { BOOK_ORDERS } from '@/core/harmony/key-book';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { taughtTonics } from '@/core/scale/taught';
import { TONICS } from '@/core/scale/tonic';
import type { ClassWords } from '@/core/words/class-words';
import { readQuality } from '@/core/words/read-chord';
import { readKey } from '@/core/words/read-key';
import { readNotes } from '@/core/words/read-notes';
import { QUALITY_WORDS } from '@/core/words/say-chord';
import { keyName } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word, WordOption } from '@/ui/sentence/words';
import { writeKey } from '../address/orbit/orbit-address';
import {
  FILL_MODES,
  FILL_TIMES,
  LONGEST_LINE,
  ORBIT_KINDS,
  type OrbitKind,
  type OrbitSentence,
  otherKind,
} from '../address/orbit/orbit-sentence';
import { listWord, option } from '../shell/list-word';

function choiceWord<Value extends string>(
  w: ClassWords,
  word: { readonly id: string; readonly label: string; readonly key: string; readonly value: Value },
  texts: Readonly<Record<Value, string>>,
  values: readonly Value[],
): Word {
  return listWord(w, { ...word, options: values.map((value) => option(value, texts[value])) });
}

/** The first word: what kind of sentence it is. */
function kindWord(w: ClassWords, kind: OrbitKind): Word {
  const say = orbitWords(w);
  const options = ORBIT_KINDS.map((each) => option(each, say.kinds[each].whole));
  const word = listWord(w, { id: 'kind', label: say.words.kind, key: 'Q', value: kind, options });
  return { ...word, text: say.kinds[kind].first };
}

/** A key that is chosen from the keys taught, or typed. */
function keyWord(w: ClassWords, id: string, key: string, value: Key): Word {
  const say = orbitWords(w);
  const taught = (['major', 'minor'] as const).flatMap((mode) =>
    taughtTonics(mode, w.settings).map((tonic): Key => ({ tonic, mode })),
  );
  const readTyped = (typed: string): WordOption | null => {
    const reading = readKey(w, typed);
    if (!reading.ok) return null;
    return { value: writeKey(reading.key), text: keyName(w, reading.key), match: () => 1 };
  };
  return {
    id,
    label: say.words[id as 'key' | 'from' | 'to'],
    key,
    value: writeKey(value),
    text: keyName(w, value),
    options: taught.map((each) => option(writeKey(each), keyName(w, each))),
    hint: say.typeKey,
    typed: readTyped,
    unmatched: (typed) => {
      const reading = readKey(w, typed);
      return reading.ok ? '' : reading.why;
    },
  };
}

/** A note out of the 21, as it is named alone. */
function noteWord(w: ClassWords, id: 'note' | 'root', value: SpelledNote): Word {
  const say = orbitWords(w);
  const match = (note: SpelledNote) => (typed: string) => {
    const reading = w.read(typed);
    if (reading.ok) return reading.note === note ? 1 : 0;
    return w.spokenNote(note).toLowerCase().startsWith(typed.trim().toLowerCase()) ? 0.6 : 0;
  };
  const notes = TONICS.includes(value) ? TONICS : [value, ...TONICS];
  return listWord(w, {
    id,
    label: say.words[id],
    key: 'T',
    value: asciiName(value),
    options: notes.map((note) => ({ value: asciiName(note), text: w.note(note), match: match(note) })),
  });
}

/** A line of notes that is typed. */
function lineWord(w: ClassWords, notes: readonly SpelledNote[]): Word {
  const say = orbitWords(w);
  return {
    id: 'notes',
    label: say.words.notes,
    key: 'T',
    value: notes.map(asciiName).join(' '),
    text: notes.length === 0 ? say.noNotes : w.noteList(notes),
    options: [option(notes.map(asciiName).join(' '), notes.length === 0 ? say.noNotes : w.noteList(notes))],
    hint: say.typeNotes,
    typed: (typed) => {
      const reading = readNotes(w, typed);
      if (!reading.ok || reading.notes.length === 0 || reading.notes.length > LONGEST_LINE) return null;
      const read = reading.notes.map(({ note }) => note);
      return { value: read.map(asciiName).join(' '), text: w.noteList(read), match: () => 1 };
    },
    unmatched: (typed) => {
      const reading = readNotes(w, typed);
      if (!reading.ok) return reading.why;
      return reading.notes.length > LONGEST_LINE
        ? say.tooMany(reading.notes.length, LONGEST_LINE)
        : say.typeNotes;
    },
  };
}

function readingWord(w: ClassWords, kind: 'keys' | 'chords' | 'notes'): Word {
  const say = orbitWords(w);
  return choiceWord(w, { id: 'reading', label: say.words.reading, key: 'R', value: kind }, say.readings, [
    'keys',
    'chords',
    'notes',
  ]);
}

type Of<Kind extends OrbitKind> = Extract<OrbitSentence, { readonly kind: Kind }>;

function chordsParts(w: ClassWords, kind: Word, { size, key }: Of<'chords'>): readonly SentencePart[] {
  const { sentence: say, words, sizes } = orbitWords(w);
  const sizeWord = choiceWord(
    w,
    { id: 'size', label: words.size, key: 'S', value: size },
    sizes,
    CHORD_SIZES,
  );
  const among = [say.among.chords, readingWord(w, 'chords'), say.as];
  return [kind, ' ', keyWord(w, 'key', 'T', key), ...among, sizeWord, say.end];
}

function spellParts(w: ClassWords, kind: Word, { root, quality }: Of<'spell'>): readonly SentencePart[] {
  const { sentence: say, words } = orbitWords(w);
  const word = { id: 'quality', label: words.quality, key: 'S', value: quality };
  const listed = choiceWord<ChordQuality>(w, word, QUALITY_WORDS, CHORD_QUALITIES);
  // Short forms are read as in the ask line: `7`, `m7b5`, `maj7`.
  const chord: Word = {
    ...listed,
    typed: (typed) => {
      const read = readQuality(typed, true);
      return read && { ...option(read, QUALITY_WORDS[read]), match: () => 1 };
    },
  };
  return [kind, ' ', noteWord(w, 'root', root), ' ', chord, say.end];
}

function circleWord(w: ClassWords, size: CircleSize): Word {
  const { words, circles } = orbitWords(w);
  return choiceWord(w, { id: 'circle', label: words.circle, key: 'C', value: size }, circles, CIRCLE_SIZES);
}

function fillParts(w: ClassWords, kind: Word, { size, mode, time }: Of<'fill'>): readonly SentencePart[] {
  const { sentence: say, words, fillModes, times } = orbitWords(w);
  const modeWord = { id: 'mode', label: words.mode, key: 'S', value: mode };
  const timeWord = { id: 'time', label: words.time, key: 'M', value: time };
  return [
    kind,
    say.of,
    circleWord(w, size),
    ' ',
    choiceWord(w, modeWord, fillModes, FILL_MODES),
    say.comma,
    choiceWord(w, timeWord, times, FILL_TIMES),
    say.end,
  ];
}

function bookParts(w: ClassWords, kind: Word, { size, order }: Of<'book'>): readonly SentencePart[] {
  const { sentence: say, words, orders } = orbitWords(w);
  const orderWord = choiceWord(
    w,
    { id: 'order', label: words.order, key: 'D', value: order },
    orders,
    BOOK_ORDERS,
  );
  return [kind, say.of, circleWord(w, size), say.keys, say.comma, orderWord, say.end];
}

/** A sentence of the room with its words. */
export function orbitParts(w: ClassWords, sentence: OrbitSentence): readonly SentencePart[] {
  const { sentence: say } = orbitWords(w);
  const kind = kindWord(w, sentence.kind);
  switch (sentence.kind) {
    case 'keys':
      return [
        kind,
        ' ',
        keyWord(w, 'key', 'T', sentence.key),
        say.among.keys,
        readingWord(w, 'keys'),
        say.end,
      ];
    case 'chords':
      return chordsParts(w, kind, sentence);
    case 'notes':
      return [
        kind,
        ' ',
        noteWord(w, 'note', sentence.note),
        say.among.notes,
        readingWord(w, 'notes'),
        say.end,
      ];
    case 'line':
      return [
        kind,
        ' ',
        lineWord(w, sentence.notes),
        say.aFifth,
        keyWord(w, 'key', 'G', sentence.key),
        say.end,
      ];
    case 'route': {
      const [from, to] = [keyWord(w, 'from', 'T', sentence.from), keyWord(w, 'to', 'G', sentence.to)];
      return [kind, say.from, from, say.to, to, say.end];
    }
    case 'spell':
      return spellParts(w, kind, sentence);
    case 'build':
      return [kind, say.of, circleWord(w, sentence.size), say.keys, say.end];
    case 'fill':
      return fillParts(w, kind, sentence);
    case 'book':
      return bookParts(w, kind, sentence);
  }
}

/** A sentence as plain text. */
export function orbitText(w: ClassWords, sentence: OrbitSentence): string {
  return orbitParts(w, sentence)
    .map((part) => (typeof part === 'string' ? part : part.text))
    .join('');
}

/** What a word's value is called in the address. */
const PARAMETER: Readonly<Record<string, string>> = { quality: 'chord' };

/**
 * The query with one word changed: the words of a sentence are the parameters of its address. The working is shown
 * whole again, and a way that was chosen is left.
 */
export function withOrbitWord(
  w: ClassWords,
  search: string,
  sentence: OrbitSentence,
  id: string,
  value: string,
): OrbitSentence | string {
  const kind = ORBIT_KINDS.find((each) => each === value);
  if ((id === 'kind' || id === 'reading') && kind) return otherKind(kind, sentence, w.settings);
  const query = new URLSearchParams(search);
  query.set(PARAMETER[id] ?? id, value);
  for (const gone of ['step', 'way', ...(id === 'key' ? ['degree'] : [])]) query.delete(gone);
  return `?${query}`;
}
