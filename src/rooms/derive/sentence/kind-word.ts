import { byClass } from '@/core/words/by-class';
import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { QUESTION_KINDS, type Question } from '@/rooms/address/derive/question';
import { matchPhrase, type Word } from '@/ui/sentence/words';

/** The kinds of sentence: a scale to build, and the questions. */
export type SentenceKind = 'build' | Question['kind'];

const KINDS: readonly SentenceKind[] = ['build', ...QUESTION_KINDS];

/** The first word of a sentence, which says what kind it is; the same object for the same kind in a class. */
export const kindWord = (w: ClassWords, kind: SentenceKind): Word => kindWords(w)[kind];

const kindWords = byClass(
  (w) => Object.fromEntries(KINDS.map((kind) => [kind, made(w, kind)])) as Record<SentenceKind, Word>,
);

function made(w: ClassWords, kind: SentenceKind): Word {
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
