import { answersOf } from '../../../mark/explain/made';
import { type MistakeId, mistakesIn } from '../../../mark/mistakes/all';
import { RANKS } from '../../../mark/mistakes/mistake';
import type { SpelledNote } from '../../../note/spelled';
import type { Settings } from '../../../school/settings';
import type { Answer } from '../../answer';
import { handIn } from '../../hand-in';
import { type MarkQuestion, rightAnswer, taskOf } from '../../kinds/all';
import { askedIn, type SheetItem } from '../task/all';
import { hasOnlyHabit, wrongPlaces } from '../task/wrong-row';
import type { Claim } from './claim';
import { claimsOf, decidingNote } from './claims';
import { rightAnswers } from './right-answers';

/** A habit to look out for, and the answer it leads to here. */
export type Likely = { readonly habit: MistakeId; readonly answer: Answer };

/** What a key has to an item; null stands for an item that has nothing to be right. */
export type KeyEntry = {
  readonly asked: MarkQuestion;
  /** All that is right, the usual one first. */
  readonly answers: readonly Answer[];
  readonly decides: SpelledNote | null;
  readonly claims: readonly Claim[];
  readonly likely: readonly Likely[];
  /** The habit in a row that was shown wrong, and the places of its notes that must change, from 0. */
  readonly fault: { readonly habit: MistakeId; readonly places: readonly number[] } | null;
};

const MOST_LIKELY = 2;

/** How many double signs an answer has. */
function doubles(answer: Answer): number {
  const notes =
    answer.is === 'scale'
      ? answer.notes.map(({ note }) => note)
      : answer.is === 'notes'
        ? answer.notes
        : answer.is === 'drawn'
          ? answer.signs.map(({ sign }) => sign)
          : answer.is === 'count'
            ? (answer.signs ?? [])
            : answer.is === 'key'
              ? [answer.key.tonic]
              : [];
  return notes.filter(({ alteration }) => Math.abs(alteration) === 2).length;
}

/** The habits that are likeliest in a question, each by an answer that speaks for it alone. */
function likelyHabits(asked: MarkQuestion, school: Settings, most = MOST_LIKELY): readonly Likely[] {
  const task = taskOf(asked, school);
  // Nobody writes more double signs than are asked for.
  const usual = doubles(rightAnswer(asked, school));
  const found: Likely[] = [];
  for (const mistake of mistakesIn(task.scope).toSorted((a, b) => a.rank - b.rank)) {
    if (found.length === most || mistake.rank >= RANKS.misplaced) break;
    const answer = answersOf(mistake, task)
      .map(({ written }) => handIn(asked, written))
      .find((each) => doubles(each) <= usual && hasOnlyHabit(asked, mistake.id, each, school));
    if (answer) found.push({ habit: mistake.id, answer });
  }
  return found;
}

/** What the key says to an item, in the class's way; null where nothing is asked that has an answer. */
export function keyEntry(item: SheetItem, school: Settings): KeyEntry | null {
  const asked = askedIn(item);
  if (!asked) return null;
  const faulty = item.task === 'find-mistake' || item.task === 'which-note' ? item : null;
  return {
    asked,
    answers: rightAnswers(asked, school),
    decides: decidingNote(asked),
    claims: claimsOf(asked, school),
    likely: faulty ? [] : likelyHabits(asked, school),
    fault: faulty && {
      habit: faulty.habit,
      places: wrongPlaces(faulty.question, faulty.shown, school) ?? [],
    },
  };
}
