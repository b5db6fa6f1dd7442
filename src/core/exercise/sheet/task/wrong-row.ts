import { answersOf } from '../../../mark/explain/made';
import { byRank } from '../../../mark/explain/rank';
import { type MistakeId, mistakesIn } from '../../../mark/mistakes/all';
import { RANKS } from '../../../mark/mistakes/mistake';
import type { SpelledNote } from '../../../note/spelled';
import { printedSigns } from '../../../scale/printed';
import type { Answer, AnswerOf } from '../../answer';
import { clefSignature } from '../../entry/entry-frame';
import { pitchesWritten } from '../../entry/scale-entry';
import { judge } from '../../judge';
import { type MarkQuestion, rightAnswer, taskOf } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import { shuffled } from '../shuffle';
import type { Asked, Making } from './task';

type Row = AnswerOf<'scale'>;

/** A row with exactly one habit in it. */
export type WrongRow = { readonly habit: MistakeId; readonly shown: Row };

/** Notes as they are written down, beginning where the right row begins, with the signs they need. */
function writtenRow(asked: Asked<'scale'>, notes: readonly SpelledNote[], school: MarkSchool): Row {
  const right = rightAnswer(asked, school);
  const first = right.is === 'scale' ? (right.notes[0]?.octave ?? 4) : 4;
  const pitches = pitchesWritten(
    notes.map((note, at) => ({ note, octave: at === 0 ? first : null, printed: undefined })),
  );
  const signs = printedSigns(pitches, clefSignature(asked, school));
  return {
    is: 'scale',
    notes: pitches.map(({ note, octave }, at) => ({ note, octave, printed: signs[at] ?? null })),
  };
}

/** Whether an answer is wrong and explained by one habit first, and by no other of its weight. */
export function hasOnlyHabit(
  asked: MarkQuestion,
  habit: MistakeId,
  shown: Answer,
  school: MarkSchool,
): boolean {
  const judged = judge(asked, shown, school);
  const [first, second] = judged?.causes ?? [];
  if (!judged || judged.correct || !first) return false;
  return first.habits.join() === habit && (!second || byRank(first, second) < 0);
}

/** Notes that differ from the right ones; null where there are more or fewer. */
export function wrongPlaces(asked: Asked<'scale'>, shown: Row, school: MarkSchool): readonly number[] | null {
  const right = rightAnswer(asked, school);
  if (right.is !== 'scale' || right.notes.length !== shown.notes.length) return null;
  return shown.notes.flatMap(({ note }, at) => (note === right.notes[at]?.note ? [] : [at]));
}

/** The rows that a mistake makes of a question, those that are to be met first, in an order of the picks. */
function madeRows(asked: Asked<'scale'>, { picks, school, habits }: Making): readonly WrongRow[] {
  const task = taskOf(asked, school);
  const mistakes = shuffled(mistakesIn(task.scope), picks);
  // What is wanted first, then what a learner does, and last what only explains a row that nothing else does.
  const first = ({ id, rank }: (typeof mistakes)[number]) =>
    habits.includes(id) ? 0 : rank < RANKS.misplaced ? 1 : 2;
  return mistakes
    .toSorted((a, b) => first(a) - first(b))
    .flatMap((mistake) =>
      answersOf(mistake, task).flatMap(({ written }): readonly WrongRow[] =>
        written.is === 'notes'
          ? [{ habit: mistake.id, shown: writtenRow(asked, written.notes, school) }]
          : [],
      ),
    );
}

/** A row of which more is wrong is another row, and nothing to find one mistake in. */
const MOST_WRONG = 4;

/** One row with one habit in it that fits, or null where no mistake makes one. */
export function pickWrongRow(
  asked: Asked<'scale'>,
  making: Making,
  fits: (wrong: readonly number[]) => boolean,
): WrongRow | null {
  const { school } = making;
  const found = madeRows(asked, making).find((row) => {
    const wrong = wrongPlaces(asked, row.shown, school);
    if (wrong === null || wrong.length === 0 || wrong.length > MOST_WRONG) return false;
    return fits(wrong) && hasOnlyHabit(asked, row.habit, row.shown, school);
  });
  return found ?? null;
}
