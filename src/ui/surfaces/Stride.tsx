import { useEffect, useMemo, useState } from 'react';
import type { Derivation, DerivationStep } from '@/core/derive/derivation';
import { PATTERNS, scaleOfMode } from '@/core/scale/pattern';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { readLine, sayPlace } from '@/core/words/say-note';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import { strideScene } from '@/engrave/stride';
import type { TwoOctavesQuestion } from '@/engrave/two-octaves';
import { wanted } from '../parts/wanted';
import { useFar } from '../scene/drawn-at';
import { SceneView } from '../scene/SceneView';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { Hits } from './Hits';
import { litPlaces } from './lit';
import { printedStep } from './printed-step';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useStill } from './use-still';

type DrawOctaves = (question: TwoOctavesQuestion) => Scene;

/** The drawing of two octaves, which only one method needs, once it has been loaded. */
function useOctaves(shown: boolean): DrawOctaves | null {
  const [draw, setDraw] = useState<{ readonly scene: DrawOctaves } | null>(null);
  useEffect(() => {
    if (!shown) return;
    void wanted('surface', () => import('@/engrave/two-octaves')).then(({ twoOctavesScene: scene }) =>
      setDraw({ scene }),
    );
  }, [shown]);
  return draw?.scene ?? null;
}

const GUESS = { width: 736, height: 320 };

/** The two octaves of the parent while a scale is begun elsewhere in them; null at every other step. */
function turnScene(
  draw: DrawOctaves | null,
  w: ClassWords,
  { scale }: WrittenScale,
  { fact }: DerivationStep,
  { steps }: Derivation,
  room: { readonly width: number; readonly height: number },
): Scene | null {
  if (!draw || (fact.code !== 'two-octaves' && fact.code !== 'start-on')) return null;
  const two = steps.find((step) => step.fact.code === 'two-octaves')?.fact;
  if (two?.code !== 'two-octaves') return null;
  const parent = w.key(two.parent, 'major');
  const turned = fact.code === 'start-on';
  // The minor forms are begun elsewhere as natural minor; what they raise comes after.
  const begun = scale.id && scaleOfMode(PATTERNS[scale.id].mode);
  const name = turned && begun ? w.scale(scale.tonic, begun) : parent;
  return draw({ w, notes: two.notes, degree: turned ? fact.degree : 1, name, parent, ...room });
}

/** The stride with its keyboard lanes; every note of it can be pointed at. */
function Stride({ id, view, lit, onLit, hands }: SurfaceProps) {
  const { written, derivation, step } = view;
  const w = useWords();
  const say = deriveWords(w).surfaces;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const far = useFar();
  const { line, scale } = written;
  const mode = scale.id && PATTERNS[scale.id].mode;
  const pointed = lit?.kind === 'place' ? lit.place : null;
  const octaves = useOctaves(derivation.method === 'parent');
  const scene = useMemo(
    () =>
      turnScene(octaves, w, written, step, derivation, room) ??
      strideScene({ w, written, step, steps: derivation.steps, lit: pointed, far, ...room }),
    [far, octaves, w, written, step, derivation, pointed, room],
  );
  const labels = useMemo(() => line.map((_, place) => sayPlace(w, line, place, mode)), [w, line, mode]);
  const still = useStill(view, room);
  const places = litPlaces(lit, line);
  const hits = scene.groups.flatMap(({ part, place, x, y }) =>
    place !== null && (part === 'note' || part === 'ghost')
      ? [{ id: String(place), x, y, r: room.width / 30, label: labels[place] ?? '' }]
      : [],
  );
  return (
    <div ref={ref} className="min-h-0 grow basis-60 overflow-hidden" data-still={still}>
      <SceneView
        id={id ? `stride-${id}` : 'stride'}
        scene={scene}
        title={say.stride}
        description={speech(w, view)}
        style={{ maxHeight: '100%', width: '100%' }}
        look={({ place, part }) => ({
          'data-lit': place !== null && part === 'note' && places.has(place) ? '' : undefined,
        })}
      >
        <Hits
          hits={hits}
          onPoint={(id) => onLit(id === null ? null : { kind: 'place', place: Number(id) })}
          onPress={(id) => hands.toPlace(Number(id))}
        />
      </SceneView>
    </div>
  );
}

function speech(w: ClassWords, { written }: SurfaceView): string {
  return deriveWords(w).surfaces.strideIs(readLine(w, written.line));
}

const HEIGHT = 300;

/** The scale on a grid of half steps over the keyboard, with a moon for each step. */
export const STRIDE_KIT: SurfaceKit = {
  View: Stride,
  speech,
  scene: async (w, { written, derivation, step }, width) =>
    strideScene({ w, written, step, steps: derivation.steps, lit: null, width, height: HEIGHT }),
  paper: async (w, view, width, blank) => {
    const { written, derivation } = view;
    if (blank) return (await import('@/engrave/blank')).blankStride(written, width);
    // Nothing on paper is only just being decided.
    const step = { ...printedStep(view, false), fact: { code: 'same-coming-down' } } as const;
    return strideScene({ w, written, step, steps: derivation.steps, lit: null, width, height: HEIGHT });
  },
};
