import { type RefObject, useEffect, useRef, useState } from 'react';

/**
 * The width in pixels a surface has been given, so that it is drawn at its real size and not shrunk with its type.
 * The first guess serves the served page; the real width follows at once and on every change.
 */
export function useWidth<E extends HTMLElement>(guess: number): { ref: RefObject<E | null>; width: number } {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(guess);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.max(240, Math.round(entry.contentRect.width)));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, width };
}
