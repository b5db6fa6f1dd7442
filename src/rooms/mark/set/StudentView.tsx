import { useMemo } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { cellOf, isRight, type SetWork, totalOf } from '@/core/exercise/set/cell';
import { habitNeeds, settledIn } from '@/core/exercise/set/needs';
import { setQuestions } from '@/core/exercise/set/question';
import { sayGiven } from '@/core/words/say-given';
import { half } from '@/core/words/say-marks';
import { sayHabit } from '@/core/words/say-mistake';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import { BarsView } from '@/ui/chart/BarsView';
import { useWords } from '@/ui/school/use-class';
import { useCourse } from '@/ui/school/use-course';
import type { Here } from '../../shell/use-shell';
import { habitNamed } from './Charts';
import { dayText, setName } from './set-words';
import type { SetInHand } from './use-set';

type Props = {
  readonly held: SetInHand;
  readonly here: Here;
  readonly person: string;
  readonly onSet: (set: string) => void;
};

/** A student's own course: what they wrote in this set, and how it went set after set. */
export function StudentView({ held, here, person, onSet }: Props) {
  const w = useWords();
  const say = setWords(w).student;
  const of = useMemo(() => ({ person }), [person]);
  const course = useCourse(here.school, of);
  const who = held.people.find(({ id }) => id === person);
  const { sets } = here.school.state.data;
  const each = useMemo(
    () =>
      sets.flatMap((set) => {
        const paper = course?.papers.find((one) => one.set === set.id);
        const judging = course?.judgings.find((one) => one.set === set.id);
        if (!paper) return [];
        const work: SetWork = {
          questions: setQuestions(set.questions, w.settings),
          papers: [paper],
          verdicts: judging?.verdicts ?? {},
          decisions: set.decisions,
        };
        return [{ set, paper, work, total: totalOf(work, paper), habits: habitNeeds(work) }];
      }),
    [sets, course, w.settings],
  );
  if (!who) return <p className="card px-4 py-3">{held.people.length === 0 ? say.none : say.choose}</p>;
  const habits = new Map<string, { times: number; sets: number }>();
  for (const { habits: met } of each) {
    for (const { habit, answers } of met) {
      const known = habits.get(habit) ?? { times: 0, sets: 0 };
      habits.set(habit, { times: known.times + answers.length, sets: known.sets + 1 });
    }
  }
  const most = [...habits].toSorted((a, b) => b[1].times - a[1].times);
  const share = ({ got, of }: { got: number; of: number }) => (of === 0 ? 0 : (100 * got) / of);
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_27rem]">
      <OwnAnswers held={held} person={person} />
      <div className="flex min-h-0 min-w-0 flex-col gap-3 room:overflow-y-auto">
        <BarsView
          title={say.sets}
          empty={say.noAnswers}
          asTable={setWords(w).class.asTable}
          asChart={setWords(w).class.asChart}
          most={100}
          onPick={onSet}
          rows={each.map(({ set, paper, total }) => ({
            id: set.id,
            name: setName(w, set),
            full: share(total),
            hollow: 0,
            text: paper.absent ? say.notHere : `${half(total.got)}/${half(total.of)}`,
          }))}
          table={
            <table className="w-full text-left">
              <thead>
                <tr>
                  {[say.setHead, say.dayHead, say.marksHead, say.habitsHead].map((head) => (
                    <th key={head} scope="col" className="pr-3 font-bold text-quiet">
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {each.map(({ set, paper, total, habits: met }) => (
                  <tr key={set.id}>
                    <td className="pr-3">
                      <button type="button" className="underline" onClick={() => onSet(set.id)}>
                        {setName(w, set)}
                      </button>
                    </td>
                    <td className="pr-3">{dayText(set.day)}</td>
                    <td className="pr-3">
                      {paper.absent ? say.notHere : `${half(total.got)}/${half(total.of)}`}
                      {paper.stopped ? `, ${say.stopped(paper.minutes)}` : ''}
                    </td>
                    <td>{met.map(({ habit }) => habitNamed(w, habit)).join('; ')}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          }
        />
        <section aria-label={say.habits} className="card flex flex-col gap-1 px-4 py-3">
          <h2 className="text-small font-bold text-quiet">{say.habits}</h2>
          {most.length === 0 && <p className="text-small">{say.noHabits}</p>}
          <ul className="text-small">
            {most.map(([habit, { times, sets: count }]) => (
              <li key={habit} className="flex justify-between gap-3">
                {habitNamed(w, habit)}
                <span className="shrink-0 text-quiet">{say.times(times, count)}</span>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function OwnAnswers({ held, person }: Pick<Props, 'held' | 'person'>) {
  const w = useWords();
  const words = setWords(w);
  const { student: say, enter, slips } = words;
  const { work } = held;
  const paper = work.papers.find((each) => each.person === person);
  const habitsOf = settledIn(work);
  const entered = paper ? work.questions.filter(({ id }) => Object.hasOwn(paper.answers, id)) : [];
  return (
    <section
      aria-label={say.answers}
      className="card flex min-h-0 flex-col gap-2 px-4 py-3 room:overflow-y-auto"
    >
      <h2 className="text-small font-bold text-quiet">{say.answers}</h2>
      {(!paper || entered.length === 0) && <p className="text-small">{say.noAnswers}</p>}
      <ol className="flex flex-col">
        {paper &&
          entered.map((question) => {
            const cell = cellOf(question, paper, work);
            const answer = cell.code === null ? null : readAnswerCode(question.asked, cell.code);
            const [habit] = habitsOf(person, question.id);
            const said = habit && answer ? sayHabit(w, habit, question.asked, answer) : null;
            const good = isRight(cell);
            return (
              <li key={question.id} className="flex flex-col gap-0.5 border-t border-rule py-2">
                <p className="flex justify-between gap-3">
                  <span>
                    {work.questions.indexOf(question) + 1}. {sayTask(w, question.item)}
                  </span>
                  <span className={`shrink-0 font-bold ${good ? 'text-correct' : 'text-wrong'}`}>
                    {enter.signs[cell.state]} {enter.states[cell.state]}
                  </span>
                </p>
                {!good && (
                  <p className="font-serif">
                    <span className="font-sans text-small text-quiet">{enter.given}: </span>
                    {(answer && sayGiven(w, question.asked, answer)) || slips.nothing}
                  </p>
                )}
                {said && (
                  <p className="text-small">
                    <b>{said.name}.</b> {said.why}
                  </p>
                )}
              </li>
            );
          })}
      </ol>
    </section>
  );
}
