import { useEffect, useMemo, useState } from 'react';
import type { Clef } from '@/core/instrument/staff';
import type { SpelledNote } from '@/core/note/spelled';
import type { ScaleId } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { writeOut } from '@/core/scale/written';
import { readStaff } from '@/core/words/say-note';
import { deriveWords } from '@/core/words/screen/derive';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import type { Scene } from '@/engrave/scene';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly id: string;
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly clef?: Clef;
};

type Engraver = typeof import('@/engrave/staff')['engraveStaff'];

/** A scale with its signature on one staff. */
export function ScaleStaff({ id, tonic, scale, clef = 'treble' }: Props) {
  const w = useWords();
  const [engraver, setEngraver] = useState<{ readonly staff: Engraver } | null>(null);
  const { ref, room } = useRoom<HTMLDivElement>({ width: 320, height: 120 });
  useEffect(() => {
    void import('@/engrave/staff').then(({ engraveStaff }) => setEngraver({ staff: engraveStaff }));
  }, []);
  const written = useMemo(() => {
    const reading = scaleNamed(tonic, scale);
    if (!reading.ok) return null;
    const signature = reading.scale.theoretical ? 'none' : 'written';
    return writeOut(reading.scale, { direction: 'up', clef, signature });
  }, [tonic, scale, clef]);
  const scene: Scene | null = useMemo(
    () => (engraver && written ? engraver.staff(written, Math.max(300, room.width)) : null),
    [engraver, written, room.width],
  );
  return (
    <div ref={ref} className="min-h-28 shrink-0">
      {scene && written && (
        <SceneView
          id={`scale-staff-${id}`}
          scene={scene}
          title={deriveWords(w).surfaces.staff}
          description={readStaff(w, CLEF_WORDS[clef], written.atClef, written.line)}
          style={{ width: '100%' }}
        />
      )}
    </div>
  );
}
