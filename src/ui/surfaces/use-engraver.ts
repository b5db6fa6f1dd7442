import { useEffect, useMemo, useState } from 'react';
import type { WrittenScale } from '@/core/scale/written';
import type { Scene } from '@/engrave/scene';
import { wanted } from '../parts/wanted';
import { whenIdle } from '../when-idle';

type Engraver = (written: WrittenScale, width: number) => Scene;

/**
 * The engraved staff of a scale. The engraver is loaded after the page stands, so the served page brings its own
 * first staff, which is used as long as it is the one that is asked for.
 */
export function useEngraver(written: WrittenScale, width: number, served: Scene | null): Scene | null {
  const isServed = served !== null;
  const [engrave, setEngrave] = useState<{ readonly staff: Engraver } | null>(null);
  useEffect(() => {
    let stands = true;
    const load = () =>
      void wanted('surface', () => import('@/engrave/staff')).then(({ engraveStaff }) => {
        if (stands) setEngrave({ staff: engraveStaff });
      });
    // The served staff can wait for a quiet moment; another one cannot.
    const cancel = isServed ? whenIdle(load) : load();
    return () => {
      stands = false;
      cancel?.();
    };
  }, [isServed]);
  return useMemo(() => {
    if (engrave) return engrave.staff(written, width);
    return served;
  }, [engrave, written, width, served]);
}
