import { type KeyboardEvent, useMemo } from 'react';
import { letterAtHeight, nearest } from '@/core/identify/note-entry';
import type { Letter } from '@/core/note/letter';
import type { SpelledNote } from '@/core/note/spelled';
import { questionWords } from '@/core/words/screen/questions';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { EntryStaff } from '@/ui/surfaces/EntryStaff';
import { Hits } from '@/ui/surfaces/Hits';
import { headsOf } from '@/ui/surfaces/heads-of';
import { Halo } from '@/ui/surfaces/Staff';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';

type Props = {
  readonly notes: readonly SpelledNote[];
  /** Places that are lit. */
  readonly shown: readonly number[];
  readonly onLit: (place: number | null) => void;
  readonly onKeys: (event: KeyboardEvent) => void;
  readonly onLetter: (letter: Letter) => void;
};

/** The staff the entered notes stand on: a click on a line or a space places a note, letters do too. */
export function NoteStaff({ notes, shown, onLit, onKeys, onLetter }: Props) {
  const w = useWords();
  const say = questionWords(w).entry;
  const engraver = useStaffEngraver();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 132 });
  const scene = useMemo(
    () => engraver?.engraveNotes(nearest(notes), 'treble', room.width) ?? null,
    [engraver, notes, room.width],
  );
  const heads = useMemo(
    () =>
      scene
        ? headsOf(scene, (place) => {
            const note = notes[place];
            return note ? `${place + 1}: ${w.spokenNote(note)}` : '';
          })
        : [],
    [scene, notes, w],
  );
  return (
    <div ref={ref}>
      <EntryStaff
        id="entry-staff"
        engraver={engraver}
        scene={scene}
        title={say.staff}
        description={notes.map(w.spokenNote).join(', ')}
        width={scene?.width ?? room.width}
        onKeys={onKeys}
        onHeight={(height) => onLetter(letterAtHeight(height))}
        under={heads.map(({ id, x, y }) => (
          <Halo key={id} x={x} y={y} lit={shown.includes(Number(id))} current={false} />
        ))}
      >
        <Hits hits={heads} onPoint={(id) => onLit(id === null ? null : Number(id))} />
      </EntryStaff>
      <p className="text-small text-quiet">{say.staffHint}</p>
    </div>
  );
}
