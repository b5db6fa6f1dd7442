import {
  type Announcements,
  closestCorners,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { FolderPlus, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { sayRecordProblem, sayStoreProblem } from '@/core/words/say-store';
import { SHELF_WORDS as SAY } from '@/core/words/screen/shelf';
import type { Kept } from '@/store/kept';
import type { Lesson } from '@/store/lesson';
import type { SchoolState } from '@/store/school-state';
import { keptIn, searched } from '@/store/shelf';
import { SideSheet } from '@/ui/SideSheet';
import { useWords } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { goTo } from '../ask/go-to';
import { type Desks, useDesks, useHouse } from '../shell/house';
import type { Shell } from '../shell/use-shell';
import { keptText } from './kept-text';
import { LessonHead } from './LessonHead';
import { ShelfItem } from './ShelfItem';
import { type ShelfActions, shelfActions } from './shelf-actions';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly shell: Shell;
};

/** A derivation worth seeing, for an empty shelf. */
const EXAMPLE = '/derive?tonic=E&scale=harmonic-minor&clef=treble&step=1';

const NO_LESSON = 'no-lesson';

/** The shelf: lessons with what is kept for them. Everything on it can be moved, searched, noted and printed. */
export function ShelfSheet({ open, onOpen, shell }: Props) {
  const w = useWords();
  const { head, school, hasWork } = shell;
  const { state } = school;
  const { tell, printSheet, keep, undo, closeSheet: onGo } = shell.actions;
  const rooms = useHouse();
  const actions = useSteady(shelfActions({ w, head, school, tell, print: printSheet, rooms }));
  const desks = useDesks(state.data.kept.map(({ address }) => address));
  const [fresh, setFresh] = useState<string | null>(null);
  const [wanted, setWanted] = useState('');
  const { data, unread, status } = state;
  const found = useMemo(
    () => searched(data.kept, wanted, ({ address }) => keptText(w, desks, address)),
    [data.kept, wanted, w, desks],
  );
  const searching = wanted.trim() !== '';
  const empty = data.kept.length === 0 && data.lessons.length === 0 && status === 'ready';
  return (
    <SideSheet title={SAY.title} summary={SAY.summary} open={open} onOpen={onOpen} wide>
      <div className="flex flex-wrap items-center gap-2">
        <button type="button" className="control" disabled={state.undo === null} onClick={undo}>
          <Undo2 className="size-4" aria-hidden="true" />
          {SAY.undo(state.undo)}
        </button>
        <button type="button" className="control" onClick={() => void actions.makeLesson().then(setFresh)}>
          <FolderPlus className="size-4" aria-hidden="true" />
          {SAY.newLesson}
        </button>
        <input
          type="search"
          className="field min-w-32 grow basis-32 placeholder:text-quiet"
          aria-label={SAY.search}
          placeholder={SAY.search}
          maxLength={80}
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
        <p role="status" className="text-small text-quiet">
          {searching
            ? found.length > 0
              ? SAY.found(found.length)
              : SAY.nothingFound(wanted.trim())
            : saved(state)}
        </p>
      </div>
      {unread.map((problem, index) => (
        <p key={index} role="alert" className="text-small text-wrong">
          {sayRecordProblem(problem)}
        </p>
      ))}
      {empty ? (
        <div className="card flex flex-col items-start gap-3 p-4">
          <p>{SAY.empty}</p>
          <button
            type="button"
            className="control"
            onClick={() => {
              onGo();
              goTo(EXAMPLE);
            }}
          >
            {SAY.example}
          </button>
          {hasWork && (
            <button type="button" className="control" onClick={keep}>
              {SAY.keep}
            </button>
          )}
        </div>
      ) : searching ? (
        <ol className="-mx-1 grid min-h-0 grow content-start gap-2 overflow-y-auto px-1 pb-1">
          <DndContext>
            {found.map((item) => (
              <ShelfItem
                key={item.id}
                item={item}
                first
                last
                fixed
                lessons={data.lessons}
                actions={actions}
                desks={desks}
                onGo={onGo}
              />
            ))}
          </DndContext>
        </ol>
      ) : (
        <Lessons state={state} actions={actions} desks={desks} onGo={onGo} fresh={fresh} />
      )}
    </SideSheet>
  );
}

function saved({ status, saving, waiting }: SchoolState): string {
  if (status === 'opening' && saving === 'saved') return SAY.opening;
  if (saving === 'saving') return SAY.saving;
  return saving === 'saved' ? SAY.saved : sayStoreProblem(saving, waiting);
}

type LessonsProps = {
  readonly state: SchoolState;
  readonly actions: ShelfActions;
  readonly desks: Desks | null;
  /** A kept sentence is gone to. */
  readonly onGo: () => void;
  readonly fresh: string | null;
};

function Lessons({ state: { data }, actions, desks, onGo, fresh }: LessonsProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const name = (id: string | number) => data.kept.find((item) => item.id === id)?.name ?? '';
  const place = (id: string | number) => {
    const item = data.kept.find((each) => each.id === id);
    const list = item ? keptIn(data, item.lesson) : [];
    return item ? [list.indexOf(item) + 1, list.length] : [1, 1];
  };
  const announcements: Announcements = {
    onDragStart: ({ active }) => SAY.dragged.lifted(name(active.id)),
    onDragOver: ({ active, over }) => {
      const [at = 1, of = 1] = over ? place(over.id) : [];
      return SAY.dragged.over(name(active.id), at, of);
    },
    onDragEnd: ({ active }) => SAY.dragged.dropped(name(active.id)),
    onDragCancel: ({ active }) => SAY.dragged.let(name(active.id)),
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const target = data.kept.find(({ id }) => id === over.id);
    const lesson = target ? target.lesson : over.id === NO_LESSON ? null : String(over.id);
    const index = target ? keptIn(data, lesson).indexOf(target) : Number.MAX_SAFE_INTEGER;
    actions.place(String(active.id), lesson, index);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCorners}
      onDragEnd={drop}
      accessibility={{ announcements, screenReaderInstructions: { draggable: SAY.dragged.how } }}
    >
      <div className="-mx-1 min-h-0 grow overflow-y-auto px-1 pb-1">
        {data.lessons.map((lesson, index) => (
          <LessonList
            key={lesson.id}
            lesson={lesson}
            items={keptIn(data, lesson.id)}
            lessons={data.lessons}
            fresh={fresh}
            first={index === 0}
            last={index === data.lessons.length - 1}
            actions={actions}
            desks={desks}
            onGo={onGo}
          />
        ))}
        <LessonList
          lesson={null}
          items={keptIn(data, null)}
          lessons={data.lessons}
          fresh={null}
          first
          last
          actions={actions}
          desks={desks}
          onGo={onGo}
        />
      </div>
    </DndContext>
  );
}

type ListProps = {
  readonly lesson: Lesson | null;
  readonly items: readonly Kept[];
  readonly lessons: readonly Lesson[];
  /** The lesson that was just made, whose name is to be typed. */
  readonly fresh: string | null;
  readonly first: boolean;
  readonly last: boolean;
  readonly actions: ShelfActions;
  readonly desks: Desks | null;
  readonly onGo: () => void;
};

function LessonList({ lesson, items, lessons, fresh, first, last, actions, desks, onGo }: ListProps) {
  const { setNodeRef, isOver } = useDroppable({ id: lesson?.id ?? NO_LESSON });
  if (!lesson && items.length === 0) return null;
  return (
    <section aria-label={lesson?.name ?? SAY.noLesson} className="mb-4">
      <LessonHead
        lesson={lesson}
        count={items.length}
        minutes={items.reduce((all, { minutes }) => all + (minutes ?? 0), 0)}
        fresh={lesson !== null && lesson.id === fresh}
        first={first}
        last={last}
        actions={actions}
      />
      <SortableContext items={items.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <ol ref={setNodeRef} className={`grid gap-2 rounded-card ${isOver ? 'bg-now' : ''}`}>
          {items.map((item, index) => (
            <ShelfItem
              key={item.id}
              item={item}
              first={index === 0}
              last={index === items.length - 1}
              fixed={false}
              lessons={lessons}
              actions={actions}
              desks={desks}
              onGo={onGo}
            />
          ))}
          {items.length === 0 && <li className="p-2 text-small text-quiet">{SAY.emptyLesson}</li>}
        </ol>
      </SortableContext>
    </section>
  );
}
