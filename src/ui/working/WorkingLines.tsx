import { memo, useEffect, useRef } from 'react';
import type { SaidStep } from '@/core/words/say-method';

/** Pixels over which lines that are still to come fade at the lower edge. */
const FADE = 20;

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
    if (!box) return;
    // The observer knows where the lines lie without making the browser lay the page out once more.
    const observer = new IntersectionObserver(
      (entries) => {
        observer.disconnect();
        const bounds = entries[0]?.rootBounds;
        if (!bounds || entries.length < lines.length) return;
        const origin = bounds.top - box.scrollTop;
        const tops = entries.map(({ boundingClientRect: { top } }) => top - origin);
        const ends = entries.map(({ boundingClientRect: { bottom } }) => bottom - origin);
        const end = ends[Math.min(at, lines.length - 1)] as number;
        const [from, room] = [box.scrollTop, bounds.height - FADE];
        const seen = tops.some((top) => Math.abs(top - from) < 1) && (tops[at] ?? end) >= from - 1;
        if (seen && end <= from + room) return;
        // Only the list itself scrolls, never the page, and a whole line stands at its upper edge.
        const first = tops.findIndex((top) => end - top <= room);
        const top = tops[first < 0 ? Math.min(at, lines.length - 1) : first] as number;
        box.style.paddingBottom = `${Math.max(FADE, top + bounds.height - (ends.at(-1) ?? 0))}px`;
        box.scrollTop = top;
      },
      { root: box },
    );
    for (const line of box.children) observer.observe(line);
    return () => observer.disconnect();
  }, [at, lines]);

  return (
    <ol ref={list} className="working-lines min-h-0 grow overflow-y-auto">
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
