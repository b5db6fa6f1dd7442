import type { Settings } from '@/core/school/settings';
import { byClass } from '@/core/words/by-class';
import type { ClassWords } from '@/core/words/class-words';
import { classRoomWords } from '@/core/words/screen/class';
import { deriveWords } from '@/core/words/screen/derive';
import type { Group } from '@/store/group';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { matchPhrase, type Word } from '@/ui/sentence/words';

/** The settings that stand in the sentence. */
export const IN_SENTENCE = ['noteNames', 'stepWords', 'hints'] as const;

export type InSentence = (typeof IN_SENTENCE)[number];

const KEYS: Readonly<Record<InSentence, string>> = { noteNames: 'T', stepWords: 'S', hints: 'H' };

function settingWord(w: ClassWords, name: InSentence): Word {
  const say = classRoomWords(w);
  const texts: Readonly<Record<string, string>> = say.short[name];
  return {
    id: name,
    label: say.words[name],
    key: KEYS[name],
    value: w.settings[name],
    text: texts[w.settings[name]] ?? '',
    options: Object.entries(texts).map(([value, text]) => ({
      value,
      text,
      match: (typed) => matchPhrase(text, typed),
    })),
    unmatched: (typed) => deriveWords(w).noChoice(typed.trim(), say.words[name], Object.values(texts)),
  };
}

const settingWords = byClass((w) => new Map(IN_SENTENCE.map((name) => [name, settingWord(w, name)])));

function groupWord(w: ClassWords, group: Pick<Group, 'id' | 'name'>, groups: readonly Group[]): Word {
  const say = classRoomWords(w);
  const known = groups.length > 0 ? groups : [group];
  return {
    id: 'group',
    label: say.words.group,
    key: 'C',
    value: group.id,
    text: group.name || say.new.unnamed,
    options: known.map(({ id, name }) => ({
      value: id,
      text: name || say.new.unnamed,
      match: (typed) => matchPhrase(name, typed),
    })),
    unmatched: (typed) => say.noGroup(typed.trim()),
  };
}

/** Tuesday theory uses English note names, speaks of whole and half steps, and reads hints for a learner. */
export function classSentence(
  w: ClassWords,
  group: Pick<Group, 'id' | 'name'>,
  groups: readonly Group[],
): readonly SentencePart[] {
  const { uses, names, steps, end } = classRoomWords(w).sentence;
  const word = (name: InSentence) => settingWords(w).get(name) as Word;
  return [
    groupWord(w, group, groups),
    uses,
    word('noteNames'),
    names,
    word('stepWords'),
    steps,
    word('hints'),
    end,
  ];
}

/** Whether a word of the sentence is one of the settings. */
export function isInSentence(id: string): id is InSentence & keyof Settings {
  return IN_SENTENCE.some((name) => name === id);
}
