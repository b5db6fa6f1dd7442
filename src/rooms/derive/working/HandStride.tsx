import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from 'react';
import type { HandMove } from '@/core/derive/by-hand/hand';
import type { HandView } from '@/core/derive/by-hand/view';
import { midiOf, pitch } from '@/core/note/pitch';
import type { PlacedNote } from '@/core/scale/line';
import type { WrittenScale } from '@/core/scale/written';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { spoken } from '@/core/words/spoken';
import type { Group } from '@/engrave/scene';
import { strideScene } from '@/engrave/stride';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly written: WrittenScale;
  readonly hand: HandView;
  readonly onMove: (move: HandMove) => void;
  /** What is tried is taken. */
  readonly onTake: () => void;
};

const GUESS = { width: 736, height: 320 };

const RAISES: readonly string[] = ['ArrowRight', 'ArrowUp', '+', '#'];
const LOWERS: readonly string[] = ['ArrowLeft', 'ArrowDown', '-'];

/** Pixels of the drawing that a half step takes, read off two of its notes. */
function halfStepOf(notes: readonly Group[], midis: readonly number[]): number {
  const [first, last] = [notes[0], notes.find((_, at) => midis[at] !== midis[0])];
  if (!first || !last) return GUESS.width / 13;
  const steps = (midis[notes.indexOf(last)] ?? 0) - (midis[0] ?? 0);
  return Math.abs((last.x - first.x) / steps);
}

/** The notes of two tetrachords on the stride, each to be dragged or moved by keys a half step at a time. */
export function HandStride({ written, hand, onMove, onTake }: Props) {
  const w = useWords();
  const say = DERIVE_SHEETS.hand;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const { line } = written;
  const scene = useMemo(
    () =>
      strideScene({ w, written, step: hand.now, steps: [hand.now], wanted: hand.wanted, lit: null, ...room }),
    [w, written, hand, room],
  );
  const notes = scene.groups.filter(({ part, place }) => part === 'note' && place !== null);
  const spelled = notes.map(({ place }) => hand.now.line[place ?? 0]?.note);
  const midis = notes.map(({ place }, at) => {
    const note = spelled[at];
    return note ? midiOf(pitch(note, (line[place ?? 0] as PlacedNote).pitch.octave)) : 0;
  });
  const halfStep = halfStepOf(notes, midis);
  const dragged = useRef<{ readonly degree: number; from: number } | null>(null);

  const press = (degree: number) => (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey) return;
    const way = RAISES.includes(event.key) ? 1 : LOWERS.includes(event.key) ? -1 : null;
    if (way === null && event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    if (way === null) onTake();
    else onMove({ degree, way });
  };
  const drag = (event: PointerEvent<SVGGElement>) => {
    const held = dragged.current;
    const svg = event.currentTarget.ownerSVGElement;
    if (!held || !svg) return;
    const scale = svg.getBoundingClientRect().width / scene.width || 1;
    const steps = Math.trunc(((event.clientX - held.from) / (halfStep * scale)) * 1.25);
    if (steps === 0) return;
    held.from += steps * halfStep * scale;
    for (let step = 0; step < Math.abs(steps); step += 1)
      onMove({ degree: held.degree, way: steps > 0 ? 1 : -1 });
  };
  const release = () => {
    dragged.current = null;
  };
  return (
    <div ref={ref} className="min-h-0 grow basis-60 overflow-hidden">
      <SceneView
        id="stride-hand"
        scene={scene}
        title={say.stride}
        description={spelled.map((note) => (note ? w.spokenNote(note) : '')).join(', ')}
        style={{ maxHeight: '100%', width: '100%' }}
      >
        {notes.map(({ place, x, y }, at) => {
          const placed = line[place ?? 0];
          const note = spelled[at];
          if (!placed || !note || place === null || !hand.movable.includes(place)) return null;
          const { degree } = placed;
          return (
            <g
              key={degree}
              role="slider"
              tabIndex={0}
              aria-label={spoken(say.note(w.note(note)))}
              aria-valuenow={midis[at] ?? 0}
              aria-valuemin={0}
              aria-valuemax={127}
              aria-valuetext={w.spokenNote(note)}
              className="scene-hit hand-note"
              data-degree={degree}
              onKeyDown={press(degree)}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                dragged.current = { degree, from: event.clientX };
              }}
              onPointerMove={drag}
              onPointerUp={release}
              onPointerCancel={release}
            >
              <circle className="scene-focus" cx={x} cy={y} r={Math.max(22, room.width / 30)} />
            </g>
          );
        })}
      </SceneView>
    </div>
  );
}
