import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from 'react';
import { type BoardNote, boardNotes } from '@/core/instrument/board-notes';
import { LAST_FRET, TUNINGS, type Tuning } from '@/core/instrument/fretboard';
import { tuningFrom } from '@/core/instrument/tuning';
import { PATTERNS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { readFretboard, sayFretPlace, sayFrets, sayStringWalk } from '@/core/words/say-frets';
import { sayPlace } from '@/core/words/say-note';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { fretboardScene } from '@/engrave/fretboard';
import { SceneView } from '../scene/SceneView';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { Hits } from './Hits';
import { litPlaces } from './lit';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';

const GUESS = { width: 736, height: 300 };

/** The tuning of the sentence; its code has been read, so there is one. */
function tuningOf({ ways }: SurfaceView): Tuning {
  return tuningFrom(ways.tuning) ?? TUNINGS.guitar;
}

function keyOf({ string, fret }: BoardNote): string {
  return `fret-${string}-${fret}`;
}

/** The fretboard: every place of a span whose sound is a note of the scale, or the scale along one string. */
function Fretboard({ id, view, lit, onLit, hands, place }: SurfaceProps) {
  const w = useWords();
  const say = surfaceWords(w).fretboard;
  const { written, step, ways } = view;
  const { frets, leftHanded } = ways;
  const tuning = tuningOf(view);
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const height = place === 'first' ? Math.max(room.height, 180) : 190;
  const scene = useMemo(
    () => fretboardScene({ w, written, step, tuning, frets, leftHanded, width: room.width, height }),
    [w, written, step, tuning, frets, leftHanded, room.width, height],
  );
  const { notes } = useMemo(() => boardNotes(written, tuning, frets), [written, tuning, frets]);
  const { line, scale } = written;
  const mode = scale.id && PATTERNS[scale.id].mode;
  const hits = useMemo(() => {
    const drawn = new Map(scene.groups.map((group) => [group.key, group]));
    return notes.flatMap((each) => {
      const group = drawn.get(keyOf(each));
      const label = `${sayFretPlace(each)}: ${sayPlace(w, line, each.place, mode)}`;
      return group ? [{ id: keyOf(each), x: group.x, y: group.y, r: 18, label }] : [];
    });
  }, [w, scene, notes, line, mode]);
  const placeOf = (key: string) => notes.find((each) => keyOf(each) === key)?.place ?? null;
  const places = litPlaces(lit, line);
  const litNotes = new Set([...places].map((each) => line[each]?.pitch.note));
  const title = frets.is === 'span' ? say.title(sayFrets(frets)) : say.title(sayFrets(frets));
  return (
    <div className={`flex flex-col ${place === 'first' ? 'min-h-0 grow basis-60' : 'shrink-0'}`}>
      <div
        ref={ref}
        className="min-h-0 grow overflow-hidden"
        style={place === 'first' ? undefined : { height, flexShrink: 0 }}
      >
        <SceneView
          id={id ? `fretboard-${id}` : 'fretboard'}
          scene={scene}
          title={title}
          description={speech(w, view)}
          style={{ maxHeight: '100%', width: '100%' }}
          look={({ place: at, part }) => ({
            'data-lit': at !== null && part === 'note' && litNotes.has(line[at]?.pitch.note) ? '' : undefined,
          })}
        >
          <Hits
            hits={hits}
            onPoint={(key) => {
              const at = key === null ? null : placeOf(key);
              onLit(at === null ? null : { kind: 'place', place: at });
            }}
            onPress={(key) => {
              const at = placeOf(key);
              if (at !== null) hands.toPlace(at);
            }}
          />
        </SceneView>
      </div>
      <SpanBar view={view} hands={hands} tuning={tuning} />
    </div>
  );
}

type BarProps = Pick<SurfaceProps, 'view' | 'hands'> & { readonly tuning: Tuning };

const WAYS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

/** Which frets are looked at: moved by keys or a drag, made wider and narrower, or one string alone. */
function SpanBar({ view, hands, tuning }: BarProps) {
  const w = useWords();
  const say = surfaceWords(w).fretboard;
  const { frets, leftHanded } = view.ways;
  const drag = useRef<{ readonly x: number; moved: number } | null>(null);
  const span = frets.is === 'span' ? frets : null;
  const show = (from: number, to: number) => {
    if (from >= 0 && to <= LAST_FRET && from <= to) hands.ways({ frets: { is: 'span', from, to } });
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
    hands.ways({
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
              hands.rest();
            }}
            onBlur={hands.rest}
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
              onClick={() => hands.ways({ frets: { is: 'string', string } })}
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
        onClick={() => hands.ways({ leftHanded: !leftHanded })}
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

function speech(w: ClassWords, view: SurfaceView): string {
  const { written, ways } = view;
  const tuning = tuningOf(view);
  const { span, notes } = boardNotes(written, tuning, ways.frets);
  return ways.frets.is === 'span'
    ? readFretboard(w, notes, tuning, span)
    : sayStringWalk(w, ways.frets.string, notes);
}

const HEIGHT = 260;

/** A fretboard in any tuning. */
export const FRETBOARD_KIT: SurfaceKit = {
  View: Fretboard,
  speech,
  scene: async (w, view, width) => {
    const { written, step, ways } = view;
    const { frets, leftHanded } = ways;
    return fretboardScene({
      ...{ w, written, step, frets, leftHanded, width },
      tuning: tuningOf(view),
      height: HEIGHT,
    });
  },
  paper: async (w, view, width, blank) => {
    const { written, derivation, ways } = view;
    const last = derivation.steps.at(-1);
    if (!last) throw new RangeError('a derivation has steps');
    const undecided = last.line.map((state) => ({ ...state, stage: 'letter' as const }));
    const step = { ...last, at: [], line: blank ? undecided : last.line };
    const { frets, leftHanded } = ways;
    return fretboardScene({
      ...{ w, written, step, frets, leftHanded, width },
      tuning: tuningOf(view),
      height: HEIGHT,
    });
  },
};
