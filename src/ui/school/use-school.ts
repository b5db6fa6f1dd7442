import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { type Keeper, openKeeper } from '@/store/keeper';
import { type SchoolState, UNKNOWN_SCHOOL } from '@/store/school-state';
import { whenIdle } from '../when-idle';
import { schoolOfPage } from './school-of-page';

export type SchoolHandle = Pick<
  Keeper,
  'change' | 'undo' | 'erase' | 'backedUp' | 'watch' | 'whole' | 'courseOf' | 'drillsOf'
> & {
  readonly state: SchoolState;
};

const nothing = () => () => undefined;

/** The records of the page's school; there is one keeper of them on a page. */
let keeper: Keeper | null = null;

function keeperOfPage(): Keeper {
  keeper ??= openKeeper({
    // The page comes first.
    open: async () => {
      await new Promise<void>((resolve) => {
        whenIdle(resolve);
      });
      const { openSchoolStore } = await import('@/store/open');
      return openSchoolStore(schoolOfPage(), new Date().toISOString());
    },
    clock: () => new Date().toISOString(),
  });
  return keeper;
}

/** Leaving the page is questioned while something is not written. */
function holdBack(event: BeforeUnloadEvent): void {
  if (keeper && keeper.state().waiting > 0) event.preventDefault();
}

/** The school's records, opened after the page stands; what is changed before that is shown and waits for it. */
export function useSchool(): SchoolHandle {
  const kept = typeof window === 'undefined' ? null : keeperOfPage();
  useEffect(() => {
    window.addEventListener('beforeunload', holdBack);
    return () => window.removeEventListener('beforeunload', holdBack);
  }, []);
  const state = useSyncExternalStore(
    kept?.subscribe ?? nothing,
    () => kept?.state() ?? UNKNOWN_SCHOOL,
    () => UNKNOWN_SCHOOL,
  );
  return useMemo(() => {
    const gone = () => Promise.reject(new Error('there are no records on the server'));
    const { change, undo, erase, backedUp, watch, whole, courseOf, drillsOf } = kept ?? {
      ...{
        change: gone,
        undo: gone,
        erase: gone,
        backedUp: gone,
        whole: gone,
        courseOf: gone,
        drillsOf: gone,
      },
      watch: () => undefined,
    };
    return { state, change, undo, erase, backedUp, watch, whole, courseOf, drillsOf };
  }, [kept, state]);
}
