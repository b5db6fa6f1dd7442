import { BookmarkPlus, Keyboard, Moon, Sun } from 'lucide-react';
import { deriveWords } from '@/core/words/screen/derive';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { BarButton } from '@/ui/BarButton';
import { ClassMenu } from '@/ui/school/ClassMenu';
import { useWords } from '@/ui/school/use-class';
import { AskSlot } from '../ask/AskSlot';

type Props = {
  readonly group: SpokenGroup | null;
  readonly groups: readonly Group[];
  readonly onChoose: (group: SpokenGroup) => void;
  readonly night: boolean;
  readonly onLight: () => void;
  readonly onKeys: () => void;
  readonly onKeep: () => void;
  /** What was done last. */
  readonly said: string;
};

/** The line on top of a question. */
export function QuestionBar({ group, groups, onChoose, night, onLight, onKeys, onKeep, said }: Props) {
  const { actions: say } = deriveWords(useWords());
  return (
    <header className="flex flex-wrap items-center gap-1.5 border-b border-rule px-4 py-2 sm:px-6">
      <ClassMenu group={group} groups={groups} onChoose={onChoose} />
      <AskSlot />
      <p role="status" className="max-w-60 text-small font-semibold">
        {said}
      </p>
      <BarButton icon={BookmarkPlus} label={say.keep} hint="K" onClick={onKeep} />
      <BarButton icon={night ? Sun : Moon} label={night ? say.day : say.night} hint="N" onClick={onLight} />
      <BarButton icon={Keyboard} label={say.keys} hint="?" onClick={onKeys} />
    </header>
  );
}
