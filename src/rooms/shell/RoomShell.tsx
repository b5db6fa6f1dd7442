import { type ReactNode, useEffect, useState } from 'react';
import type { AddressProblem } from '@/core/words/say-address';
import { MenuList } from '@/ui/menu/MenuButton';
import { part } from '@/ui/parts/part';
import { useAhead } from '@/ui/parts/use-ahead';
import { Speaking } from '@/ui/school/use-class';
import { WordList } from '@/ui/sentence/Sentence';
import { useSeen } from '@/ui/use-seen';
import { Bar } from './Bar';
import { Notice } from './Notice';
import type { Shell } from './use-shell';

const ShelfSheet = part('shelf', () => import('../shelf/ShelfSheet').then((module) => module.ShelfSheet));
const KeysSheet = part('keys', () => import('./KeysSheet').then((module) => module.KeysSheet));
const FilesIn = part('files', () => import('./files/FilesIn').then((module) => module.FilesIn));
const Paper = part('paper', () => import('@/ui/paper/Paper').then((module) => module.Paper));

/** What is likely to be asked for next, fetched while the page rests. */
const SOON = [WordList, MenuList, FilesIn];

type Props = {
  readonly shell: Shell;
  /** What could not be read of the address. */
  readonly problems: readonly AddressProblem[];
  /** Buttons of the room's own in the line on top. */
  readonly buttons?: ReactNode;
  /** Whether what is known already stands; until then the page is not said to live. */
  readonly ready?: boolean;
  readonly children: ReactNode;
};

/** What stands about every room: the line on top, what is wrong, and the sheets that open over it. */
export function RoomShell({ shell, problems, buttons, ready = true, children }: Props) {
  const { sheet, paper, single, school, speech, actions, choosing, chooser } = shell;
  const [live, setLive] = useState(false);
  useEffect(() => setLive(true), []);
  useAhead(SOON);
  const shelfSeen = useSeen(sheet === 'shelf');
  const keysSeen = useSeen(sheet === 'keys');
  const to = (name: 'shelf' | 'keys') => (open: boolean) => actions.toSheet(open ? name : null);
  const Files = choosing ? FilesIn : FilesIn.Quiet;
  return (
    <Speaking words={speech.words}>
      <div
        data-live={live && ready ? 'yes' : 'no'}
        data-saving={typeof school.state.saving === 'string' ? school.state.saving : 'not-saved'}
        className="flex min-h-0 grow flex-col room:h-dvh"
      >
        <Bar shell={shell} buttons={buttons} />
        {children}
        <Notice problems={problems} state={school.state} />
        {shelfSeen && <ShelfSheet open={sheet === 'shelf'} onOpen={to('shelf')} shell={shell} />}
        {keysSeen && (
          <KeysSheet
            open={sheet === 'keys'}
            onOpen={to('keys')}
            shell={shell}
            single={single}
            onSingle={actions.onSingle}
          />
        )}
        <Files input={chooser} wanted={choosing} onOpened={actions.chosen} shell={shell} />
        {paper && <Paper sheet={paper} onDone={actions.printed} />}
      </div>
    </Speaking>
  );
}
