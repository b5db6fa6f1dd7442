import { useMemo } from 'react';
import { type DerivationStep, isAboutSome } from '@/core/derive/derivation';
import type { Clef } from '@/core/instrument/staff';
import { PATTERNS } from '@/core/scale/pattern';
import { accidentalsOf } from '@/core/scale/signature';
import { type WrittenScale, writeOut } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { readStaff, sayPlace } from '@/core/words/say-note';
import { scaleName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import { grandScene, staffWidthIn } from '@/engrave/grand';
import type { Scene } from '@/engrave/scene';
import { staffAtStep } from '@/engrave/staff-at-step';
import { leastStaffWidth } from '@/engrave/staff-width';
import { useFar } from '../scene/drawn-at';
import { SceneView } from '../scene/SceneView';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { type Hit, Hits } from './Hits';
import { type Lit, litPlaces } from './lit';
import { printedStep } from './printed-step';
import { Halo } from './Staff';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useEngraver } from './use-engraver';

const GUESS = { width: 736, height: 270 };

/** The line in another clef, in its octave with fewest ledger lines, under the same signature. */
function inClef(w: ClassWords, { onStaff }: SurfaceView, clef: Clef): WrittenScale {
  const { scale, direction, octaves, choice } = onStaff;
  const { modesWritten } = w.settings;
  return writeOut(scale, { direction, octaves, clef, signature: choice, modesWritten });
}

function together(
  w: ClassWords,
  upper: readonly [WrittenScale, Scene],
  lower: readonly [WrittenScale, Scene],
  step: DerivationStep,
  far = false,
): Scene {
  const [above, below] = [upper, lower].map(([written, scene]) => staffAtStep(scene, written, step)) as [
    Scene,
    Scene,
  ];
  const [written] = upper;
  return grandScene({ w, title: scaleName(w, written.scale), upper: above, lower: below, step, far });
}

/** The grand staff: treble and bass at once, with the letters between the staves. */
function GrandStaff({ id, view, lit, onLit, hands }: SurfaceProps) {
  const w = useWords();
  const say = surfaceWords(w).grand;
  const { step } = view;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const far = useFar();
  const treble = useMemo(() => inClef(w, view, 'treble'), [w, view]);
  const bass = useMemo(() => inClef(w, view, 'bass'), [w, view]);
  const wide = Math.max(staffWidthIn(room.width), leastStaffWidth(treble), leastStaffWidth(bass));
  const upper = useEngraver(treble, wide, null);
  const lower = useEngraver(bass, wide, null);
  const scene = useMemo(
    () => upper && lower && together(w, [treble, upper], [bass, lower], step, far),
    [w, treble, upper, bass, lower, step, far],
  );
  if (!scene)
    return (
      <div ref={ref} className="grid min-h-0 grow basis-60 place-items-center text-small text-quiet">
        {deriveWords(w).surfaces.engraving}
      </div>
    );
  const hits = hitsOf(w, scene, treble);
  const places = litPlaces(lit, treble.line);
  const signs = treble.atClef ? accidentalsOf(treble.atClef) : [];
  const pointed = (key: string | null): Lit | null => {
    const index = Number(key?.replace(/\D/gu, '') ?? Number.NaN);
    if (key === null) return null;
    if (!key.includes('sign')) return { kind: 'place', place: index };
    const sign = signs[index];
    return sign ? { kind: 'sign', sign } : null;
  };
  return (
    <div ref={ref} className="min-h-0 grow basis-60 overflow-x-auto overflow-y-hidden">
      <SceneView
        id={id ? `grand-${id}` : 'grand'}
        scene={scene}
        title={say.title}
        description={speech(w, view)}
        style={{ maxHeight: '100%', width: '100%' }}
        look={({ key, part, place }) => {
          if (part === 'sign') {
            const index = Number(key.replace(/\D/gu, ''));
            const counted = step.signs !== null && treble.atClef === treble.scale.signature;
            return { 'data-waiting': counted && index >= (step.signs ?? 0) ? '' : undefined };
          }
          const waits = place !== null && part === 'note' && step.line[place]?.stage === 'letter';
          return {
            'data-waiting': waits ? '' : undefined,
            'data-lit': part === 'between' && place !== null && places.has(place) ? '' : undefined,
          };
        }}
        under={hits
          .filter(({ id: key }) => !key.includes('sign'))
          .map(({ id: key, x, y }) => {
            const place = Number(key.replace(/\D/gu, ''));
            const current = isAboutSome(step, treble.line) && step.at.includes(place);
            return <Halo key={key} x={x} y={y} lit={places.has(place)} current={current} />;
          })}
      >
        <Hits
          hits={hits}
          onPoint={(key) => onLit(pointed(key))}
          onPress={(key) => {
            const at = pointed(key);
            if (at?.kind === 'place') hands.toPlace(at.place);
          }}
        />
      </SceneView>
    </div>
  );
}

/** Every head of both staves, and every sign of both signatures. */
function hitsOf(w: ClassWords, scene: Scene, { line, scale, atClef }: WrittenScale): readonly Hit[] {
  const say = surfaceWords(w).grand;
  const mode = scale.id && PATTERNS[scale.id].mode;
  const signs = atClef ? accidentalsOf(atClef) : [];
  return scene.groups.flatMap(({ key, part, marks, x, y }): Hit[] => {
    const glyph = marks.find((mark) => mark.kind === 'glyph');
    if (glyph?.kind !== 'glyph' || (part !== 'note' && part !== 'sign')) return [];
    const staff = key.startsWith('up-') ? say.upper : say.lower;
    const index = Number(key.replace(/\D/gu, ''));
    const at = { id: key, x: x + glyph.x + (part === 'note' ? 8 : 5), y: y + glyph.y };
    if (part === 'note') return [{ ...at, r: 13, label: `${staff}: ${sayPlace(w, line, index, mode)}` }];
    const sign = signs[index];
    return sign ? [{ ...at, r: 8, label: `${staff}: ${say.sign(w.note(sign))}` }] : [];
  });
}

function speech(w: ClassWords, view: SurfaceView): string {
  return (['treble', 'bass'] as const)
    .map((clef) => {
      const { atClef, line } = inClef(w, view, clef);
      return readStaff(w, CLEF_WORDS[clef], atClef, line);
    })
    .join(' ');
}

async function drawn(w: ClassWords, view: SurfaceView, width: number, blank: boolean): Promise<Scene> {
  const { engraveStaff } = await import('@/engrave/staff');
  const { blankStaff } = await import('@/engrave/blank');
  const step = printedStep(view, blank);
  const [upper, lower] = (['treble', 'bass'] as const).map((clef) => {
    const written = inClef(w, view, clef);
    const scene = engraveStaff(written, Math.max(staffWidthIn(width), leastStaffWidth(written)));
    return [written, scene] as const;
  }) as [readonly [WrittenScale, Scene], readonly [WrittenScale, Scene]];
  if (!blank) return together(w, upper, lower, step);
  const title = scaleName(w, view.written.scale);
  return grandScene({ w, title, upper: blankStaff(upper[1]), lower: blankStaff(lower[1]), step });
}

/** Treble and bass at once. */
export const GRAND_STAFF_KIT: SurfaceKit = {
  View: GrandStaff,
  speech,
  scene: (w, view, width) => drawn(w, view, width, false),
  paper: drawn,
};
