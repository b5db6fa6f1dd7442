import { useMemo } from 'react';
import type { ScaleName } from '@/core/identify/scale-name';
import type { SpelledNote } from '@/core/note/spelled';
import { scaleNamed } from '@/core/scale/scale';
import { deriveWords } from '@/core/words/screen/derive';
import { noteRailScene } from '@/engrave/rail';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly notes: readonly SpelledNote[];
  /** The scale whose window is shown, or null. */
  readonly name: ScaleName | null;
  readonly lit: readonly SpelledNote[];
};

const LEAST_WIDTH = 440;

/** The notes on the line of fifths, with the window of the scale they are. */
export function NoteRail({ notes, name, lit }: Props) {
  const w = useWords();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 88 });
  const width = Math.max(LEAST_WIDTH, room.width);
  const scene = useMemo(() => {
    const reading = name && scaleNamed(name.tonic, name.scale);
    return noteRailScene({ w, notes, scale: reading?.ok ? reading.scale : null, lit, width });
  }, [w, notes, name, lit, width]);
  return (
    <div ref={ref} className="shrink-0 overflow-x-auto overflow-y-hidden border-t border-rule">
      <SceneView
        id="entry-rail"
        scene={scene}
        title={deriveWords(w).surfaces.line}
        description={[name ? w.scale(name.tonic, name.scale) : '', notes.map(w.spokenNote).join(', ')]
          .filter(Boolean)
          .join(': ')}
        style={{ width, maxWidth: 'none' }}
      />
    </div>
  );
}
