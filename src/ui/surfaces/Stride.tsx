import { useEffect, useMemo, useRef } from 'react';
import type { Derivation, DerivationStep } from '@/core/derive/derivation';
import { PATTERNS } from '@/core/scale/pattern';
import type { WrittenScale } from '@/core/scale/written';
import { readLine, sayPlace } from '@/core/words/say-note';
import { deriveWords } from '@/core/words/screen/derive';
import { strideScene } from '@/engrave/stride';
import { SceneView } from '../scene/SceneView';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { Hits } from './Hits';
import { type Lit, litPlaces } from './lit';

type Props = {
  readonly written: WrittenScale;
  readonly derivation: Derivation;
  readonly step: DerivationStep;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  /** A note was pressed: show the step that decides it. */
  readonly onPlace: (place: number) => void;
};

const GUESS = { width: 736, height: 320 };

/** The stride with its keyboard lanes; every note of it can be pointed at. */
export function Stride({ written, derivation, step, lit, onLit, onPlace }: Props) {
  const w = useWords();
  const say = deriveWords(w).surfaces;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const { line, scale } = written;
  const mode = scale.id && PATTERNS[scale.id].mode;
  const pointed = lit?.kind === 'place' ? lit.place : null;
  const scene = useMemo(
    () => strideScene({ w, written, step, steps: derivation.steps, lit: pointed, ...room }),
    [w, written, step, derivation, pointed, room],
  );
  const labels = useMemo(() => line.map((_, place) => sayPlace(w, line, place, mode)), [w, line, mode]);
  // A letter slides to its sharp while one question is worked out; another question stands at once.
  const before = useRef(derivation);
  const still = before.current !== derivation;
  useEffect(() => {
    before.current = derivation;
  }, [derivation]);
  const places = litPlaces(lit, line);
  const hits = scene.groups.flatMap(({ part, place, x, y }) =>
    place !== null && (part === 'note' || part === 'ghost')
      ? [{ id: String(place), x, y, r: room.width / 30, label: labels[place] ?? '' }]
      : [],
  );
  return (
    <div ref={ref} className="min-h-0 grow basis-60 overflow-hidden" data-still={still ? '' : undefined}>
      <SceneView
        id="stride"
        scene={scene}
        title={say.stride}
        description={say.strideIs(readLine(w, line))}
        style={{ maxHeight: '100%', width: '100%' }}
        look={({ place, part }) => ({
          'data-lit': place !== null && part === 'note' && places.has(place) ? '' : undefined,
        })}
      >
        <Hits
          hits={hits}
          onPoint={(id) => onLit(id === null ? null : { kind: 'place', place: Number(id) })}
          onPress={(id) => onPlace(Number(id))}
        />
      </SceneView>
    </div>
  );
}
