import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { PATTERNS, type ScaleId } from '@/core/scale/pattern';
import { type Scale, scaleNamed } from '@/core/scale/scale';
import { taughtTonics } from '@/core/scale/taught';
import { TONICS } from '@/core/scale/tonic';
import { byClass } from '@/core/words/by-class';
import type { ClassWords } from '@/core/words/class-words';
import { sayProblem } from '@/core/words/say-problem';
import { deriveWords } from '@/core/words/screen/derive';
import {
  CLEF_WORDS,
  DIRECTION_WORDS,
  OTHER_SCALE_WORDS,
  SIGNATURE_WORDS,
  signCount,
} from '@/core/words/vocabulary';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';
import { CHOICES, type ChoiceWord, type DeriveSentence, fitting } from './sentence';

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

function tonicWord(w: ClassWords, tonic: SpelledNote, id: ScaleId): Word {
  const say = deriveWords(w);
  const mode = PATTERNS[id].mode === 'minor' ? 'minor' : 'major';
  const taught = taughtTonics(PATTERNS[id].mode, w.settings);
  const others = [tonic, ...TONICS].filter((note) => !taught.includes(note));
  const tonics = [...taught, ...new Set(others)];
  return {
    id: 'tonic',
    label: say.words.tonic,
    key: 'T',
    value: asciiName(tonic),
    text: w.keyTonic(tonic, mode),
    options: tonics.flatMap((note): WordOption[] => {
      const reading = scaleNamed(note, id);
      if (!reading.ok) return [];
      const match = (typed: string) => matchNote(w, note, typed);
      const detail = tonicDetail(w, reading.scale, taught.includes(note));
      return [{ value: asciiName(note), text: w.keyTonic(note, mode), detail, match }];
    }),
    unmatched: (typed) => {
      const reading = w.read(typed);
      return reading.ok ? say.noTonic(w.note(reading.note)) : sayProblem(w, reading.problem);
    },
  };
}

const KEYS: Readonly<Record<Exclude<ChoiceWord, 'method'>, string>> = {
  scale: 'S',
  direction: 'D',
  clef: 'C',
  signature: 'G',
};

/** The words of closed lists, the same object for the same choice of a class, so that its control can rest. */
const choiceWords = byClass((w) => {
  const made = new Map<string, Word>();
  return <Name extends Exclude<ChoiceWord, 'method'>>(
    name: Name,
    value: DeriveSentence[Name],
    texts: Readonly<Record<(typeof CHOICES)[Name][number], string>>,
  ): Word => {
    const known = made.get(`${name} ${value}`) ?? choiceWord(w, name, value, texts);
    made.set(`${name} ${value}`, known);
    return known;
  };
});

function choiceWord<Name extends Exclude<ChoiceWord, 'method'>>(
  w: ClassWords,
  name: Name,
  value: DeriveSentence[Name],
  texts: Readonly<Record<(typeof CHOICES)[Name][number], string>>,
): Word {
  const say = deriveWords(w);
  const values: readonly (typeof CHOICES)[Name][number][] = CHOICES[name];
  return {
    id: name,
    label: say.words[name],
    key: KEYS[name],
    value,
    text: texts[value as (typeof CHOICES)[Name][number]],
    options: values.map((option) => {
      const other = name === 'scale' ? OTHER_SCALE_WORDS[option as ScaleId] : undefined;
      return {
        value: option,
        text: texts[option],
        detail: other,
        match: (typed) => Math.max(matchPhrase(texts[option], typed), other ? matchPhrase(other, typed) : 0),
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

/** The sentence with its words: Build C♯ harmonic minor, going up, in the bass clef, with a key signature. */
export function sentenceParts(w: ClassWords, sentence: DeriveSentence): readonly SentencePart[] {
  const { build, comma, clef, end } = deriveWords(w).sentence;
  const word = choiceWords(w);
  return [
    build,
    tonicWord(w, sentence.tonic, sentence.scale),
    w.join,
    word('scale', sentence.scale, scaleTexts(w)),
    comma,
    word('direction', sentence.direction, DIRECTION_WORDS),
    clef,
    word('clef', sentence.clef, CLEF_WORDS),
    comma,
    word('signature', sentence.signature, SIGNATURE_WORDS),
    end,
  ];
}

/** The sentence with one word changed; its working is shown whole again. The same object where nothing changes. */
export function withWord(sentence: DeriveSentence, id: string, value: string): DeriveSentence {
  if (id === 'tonic') {
    const reading = readEnglishNote(value);
    if (!reading.ok || reading.note === sentence.tonic) return sentence;
    return fitting({ ...sentence, tonic: reading.note, step: null });
  }
  const name = (Object.keys(CHOICES) as ChoiceWord[]).find((known) => known === id);
  if (!name) return sentence;
  const allowed: readonly string[] = CHOICES[name];
  if (!allowed.includes(value) || sentence[name] === value) return sentence;
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
