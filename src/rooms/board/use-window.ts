import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';

/** The time, in milliseconds since 1970, as long as somebody has to see it pass. */
export function useNow(passes: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!passes) return;
    setNow(Date.now());
    const clock = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(clock);
  }, [passes]);
  return now;
}

/** Keeps the screen awake while the page is seen; false where the browser cannot. */
export function useAwake(): boolean {
  const [awake, setAwake] = useState(true);
  useEffect(() => {
    let lock: { release: () => Promise<void> } | null = null;
    let stands = true;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        // Over plain HTTP there is nothing to ask.
        const held = await navigator.wakeLock.request('screen');
        if (stands) lock = held;
        else void held.release();
        setAwake(true);
      } catch {
        setAwake(false);
      }
    };
    const seen = () => void ask();
    void ask();
    document.addEventListener('visibilitychange', seen);
    return () => {
      stands = false;
      document.removeEventListener('visibilitychange', seen);
      void lock?.release();
    };
  }, []);
  return awake;
}

function subscribe(listen: () => void): () => void {
  document.addEventListener('fullscreenchange', listen);
  return () => document.removeEventListener('fullscreenchange', listen);
}

/** Whether the page fills the screen, and how it does so or no longer. Browsers allow it only when a hand asks. */
export function useFullScreen(): readonly [boolean, (on: boolean) => void] {
  const on = useSyncExternalStore(
    subscribe,
    () => document.fullscreenElement !== null,
    () => false,
  );
  const ask = useCallback((wanted: boolean) => {
    if (wanted === (document.fullscreenElement !== null) || !document.fullscreenEnabled) return;
    // Where the browser refuses, the board stays in its window.
    const done = wanted ? document.documentElement.requestFullscreen() : document.exitFullscreen();
    done.catch(() => undefined);
  }, []);
  return [on, ask];
}

/** Milliseconds after which what came with the pointer goes again. */
const RESTS = 3000;

/** Whether the pointer has moved a moment ago. */
export function usePointerMoves(): boolean {
  const [moves, setMoves] = useState(false);
  useEffect(() => {
    let rests: ReturnType<typeof setTimeout> | undefined;
    const moved = () => {
      setMoves(true);
      clearTimeout(rests);
      rests = setTimeout(() => setMoves(false), RESTS);
    };
    window.addEventListener('pointermove', moved);
    window.addEventListener('pointerdown', moved);
    return () => {
      clearTimeout(rests);
      window.removeEventListener('pointermove', moved);
      window.removeEventListener('pointerdown', moved);
    };
  }, []);
  return moves;
}
