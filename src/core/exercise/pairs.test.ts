import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { explain } from '../mark/explain/explain';
import { altering, answersOf, rewriting } from '../mark/explain/made';
import { rewritesTo } from '../mark/explain/passing-over';
import type { Task } from '../mark/explain/task';
import { isSameRow } from '../mark/machine/written';
import { mistakesIn } from '../mark/mistakes/all';
import { RANKS } from '../mark/mistakes/mistake';
import { noteNamed } from '../note/parse';
import { type SpelledNote, spelledOrNull } from '../note/spelled';
import { USUAL_SETTINGS } from '../school/settings';
import { everyQuestion } from './every-question.test-data';
import { taskOf } from './kinds/all';

const SCALES: readonly Task[] = everyQuestion('scale').map((asked) => taskOf(asked, USUAL_SETTINGS));

const rightOf = ({ right }: Task) => (right.is === 'notes' ? right.notes : []);

/** Rows of two mistakes one after the other, as the machine runs them, with no search and no rule. */
function pairRows(task: Task) {
  const alone: readonly number[] = [RANKS.slip, RANKS.misplaced, RANKS.mode];
  const mistakes = mistakesIn('scale').filter(({ rank }) => !alone.includes(rank));
  return mistakes.flatMap((first) =>
    altering(first, task.programs, task.right)
      .slice(-1)
      .flatMap((made) =>
        mistakes
          .filter((second) => second !== first)
          .flatMap((second) => {
            const both = made.program ? altering(second, [made.program], task.right).slice(-1) : [];
            const kept = both.filter(({ program }) => made.altered.every((each) => program?.includes(each)));
            const rows =
              made.written.is === 'notes' ? rewriting(second, made.written.notes, task).slice(-1) : [];
            return [...kept, ...rows].map(({ written }) => ({ first, second, written }));
          }),
      ),
  );
}

/** Whether each of two mistakes has left something in a row that it alone makes, place by place. */
function leavesBoth(task: Task, pair: ReturnType<typeof pairRows>[number]): boolean {
  const right = rightOf(task);
  const row = pair.written.is === 'notes' ? pair.written.notes : [];
  const alone = (mistake: typeof pair.first) =>
    answersOf(mistake, task).map(({ written }) => (written.is === 'notes' ? written.notes : []));
  const places = row.flatMap((note, at) => (note === right[at] ? [] : [at]));
  const trace = (one: readonly (readonly SpelledNote[])[]) =>
    one.map((made) => places.filter((at) => made[at] === row[at])).filter((found) => found.length > 0);
  const [first, second] = [alone(pair.first), alone(pair.second)];
  const own = (mine: typeof first, others: typeof first) =>
    trace(mine).some((found) => !others.some((made) => found.every((at) => made[at] === row[at])));
  return own(first, second) && own(second, first);
}

describe('two mistakes together', () => {
  it('are found where each has left a trace of its own', () => {
    const count = { made: 0, single: 0, found: 0, missed: 0, untraced: 0, wrongly: 0 };
    for (const task of SCALES.filter((_, at) => at % 61 === 0)) {
      for (const pair of pairRows(task)) {
        if (pair.written.is !== 'notes' || isSameRow(pair.written.notes, rightOf(task))) continue;
        if (pair.written.notes.length !== rightOf(task).length) continue;
        const found = explain(task, pair.written);
        const name = [pair.first.id, pair.second.id].toSorted().join();
        const there = found.some(({ habits }) => habits.toSorted().join() === name);
        if (found[0]?.habits.length === 1) count.single += 1;
        else if (!leavesBoth(task, pair)) count[there ? 'wrongly' : 'untraced'] += 1;
        else {
          count.made += 1;
          count[there ? 'found' : 'missed'] += 1;
        }
      }
    }
    console.info('pairs', JSON.stringify(count));
    expect(count.found / count.made).toBeGreaterThanOrEqual(0.9);
    expect(count.wrongly).toBe(0);
  });

  it('are no two slips', () => {
    const [task] = SCALES.filter(({ right }) => rightOf({ right } as Task)[0] === noteNamed('D'));
    if (!task) throw new Error('D major is asked');
    const right = rightOf(task);
    const row = right.with(2, noteNamed('F')).with(4, noteNamed('A#'));
    for (const { habits } of explain(task, { is: 'notes', notes: row })) {
      const slips = habits.filter((id) => id.startsWith('accidental'));
      expect(slips.length).toBeLessThan(2);
    }
  });
});

describe('three and more wrong notes that nothing makes', () => {
  it('get no mistake in 98 of 100', () => {
    const count = { asked: 0, none: 0, made: 0 };
    const sign = fc.constantFrom(-1, 0, 1);
    fc.assert(
      fc.property(
        fc.constantFrom(...SCALES.filter(({ right }) => rightOf({ right } as Task).length === 8)),
        fc.array(sign, { minLength: 6, maxLength: 6 }),
        (task, signs) => {
          const right = rightOf(task);
          const row = right.map((note, at) =>
            at === 0 || at === 7 ? note : (spelledOrNull(note.letter, signs[at - 1] ?? 0) ?? note),
          );
          if (row.filter((note, at) => note !== right[at]).length < 3) return;
          const written = { is: 'notes', notes: row } as const;
          const [first] = explain(task, written);
          // What one mistake makes is made by something.
          if (first?.habits.length === 1) {
            count.made += 1;
            return;
          }
          count.asked += 1;
          if (!first) count.none += 1;
        },
      ),
      { numRuns: 1500, seed: 7 },
    );
    console.info(`no mistake for ${count.none} of ${count.asked} such rows; ${count.made} were made by one`);
    expect(count.none / count.asked).toBeGreaterThanOrEqual(0.98);
  });
});

describe('passing over what cannot lead to an answer', () => {
  it('gives the same as writing everything out', () => {
    const rewriters = mistakesIn('scale').filter(({ rewrites }) => rewrites);
    fc.assert(
      fc.property(fc.constantFrom(...SCALES), fc.nat(), fc.nat(), (task, one, other) => {
        const right = rightOf(task);
        const [first, second] = [rewriters[one % rewriters.length], rewriters[other % rewriters.length]];
        if (!first || !second) return;
        const rows = rewriting(first, right, task).flatMap(({ written }) =>
          written.is === 'notes' ? [written.notes] : [],
        );
        const answer = rows[one % Math.max(1, rows.length)] ?? right;
        const plainly = rewriting(second, right, task).some(
          ({ written }) => written.is === 'notes' && isSameRow(written.notes, answer),
        );
        expect(rewritesTo(second, right, answer, task)).toBe(plainly && !isSameRow(right, answer));
      }),
    );
  });
});
