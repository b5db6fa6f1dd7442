import { CLEFS } from '@/core/instrument/staff';
import { KEY_SIDES } from '@/core/practice/drill/asking';
import { PURPOSES } from '@/core/practice/drill/ladder';
import { ANSWERINGS, DRILL_SKILL_IDS, DRILL_WAYS } from '@/core/practice/drill/skill';
import { SCALE_IDS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { listed } from '@/core/words/say-task';
import { drillWords } from '@/core/words/screen/drill';
import { SELF } from '@/store/drilling';
import { PERSON_NAME_LIMIT } from '@/store/limits';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word, WordOption } from '@/ui/sentence/words';
import { BUDGETS, type DrillSentence, FIRST_DRILL, THINKS } from '../address/drill/drill-sentence';
import { listWord, option, severalWord, toggled } from '../shell/list-word';

/** What is drilled where it is what is due; no skill is called so. */
export const DUE = 'due';
const ANY = 'any';
const YES_NO = ['yes', 'no'] as const;

/** Somebody who can answer. */
export type Learner = { readonly id: string; readonly name: string };

/** What is picked where a new name was typed; what follows is the name. */
const NEW = 'new:';

type Labels = ReturnType<typeof drillWords>['words'];

function choice(
  w: ClassWords,
  id: keyof Labels,
  key: string,
  value: string,
  options: readonly WordOption[],
): Word {
  return listWord(w, { id, label: drillWords(w).words[id], key, value, options });
}

function onWord(w: ClassWords, { due, skills }: DrillSentence): Word {
  const say = drillWords(w);
  const text = due ? say.sentence.due : listed(skills.map((id) => say.skills[id]));
  const several = severalWord(
    w,
    { id: 'on', label: say.words.on, key: 'Q', text },
    DRILL_SKILL_IDS,
    due ? [] : skills,
    say.skills,
  );
  return {
    ...several,
    value: due ? DUE : several.value,
    options: [option(DUE, say.sentence.due), ...several.options],
  };
}

/** A number that is chosen from a list or typed; `any` for no limit. */
function numberWord(
  w: ClassWords,
  id: 'questions' | 'minutes' | 'mistakes',
  key: string,
  value: number | null,
  [least, most]: readonly [number, number],
): Word {
  const say = drillWords(w);
  const text = (count: number | null) => (id === 'questions' ? say.questions(count ?? 0) : say[id](count));
  const one = (count: number | null) => option(count === null ? ANY : String(count), text(count));
  const offered: readonly (number | null)[] = BUDGETS[id];
  const all = offered.includes(value) ? offered : [value, ...offered];
  return {
    ...choice(w, id, key, value === null ? ANY : String(value), all.map(one)),
    typed: (typed) => {
      const read = /^\s*(\d{1,3})\b/u.exec(typed)?.[1];
      const number = read === undefined ? Number.NaN : Number(read);
      return number >= least && number <= most ? { ...one(number), match: () => 1 } : null;
    },
  };
}

const named = <Value extends string>(values: readonly Value[], names: Readonly<Record<Value, string>>) =>
  values.map((each) => option(each, names[each]));

/** The sentence of a side of the room: what is drilled within which budget, or whose record is looked at. */
export function roomParts(w: ClassWords, sentence: DrillSentence, who: Word): readonly SentencePart[] {
  const s = drillWords(w).sentence;
  switch (sentence.view) {
    case 'known':
      return [s.knownOf, who, s.end];
    case 'drills':
      return [s.drillsOf, who, s.end];
    default:
      return [...drillParts(w, sentence).slice(0, -1), s.by, who, s.end];
  }
}

/** What is drilled, and within which budget. */
function drillParts(w: ClassWords, sentence: DrillSentence): readonly SentencePart[] {
  const say = drillWords(w);
  const s = say.sentence;
  const { budget, due, limits, way } = sentence;
  const signs = Array.from({ length: 8 }, (_, most) => option(String(most), say.most(most)));
  const asked: readonly SentencePart[] = due
    ? []
    : [
        s.comma,
        choice(w, 'signs', 'S', String(limits.maxSigns), signs),
        s.comma,
        choice(w, 'way', 'D', way, named(DRILL_WAYS, say.ways)),
      ];
  return [
    s.drill,
    onWord(w, sentence),
    ...asked,
    s.comma,
    numberWord(w, 'questions', 'E', budget.questions, [1, 100]),
    s.in,
    numberWord(w, 'minutes', 'M', budget.seconds === null ? null : Math.round(budget.seconds / 60), [1, 60]),
    s.with,
    numberWord(w, 'mistakes', 'F', budget.mistakes, [0, 100]),
    s.end,
  ];
}

/** The second sentence: which keys, and how it is gone about. */
export function howParts(w: ClassWords, sentence: DrillSentence): readonly SentencePart[] {
  const say = drillWords(w);
  const s = say.sentence;
  const { answering, limits, side, think, crib, purpose } = sentence;
  const scaleNames = Object.fromEntries(SCALE_IDS.map((id) => [id, w.scaleWord(id)])) as Record<
    (typeof SCALE_IDS)[number],
    string
  >;
  const text = {
    scales: listed(limits.scales.map((id) => w.scaleWord(id))),
    clefs: say.clefsText(limits.clefs),
  };
  return [
    s.answers,
    choice(w, 'by', 'B', answering, named(ANSWERINGS, say.answerings)),
    s.in,
    severalWord(
      w,
      { id: 'scales', label: say.words.scales, key: 'T', text: text.scales },
      SCALE_IDS,
      limits.scales,
      scaleNames,
    ),
    s.comma,
    choice(w, 'keys', 'G', side, named(KEY_SIDES, say.sides)),
    s.comma,
    severalWord(
      w,
      { id: 'clefs', label: say.words.clefs, key: 'C', text: text.clefs },
      CLEFS,
      limits.clefs,
      say.clefs,
    ),
    s.think,
    choice(
      w,
      'think',
      'I',
      String(think),
      THINKS.map((each) => option(String(each), say.thinking(each))),
    ),
    s.comma,
    choice(w, 'crib', '', crib ? 'yes' : 'no', named(YES_NO, say.cribs)),
    s.for,
    choice(w, 'for', '', purpose, named(PURPOSES, say.purposes)),
    s.end,
  ];
}

/** Who answers: somebody of the class, somebody else who drills here, or whoever the browser belongs to. */
export function whoWord(w: ClassWords, who: string, learners: readonly Learner[]): Word {
  const say = drillWords(w);
  return {
    ...listWord(w, {
      ...{ id: 'who', label: say.words.who, key: 'W', value: who },
      options: [option(SELF, say.self), ...learners.map(({ id, name }) => option(id, name))],
    }),
    hint: say.whoHint,
    typed: (typed) => {
      const name = typed.trim().slice(0, PERSON_NAME_LIMIT);
      const known = learners.some((each) => each.name.toLowerCase().startsWith(name.toLowerCase()));
      return name === '' || known ? null : { ...option(NEW + name, say.addName(name)), match: () => 0.1 };
    },
  };
}

/** The name that was typed as a new one, or null where somebody known was picked. */
export function newNameIn(picked: string): string | null {
  return picked.startsWith(NEW) ? picked.slice(NEW.length) : null;
}

/** The sentence as plain text. */
export function drillText(w: ClassWords, sentence: DrillSentence): string {
  return drillParts(w, sentence)
    .map((part) => (typeof part === 'string' ? part : part.text))
    .join('');
}

/** What a level is called: by its name, or by what it asks. */
export function drillName(w: ClassWords, sentence: DrillSentence): string {
  const say = drillWords(w);
  if (sentence.title) return sentence.title;
  if (sentence.due) return say.due.title;
  const skills = listed(sentence.skills.map((id) => say.skills[id]));
  return `${skills[0]?.toUpperCase() ?? ''}${skills.slice(1)}, ${say.most(sentence.limits.maxSigns)}`;
}

const limit = (value: string) => (value === ANY ? null : Number(value));

/** The sentence with a word of it changed; a level that is changed has lost its name. */
export function withDrillWord(sentence: DrillSentence, id: string, value: string): DrillSentence {
  const { budget, limits } = sentence;
  const next = { ...sentence, title: '' };
  const one = <Value extends string>(all: readonly Value[], before: Value) =>
    all.find((each) => each === value) ?? before;
  switch (id) {
    case 'on': {
      // What comes back is no test: it takes as long as it takes.
      if (value === DUE) return { ...next, due: true, budget: { ...budget, seconds: null, mistakes: null } };
      if (sentence.due)
        return {
          ...next,
          due: false,
          budget: FIRST_DRILL.budget,
          skills: DRILL_SKILL_IDS.filter((each) => each === value),
        };
      return { ...next, skills: toggled(DRILL_SKILL_IDS, sentence.skills, value) };
    }
    case 'signs':
      return { ...next, limits: { ...limits, maxSigns: Number(value) } };
    case 'scales':
      return { ...next, limits: { ...limits, scales: toggled(SCALE_IDS, limits.scales, value) } };
    case 'clefs':
      return { ...next, limits: { ...limits, clefs: toggled(CLEFS, limits.clefs, value) } };
    case 'way':
      return { ...next, way: one(DRILL_WAYS, sentence.way) };
    case 'by':
      return { ...next, answering: one(ANSWERINGS, sentence.answering) };
    case 'keys':
      return { ...next, side: one(KEY_SIDES, sentence.side) };
    case 'questions':
      return { ...next, budget: { ...budget, questions: Number(value) } };
    case 'minutes': {
      const minutes = limit(value);
      return { ...next, budget: { ...budget, seconds: minutes === null ? null : minutes * 60 } };
    }
    case 'mistakes':
      return { ...next, budget: { ...budget, mistakes: limit(value) } };
    case 'think':
      return { ...next, think: Number(value) };
    case 'crib':
      return { ...next, crib: value === 'yes' };
    case 'for':
      return { ...next, purpose: one(PURPOSES, sentence.purpose) };
    default:
      return sentence;
  }
}

/** The second sentence as plain text. */
export function howText(w: ClassWords, sentence: DrillSentence): string {
  const parts = howParts(w, sentence).map((part) => (typeof part === 'string' ? part : part.text));
  return parts.join('');
}
