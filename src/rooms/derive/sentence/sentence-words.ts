import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { type AskedScale, askedFrom, isTyped, scaleAsked, stepsOf } from '@/core/scale/asked';
import type { Direction } from '@/core/scale/direction';
import { PATTERNS, type ScaleId, scaleIdFrom, WHOLE_OF } from '@/core/scale/pattern';
import type { Scale } from '@/core/scale/scale';
import { taughtTonics } from '@/core/scale/taught';
import { TONICS } from '@/core/scale/tonic';
import { readSteps, readTypedSteps } from '@/core/scale/typed-steps';
import { byClass } from '@/core/words/by-class';
import type { ClassWords } from '@/core/words/class-words';
import { sayProblem } from '@/core/words/say-problem';
import { rotationName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import {
  CLEF_WORDS,
  DIRECTION_WORDS,
  lowerFirst,
  OTHER_SCALE_WORDS,
  SIGNATURE_WORDS,
  signCount,
} from '@/core/words/vocabulary';
import { readBeside, writeBeside } from '@/rooms/address/derive/beside';
import {
  byMethod,
  CHOICES,
  type ChoiceWord,
  type Chosen,
  type DeriveSentence,
  FIRST_CHOICES,
  fitting,
} from '@/rooms/address/derive/derive-sentence';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';
import { USUAL_SURFACES } from '@/ui/surfaces/all';
import { besideWord, NOTHING } from './beside-word';
import { kindWord } from './kind-word';
import { moreWord, octavesParts, SHOWN_WORDS, shownParts, withShown } from './shown-words';

function tonicDetail(w: ClassWords, scale: Scale, taught: boolean): string {
  const { details } = deriveWords(w);
  if (scale.signature === null) return '';
  const signs = scale.signature === 0 ? details.noSigns : signCount(scale.signature);
  if (scale.theoretical) return details.theoretical;
  return taught ? signs : `${signs}, ${details.notTaught}`;
}

function matchNote(w: ClassWords, note: SpelledNote, typed: string): number {
  const reading = w.read(typed);
  if (reading.ok) return reading.note === note ? 1 : 0.6 * startsWith(w, note, typed);
  return 0.6 * startsWith(w, note, typed);
}

function startsWith(w: ClassWords, note: SpelledNote, typed: string): number {
  const wanted = typed.trim().toLowerCase();
  const spoken = w.spokenNote(note).toLowerCase();
  return wanted !== '' && (spoken.startsWith(wanted) || spoken.replaceAll(' ', '').startsWith(wanted))
    ? 1
    : 0;
}

/** The tonics on which a scale can be spelled: those that are taught, then the others. */
function tonicOptions(w: ClassWords, tonic: SpelledNote, asked: AskedScale): readonly WordOption[] {
  const keyed = isTyped(asked) ? 'major' : PATTERNS[asked].mode;
  const taught = taughtTonics(keyed, w.settings);
  const others = [tonic, ...TONICS].filter((note) => !taught.includes(note));
  return [...taught, ...new Set(others)].flatMap((note): WordOption[] => {
    const reading = scaleAsked(note, asked);
    if (!reading.ok) return [];
    const match = (typed: string) => matchNote(w, note, typed);
    const detail = tonicDetail(w, reading.scale, taught.includes(note));
    return [
      { value: asciiName(note), text: w.keyTonic(note, keyed === 'minor' ? keyed : 'major'), detail, match },
    ];
  });
}

function tonicWord(w: ClassWords, tonic: SpelledNote, asked: AskedScale): Word {
  const say = deriveWords(w);
  const keyed = isTyped(asked) ? 'major' : PATTERNS[asked].mode;
  const mode = keyed === 'minor' ? 'minor' : 'major';
  let made: readonly WordOption[] | null = null;
  return {
    id: 'tonic',
    label: say.words.tonic,
    key: 'T',
    value: asciiName(tonic),
    text: w.keyTonic(tonic, mode),
    // Every key is spelled for its list; most changes of key open none.
    get options() {
      made ??= tonicOptions(w, tonic, asked);
      return made;
    },
    unmatched: (typed) => {
      const reading = w.read(typed);
      return reading.ok ? say.noTonic(w.note(reading.note)) : sayProblem(w, reading.problem);
    },
  };
}

type ListedWord = Exclude<ChoiceWord, 'method'>;

const KEYS: Readonly<Record<ListedWord, string>> = {
  scale: 'S',
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

/** How well letters fit a choice; the beginning of a scale is meant less often than the scale itself. */
function matchChoice(option: string, texts: readonly string[], typed: string): number {
  const fit = Math.max(...texts.map((text) => matchPhrase(text, typed)));
  return Object.hasOwn(WHOLE_OF, option) && fit < 1 ? 0.6 * fit : fit;
}

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
    options: values.map((option) => {
      const other = name === 'scale' ? OTHER_SCALE_WORDS[option as ScaleId] : undefined;
      return {
        value: option,
        text: texts[option],
        detail: other,
        match: (typed) =>
          matchChoice(option, [texts[option], ...(other ? [other] : []), ...alsoSaid(name, option)], typed),
      };
    }),
    unmatched: (typed) =>
      say.noChoice(
        typed.trim(),
        say.words[name],
        values.map((option) => texts[option]),
      ),
  };
}

const scaleTexts = byClass((w) => {
  const texts = CHOICES.scale.map((id) => [id, w.scaleWord(id)] as const);
  return Object.fromEntries(texts) as Record<ScaleId, string>;
});

/** The scale: one of the list, or steps that are typed into it. */
const scaleWords = byClass((w) => {
  const say = deriveWords(w);
  const made = new Map<AskedScale, Word>();
  const stepped = (asked: AskedScale): WordOption => {
    if (!isTyped(asked)) return { value: asked, text: scaleTexts(w)[asked], match: () => 1 };
    const steps = stepsOf(asked);
    const option = { value: asked, text: steps.map(w.stepLetters).join(' '), match: () => 1 };
    const detail = rotationName(w, steps);
    return detail ? { ...option, detail } : option;
  };
  return (asked: AskedScale): Word => {
    const listed = choiceWords(w)('scale', isTyped(asked) ? FIRST_CHOICES.scale : asked, scaleTexts(w));
    const own = stepped(asked);
    const word: Word = made.get(asked) ?? {
      ...listed,
      value: own.value,
      text: own.text,
      hint: say.typeSteps([2, 2, 1].map(w.stepLetters).join(' ')),
      options: isTyped(asked)
        ? [{ ...own, match: (text) => (text.trim() === own.text ? 1 : 0) }, ...listed.options]
        : listed.options,
      typed: (text) => {
        const reading = readTypedSteps(text, w.figures);
        return reading?.ok ? stepped(askedFrom(reading.steps)) : null;
      },
      unmatched: (text) => {
        const reading = readTypedSteps(text, w.figures);
        return reading && !reading.ok ? sayProblem(w, reading.problem) : listed.unmatched(text);
      },
    };
    made.set(asked, word);
    return word;
  };
});

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
    const steps = readSteps(value.split(','));
    const scale = steps.ok ? askedFrom(steps.steps) : scaleIdFrom(value);
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
