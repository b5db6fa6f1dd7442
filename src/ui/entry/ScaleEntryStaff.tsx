import { type KeyboardEvent, useMemo } from 'react';
import {
  alterSelected,
  enterHeight,
  enterLetter,
  moveSelected,
  naturalSelected,
  pitchesWritten,
  printSelected,
  removeSelected,
  type ScaleEntry,
  select,
} from '@/core/exercise/entry/scale-entry';
import type { Clef } from '@/core/instrument/staff';
import type { Judged } from '@/core/mark/judging/judged';
import { LETTERS } from '@/core/note/letter';
import type { Alteration, Fifths } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import { markWords } from '@/core/words/screen/mark';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { EntryStaff } from '../surfaces/EntryStaff';
import { Hits } from '../surfaces/Hits';
import { headsOf } from '../surfaces/heads-of';
import { Halo } from '../surfaces/Staff';
import { useStaffEngraver } from '../surfaces/use-staff-engraver';

/** The staff a row is written on. */
export type RowFrame = {
  readonly clef: Clef;
  readonly atClef: Fifths;
  /** Octave of the first note. */
  readonly start: number;
  /** Sign of the next note. */
  readonly sign: Alteration;
};

type Props = {
  readonly entry: ScaleEntry;
  readonly frame: RowFrame;
  readonly rises: boolean;
  readonly judged: Judged | null;
  readonly onEntry: (entry: ScaleEntry) => void;
  /** A key that writes nothing on the staff. */
  readonly onOtherKey: (event: KeyboardEvent) => void;
};

/** Octaves of a letter's key: names that are letters are pressed as they are called, other names by their letter. */
function letterOf(w: ClassWords, key: string) {
  const pressed = key.toLowerCase();
  return (
    LETTERS.find((each) => w.letter(each).toLowerCase() === pressed) ??
    (w.letterWord === 'name' ? LETTERS.find((each) => each.toLowerCase() === pressed) : undefined)
  );
}

function keyed(entry: ScaleEntry, key: string, { atClef }: RowFrame): ScaleEntry | null {
  switch (key) {
    case '#':
    case '+':
      return alterSelected(entry, 1, atClef);
    case '-':
      return alterSelected(entry, -1, atClef);
    case 'n':
      return naturalSelected(entry, atClef);
    case '=':
      return printSelected(entry);
    case 'ArrowUp':
      return moveSelected(entry, 1, atClef);
    case 'ArrowDown':
      return moveSelected(entry, -1, atClef);
    case 'ArrowLeft':
      return select(entry, entry.at - 1);
    case 'ArrowRight':
      return select(entry, entry.at + 1);
    case 'Home':
      return select(entry, 0);
    case 'End':
      return select(entry, entry.notes.length - 1);
    case 'Backspace':
    case 'Delete':
      return removeSelected(entry);
    default:
      return null;
  }
}

/** A row on its staff as it was written, entered and changed by letters, arrows, signs and clicks. */
export function ScaleEntryStaff({ entry, frame, rises, judged, onEntry, onOtherKey }: Props) {
  const w = useWords();
  const say = markWords(w);
  const engraver = useStaffEngraver();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 700, height: 132 });
  const { notes, at } = entry;
  const pitches = useMemo(() => pitchesWritten(notes, rises), [notes, rises]);
  const scene = useMemo(() => {
    const known = notes.every(({ printed }) => printed !== undefined);
    const printed = known ? notes.map((note) => note.printed ?? null) : undefined;
    const row = { pitches, clef: frame.clef, atClef: frame.atClef, printed };
    return engraver?.engraveRow(row, room.width) ?? null;
  }, [engraver, notes, pitches, frame.clef, frame.atClef, room.width]);
  const heads = useMemo(
    () =>
      scene
        ? headsOf(scene, (place) => {
            const note = notes[place]?.note;
            return note ? `${place + 1}: ${w.spokenNote(note)}` : '';
          })
        : [],
    [scene, notes, w],
  );
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const letter = letterOf(w, event.key);
    const next = letter ? enterLetter(entry, letter, frame) : keyed(entry, event.key, frame);
    if (!next) return onOtherKey(event);
    event.preventDefault();
    event.stopPropagation();
    onEntry(next);
  };
  const wrong = new Set(judged?.wrong ?? []);
  const selected = notes[at];
  const description = notes.map(({ note }) => w.spokenNote(note)).join(', ') || say.given.nothing;
  return (
    <div ref={ref}>
      <EntryStaff
        id="row-staff"
        engraver={engraver}
        scene={scene}
        title={say.entry.staff}
        description={description}
        clef={frame.clef}
        width={scene?.width ?? room.width}
        onKeys={keys}
        onHeight={(height) =>
          onEntry(
            enterHeight({ ...entry, fresh: false, at: notes.length - 1 }, height, frame.atClef, frame.sign),
          )
        }
        onHead={(place) => onEntry(select(entry, place))}
        look={({ part, place }) => ({
          'data-wrong':
            (part === 'note' || part === 'accidental') && place !== null && wrong.has(place) ? '' : undefined,
        })}
        under={heads.map(({ id, x, y }) => (
          <Halo key={id} x={x} y={y} lit={false} current={Number(id) === at} />
        ))}
      >
        <Hits hits={heads} onPoint={() => {}} onPress={(id) => onEntry(select(entry, Number(id)))} />
      </EntryStaff>
      <p role="status" className="sr-only">
        {selected ? `${at + 1}: ${w.spokenNote(selected.note)}` : ''}
      </p>
    </div>
  );
}
