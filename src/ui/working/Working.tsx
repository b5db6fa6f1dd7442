import { memo, useMemo } from 'react';
import { type Derivation, METHOD_IDS, type MethodId } from '@/core/derive/derivation';
import type { MethodProblem } from '@/core/derive/method';
import { sayWhyNotAll } from '@/core/words/say-method';
import { sayStep, stepText } from '@/core/words/say-step';
import { deriveWords } from '@/core/words/screen/derive';
import { spoken } from '@/core/words/spoken';
import { useWords } from '../school/use-class';
import { StepBar } from './StepBar';
import { WorkingLines } from './WorkingLines';

type Props = {
  readonly derivation: Derivation;
  /** Why methods cannot serve this scale, by their id; the others can. */
  readonly barred: readonly MethodProblem[];
  /** The step shown, from 0. */
  readonly at: number;
  readonly onStep: (step: number) => void;
  readonly onMethod: (method: MethodId) => void;
  /** Another working is to stand beside this one. */
  readonly onCompare: () => void;
  /** Why the rules work is to be shown. */
  readonly onWhy: () => void;
  /** The notes are to be moved by hand, where the method moves them. */
  readonly onHand: () => void;
};

/** The working, one fact a line; the line in hand gives its reason, and each line can be gone to. */
export const Working = memo(function Working(props: Props) {
  const { derivation, barred, at, onStep, onMethod, onCompare, onWhy, onHand } = props;
  const w = useWords();
  const { working: say, surfaces, compare } = deriveWords(w);
  const { steps } = derivation;
  const last = steps.length - 1;
  const now = steps[at];
  const lines = useMemo(() => steps.map(({ fact }) => sayStep(w, fact)), [w, steps]);
  return (
    <section aria-labelledby="working-title" className="flex min-h-0 grow flex-col gap-3">
      <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label={surfaces.method}>
        {METHOD_IDS.map((method) => (
          <button
            key={method}
            type="button"
            className="control"
            aria-pressed={method === derivation.method}
            disabled={barred.some((each) => each.method === method)}
            onClick={() => onMethod(method)}
          >
            {w.methodTab(method)}
          </button>
        ))}
        <kbd className="key" aria-hidden="true">
          M
        </kbd>
      </div>
      {barred.length > 0 && <p className="text-small text-quiet">{sayWhyNotAll(w, barred)}</p>}
      <div className="flex items-center gap-1.5">
        <h2 id="working-title" className="mr-auto font-serif text-large leading-tight font-bold">
          {w.method(derivation.method)}
        </h2>
        <StepBar at={at} last={last} onStep={onStep} />
      </div>
      <WorkingLines lines={lines} at={at} onStep={onStep} />
      <div className="flex flex-wrap gap-1.5">
        {derivation.method === 'tetrachords' && (
          <button type="button" className="control" aria-keyshortcuts="H" onClick={onHand}>
            {say.byHand}
            <kbd className="key ml-2" aria-hidden="true">
              H
            </kbd>
          </button>
        )}
        <button type="button" className="control" aria-keyshortcuts="V" onClick={onCompare}>
          {compare.open}
          <kbd className="key ml-2" aria-hidden="true">
            V
          </kbd>
        </button>
        <button type="button" className="control" aria-keyshortcuts="Y" onClick={onWhy}>
          {compare.why}
          <kbd className="key ml-2" aria-hidden="true">
            Y
          </kbd>
        </button>
      </div>
      <p className="sr-only" role="status">
        {say.step(at + 1, last + 1, now ? spoken(stepText(w, now.fact)) : '')}
      </p>
    </section>
  );
});
