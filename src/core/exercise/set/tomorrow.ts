import { type MistakeId, mistakeNamed } from '../../mark/mistakes/all';
import { mistakesPossible } from '../possible';
import { keyAsked, practiceFor, type ScaleKey } from '../practice';
import { cellOf, counts, type SetWork } from './cell';
import { type CountedCell, habitNeeds } from './needs';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** What to teach again: one habit, with what is to be derived, practised and said, and why just this. */
export type Tomorrow = {
  readonly habit: MistakeId;
  /** Who has it, and who could have shown it: those with an answer to a question in which it can be made. */
  readonly people: readonly string[];
  readonly could: number;
  /** In how many answers, and how many people have the next habit; 0 where there is none. */
  readonly answers: number;
  readonly nextPeople: number;
  /** The answer that shows it, of the question in which most made it. */
  readonly example: CountedCell;
  readonly question: SetQuestion;
  /** What is derived again before the class, and on which other key it is practised then. */
  readonly derive: ScaleKey;
  readonly practise: ScaleKey;
};

/** How many people have an answer that counts to a question in which a habit can show. */
function couldShow(work: SetWork, habit: MistakeId, school: SetSchool): number {
  const showing = work.questions.filter(({ asked }) => mistakesPossible(asked, school).includes(habit));
  return work.papers.filter((paper) => showing.some((question) => counts(cellOf(question, paper, work))))
    .length;
}

/**
 * What a class needs most, by a set: the habit most people still have. Null where nothing is left to teach again: nothing
 * is wrong, or no habit of this catalogue stands behind what is.
 */
export function teachTomorrow(work: SetWork, school: SetSchool): Tomorrow | null {
  const needs = habitNeeds(work).filter(({ habit, people }) => people.length > 0 && mistakeNamed(habit));
  const [first, next] = needs;
  const habit = first && mistakeNamed(first.habit)?.id;
  if (!first || !habit) return null;
  const still = first.answers.filter(({ cell }) => cell.state !== 'corrected');
  const count = (id: string) => still.filter(({ question }) => question === id).length;
  const question = work.questions.toSorted((a, b) => count(b.id) - count(a.id))[0];
  const example = still.find((each) => each.question === question?.id);
  if (!question || !example) return null;
  const derive = keyAsked(question.asked);
  return {
    habit,
    people: first.people,
    could: couldShow(work, habit, school),
    answers: still.length,
    nextPeople: next?.people.length ?? 0,
    example,
    question,
    derive,
    practise: practiceFor(habit, derive),
  };
}
