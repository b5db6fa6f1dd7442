import { useMemo } from 'react';
import type { Answer } from '@/core/exercise/answer';
import { readAnswerCode } from '@/core/exercise/code';
import { judge } from '@/core/exercise/judge';
import { markProblem } from '@/core/exercise/kinds/all';
import type { Judged } from '@/core/mark/judging/judged';
import type { ClassWords } from '@/core/words/class-words';
import { sayGiven } from '@/core/words/say-given';
import type { SaidStep } from '@/core/words/say-method';
import { sayHabit } from '@/core/words/say-mistake';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';
import { type Poll, readPoll } from '../address/mark/poll-address';
import type { BoardShow, BoardViewProps } from '../shell/board-kit';

/** What some of a class answered: how many, what, and what it comes to. */
type Group = {
  readonly code: string;
  readonly count: number;
  readonly answer: Answer;
  readonly judged: Judged;
  readonly title: string;
  readonly say: string | null;
};

/** The answers of a class, the right one first and then the most frequent; nobody's name is known here. */
function groupsOf(w: ClassWords, { question, counts }: Poll): readonly Group[] {
  if (markProblem(question)) return [];
  const school = { ...w.settings, known: [] };
  const words = setWords(w);
  return counts
    .flatMap(([code, count]): readonly Group[] => {
      const answer = readAnswerCode(question, code);
      const judged = answer && judge(question, answer, school);
      if (!answer || !judged) return [];
      const [id] = judged.correct ? [] : (judged.causes[0]?.habits ?? []);
      const said = id ? sayHabit(w, id, question, answer) : null;
      const state = answer.is === 'blank' ? words.enter.states.blank : words.class.noHabit;
      const title = judged.correct ? words.enter.states.right : (said?.name ?? state);
      return [{ code, count, answer, judged, title, say: said?.say ?? null }];
    })
    .toSorted((a, b) => Number(b.judged.correct) - Number(a.judged.correct) || b.count - a.count);
}

function lineOf(w: ClassWords, { question }: Poll, { count, title, answer, say }: Group): SaidStep {
  const said = answer.is === 'blank' ? '' : ` ${sayGiven(w, question, answer)}.`;
  return { text: `${count}: ${title}.${said}`, reason: say };
}

/** What the board gives out of what a class answered: a group a line, after the question alone. */
export function pollShow(w: ClassWords, search: string): BoardShow {
  const poll = readPoll(search);
  const question = poll ? sayTask(w, { task: 'answer', question: poll.question }) : setWords(w).text;
  const groups = poll ? groupsOf(w, poll) : [];
  return {
    question,
    head: { name: question, rest: '' },
    layout: 'below',
    lines: poll
      ? groups.map((group) => lineOf(w, poll, group))
      : [{ text: setWords(w).onBoard, reason: null }],
    places: 0,
    views: [],
  };
}

/** The group that was given out last with one answer drawn, under how many are in each group so far. */
export function PollView({ search, given }: BoardViewProps) {
  const w = useWords();
  const poll = useMemo(() => readPoll(search), [search]);
  const groups = useMemo(() => (poll ? groupsOf(w, poll) : []), [w, poll]);
  const at = Math.min(groups.length, Math.max(1, given)) - 1;
  const group = groups[at];
  if (!poll || !group) return null;
  return (
    <div className="flex min-h-0 grow flex-col gap-2">
      <ol className="flex flex-wrap items-baseline gap-x-8 font-serif text-board leading-tight font-bold">
        {groups.slice(0, at + 1).map(({ code, count, judged }, place) => (
          <li
            key={code}
            className={`${judged.correct ? 'text-correct' : ''} ${place === at ? '' : 'opacity-60'}`}
          >
            {count}
            {judged.correct ? ' ✓' : ''}
          </li>
        ))}
      </ol>
      <div className="flex min-h-0 grow flex-col justify-center overflow-hidden">
        <GivenOn asked={poll.question} given={group.answer} judged={group.judged} expected={false} />
      </div>
    </div>
  );
}
