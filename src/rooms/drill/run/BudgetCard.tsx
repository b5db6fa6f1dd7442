import { Hand, Pause, Play } from 'lucide-react';
import { useEffect, useState } from 'react';
import { leftOf } from '@/core/practice/drill/budget';
import { drillWords } from '@/core/words/screen/drill';
import { useWords } from '@/ui/school/use-class';
import type { Run } from './use-run';

type Props = {
  readonly run: Run;
  readonly onTick: () => void;
  readonly onPause: () => void;
  readonly onResume: () => void;
  readonly onStop: () => void;
};

/** How often the clock is looked at, in milliseconds. */
const TICK = 1000;

/** What is left of the budget, quietly, and how to stand still or stop. */
export function BudgetCard({ run: { course }, onTick, onPause, onResume, onStop }: Props) {
  const say = drillWords(useWords());
  const { run, attempts } = course;
  const goes = run.since !== null;
  const [, look] = useState(0);
  useEffect(() => {
    if (!goes) return;
    const timer = setInterval(() => {
      onTick();
      look((count) => count + 1);
    }, TICK);
    return () => clearInterval(timer);
  }, [goes, onTick]);
  const left = leftOf(run, Date.now());
  const rows: readonly (readonly [string, string])[] = [
    [say.budget.questions, say.budget.of(attempts.length, run.limits.questions)],
    [say.budget.time, left.seconds === null ? say.budget.noTime : say.clock(left.seconds)],
    [say.budget.mistakes, left.mistakes === null ? say.budget.noMistakes : String(left.mistakes)],
  ];
  return (
    <section aria-label={say.budget.title} className="card flex flex-col gap-3 px-4 py-3">
      <dl className="grid grid-cols-3 gap-x-3 text-small room:grid-cols-[1fr_auto] room:gap-y-1">
        {rows.map(([name, value]) => (
          <div key={name} className="room:contents">
            <dt className="text-quiet">{name}</dt>
            <dd className="font-bold tabular-nums room:text-right">{value}</dd>
          </div>
        ))}
      </dl>
      <div
        aria-hidden="true"
        className="h-1.5 overflow-hidden rounded-full bg-rule"
        title={say.budget.of(attempts.length, run.limits.questions)}
      >
        <div
          className="h-full bg-moon"
          style={{ width: `${(100 * attempts.length) / run.limits.questions}%` }}
        />
      </div>
      {run.end === null && (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="control" onClick={goes ? onPause : onResume}>
            {goes ? (
              <Pause className="size-4" aria-hidden="true" />
            ) : (
              <Play className="size-4" aria-hidden="true" />
            )}
            {goes ? say.budget.pause : say.budget.goOn}
          </button>
          <button type="button" className="control" onClick={onStop}>
            <Hand className="size-4" aria-hidden="true" />
            {say.budget.stop}
          </button>
        </div>
      )}
    </section>
  );
}
