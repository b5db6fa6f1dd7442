import { Delete, Lock, LockOpen, Trash2 } from 'lucide-react';
import { type KeyboardEvent, useState } from 'react';
import {
  alterLast,
  chooseSign,
  enterKey,
  enterLetter,
  lockSign,
  moveLast,
  type NoteEntry,
  removeLast,
} from '@/core/identify/note-entry';
import { MOST_NOTES, type ScaleName } from '@/core/identify/scale-name';
import { LETTERS } from '@/core/note/letter';
import type { SpelledNote } from '@/core/note/spelled';
import { readNotes } from '@/core/words/read-notes';
import { questionWords } from '@/core/words/screen/questions';
import { MidiKeys } from '@/ui/midi/MidiKeys';
import { useWords } from '@/ui/school/use-class';
import { NoteLanes } from './NoteLanes';
import { NoteRail } from './NoteRail';
import { NoteStaff } from './NoteStaff';

type Props = {
  readonly notes: readonly SpelledNote[];
  /** Places the working points at. */
  readonly pointed: readonly number[];
  /** The best of the names that fit, or null. */
  readonly name: ScaleName | null;
  readonly onNotes: (notes: readonly SpelledNote[]) => void;
};

/** Notes entered by typing, on a staff by clicks or letters, and on a keyboard. A sign holds for one note unless it is locked. */
export function NotePad({ notes, pointed, name, onNotes }: Props) {
  const w = useWords();
  const say = questionWords(w).entry;
  const [tool, setTool] = useState<Pick<NoteEntry, 'sign' | 'locked'>>({ sign: 0, locked: false });
  const [typed, setTyped] = useState<string | null>(null);
  const [lit, setLit] = useState<number | null>(null);
  // The whole row is no place to point at.
  const told = pointed.length < notes.length ? pointed : [];
  const shown = lit === null ? told : [lit];
  const entry: NoteEntry = { notes, ...tool };
  const apply = (next: NoteEntry) => {
    setTool({ sign: next.sign, locked: next.locked });
    setTyped(null);
    if (next.notes !== notes) onNotes(next.notes);
  };
  const reading = readNotes(w, typed ?? '');
  const unread = !reading.ok
    ? reading.why
    : reading.notes.length > MOST_NOTES
      ? say.tooMany(reading.notes.length, MOST_NOTES)
      : null;
  const type = (text: string) => {
    setTyped(text);
    const read = readNotes(w, text);
    if (read.ok && read.notes.length <= MOST_NOTES) onNotes(read.notes.map(({ note }) => note));
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
    <section aria-label={say.title} className="card flex min-h-0 grow flex-col gap-2 px-4 py-3">
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
            onBlur={() => unread === null && setTyped(null)}
          />
        </label>
        <SignTools entry={entry} onEntry={apply} />
      </div>
      {unread && (
        <p role="alert" className="text-small text-wrong">
          {unread}
        </p>
      )}
      <NoteStaff
        notes={notes}
        shown={shown}
        onLit={setLit}
        onKeys={keys}
        onLetter={(letter) => apply(enterLetter(entry, letter))}
      />
      <NoteLanes notes={notes} shown={shown} onLit={setLit} onKey={(key) => apply(enterKey(entry, key))} />
      <MidiKeys from={60} onKey={(midi) => apply(enterKey(entry, midi % 12))} />
      <NoteRail notes={notes} name={name} lit={shown.flatMap((place) => notes[place] ?? [])} />
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
