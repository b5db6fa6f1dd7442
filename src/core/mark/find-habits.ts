import { pitchClass, type SpelledNote } from '../note/spelled';
import type { Habit, ScaleHabit } from './habit';
import { HABITS } from './habits/all';
import { expectedNotes, type ScaleQuestion } from './scale-question';
import { rightWorking, written } from './working';

/** What explains an answer: one habit, or two together; `ties` are others of the same rank that predict it too. */
export type FoundHabit = {
  readonly habits: readonly ScaleHabit[];
  readonly ties: readonly (readonly ScaleHabit[])[];
};

type Notes = readonly SpelledNote[];

const isSame = (one: Notes, other: Notes): boolean =>
  one.length === other.length && one.every((note, at) => note === other[at]);

/** Every wrong answer a habit makes of a question, each once. */
export function answersOf(habit: Habit, question: ScaleQuestion): readonly Notes[] {
  const right = expectedNotes(question);
  const made =
    habit.alters === 'working'
      ? habit.workings(rightWorking(question), question).flatMap((working) => {
          const notes = written(working, question.direction);
          return notes ? [notes] : [];
        })
      : habit.answers(right, question);
  const seen = new Set<string>();
  return made.filter((answer) => {
    const key = answer.map(({ letter, alteration }) => letter + alteration).join();
    if (seen.has(key) || isSame(answer, right)) return false;
    seen.add(key);
    return true;
  });
}

/** Habits that are searched in pairs: those that alter a stage, then those that alter what was written of it. */
const FIRST_OF_PAIR = HABITS.filter((habit) => habit.alters === 'working');
const PAIRED: ReadonlySet<ScaleHabit> = new Set(['clef-misread', 'raised-is-sharp', 'stuck-accidental']);
const SECOND_OF_PAIR = HABITS.filter(({ id }) => PAIRED.has(id));

/** Whether two rows sound alike and are spelled otherwise. */
function soundsAlike(one: Notes, other: Notes): boolean {
  return (
    one.length === other.length &&
    one.every((note, at) => pitchClass(note) === pitchClass(other[at] as SpelledNote))
  );
}

/** Every answer two habits make together, as far as they are looked for in pairs. */
function* pairsOf(question: ScaleQuestion): Generator<readonly [readonly [Habit, Habit], Notes]> {
  const right = rightWorking(question);
  for (const first of FIRST_OF_PAIR) {
    if (first.alters !== 'working') continue;
    for (const working of first.workings(right, question)) {
      for (const second of FIRST_OF_PAIR) {
        if (second.alters !== 'working' || second.rank === first.rank) continue;
        for (const both of second.workings(working, question)) {
          const notes = written(both, question.direction);
          if (notes) yield [[first, second], notes];
        }
      }
      const notes = written(working, question.direction);
      if (!notes) continue;
      for (const second of SECOND_OF_PAIR) {
        if (second.alters !== 'written') continue;
        for (const answer of second.answers(notes, question)) yield [[first, second], answer];
      }
    }
  }
}

const RESPELLED = HABITS[0] as Habit;

function pairsFor(question: ScaleQuestion, answer: Notes): readonly (readonly Habit[])[] {
  const found: (readonly Habit[])[] = [];
  for (const [pair, notes] of pairsOf(question)) if (isSame(notes, answer)) found.push(pair);
  if (found.length > 0) return found;
  const right = rightWorking(question);
  for (const habit of FIRST_OF_PAIR) {
    if (habit.alters !== 'working') continue;
    for (const working of habit.workings(right, question)) {
      const notes = written(working, question.direction);
      if (notes && soundsAlike(notes, answer)) found.push([RESPELLED, habit]);
    }
  }
  return found;
}

/** The habits of one rank come first together; the others after them are no ties. */
function ranked(found: readonly (readonly Habit[])[]): FoundHabit | null {
  const weight = (habits: readonly Habit[]) => habits.map(({ rank }) => rank).toSorted((a, b) => a - b);
  const before = (one: readonly Habit[], other: readonly Habit[]) => {
    const [a, b] = [weight(one), weight(other)];
    return (a[0] ?? 0) - (b[0] ?? 0) || (a[1] ?? 0) - (b[1] ?? 0);
  };
  const [best, ...others] = found.toSorted(before);
  if (!best) return null;
  const ids = (habits: readonly Habit[]) => habits.map(({ id }) => id);
  const key = (habits: readonly Habit[]) => ids(habits).toSorted().join();
  const ties = others.filter((each) => before(each, best) === 0 && key(each) !== key(best));
  const once = [...new Map(ties.map((each) => [key(each), ids(each)])).values()];
  return { habits: ids(best), ties: once };
}

/**
 * The habit behind a wrong scale: the fewest wrong procedures that predict just this answer, by rank. One alone comes
 * before any pair. Null where the answer is right, and where nothing fits: a cause is never invented.
 */
export function findHabits(question: ScaleQuestion, answer: Notes): FoundHabit | null {
  if (isSame(expectedNotes(question), answer)) return null;
  const single = HABITS.filter((habit) => answersOf(habit, question).some((made) => isSame(made, answer)));
  if (single.length > 0) return ranked(single.map((habit) => [habit]));
  return ranked(pairsFor(question, answer));
}
