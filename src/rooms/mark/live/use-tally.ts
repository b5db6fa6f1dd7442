import { useMemo, useRef, useState } from 'react';
import { answerCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { classGroups, hasAnswers } from '@/core/exercise/set/class-groups';
import { habitNeeds } from '@/core/exercise/set/needs';
import type { SetQuestion } from '@/core/exercise/set/question';
import { usualAnswers } from '@/core/exercise/set/usual';
import { setSchool } from '@/core/exercise/set/verdict';
import { calling } from '@/store/answer-sets';
import { useSteady } from '@/ui/use-steady';
import type { Here } from '../../shell/use-shell';
import { useWorkedOut } from '../set/use-entry';
import type { SetInHand } from '../set/use-set';

const NO_VOICES: Readonly<Record<string, number>> = {};

/** What was answered to the question in hand, in groups, and what is usual there. */
export function useAnswers(here: Here, held: SetInHand, question: SetQuestion | undefined) {
  const { w } = here;
  const { work, set } = held;
  const marking = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const voices = (question && set.voices[question.id]) ?? NO_VOICES;
  const groups = useMemo(
    () => (question ? classGroups(work, question, voices, marking) : []),
    [work, question, voices, marking],
  );
  const isWorked = useWorkedOut(question, work.questions, marking);
  const met = useMemo(
    () =>
      habitNeeds(work)
        .map(({ habit }) => habit)
        .join(' '),
    [work],
  );
  const first = useRef(met);
  // What a digit counts stays what it is as long as the lesson goes on: habits that are met now do not move it.
  const habits = first.current;
  const usual = useMemo(
    () =>
      question && isWorked ? usualAnswers(question, [], habits.split(' ').filter(Boolean), marking) : null,
    [question, isWorked, marking, habits],
  );
  const isAsked = ({ id }: SetQuestion) => hasAnswers(work.papers, id, set.voices[id] ?? NO_VOICES);
  return { marking, voices, groups, usual, isAsked };
}

/** Answers that are called out: counted one by one, and the last taken back. */
export function useTally({ w, school }: Here, { set }: SetInHand, question: SetQuestion | undefined) {
  const called = useRef<{ readonly question: string; readonly code: string }[]>([]);
  const [calls, setCalls] = useState(0);
  const count = (of: { readonly question: string; readonly code: string }, by: 1 | -1) => {
    setCalls(called.current.length);
    void school.change((data, now) => calling(data, set.id, of, by, now));
  };
  const hands = useSteady({
    call: (code: string) => {
      if (!question) return;
      const of = { question: question.id, code };
      called.current.push(of);
      count(of, 1);
    },
    callRight: () => question && hands.call(answerCode(rightAnswer(question.asked, w.settings))),
    takeBack: () => {
      const last = called.current.pop();
      if (last) count(last, -1);
    },
  });
  return { calls, hands };
}
