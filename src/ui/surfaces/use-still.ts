import { useEffect, useRef } from 'react';
import { asciiName } from '@/core/note/spelled';
import type { Room } from '../scene/use-room';
import type { SurfaceView } from './surface';

/** What is asked, whatever step of its working is shown. */
function asked({ written: { scale, direction, octaves, clef }, derivation }: SurfaceView): string {
  return [
    ...[asciiName(scale.tonic), scale.id ?? scale.rising.join('-'), direction],
    ...[octaves, clef, derivation.method],
  ].join(' ');
}

/**
 * Whether a drawing is to stand at once: motion shows where a note goes while one question is worked out, and another
 * question stands without it, as does the same one in other room.
 */
export function useStill(view: SurfaceView, { width, height }: Room): '' | undefined {
  const now = `${asked(view)} ${width} ${height}`;
  const before = useRef('');
  const still = before.current !== now;
  useEffect(() => {
    // Not before it has been painted: drawn again in the same frame, it would move after all. What is asked for here runs
    // before the painting of the coming frame, so it is the frame after that one that is waited for.
    let frame = requestAnimationFrame(() => {
      frame = requestAnimationFrame(() => {
        before.current = now;
      });
    });
    return () => cancelAnimationFrame(frame);
  }, [now]);
  return still ? '' : undefined;
}
