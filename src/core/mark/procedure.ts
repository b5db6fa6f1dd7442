import { type Explanation, ranked } from './find-habits';
import type { HabitId } from './habit-id';

/** A wrong procedure for a question other than a whole scale; the answers are of the question's own kind. */
export type Procedure<Question, Answer> = {
  readonly id: HabitId;
  /** Rank among ties; of two that predict the same, the lower is the likelier. */
  readonly rank: number;
  /** The answers it makes; `before` is what stood without it: the right answer, or what another habit made. */
  readonly makes: (question: Question, before: Answer) => readonly Answer[];
  /** Whether it alters what stood before, so that it can come second. */
  readonly second: boolean;
};

/** A row with one of its parts left out, each in turn. */
export function leavingOneOut<Part>(row: readonly Part[]): readonly (readonly Part[])[] {
  return row.map((_, at) => row.toSpliced(at, 1));
}

/** Whether two answers are the same answer. */
export type Same<Answer> = (one: Answer, other: Answer) => boolean;

/**
 * The habits behind a wrong answer: the fewest procedures that predict just it, the weightiest first. Empty where it is
 * right, and where nothing fits.
 */
export function explain<Question, Answer>(
  procedures: readonly Procedure<Question, Answer>[],
  question: Question,
  [right, answer]: readonly [right: Answer, answer: Answer],
  same: Same<Answer>,
  known: readonly string[] = [],
): readonly Explanation<HabitId>[] {
  if (same(right, answer)) return [];
  const fits = (made: readonly Answer[]) => made.some((each) => same(each, answer));
  const single = procedures.filter((procedure) => fits(procedure.makes(question, right)));
  if (single.length > 0)
    return ranked(
      single.map((procedure) => [procedure]),
      known,
    );
  const pairs = procedures.flatMap((first) =>
    first
      .makes(question, right)
      .flatMap((made) =>
        procedures
          .filter((other) => other.second && other !== first && fits(other.makes(question, made)))
          .map((other) => [first, other]),
      ),
  );
  return ranked(pairs, known);
}
