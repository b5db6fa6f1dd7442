import { useMemo } from 'react';
import { readDrillCode } from '@/core/practice/drill/question';
import { sayDrillQuestion } from '@/core/words/say-drill';
import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { bestTry } from '@/store/drilling';
import { useWords } from '@/ui/school/use-class';
import { HandInCard } from './HandInCard';
import { AboutAnswer } from './run/ToldCard';
import type { Run } from './run/use-run';

type Props = {
  readonly run: Run;
  /** What was drilled before and now by whoever answers, as it is kept. */
  readonly drills: readonly Drill[];
  readonly name: string;
  /** The next level of a ladder, where this one opened it. */
  readonly next: { readonly name: string; readonly onBegin: () => void } | null;
  readonly onAgain: () => void;
  /** Goes on with what was stopped by hand. */
  readonly onTakeUp: () => void;
  readonly onOther: () => void;
  readonly onHanded: (drill: Drill) => void;
  readonly tell: (text: string) => void;
};

/** How a drill went: its end, its counts, what was not right at once with its reason, and handing it in. */
export function EndView({ run, drills, name, next, onAgain, onTakeUp, onOther, onHanded, tell }: Props) {
  const w = useWords();
  const say = drillWords(w);
  const { course } = run;
  const end = course.run.end ?? 'handed-in';
  const count = (outcome: string) => course.attempts.filter((each) => each.outcome === outcome).length;
  const review = useMemo(
    () =>
      course.attempts.flatMap((attempt, at) => {
        const question = attempt.outcome === 'right' ? null : readDrillCode(attempt.question, w.settings);
        return question ? [{ question, attempt, at }] : [];
      }),
    [course.attempts, w.settings],
  );
  const best = useMemo(() => bestTry(drills, run.drill.id), [drills, run.drill.id]);
  const own = drills.find((each) => each.id === run.drill.id);
  const { title, text } = say.ends[end];
  const first = next ?? { name: null, onBegin: onAgain };
  return (
    <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_19rem]">
      <div className="flex min-h-0 min-w-0 flex-col gap-3 room:overflow-y-auto">
        <section
          aria-label={title}
          data-end={end}
          className="card flex shrink-0 flex-col items-start gap-2 px-5 py-4"
        >
          <div role="status">
            <h2 className={`font-serif text-sentence font-bold ${end === 'success' ? 'text-correct' : ''}`}>
              {end === 'success' && <span aria-hidden="true">✓ </span>}
              {title}
            </h2>
            <p>{text}</p>
          </div>
          <p className="text-large">
            {say.end.counts(count('right'), count('corrected'), count('wrong'))}
            {say.end.took(say.clock(Math.round(course.run.spent / 1000)))}
          </p>
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              data-next=""
              className="control bg-ink! text-sheet!"
              onClick={first.onBegin}
            >
              {next ? say.end.next(next.name) : say.end.again}
              <kbd className="key" aria-hidden="true">
                ⏎
              </kbd>
            </button>
            {next && (
              <button type="button" className="control" onClick={onAgain}>
                {say.end.again}
              </button>
            )}
            {end === 'handed-in' && own?.handedAt === null && !own.received && (
              <button type="button" className="control" onClick={onTakeUp}>
                {say.end.takeUp}
              </button>
            )}
            <button type="button" className="control" onClick={onOther}>
              {say.end.other}
            </button>
          </div>
        </section>
        {review.length > 0 && (
          <section aria-label={say.end.review} className="card flex flex-col gap-1 px-5 py-4">
            <h2 className="text-small font-bold text-quiet">{say.end.review}</h2>
            <ol className="flex flex-col divide-y divide-rule">
              {review.map(({ question, attempt, at }) => (
                <li key={at} className="flex flex-col gap-1.5 py-3">
                  <p className="font-semibold">{sayDrillQuestion(w, question)}</p>
                  <AboutAnswer question={question} attempt={attempt} />
                </li>
              ))}
            </ol>
          </section>
        )}
      </div>
      <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
        {best && (
          <HandInCard
            drill={best}
            isBest={best.id !== run.drill.id}
            name={name}
            onHanded={() => onHanded(best)}
            tell={tell}
          />
        )}
      </div>
    </div>
  );
}
