import type { Answer } from '@/core/exercise/answer';
import { type KindId, type MarkQuestion, questionFrom } from '@/core/exercise/kinds/all';
import { type Fields, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import type { Settings } from '@/core/school/settings';

/** What the room says: whose answer it is, what was asked, and what was given. */
export type MarkSentence = {
  readonly kind: KindId;
  /** Whose answer, or which question; empty where it was not said. */
  readonly who: string;
  /** All that questions of any kind are made of; each kind uses some, and the others wait for the next kind. */
  readonly fields: Fields;
  /** Null before anything was entered. */
  readonly given: Answer | null;
  /** What was typed and could not be read, so that it is not lost. */
  readonly typed: string | null;
  /** The record on the pile that was opened to be mended; null for a new answer. */
  readonly piled: string | null;
};

export const FIRST: MarkSentence = {
  kind: 'scale',
  who: '',
  fields: USUAL_FIELDS,
  given: null,
  typed: null,
  piled: null,
};

/** The question a sentence asks, in a class whose melodic minor may come down as it rose. */
export function askedOf({ kind, fields }: MarkSentence, school: Pick<Settings, 'melodicDown'>): MarkQuestion {
  return questionFrom(kind, fields, school);
}
