import { fieldsOf, KIND_IDS } from '@/core/exercise/kinds/all';
import { type Fields, PARTNER_RELATIONS, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { CLEFS } from '@/core/instrument/staff';
import { TRANSPOSING } from '@/core/instrument/transposing';
import { asciiName } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { MODES, type Mode } from '@/core/scale/mode';
import { SCALE_IDS, scaleOfMode } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { taughtTonics } from '@/core/scale/taught';
import { TONICS } from '@/core/scale/tonic';
import type { ClassWords } from '@/core/words/class-words';
import { readScale } from '@/core/words/read-scale';
import { sayProblem } from '@/core/words/say-problem';
import { markWords } from '@/core/words/screen/mark';
import { CLEF_WORDS, DIRECTION_WORDS, ordinal, signCount } from '@/core/words/vocabulary';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word, WordOption } from '@/ui/sentence/words';
import { ANSWER_PARAMETERS, LONGEST_WHO } from '../address/mark/mark-address';
import type { MarkSentence } from '../address/mark/mark-sentence';
import { listWord, option } from '../shell/list-word';

type Field = keyof Fields;

const KEYS: Readonly<Record<Field, string>> = {
  tonic: 'T',
  scale: 'S',
  direction: 'D',
  clef: 'C',
  signature: 'G',
  fifths: 'T',
  mode: 'S',
  order: 'T',
  notes: 'T',
  relation: 'D',
  degree: 'D',
  size: 'C',
  wants: 'G',
  pitch: 'T',
  instrument: 'S',
};

type Maker = (w: ClassWords, sentence: MarkSentence) => Word;

/** The word of a mode after its tonic: `minor`, and `Moll` after a hyphen. */
function modeWord(w: ClassWords, mode: Mode): string {
  if (mode !== 'minor') return w.scaleWord(scaleOfMode(mode));
  return w.settings.keyNames === 'german' ? 'Moll' : 'minor';
}

function choice(
  field: Field,
  options: (w: ClassWords, sentence: MarkSentence) => readonly WordOption[],
  value: (fields: Fields) => string,
): Maker {
  return (w, sentence) =>
    listWord(w, {
      id: field,
      label: markWords(w).words[field],
      key: KEYS[field],
      value: value(sentence.fields),
      options: options(w, sentence),
    });
}

/** The tonics the class is taught, with the one in hand; typed, also a whole scale: `F# dorian`. */
const tonicWord: Maker = (w, { fields }) => {
  const taught = taughtTonics(fields.scale === 'major' ? 'major' : 'minor', w.settings);
  const tonics = taught.includes(fields.tonic) ? taught : [fields.tonic, ...taught];
  const one = (tonic: Fields['tonic']): WordOption => ({
    value: asciiName(tonic),
    text: w.note(tonic),
    match: (typed) => {
      const reading = w.read(typed);
      if (reading.ok) return reading.note === tonic ? 1 : 0;
      return w.spokenNote(tonic).toLowerCase().startsWith(typed.trim().toLowerCase()) ? 0.6 : 0;
    },
  });
  return {
    ...listWord(w, {
      id: 'tonic',
      label: markWords(w).words.tonic,
      key: KEYS.tonic,
      value: asciiName(fields.tonic),
      options: tonics.map(one),
    }),
    typed: (typed) => {
      const reading = w.read(typed);
      if (reading.ok) return TONICS.includes(reading.note) ? one(reading.note) : null;
      const whole = readScale(w, typed);
      if ('why' in whole || !TONICS.includes(whole.tonic) || !SCALE_IDS.some((id) => id === whole.scale))
        return null;
      const scale = whole.scale as Fields['scale'];
      return {
        value: `${asciiName(whole.tonic)} ${scale}`,
        text: w.scale(whole.tonic, scale),
        match: () => 1,
      };
    },
    unmatched: (typed) => {
      const reading = w.read(typed);
      return reading.ok
        ? `${w.note(reading.note)} has two signs; nothing is asked on it.`
        : sayProblem(w, reading.problem);
    },
  };
};

const notesWord: Maker = (w, { fields }) => {
  const say = markWords(w);
  const value = fields.notes.map(asciiName).join(' ');
  const read = (typed: string) =>
    typed
      .split(/[\s,]+/u)
      .filter(Boolean)
      .map(w.read);
  return {
    ...listWord(w, {
      id: 'notes',
      label: say.words.notes,
      key: KEYS.notes,
      value,
      options: [option(value, w.noteList(fields.notes))],
    }),
    hint: say.typeNotes,
    typed: (typed) => {
      const notes = read(typed).flatMap((each) => (each.ok ? [each.note] : []));
      const all = notes.length === read(typed).length && notes.length > 2;
      return all ? { value: notes.map(asciiName).join(' '), text: w.noteList(notes), match: () => 1 } : null;
    },
    unmatched: (typed) => {
      const wrong = read(typed).find(({ ok }) => !ok);
      return wrong && !wrong.ok ? sayProblem(w, wrong.problem) : say.typeNotes;
    },
  };
};

const pitchWord: Maker = (w, { fields }) => {
  const say = markWords(w);
  const { note, octave } = fields.pitch;
  const value = `${asciiName(note)}${octave}`;
  return {
    ...listWord(w, {
      id: 'pitch',
      label: say.words.pitch,
      key: KEYS.pitch,
      value,
      options: [option(value, `${w.note(note)}${octave}`)],
    }),
    hint: say.typePitch,
    typed: (typed) => {
      const found = /^(.*?)\s*(\d)$/u.exec(typed.trim());
      const reading = w.read(found?.[1] ?? '');
      if (!found || !reading.ok) return null;
      return {
        value: `${asciiName(reading.note)}${found[2]}`,
        text: `${w.note(reading.note)}${found[2]}`,
        match: () => 1,
      };
    },
    unmatched: () => say.typePitch,
  };
};

const SEVEN = [1, 2, 3, 4, 5, 6, 7];

const FIELDS: Readonly<Record<Field, Maker>> = {
  tonic: tonicWord,
  scale: choice(
    'scale',
    (w) => SCALE_IDS.map((id) => option(id, w.scaleWord(id))),
    ({ scale }) => scale,
  ),
  direction: choice(
    'direction',
    (_, { kind }) =>
      DIRECTIONS.filter((each) => kind !== 'steps' || each !== 'both').map((each) =>
        option(each, DIRECTION_WORDS[each]),
      ),
    ({ direction }) => direction,
  ),
  clef: choice(
    'clef',
    () => CLEFS.map((each) => option(each, CLEF_WORDS[each])),
    ({ clef }) => clef,
  ),
  signature: choice(
    'signature',
    (w) => SIGNATURE_CHOICES.map((each) => option(each, markWords(w).signatures[each])),
    ({ signature }) => signature,
  ),
  fifths: choice(
    'fifths',
    () =>
      [0, ...SEVEN, ...SEVEN.map((count) => -count)].map((count) => option(String(count), signCount(count))),
    ({ fifths }) => String(fifths),
  ),
  mode: choice(
    'mode',
    (w) => MODES.map((mode) => option(mode, modeWord(w, mode))),
    ({ mode }) => mode,
  ),
  order: choice(
    'order',
    () => [...SEVEN, ...SEVEN.map((count) => -count)].map((count) => option(String(count), signCount(count))),
    ({ order }) => String(order),
  ),
  notes: notesWord,
  relation: choice(
    'relation',
    (w) => PARTNER_RELATIONS.map((each) => option(each, markWords(w).relations[each])),
    ({ relation }) => relation,
  ),
  degree: choice(
    'degree',
    () => SEVEN.map((each) => option(String(each), ordinal(each))),
    ({ degree }) => String(degree),
  ),
  size: choice(
    'size',
    (w) => ([3, 4] as const).map((each) => option(String(each), markWords(w).sizes[each])),
    ({ size }) => String(size),
  ),
  wants: choice(
    'wants',
    (w) => (['notes', 'numeral'] as const).map((each) => option(each, markWords(w).wants[each])),
    ({ wants }) => wants,
  ),
  pitch: pitchWord,
  instrument: choice(
    'instrument',
    (w) => Object.keys(TRANSPOSING).map((each) => option(each, markWords(w).instruments[each] ?? each)),
    ({ instrument }) => instrument,
  ),
};

/** Whose answer it is: somebody of the class, or anything that is typed. */
function whoWord(w: ClassWords, who: string, people: readonly string[]): Word {
  const say = markWords(w);
  const names = who === '' || people.includes(who) ? people : [who, ...people];
  const options = [option('', say.sentence.somebody), ...names.map((name) => option(name, name))];
  return {
    ...listWord(w, { id: 'who', label: say.words.who, key: 'W', value: who, options }),
    hint: say.typeWho,
    typed: (typed) => {
      const name = typed.trim().slice(0, LONGEST_WHO);
      return name === '' ? null : { value: name, text: name, match: () => 0.95 };
    },
  };
}

/** What an answer answers: the question as its words. */
function askedParts(w: ClassWords, sentence: MarkSentence): readonly SentencePart[] {
  const s = markWords(w).sentence;
  const f = (field: Field) => FIELDS[field](w, sentence);
  switch (sentence.kind) {
    case 'scale':
      return [
        f('tonic'),
        w.join,
        f('scale'),
        s.comma,
        f('direction'),
        s.inThe,
        f('clef'),
        s.comma,
        f('signature'),
      ];
    case 'signature':
      return [f('tonic'), w.join, f('scale'), s.inThe, f('clef')];
    case 'name-key':
      return [f('fifths'), s.comma, f('mode')];
    case 'name-signature':
      return [f('tonic'), w.join, f('scale')];
    case 'order':
      return [s.first, f('order')];
    case 'steps':
      return [f('scale'), s.comma, f('direction')];
    case 'name-scale':
      return [f('notes')];
    case 'partner':
      return [s.the, f('relation'), s.ofKey, f('tonic'), w.join, f('mode')];
    case 'degree':
      return [s.the, f('degree'), s.ofKey, f('tonic'), w.join, f('scale')];
    case 'chord':
      return [f('wants'), s.on, s.the, f('degree'), s.ofKey, f('tonic'), w.join, f('scale'), s.as, f('size')];
    case 'transpose':
      return [f('pitch'), s.for, f('instrument')];
  }
}

/** The sentence of the room, its words in the order of the kind of question. */
export function markParts(
  w: ClassWords,
  sentence: MarkSentence,
  people: readonly string[],
): readonly SentencePart[] {
  const say = markWords(w);
  const s = say.sentence;
  const { kind } = sentence;
  const kinds = KIND_IDS.map((each) => option(each, say.kinds[each]));
  const kindWord = listWord(w, { id: 'kind', label: say.words.kind, key: 'Q', value: kind, options: kinds });
  const head: readonly SentencePart[] = [s.mark, kindWord, s.of, whoWord(w, sentence.who, people), s.colon];
  return [...head, ...askedParts(w, sentence), s.end];
}

function plainText(parts: readonly SentencePart[]): string {
  return parts.map((part) => (typeof part === 'string' ? part : part.text)).join('');
}

/** The sentence as plain text. */
export function markText(w: ClassWords, sentence: MarkSentence): string {
  return plainText(markParts(w, sentence, []));
}

/** What was asked, without whose answer it is. */
export function answeredText(w: ClassWords, sentence: MarkSentence): string {
  return markWords(w).answered(plainText(askedParts(w, sentence)));
}

/** The words of a kind, by the keys that open them. */
export function markKeys({ kind }: MarkSentence): Readonly<Record<string, string>> {
  return Object.fromEntries(fieldsOf(kind).map((field) => [KEYS[field].toLowerCase(), field]));
}

/** The query with one word changed; another kind of question begins without an answer. */
export function withMarkWord(search: string, id: string, value: string): string {
  const query = new URLSearchParams(search);
  const [tonic, scale] = id === 'tonic' ? value.split(' ') : [];
  if (tonic && scale) {
    query.set('tonic', tonic);
    query.set('scale', scale);
  } else if (value === '' && id === 'who') query.delete('who');
  else query.set(id, value);
  if (id === 'kind') {
    for (const gone of [
      ...Object.keys(USUAL_FIELDS).filter(
        (field) => !KIND_IDS.some((kind) => kind === value && fieldsOf(kind).some((id) => id === field)),
      ),
      ...ANSWER_PARAMETERS,
    ])
      query.delete(gone);
  }
  return `?${query}`;
}
