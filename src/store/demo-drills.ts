import { answerCode } from '@/core/exercise/code';
import { handIn } from '@/core/exercise/hand-in';
import { rightAnswer, taskOf } from '@/core/exercise/kinds/all';
import { type Picks, picksFrom } from '@/core/exercise/kinds/making';
import { plainAnswer } from '@/core/exercise/plain-answer';
import { type SetSchool, setSchool } from '@/core/exercise/set/verdict';
import { answersOf } from '@/core/mark/explain/made';
import { mistakeNamed } from '@/core/mark/mistakes/all';
import { type DrillAsked, questionsOf } from '@/core/practice/drill/asking';
import type { Attempt } from '@/core/practice/drill/attempt';
import { attemptsText } from '@/core/practice/drill/attempt';
import type { DrillOutcome } from '@/core/practice/drill/budget';
import { judgedIn } from '@/core/practice/drill/choices';
import type { Opening } from '@/core/practice/drill/ladder';
import { type DrillQuestion, drillCode, markedIn, quizIn } from '@/core/practice/drill/question';
import { isChosen } from '@/core/practice/drill/skill';
import { USUAL_SETTINGS } from '@/core/school/settings';
import type { Drill } from './drill';
import { SELF } from './drilling';
import type { Ladder } from './ladder';

type DemoLevel = {
  readonly id: string;
  readonly name: string;
  readonly level: string;
  readonly asks: DrillAsked;
};

const asks = (more: Partial<DrillAsked> & Pick<DrillAsked, 'skills'>, maxSigns: number): DrillAsked => ({
  ...{ way: 'both', answering: 'choose', side: 'all' },
  limits: { maxSigns, scales: ['major', 'natural-minor'], clefs: ['treble', 'bass'] },
  ...more,
});

const code = (on: string, by: string, signs: number) =>
  `?on=${on}&way=both&by=${by}&keys=all&signs=${signs}&scales=major.natural-minor&clefs=treble.bass&questions=10&minutes=10&mistakes=3&think=0&crib=${by === 'choose' ? 'yes' : 'no'}&for=knowing`;

/** The ladder of the demo class: recognise first, then build the same keys. */
export const DEMO_LEVELS: readonly DemoLevel[] = [
  {
    ...{ id: 'demo-rung-1', name: 'Signatures to two signs', level: code('signatures', 'choose', 2) },
    asks: asks({ skills: ['signatures'] }, 2),
  },
  {
    ...{ id: 'demo-rung-2', name: 'The same, written', level: code('signatures', 'write', 2) },
    asks: asks({ skills: ['signatures'], answering: 'write' }, 2),
  },
  {
    ...{ id: 'demo-rung-3', name: 'Signatures to four signs', level: code('signatures', 'choose', 4) },
    asks: asks({ skills: ['signatures'] }, 4),
  },
  {
    ...{ id: 'demo-rung-4', name: 'Degrees in these keys', level: code('degrees', 'choose', 4) },
    asks: asks({ skills: ['degrees'] }, 4),
  },
  {
    ...{
      id: 'demo-rung-5',
      name: 'Orders and signatures, written',
      level: code('signatures.order', 'write', 4),
    },
    asks: asks({ skills: ['signatures', 'order'], answering: 'write' }, 4),
  },
];

/** The ladders of the demo school. */
export function demoLadders(now: string): readonly Ladder[] {
  const opens: Opening = 'success';
  return [
    {
      ...{ v: 1, id: 'demo-ladder', group: 'demo-tuesday', name: 'Harbour steps', opens },
      levels: DEMO_LEVELS.map(({ id, name, level }) => ({ id, name, level })),
      ...{ order: 1, changedAt: now },
    },
  ];
}

/** Somebody's ways: how sure from the start, how much surer each week, and the habits behind what goes wrong. */
type Learner = {
  readonly sure: number;
  readonly grows: number;
  readonly habits: readonly string[];
  /** Drills a week. */
  readonly times: number;
};

const learner = (sure: number, grows: number, times: number, ...habits: readonly string[]): Learner => ({
  ...{ sure, grows, times, habits },
});

/** Whoever looks at the demo school has drilled a little, too. */
const SELF_NUMBER = 0;

/** Twelve of the class, in the order in which it is listed, and whoever looks on. */
const LEARNERS: Readonly<Record<number, Learner>> = {
  [SELF_NUMBER]: learner(0.8, 0.03, 2, 'named-relative', 'one-too-few'),
  1: learner(0.8, 0.05, 3, 'named-relative', 'one-too-few'),
  2: learner(0.6, 0.08, 2, 'named-last-flat', 'named-neighbour'),
  3: learner(0.7, 0.02, 3, 'named-last-sharp', 'parallel-signature'),
  4: learner(0.85, 0.03, 2, 'own-major-signature', 'named-relative'),
  5: learner(0.9, 0.03, 4, 'order-swapped'),
  6: learner(0.5, 0.1, 2, 'named-without-sign', 'kind-swapped'),
  10: learner(0.75, 0.05, 3, 'relative-wrong-way', 'one-too-many'),
  11: learner(0.65, 0, 2, 'kind-swapped', 'named-last-flat'),
  12: learner(0.8, 0.04, 3, 'named-below-last-sharp', 'parallel-signature'),
  13: learner(0.55, 0.07, 1, 'other-kinds-rule', 'one-too-few'),
  14: learner(0.88, 0.03, 3, 'named-parallel'),
  15: learner(0.7, 0.04, 2, 'tonic-sign-dropped', 'named-relative'),
};

const HOUR = 60 * 60 * 1000; // ms
const DAY = 24 * HOUR;
const WEEKS = 4;
const LIMITS = { questions: 10, seconds: 600, mistakes: 3 };

const chance = (picks: Picks) => picks(HUNDREDTHS) / 100;
const HUNDREDTHS = Array.from({ length: 100 }, (_, at) => at);

/** What a habit makes of a question, in a code, where it makes something; else null. */
function wrongBy(question: DrillQuestion, habits: readonly string[], school: SetSchool): string | null {
  const asked = markedIn(question);
  if (!asked) return null;
  const task = taskOf(asked, school);
  for (const habit of habits) {
    const mistake = mistakeNamed(habit);
    const [made] = mistake?.scopes.includes(task.scope) ? answersOf(mistake, task) : [];
    const answer = made && answerCode(handIn(asked, made.written));
    if (answer && judgedIn(question, answer, school)?.correct === false) return answer;
  }
  return null;
}

function rightCode(question: DrillQuestion, school: SetSchool): string {
  const right = quizIn(question)?.quiz.right;
  if (right !== undefined) return `.${right + 1}`;
  const asked = markedIn(question);
  return asked ? answerCode(plainAnswer(rightAnswer(asked, school))) : '';
}

/** One answer of somebody: right, put right, or wrong by a habit. */
function attemptOf(
  question: DrillQuestion,
  chosen: boolean,
  { sure, habits }: Pick<Learner, 'sure' | 'habits'>,
  picks: Picks,
  school: SetSchool,
): Attempt {
  const right = rightCode(question, school);
  const took = Math.round((chosen ? 3000 : 9000) * (0.6 + 2 * chance(picks)));
  const base = { question: drillCode(question), took, chosen };
  if (chance(picks) < sure) return { ...base, first: '', answer: right, outcome: 'right', habit: null };
  const wrong = wrongBy(question, picks([true, false]) ? habits : habits.toReversed(), school);
  // Where no habit of theirs shows, they do not know it.
  if (wrong === null) return { ...base, first: '', answer: '', outcome: 'wrong', habit: null };
  const habit = judgedIn(question, wrong, school)?.habit ?? null;
  if (chance(picks) < 0.35) return { ...base, first: wrong, answer: right, outcome: 'corrected', habit };
  return { ...base, first: '', answer: wrong, outcome: 'wrong', habit };
}

/** Attempts as far as the budget goes. */
function within(all: readonly Attempt[]): readonly Attempt[] {
  let mistakes = 0;
  const over = all.findIndex(({ outcome }) => {
    if (outcome === 'wrong') mistakes += 1;
    return mistakes > LIMITS.mistakes;
  });
  return over < 0 ? all : all.slice(0, over + 1);
}

const isMistake = ({ outcome }: { readonly outcome: DrillOutcome }) => outcome === 'wrong';

/** One drill of somebody, on a level. */
function drillOf(
  person: number,
  nth: number,
  at: number,
  { level, name, asks: asked }: DemoLevel,
  who: Learner,
  school: SetSchool,
): Drill {
  const seed = person * 1000 + nth;
  const picks = picksFrom(seed * 7919);
  const questions = questionsOf(asked, seed, LIMITS.questions, school);
  const attempts = within(
    questions.map((each) => attemptOf(each, isChosen(each.ask, asked.answering), who, picks, school)),
  );
  const spent = attempts.reduce((sum, { took }) => sum + took + 900, 0);
  const begun = new Date(at).toISOString();
  const ended = new Date(at + spent).toISOString();
  const over = attempts.filter(isMistake).length > LIMITS.mistakes;
  const plan = questions.map(
    (each) => `${isChosen(each.ask, asked.answering) ? 'c' : 'w'} ${drillCode(each)}`,
  );
  return {
    ...{ v: 1, id: `demo-drill-${person}-${nth}`, level, name },
    person: person === SELF_NUMBER ? SELF : `demo-person-${person}`,
    ...{
      plan: plan.join('\n'),
      answers: attemptsText(attempts),
      slip: null,
      told: false,
      limits: { ...LIMITS },
    },
    ...{ spent, thought: 0, end: over ? 'mistakes' : 'success', at: begun, endedAt: ended },
    ...{
      crib: nth % 5 === 0 && asked.answering === 'choose',
      credited: over ? null : Math.ceil(spent / 60_000),
    },
    ...{ handedAt: ended, received: person !== SELF_NUMBER, order: seed, changedAt: ended },
  };
}

/** Four weeks of drills of twelve students, up to a moment. */
export function demoDrills(now: string): readonly Drill[] {
  const school = setSchool(USUAL_SETTINGS, []);
  const end = Date.parse(now);
  return Object.entries(LEARNERS).flatMap(([id, who]) => {
    const person = Number(id);
    let rung = 0;
    return Array.from({ length: WEEKS * who.times }, (_, nth) => {
      const week = Math.floor(nth / who.times);
      const inWeek = (nth % who.times) * (6 / who.times) + (person % 3) * 0.4;
      const at = end - (WEEKS - week) * 7 * DAY + inWeek * DAY + (person % 5) * HOUR;
      const sure = Math.min(0.97, who.sure + who.grows * week);
      const level = DEMO_LEVELS[rung] as DemoLevel;
      const drill = drillOf(person, nth, Math.round(at), level, { ...who, sure }, school);
      if (drill.end === 'success') rung = Math.min(DEMO_LEVELS.length - 1, rung + 1);
      return drill;
    });
  });
}
