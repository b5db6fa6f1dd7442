import { pitchClass, type SpelledNote, temptingSpelling } from '../../note/spelled';
import { isSameRow } from '../machine/written';
import type { MistakeId } from '../mistakes/all';
import type { Mistake } from '../mistakes/mistake';
import { rewriting } from './made';
import type { Task } from './task';

type Notes = readonly SpelledNote[];

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

/**
 * Whether a mistake rewrites one row into another. Rows that it cannot touch so are passed over without being written
 * out; what comes of it is the same, as a test shows.
 */
export function rewritesTo(mistake: Mistake<MistakeId>, row: Notes, answer: Notes, task: Task): boolean {
  const { rewrites } = mistake;
  if (!rewrites || isSameRow(row, answer)) return false;
  if (row.length === answer.length) {
    if (rewrites.touches === 'spelling') return isRespelled(row, answer);
    if (rewrites.touches === 'one-note' && !differsInOne(row, answer)) return false;
  }
  return rewriting(mistake, row, task).some(
    ({ written }) => written.is === 'notes' && isSameRow(written.notes, answer),
  );
}
