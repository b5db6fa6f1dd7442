import { useEffect, useMemo, useState } from 'react';
import type { Answer } from '@/core/exercise/answer';
import { answerCode } from '@/core/exercise/code';
import { judgedIn } from '@/core/practice/drill/choices';
import { drillWords } from '@/core/words/screen/drill';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { focusOn } from '@/ui/focus-on';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useSetting } from '@/ui/keys/use-setting';
import { useWords } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { BudgetCard } from './BudgetCard';
import { CribCard } from './CribCard';
import { QuestionCard } from './QuestionCard';
import { levelOf } from './run-of';
import { useEar } from './use-ear';
import { useOpen } from './use-open';
import type { RunHandle } from './use-run';

type Props = { readonly handle: RunHandle };

/** Where the next thing to press is. */
const NEXT = '[data-next]';

/** A drill that goes on: its question, its budget, and the crib. */
export function RunView({ handle }: Props) {
  const { run, asked, place, hands, judging } = handle;
  const w = useWords();
  const say = drillWords(w);
  const [single] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const course = run?.course ?? null;
  const standsStill = course !== null && course.run.since === null && course.run.end === null;
  const told = course?.told ?? false;
  const opens = useOpen(course?.from ?? null);
  const ear = useEar(asked, standsStill || told);
  const level = useMemo(() => run && levelOf(run.drill), [run]);
  const [crib, showCrib] = useState(false);
  const { choose, pass, give, toggleCrib } = useSteady({
    /** By key or by press: that it was opened is kept where it is seen. */
    toggleCrib: () => {
      if (!crib) hands.crib();
      showCrib(!crib);
    },
    choose: (at: number) => {
      const choice = asked?.choices?.choices[at];
      if (!asked?.choices || !choice || !opens) return;
      const { choices, right } = asked.choices;
      ear.stop();
      hands.answer({
        answer: choice.code,
        judged: { correct: at === right, habit: choice.habit },
        again: choices.length > 2,
      });
    },
    pass: () => {
      if (!opens) return;
      ear.stop();
      hands.answer({ answer: '', judged: { correct: false, habit: null }, again: false });
    },
    give: (answer: Answer) => {
      if (!asked || !opens) return;
      const code = answerCode(answer);
      const judged = judgedIn(asked.question, code, judging);
      if (judged) hands.answer({ answer: code, judged, again: true });
    },
  });
  useEffect(() => {
    // What is talked about is read, and then Enter goes on.
    if (told) focusOn(NEXT, NEXT);
  }, [told]);
  const digits = asked?.choices?.choices.map((_, at) => [String(at + 1), () => choose(at)] as const) ?? [];
  const keys: KeyActions = standsStill
    ? { ' ': hands.resume, Enter: hands.resume }
    : {
        ...(told ? { Enter: hands.next } : { ...Object.fromEntries(digits), '0': pass }),
        ' ': hands.pause,
        h: ear.hear,
        c: () => level?.crib && toggleCrib(),
        Escape: ear.stop,
      };
  useKeys(keys, single === 'on');
  if (!run || !course || !level) return null;
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_19rem] room:content-stretch">
      <ErrorBoundary what={say.run.question(place + 1)} size="card" about={place}>
        {standsStill ? (
          <section aria-label={say.budget.pause} className="card flex flex-col items-start gap-3 px-5 py-5">
            <p role="status" className="font-serif text-sentence">
              {say.budget.paused}
            </p>
            <button type="button" data-next="" className="control bg-ink! text-sheet!" onClick={hands.resume}>
              {say.budget.goOn}
              <kbd className="key" aria-hidden="true">
                ⏎
              </kbd>
            </button>
          </section>
        ) : (
          <QuestionCard
            key={run.drill.id}
            run={run}
            asked={asked}
            place={place}
            opens={opens}
            ear={ear}
            onChoose={choose}
            onPass={pass}
            onGive={give}
            onNext={hands.next}
          />
        )}
      </ErrorBoundary>
      <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
        <BudgetCard
          run={run}
          onTick={hands.tick}
          onPause={hands.pause}
          onResume={hands.resume}
          onStop={hands.stop}
        />
        {level.crib && <CribCard level={level} shown={crib} opened={run.drill.crib} onToggle={toggleCrib} />}
      </div>
    </div>
  );
}
