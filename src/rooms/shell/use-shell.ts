import { useMemo, useRef, useState } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import { BAR_WORDS } from '@/core/words/screen/bar';
import { keeping, newKept } from '@/store/shelf';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useLight, useSetting } from '@/ui/keys/use-setting';
import { newId } from '@/ui/new-id';
import type { PaperSheet } from '@/ui/paper/Paper';
import { wanted } from '@/ui/parts/wanted';
import { type ClassHandle, useClass } from '@/ui/school/use-class';
import { type SchoolHandle, useSchool } from '@/ui/school/use-school';
import { useSound } from '@/ui/sound/use-sound';
import { useSteady } from '@/ui/use-steady';
import { boardHref, NO_BOARD } from '../address/board/board-address';
import { goTo } from '../ask/go-to';
import type { Listening } from './listen';
import type { Room } from './room';
import { sayShared } from './say-shared';
import type { Shared } from './share-as';
import { useHead } from './use-head';

/** A sentence that can be kept: its name on the shelf and its address with its room. */
export type Keepable = { readonly name: string; readonly address: string };

/** Whose school this is, which class is in hand, and how it speaks. */
export type Here = { readonly school: SchoolHandle; readonly speech: ClassHandle; readonly w: ClassWords };

export function useHere(): Here {
  const school = useSchool();
  const speech = useClass(school.state);
  return { school, speech, w: speech.words };
}

type Given<Way extends string> = {
  readonly room: Room;
  readonly here: Here;
  /** The query of what stands. */
  readonly search: string;
  /** What would be kept and shared; null where the room has nothing of the kind. */
  readonly work: {
    readonly current: () => Keepable;
    /** What stands on the board for it, where that is not what would be kept; null where nothing does. */
    readonly onBoard?: (() => string) | null;
    /** Keeps it in a way of the room's own, in place of a new thing on the shelf; null where it is kept as usual. */
    readonly keepOver?: (() => Promise<boolean>) | null;
    /** The sheet that stands for what is shown; `blank` for a class to fill in. `way` is the way it was asked for. */
    readonly paper: (head: string, blank: boolean, way: string) => Promise<PaperSheet>;
    /** Ways of sharing are those of the room's desk. */
    readonly share: (way: Way) => Promise<Shared>;
  } | null;
  /** Keys of the room beside those of every room. */
  readonly keys: KeyActions;
};

export type Sheet = 'shelf' | 'keys' | 'share' | 'listen' | 'more' | null;

type Small = {
  readonly head: string;
  readonly toSheet: (sheet: Sheet) => void;
  readonly tell: (text: string) => void;
  readonly setPaper: (paper: PaperSheet | null) => void;
};

/** What is done with the work that stands: kept, printed, shared, taken back. */
function useWork<Way extends string>(
  { room, here, search, work }: Given<Way>,
  { head, toSheet, tell, setPaper }: Small,
) {
  const { school, w } = here;
  const print = async (way: string) => {
    if (work) setPaper(await wanted('paper', () => work.paper(head, way === 'printBlank', way)));
  };
  return useSteady({
    tell,
    toSheet,
    print: () => print('print'),
    printBlank: () => print('printBlank'),
    printSheet: (sheet: PaperSheet) => setPaper(sheet),
    printed: () => setPaper(null),
    closeSheet: () => toSheet(null),
    keep: async () => {
      if (!work) return;
      if (work.keepOver) {
        tell((await work.keepOver()) ? BAR_WORDS.told.kept : BAR_WORDS.told.notKept);
        return;
      }
      const kept = newKept(newId(), work.current());
      const saved = await school.change((data, now) => keeping(data, [kept], now));
      tell(saved ? BAR_WORDS.told.kept : BAR_WORDS.told.notKept);
    },
    toBoard: () => {
      if (!work || work.onBoard === null) return;
      goTo(boardHref({ ...NO_BOARD, show: work.onBoard?.() ?? work.current().address }));
    },
    undo: async () => {
      const undone = await school.undo();
      const { SHELF_WORDS } = await wanted('shelf', () => import('@/core/words/screen/shelf'));
      tell(undone ? SHELF_WORDS.undone(undone) : BAR_WORDS.told.nothing);
    },
    share: async (id: string) => {
      if (!work) return;
      if (id.startsWith('print')) return print(id);
      const shared = await wanted('share', () => work.share(id as Way));
      const desk = await wanted('share', room.desk);
      tell(sayShared(shared, desk.shares?.(w, search).names[id] ?? ''));
    },
  });
}

/** What is heard of the room's work, from a press until its end, another sentence, Escape, or leaving. */
function useListen(search: string, tell: (text: string) => void, ask: (() => void) | null) {
  const { heard, play, stop } = useSound(search, false);
  const hands = useSteady({
    listen: ({ label, sounds }: Listening) => {
      tell(BAR_WORDS.sounding(label));
      void play(sounds, () => tell(''));
    },
    silence: () => {
      stop();
      tell('');
    },
  });
  const listens = heard.is !== 'silent';
  const keys: KeyActions = {
    ...(ask ? { '.': () => (listens ? hands.silence() : ask()) } : {}),
    ...(listens ? { Escape: hands.silence } : {}),
  };
  return { listens, keys, hands };
}

type ShellActions = Pick<ReturnType<typeof useWork>, 'keep' | 'toSheet' | 'print' | 'toBoard' | 'undo'> & {
  readonly chooseFile: () => void;
  readonly otherLight: () => void;
};

/** The keys of every room; those of its work where there is some. */
function shellKeys(work: { readonly onBoard?: unknown } | null, actions: ShellActions): KeyActions {
  const { keep, toSheet, print, toBoard, undo, chooseFile, otherLight } = actions;
  const withWork: KeyActions = {
    k: keep,
    x: () => toSheet('share'),
    p: print,
    ...(work?.onBoard === null ? {} : { z: toBoard }),
    'mod+p': print,
  };
  return {
    ...(work ? withWork : {}),
    l: () => toSheet('shelf'),
    o: chooseFile,
    n: otherLight,
    'mod+z': undo,
    '?': () => toSheet('keys'),
  };
}

/** What every room has about it: keeping, the shelf, sharing, printing, files, light, undo and keys. */
export function useShell<Way extends string>(given: Given<Way>) {
  const { room, here, search, work, keys } = given;
  const { speech, school } = here;
  const [sheet, toSheet] = useState<Sheet>(null);
  const [said, tell] = useState('');
  const [paper, setPaper] = useState<PaperSheet | null>(null);
  const [choosing, setChoosing] = useState(false);
  const [light, otherLight] = useLight();
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const head = useHead(speech.group?.name ?? null);
  const chooser = useRef<HTMLInputElement>(null);
  const listening = useListen(search, tell, work && room.sounds ? () => toSheet('listen') : null);
  const { listens } = listening;
  const done = useWork(given, { head, toSheet, tell, setPaper });
  const other = useSteady({
    otherLight,
    onSingle: (on: boolean) => setSingle(on ? 'on' : 'off'),
    chooseFile: () => (chooser.current ? chooser.current.click() : setChoosing(true)),
    chosen: () => setChoosing(false),
    ...listening.hands,
  });
  const actions = useMemo(() => ({ ...done, ...other }), [done, other]);
  useKeys({ ...shellKeys(work, actions), ...keys, ...listening.keys }, single === 'on');
  const hasWork = work !== null;
  const hasBoard = hasWork && work.onBoard !== null;
  const { searchNow } = useSteady({ searchNow: () => search });
  // The same object while nothing but the sentence changes, so that what stands about it can rest.
  return useMemo(
    () => ({
      ...{
        room,
        searchNow,
        speech,
        school,
        head,
        hasWork,
        hasBoard,
        sheet,
        said,
        paper,
        choosing,
        chooser,
        listens,
      },
      ...{ light, single: single === 'on', actions },
    }),
    [
      room,
      searchNow,
      speech,
      school,
      head,
      hasWork,
      hasBoard,
      sheet,
      said,
      paper,
      choosing,
      listens,
      light,
      single,
      actions,
    ],
  );
}

export type Shell = ReturnType<typeof useShell>;
