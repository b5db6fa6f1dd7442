import { useEffect, useMemo, useState } from 'react';
import type { Part } from '@/core/play/part';
import { playWords } from '@/core/words/screen/play';
import { BAR_LINE } from '@/engrave/bar-lines';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { barsText } from './play-lines';
import { useEngraved } from './use-engraved';

type Props = {
  readonly id: string;
  readonly part: Part;
  /** What is sung on each note; empty where nothing is. */
  readonly sung: readonly string[];
  /** The place of the note that sounds. */
  readonly sounding: number | null;
};

/** A part in its bars; behind the note that sounds stands a light. */
export function PartStaff({ id, part, sung, sounding }: Props) {
  const w = useWords();
  const say = playWords(w);
  const { ref, room } = useRoom<HTMLDivElement>({ width: 760, height: 500 });
  // On a telephone bars keep their size, and stand under each other.
  const width = Math.max(320, Math.min(900, room.width));
  const engraved = useEngraved(part, width, sung);
  const scene = engraved?.scene ?? null;
  // While lines are still to come, what stands keeps its height.
  const [height, setHeight] = useState(0);
  if (scene && engraved?.whole && height !== scene.height) setHeight(scene.height);
  const tall = scene ? Math.max(scene.height, engraved?.whole ? 0 : height) : 0;
  const lit = useMemo(() => {
    const group = sounding === null ? null : scene?.groups.find(({ key }) => key === `note-${sounding}`);
    const head = group?.marks.find((mark) => mark.kind === 'glyph' && mark.glyph.startsWith('notehead'));
    return group && head?.kind === 'glyph' ? { x: head.x + 6, y: head.y + group.y } : null;
  }, [scene, sounding]);
  const at = lit?.y ?? null;
  useEffect(() => {
    const box = ref.current;
    if (!box || at === null) return;
    // The line that sounds stays in view, with the one after it.
    const scale = box.firstElementChild ? box.firstElementChild.clientWidth / (scene?.width ?? 1) : 1;
    const [top, bottom] = [(at - BAR_LINE / 2) * scale, (at + 1.5 * BAR_LINE) * scale];
    if (top < box.scrollTop || bottom > box.scrollTop + box.clientHeight) box.scrollTo({ top });
  }, [ref, at, scene]);
  return (
    <div ref={ref} className="min-h-0 min-w-0 grow overflow-auto">
      {scene ? (
        <SceneView
          id={id}
          scene={tall === scene.height ? scene : { ...scene, height: tall }}
          title={say.staff}
          description={[say.description(barsText(w, part).join(' | ')), sung.join(' ')]
            .filter(Boolean)
            .join('. ')}
          style={{ width: scene.width, maxWidth: '100%' }}
          under={lit && <circle className="scene-halo" data-lit="" cx={lit.x} cy={lit.y} r={15} />}
        />
      ) : (
        <div className="h-40" data-coming="" />
      )}
    </div>
  );
}
