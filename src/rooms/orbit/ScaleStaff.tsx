import { useMemo } from 'react';
import type { Key } from '@/core/harmony/key';
import { readStaff } from '@/core/words/say-note';
import { deriveWords } from '@/core/words/screen/derive';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';
import { writtenKey } from './written-key';

type Props = { readonly id: string; readonly it: Key };

/** The least width in pixels at which seven signs and eight notes stand apart. */
const LEAST_WIDTH = 300;

/** The scale of a key with its signature on one staff. */
export function ScaleStaff({ id, it }: Props) {
  const w = useWords();
  const engraver = useStaffEngraver();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 320, height: 120 });
  const written = useMemo(() => writtenKey(it), [it]);
  const scene = useMemo(
    () => (engraver && written ? engraver.engraveStaff(written, Math.max(LEAST_WIDTH, room.width)) : null),
    [engraver, written, room.width],
  );
  return (
    <div ref={ref} className="min-h-28 shrink-0">
      {scene && written && (
        <SceneView
          id={`scale-staff-${id}`}
          scene={scene}
          title={deriveWords(w).surfaces.staff}
          description={readStaff(w, CLEF_WORDS[written.clef], written.atClef, written.line)}
          style={{ width: '100%' }}
        />
      )}
    </div>
  );
}
