import { useMemo } from 'react';
import { aFifthHigher, type CarriedNote } from '@/core/harmony/fifth-line';
import { nearest } from '@/core/identify/note-entry';
import { orbitWords } from '@/core/words/screen/orbit';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';

type Props = { readonly line: readonly CarriedNote[] };

/** The line on a staff, and over it the one a fifth higher. */
export function LineStaves({ line }: Props) {
  const w = useWords();
  const { line: say } = orbitWords(w);
  const engraver = useStaffEngraver();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 360, height: 240 });
  const staves = useMemo(() => {
    const low = nearest(line.map(({ note }) => note));
    const high = low.flatMap((pitch) => aFifthHigher(pitch) ?? []);
    return [
      { title: say.perfect, pitches: high },
      { title: say.note, pitches: low },
    ].map(({ title, pitches }) => ({
      title,
      pitches,
      scene: engraver?.engraveNotes(pitches, 'treble', room.width) ?? null,
    }));
  }, [engraver, line, room.width, say]);
  return (
    <div ref={ref} className="shrink-0 overflow-x-auto">
      {staves.map(
        ({ title, pitches, scene }, at) =>
          scene && (
            <SceneView
              key={title}
              id={`line-staff-${at}`}
              scene={scene}
              title={title}
              description={pitches.map(({ note }) => w.spokenNote(note)).join(', ')}
              style={{ width: scene.width, maxWidth: 'none' }}
            />
          ),
      )}
    </div>
  );
}
