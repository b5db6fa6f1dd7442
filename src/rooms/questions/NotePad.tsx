import { Delete, Lock, LockOpen, Trash2 } from 'lucide-react';
import { type KeyboardEvent, type MouseEvent, useEffect, useMemo, useState } from 'react';
import {
  alterLast,
  chooseSign,
  enterKey,
  enterLetter,
  letterAtHeight,
  lockSign,
  moveLast,
  type NoteEntry,
  nearest,
  removeLast,
} from '@/core/identify/note-entry';
import { heightAtPlace } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import type { Pitch } from '@/core/note/pitch';
import type { SpelledNote } from '@/core/note/spelled';
import { sayProblem } from '@/core/words/say-problem';
import { questionWords } from '@/core/words/screen/questions';
import type { Scene } from '@/engrave/scene';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { PianoKeys } from './PianoKeys';

type Props = {
  readonly notes: readonly SpelledNote[];
  /** Places the working points at. */
  readonly pointed: readonly number[];
  readonly onNotes: (notes: readonly SpelledNote[]) => void;
};

type Drawn = {
  readonly scene: (pitches: readonly Pitch[], width: number) => Scene;
  readonly bottom: number;
  readonly place: number;
};

/** The engraver of notes, once it has been loaded. */
function useNoteEngraver(): Drawn | null {
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  useEffect(() => {
    void import('@/engrave/staff').then(({ engraveNotes, STAFF_BOTTOM, STAFF_PLACE }) =>
      setDrawn({
        scene: (pitches, width) => engraveNotes(pitches, 'treble', width),
        bottom: STAFF_BOTTOM,
        place: STAFF_PLACE,
      }),
    );
  }, []);
  return drawn;
}

/** Notes entered by typing, on a staff by clicks or letters, and on a keyboard. A sign holds for one note unless it is locked. */
export function NotePad({ notes, pointed, onNotes }: Props) {
  const w = useWords();
  const say = questionWords(w).entry;
  const [tool, setTool] = useState<Pick<NoteEntry, 'sign' | 'locked'>>({ sign: 0, locked: false });
  const [typed, setTyped] = useState<string | null>(null);
  const entry: NoteEntry = { notes, ...tool };
  const apply = (next: NoteEntry) => {
    setTool({ sign: next.sign, locked: next.locked });
    setTyped(null);
    if (next.notes !== notes) onNotes(next.notes);
  };
  const words = (typed ?? '').split(/[\s,]+/u).filter(Boolean);
  const unread = words.map((word) => w.read(word)).find((reading) => !reading.ok);
  const type = (text: string) => {
    setTyped(text);
    const readings = text
      .split(/[\s,]+/u)
      .filter(Boolean)
      .map((word) => w.read(word));
    if (readings.every(({ ok }) => ok))
      onNotes(readings.flatMap((each) => (each.ok ? [each.note] : [])).slice(0, 32));
  };
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const letter = LETTERS.find((each) => w.letter(each).toLowerCase() === event.key.toLowerCase());
    const next = letter ? enterLetter(entry, letter) : keyed(entry, event.key);
    if (!next) return;
    event.preventDefault();
    event.stopPropagation();
    apply(next);
  };
  return (
    <section aria-label={say.title} className="card flex grow flex-col gap-3 px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <label className="flex grow basis-72 items-center gap-2">
          <span className="shrink-0 text-small text-quiet">{say.title}</span>
          <input
            type="text"
            className="field"
            aria-label={say.field}
            placeholder={say.fieldHint}
            value={typed ?? notes.map(w.note).join(' ')}
            maxLength={300}
            spellCheck={false}
            autoComplete="off"
            onChange={(event) => type(event.target.value)}
            onBlur={() => unread === undefined && setTyped(null)}
          />
        </label>
        <SignTools entry={entry} onEntry={apply} />
      </div>
      {unread && !unread.ok && (
        <p role="alert" className="text-small text-wrong">
          {sayProblem(w, unread.problem)}
        </p>
      )}
      <EntryStaff
        notes={notes}
        pointed={pointed}
        onKeys={keys}
        onPlace={(letter) => apply(enterLetter(entry, letter))}
      />
      <PianoKeys notes={notes} onKey={(key) => apply(enterKey(entry, key))} />
    </section>
  );
}

/** What a key does in note entry besides letters. */
function keyed(entry: NoteEntry, key: string): NoteEntry | null {
  switch (key) {
    case '#':
    case '+':
      return alterLast(entry, 1);
    case '-':
      return alterLast(entry, -1);
    case 'ArrowUp':
      return moveLast(entry, 1);
    case 'ArrowDown':
      return moveLast(entry, -1);
    case 'Backspace':
      return removeLast(entry);
    default:
      return null;
  }
}

type ToolProps = { readonly entry: NoteEntry; readonly onEntry: (entry: NoteEntry) => void };

/** The sign for the next note, whether it stays, and taking back. */
function SignTools({ entry, onEntry }: ToolProps) {
  const say = questionWords(useWords()).entry;
  const LockIcon = entry.locked ? Lock : LockOpen;
  return (
    <div role="group" aria-label={say.signs} className="flex flex-wrap gap-1.5">
      {([1, -1] as const).map((sign) => (
        <button
          key={sign}
          type="button"
          className="control"
          aria-pressed={entry.sign === sign}
          onClick={() => onEntry(chooseSign(entry, sign))}
        >
          {sign > 0 ? `♯ ${say.sharp}` : `♭ ${say.flat}`}
        </button>
      ))}
      <button
        type="button"
        className="control"
        aria-pressed={entry.locked}
        onClick={() => onEntry(lockSign(entry, !entry.locked))}
      >
        <LockIcon className="size-4" aria-hidden="true" />
        {say.lock}
      </button>
      <button type="button" className="control" onClick={() => onEntry(removeLast(entry))}>
        <Delete className="size-4" aria-hidden="true" />
        {say.back}
      </button>
      <button type="button" className="control" onClick={() => onEntry({ ...entry, notes: [] })}>
        <Trash2 className="size-4" aria-hidden="true" />
        {say.clear}
      </button>
    </div>
  );
}

type StaffProps = {
  readonly notes: readonly SpelledNote[];
  readonly pointed: readonly number[];
  readonly onKeys: (event: KeyboardEvent) => void;
  readonly onPlace: (letter: (typeof LETTERS)[number]) => void;
};

/** The staff the notes stand on, which takes clicks and keys. */
function EntryStaff({ notes, pointed, onKeys, onPlace }: StaffProps) {
  const w = useWords();
  const say = questionWords(w).entry;
  const drawn = useNoteEngraver();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 132 });
  const width = Math.max(room.width, 80 + notes.length * 34);
  const scene = useMemo(() => drawn?.scene(nearest(notes), width) ?? null, [drawn, notes, width]);
  const click = (event: MouseEvent<HTMLDivElement>) => {
    const svg = event.currentTarget.querySelector('svg');
    if (!svg || !drawn || !scene) return;
    const box = svg.getBoundingClientRect();
    const y = ((event.clientY - box.top) / box.height) * scene.height;
    const place = Math.round((drawn.bottom - y) / drawn.place);
    onPlace(letterAtHeight(heightAtPlace(place, 'treble')));
  };
  return (
    <div>
      <div
        ref={ref}
        role="application"
        aria-label={`${say.staff}. ${notes.map(w.spokenNote).join(', ')}`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a drawing that takes keys and clicks as a whole
        tabIndex={0}
        className="overflow-x-auto rounded-control"
        onKeyDown={onKeys}
        onClick={click}
      >
        {scene && (
          <SceneView
            id="entry-staff"
            scene={scene}
            title={say.staff}
            description={notes.map(w.spokenNote).join(', ')}
            style={{ width, maxWidth: 'none', cursor: 'copy' }}
            look={({ part, place }) => ({
              'data-decides':
                part === 'note' && place !== null && pointed.length < notes.length && pointed.includes(place)
                  ? ''
                  : undefined,
            })}
          />
        )}
      </div>
      <p className="text-small text-quiet">{say.staffHint}</p>
    </div>
  );
}
