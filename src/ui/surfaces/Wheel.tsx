import { useMemo, useState } from 'react';
import type { SpelledNote } from '@/core/note/spelled';
import { LONGEST_WALK, turnedRound, WALK_UNITS, type Walk } from '@/core/note/walk';
import { PATTERNS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { readLine, sayPlace } from '@/core/words/say-note';
import { sayTurned, sayWalk } from '@/core/words/say-walk';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { wheelScene } from '@/engrave/wheel';
import { useFar } from '../scene/drawn-at';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { PointedNotes } from './PointedNotes';
import { printedStep } from './printed-step';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useStill } from './use-still';

const GUESS = { width: 736, height: 300 };

/** The letter wheel: the musical alphabet with its seam, and a walk on it in letters or in half steps. */
function Wheel({ id, view, lit, onLit, hands }: SurfaceProps) {
  const w = useWords();
  const say = surfaceWords(w).wheel;
  const { written, step } = view;
  const { line, scale } = written;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const still = useStill(view, room);
  const far = useFar();
  const [unit, setUnit] = useState<Walk['unit']>('letters');
  const [count, setCount] = useState(0);
  const [chosen, setChosen] = useState<SpelledNote | null>(null);
  const from = chosen ?? scale.tonic;
  const walk = useMemo((): Walk => ({ from, unit, count }), [from, unit, count]);
  const height = Math.max(room.height, 200);
  const scene = useMemo(
    () => wheelScene({ w, written, step, walk, far, width: room.width, height }),
    [w, written, step, walk, far, room.width, height],
  );
  const mode = scale.id && PATTERNS[scale.id].mode;
  const turned = turnedRound(walk);
  const move = (by: number) => setCount((now) => Math.max(-LONGEST_WALK, Math.min(LONGEST_WALK, now + by)));
  return (
    <div className="flex min-h-0 grow basis-60 flex-col">
      <div ref={ref} className="min-h-0 grow overflow-hidden" data-still={still}>
        <PointedNotes
          {...{ scene, line, lit, onLit }}
          id={id ? `wheel-${id}` : 'wheel'}
          title={say.title}
          description={speech(w, view)}
          r={22}
          label={(_, at) => sayPlace(w, line, at, mode)}
          onPress={(at) => {
            setChosen(line[at]?.pitch.note ?? null);
            hands.toPlace(at);
          }}
        />
      </div>
      {/* On a board the walk would be seen in one window alone. */}
      <div className="flex flex-wrap items-center gap-1.5 pt-1 text-small" hidden={hands.ways === null}>
        {WALK_UNITS.map((each) => (
          <button
            key={each}
            type="button"
            className="control"
            aria-pressed={unit === each}
            onClick={() => {
              setUnit(each);
              setCount(0);
            }}
          >
            {say.units[each]}
          </button>
        ))}
        <button type="button" className="control" aria-label={say.down} onClick={() => move(-1)}>
          −
        </button>
        <button type="button" className="control" aria-label={say.up} onClick={() => move(1)}>
          +
        </button>
        <button type="button" className="control" disabled={count === 0} onClick={() => setCount(0)}>
          {say.home}
        </button>
        <button
          type="button"
          className="control"
          disabled={turned === null}
          onClick={() => turned && setCount(turned.count)}
        >
          {say.turn}
        </button>
        <p role="status" className="min-h-10 basis-full">
          {[sayWalk(w, walk, scale), sayTurned(w, walk)].filter(Boolean).join(' ') || say.hint(w.note(from))}
        </p>
      </div>
    </div>
  );
}

function speech(w: ClassWords, { written }: SurfaceView): string {
  return surfaceWords(w).wheel.is(readLine(w, written.line));
}

const HEIGHT = 320;

function still({ written }: SurfaceView): Walk {
  return { from: written.scale.tonic, unit: 'letters', count: 0 };
}

/** The musical alphabet in a circle. */
export const WHEEL_KIT: SurfaceKit = {
  View: Wheel,
  speech,
  scene: async (w, view, width) =>
    wheelScene({ w, written: view.written, step: view.step, walk: still(view), width, height: HEIGHT }),
  paper: async (w, view, width, blank) => {
    const { written } = view;
    const step = printedStep(view, blank);
    return wheelScene({ w, written, step, walk: still(view), width, height: HEIGHT });
  },
};
