import { Plus } from 'lucide-react';
import { KIND_IDS } from '@/core/exercise/kinds/all';
import type { SheetItem } from '@/core/exercise/sheet/task/all';
import { markWords } from '@/core/words/screen/mark';
import { sheetsWords } from '@/core/words/screen/sheets';
import type { Kept } from '@/store/kept';
import { Hint } from '@/ui/Hint';
import { MenuButton } from '@/ui/menu/MenuButton';
import type { MenuGroup } from '@/ui/menu/menu';
import { useWords } from '@/ui/school/use-class';
import { itemFromKept, itemOn } from '../shell/item-from-kept';
import { OTHER_TASKS, usualItem, usualQuestion } from './new-item';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly kept: readonly Kept[];
  readonly onAdd: (items: readonly SheetItem[]) => void;
};

/** The most of the shelf that is offered, the newest first. */
const FROM_SHELF = 12;

/** What can be put on the sheet: a question of any kind, a task, staves, a circle, and what the shelf holds. */
export function AddMenu({ open, onOpen, kept, onAdd }: Props) {
  const w = useWords();
  const { panel: say, tasks } = sheetsWords(w);
  const { kinds } = markWords(w);
  const shelf = open
    ? kept.toReversed().flatMap(({ id, name, address }) => {
        const item = itemFromKept(address, w.settings);
        return item ? [{ id, name, item }] : [];
      })
    : [];
  const groups: readonly MenuGroup[] = [
    { title: say.ownQuestion, items: KIND_IDS.map((id) => ({ id: `kind ${id}`, label: kinds[id] })) },
    {
      title: say.tasks,
      items: OTHER_TASKS.map((id) => ({
        id: `task ${id}`,
        label: tasks[id],
      })),
    },
    ...(shelf.length > 0
      ? [
          {
            title: say.fromShelf,
            items: shelf.slice(0, FROM_SHELF).map(({ id, name }) => ({ id: `shelf ${id}`, label: name })),
          },
        ]
      : []),
  ];
  const pick = (id: string) => {
    const [sort, ...rest] = id.split(' ');
    const name = rest.join(' ');
    const kind = KIND_IDS.find((each) => each === name);
    const task = OTHER_TASKS.find((each) => each === name);
    const item =
      sort === 'kind' && kind
        ? itemOn('answer', usualQuestion(kind, w.settings), w.settings, 1)
        : sort === 'task' && task
          ? usualItem(task, w.settings)
          : shelf.find((each) => each.id === name)?.item;
    if (item) onAdd([item]);
  };
  return (
    <MenuButton open={open} onOpen={onOpen} align="end" aria-keyshortcuts="A" groups={groups} onPick={pick}>
      <Plus className="size-4" aria-hidden="true" />
      {say.add}
      <Hint text="A" />
    </MenuButton>
  );
}
