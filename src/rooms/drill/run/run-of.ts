import type { SetSchool } from '@/core/exercise/set/verdict';
import { type DrillAsked, questionsOf } from '@/core/practice/drill/asking';
import { choicesFor, type DrillChoices } from '@/core/practice/drill/choices';
import type { DrillCourse, Planned } from '@/core/practice/drill/course';
import { type DrillQuestion, drillCode, readDrillCode } from '@/core/practice/drill/question';
import { isChosen } from '@/core/practice/drill/skill';
import { SCALE_IDS } from '@/core/scale/pattern';
import { shortSum } from '@/core/short-sum';
import type { Drill } from '@/store/drill';
import { readDrill } from '../../address/drill/drill-address';
import { type DrillSentence, FIRST_DRILL } from '../../address/drill/drill-sentence';

/** A seed for what is made of a text. */
const seedOf = (text: string) => Number.parseInt(shortSum(text), 16);

/** The questions of a level, in their order; the same again for the same id. */
export function planOf(level: DrillSentence, id: string, school: SetSchool): readonly Planned[] {
  return questionsOf(level, seedOf(id), level.budget.questions, school).map((question) => ({
    question: drillCode(question),
    chosen: isChosen(question.ask, level.answering),
  }));
}

/** Where wrong answers are taken from in a drill of what is due, which has no level of its own. */
const ANYTHING: DrillAsked = {
  ...{ skills: [], way: 'both', answering: 'choose', side: 'all' },
  limits: { maxSigns: 7, scales: SCALE_IDS, clefs: ['treble', 'bass'] },
};

/** How a drill is gone about: by its level, or as usual where it has none. */
export function levelOf({ level }: Pick<Drill, 'level'>): DrillSentence {
  return level === '' ? { ...FIRST_DRILL, think: 0, crib: false } : readDrill(level).sentence;
}

/** A question that is asked, with what there is to choose from; no choices where the answer is written. */
export type AskedNow = { readonly question: DrillQuestion; readonly choices: DrillChoices | null };

/** What is asked at a place of a drill; null where this version does not know the question. */
export function askedAt(
  drill: Pick<Drill, 'id' | 'level'>,
  plan: DrillCourse['plan'],
  place: number,
  school: SetSchool,
): AskedNow | null {
  const planned = plan[place];
  const question = planned ? readDrillCode(planned.question, school) : null;
  if (!planned || !question) return null;
  const from = drill.level === '' ? ANYTHING : levelOf(drill);
  const seed = seedOf(`${drill.id} ${place}`);
  return { question, choices: planned.chosen ? choicesFor(question, from, seed, school) : null };
}
