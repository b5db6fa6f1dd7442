import { ChevronDown } from 'lucide-react';
import { memo, useState } from 'react';
import { BAR_WORDS as SAY } from '@/core/words/screen/bar';
import { DEMO_SCHOOL } from '@/store/demo-name';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { MenuButton } from '../menu/MenuButton';

type Props = {
  readonly group: SpokenGroup | null;
  readonly groups: readonly Group[];
  readonly onChoose: (group: SpokenGroup) => void;
};

/** Whose school this is and which class is in hand; another class is chosen here, or an own one started. */
export const ClassMenu = memo(function ClassMenu({ group, groups, onChoose }: Props) {
  const [open, setOpen] = useState(false);
  const classes = groups.map(({ id, name }) => ({ id, label: name, now: id === group?.id }));
  return (
    <div className="flex shrink-0 items-center gap-1.5">
      <p className="hidden text-small text-quiet 2xl:block">
        <span className="only-own">{SAY.ownSchool}</span>
        <span className="only-demo">{DEMO_SCHOOL}</span>
      </p>
      {group ? (
        <MenuButton
          open={open}
          onOpen={setOpen}
          aria-label={SAY.classMenu(group.name)}
          groups={[
            { title: null, items: classes },
            {
              title: null,
              items: [
                { id: 'settings', label: SAY.settings, href: '/class' },
                { id: 'new', label: SAY.ownClass, href: '/class?new' },
              ],
            },
          ]}
          onPick={(id) => {
            const chosen = groups.find((each) => each.id === id);
            if (chosen) onChoose(chosen);
          }}
        >
          <span className="max-w-24 truncate font-semibold sm:max-w-40">{group.name}</span>
          <ChevronDown className="size-3.5 shrink-0" aria-hidden="true" />
        </MenuButton>
      ) : (
        <a href="/class?new" className="control">
          {SAY.ownClass}
        </a>
      )}
    </div>
  );
});
