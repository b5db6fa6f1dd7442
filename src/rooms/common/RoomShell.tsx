import { BookmarkPlus, Keyboard, Moon, SquareLibrary, Sun } from 'lucide-react';
import { lazy, type ReactNode, Suspense, useEffect, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { BarButton } from '@/ui/BarButton';
import { ClassMenu } from '@/ui/school/ClassMenu';
import { type ClassHandle, Speaking } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSeen } from '@/ui/use-seen';
import { AskSlot } from '../ask/AskSlot';
import { type ShareList, ShareMenu } from './ShareMenu';
import type { ShellHandle } from './use-room-shell';

const ShelfSheet = lazy(() =>
  import('../shelf/ShelfSheet').then((module) => ({ default: module.ShelfSheet })),
);
const KeyList = lazy(() => import('@/ui/keys/KeyList').then((module) => ({ default: module.KeyList })));
const Paper = lazy(() => import('@/ui/paper/Paper').then((module) => ({ default: module.Paper })));

type Props = {
  readonly shell: ShellHandle;
  readonly speech: ClassHandle;
  readonly school: SchoolHandle;
  readonly shares: ShareList<string>;
  readonly shareNames: Readonly<Record<string, string>>;
  /** The list of keys of the room. */
  readonly keys: {
    readonly title: string;
    readonly summary: string;
    readonly list: readonly { readonly keys: string; readonly does: string }[];
  };
  readonly children: ReactNode;
};

/** What stands about the sentence of a room: the line on top, and the sheets that open over it. */
export function RoomShell({ shell, speech, school, shares, shareNames, keys, children }: Props) {
  const { sheet, said, paper, light, single, actions } = shell;
  const { actions: say } = deriveWords(speech.words);
  const [live, setLive] = useState(false);
  useEffect(() => setLive(true), []);
  const night = light === 'night';
  const shelfSeen = useSeen(sheet === 'shelf');
  const keysSeen = useSeen(sheet === 'keys');
  const to = (name: 'shelf' | 'keys' | 'share') => (open: boolean) => actions.toSheet(open ? name : null);
  return (
    <Speaking words={speech.words}>
      <div data-live={live ? 'yes' : 'no'} className="flex min-h-dvh grow flex-col room:h-dvh">
        <header className="flex flex-wrap items-center gap-1.5 border-b border-rule px-4 py-2 sm:px-6">
          <ClassMenu group={speech.group} groups={school.state.data.groups} onChoose={speech.choose} />
          <AskSlot />
          <p role="status" className="max-w-60 text-small font-semibold">
            {said}
          </p>
          <BarButton icon={BookmarkPlus} label={say.keep} hint="K" onClick={actions.keep} />
          <BarButton
            icon={SquareLibrary}
            label={say.shelf(school.state.data.kept.length)}
            hint="L"
            onClick={() => actions.toSheet('shelf')}
          />
          <ShareMenu
            list={shares}
            names={shareNames}
            open={sheet === 'share'}
            onOpen={to('share')}
            onShare={actions.share}
          />
          <BarButton
            icon={night ? Sun : Moon}
            label={night ? say.day : say.night}
            hint="N"
            onClick={actions.otherLight}
          />
          <BarButton icon={Keyboard} label={say.keys} hint="?" onClick={() => actions.toSheet('keys')} />
        </header>
        {children}
        <Suspense>
          {shelfSeen && (
            <ShelfSheet
              open={sheet === 'shelf'}
              onOpen={to('shelf')}
              state={school.state}
              actions={actions}
              onGo={actions.closeSheet}
            />
          )}
          {keysSeen && (
            <KeyList
              {...keys}
              open={sheet === 'keys'}
              onOpen={to('keys')}
              single={single}
              onSingle={actions.onSingle}
            />
          )}
        </Suspense>
        {/* Its own boundary: what else is still to come would hide a sheet that is being printed. */}
        <Suspense>{paper && <Paper sheet={paper} onDone={actions.printed} />}</Suspense>
      </div>
    </Speaking>
  );
}
