import { useState } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useLight, useSetting } from '@/ui/keys/use-setting';
import type { PaperSheet } from '@/ui/paper/Paper';
import type { ClassHandle } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import type { Keepable } from '../shelf/shelf-actions';
import { shelfLater } from '../shelf/shelf-later';
import { sayShared } from './say-shared';
import type { Shared } from './share-as';
import { useHead } from './use-head';

type Given<Id extends string> = {
  readonly w: ClassWords;
  readonly speech: ClassHandle;
  readonly school: SchoolHandle;
  /** What would be kept. */
  readonly current: () => Keepable;
  /** The sheet that stands for what is shown; `blank` for a class to fill in. */
  readonly paper: (head: string, blank: boolean) => Promise<PaperSheet>;
  /** What the menu calls each way of sharing. */
  readonly names: Readonly<Record<Id | 'print', string>>;
  readonly share: (id: Exclude<Id, 'print' | 'printBlank'>) => Promise<Shared>;
  /** Keys of the room beside those of every shell. */
  readonly keys: KeyActions;
};

export type DeskSheet = 'shelf' | 'keys' | 'share' | null;

/** What every room with a sentence has about it: keeping, the shelf, sharing, printing, light and keys. */
export function useRoomShell<Id extends string>(given: Given<Id | 'print'>) {
  const { w, speech, school, current, paper: paperOf, names, share, keys } = given;
  const [sheet, setSheet] = useState<DeskSheet>(null);
  const [said, tell] = useState('');
  const [paper, setPaper] = useState<PaperSheet | null>(null);
  const [light, otherLight] = useLight();
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const head = useHead(speech.group?.name ?? null);
  const print = async (blank: boolean) => setPaper(await paperOf(head, blank));
  const actions = useSteady({
    ...shelfLater({ w, head, current, school, tell, print: setPaper }),
    tell,
    print: () => print(false),
    printed: () => setPaper(null),
    otherLight,
    toSheet: (next: DeskSheet) => setSheet(next),
    closeSheet: () => setSheet(null),
    onSingle: (on: boolean) => setSingle(on ? 'on' : 'off'),
    share: async (id: string) => {
      if (id === 'print' || id === 'printBlank') return print(id === 'printBlank');
      const way = id as Exclude<Id, 'print' | 'printBlank'>;
      tell(sayShared(w, await share(way), names[way]));
    },
  });
  useKeys(
    {
      k: actions.keep,
      l: () => setSheet('shelf'),
      x: () => setSheet('share'),
      p: actions.print,
      'mod+p': actions.print,
      n: otherLight,
      'mod+z': actions.undo,
      '?': () => setSheet('keys'),
      ...keys,
    },
    single === 'on',
  );
  return { sheet, said, paper, light, single: single === 'on', actions };
}

export type ShellHandle = ReturnType<typeof useRoomShell>;
