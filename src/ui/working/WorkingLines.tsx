import { memo, useEffect, useRef } from 'react';
import type { SaidStep } from '@/core/words/say-method';

type Props = {
  readonly lines: readonly SaidStep[];
  /** The step shown, from 0. */
  readonly at: number;
  readonly onStep: (step: number) => void;
};

/** The lines of a working; the one in hand gives its reason, stays in sight, and each can be gone to. */
export const WorkingLines = memo(function WorkingLines({ lines, at, onStep }: Props) {
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    const box = list.current;
    const line = box?.children[Math.min(at, lines.length - 1)];
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
  }, [at, lines]);

  return (
    <ol ref={list} className="min-h-0 grow overflow-y-auto">
      {lines.map((line, step) => (
        <WorkingLine key={`${step}-${line.text}`} {...line} step={step} at={at} onStep={onStep} />
      ))}
    </ol>
  );
});

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
