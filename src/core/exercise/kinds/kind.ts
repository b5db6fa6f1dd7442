import type { Task } from '../../mark/explain/task';
import type { Aligned } from '../../mark/judging/align';
import type { Judged } from '../../mark/judging/judged';
import type { NamedKey, Written } from '../../mark/machine/written';
import type { Fifths, SpelledNote } from '../../note/spelled';
import type { Settings } from '../../school/settings';
import type { Answer, AnswerForm, AnswerOf } from '../answer';
import type { FieldId, Fields } from './fields';
import type { Limits, Picks } from './making';
import type { MarkProblem } from './problem';

/** What a judgement takes from the class, and the habits it had before, the most frequent first. */
export type MarkSchool = Pick<
  Settings,
  | 'cancelling'
  | 'modesWritten'
  | 'modeWord'
  | 'capital'
  | 'keyNames'
  | 'numerals'
  | 'mediant'
  | 'diminished'
  | 'melodicDown'
> & {
  readonly known?: readonly string[];
};

/** What a kind finds in an answer; the mistakes behind it are looked for by what was written. */
export type Found = Omit<Judged, 'causes'> & {
  /** Null where there is nothing to compare. */
  readonly written: Written | null;
  /** The answer laid beside what is right, for rows in which notes may be left out. */
  readonly aligned?: readonly Aligned[];
  /** The task that was really answered, where it is another: the scale written the other way. */
  readonly task?: Task;
};

/** Where an answer is entered besides being typed: a staff and a keyboard, signs on a staff, a list of reasons. */
export type WayIn = 'notes' | 'signs' | 'reasons';

/** What a question shows on a staff: notes in a row, or a signature. */
export type Shown = { readonly notes: readonly SpelledNote[] } | { readonly fifths: Fifths };

/**
 * A kind of question: what is asked, what is right, how an answer is judged, and the programs that mistakes alter.
 * Rooms, the API, the ask line, the pile and tests take kinds from one list.
 */
export type Kind<Id extends string, Question, Form extends AnswerForm> = {
  readonly id: Id;
  /** What its question is made of, in the order of its code and its address. */
  readonly fields: readonly FieldId[];
  /** The question that fields ask; those of other kinds are passed over. */
  readonly from: (fields: Fields, school: Pick<Settings, 'melodicDown'>) => Question;
  /** The fields of a question. */
  readonly of: (question: Question) => Partial<Fields>;
  readonly form: (question: Question) => Form;
  readonly ways: readonly WayIn[];
  /** Null where it is asked in words alone. */
  readonly shown: (question: Question) => Shown | null;
  /** Why a question cannot be marked, or null where it can. */
  readonly problem: (question: Question) => MarkProblem | null;
  /** The answer that is all right. The question must be one that can be marked. */
  readonly right: (question: Question, school: MarkSchool) => Answer;
  readonly task: (question: Question, school: MarkSchool) => Task;
  readonly judge: (question: Question, answer: AnswerOf<Form>, school: MarkSchool) => Found;
  /** The key it is about, to name in words and to practise beside; null where it is about none. */
  readonly key: (question: Question) => NamedKey | null;
  /** A question within limits, by picks that may be repeated. */
  readonly make: (picks: Picks, limits: Limits) => Question;
};

/** A kind with its types, so that all lists are read off the kinds. */
export function kind<const Id extends string, Question, Form extends AnswerForm>(
  made: Kind<Id, Question, Form>,
): Kind<Id, Question, Form> {
  return made;
}
