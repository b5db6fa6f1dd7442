import { type ReactNode, useEffect, useState } from 'react';
import type { AddressProblem } from '@/core/words/say-address';
import type { SchoolState } from '@/store/school-state';
import { MenuList } from '@/ui/menu/MenuButton';
import { part } from '@/ui/parts/part';
import { useAhead } from '@/ui/parts/use-ahead';
import { Speaking } from '@/ui/school/use-class';
import { WordList } from '@/ui/sentence/Sentence';
import { useSeen } from '@/ui/use-seen';
import { type Action, Bar } from './Bar';
import { Notice } from './Notice';
import type { Shell } from './use-shell';

const ShelfSheet = part('shelf', () => import('../shelf/ShelfSheet').then((module) => module.ShelfSheet));
const KeysSheet = part('keys', () => import('./KeysSheet').then((module) => module.KeysSheet));
const FilesIn = part('files', () => import('./files/FilesIn').then((module) => module.FilesIn));
const Paper = part('paper', () => import('@/ui/paper/Paper').then((module) => module.Paper));

/** What is likely to be asked for next, fetched while the page rests. */
const SOON = [WordList, MenuList, FilesIn];

const NONE: readonly Action[] = [];

type Props = {
  readonly shell: Shell;
  /** What could not be read of the address. */
  readonly problems: readonly AddressProblem[];
  /** What can be done from the line on top in this room alone; the same list while nothing of it changes. */
  readonly own?: readonly Action[];
  /** Whether what is known already stands; until then the page is not said to live. */
  readonly ready?: boolean;
  readonly children: ReactNode;
};

/** What the database has confirmed: nothing at all before it has been heard. */
function savingOf({ saving, status }: SchoolState): string {
  if (typeof saving === 'object') return 'not-saved';
  return saving === 'saved' && status === 'opening' ? 'opening' : saving;
}

/** What stands about every room: the line on top, what is wrong, and the sheets that open over it. */
export function RoomShell({ shell, problems, own = NONE, ready = true, children }: Props) {
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
        data-saving={savingOf(school.state)}
        className="flex min-h-0 grow flex-col room:h-dvh"
      >
        <Bar shell={shell} own={own} />
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
