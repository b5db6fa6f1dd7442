import { Download, Presentation, Printer } from 'lucide-react';
import { SHELF_WORDS as SAY } from '@/core/words/screen/shelf';
import type { Lesson } from '@/store/lesson';
import { NAME_LIMIT } from '@/store/limits';
import { IconButton } from '@/ui/IconButton';
import { TypedField } from '@/ui/TypedField';
import { boardHref, NO_BOARD, NO_LESSON } from '../address/board/board-address';
import { goTo } from '../ask/go-to';
import { type ShelfChoice, ShelfMenu } from './ShelfMenu';
import type { ShelfActions } from './shelf-actions';

type Props = {
  /** Null for what lies in no lesson. */
  readonly lesson: Lesson | null;
  readonly count: number;
  /** Minutes that its items are given. */
  readonly minutes: number;
  /** Just made: its name is ready to be typed. */
  readonly fresh: boolean;
  readonly first: boolean;
  readonly last: boolean;
  readonly actions: ShelfActions;
};

/** The head of a lesson on the shelf: its name, its place, and its items as one handout or one file. */
export function LessonHead({ lesson, count, minutes, fresh, first, last, actions }: Props) {
  const name = lesson?.name ?? SAY.noLesson;
  const lessonChoices = (own: Lesson): readonly ShelfChoice[] => [
    { label: SAY.moveUp, disabled: first, onChoose: () => actions.moveLesson(own, -1) },
    { label: SAY.moveDown, disabled: last, onChoose: () => actions.moveLesson(own, 1) },
    { label: SAY.deleteLesson, focus: toSheet, onChoose: () => actions.removeLesson(own) },
  ];
  return (
    <div className="mb-1.5 flex items-center gap-1.5">
      {lesson ? (
        <TypedField
          label={SAY.nameOf(lesson.name)}
          limit={NAME_LIMIT}
          value={lesson.name}
          onType={(text) => actions.renameLesson(lesson, text)}
          className="field font-serif text-large font-bold"
          ready={fresh}
        />
      ) : (
        <h3 className="grow px-2 font-serif text-large font-bold">{name}</h3>
      )}
      {minutes > 0 && <p className="shrink-0 text-small text-quiet">{SAY.inAll(minutes)}</p>}
      <IconButton
        icon={Presentation}
        label={SAY.boardLesson(name)}
        disabled={count === 0}
        onClick={() => goTo(boardHref({ ...NO_BOARD, lesson: lesson?.id ?? NO_LESSON }))}
      />
      <IconButton
        icon={Printer}
        label={SAY.printLesson(name)}
        disabled={count === 0}
        onClick={() => actions.printLesson(lesson?.id ?? null, false)}
      />
      <IconButton
        icon={Download}
        label={SAY.exportLesson(name)}
        disabled={count === 0}
        onClick={() => actions.exportLesson(lesson?.id ?? null)}
      />
      <ShelfMenu
        label={SAY.more(name)}
        choices={[
          {
            label: SAY.printNotes,
            disabled: count === 0,
            onChoose: () => actions.printLesson(lesson?.id ?? null, true),
          },
          ...(lesson ? lessonChoices(lesson) : []),
        ]}
      />
    </div>
  );
}

/** The lesson is gone; the shelf's first button takes the focus. */
function toSheet(trigger: HTMLElement): () => void {
  const first = trigger.closest('[role=dialog]')?.querySelector('button');
  return () => first?.focus();
}
