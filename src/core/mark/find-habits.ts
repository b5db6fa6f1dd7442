import { pitchClass, type SpelledNote, temptingSpelling } from '../note/spelled';
import { align } from './align';
import type { Habit, ScaleHabit } from './habit';
import { HABITS } from './habits/all';
import { expectedNotes, type ScaleQuestion } from './scale-question';
import { rightWorking, type Working, written } from './working';

type Notes = readonly SpelledNote[];

/** What explains an answer: one habit, or two together, the weightier first. */
export type Explanation<Id extends string = ScaleHabit> = {
  readonly habits: readonly Id[];
  /** Ranks of its habits, the weightiest first; explanations of the same ranks are a real tie. */
  readonly ranks: readonly number[];
};

export function isSameRow(one: Notes, other: Notes): boolean {
  return one.length === other.length && one.every((note, at) => note === other[at]);
}

/** An answer a habit makes, with the working it was written from where there is one. */
type Made = { readonly notes: Notes; readonly working: Working | null };

function madeBy(habit: Habit, question: ScaleQuestion, right: Notes): readonly Made[] {
  if (habit.alters === 'written')
    return habit.answers(right, question).map((notes) => ({ notes, working: null }));
  return habit.workings(rightWorking(question), question).flatMap((working) => {
    const notes = written(working, question.direction);
    return notes ? [{ notes, working }] : [];
  });
}

/** Every wrong answer a habit makes of a question, each once. */
export function answersOf(habit: Habit, question: ScaleQuestion): readonly Notes[] {
  const right = expectedNotes(question);
  return eachOnce(madeBy(habit, question, right).map(({ notes }) => notes)).filter(
    (answer) => !isSameRow(answer, right),
  );
}

function eachOnce(rows: readonly Notes[]): readonly Notes[] {
  const key = (row: Notes) => row.map(({ letter, alteration }) => letter + alteration).join();
  return [...new Map(rows.map((row) => [key(row), row])).values()];
}

/** Whether two rows sound alike and are spelled otherwise only where a sound tempts, each note everywhere alike. */
function isRespelled(right: Notes, answer: Notes): boolean {
  const chosen = new Map<SpelledNote, SpelledNote>();
  return right.every((note, at) => {
    const other = answer[at] as SpelledNote;
    if (note !== other && pitchClass(note) !== pitchClass(other)) return false;
    const before = chosen.get(note);
    chosen.set(note, other);
    return before ? before === other : note === other || temptingSpelling(note) === other;
  });
}

/** Whether all that differs is one note, wherever it stands. */
function differsInOne(one: Notes, other: Notes): boolean {
  let differing: SpelledNote | null = null;
  return one.every((note, at) => {
    if (note === other[at]) return true;
    if (differing && differing !== note) return false;
    differing = note;
    return true;
  });
}

/** Whether a habit that alters what is written makes an answer of a row; rows it cannot touch so are passed over. */
function makesOf(habit: Habit, row: Notes, answer: Notes, question: ScaleQuestion): boolean {
  if (habit.alters === 'working' || row.length !== answer.length) return false;
  if (habit.touches === 'spelling') return isRespelled(row, answer) && !isSameRow(row, answer);
  if (habit.touches === 'one-note' && !differsInOne(row, answer)) return false;
  return habit.answers(row, question).some((made) => isSameRow(made, answer));
}

const STAGES = HABITS.flatMap((habit) => (habit.alters === 'working' ? [habit] : []));
const SECONDS = HABITS.flatMap((habit) => (habit.alters === 'written' && habit.touches ? [habit] : []));

/** What a second habit makes of an altered working; two that alter the same stage put one in place of the other. */
function twoStages(first: Habit, working: Working, question: ScaleQuestion): readonly [Habit, Notes][] {
  return STAGES.filter(({ rank }) => rank !== first.rank).flatMap((second) =>
    second.workings(working, question).flatMap((both): [Habit, Notes][] => {
      const notes = written(both, question.direction);
      return notes ? [[second, notes]] : [];
    }),
  );
}

/** Every wrong answer that two habits make one after the other, each once. */
export function answersOfPair(first: Habit, second: Habit, question: ScaleQuestion): readonly Notes[] {
  const right = expectedNotes(question);
  const rows = madeBy(first, question, right).flatMap(({ notes, working }): readonly Notes[] => {
    if (second.alters === 'written') return second.touches ? second.answers(notes, question) : [];
    if (!working) return [];
    return twoStages(first, working, question).flatMap(([habit, row]) => (habit === second ? [row] : []));
  });
  return eachOnce(rows).filter((row) => !isSameRow(row, right));
}

/**
 * What a first habit makes as far as a second one could go on to the answer. Of the many ways to respell a row only
 * those are taken whose notes stand in the answer, with one note respelled besides that the second may have changed.
 */
function firstRows(first: Habit, question: ScaleQuestion, right: Notes, answer: Notes): readonly Made[] {
  if (first.alters === 'working' || first.touches !== 'spelling') return madeBy(first, question, right);
  const tempted = right.map((note, at) => temptingSpelling(note) === answer[at]);
  const chosen = new Set(right.filter((_, at) => tempted[at]));
  const rows = [null, ...new Set(right)].map((besides) =>
    right.map((note) => (chosen.has(note) || note === besides ? (temptingSpelling(note) ?? note) : note)),
  );
  return rows.map((notes) => ({ notes, working: null }));
}

function pairsFor(question: ScaleQuestion, answer: Notes): readonly (readonly Habit[])[] {
  const right = expectedNotes(question);
  if (answer.length !== right.length) return [];
  return HABITS.flatMap((first) =>
    firstRows(first, question, right, answer).flatMap(({ notes, working }): readonly (readonly Habit[])[] => {
      const stages = working ? twoStages(first, working, question) : [];
      return [
        ...stages.flatMap(([second, row]) => (isSameRow(row, answer) ? [[first, second]] : [])),
        ...SECONDS.flatMap((second) =>
          second !== first && makesOf(second, notes, answer, question) ? [[first, second]] : [],
        ),
      ];
    }),
  );
}

/** How weighty explanations are against each other; below 0 where the first comes first. */
export function byRank(one: Explanation<string>, other: Explanation<string>): number {
  const [a, b] = [one.ranks, other.ranks];
  return (a[0] ?? 0) - (b[0] ?? 0) || (a[1] ?? 0) - (b[1] ?? 0);
}

/**
 * Explanations in order, each once: by rank, then those with habits of `known` before, the most frequent first.
 *
 * @param known habits this class or student had before, the most frequent first, or that its own method invites
 */
export function ranked<Id extends string>(
  found: readonly (readonly { readonly id: Id; readonly rank: number }[])[],
  known: readonly string[] = [],
): readonly Explanation<Id>[] {
  const all = found.map((habits): Explanation<Id> => {
    const sorted = habits.toSorted((a, b) => a.rank - b.rank);
    return { habits: sorted.map(({ id }) => id), ranks: sorted.map(({ rank }) => rank) };
  });
  const place = ({ habits }: Explanation<Id>) =>
    Math.min(...habits.map((id) => (known.includes(id) ? known.indexOf(id) : known.length)));
  const once = [...new Map(all.map((each) => [each.habits.toSorted().join(), each])).values()];
  return once.toSorted((a, b) => byRank(a, b) || place(a) - place(b));
}

/**
 * The habits behind a wrong scale: the fewest wrong procedures that predict just this answer, the weightiest first.
 * One alone comes before any pair. Empty where the answer is right, and where nothing fits: a cause is never invented.
 */
export function findHabits(
  question: ScaleQuestion,
  answer: Notes,
  known: readonly string[] = [],
): readonly Explanation[] {
  const right = expectedNotes(question);
  if (isSameRow(right, answer)) return [];
  if (right.length !== answer.length) return ranked(withGaps(question, right, answer), known);
  const single = HABITS.filter((habit) =>
    habit.alters === 'written' && habit.touches
      ? makesOf(habit, right, answer, question)
      : madeBy(habit, question, right).some(({ notes }) => isSameRow(notes, answer)),
  );
  const found = single.length > 0 ? single.map((habit) => [habit]) : pairsFor(question, answer);
  return ranked(found, known);
}

/** The most notes that may be left out before the rest no longer speaks for a habit. */
const MOST_LEFT_OUT = 2;

/** Single habits that predict what is there of an answer in which notes were left out, and none added. */
function withGaps(question: ScaleQuestion, right: Notes, answer: Notes): readonly (readonly Habit[])[] {
  const aligned = align(right, answer);
  const left = aligned.filter(({ got }) => got === null).length;
  if (left > MOST_LEFT_OUT || aligned.some(({ want }) => want === null)) return [];
  const there = aligned.flatMap(({ want, got }) => (got === null || want === null ? [] : [want]));
  const rest = (row: Notes) => there.map((at) => row[at] as SpelledNote);
  if (isSameRow(rest(right), answer)) return [];
  return HABITS.filter((habit) =>
    madeBy(habit, question, right).some(
      ({ notes }) => notes.length === right.length && isSameRow(rest(notes), answer),
    ),
  ).map((habit) => [habit]);
}
