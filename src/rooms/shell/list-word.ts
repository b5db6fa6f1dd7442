import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { LIST_WORDS } from '@/core/words/screen/list';
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

/** A word that holds several of a list: picking one takes it on or leaves it out; the last one stays. */
export function severalWord<Value extends string>(
  w: ClassWords,
  word: Pick<Word, 'id' | 'label' | 'key' | 'text'>,
  all: readonly Value[],
  taken: readonly Value[],
  names: Readonly<Record<Value, string>>,
): Word {
  const say = LIST_WORDS;
  const options = all.map((each) =>
    option(each, names[each], taken.includes(each) ? (taken.length > 1 ? say.off : say.on) : say.take),
  );
  return { ...listWord(w, { ...word, value: taken[0] ?? '', options }), text: word.text };
}

/** Several of a list with one taken on or left out, in the order of the list; the last one stays. */
export function toggled<Value extends string>(
  all: readonly Value[],
  taken: readonly Value[],
  value: string,
): readonly Value[] {
  const next = all.filter((each) => (each === value) !== taken.includes(each));
  return next.length === 0 ? taken : next;
}
