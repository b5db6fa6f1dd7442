import type { SpelledNote } from '../../note/spelled';
import { onceForTwo } from '../../once';
import { answerOf } from '../machine/answer';
import type { AnswerOperation, Program } from '../machine/answer-operation';
import { isSame, type Written } from '../machine/written';
import type { MistakeId } from '../mistakes/all';
import type { Mistake } from '../mistakes/mistake';
import type { Task } from './task';

/** An answer a mistake leads to, with the program that led there, where it altered one. */
export type Made = {
  readonly mistake: Mistake<MistakeId>;
  readonly written: Written;
  readonly program: Program | null;
  /** The operations of the program that are not those of the right one. */
  readonly altered: readonly AnswerOperation[];
};

function isShown({ shows }: Mistake<MistakeId>, right: Written, written: Written): boolean {
  return !shows || right.is !== 'notes' || written.is !== 'notes' || shows(right.notes, written.notes);
}

/** What a mistake makes of programs that rightly write an answer. */
export function altering(
  mistake: Mistake<MistakeId>,
  programs: readonly Program[],
  right: Written,
): readonly Made[] {
  return programs.flatMap((program) =>
    (mistake.alters?.(program) ?? []).flatMap((changed): Made[] => {
      const written = answerOf(changed);
      if (!written || !isShown(mistake, right, written)) return [];
      return [
        { mistake, written, program: changed, altered: changed.filter((each) => !program.includes(each)) },
      ];
    }),
  );
}

/** What a mistake makes of a row that was written. */
export function rewriting(
  mistake: Mistake<MistakeId>,
  notes: readonly SpelledNote[],
  { scope, clef }: Task,
): readonly Made[] {
  const rows = mistake.rewrites?.rows(notes, { scope, clef }) ?? [];
  return rows.map((row) => ({ mistake, written: { is: 'notes', notes: row }, program: null, altered: [] }));
}

/** Every wrong answer a mistake leads to in a task, each once. */
export const answersOf = onceForTwo((mistake: Mistake<MistakeId>, task: Task): readonly Made[] => {
  const { right, programs } = task;
  const rows = right.is === 'notes' ? rewriting(mistake, right.notes, task) : [];
  const found: Made[] = [];
  for (const made of [...altering(mistake, programs, right), ...rows]) {
    if (!isSame(made.written, right) && !found.some(({ written }) => isSame(written, made.written)))
      found.push(made);
  }
  return found;
});
