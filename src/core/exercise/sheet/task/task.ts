import type { Clef } from '../../../instrument/staff';
import type { MistakeId } from '../../../mark/mistakes/all';
import type { Answer } from '../../answer';
import type { KindId, MarkQuestion } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import type { Picks } from '../../kinds/making';

/** How much of an answer stands there already: nothing but what belongs to the task, half of it, or all. */
export const FORMS = ['blank', 'half', 'worked'] as const;

export type Form = (typeof FORMS)[number];

/** What a task takes into account where it is made. */
export type Making = {
  readonly picks: Picks;
  readonly school: MarkSchool;
  /** Mistakes that are to be met, where there is a choice; empty for any. */
  readonly habits: readonly MistakeId[];
};

/**
 * A thing that can stand on a sheet: what it is made of, what of it is given, and its code. What is asked of the student
 * is always a question of a kind that Mark judges, or nothing that is judged.
 */
export type Task<Id extends string, Item> = {
  readonly id: Id;
  /** The kinds of question it is made of; none where nothing is judged. */
  readonly kinds: readonly KindId[];
  /** What it adds to the measure of its question. */
  readonly weight: number;
  /** Whether a question gives this task at all, as far as that is seen without making it. */
  readonly suits: (asked: MarkQuestion) => boolean;
  /** The clef its questions are asked in, where it is always the same. */
  readonly clef?: Clef;
  /** The task on a question, or null where the question gives none of it. */
  readonly make: (asked: MarkQuestion, making: Making) => Item | null;
  readonly asked: (item: Item) => MarkQuestion | null;
  /** What it adds to the code of its question; empty where it adds nothing. */
  readonly write: (item: Item) => string;
  /** The item of a code, or null where it is none. */
  readonly read: (asked: MarkQuestion | null, text: string) => Item | null;
  /** What stands there before the student begins. */
  readonly stands: (item: Item, form: Form, school: MarkSchool) => Answer;
};

/** A task with its types, so that all lists are read off the tasks. */
export function task<const Id extends string, Item>(made: Task<Id, Item>): Task<Id, Item> {
  return made;
}

/** A question of one kind. */
export type Asked<Kind extends KindId> = Extract<MarkQuestion, { readonly kind: Kind }>;

/** The question, where it is of this kind. */
export function ofKind<Kind extends KindId>(asked: MarkQuestion | null, kind: Kind): Asked<Kind> | null {
  return asked?.kind === kind ? (asked as Asked<Kind>) : null;
}
