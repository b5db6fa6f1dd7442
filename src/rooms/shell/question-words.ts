import type { KindId } from '@/core/exercise/kinds/all';
import { LINES_HEARD } from '@/core/exercise/kinds/dictation/dictation-question';
import { type Fields, PARTNER_RELATIONS } from '@/core/exercise/kinds/fields';
import { CLEFS } from '@/core/instrument/staff';
import { TRANSPOSING } from '@/core/instrument/transposing';
import { asciiName } from '@/core/note/spelled';
import { readTones, writeTones } from '@/core/play/tune';
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
import { listWord, option } from './list-word';

/** A question as its words: its kind, and all that questions are made of. */
export type QuestionSaid = { readonly kind: KindId; readonly fields: Fields };

type Field = keyof Fields;

/** The keys that open the words of a question. */
export const QUESTION_KEYS: Readonly<Record<Field, string>> = {
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
  line: 'D',
};

type Maker = (w: ClassWords, sentence: QuestionSaid) => Word;

/** The word of a mode after its tonic: `minor`, and `Moll` after a hyphen. */
function modeWord(w: ClassWords, mode: Mode): string {
  if (mode !== 'minor') return w.scaleWord(scaleOfMode(mode));
  return w.settings.keyNames === 'german' ? 'Moll' : 'minor';
}

function choice(
  field: Field,
  options: (w: ClassWords, sentence: QuestionSaid) => readonly WordOption[],
  value: (fields: Fields) => string,
): Maker {
  return (w, sentence) =>
    listWord(w, {
      id: field,
      label: markWords(w).words[field],
      key: QUESTION_KEYS[field],
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
      key: QUESTION_KEYS.tonic,
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
      key: QUESTION_KEYS.notes,
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
      key: QUESTION_KEYS.pitch,
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

/** The line that is heard, in degrees; the class does not see it. */
const lineWord: Maker = (w, { fields }) => {
  const say = markWords(w);
  return {
    ...listWord(w, {
      id: 'line',
      label: say.words.line,
      key: QUESTION_KEYS.line,
      value: fields.line,
      options: [...new Set([fields.line, ...LINES_HEARD])].map((line) => option(line, line)),
    }),
    hint: say.typeLine,
    typed: (typed) => {
      const tones = readTones(typed);
      if (!tones || tones.length < 2) return null;
      const line = writeTones(tones);
      return { value: line, text: line, match: () => 1 };
    },
    unmatched: () => say.typeLine,
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
  line: lineWord,
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

/** A question as its words. */
export function questionParts(w: ClassWords, sentence: QuestionSaid): readonly SentencePart[] {
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
    case 'dictation':
      return [
        f('line'),
        s.inKey,
        f('tonic'),
        w.join,
        f('scale'),
        s.inThe,
        f('clef'),
        s.comma,
        f('signature'),
      ];
    case 'transpose':
      return [f('pitch'), s.for, f('instrument')];
  }
}

/** What a word of a question becomes of its fields, in codes; a typed scale brings its tonic and its scale. */
export function pickedFields(id: string, value: string): Readonly<Record<string, string>> {
  const [tonic, scale] = id === 'tonic' ? value.split(' ') : [];
  return tonic && scale ? { tonic, scale } : { [id]: value };
}
