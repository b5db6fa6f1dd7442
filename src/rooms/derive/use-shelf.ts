import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { ShelfChange } from '@/store/change';
import type { Shelf } from '@/store/shelf';
import { EMPTY_SHELF, type ShelfState } from '@/store/shelf-state';
import { whenIdle } from '@/ui/when-idle';

const nothing = () => () => undefined;

/** Which school's data this page is served for. */
function schoolOfPage(): 'own' | 'demo' {
  return document.documentElement.dataset['school'] === 'demo' ? 'demo' : 'own';
}

export type ShelfHandle = {
  readonly state: ShelfState;
  readonly change: (make: (items: ShelfState['items']) => ShelfChange) => Promise<void>;
  readonly undo: () => Promise<ShelfChange['says'] | null>;
};

/** The shelf, opened after the page stands; what is kept before that waits for it. */
export function useShelf(): ShelfHandle {
  const [shelf, setShelf] = useState<Shelf | null>(null);
  const opening = useMemo(() => {
    let open: (shelf: Shelf) => void = () => undefined;
    const promise = new Promise<Shelf>((resolve) => {
      open = resolve;
    });
    return { promise, open };
  }, []);
  useEffect(() => {
    let wanted = true;
    const cancel = whenIdle(() => {
      void import('@/store/open').then(({ openSchoolShelf }) => {
        if (!wanted) return;
        const opened = openSchoolShelf(schoolOfPage(), new Date().toISOString());
        setShelf(opened);
        opening.open(opened);
      });
    });
    return () => {
      wanted = false;
      cancel();
    };
  }, [opening]);
  const state = useSyncExternalStore(
    shelf?.subscribe ?? nothing,
    () => shelf?.state() ?? EMPTY_SHELF,
    () => EMPTY_SHELF,
  );
  return useMemo(
    () => ({
      state,
      change: async (make) => {
        const open = await opening.promise;
        await open.change(make(open.state().items));
      },
      undo: async () => (await opening.promise).undo(),
    }),
    [state, opening],
  );
}
