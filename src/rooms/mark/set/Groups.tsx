import { memo, useState } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { look } from '@/core/exercise/judge';
import { isRight } from '@/core/exercise/set/cell';
import { type SameAnswer, sameAnswers, settledIn } from '@/core/exercise/set/needs';
import type { SetQuestion } from '@/core/exercise/set/question';
import type { MistakeId } from '@/core/mark/mistakes/all';
import { sayHabit } from '@/core/words/say-mistake';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import { decidingForAll } from '@/store/answer-sets';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { boardHref, NO_BOARD } from '../../address/board/board-address';
import { goTo } from '../../ask/go-to';
import { pollOf } from './poll';
import type { SetInHand } from './use-set';

type Props = {
  readonly held: SetInHand;
  readonly school: SchoolHandle;
  readonly question: SetQuestion;
};

/** Who wrote what to a question: those who wrote the same together, the right ones first, each group with one answer drawn. */
export function Groups({ held, school, question }: Props) {
  const w = useWords();
  const say = setWords(w).class;
  const { work, people, set } = held;
  const [hidden, setHidden] = useState(false);
  const groups = sameAnswers(work, question.id);
  const habitsOf = settledIn(work);
  const number = work.questions.indexOf(question) + 1;
  const nameOf = (id: string) => people.find((each) => each.id === id)?.name ?? '';
  const voices = set.voices[question.id] ?? {};
  const decide = (group: SameAnswer) =>
    void school.change((data, now) =>
      decidingForAll(
        data,
        set.id,
        { question: question.id, codes: group.codes },
        { accepted: !group.cell.decision.accepted },
        now,
      ),
    );
  const poll = () => goTo(boardHref({ ...NO_BOARD, show: pollOf(held, question) }));
  return (
    <section aria-label={say.groups(number)} className="card flex flex-col gap-1 px-4 py-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-small font-bold text-quiet">{say.groups(number)}</h2>
        <span className="flex gap-2">
          <button
            type="button"
            className="control py-0.5! text-small"
            aria-pressed={hidden}
            onClick={() => setHidden(!hidden)}
          >
            {hidden ? say.showNames : say.hideNames}
          </button>
          <button type="button" className="control py-0.5! text-small" onClick={poll}>
            {say.pollBoard}
          </button>
        </span>
      </div>
      <p className="font-serif text-large">{sayTask(w, question.item)}</p>
      <ul className="flex flex-col">
        {groups.map((group) => (
          <Group
            key={group.code}
            {...{ group, question }}
            habit={habitsOf(group.people[0] ?? '', question.id)[0] ?? null}
            names={hidden ? '' : group.people.map(nameOf).join(', ')}
            called={group.codes.reduce((sum, each) => sum + (voices[each] ?? 0), 0)}
            onDecide={decide}
          />
        ))}
      </ul>
    </section>
  );
}

type GroupProps = {
  readonly group: SameAnswer;
  readonly question: SetQuestion;
  readonly habit: MistakeId | null;
  readonly names: string;
  readonly called: number;
  readonly onDecide: (group: SameAnswer) => void;
};

const Group = memo(function Group({ group, question, habit, names, called, onDecide }: GroupProps) {
  const w = useWords();
  const say = setWords(w).class;
  const { code, people, cell } = group;
  const answer = readAnswerCode(question.asked, code);
  if (!answer) return null;
  const right = isRight(cell);
  const judged = look(question.asked, answer, { ...w.settings, known: [] });
  const said = habit && sayHabit(w, habit, question.asked, answer);
  const title = right
    ? setWords(w).enter.states[cell.state]
    : (said?.name ?? (cell.state === 'blank' ? setWords(w).enter.states.blank : say.noHabit));
  return (
    <li className="grid items-center gap-x-4 border-t border-rule py-2 sm:grid-cols-[3.5rem_15rem_minmax(0,1fr)]">
      <p className={`font-serif text-board leading-none font-bold ${right ? 'text-correct' : ''}`}>
        {people.length}
        <span className="sr-only"> {say.groupCount(people.length)}</span>
      </p>
      <div className="flex flex-col items-start gap-1 text-small">
        <h3 className="font-serif text-body font-bold first-letter:uppercase">{title}</h3>
        <p className="text-quiet">{names}</p>
        {called > 0 && <p className="text-quiet">{say.voices(called)}</p>}
        {said && !right && (
          <p>
            {say.say}: {said.say}
          </p>
        )}
        {cell.state !== 'right' && cell.state !== 'blank' && (
          <button type="button" className="control py-0.5! text-small" onClick={() => onDecide(group)}>
            {cell.decision.accepted ? say.notRight : say.rightToo(people.length)}
          </button>
        )}
      </div>
      <div className="flex min-h-16 min-w-0 flex-col justify-center">
        <GivenOn asked={question.asked} given={answer} judged={judged} expected={false} />
      </div>
    </li>
  );
});
