import { LOG_KINDS } from '@/core/practice/log';
import { LOG_SORTS, LOG_STATES } from '@/core/practice/log-look';
import type { ClassWords } from '@/core/words/class-words';
import { logWords } from '@/core/words/screen/log';
import { capital } from '@/core/words/vocabulary';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word, WordOption } from '@/ui/sentence/words';
import type { LogSentence } from '../address/log/log-address';
import { listWord, option } from '../shell/list-word';

const EVERYONE = 'everyone';

/** Somebody of whom something can be noted. */
export type Somebody = { readonly id: string; readonly name: string };

type Labels = ReturnType<typeof logWords>['words'];

function word(
  w: ClassWords,
  id: keyof Labels,
  key: string,
  value: string,
  options: readonly WordOption[],
): Word {
  return listWord(w, { id, label: logWords(w).words[id], key, value, options });
}

/** The sentence: what is looked at, of whom, in which order. */
export function logParts(
  w: ClassWords,
  sentence: LogSentence,
  people: readonly Somebody[],
): readonly SentencePart[] {
  const { sentence: say, kinds, sorts, states } = logWords(w);
  const { kind, person, sort, state } = sentence;
  const see = word(
    w,
    'see',
    'Q',
    kind,
    LOG_KINDS.map((id) => option(id, kinds[id])),
  );
  const gone = person !== null && !people.some(({ id }) => id === person) ? [option(person, say.gone)] : [];
  const who = word(w, 'who', 'W', person ?? EVERYONE, [
    option(EVERYONE, say.everyone),
    ...people.map(({ id, name }) => option(id, name)),
    ...gone,
  ]);
  const which = word(
    w,
    'state',
    'T',
    state,
    LOG_STATES.map((id) => option(id, states[id])),
  );
  const order = word(
    w,
    'sort',
    'S',
    sort,
    LOG_SORTS.map((id) => option(id, sorts[id])),
  );
  const that = kind === 'question' ? [say.that, which] : [];
  return [say.look, see, ...that, say.of, who, say.order, order, say.end];
}

/** The sentence with one of its words picked; the same object where nothing changes. */
export function withLogWord(sentence: LogSentence, id: string, value: string): LogSentence {
  switch (id) {
    case 'see': {
      const kind = LOG_KINDS.find((each) => each === value) ?? sentence.kind;
      return kind === sentence.kind ? sentence : { ...sentence, kind };
    }
    case 'who':
      return { ...sentence, person: value === EVERYONE ? null : value };
    case 'sort':
      return { ...sentence, sort: LOG_SORTS.find((each) => each === value) ?? sentence.sort };
    case 'state':
      return { ...sentence, state: LOG_STATES.find((each) => each === value) ?? sentence.state };
    default:
      return sentence;
  }
}

/** What it is called when it is kept. */
export function logName(w: ClassWords, { kind }: LogSentence): string {
  return capital(logWords(w).kinds[kind]);
}

/** The whole sentence as a text, without names of students. */
export function logText(w: ClassWords, sentence: LogSentence): string {
  const { sentence: say, kinds, sorts, states } = logWords(w);
  const that = sentence.kind === 'question' ? say.that + states[sentence.state] : '';
  return `${say.look}${kinds[sentence.kind]}${that}${say.order}${sorts[sentence.sort]}${say.end}`;
}
