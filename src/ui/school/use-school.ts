import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Change, ChangeWord } from '@/store/change';
import type { SchoolStore } from '@/store/school';
import type { SchoolData } from '@/store/school-data';
import { type SchoolState, UNKNOWN_SCHOOL } from '@/store/school-state';
import { whenIdle } from '../when-idle';
import { schoolOfPage } from './school-of-page';

const nothing = () => () => undefined;

/** A change is made from the records as they are when it is written, with the time of writing. */
export type MakeChange = (data: SchoolData, now: string) => Change;

export type SchoolHandle = {
  readonly state: SchoolState;
  readonly change: (make: MakeChange) => Promise<boolean>;
  readonly undo: () => Promise<ChangeWord | 'changed-since' | null>;
  readonly erase: (person: string) => Promise<boolean>;
  readonly backedUp: () => Promise<void>;
};

/** The school's records, opened after the page stands; what is changed before that waits for it. */
export function useSchool(): SchoolHandle {
  const [store, setStore] = useState<SchoolStore | null>(null);
  const opening = useMemo(() => {
    let open: (store: SchoolStore) => void = () => undefined;
    const promise = new Promise<SchoolStore>((resolve) => {
      open = resolve;
    });
    return { promise, open };
  }, []);
  useEffect(() => {
    let wanted = true;
    const cancel = whenIdle(() => {
      void import('@/store/open').then(({ openSchoolStore }) => {
        if (!wanted) return;
        const opened = openSchoolStore(schoolOfPage(), new Date().toISOString());
        setStore(opened);
        // Nothing is changed before it is known what there is.
        const known = () => {
          if (opened.state().status === 'opening') return;
          opening.open(opened);
          forget();
        };
        const forget = opened.subscribe(known);
        known();
      });
    });
    return () => {
      wanted = false;
      cancel();
    };
  }, [opening]);
  const state = useSyncExternalStore(
    store?.subscribe ?? nothing,
    () => store?.state() ?? UNKNOWN_SCHOOL,
    () => UNKNOWN_SCHOOL,
  );
  const hands = useMemo(
    () => ({
      change: async (make: MakeChange) => {
        const open = await opening.promise;
        const now = new Date().toISOString();
        return open.change(make(open.state().data, now), now);
      },
      undo: async () => (await opening.promise).undo(),
      erase: async (person: string) => (await opening.promise).erase(person),
      backedUp: async () => (await opening.promise).backedUp(new Date().toISOString()),
    }),
    [opening],
  );
  return useMemo(() => ({ state, ...hands }), [state, hands]);
}
