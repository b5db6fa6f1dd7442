import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import type { ScaleId } from '@/core/scale/pattern';
import { type Scale, scaleNamed } from '@/core/scale/scale';
import { TONICS } from '@/core/scale/tonic';
import { sayProblem } from '@/core/words/say-problem';
import {
  CLEF_WORDS,
  DIRECTION_WORDS,
  noteName,
  SCALE_WORDS,
  SIGNATURE_WORDS,
  signCount,
  spokenNote,
} from '@/core/words/vocabulary';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';
import { CHOICES, type ChoiceWord, type DeriveSentence } from './sentence';

function tonicDetail(scale: Scale): string {
  if (scale.signature === null) return '';
  return scale.theoretical
    ? 'theoretical'
    : signCount(scale.signature).replace('no sharps or flats', 'no signs');
}

function matchNote(note: SpelledNote, typed: string): number {
  const reading = readEnglishNote(typed);
  if (reading.ok && reading.note === note) return 1;
  const wanted = typed.trim().toLowerCase();
  const spoken = spokenNote(note).toLowerCase();
  return wanted !== '' && (spoken.startsWith(wanted) || spoken.replaceAll(' ', '').startsWith(wanted))
    ? 0.6
    : 0;
}

function tonicWord(tonic: SpelledNote, id: ScaleId): Word {
  const tonics = TONICS.includes(tonic) ? TONICS : [tonic, ...TONICS];
  return {
    id: 'tonic',
    label: 'tonic',
    key: 'T',
    value: asciiName(tonic),
    text: noteName(tonic),
    options: tonics.flatMap((note): WordOption[] => {
      const reading = scaleNamed(note, id);
      if (!reading.ok) return [];
      const match = (typed: string) => matchNote(note, typed);
      return [{ value: asciiName(note), text: noteName(note), detail: tonicDetail(reading.scale), match }];
    }),
    unmatched: (typed) => {
      const reading = readEnglishNote(typed);
      return reading.ok
        ? `${noteName(reading.note)} is not one of the 21 tonics: a letter, plain, sharp or flat.`
        : sayProblem(reading.problem);
    },
  };
}

const CHOICE_WORDS = new Map<string, Word>();

/** A word of a closed list, the same object for the same choice, so that its control can rest. */
function choiceWord<Name extends ChoiceWord>(...made: Parameters<typeof makeChoiceWord<Name>>): Word {
  const [name, , , value] = made;
  const known = CHOICE_WORDS.get(`${name} ${value}`);
  if (known) return known;
  const word = makeChoiceWord(...made);
  CHOICE_WORDS.set(`${name} ${value}`, word);
  return word;
}

function makeChoiceWord<Name extends ChoiceWord>(
  name: Name,
  label: string,
  key: string,
  value: DeriveSentence[Name],
  texts: Readonly<Record<(typeof CHOICES)[Name][number], string>>,
): Word {
  const values: readonly (typeof CHOICES)[Name][number][] = CHOICES[name];
  return {
    id: name,
    label,
    key,
    value,
    text: texts[value as (typeof CHOICES)[Name][number]],
    options: values.map((option) => ({
      value: option,
      text: texts[option],
      match: (typed) => matchPhrase(texts[option], typed),
    })),
    unmatched: (typed) =>
      `'${typed.trim()}' fits no ${label} here. It can be ${values.map((option) => texts[option]).join(', ')}.`,
  };
}

/** The sentence with its words: Build C♯ harmonic minor, going up, in the bass clef, with a key signature. */
export function sentenceParts(sentence: DeriveSentence): readonly SentencePart[] {
  return [
    'Build ',
    tonicWord(sentence.tonic, sentence.scale),
    ' ',
    choiceWord('scale', 'scale', 'S', sentence.scale, SCALE_WORDS),
    ', ',
    choiceWord('direction', 'direction', 'D', sentence.direction, DIRECTION_WORDS),
    ', in the ',
    choiceWord('clef', 'clef', 'C', sentence.clef, CLEF_WORDS),
    ', ',
    choiceWord('signature', 'signature', 'G', sentence.signature, SIGNATURE_WORDS),
    '.',
  ];
}

/** The sentence with one word changed; its working is shown whole again. The same object where nothing changes. */
export function withWord(sentence: DeriveSentence, id: string, value: string): DeriveSentence {
  if (id === 'tonic') {
    const reading = readEnglishNote(value);
    if (!reading.ok || reading.note === sentence.tonic) return sentence;
    return { ...sentence, tonic: reading.note, step: null };
  }
  const name = (Object.keys(CHOICES) as ChoiceWord[]).find((known) => known === id);
  if (!name) return sentence;
  const allowed: readonly string[] = CHOICES[name];
  if (!allowed.includes(value) || sentence[name] === value) return sentence;
  return { ...sentence, [name]: value, step: null };
}

/** The sentence as plain text. */
export function sentenceText(sentence: DeriveSentence): string {
  return sentenceParts(sentence)
    .map((part) => (typeof part === 'string' ? part : part.text))
    .join('');
}
