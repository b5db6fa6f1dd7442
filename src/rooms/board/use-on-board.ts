import { useEffect, useMemo, useState } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import { wanted } from '@/ui/parts/wanted';
import type { BoardKit } from '../shell/board-kit';
import { useDesks } from '../shell/house';
import { pathOf, searchOf } from '../shell/room';
import type { OnBoard } from './Stage';

/** What stands on the board at an address; null while it is on its way. */
export function useOnBoard(w: ClassWords, address: string | null): OnBoard | null {
  const desks = useDesks(address === null ? [] : [address]);
  const path = address === null ? null : pathOf(address);
  const desk = path === null ? undefined : desks?.get(path);
  const [loaded, setLoaded] = useState<{ readonly path: string; readonly kit: BoardKit } | null>(null);
  useEffect(() => {
    const board = desk?.board;
    if (!board || path === null) return;
    let stands = true;
    void wanted('board', board.kit).then((kit) => stands && setLoaded({ path, kit }));
    return () => {
      stands = false;
    };
  }, [desk, path]);
  return useMemo(() => {
    if (address === null || loaded?.path !== path) return null;
    return { kit: loaded.kit, show: loaded.kit.show(w, searchOf(address)) };
  }, [w, address, path, loaded]);
}
