import type { MidiDevice } from './device';

/** A keyboard that nobody plugged in: it plays what it is given. */
export type PretendKeyboard = MidiDevice & {
  /**
   * Plays keys one after the other.
   *
   * @param every milliseconds from key to key
   * @returns stops it
   */
  readonly play: (keys: readonly number[], every: number) => () => void;
};

export const PRETEND = 'pretend';

export function pretendKeyboard(name: string): PretendKeyboard {
  const listeners = new Set<(midi: number) => void>();
  return {
    id: PRETEND,
    name,
    listen: (heard) => {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
    play: (keys, every) => {
      let at = 0;
      let timer: ReturnType<typeof setTimeout> | null = null;
      const next = () => {
        const key = keys[at];
        if (key === undefined) return;
        at += 1;
        for (const heard of listeners) heard(key);
        timer = setTimeout(next, every);
      };
      next();
      return () => {
        if (timer !== null) clearTimeout(timer);
      };
    },
  };
}
