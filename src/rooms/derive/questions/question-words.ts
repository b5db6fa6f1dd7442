import { ask } from '@/core/ask/ask';
import { readDrawn } from '@/core/identify/drawn-signature';
import { KEY_ASKED, type KeyAsked, ruleOf, rulesFor } from '@/core/identify/key-of-signature';
import { asciiName, type Fifths, fifths, type SpelledNote } from '@/core/note/spelled';
import { NAMED_SCALE_IDS, PATTERNS, type ScaleId, scaleOfMode } from '@/core/scale/pattern';
import { taughtTonics } from '@/core/scale/taught';
import { TONICS } from '@/core/scale/tonic';
import type { ClassWords } from '@/core/words/class-words';
import { lettersOfOrder, readSigns } from '@/core/words/read-signs';
import { ruleWords, saySignatureProblem } from '@/core/words/say-signature';
import { questionWords } from '@/core/words/screen/questions';
import { signCount } from '@/core/words/vocabulary';
import {
  CLEF_SETS,
  type ClefSet,
  type NameTask,
  type Question,
  type WhichKey,
  type WriteTask,
} from '@/rooms/address/derive/question';
import { listWord, option } from '@/rooms/shell/list-word';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word } from '@/ui/sentence/words';
import { kindWord } from '../sentence/kind-word';

type SignatureTyped = { readonly fifths: Fifths } | { readonly why: string };

/** A signature that was typed: a number of signs, or signs one by one in their order; or why it is none. */
function signatureTyped(w: ClassWords, typed: string): SignatureTyped {
  const say = questionWords(w);
  const [first] = ask(w, typed).readings;
  if (first?.kind === 'key') return { fifths: first.fifths };
  const reading = readSigns(w, typed);
  if (!reading.ok) return { why: reading.why };
  const { fifths: count, signs } = reading;
  if (!signs) return count === null ? { why: say.typeSigns } : { fifths: count };
  const meant = lettersOfOrder(signs);
  if (meant) return { why: say.lettersOnly(w.noteList(signs), w.noteList(meant), signCount(signsOf(meant))) };
  const drawn = readDrawn(signs);
  if (!drawn.ok) return { why: saySignatureProblem(w, drawn.problem) };
  if (count !== null && count !== drawn.fifths)
    return { why: say.countAndList(signCount(count), w.noteList(signs)) };
  return { fifths: drawn.fifths };
}

/** How many signs a row of an order has, flats negative. */
const signsOf = (signs: readonly SpelledNote[]) => signs.length * Math.sign(signs[0]?.alteration ?? 0);

const COUNTS: readonly number[] = [0, 1, 2, 3, 4, 5, 6, 7, -1, -2, -3, -4, -5, -6, -7];

function countWord(w: ClassWords, count: Fifths, drawn: WhichKey['drawn']): Word {
  const say = questionWords(w);
  return {
    id: 'fifths',
    label: say.words.fifths,
    key: 'G',
    value: drawn ? '' : String(count),
    text: drawn ? w.noteList(drawn.map(({ note }) => note)) : signCount(count),
    hint: say.typeSigns,
    options: COUNTS.map((each) => option(String(each), signCount(each))),
    typed: (typed) => {
      const reading = signatureTyped(w, typed);
      return 'fifths' in reading
        ? { ...option(String(reading.fifths), signCount(reading.fifths)), match: () => 1 }
        : null;
    },
    unmatched: (typed) => {
      const reading = signatureTyped(w, typed);
      return 'why' in reading ? reading.why : '';
    },
  };
}

function askedText(w: ClassWords, asked: KeyAsked): string {
  const say = questionWords(w).asked;
  if (asked === 'every') return say.every;
  return say.key(asked === 'major' || asked === 'minor' ? asked : w.scaleWord(scaleOfMode(asked)));
}

function keyParts(w: ClassWords, { fifths: count, drawn, asked, rule }: WhichKey): readonly SentencePart[] {
  const say = questionWords(w);
  const word = listWord(w, {
    id: 'asked',
    label: say.words.asked,
    key: 'S',
    value: asked,
    options: KEY_ASKED.map((each) => option(each, askedText(w, each))),
  });
  const used = drawn ? null : (rule ?? ruleOf(count, w.settings));
  const rules = rulesFor(count);
  const by = used
    ? [
        say.key.by,
        listWord(w, {
          id: 'rule',
          label: say.words.rule,
          key: 'M',
          value: used,
          options: rules.map((each) =>
            each === ruleOf(count, w.settings)
              ? option(each, ruleWords(w, each), say.ownRule)
              : option(each, ruleWords(w, each)),
          ),
        }),
      ]
    : [];
  return [kindWord(w, 'key'), ' ', word, say.key.has, countWord(w, count, drawn), ...by, say.key.end];
}

function tonicWord(w: ClassWords, tonic: SpelledNote, scale: ScaleId): Word {
  const say = questionWords(w);
  const { mode } = PATTERNS[scale];
  const taught = taughtTonics(mode, w.settings);
  const tonics = [...taught, ...[tonic, ...TONICS].filter((note) => !taught.includes(note))];
  const keyed = mode === 'minor' ? 'minor' : 'major';
  const match = (note: SpelledNote) => (typed: string) => {
    const reading = w.read(typed);
    if (reading.ok) return reading.note === note ? 1 : 0;
    return w.spokenNote(note).toLowerCase().startsWith(typed.trim().toLowerCase()) ? 0.6 : 0;
  };
  return listWord(w, {
    id: 'tonic',
    label: say.words.tonic,
    key: 'T',
    value: asciiName(tonic),
    options: [...new Set(tonics)].map((note) => ({
      value: asciiName(note),
      text: w.keyTonic(note, keyed),
      match: match(note),
    })),
  });
}

function writeParts(w: ClassWords, { tonic, scale, clefs }: WriteTask): readonly SentencePart[] {
  const say = questionWords(w);
  return [
    kindWord(w, 'signature'),
    say.signature.of,
    tonicWord(w, tonic, scale),
    w.join,
    listWord(w, {
      id: 'scale',
      label: say.words.scale,
      key: 'S',
      value: scale,
      options: NAMED_SCALE_IDS.map((id) => option(id, w.scaleWord(id))),
    }),
    say.signature.in,
    listWord(w, {
      id: 'clefs',
      label: say.words.clefs,
      key: 'C',
      value: clefs,
      options: CLEF_SETS.map((each: ClefSet) => option(each, say.clefs[each])),
    }),
    say.signature.end,
  ];
}

function nameParts(w: ClassWords, { notes }: NameTask): readonly SentencePart[] {
  const say = questionWords(w).name;
  return [kindWord(w, 'name'), ' ', notes.length === 0 ? say.nothing : notes.map(w.note).join(' '), say.end];
}

/** A question as a sentence with its words. */
export function questionParts(w: ClassWords, question: Question): readonly SentencePart[] {
  switch (question.kind) {
    case 'key':
      return keyParts(w, question);
    case 'signature':
      return writeParts(w, question);
    case 'name':
      return nameParts(w, question);
  }
}

/** The question as plain text. */
export function questionText(w: ClassWords, question: Question): string {
  return questionParts(w, question)
    .map((part) => (typeof part === 'string' ? part : part.text))
    .join('');
}

/** The question with one word changed; its working is shown whole again. */
export function withQuestionWord(w: ClassWords, question: Question, id: string, value: string): Question {
  const whole = { ...question, step: null };
  if (whole.kind === 'key') {
    if (id === 'fifths') return { ...whole, fifths: fifths(Number(value)), drawn: null, rule: null };
    if (id === 'asked') return { ...whole, asked: KEY_ASKED.find((each) => each === value) ?? whole.asked };
    if (id === 'rule') {
      const rule = rulesFor(whole.fifths).find((each) => each === value) ?? null;
      return { ...whole, rule: rule === ruleOf(whole.fifths, w.settings) ? null : rule };
    }
  }
  if (whole.kind === 'signature') {
    if (id === 'tonic')
      return { ...whole, tonic: TONICS.find((note) => asciiName(note) === value) ?? whole.tonic };
    if (id === 'scale')
      return { ...whole, scale: NAMED_SCALE_IDS.find((each) => each === value) ?? whole.scale };
    if (id === 'clefs') return { ...whole, clefs: CLEF_SETS.find((each) => each === value) ?? whole.clefs };
  }
  return question;
}
