import type { SetSchool } from '../../exercise/set/verdict';
import type { Attempt } from './attempt';
import { type DrillEnd, type DrillLimits, mistakesIn } from './budget';
import { judgedIn } from './choices';
import { readDrillCode } from './question';

/** What a drill came to, as it is handed in. */
export type DrillResult = {
  readonly limits: DrillLimits;
  readonly attempts: readonly Attempt[];
  /** Milliseconds. */
  readonly spent: number;
  readonly end: DrillEnd;
};

/** What does not agree in a result: an answer that is not what it says, an end that its answers do not lead to, or its time. */
export type ResultDoubt =
  | { readonly is: 'answer'; readonly number: number }
  | { readonly is: 'end' }
  | { readonly is: 'time' };

/** Whether an end is what the answers and the time of a drill lead to. */
function endsSo({ limits, attempts, spent, end }: DrillResult): boolean {
  const over =
    limits.mistakes !== null &&
    mistakesIn({ outcomes: attempts.map(({ outcome }) => outcome) }) > limits.mistakes;
  const all = attempts.length === limits.questions;
  switch (end) {
    case 'success':
      return all && !over;
    case 'mistakes':
      return over && attempts.at(-1)?.outcome === 'wrong';
    case 'time':
      return limits.seconds !== null && spent === limits.seconds * 1000 && !over && !all;
    case 'handed-in':
      return !over && !all;
  }
}

/** Whether an answer comes to what is said of it, judged again. */
function isSo({ question, first, answer, outcome, habit }: Attempt, school: SetSchool): boolean {
  const asked = readDrillCode(question, school);
  if (!asked) return false;
  // A slip was one, and only what was put right had one for certain.
  if (first !== '' && (outcome === 'right' || judgedIn(asked, first, school)?.correct !== false))
    return false;
  if (outcome === 'corrected' && first === '') return false;
  if (answer === '') return outcome === 'wrong';
  const judged = judgedIn(asked, answer, school);
  if (!judged || judged.correct !== (outcome !== 'wrong')) return false;
  return outcome !== 'right' || habit === null;
}

/** The first thing in a result that does not agree with the rest of it, all judged again; null where all does. */
export function doubtIn(result: DrillResult, school: SetSchool): ResultDoubt | null {
  const { attempts, limits, spent } = result;
  const at = attempts.findIndex((attempt) => !isSo(attempt, school));
  if (at >= 0) return { is: 'answer', number: at + 1 };
  if (attempts.length > limits.questions || !endsSo(result)) return { is: 'end' };
  const thought = attempts.reduce((sum, { took }) => sum + took, 0);
  // Thinking is a part of the time that went by; a clock of whole milliseconds may be one off for each answer.
  if (thought > spent + attempts.length || (limits.seconds !== null && spent > limits.seconds * 1000))
    return { is: 'time' };
  return null;
}

/** The whole minutes of a drill, of which each that began counts; 0 where nothing was answered. */
export function minutesOf({ spent, answers }: { readonly spent: number; readonly answers: number }): number {
  return answers === 0 ? 0 : Math.ceil(spent / 60_000);
}
