import { useMemo } from 'react';
import { type DerivationStep, isAboutSome } from '@/core/derive/derivation';
import { PATTERNS } from '@/core/scale/pattern';
import { accidentalsOf } from '@/core/scale/signature';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { sayPlace, saySign } from '@/core/words/say-note';
import { deriveWords } from '@/core/words/screen/derive';
import type { Group, Scene } from '@/engrave/scene';
import { staffAtStep } from '@/engrave/staff-at-step';
import { withDegrees } from '@/engrave/staff-degrees';
import { movedUp, spareRoom } from '@/engrave/staff-trim';
import type { GroupLook } from '../scene/drawing';
import { drawnAt, useFar } from '../scene/drawn-at';
import { SceneView } from '../scene/SceneView';
import { useWords } from '../school/use-class';
import { type Hit, Hits } from './Hits';
import { type Lit, litPlaces } from './lit';

type Props = {
  /** Tells two drawings of one page apart. */
  readonly id?: string | undefined;
  /** The engraved staff, or null while the engraver is still on its way. */
  readonly scene: Scene | null;
  readonly written: WrittenScale;
  readonly step: DerivationStep;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  readonly onPlace: (place: number) => void;
  /** What the staff is called; left out, it is the staff. */
  readonly title?: string;
  readonly description: string;
  /** Width in pixels that there is. */
  readonly room: number;
};

/** A line a little too wide is shown smaller; past that it is scrolled, so that it can still be read. */
const SMALLEST = 0.7;

function shownWidth(needed: number, room: number): number {
  return room >= needed * SMALLEST ? Math.min(needed, room) : needed;
}

/** The staff; what is not decided yet stands pale, and the signature's signs arrive with the working. */
export function Staff({ id, scene, written, step, lit, onLit, onPlace, room, title, description }: Props) {
  const w = useWords();
  const say = deriveWords(w).surfaces;
  const far = useFar();
  const spare = useMemo(() => (far && scene ? spareRoom(scene) : null), [far, scene]);
  const cut = spare?.above ?? 0;
  const hits = useMemo(() => (scene ? hitsOf(w, scene, written, cut) : []), [w, scene, written, cut]);
  const now = useMemo(() => {
    if (!scene) return null;
    const drawn = staffAtStep(scene, written, step);
    const { above, below } = spare ?? { above: 0, below: 0 };
    return movedUp(withDegrees(w, { ...drawn, height: drawn.height - below }, written, step), above);
  }, [w, scene, written, step, spare]);
  if (!now) return <p className="grid h-37 place-items-center text-small text-quiet">{say.engraving}</p>;
  const { line, atClef } = written;
  const places = litPlaces(lit, line);
  const signs = atClef ? accidentalsOf(atClef) : [];
  const isLit = (id: string) => {
    const index = Number(id.replace(/\D/gu, ''));
    return id.startsWith('note-') ? places.has(index) : lit?.kind === 'sign' && signs[index] === lit.sign;
  };
  const look = (group: Group): GroupLook => {
    if (group.part === 'sign') {
      const index = Number(group.key.replace('sign-', ''));
      // A signature that is not the one counted here, such as a mode's by its tonic, stands from the start.
      const counted = step.signs !== null && atClef === written.scale.signature;
      const arrived = !counted || index < (step.signs ?? 0);
      return {
        'data-waiting': arrived ? undefined : '',
      };
    }
    if (group.place === null) return {};
    const state = step.line[group.place];
    const waiting = state?.stage === 'letter';
    const final = line[group.place];
    return {
      'data-waiting': waiting && group.part === 'note' ? '' : undefined,
      'data-raised': final?.raised && !waiting && state?.note === final.pitch.note ? '' : undefined,
    };
  };
  return (
    <SceneView
      id={id ? `staff-${id}` : 'staff'}
      scene={now}
      title={title ?? say.staff}
      description={description}
      style={{ width: drawnAt(shownWidth(now.width, room)), maxWidth: 'none' }}
      look={look}
      under={hits.map(({ id, x, y }) => (
        <Halo
          key={id}
          x={x}
          y={y}
          lit={isLit(id)}
          current={isAboutSome(step, line) && step.at.some((place) => id === `note-${place}`)}
        />
      ))}
    >
      <Hits
        hits={hits}
        onPoint={(id) => onLit(id === null ? null : pointedAt(id, written))}
        onPress={(id) => id.startsWith('note-') && onPlace(Number(id.slice(5)))}
      />
    </SceneView>
  );
}

/** The light behind a note of a staff that is pointed at, or that the working is about. */
export function Halo({
  x,
  y,
  lit,
  current,
}: {
  readonly x: number;
  readonly y: number;
  readonly lit: boolean;
  readonly current: boolean;
}) {
  if (!lit && !current) return null;
  return <circle className="scene-halo" data-lit={lit ? '' : undefined} cx={x} cy={y} r={15} />;
}

function pointedAt(id: string, { atClef }: WrittenScale): Lit | null {
  const index = Number(id.replace(/\D/gu, ''));
  if (id.startsWith('note-')) return { kind: 'place', place: index };
  const sign = atClef ? accidentalsOf(atClef)[index] : undefined;
  return sign ? { kind: 'sign', sign } : null;
}

/** What can be pointed at on a staff of which so many pixels were cut off above. */
function hitsOf(
  w: ClassWords,
  scene: Scene,
  { scale, line, atClef }: WrittenScale,
  cut: number,
): readonly Hit[] {
  const mode = scale.id && PATTERNS[scale.id].mode;
  return scene.groups.flatMap(({ key, part, marks }): Hit[] => {
    const glyph = marks.find((mark) => mark.kind === 'glyph');
    if (glyph?.kind !== 'glyph' || (part !== 'note' && part !== 'sign')) return [];
    const index = Number(key.replace(/\D/gu, ''));
    if (part === 'note')
      return [{ id: key, x: glyph.x + 8, y: glyph.y - cut, r: 15, label: sayPlace(w, line, index, mode) }];
    const sign = atClef ? accidentalsOf(atClef)[index] : undefined;
    if (!sign) return [];
    return [
      {
        id: key,
        x: glyph.x + 5,
        y: glyph.y - cut,
        r: 8,
        label: saySign(w, sign, line, atClef, mode === 'minor' ? 'minor' : 'major'),
      },
    ];
  });
}
