import { useEffect, useState } from 'react';
import type { Part } from '@/core/play/part';
import type { Scene } from '@/engrave/scene';
import { wanted } from '@/ui/parts/wanted';

type Lines = (part: Part, width: number, sung: readonly string[]) => Iterator<Scene>;

/** The engraver of bars, once it has been loaded; null until then. */
function useBars(): Lines | null {
  const [engraver, setEngraver] = useState<{ readonly lines: Lines } | null>(null);
  useEffect(() => {
    let stands = true;
    void wanted('surface', () => import('@/engrave/bars')).then(({ engravedLines }) => {
      if (stands) setEngraver({ lines: engravedLines });
    });
    return () => {
      stands = false;
    };
  }, []);
  return engraver?.lines ?? null;
}

/** A part as far as it is laid out. */
export type Engraved = { readonly scene: Scene; readonly whole: boolean };

/**
 * A part in its bars, line by line, each in a frame of its own, so that neither another key nor a long part holds
 * anything up; until the first line of a part has come, the one before it stands. Null while the engraver is on its way.
 */
export function useEngraved(part: Part, width: number, sung: readonly string[]): Engraved | null {
  const lines = useBars();
  const [engraved, setEngraved] = useState<Engraved | null>(null);
  useEffect(() => {
    if (!lines) return;
    const of = lines(part, width, sung);
    let frame = 0;
    const further = () => {
      const { value, done } = of.next();
      if (done) return setEngraved((before) => before && { ...before, whole: true });
      setEngraved({ scene: value, whole: false });
      frame = requestAnimationFrame(further);
    };
    frame = requestAnimationFrame(further);
    return () => cancelAnimationFrame(frame);
  }, [lines, part, width, sung]);
  return engraved;
}
