import { useSortable } from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import { useState } from 'react';
import { SHELF_WORDS as SAY } from '@/core/words/screen/shelf';
import type { Kept } from '@/store/kept';
import type { Lesson } from '@/store/lesson';
import { NAME_LIMIT, NOTE_LIMIT } from '@/store/limits';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import { boardHref, NO_BOARD, NO_LESSON } from '../address/board/board-address';
import { goTo } from '../ask/go-to';
import { GoLink } from '../shell/GoLink';
import type { Desks } from '../shell/house';
import { keptText } from './kept-text';
import { MinutesField } from './MinutesField';
import { type ShelfChoice, ShelfMenu } from './ShelfMenu';
import type { ShelfActions } from './shelf-actions';

type Props = {
  readonly item: Kept;
  readonly first: boolean;
  readonly last: boolean;
  readonly lessons: readonly Lesson[];
  readonly actions: ShelfActions;
  /** The desks of the rooms; null while they are on their way. */
  readonly desks: Desks | null;
  /** While the shelf is searched the order is not the shelf's, and nothing can be moved. */
  readonly fixed: boolean;
  /** A kept sentence is gone to. */
  readonly onGo: () => void;
};

/** One kept derivation: its name, its sentence as a link, its note, and where it can go. */
export function ShelfItem({ item, first, last, lessons, actions, desks, fixed, onGo }: Props) {
  const w = useWords();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: item.id, disabled: fixed });
  const [noting, setNoting] = useState<'asked' | 'typed' | null>(null);
  const elsewhere = [
    ...lessons.map(({ id, name }): { readonly id: string | null; readonly name: string } => ({ id, name })),
    { id: null, name: SAY.noLesson.toLowerCase() },
  ].filter(({ id }) => id !== item.lesson);
  const choices: readonly ShelfChoice[] = [
    {
      label: SAY.toBoard,
      onChoose: () => goTo(boardHref({ ...NO_BOARD, lesson: item.lesson ?? NO_LESSON, item: item.id })),
    },
    { label: SAY.addNote, disabled: item.note !== '', focus: toNote, onChoose: () => setNoting('asked') },
    { label: SAY.moveUp, disabled: first || fixed, onChoose: () => actions.move(item, -1) },
    { label: SAY.moveDown, disabled: last || fixed, onChoose: () => actions.move(item, 1) },
    ...elsewhere.map(({ id, name }) => ({
      label: SAY.moveTo(name),
      onChoose: () => actions.place(item.id, id, Number.MAX_SAFE_INTEGER),
    })),
    { label: SAY.duplicate, onChoose: () => actions.duplicate(item) },
    { label: SAY.deleteIt, focus: toNeighbour, onChoose: () => actions.remove(item) },
  ];
  return (
    <li
      ref={setNodeRef}
      className={`card p-2 ${isDragging ? 'relative z-10 border-ink' : ''}`}
      style={{
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
        transition,
      }}
    >
      <div className="flex items-center gap-1.5">
        <button
          ref={setActivatorNodeRef}
          type="button"
          className="grip"
          {...attributes}
          {...listeners}
          aria-label={SAY.drag(item.name)}
          disabled={fixed}
        >
          <GripVertical className="size-4" aria-hidden="true" />
        </button>
        <TypedField
          label={SAY.nameOf(item.name)}
          limit={NAME_LIMIT}
          value={item.name}
          onType={(name) => actions.edit(item, { name })}
          className="field font-serif font-bold"
        />
        <MinutesField item={item} onMinutes={(minutes) => actions.edit(item, { minutes })} />
        <ShelfMenu label={SAY.more(item.name)} choices={choices} />
      </div>
      <GoLink href={item.address} onGo={onGo} className="mt-1 ml-7 block text-small">
        {keptText(w, desks, item.address) || '…'}
      </GoLink>
      {(noting || item.note !== '') && (
        <div className="mt-1 ml-5" data-note="">
          <TypedField
            label={SAY.noteOn(item.name)}
            limit={NOTE_LIMIT}
            value={item.note}
            placeholder={SAY.notePlaceholder}
            onType={(note) => {
              // A note that is emptied keeps its field.
              setNoting(noting ?? 'typed');
              actions.edit(item, { note });
            }}
            className="field text-small placeholder:text-quiet"
            long={item.note.length > 60}
            ready={noting === 'asked'}
          />
        </div>
      )}
    </li>
  );
}

/** The note that was asked for is ready to be typed. */
function toNote(trigger: HTMLElement): () => void {
  const item = trigger.closest('li');
  return () => item?.querySelector<HTMLElement>('[data-note] :is(input, textarea)')?.focus();
}

/** An item that goes hands the focus to the same button of the next one, or of the one before. */
function toNeighbour(trigger: HTMLElement): () => void {
  const item = trigger.closest('li');
  const neighbour = item?.nextElementSibling ?? item?.previousElementSibling;
  const same = [...(neighbour?.querySelectorAll('button') ?? [])].at(-1);
  const next = same ?? trigger.closest('[role=dialog]')?.querySelector('button');
  return () => next?.focus();
}
