import { type RefObject, useEffect, useRef, useState } from 'react';

export type Room = { readonly width: number; readonly height: number };

/**
 * The room in pixels a surface has been given, so that it is drawn at its real size and not shrunk with its type.
 * The first guess serves the served page; the real room follows at once and on every change.
 */
export function useRoom<E extends HTMLElement>(guess: Room): { ref: RefObject<E | null>; room: Room } {
  const ref = useRef<E>(null);
  const [room, setRoom] = useState(guess);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      setRoom({ width: Math.max(240, Math.round(width)), height: Math.round(height) });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, room };
}
