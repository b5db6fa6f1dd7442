import { useCallback, useEffect, useSyncExternalStore } from 'react';

const CHANGED = 'moon-step:setting';

function stored(key: string): string | null {
  try {
    return window.localStorage.getItem(key);
  } catch {
    // Blocked site data: the setting then lasts as long as the page.
    return null;
  }
}

function subscribe(listen: () => void): () => void {
  window.addEventListener('storage', listen);
  window.addEventListener(CHANGED, listen);
  return () => {
    window.removeEventListener('storage', listen);
    window.removeEventListener(CHANGED, listen);
  };
}

/** A text that this browser keeps in local storage where that is allowed; null for none. */
export function useStored(key: string): readonly [string | null, (value: string) => void] {
  const read = useSyncExternalStore(
    subscribe,
    () => stored(key),
    () => null,
  );
  const write = useCallback(
    (value: string) => {
      try {
        window.localStorage.setItem(key, value);
      } catch {
        // Said above: it lasts as long as the page.
      }
      window.dispatchEvent(new Event(CHANGED));
    },
    [key],
  );
  return [read, write];
}

/** A small setting of this browser, such as day or night. */
export function useSetting<Value extends string>(
  key: string,
  values: readonly [Value, ...Value[]],
): readonly [Value, (value: Value) => void] {
  const [usual] = values;
  const [read, write] = useStored(key);
  return [values.find((value) => value === read) ?? usual, write];
}

const LIGHTS = ['day', 'night'] as const;

/** Whether single letters and signs work as keys. */
export const SINGLE_KEYS = ['on', 'off'] as const;

/** Day or night, shown on the whole page, and how to go to the other. */
export function useLight(): readonly [(typeof LIGHTS)[number], () => void] {
  const [light, setLight] = useSetting('moon-step:light', LIGHTS);
  useEffect(() => {
    document.documentElement.dataset['light'] = light;
  }, [light]);
  const other = useCallback(() => setLight(light === 'day' ? 'night' : 'day'), [light, setLight]);
  return [light, other];
}
