import { BookmarkPlus, FileInput, Keyboard, Moon, SquareLibrary, Sun } from 'lucide-react';
import { lazy, memo, Suspense } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { BarButton } from '@/ui/BarButton';
import { ClassMenu } from '@/ui/school/ClassMenu';
import { useWords } from '@/ui/school/use-class';
import { STAND_IN, useIdle } from '@/ui/use-idle';
import { AskSlot } from '../ask/AskSlot';
import { ShareButton } from '../common/ShareButton';
import type { ShareId } from './share/share-list';

type Props = {
  /** What was done last, for all to see and hear. */
  readonly said: string;
  readonly kept: number;
  readonly night: boolean;
  readonly sharing: boolean;
  readonly group: SpokenGroup | null;
  readonly groups: readonly Group[];
  readonly onChoose: (group: SpokenGroup) => void;
  readonly onSharing: (open: boolean) => void;
  readonly onKeep: () => void;
  readonly onShelf: () => void;
  readonly onShare: (id: ShareId) => void;
  readonly onFile: () => void;
  readonly onLight: () => void;
  readonly onKeys: () => void;
};

const loadMenu = () =>
  import('./share/ShareDerivation').then((module) => ({ default: module.ShareDerivation }));
const ShareDerivation = lazy(loadMenu);

/** The line on top: whose class this is, and what can be done with the derivation. Every action shows its key. */
export const Toolbar = memo(function Toolbar(props: Props) {
  const { said, kept, night, sharing, group, groups: known, onSharing, onKeep, onShelf, onShare } = props;
  const w = useWords();
  const { actions: say } = deriveWords(w);
  const idle = useIdle(loadMenu);
  return (
    <header className="flex flex-wrap items-center gap-1.5 border-b border-rule px-4 py-2 sm:px-6">
      <ClassMenu group={group} groups={known} onChoose={props.onChoose} />
      <AskSlot />
      <p role="status" className="max-w-60 text-small font-semibold">
        {said}
      </p>
      <BarButton icon={BookmarkPlus} label={say.keep} hint="K" onClick={onKeep} />
      <BarButton icon={SquareLibrary} label={say.shelf(kept)} hint="L" onClick={onShelf} />
      {idle || sharing ? (
        <Suspense fallback={<ShareButton {...STAND_IN} onClick={() => onSharing(true)} />}>
          <ShareDerivation open={sharing} onOpen={onSharing} onShare={onShare} />
        </Suspense>
      ) : (
        <ShareButton {...STAND_IN} onClick={() => onSharing(true)} />
      )}
      <BarButton icon={FileInput} label={say.openFile} hint="O" onClick={props.onFile} />
      <BarButton
        icon={night ? Sun : Moon}
        label={night ? say.day : say.night}
        hint="N"
        onClick={props.onLight}
      />
      <BarButton icon={Keyboard} label={say.keys} hint="?" onClick={props.onKeys} />
    </header>
  );
});
