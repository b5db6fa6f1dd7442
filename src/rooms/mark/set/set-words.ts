import type { ClassWords } from '@/core/words/class-words';
import { setWords } from '@/core/words/screen/set';
import type { AnswerSet } from '@/store/answer-set';
import type { Person } from '@/store/person';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { NEW_SET, SET_VIEWS, SET_WALKS, type SetSentence } from '../../address/mark/set-address';
import { listWord, option } from '../../shell/list-word';

/** Made when the first day is said, and once for a whole term of sets: making one takes as long as many sets. */
let days: Intl.DateTimeFormat | undefined;

/** A day as a class reads it: `28 November 2026`. */
export function dayText(day: string): string {
  const date = new Date(`${day}T12:00:00Z`);
  if (Number.isNaN(date.getTime())) return day;
  days ??= new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
  return days.format(date);
}

/** The name of a set; one that was not named is called by its day. */
export function setName(w: ClassWords, { name, day }: Pick<AnswerSet, 'name' | 'day'>): string {
  return name.trim() || setWords(w).start.unnamed(dayText(day));
}

/** The sentence of a set. */
export function setParts(
  w: ClassWords,
  { set, view, walk, person }: SetSentence,
  sets: readonly AnswerSet[],
  group: string,
  people: readonly Person[],
): readonly SentencePart[] {
  const say = setWords(w);
  const s = say.sentence;
  const there = sets.some(({ id }) => id === set);
  const setWord = listWord(w, {
    id: 'set',
    label: say.words.set,
    key: 'S',
    value: there ? set : NEW_SET,
    options: [
      ...sets.toReversed().map((each) => option(each.id, setName(w, each), dayText(each.day))),
      option(NEW_SET, s.newSet),
    ],
  });
  const head: readonly SentencePart[] = [s.mark, setWord, `${s.for}${group || s.nobody}`];
  if (!there) return [...head, s.end];
  const viewWord = listWord(w, {
    id: 'view',
    label: say.words.view,
    key: 'V',
    value: view,
    options: SET_VIEWS.map((each) => option(each, say.views[each])),
  });
  const walkWord = listWord(w, {
    id: 'walk',
    label: say.words.walk,
    key: 'D',
    value: walk,
    options: SET_WALKS.map((each) => option(each, say.walks[each])),
  });
  const whoWord = listWord(w, {
    id: 'person',
    label: say.words.person,
    key: 'W',
    value: person,
    options: people.map(({ id, name }) => option(id, name)),
  });
  const more: readonly SentencePart[] =
    view === 'enter' ? [s.comma, walkWord] : view === 'student' ? [s.colon, whoWord] : [];
  return [...head, s.colon, viewWord, ...more, s.end];
}
