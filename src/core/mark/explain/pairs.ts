import { temptingSpelling } from '../../note/spelled';
import { isSame, partsOf, type Written } from '../machine/written';
import { type MistakeId, mistakesIn } from '../mistakes/all';
import { type Mistake, RANKS } from '../mistakes/mistake';
import { altering, type Made, rewriting } from './made';
import { rewritesTo } from './passing-over';
import type { Task } from './task';

type Parts = readonly unknown[];

/** Places of an answer that are wrong and just as one mistake alone makes them: its trace. */
function traceOf(right: Parts, answer: Parts, made: Parts): readonly number[] {
  const places = Array.from({ length: Math.max(right.length, answer.length) }, (_, at) => at);
  return places.filter((at) => answer[at] !== right[at] && answer[at] === made[at]);
}

/** What mistakes make alone, as far as a trace of it stands in the answer. */
type Traced = {
  readonly made: Made;
  readonly trace: readonly number[];
  /** How many different notes of the right answer the trace has. */
  readonly notes: number;
};

/** Rows that a mistake rewrites the right one into, as far as they leave a trace. */
function rowsTowards(mistake: Mistake<MistakeId>, task: Task, answer: Written): readonly Made[] {
  const { right } = task;
  if (right.is !== 'notes' || answer.is !== 'notes') return [];
  if (mistake.rewrites?.touches !== 'spelling') return rewriting(mistake, right.notes, task);
  // Of the many ways to respell a row only the one is taken whose notes stand in the answer.
  const chosen = new Set(right.notes.filter((note, at) => temptingSpelling(note) === answer.notes[at]));
  const notes = right.notes.map((note) => (chosen.has(note) ? (temptingSpelling(note) ?? note) : note));
  return chosen.size > 0 ? [{ mistake, written: { is: 'notes', notes }, program: null, altered: [] }] : [];
}

function traced(task: Task, answer: Written, singles: readonly Made[]): readonly Traced[] {
  const [right, given] = [partsOf(task.right), partsOf(answer)];
  const rows = mistakesIn(task.scope).flatMap((mistake) =>
    mistake.rewrites ? rowsTowards(mistake, task, answer) : [],
  );
  return [...singles, ...rows].flatMap((made): Traced[] => {
    const trace = traceOf(right, given, partsOf(made.written));
    const notes = new Set(trace.map((at) => right[at])).size;
    return trace.length > 0 ? [{ made, trace, notes }] : [];
  });
}

/** Whether a mistake could by itself have made all of another one's trace. */
function couldMake(
  all: readonly Made[],
  mistake: Mistake<MistakeId>,
  answer: Parts,
  trace: readonly number[],
) {
  return all.some((made) => {
    if (made.mistake !== mistake) return false;
    const parts = partsOf(made.written);
    return trace.every((at) => parts[at] === answer[at]);
  });
}

/** Answers of two mistakes on one program, where the second leaves alone what the first has altered. */
function together(first: Made, second: Mistake<MistakeId>, right: Written): readonly Made[] {
  if (!first.program) return [];
  return altering(second, [first.program], right).filter(({ program }) =>
    first.altered.every((operation) => program?.includes(operation)),
  );
}

function leadsTo(first: Made, second: Mistake<MistakeId>, task: Task, answer: Written): boolean {
  if (together(first, second, task.right).some(({ written }) => isSame(written, answer))) return true;
  return (
    first.written.is === 'notes' &&
    answer.is === 'notes' &&
    rewritesTo(second, first.written.notes, answer.notes, task)
  );
}

const isSlip = ({ rank }: Mistake<MistakeId>) => rank === RANKS.slip;

/** What is only looked for when nothing else fits stands for the whole answer and leaves no room for another. */
const isLastResort = ({ rank }: Mistake<MistakeId>) => rank === RANKS.misplaced || rank === RANKS.mode;

/** How many notes must speak for a mistake before a slip is told beside it. */
const ENOUGH_BESIDE_A_SLIP = 5;

/** Whether two mistakes may be told together at all, by what of the answer speaks for each. */
function mayPair(first: Traced, second: Traced): boolean {
  const [one, other] = [first.made.mistake, second.made.mistake];
  if (one === other || isLastResort(one) || isLastResort(other)) return false;
  if (isSlip(one)) return !isSlip(other) && second.notes >= ENOUGH_BESIDE_A_SLIP;
  return !isSlip(other) || first.notes >= ENOUGH_BESIDE_A_SLIP;
}

/** Whether two mistakes are met together where the answer is one name. */
function areMet(one: Mistake<MistakeId>, other: Mistake<MistakeId>): boolean {
  return (one.metWith?.includes(other.id) ?? false) || (other.metWith?.includes(one.id) ?? false);
}

const isOneName = (written: Written) =>
  written.is === 'key' || written.is === 'numeral' || written.is === 'pitch';

/**
 * Pairs of mistakes that together make just this answer. Two are named only where each has left a trace of its own that
 * the other cannot have made, so that leaving either out explains less. Two slips, which could make anything, are none.
 *
 * @param singles all that single mistakes make by altering programs
 */
export function pairsFor(
  task: Task,
  answer: Written,
  singles: readonly Made[],
): readonly (readonly Mistake<MistakeId>[])[] {
  const mistakes = mistakesIn(task.scope);
  if (isOneName(task.right)) {
    return singles.flatMap((first) =>
      mistakes
        .filter((second) => areMet(first.mistake, second) && leadsTo(first, second, task, answer))
        .map((second) => [first.mistake, second]),
    );
  }
  const parts = partsOf(answer);
  const own = traced(task, answer, singles);
  const all = own.map(({ made }) => made);
  return own.flatMap((first) =>
    [...new Set(own.map(({ made }) => made.mistake))].flatMap((second) => {
      const others = own.filter(
        (other) =>
          other.made.mistake === second &&
          mayPair(first, other) &&
          other.trace.some((at) => !first.trace.includes(at)),
      );
      if (!others.some((other) => !couldMake(all, first.made.mistake, parts, other.trace))) return [];
      if (couldMake(all, second, parts, first.trace)) return [];
      return leadsTo(first.made, second, task, answer) ? [[first.made.mistake, second]] : [];
    }),
  );
}
