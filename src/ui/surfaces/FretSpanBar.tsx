import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { LAST_FRET, type Tuning } from '@/core/instrument/fretboard';
import { sayFrets } from '@/core/words/say-frets';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { useWords } from '../school/use-class';
import type { SurfaceHands, SurfaceView } from './surface';

type BarProps = {
  readonly view: SurfaceView;
  readonly onWays: NonNullable<SurfaceHands['ways']>;
  readonly onRest: () => void;
  readonly tuning: Tuning;
};

const WAYS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

/** Which frets are looked at: moved by keys or a drag, made wider and narrower, or one string alone. */
export function FretSpanBar({ view, onWays, onRest, tuning }: BarProps) {
  const w = useWords();
  const say = surfaceWords(w).fretboard;
  const { frets, leftHanded } = view.ways;
  const drag = useRef<{ readonly x: number; moved: number } | null>(null);
  const span = frets.is === 'span' ? frets : null;
  const show = (from: number, to: number) => {
    if (from >= 0 && to <= LAST_FRET && from <= to) onWays({ frets: { is: 'span', from, to } });
  };
  const move = (by: number) => {
    if (span) show(span.from + by, span.to + by);
  };
  const keys = (event: KeyboardEvent) => {
    const by = WAYS[event.key];
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    move(by);
  };
  const dragged = (event: PointerEvent) => {
    if (!drag.current || !span) return;
    const by = Math.round((event.clientX - drag.current.x) / 24) - drag.current.moved;
    if (by === 0) return;
    drag.current.moved += by;
    move(leftHanded ? -by : by);
  };
  const along = () =>
    onWays({
      frets: span ? { is: 'string', string: tuning.length } : { is: 'span', from: 0, to: 4 },
    });
  return (
    <div className="flex flex-wrap items-center gap-1.5 pt-1 text-small">
      {span ? (
        <>
          <span
            role="slider"
            tabIndex={0}
            aria-label={say.span}
            aria-valuemin={0}
            aria-valuemax={LAST_FRET}
            aria-valuenow={span.from}
            aria-valuetext={sayFrets(span)}
            className="control cursor-ew-resize touch-none select-none"
            onKeyDown={keys}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              drag.current = { x: event.clientX, moved: 0 };
            }}
            onPointerMove={dragged}
            onPointerUp={() => {
              drag.current = null;
              onRest();
            }}
            onBlur={onRest}
          >
            ↔ {sayFrets(span)}
          </span>
          <Step label={say.lower} text="−" off={span.from === 0} onClick={() => move(-1)} />
          <Step label={say.higher} text="+" off={span.to === LAST_FRET} onClick={() => move(1)} />
          <button
            type="button"
            className="control"
            disabled={span.to === LAST_FRET}
            onClick={() => show(span.from, span.to + 1)}
          >
            {say.wider}
          </button>
          <button
            type="button"
            className="control"
            disabled={span.to - span.from < 2}
            onClick={() => show(span.from, span.to - 1)}
          >
            {say.narrower}
          </button>
        </>
      ) : (
        tuning.map((_, at) => {
          const string = tuning.length - at;
          return (
            <button
              key={string}
              type="button"
              className="control"
              aria-pressed={frets.is === 'string' && frets.string === string}
              aria-label={sayFrets({ is: 'string', string })}
              onClick={() => onWays({ frets: { is: 'string', string } })}
            >
              {string}
            </button>
          );
        })
      )}
      <button type="button" className="control" aria-pressed={!span} onClick={along}>
        {say.oneString}
      </button>
      <button
        type="button"
        className="control"
        aria-pressed={leftHanded}
        onClick={() => onWays({ leftHanded: !leftHanded })}
      >
        {say.leftHanded}
      </button>
    </div>
  );
}

type StepProps = {
  readonly label: string;
  readonly text: string;
  readonly off: boolean;
  readonly onClick: () => void;
};

function Step({ label, text, off, onClick }: StepProps) {
  return (
    <button type="button" className="control" aria-label={label} disabled={off} onClick={onClick}>
      {text}
    </button>
  );
}
