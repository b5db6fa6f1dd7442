import { useMemo } from 'react';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { sayTask } from '@/core/words/say-task';
import { drillWords } from '@/core/words/screen/drill';
import { shownPart } from '@/engrave/page/item-part';
import { measuresOf, USUAL_LOOK } from '@/engrave/page/look';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';

/** How wide what is shown may become, in pixels. */
const WIDEST = 620;

/** What is shown of a question: a signature, or notes on a staff; nothing where it is asked in words alone. */
export function Shown({ asked }: { readonly asked: MarkQuestion }) {
  const w = useWords();
  const { ref, room } = useRoom<HTMLDivElement>({ width: WIDEST, height: 120 });
  const width = Math.min(WIDEST, room.width);
  const scene = useMemo(() => {
    const m = { ...measuresOf(USUAL_LOOK), staff: width < 500 ? 0.7 : 1, type: 15, small: 13 };
    const part = shownPart(asked, { w, width, m });
    return part && { width, height: part.height + 4, groups: part.groups };
  }, [w, asked, width]);
  return (
    <div ref={ref}>
      {scene && (
        <SceneView
          id="asked"
          scene={scene}
          title={drillWords(w).run.picture}
          description={sayTask(w, { task: 'answer', question: asked })}
          style={{ width: '100%', maxWidth: WIDEST }}
        />
      )}
    </div>
  );
}
