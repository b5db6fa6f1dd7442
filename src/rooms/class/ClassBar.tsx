import { FileInput, Keyboard, Moon, Save, Sun, Undo2 } from 'lucide-react';
import { sayStoreProblem } from '@/core/words/say-store';
import { classRoomWords } from '@/core/words/screen/class';
import { deriveWords } from '@/core/words/screen/derive';
import { filesWords } from '@/core/words/screen/files';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import { wantsBackup } from '@/store/backup';
import type { SpokenGroup } from '@/store/mirror';
import type { SchoolState } from '@/store/school-state';
import { BarButton } from '@/ui/BarButton';
import { ClassMenu } from '@/ui/school/ClassMenu';
import { useWords } from '@/ui/school/use-class';
import { AskSlot } from '../ask/AskSlot';
import type { ClassActions } from './use-class-actions';

type Props = {
  readonly state: SchoolState;
  readonly group: SpokenGroup | null;
  readonly said: string;
  readonly night: boolean;
  readonly actions: ClassActions;
  readonly onChoose: (group: SpokenGroup) => void;
  readonly onFile: () => void;
  readonly onLight: () => void;
  readonly onKeys: () => void;
};

/** The line on top of the room: which class, what was done last, a gentle word about backups, and undo. */
export function ClassBar({ state, group, said, night, actions, onChoose, onFile, onLight, onKeys }: Props) {
  const w = useWords();
  const { actions: say } = deriveWords(w);
  const { safe } = classRoomWords(w);
  const { saving, undo, backup, status } = state;
  const remind = status === 'ready' && wantsBackup(backup, Date.now());
  const saved =
    status === 'opening'
      ? ''
      : saving === 'saving'
        ? SHELF_WORDS.saving
        : saving === 'saved'
          ? SHELF_WORDS.saved
          : sayStoreProblem(saving);
  return (
    <header className="flex flex-wrap items-center gap-1.5 border-b border-rule px-4 py-2 sm:px-6">
      <ClassMenu group={group} groups={state.data.groups} onChoose={onChoose} />
      <AskSlot />
      <p role="status" className="max-w-60 text-small font-semibold">
        {said || saved}
      </p>
      {remind && (
        <BarButton
          icon={Save}
          label={safe.remindNow}
          title={safe.remind(backup.changes)}
          onClick={() => actions.save('whole')}
        />
      )}
      <BarButton
        icon={Undo2}
        label={SHELF_WORDS.undo(undo)}
        hint="Ctrl Z"
        disabled={undo === null}
        onClick={actions.undo}
      />
      <BarButton icon={FileInput} label={filesWords(w).open} hint="O" onClick={onFile} />
      <BarButton icon={night ? Sun : Moon} label={night ? say.day : say.night} hint="N" onClick={onLight} />
      <BarButton icon={Keyboard} label={say.keys} hint="?" onClick={onKeys} />
    </header>
  );
}
