import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import { readEnglishNote } from '@/core/note/parse';
import { isTyped, scaleAsked } from '@/core/scale/asked';
import type { Direction } from '@/core/scale/direction';
import { byClass } from '@/core/words/by-class';
import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { CLEF_WORDS, DIRECTION_WORDS, lowerFirst, SIGNATURE_WORDS } from '@/core/words/vocabulary';
import { askedScaleFrom } from '@/rooms/address/asked-scale';
import { readBeside, writeBeside } from '@/rooms/address/derive/beside';
import {
  byMethod,
  CHOICES,
  type ChoiceWord,
  type Chosen,
  type DeriveSentence,
  fitting,
} from '@/rooms/address/derive/derive-sentence';
import { scaleWords } from '@/rooms/shell/scale-word';
import { tonicWord } from '@/rooms/shell/tonic-word';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { matchPhrase, type Word } from '@/ui/sentence/words';
import { USUAL_SURFACES } from '@/ui/surfaces/all';
import { besideWord, NOTHING } from './beside-word';
import { kindWord } from './kind-word';
import { moreWord, octavesParts, SHOWN_WORDS, shownParts, withShown } from './shown-words';

type ListedWord = Exclude<ChoiceWord, 'method' | 'scale'>;

const KEYS: Readonly<Record<ListedWord, string>> = {
  direction: 'D',
  clef: 'C',
  signature: 'G',
};

/** The words of closed lists, the same object for the same choice of a class, so that its control can rest. */
const choiceWords = byClass((w) => {
  const made = new Map<string, Word>();
  return <Name extends ListedWord>(
    name: Name,
    value: Chosen[Name],
    texts: Readonly<Record<Chosen[Name], string>>,
  ): Word => {
    const known = made.get(`${name} ${value}`) ?? choiceWord(w, name, value, texts);
    made.set(`${name} ${value}`, known);
    return known;
  };
});

/** Other words for a direction, as the ask line reads them too. */
const WAYS: Readonly<Record<Direction, readonly string[]>> = {
  up: ['up', 'rising', 'ascending', 'upwards'],
  down: ['down', 'falling', 'descending', 'downwards'],
  both: ['both', 'both ways', 'up and down', 'up down'],
};

function alsoSaid(name: ListedWord, option: string): readonly string[] {
  return name === 'direction' ? WAYS[option as Direction] : [];
}

function choiceWord<Name extends ListedWord>(
  w: ClassWords,
  name: Name,
  value: Chosen[Name],
  texts: Readonly<Record<Chosen[Name], string>>,
): Word {
  const say = deriveWords(w);
  const values = CHOICES[name];
  return {
    id: name,
    label: say.words[name],
    key: KEYS[name],
    value,
    text: texts[value],
    options: values.map((option) => ({
      value: option,
      text: texts[option],
      match: (typed) =>
        Math.max(...[texts[option], ...alsoSaid(name, option)].map((text) => matchPhrase(text, typed))),
    })),
    unmatched: (typed) =>
      say.noChoice(
        typed.trim(),
        say.words[name],
        values.map((option) => texts[option]),
      ),
  };
}

/** The method, which stands in the sentence where another working is beside it. */
function methodWord(w: ClassWords, { tonic, scale, method }: DeriveSentence): Word {
  const say = deriveWords(w);
  const text = (id: MethodId) => lowerFirst(w.method(id));
  const reading = scaleAsked(tonic, scale);
  const methods = reading.ok ? methodsFor(reading.scale) : [method];
  return {
    id: 'method',
    label: say.words.method,
    key: 'M',
    value: method,
    text: text(method),
    options: methods.map((id) => ({
      value: id,
      text: text(id),
      match: (typed) => Math.max(matchPhrase(text(id), typed), matchPhrase(w.methodTab(id), typed)),
    })),
    unmatched: (typed) => say.noChoice(typed.trim(), say.words.method, methods.map(text)),
  };
}

/** The sentence with its words: Build C♯ harmonic minor, going up, in the bass clef, with a key signature. */
export function sentenceParts(w: ClassWords, sentence: DeriveSentence): readonly SentencePart[] {
  const { comma, clef, by, beside, end } = deriveWords(w).sentence;
  const word = choiceWords(w);
  const compared = sentence.beside ? [by, methodWord(w, sentence), beside, besideWord(w, sentence)] : [];
  return [
    kindWord(w, 'build'),
    ' ',
    tonicWord(w, sentence.tonic, sentence.scale),
    isTyped(sentence.scale) ? ' ' : w.join,
    scaleWords(w)(sentence.scale),
    comma,
    word('direction', sentence.direction, DIRECTION_WORDS),
    ...octavesParts(w, sentence),
    clef,
    word('clef', sentence.clef, CLEF_WORDS),
    comma,
    word('signature', sentence.signature, SIGNATURE_WORDS),
    ...shownParts(w, sentence),
    ...compared,
    end,
  ];
}

/** The sentence as it stands on the screen, with the word by which more can be said. */
export function screenParts(w: ClassWords, sentence: DeriveSentence): readonly SentencePart[] {
  return [...sentenceParts(w, sentence), moreWord(w, sentence)];
}

/** The sentence with one word changed; its working is shown whole again. The same object where nothing changes. `usual` are the surfaces of the class. */
export function withWord(
  sentence: DeriveSentence,
  id: string,
  value: string,
  usual: readonly string[] = USUAL_SURFACES,
): DeriveSentence {
  if (id === 'tonic') {
    const reading = readEnglishNote(value);
    if (!reading.ok || reading.note === sentence.tonic) return sentence;
    return fitting({ ...sentence, tonic: reading.note, step: null });
  }
  if (id === 'beside') {
    if (value === (sentence.beside ? writeBeside(sentence.beside) : NOTHING)) return sentence;
    return fitting({ ...sentence, beside: readBeside(value) });
  }
  if (SHOWN_WORDS.includes(id)) return withShown(sentence, id, value, usual) ?? sentence;
  if (id === 'scale') {
    const scale = askedScaleFrom(value);
    if (!scale || scale === sentence.scale) return sentence;
    return fitting({ ...sentence, scale, step: null });
  }
  const name = (Object.keys(CHOICES) as ChoiceWord[]).find((known) => known === id);
  if (!name) return sentence;
  const allowed: readonly string[] = CHOICES[name];
  if (!allowed.includes(value) || sentence[name] === value) return sentence;
  if (name === 'method') return byMethod(sentence, value as MethodId);
  return fitting({ ...sentence, [name]: value, step: null });
}

/** The sentence as plain text. */
export function sentenceText(w: ClassWords, sentence: DeriveSentence): string {
  return sentenceParts(w, sentence)
    .map((part) => (typeof part === 'string' ? part : part.text))
    .join('');
}

/** What the sentence asks for, as a name: without its first word and its full stop. */
export function sentenceName(w: ClassWords, sentence: DeriveSentence): string {
  const { build, end } = deriveWords(w).sentence;
  return sentenceText(w, sentence).slice(build.length, -end.length);
}
