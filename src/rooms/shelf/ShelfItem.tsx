import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ArrowDown, ArrowUp, Ellipsis, GripVertical, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { SHELF_WORDS as SAY } from '@/core/words/screen/shelf';
import type { Kept } from '@/store/kept';
import type { Lesson } from '@/store/lesson';
import { NAME_LIMIT, NOTE_LIMIT } from '@/store/limits';
import { IconButton } from '@/ui/IconButton';
import { useSheet } from '@/ui/SideSheet';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import { GoLink } from '../common/GoLink';
import { keptText } from './kept-text';
import type { ShelfActions } from './shelf-actions';

type Props = {
  readonly item: Kept;
  readonly first: boolean;
  readonly last: boolean;
  readonly lessons: readonly Lesson[];
  readonly actions: ShelfActions;
  /** While the shelf is searched the order is not the shelf's, and nothing can be moved. */
  readonly fixed: boolean;
  /** A kept sentence is gone to. */
  readonly onGo: () => void;
};

const MENU_ITEM = 'cursor-pointer rounded-control px-2 py-1.5 outline-none data-highlighted:bg-now';

/** One kept derivation: its name, its sentence as a link, its note, and where it can go. */
export function ShelfItem({ item, first, last, lessons, actions, fixed, onGo }: Props) {
  const w = useWords();
  const sheet = useSheet();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: item.id, disabled: fixed });
  return (
    <li
      ref={setNodeRef}
      className={`card p-2 ${isDragging ? 'relative z-10 border-ink' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
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
        <IconButton
          icon={ArrowUp}
          label={SAY.up(item.name)}
          disabled={first || fixed}
          onClick={() => actions.move(item, -1)}
        />
        <IconButton
          icon={ArrowDown}
          label={SAY.down(item.name)}
          disabled={last || fixed}
          onClick={() => actions.move(item, 1)}
        />
        <DropdownMenu.Root modal={false}>
          <DropdownMenu.Trigger className="control shrink-0 px-2" aria-label={SAY.more(item.name)}>
            <Ellipsis className="size-4" aria-hidden="true" />
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal container={sheet}>
            <DropdownMenu.Content align="end" className="card z-30 max-w-80 p-2 shadow-lg">
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => actions.duplicate(item)}>
                {SAY.duplicate}
              </DropdownMenu.Item>
              {lessons
                .filter(({ id }) => id !== item.lesson)
                .map((lesson) => (
                  <DropdownMenu.Item
                    key={lesson.id}
                    className={MENU_ITEM}
                    onSelect={() => actions.place(item.id, lesson.id, Number.MAX_SAFE_INTEGER)}
                  >
                    {SAY.moveTo(lesson.name)}
                  </DropdownMenu.Item>
                ))}
              {item.lesson !== null && (
                <DropdownMenu.Item
                  className={MENU_ITEM}
                  onSelect={() => actions.place(item.id, null, Number.MAX_SAFE_INTEGER)}
                >
                  {SAY.moveTo(SAY.noLesson.toLowerCase())}
                </DropdownMenu.Item>
              )}
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
        <IconButton
          icon={Trash2}
          label={SAY.delete(item.name)}
          onClick={(event) => {
            focusNeighbour(event.currentTarget);
            actions.remove(item);
          }}
        />
      </div>
      <GoLink href={item.address} onGo={onGo} className="my-1 ml-7 block text-small">
        {keptText(w, item.address)}
      </GoLink>
      <div className="ml-5">
        <TypedField
          label={SAY.noteOn(item.name)}
          limit={NOTE_LIMIT}
          value={item.note}
          placeholder={SAY.notePlaceholder}
          onType={(note) => actions.edit(item, { note })}
          className="field text-small placeholder:text-quiet"
          long={item.note.length > 60}
        />
      </div>
    </li>
  );
}

/** An item that goes hands the focus to the same button of the next one, or of the one before. */
function focusNeighbour(button: HTMLButtonElement): void {
  const item = button.closest('li');
  const neighbour = item?.nextElementSibling ?? item?.previousElementSibling;
  const same = [...(neighbour?.querySelectorAll('button') ?? [])].at(-1);
  (same ?? button.closest('[role=dialog]')?.querySelector('button'))?.focus();
}
