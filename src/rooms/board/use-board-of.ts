import { useEffect, useMemo, useState } from 'react';
import { type BoardAddress, boardHref } from '../address/board/board-address';
import { useHere } from '../shell/use-shell';
import { nameOf } from './name-of';
import { type BoardCommand, isThinking, opened, thinkingSeconds } from './state';
import { useBoard } from './use-board';
import { useLesson } from './use-lesson';
import { useOnBoard } from './use-on-board';
import { useNow } from './use-window';

/** A board is dark at first. */
const LIGHT = 'night';

/** The board of an address: what it walks through, how it stands, what is on it, and how it is told to go on. */
export function useBoardOf(address: BoardAddress, onAddress: (address: BoardAddress) => void) {
  const here = useHere();
  const { w, school } = here;
  const { part, pair, show, lesson, item } = address;
  // A window that follows learns from the board what is walked through.
  const [followed, setFollowed] = useState<string | null>(null);
  const asked = useMemo(
    () => (part === 'class' ? { show, lesson: followed } : { show, lesson }),
    [part, show, lesson, followed],
  );
  const { kept, list } = useLesson(asked, school.state);
  const thinking = thinkingSeconds(w.settings);
  const begin = useMemo(() => {
    const first = list?.find(({ id }) => id === item) ?? list?.[0];
    return first ? opened(first, { lesson, light: LIGHT }, { thinking, now: Date.now() }) : null;
  }, [list, item, lesson, thinking]);
  const { state, send, together, alone } = useBoard({
    name: nameOf(address),
    pair: part === 'alone' ? null : pair,
    follows: part === 'class',
    begin,
  });
  const on = useOnBoard(w, state?.address ?? null);
  const now = useNow(part === 'desk' || (state !== null && isThinking(state, Date.now())));
  const told = state?.lesson ?? null;
  useEffect(() => setFollowed(told), [told]);
  useInAddress(address, state?.item ?? '', list, onAddress);
  const order = (command: BoardCommand) =>
    send(command, {
      lines: on?.show.lines.length ?? null,
      places: on?.show.places ?? 0,
      views: on?.show.views.length ?? 0,
      list: list ?? [],
      thinking,
      now: Date.now(),
    });
  return { ...here, kept, list, state, on, now, together, alone, order };
}

/** Keeps the address to what stands, so that it opens there again, and to what a class may see. */
function useInAddress(
  address: BoardAddress,
  item: string,
  list: ReturnType<typeof useLesson>['list'],
  onAddress: (address: BoardAddress) => void,
): void {
  useEffect(() => {
    if (address.part === 'class' || item === '' || address.lesson === null) return;
    window.history.replaceState(null, '', boardHref({ ...address, item }));
  }, [item, address]);
  const only = list?.[0]?.address ?? null;
  useEffect(() => {
    if (address.show !== null && only !== null && only !== address.show)
      onAddress({ ...address, show: only });
  }, [address, only, onAddress]);
}
