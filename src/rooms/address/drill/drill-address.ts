import { CLEFS } from '@/core/instrument/staff';
import { KEY_SIDES } from '@/core/practice/drill/asking';
import { type DrillLevel, PURPOSES } from '@/core/practice/drill/ladder';
import { ANSWERINGS, DRILL_SKILL_IDS, DRILL_WAYS } from '@/core/practice/drill/skill';
import { SCALE_IDS } from '@/core/scale/pattern';
import type { Settings } from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
import { SPEAKS, speaksCode } from '../speaks';
import { DRILL_VIEWS, type DrillSentence, FIRST_DRILL, LONGEST_LEVEL_NAME, THINKS } from './drill-sentence';

/** Where the room lies. */
export const DRILL_PATH = '/drill';

/** What is drilled where it is what is due. */
const DUE = 'due';
const NO_LIMIT = 'any';
const YES_NO = ['no', 'yes'] as const;

const PARAMETERS = [
  ...['on', 'way', 'by', 'keys', 'signs', 'scales', 'clefs', 'questions', 'minutes', 'mistakes', 'think'],
  ...['crib', 'for', 'name', 'see', SPEAKS],
] as const;

type DrillReading = {
  readonly sentence: DrillSentence;
  readonly problems: readonly AddressProblem[];
};

/** A limit, or none. */
function limitOf(reader: QueryReader, name: string, from: number, to: number, usual: number | null) {
  return reader.get(name) === NO_LIMIT ? null : reader.number(name, from, to, usual ?? to);
}

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readDrill(search: string): DrillReading {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST_DRILL, problems: [problem] };
  }
  const reader = new QueryReader(search, PARAMETERS);
  const usual = FIRST_DRILL;
  const { limits, budget } = usual;
  const due = reader.get('on') === DUE;
  const minutes = limitOf(reader, 'minutes', 1, 60, (budget.seconds ?? 0) / 60);
  const thinks = THINKS.map(String);
  const speaks = reader.get(SPEAKS);
  const sentence: DrillSentence = {
    due,
    skills: due ? usual.skills : reader.several('on', DRILL_SKILL_IDS, usual.skills),
    way: reader.choice('way', DRILL_WAYS, usual.way),
    answering: reader.choice('by', ANSWERINGS, usual.answering),
    side: reader.choice('keys', KEY_SIDES, usual.side),
    limits: {
      maxSigns: reader.number('signs', 0, 7, limits.maxSigns),
      scales: reader.several('scales', SCALE_IDS, limits.scales),
      clefs: reader.several('clefs', CLEFS, limits.clefs),
    },
    budget: {
      questions: reader.number('questions', 1, 100, budget.questions),
      seconds: minutes === null ? null : minutes * 60,
      mistakes: limitOf(reader, 'mistakes', 0, 100, budget.mistakes),
    },
    think: Number(reader.choice('think', thinks, String(usual.think))),
    crib: reader.choice('crib', YES_NO, 'yes') === 'yes',
    purpose: reader.choice('for', PURPOSES, usual.purpose),
    title: reader.text('name', LONGEST_LEVEL_NAME),
    view: reader.choice('see', DRILL_VIEWS, usual.view),
    speaks,
  };
  return { sentence, problems: reader.problems };
}

/** Several of a list, in its order, so that a level has one code alone. */
const inOrder = <Value extends string>(all: readonly Value[], taken: readonly Value[]) =>
  all.filter((each) => taken.includes(each)).join('.');

/** The code of a level: the query that says it, without its name and without where one stands in the room. */
export function levelCode(level: DrillLevel): string {
  const { limits } = level;
  const query = new URLSearchParams({
    on: inOrder(DRILL_SKILL_IDS, level.skills),
    way: level.way,
    by: level.answering,
    keys: level.side,
    signs: String(limits.maxSigns),
    scales: inOrder(SCALE_IDS, limits.scales),
    clefs: inOrder(CLEFS, limits.clefs),
    ...budgetWords(level),
    think: String(level.think),
    crib: level.crib ? 'yes' : 'no',
    for: level.purpose,
  });
  return `?${query}`;
}

function budgetWords({ budget }: DrillLevel): Readonly<Record<'questions' | 'minutes' | 'mistakes', string>> {
  const { questions, seconds, mistakes } = budget;
  return {
    questions: String(questions),
    minutes: seconds === null ? NO_LIMIT : String(Math.round(seconds / 60)),
    mistakes: mistakes === null ? NO_LIMIT : String(mistakes),
  };
}

/** The query that says a sentence. */
export function writeDrill(sentence: DrillSentence): string {
  const { due, view, title, speaks } = sentence;
  const query = due
    ? new URLSearchParams({ on: DUE, ...budgetWords(sentence) })
    : new URLSearchParams(levelCode(sentence));
  if (title) query.set('name', title);
  if (view !== FIRST_DRILL.view) query.set('see', view);
  if (speaks) query.set(SPEAKS, speaks);
  return `?${query}`;
}

/** The address of a sentence, for a link within the house. */
export function drillHref(sentence: DrillSentence): string {
  return DRILL_PATH + writeDrill(sentence);
}

/** The address at which a student drills a level: no name of a student or a class, and the words of this class. */
export function givenHref(sentence: DrillSentence, settings: Settings): string {
  const speaks = speaksCode(settings) || null;
  return drillHref({ ...sentence, view: FIRST_DRILL.view, speaks });
}

/** A level by its code, with its name. */
export function drillOfLevel(code: string, title: string): DrillSentence {
  return { ...readDrill(code).sentence, title };
}
