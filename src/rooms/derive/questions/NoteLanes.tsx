import { useMemo } from 'react';
import { nearest, spellingsOfPianoKey } from '@/core/identify/note-entry';
import type { SpelledNote } from '@/core/note/spelled';
import { questionWords } from '@/core/words/screen/questions';
import { noteStride } from '@/engrave/note-stride';
import { drawnAt, useFar } from '@/ui/scene/drawn-at';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { Hits } from '@/ui/surfaces/Hits';

type Props = {
  readonly notes: readonly SpelledNote[];
  /** Places that are lit. */
  readonly shown: readonly number[];
  readonly onLit: (place: number | null) => void;
  /** A key was pressed, by its semitones above C; null where the notes are only looked at. */
  readonly onKey: ((key: number) => void) | null;
};

/** No narrower, so that a finger finds a key; a small screen scrolls it. */
const LEAST_WIDTH = 480;

/** The notes on their stride, and the keyboard lanes under it, whose keys enter notes. */
export function NoteLanes({ notes, shown, onLit, onKey }: Props) {
  const w = useWords();
  const say = questionWords(w).entry;
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 230 });
  const far = useFar();
  const width = far ? room.width : Math.max(room.width, LEAST_WIDTH);
  const stride = useMemo(
    () => noteStride({ w, pitches: nearest(notes), lit: shown, far, width, height: room.height }),
    [w, notes, shown, far, width, room.height],
  );
  const keys = stride.lanes.map(({ midi, x, y, w: wide, h }) => ({
    id: String(midi),
    x,
    y,
    r: 0,
    box: [wide, h] as const,
    label: `${spellingsOfPianoKey(midi % 12)
      .map(w.spokenNote)
      .join(' / ')} ${Math.floor(midi / 12) - 1}`,
  }));
  const heads = stride.notes.map(({ place, x, y, r }) => {
    const note = notes[place];
    return { id: String(place), x, y, r, label: `${place + 1}: ${note ? w.spokenNote(note) : ''}` };
  });
  const point = (id: string | null) => onLit(id === null ? null : Number(id));
  return (
    <div ref={ref} className="min-h-44 grow basis-44 overflow-x-auto overflow-y-hidden">
      <SceneView
        id="entry-stride"
        scene={stride.scene}
        title={say.stride}
        description={notes.map(w.spokenNote).join(', ')}
        style={{ width: drawnAt(width), maxWidth: 'none' }}
        look={({ part, place }) => ({
          'data-lit': part === 'note' && place !== null && shown.includes(place) ? '' : undefined,
        })}
      >
        <Hits hits={heads} onPoint={point} onPress={point} />
        {onKey && (
          <Hits
            label={say.keyboard}
            hits={keys}
            onPoint={() => {}}
            onPress={(id) => onKey(Number(id) % 12)}
          />
        )}
      </SceneView>
    </div>
  );
}
