import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { GripVertical, Pin } from 'lucide-react';
import { type KeyboardEvent, memo, useEffect, useRef } from 'react';
import { FORM_WORDS } from '@/core/words/say-task';
import { sheetsWords } from '@/core/words/screen/sheets';
import { useWords } from '@/ui/school/use-class';
import type { SheetRow } from '@/workers/sheet';
import type { Places } from './use-places';

type Props = { readonly rows: readonly SheetRow[]; readonly places: Places };

/** Everything on the sheet in a list: chosen by arrows or a press, moved by its grip, or by Alt and an arrow. */
export const QuestionList = memo(function QuestionList({ rows, places }: Props) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const { at, actions } = places;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const list = useRef<HTMLOListElement>(null);
  const ids = rows.map((_, index) => `place-${index}`);
  const toAt = (next: number) => {
    const place = Math.max(0, Math.min(rows.length - 1, next));
    actions.choose(place);
    list.current?.querySelectorAll<HTMLElement>('[data-choose]')[place]?.focus();
  };
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (!(event.target instanceof HTMLElement) || event.target.dataset['choose'] === undefined) return;
    if (event.key === 'Home' || event.key === 'End') toAt(event.key === 'Home' ? 0 : rows.length - 1);
    else if (by && event.altKey) {
      actions.move(at, at + by);
      toAt(at + by);
    } else if (by) toAt(at + by);
    else return;
    event.preventDefault();
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over) actions.move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  useEffect(() => {
    // Only the list itself is moved: the page stays where somebody reads it.
    const box = list.current;
    const row = box?.children[at]?.getBoundingClientRect();
    if (!box || !row) return;
    const { top, bottom } = box.getBoundingClientRect();
    if (row.top < top) box.scrollTop -= top - row.top;
    else if (row.bottom > bottom) box.scrollTop += row.bottom - bottom;
  }, [at]);
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol ref={list} onKeyDown={keys} className="min-h-0 grow overflow-y-auto" aria-label={say.title}>
          {rows.map((row, index) => (
            <Row key={ids[index]} id={ids[index] ?? ''} row={row} index={index} places={places} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
});

type RowProps = {
  readonly id: string;
  readonly row: SheetRow;
  readonly index: number;
  readonly places: Places;
};

function Row({ id, row, index, places: { at, slots, actions } }: RowProps) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id });
  const slot = slots[index];
  return (
    <li
      ref={setNodeRef}
      className={`flex items-start gap-1 rounded-control ${index === at ? 'bg-now' : ''} ${isDragging ? 'relative z-10 bg-sheet' : ''}`}
      style={{
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
        transition,
      }}
    >
      <button
        ref={setActivatorNodeRef}
        type="button"
        className="grip"
        {...attributes}
        {...listeners}
        aria-label={say.move(row.name)}
      >
        <GripVertical className="size-4" aria-hidden="true" />
      </button>
      <button
        type="button"
        data-choose=""
        tabIndex={index === at ? 0 : -1}
        aria-current={index === at}
        className="flex grow items-baseline gap-2 py-1 pr-1 text-left text-small"
        onClick={() => actions.choose(index)}
      >
        <span className="w-5 shrink-0 text-right font-bold tabular-nums">{row.number ?? '·'}</span>
        <span className="grow">{row.name}</span>
        {slot?.form !== 'blank' && slot && (
          <span className="shrink-0 text-quiet">{FORM_WORDS[slot.form]}</span>
        )}
        {slot?.pinned && <Pin className="size-3.5 shrink-0 self-center" aria-label={say.pinned} />}
      </button>
    </li>
  );
}
