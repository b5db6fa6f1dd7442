import type { Answer } from '../exercise/answer';
import type { Slip, SlipItem } from '../exercise/set/slip';
import type { SpelledNote } from '../note/spelled';
import type { ClassWords } from './class-words';
import { sayGiven } from './say-given';
import { sayMarks } from './say-marks';
import { sayHabit } from './say-mistake';
import { listed } from './say-task';

/** What a slip says under a question, line by line. */
export type SlipLines = {
  readonly given: string;
  readonly expected: string;
  /** The habit with its reason; what was decided or put right; the teacher's comment. */
  readonly why: readonly string[];
};

function notesOf(answer: Answer): readonly SpelledNote[] | null {
  if (answer.is === 'scale') return answer.notes.map(({ note }) => note);
  if (answer.is === 'notes') return answer.notes;
  return answer.is === 'drawn' ? answer.signs.map(({ sign }) => sign) : null;
}

/** What was written, with what differs from what is expected in brackets where both have as many notes. */
function sayDifference(w: ClassWords, { question, given, expected }: SlipItem): string {
  const [notes, right] = [notesOf(given), notesOf(expected)];
  if (!notes || !right || notes.length !== right.length) return sayGiven(w, question.asked, given);
  return notes.map((note, at) => (note === right[at] ? w.note(note) : `[${w.noteWithSign(note)}]`)).join(' ');
}

/** A question of a slip in words. */
export function saySlipItem(w: ClassWords, item: SlipItem): SlipLines {
  const { question, given, expected, cell, habits } = item;
  const right = cell.state === 'accepted' || cell.state === 'right';
  const said = right
    ? []
    : habits.map((id) => {
        const { name, why } = sayHabit(w, id, question.asked, given);
        return `${name}. ${why}`;
      });
  const decided =
    cell.state === 'accepted'
      ? ['Right too.']
      : cell.state === 'corrected'
        ? ['You put this right yourself.']
        : [];
  const { comment } = cell.decision;
  return {
    given: sayDifference(w, item) || 'nothing',
    expected: sayGiven(w, question.asked, expected),
    why: [...decided, ...said, ...(comment === '' ? [] : [comment])],
  };
}

/** The marks of a slip, and which questions are right. */
export function saySlipTotal({ total, right, stopped }: Slip): readonly string[] {
  const numbers = listed(right.map(String));
  return [
    `Marks: ${sayMarks(total)}.`,
    ...(right.length === 0 ? [] : [`Right: ${right.length === 1 ? 'question' : 'questions'} ${numbers}.`]),
    ...(stopped ? ['You stopped before the end. What you reached is marked; the rest is not counted.'] : []),
  ];
}

/** The one exercise of a slip; null where there is nothing to practise. */
export function saySlipPractice(w: ClassWords, { practise }: Slip): string | null {
  if (!practise) return null;
  const { habit, item } = practise;
  return sayHabit(w, habit, item.question.asked, item.given).cure;
}
