import { Check, ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { DEMO_SCHOOL } from '@/store/demo-name';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { useWords } from './use-class';

type Props = {
  readonly group: SpokenGroup | null;
  readonly groups: readonly Group[];
  readonly onChoose: (group: SpokenGroup) => void;
};

const ITEM =
  'flex cursor-pointer items-center gap-2 rounded-control px-2 py-1.5 outline-none data-highlighted:bg-now';

/** Whose school this is and which class is in hand; another class is chosen here, or an own one started. */
export const ClassMenu = memo(function ClassMenu({ group, groups, onChoose }: Props) {
  const { actions: say } = deriveWords(useWords());
  return (
    <div className="flex items-center gap-1.5">
      <p className="hidden text-small text-quiet lg:block">
        <span className="only-own">{say.ownSchool}</span>
        <span className="only-demo">{DEMO_SCHOOL}</span>
      </p>
      {group ? (
        <DropdownMenu.Root modal={false}>
          <DropdownMenu.Trigger className="control font-semibold" aria-label={say.classMenu(group.name)}>
            <span className="max-w-40 truncate">{group.name}</span>
            <ChevronDown className="size-3.5" aria-hidden="true" />
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
      ) : (
        <a href="/class?new" className="control">
          {say.ownClass}
        </a>
      )}
    </div>
  );
});
