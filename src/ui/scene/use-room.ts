import { type RefObject, useEffect, useRef, useState } from 'react';
import { useDrawnAt } from './drawn-at';

export type Room = { readonly width: number; readonly height: number };

/**
 * The room in pixels a surface has been given, so that it is drawn at its real size and not shrunk with its type.
 * The first guess serves the served page; the real room follows at once and on every change. Where all is drawn larger,
 * it is the room that the same would have at a desk.
 */
export function useRoom<E extends HTMLElement>(guess: Room): { ref: RefObject<E | null>; room: Room } {
  const ref = useRef<E>(null);
  const scale = useDrawnAt();
  const [room, setRoom] = useState(guess);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      setRoom({ width: Math.max(240, Math.round(width / scale)), height: Math.round(height / scale) });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [scale]);
  return { ref, room };
}
