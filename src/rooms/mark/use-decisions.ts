import { useMemo } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import {
  type Answered,
  type Decision,
  deciding,
  dropping,
  habitsBefore,
  type Remembered,
  remembered,
} from '@/store/deciding';
import { peopleOf } from '@/store/groups';
import type { MarkedAnswer } from '@/store/marked';
import type { Person } from '@/store/person';
import { newId } from '@/ui/new-id';
import type { SchoolHandle } from '@/ui/school/use-school';
import { MARK_PATH, writeAnswered } from '../address/mark/mark-address';
import { askedOf, type MarkSentence } from '../address/mark/mark-sentence';
import { type OutcomeReading, outcomeOf } from './outcome';

/** The person whose name an answer begins with: `Ines`, or `Ines, question 3`. */
function personOf(people: readonly Person[], who: string): Person | null {
  return people.find(({ name }) => name !== '' && (who === name || who.startsWith(`${name},`))) ?? null;
}

type Given = {
  readonly w: ClassWords;
  readonly sentence: MarkSentence;
  readonly school: SchoolHandle;
  readonly group: string | null;
};

/** The answer in hand, judged, with what was decided about it before; and the ways to decide. */
export function useDecisions({ w, sentence, school, group }: Given) {
  const { data } = school.state;
  const people = useMemo(() => (group ? peopleOf(data, group) : []), [data, group]);
  const name = useMemo(() => {
    const person = personOf(people, sentence.who);
    return {
      label: sentence.who,
      person: person?.id ?? null,
      group,
      address: MARK_PATH + writeAnswered({ ...sentence, typed: null }),
    };
  }, [people, sentence, group]);
  const before: Remembered = useMemo(() => remembered(data, name), [data, name]);
  const known = useMemo(() => habitsBefore(data, name), [data, name]);
  const reading: OutcomeReading = useMemo(
    () => outcomeOf(askedOf(sentence, w.settings), sentence.given, w.settings, before, known),
    [w, sentence, before, known],
  );
  const answered = (): Answered | null => {
    if (reading.is !== 'judged') return null;
    const { judged, counted } = reading.outcome;
    const found = judged.causes[0]?.habits.join('+') ?? null;
    return { ...name, correct: judged.correct, found, score: counted };
  };
  const decide = (decision: Decision) => {
    const answer = answered();
    if (!answer) return;
    void school.change((records, now) => deciding(records, answer, decision, newId(), now));
  };
  const drop = (answer: MarkedAnswer) => void school.change((_, now) => dropping(answer, now));
  return { people, reading, before, answered, decide, drop };
}
