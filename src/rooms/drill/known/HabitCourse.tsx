import { useMemo } from 'react';
import { mistakeNamed } from '@/core/mark/mistakes/all';
import { habitCourse } from '@/core/practice/drill/known';
import { nameOfHabit } from '@/core/words/say-mistake';
import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { useWords } from '@/ui/school/use-class';

/** How many weeks are shown, and how many habits. */
const WEEKS = 6;
const MOST = 6;

type Props = { readonly drills: readonly Drill[]; readonly now: number };

/** The habits with their course over the last weeks: how often each, with how many answers there were. */
export function HabitCourse({ drills, now }: Props) {
  const w = useWords();
  const say = drillWords(w).known;
  const { habits, answers } = useMemo(() => habitCourse(drills, WEEKS, now), [drills, now]);
  const shown = habits.slice(0, MOST);
  const most = Math.max(1, ...shown.flatMap(({ weeks }) => weeks));
  const weekName = (at: number) => say.week(WEEKS - 1 - at);
  return (
    <section aria-label={say.course} className="card flex shrink-0 flex-col gap-2 px-4 py-3">
      <h2 className="text-small font-bold text-quiet">{say.course}</h2>
      {shown.length === 0 ? (
        <p className="text-small">{say.noHabits}</p>
      ) : (
        <table className="text-small">
          <thead>
            <tr>
              <th scope="col" className="text-left font-semibold">
                {say.habitHead}
              </th>
              {answers.map((_, at) => (
                <th key={at} scope="col" className="w-8 text-center font-normal text-quiet">
                  <span className="sr-only">{weekName(at)}</span>
                  <span aria-hidden="true">{at === WEEKS - 1 ? say.now : `−${WEEKS - 1 - at}`}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ habit, weeks }) => {
              const mistake = mistakeNamed(habit);
              return (
                <tr key={habit} className="border-t border-rule">
                  <th scope="row" className="py-1 pr-2 text-left font-normal">
                    {mistake ? nameOfHabit(w, mistake.id) : habit}
                  </th>
                  {weeks.map((count, at) => (
                    <td key={at} className="h-9 align-bottom text-center tabular-nums">
                      {count > 0 && count}
                      <span
                        aria-hidden="true"
                        className="mx-auto block w-4 rounded-sm bg-moon"
                        style={{ height: `${(16 * count) / most}px` }}
                      />
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
          <tfoot>
            <tr className="border-t border-rule text-quiet">
              <th scope="row" className="py-1 text-left font-normal">
                {say.answers}
              </th>
              {answers.map((count, at) => (
                <td key={at} className="text-center tabular-nums">
                  {count}
                </td>
              ))}
            </tr>
          </tfoot>
        </table>
      )}
    </section>
  );
}
