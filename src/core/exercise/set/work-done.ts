import { isSame } from '../../mark/machine/written';
import { asciiName, type SpelledNote } from '../../note/spelled';
import { DIRECTIONS, type Direction } from '../../scale/direction';
import { SCALE_IDS } from '../../scale/pattern';
import { TONICS } from '../../scale/tonic';
import type { Answer } from '../answer';
import { look } from '../judge';
import { fieldsAsked, formOf, type MarkQuestion, markProblem, questionFrom, rightAnswer } from '../kinds/all';
import { type Fields, USUAL_FIELDS } from '../kinds/fields';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** What was done in place of what the label asks: another scale, another direction, or the answer to another question. */
export type WorkDone =
  | {
      readonly is: 'other-scale';
      readonly tonic: SpelledNote;
      readonly scale: Fields['scale'];
      readonly direction: Direction;
    }
  | { readonly is: 'other-direction'; readonly direction: Direction }
  | { readonly is: 'other-question'; readonly question: string };

const notesOf = (answer: Answer) =>
  answer.is === 'scale' ? { is: 'notes' as const, notes: answer.notes.map(({ note }) => note) } : null;

/** The scale that stands there note for note, where another one was asked. */
function otherScale(asked: MarkQuestion, answer: Answer, school: SetSchool): WorkDone | null {
  const written = notesOf(answer);
  if (asked.kind !== 'scale' || !written) return null;
  const fields: Fields = { ...USUAL_FIELDS, ...fieldsAsked(asked) };
  const ends = [written.notes[0], written.notes.at(-1)];
  const tonics = TONICS.filter((tonic) => ends.includes(tonic));
  // What is nearest to what was asked comes first.
  const scales = [fields.scale, ...SCALE_IDS.filter((id) => id !== fields.scale)];
  const directions = [fields.direction, ...DIRECTIONS.filter((each) => each !== fields.direction)];
  for (const scale of scales) {
    for (const tonic of tonics) {
      for (const direction of directions) {
        const other = questionFrom('scale', { ...fields, tonic, scale, direction }, school);
        if (markProblem(other)) continue;
        const right = notesOf(rightAnswer(other, school));
        if (!right || !isSame(right, written)) continue;
        const isSameScale = scale === fields.scale && asciiName(tonic) === asciiName(fields.tonic);
        if (!isSameScale) return { is: 'other-scale', tonic, scale, direction };
        return direction === fields.direction ? null : { is: 'other-direction', direction };
      }
    }
  }
  return null;
}

/**
 * Compares the label with the work: what a wrong answer is, where it is something whole. Null where it is nothing but a wrong
 * answer, or right.
 */
export function workDone(
  question: SetQuestion,
  answer: Answer,
  all: readonly SetQuestion[],
  school: SetSchool,
): WorkDone | null {
  const { asked } = question;
  if (answer.is === 'blank' || look(asked, answer, school)?.correct !== false) return null;
  const meant = all.find(
    (other) =>
      other.id !== question.id &&
      other.asked.kind === asked.kind &&
      formOf(other.asked) === formOf(asked) &&
      look(other.asked, answer, school)?.correct === true,
  );
  if (meant) return { is: 'other-question', question: meant.id };
  return otherScale(asked, answer, school);
}
