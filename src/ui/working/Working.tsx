import { memo, useEffect, useRef } from 'react';
import { type Derivation, METHOD_IDS, type MethodId } from '@/core/derive/derivation';
import type { MethodProblem } from '@/core/derive/methods';
import { sayWhyNot } from '@/core/words/say-method';
import { sayStep, stepText } from '@/core/words/say-step';
import { deriveWords } from '@/core/words/screen/derive';
import { spoken } from '@/core/words/spoken';
import { useWords } from '../school/use-class';

type Props = {
  readonly derivation: Derivation;
  /** Why methods cannot serve this scale, by their id; the others can. */
  readonly barred: readonly MethodProblem[];
  /** The step shown, from 0. */
  readonly at: number;
  readonly onStep: (step: number) => void;
  readonly onMethod: (method: MethodId) => void;
};

/** The working, one fact a line; the line in hand gives its reason, and each line can be gone to. */
export const Working = memo(function Working({ derivation, barred, at, onStep, onMethod }: Props) {
  const w = useWords();
  const { working: say, surfaces } = deriveWords(w);
  const list = useRef<HTMLOListElement>(null);
  const { steps } = derivation;
  const last = steps.length - 1;
  const now = steps[at];
  useEffect(() => {
    const box = list.current;
    const line = box?.children[Math.min(at, steps.length - 1)];
    if (!box || !line) return;
    // The observer knows where the line lies without making the browser lay the page out once more.
    const observer = new IntersectionObserver(
      ([entry]) => {
        observer.disconnect();
        if (!entry?.rootBounds) return;
        const { top, bottom } = entry.boundingClientRect;
        const above = top - entry.rootBounds.top;
        const below = bottom - entry.rootBounds.bottom;
        // Only the list itself scrolls, never the page.
        if (above < 0 || below > 0) box.scrollTop += above < 0 ? above : below;
      },
      { root: box },
    );
    observer.observe(line);
    return () => observer.disconnect();
  }, [at, steps]);

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
      {barred.length > 0 && (
        <p className="text-small text-quiet">{barred.map((problem) => sayWhyNot(w, problem)).join(' ')}</p>
      )}
      <div className="flex items-center gap-1.5">
        <h2 id="working-title" className="mr-auto font-serif text-large leading-tight font-bold">
          {w.method(derivation.method)}
        </h2>
        <StepButton
          label={say.back}
          sign="←"
          shortcut="ArrowLeft"
          disabled={at === 0}
          onClick={() => onStep(at - 1)}
        />
        <span className="text-small whitespace-nowrap text-quiet" aria-hidden="true">
          {say.of(at + 1, last + 1)}
        </span>
        <StepButton
          label={say.next}
          sign="→"
          shortcut="ArrowRight"
          disabled={at === last}
          onClick={() => onStep(at + 1)}
        />
      </div>
      <ol ref={list} className="min-h-0 grow overflow-y-auto">
        {derivation.steps.map(({ saying }, step) => (
          <WorkingLine
            key={`${step}-${saying.code}`}
            {...sayStep(w, saying)}
            step={step}
            at={at}
            onStep={onStep}
          />
        ))}
      </ol>
      <p className="sr-only" role="status">
        {say.step(at + 1, last + 1, now ? spoken(stepText(w, now.saying)) : '')}
      </p>
    </section>
  );
});

type StepButtonProps = {
  readonly label: string;
  readonly sign: string;
  readonly shortcut: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
};

/** One step on or back; its sign is its key. */
function StepButton({ label, sign, shortcut, disabled, onClick }: StepButtonProps) {
  return (
    <button
      type="button"
      className="control px-2.5"
      aria-label={label}
      title={label}
      aria-keyshortcuts={shortcut}
      disabled={disabled}
      onClick={onClick}
    >
      <span aria-hidden="true">{sign}</span>
    </button>
  );
}

type LineProps = {
  readonly text: string;
  readonly reason: string | null;
  readonly step: number;
  readonly at: number;
  readonly onStep: (step: number) => void;
};

function WorkingLine({ text, reason, step, at, onStep }: LineProps) {
  const now = step === at;
  const state = now ? 'bg-now font-semibold' : 'hover:bg-now';
  return (
    <li>
      <button
        type="button"
        aria-current={now ? 'step' : undefined}
        onClick={() => onStep(step)}
        className={`relative block w-full rounded-control py-1 pr-2 pl-10 text-left ${state}`}
      >
        <span className="absolute left-2 w-5 text-right text-small text-quiet">{step + 1}</span>
        <span className={step > at ? 'text-quiet' : ''}>
          {text}
          {now && reason && <span className="block font-normal">{reason}</span>}
        </span>
      </button>
    </li>
  );
}
