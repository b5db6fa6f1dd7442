import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';

/** One thing a word can become, found by letters of its text or of what stands beside it. */
export function option(value: string, text: string, detail?: string): WordOption {
  const match = (typed: string) =>
    Math.max(matchPhrase(text, typed), detail ? matchPhrase(detail, typed) : 0);
  return { value, text, match, ...(detail ? { detail } : {}) };
}

type ListWord = Pick<Word, 'id' | 'label' | 'key' | 'value'> & { readonly options: readonly WordOption[] };

/** A word chosen from a list; its text is that of its value. */
export function listWord(w: ClassWords, { options, ...word }: ListWord): Word {
  const texts = options.map(({ text }) => text);
  return {
    ...word,
    text: options.find(({ value }) => value === word.value)?.text ?? word.value,
    options,
    unmatched: (typed) => deriveWords(w).noChoice(typed.trim(), word.label, texts),
  };
}
