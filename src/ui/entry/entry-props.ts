import type { Answer } from '@/core/exercise/answer';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import type { Judged } from '@/core/mark/judging/judged';

/** What the parts of the card work on, and what they tell. */
export type EntryProps = {
  readonly asked: MarkQuestion;
  readonly given: Answer | null;
  readonly typed: string | null;
  readonly judged: Judged | null;
  /** How often the right answer was taken; each time its first note is chosen. */
  readonly taken: number;
  /** What was entered; or what was typed and cannot be read. */
  readonly onGiven: (given: Answer) => void;
  readonly onTyped: (typed: string) => void;
  /** Takes the right answer; null where it is not to be had. */
  readonly onRight: (() => void) | null;
  readonly onBlank: () => void;
  readonly onNext: () => void;
  /** The hand has gone from the card: what was entered is one change. */
  readonly onRest: () => void;
};
