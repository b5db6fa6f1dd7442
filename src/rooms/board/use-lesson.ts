import { useMemo } from 'react';
import type { Kept } from '@/store/kept';
import type { SchoolState } from '@/store/school-state';
import { keptIn } from '@/store/shelf';
import { type BoardAddress, NO_LESSON } from '../address/board/board-address';
import { type Desks, useDesks } from '../shell/house';
import { pathOf, searchOf } from '../shell/room';
import type { BoardItem } from './state';

/** What is walked through on a board. */
export type BoardLesson = {
  /** As it lies on the shelf, with the teacher's notes; nothing where one sentence is shown. */
  readonly kept: readonly Kept[];
  /** The same as a class may see it; null while it is on its way. */
  readonly list: readonly BoardItem[] | null;
};

/** An address as a class may see it; null where its room has nothing for the board. */
export function forClass(desks: Desks, address: string): string | null {
  const board = desks.get(pathOf(address))?.board;
  return board ? pathOf(address) + board.forClass(searchOf(address)) : null;
}

const NOTHING: readonly Kept[] = [];

/** The lesson of a board, or the one sentence that it was opened for. */
export function useLesson(
  { show, lesson }: Pick<BoardAddress, 'show' | 'lesson'>,
  { status, data }: SchoolState,
): BoardLesson {
  const kept = useMemo(
    () => (lesson === null ? NOTHING : keptIn(data, lesson === NO_LESSON ? null : lesson)),
    [lesson, data],
  );
  const addresses = useMemo(
    () => (lesson !== null ? kept.map(({ address }) => address) : show === null ? [] : [show]),
    [lesson, kept, show],
  );
  const desks = useDesks(addresses);
  const list = useMemo(() => {
    if (!desks || (lesson !== null && status === 'opening')) return null;
    if (lesson === null) {
      const address = show === null ? null : forClass(desks, show);
      return address === null ? [] : [{ id: '', address }];
    }
    return kept.flatMap(({ id, address: kept }) => {
      const address = forClass(desks, kept);
      return address === null ? [] : [{ id, address }];
    });
  }, [desks, lesson, status, show, kept]);
  // What this version has no board for is passed over.
  const shown = useMemo(() => kept.filter((item) => list?.some(({ id }) => id === item.id)), [kept, list]);
  return { kept: shown, list };
}
