import { scaleAsked } from '@/core/scale/asked';
import { isPrintable } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { matchPhrase, type Word } from '@/ui/sentence/words';
import { writeAddress } from './address';
import { FIRST_QUESTIONS, QUESTION_KINDS, type Question, writeQuestion } from './question';
import { type DeriveSentence, FIRST_SENTENCE, fitting } from './sentence';

/** The kinds of sentence: a scale to build, and the questions. */
export type SentenceKind = 'build' | Question['kind'];

const KINDS: readonly SentenceKind[] = ['build', ...QUESTION_KINDS];

/** The first word of a sentence, which says what kind it is. */
export function kindWord(w: ClassWords, kind: SentenceKind): Word {
  const say = deriveWords(w);
  return {
    id: 'kind',
    label: say.words.kind,
    key: 'Q',
    value: kind,
    text: say.kinds[kind].first,
    options: KINDS.map((each) => ({
      value: each,
      text: say.kinds[each].whole,
      match: (typed) => matchPhrase(say.kinds[each].whole, typed),
    })),
    unmatched: (typed) =>
      say.noChoice(
        typed.trim(),
        say.words.kind,
        KINDS.map((each) => say.kinds[each].whole),
      ),
  };
}

/** The query of another kind of sentence about the same scale, or null where it is none. */
export function searchOfKind(kind: string, about: DeriveSentence): string | null {
  const reading = scaleAsked(about.tonic, about.scale);
  if (kind === 'build') return writeAddress(fitting(about));
  if (!reading.ok) return null;
  const { id, signature, ascending } = reading.scale;
  switch (kind) {
    case 'key': {
      const count = signature !== null && isPrintable(signature) ? signature : FIRST_QUESTIONS.key.fifths;
      return writeQuestion({ ...FIRST_QUESTIONS.key, fifths: count });
    }
    case 'signature':
      return writeQuestion(
        id ? { ...FIRST_QUESTIONS.signature, tonic: about.tonic, scale: id } : FIRST_QUESTIONS.signature,
      );
    case 'name':
      return writeQuestion({ ...FIRST_QUESTIONS.name, notes: ascending });
    default:
      return null;
  }
}

/** The scale a question is about, as far as it is about one. */
export function aboutOf(question: Question): DeriveSentence {
  if (question.kind !== 'signature') return FIRST_SENTENCE;
  return { ...FIRST_SENTENCE, tonic: question.tonic, scale: question.scale, step: null };
}
