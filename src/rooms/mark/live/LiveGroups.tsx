import { useMemo } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { look } from '@/core/exercise/judge';
import { type ClassGroup, sizeOf } from '@/core/exercise/set/class-groups';
import type { SetQuestion } from '@/core/exercise/set/question';
import { sayHabit } from '@/core/words/say-mistake';
import { liveWords } from '@/core/words/screen/live';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly question: SetQuestion;
  readonly groups: readonly ClassGroup[];
  readonly nameOf: (person: string) => string;
  /** The code of the group that stands on the board; null for none. */
  readonly shown: string | null;
};

/** Who of the class thinks how: those together who gave the same answer, with names, for the desk alone. */
export function LiveGroups({ question, groups, nameOf, shown }: Props) {
  const say = liveWords(useWords()).round;
  if (groups.length === 0) return <p className="text-quiet">{say.noAnswers}</p>;
  return (
    <ul aria-label={say.groups} className="flex min-h-0 flex-col room:overflow-y-auto">
      {groups.map((group) => (
        <Group key={group.code} {...{ group, question, nameOf }} isShown={group.code === shown} />
      ))}
    </ul>
  );
}

type GroupProps = Pick<Props, 'question' | 'nameOf'> & {
  readonly group: ClassGroup;
  readonly isShown: boolean;
};

function Group({ group, question, nameOf, isShown }: GroupProps) {
  const w = useWords();
  const say = liveWords(w).round;
  const { code, people, late, called, right, habits } = group;
  const answer = useMemo(() => readAnswerCode(question.asked, code), [question.asked, code]);
  const judged = useMemo(
    () => answer && look(question.asked, answer, { ...w.settings, known: [] }),
    [question.asked, answer, w.settings],
  );
  const [habit] = habits;
  const said = useMemo(
    () => (habit && answer ? sayHabit(w, habit, question.asked, answer) : null),
    [w, habit, question.asked, answer],
  );
  if (!answer) return null;
  const title = right ? say.right : (said?.name ?? (answer.is === 'blank' ? say.blank : say.noHabit));
  return (
    <li
      aria-current={isShown ? 'step' : undefined}
      className={`grid items-center gap-x-3 border-t border-rule py-2 sm:grid-cols-[4.5rem_13rem_minmax(0,1fr)] ${isShown ? 'bg-now' : ''}`}
    >
      <p
        className={`text-center font-serif text-board leading-none font-bold whitespace-nowrap ${right ? 'text-correct' : ''}`}
      >
        {sizeOf(group)}
        <span className="sr-only"> {say.group(sizeOf(group))}</span>
      </p>
      <div className="flex min-w-0 flex-col gap-0.5 text-small">
        <h3 className="font-serif text-body leading-tight font-bold first-letter:uppercase">{title}</h3>
        {people.length > 0 && (
          <p className="line-clamp-3 text-quiet" title={people.map(nameOf).join(', ')}>
            {people.map(nameOf).join(', ')}
          </p>
        )}
        {called > 0 && <p className="text-quiet">{say.called(called)}</p>}
        {late.length > 0 && <p className="text-quiet">{say.lateOf(late.map(nameOf).join(', '))}</p>}
        {said && (
          <p>
            {say.say}: {said.say}
          </p>
        )}
        {isShown && <p className="font-bold">{say.onBoardNow}</p>}
      </div>
      <div
        className={`flex min-w-0 flex-col justify-center overflow-hidden ${question.asked.kind === 'scale' ? 'h-32' : ''}`}
      >
        {answer.is !== 'blank' && (
          <GivenOn asked={question.asked} given={answer} judged={judged} expected={false} />
        )}
      </div>
    </li>
  );
}
