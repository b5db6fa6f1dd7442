import { fieldsOf, KIND_IDS } from '@/core/exercise/kinds/all';
import { USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import type { ClassWords } from '@/core/words/class-words';
import { markWords } from '@/core/words/screen/mark';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word } from '@/ui/sentence/words';
import { ANSWER_PARAMETERS, LONGEST_WHO } from '../address/mark/mark-address';
import type { MarkSentence } from '../address/mark/mark-sentence';
import { listWord, option } from '../shell/list-word';
import { pickedFields, QUESTION_KEYS, questionParts } from '../shell/question-words';

/** The choice of a whole set in place of one kind of question. */
export const WHOLE_SET = 'set';

/** Whose answer it is: somebody of the class, or anything that is typed. */
function whoWord(w: ClassWords, who: string, people: readonly string[]): Word {
  const say = markWords(w);
  const names = who === '' || people.includes(who) ? people : [who, ...people];
  const options = [option('', say.sentence.somebody), ...names.map((name) => option(name, name))];
  return {
    ...listWord(w, { id: 'who', label: say.words.who, key: 'W', value: who, options }),
    hint: say.typeWho,
    typed: (typed) => {
      const name = typed.trim().slice(0, LONGEST_WHO);
      return name === '' ? null : { value: name, text: name, match: () => 0.95 };
    },
  };
}

/** The sentence of the room, its words in the order of the kind of question. */
export function markParts(
  w: ClassWords,
  sentence: MarkSentence,
  people: readonly string[],
): readonly SentencePart[] {
  const say = markWords(w);
  const s = say.sentence;
  const { kind } = sentence;
  const kinds = [...KIND_IDS.map((each) => option(each, say.kinds[each])), option(WHOLE_SET, say.aWholeSet)];
  const kindWord = listWord(w, { id: 'kind', label: say.words.kind, key: 'Q', value: kind, options: kinds });
  const head: readonly SentencePart[] = [s.mark, kindWord, s.of, whoWord(w, sentence.who, people), s.colon];
  return [...head, ...questionParts(w, sentence), s.end];
}

function plainText(parts: readonly SentencePart[]): string {
  return parts.map((part) => (typeof part === 'string' ? part : part.text)).join('');
}

/** The sentence as plain text. */
export function markText(w: ClassWords, sentence: MarkSentence): string {
  return plainText(markParts(w, sentence, []));
}

/** What was asked, without whose answer it is. */
export function answeredText(w: ClassWords, sentence: MarkSentence): string {
  return markWords(w).answered(plainText(questionParts(w, sentence)));
}

/** The words of a kind, by the keys that open them. */
export function markKeys({ kind }: MarkSentence): Readonly<Record<string, string>> {
  return Object.fromEntries(fieldsOf(kind).map((field) => [QUESTION_KEYS[field].toLowerCase(), field]));
}

/** The query with one word changed; another kind of question begins without an answer. */
export function withMarkWord(search: string, id: string, value: string): string {
  const query = new URLSearchParams(search);
  if (value === '' && id === 'who') query.delete('who');
  else for (const [name, code] of Object.entries(pickedFields(id, value))) query.set(name, code);
  if (id === 'kind') {
    for (const gone of [
      ...Object.keys(USUAL_FIELDS).filter(
        (field) => !KIND_IDS.some((kind) => kind === value && fieldsOf(kind).some((id) => id === field)),
      ),
      ...ANSWER_PARAMETERS,
    ])
      query.delete(gone);
  }
  return `?${query}`;
}
