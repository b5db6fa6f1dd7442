import { lazy, memo, Suspense, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { DEMO_SCHOOL } from '@/store/demo-name';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { STAND_IN, useIdle } from '../use-idle';
import { ClassButton } from './ClassButton';
import { useWords } from './use-class';

const loadList = () => import('./ClassList').then((module) => ({ default: module.ClassList }));
const ClassList = lazy(loadList);

type Props = {
  readonly group: SpokenGroup | null;
  readonly groups: readonly Group[];
  readonly onChoose: (group: SpokenGroup) => void;
};

/**
 * Whose school this is and which class is in hand; another class is chosen here, or an own one started. The list
 * itself is loaded once the page rests.
 */
export const ClassMenu = memo(function ClassMenu({ group, groups, onChoose }: Props) {
  const { actions: say } = deriveWords(useWords());
  const [open, setOpen] = useState(false);
  const idle = useIdle(loadList);
  const button = group && <ClassButton {...STAND_IN} name={group.name} onClick={() => setOpen(true)} />;
  return (
    <div className="flex items-center gap-1.5">
      <p className="hidden text-small text-quiet 2xl:block">
        <span className="only-own">{say.ownSchool}</span>
        <span className="only-demo">{DEMO_SCHOOL}</span>
      </p>
      {!group && (
        <a href="/class?new" className="control">
          {say.ownClass}
        </a>
      )}
      {group && (idle || open) ? (
        <Suspense fallback={button}>
          <ClassList group={group} groups={groups} open={open} onOpen={setOpen} onChoose={onChoose} />
        </Suspense>
      ) : (
        button
      )}
    </div>
  );
});
