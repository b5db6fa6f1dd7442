import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef } from 'react';
import type { DerivationStep } from '@/core/derive/derivation';
import { fifthsOf } from '@/core/note/spelled';
import type { Scale } from '@/core/scale/scale';
import type { ClassWords } from '@/core/words/class-words';
import { spokenScale } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { signCount } from '@/core/words/vocabulary';
import { RAIL_PLACES, railScene, railStart } from '@/engrave/rail';
import { drawnAt } from '../scene/drawn-at';
import { SceneView } from '../scene/SceneView';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import type { Lit } from './lit';
import type { SurfaceKit, SurfaceProps } from './surface';

type Props = {
  readonly scale: Scale;
  readonly step: DerivationStep;
  readonly lit: Lit | null;
  readonly line: readonly { readonly pitch: { readonly note: Scale['tonic'] } }[];
  /** The window is to move along the line of fifths by so many places; null where it stays. */
  readonly onSlide: ((places: number) => void) | null;
  /** The tonic is to move inside the window: to the relative key; null where that is not asked. */
  readonly onRelative: (() => void) | null;
  /** The hand has let go: the change is finished. */
  readonly onRest: () => void;
};

const LEAST_WIDTH = 440;

/** The line of fifths with the window of the signature: slide it for the signature, or the tonic in it for the mode. */
export function Rail({ scale, step, lit, line, onSlide, onRelative, onRest }: Props) {
  const w = useWords();
  const say = deriveWords(w).surfaces;
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 88 });
  const drawn = Math.max(LEAST_WIDTH, room.width);
  const note = lit === null ? null : lit.kind === 'sign' ? lit.sign : (line[lit.place]?.pitch.note ?? null);
  const scene = useMemo(
    () => railScene({ w, scale, step, lit: note, width: drawn }),
    [w, scale, step, note, drawn],
  );
  const drag = useRef<{ x: number; moved: number } | null>(null);
  const column = drawn / RAIL_PLACES;
  const start = railStart([...scale.ascending, ...scale.descending]);
  const signature = scale.signature ?? 0;

  useEffect(() => {
    // On a narrow screen the rail scrolls in its own box; the window stays in sight.
    const box = ref.current;
    if (box && drawn > room.width) box.scrollLeft = (signature - 1 - start + 3.5) * column - room.width / 2;
  }, [ref, signature, start, column, drawn, room.width]);

  const keys = (event: KeyboardEvent) => {
    const places =
      event.key === 'ArrowRight' || event.key === 'ArrowUp'
        ? 1
        : event.key === 'ArrowLeft' || event.key === 'ArrowDown'
          ? -1
          : 0;
    if (places === 0) return;
    event.preventDefault();
    onSlide?.(places);
  };
  const dragged = (event: PointerEvent) => {
    if (!drag.current) return;
    const places = Math.round((event.clientX - drag.current.x) / column) - drag.current.moved;
    if (places === 0) return;
    drag.current = { ...drag.current, moved: drag.current.moved + places };
    onSlide?.(places);
  };
  const release = () => {
    drag.current = null;
    onRest();
  };
  return (
    <div ref={ref} className="overflow-x-auto overflow-y-hidden">
      <SceneView
        id="rail"
        scene={scene}
        title={say.line}
        description={sayRail(w, scale)}
        style={{ width: drawnAt(drawn), maxWidth: 'none' }}
      >
        {onSlide && (
          <g
            role="slider"
            tabIndex={0}
            className="scene-hit"
            aria-label={say.window}
            aria-valuemin={-15}
            aria-valuemax={15}
            aria-valuenow={signature}
            aria-valuetext={`${signCount(signature)}, ${spokenScale(w, scale)}`}
            onKeyDown={keys}
            onBlur={onRest}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              drag.current = { x: event.clientX, moved: 0 };
            }}
            onPointerMove={dragged}
            onPointerUp={release}
            onPointerCancel={release}
            style={{ touchAction: 'none', cursor: 'ew-resize' }}
          >
            <rect
              className="scene-focus"
              x={(signature - 1 - start) * column}
              y={14}
              width={column * 7}
              height={48}
              rx={24}
            />
          </g>
        )}
        {onRelative && (
          <g
            role="button"
            tabIndex={0}
            className="scene-hit"
            aria-label={say.toRelative(spokenScale(w, scale))}
            onClick={onRelative}
            onKeyDown={(event) => {
              if (!['Enter', ' ', 'ArrowLeft', 'ArrowRight'].includes(event.key)) return;
              event.preventDefault();
              event.stopPropagation();
              onRelative();
            }}
          >
            <circle
              className="scene-focus"
              cx={(fifthsOf(scale.tonic) - start + 0.5) * column}
              cy={38}
              r={column * 0.55}
            />
          </g>
        )}
      </SceneView>
    </div>
  );
}

function sayRail(w: ClassWords, scale: Scale): string {
  return `${spokenScale(w, scale)}: ${signCount(scale.signature ?? 0)}.`;
}

/** The rail of a derivation. */
function RailSurface({ view, lit, hands }: SurfaceProps) {
  const { written, step } = view;
  const { slide, relative, rest } = hands;
  return (
    <Rail
      {...{ step, lit }}
      scale={written.scale}
      line={written.line}
      onSlide={slide}
      onRelative={relative}
      onRest={rest}
    />
  );
}

/** The line of fifths with the window of the signature. */
export const RAIL_KIT: SurfaceKit = {
  View: RailSurface,
  speech: (w, { written }) => sayRail(w, written.scale),
  scene: async (w, { written: { scale }, step }, width) => railScene({ w, scale, step, lit: null, width }),
  paper: null,
};
