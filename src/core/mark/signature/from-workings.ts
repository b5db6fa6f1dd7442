import type { SpelledNote } from '../../note/spelled';
import { spelled } from '../../note/spelled';
import type { Habit } from '../habit';
import { HABITS } from '../habits/all';
import type { Procedure } from '../procedure';
import { rightWorking, type Working } from '../working';

/** What is read off a working: the signs it uses, or a note of it; null where there is nothing. */
export type ReadOff<Question, Answer> = (working: Working, question: Question) => Answer | null;

/** A question about part of a scale, with the scale it is part of. */
export type PartOfScale = Pick<Parameters<typeof rightWorking>[0], 'tonic' | 'scale'>;

/** The signs of a working in the order in which they are written. */
export function signsIn({ signs }: Working): readonly SpelledNote[] {
  return [...signs].map(([letter, alteration]) => spelled(letter, alteration as SpelledNote['alteration']));
}

const RANKS_OF_PART = [2, 3, 4] as const;

/**
 * The habits that alter a stage of a scale, as habits of a question about part of one: the working is altered the same
 * way, and the part is read off it.
 */
export function fromWorkings<Question extends PartOfScale, Answer>(
  read: ReadOff<Question, Answer>,
  ranks: readonly number[] = RANKS_OF_PART,
): readonly Procedure<Question, Answer>[] {
  const stages = HABITS.filter(
    (habit): habit is Habit & { alters: 'working' } =>
      habit.alters === 'working' && ranks.includes(habit.rank),
  );
  return stages.map((habit) => ({
    id: habit.id,
    rank: habit.rank,
    second: false,
    makes: (question) => {
      const asked = { ...question, direction: 'up', signature: 'written', clef: null } as const;
      return habit.workings(rightWorking(asked), asked).flatMap((working) => {
        const answer = read(working, question);
        return answer === null ? [] : [answer];
      });
    },
  }));
}
