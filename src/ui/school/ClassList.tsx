import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { deriveWords } from '@/core/words/screen/derive';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { ClassButton } from './ClassButton';
import { useWords } from './use-class';

type Props = {
  readonly group: SpokenGroup;
  readonly groups: readonly Group[];
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onChoose: (group: SpokenGroup) => void;
};

const ITEM =
  'flex cursor-pointer items-center gap-2 rounded-control px-2 py-1.5 outline-none data-highlighted:bg-now';

/** The list of classes under the button of the class in hand, with the ways to its settings and to a new one. */
export function ClassList({ group, groups, open, onOpen, onChoose }: Props) {
  const { actions: say } = deriveWords(useWords());
  return (
    <DropdownMenu.Root open={open} onOpenChange={onOpen} modal={false}>
      <DropdownMenu.Trigger asChild>
        <ClassButton name={group.name} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Content align="start" sideOffset={6} className="card z-20 min-w-56 p-2 shadow-lg">
        {groups.map((each) => (
          <DropdownMenu.Item key={each.id} className={ITEM} onSelect={() => onChoose(each)}>
            <Check className={`size-4 ${each.id === group.id ? '' : 'invisible'}`} aria-hidden="true" />
            {each.name}
          </DropdownMenu.Item>
        ))}
        <DropdownMenu.Separator className="my-1 border-t border-rule" />
        <DropdownMenu.Item className={ITEM} asChild>
          <a href="/class">{say.settings}</a>
        </DropdownMenu.Item>
        <DropdownMenu.Item className={ITEM} asChild>
          <a href="/class?new">{say.ownClass}</a>
        </DropdownMenu.Item>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
