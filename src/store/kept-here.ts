import type * as z from 'zod/mini';

/** Something this browser keeps in local storage, of a shape that is checked when it is read. */
export type KeptHere<Value> = {
  readonly read: (name: string) => Value | null;
  readonly keep: (name: string, value: Value) => void;
  readonly forget: (name: string) => void;
  readonly names: () => readonly string[];
};

/** Keeps values under a prefix. Where site data is blocked, nothing is kept and nothing fails. */
export function keptHere<Value>(prefix: string, schema: z.ZodMiniType<Value>): KeptHere<Value> {
  const quietly = <Result>(work: () => Result): Result | null => {
    try {
      return work();
    } catch {
      return null;
    }
  };
  return {
    read: (name) =>
      quietly(() => {
        const text = window.localStorage.getItem(prefix + name);
        if (text === null) return null;
        const found = schema.safeParse(JSON.parse(text));
        return found.success ? found.data : null;
      }),
    keep: (name, value) => quietly(() => window.localStorage.setItem(prefix + name, JSON.stringify(value))),
    forget: (name) => quietly(() => window.localStorage.removeItem(prefix + name)),
    names: () =>
      quietly(() =>
        Object.keys(window.localStorage).flatMap((key) =>
          key.startsWith(prefix) ? [key.slice(prefix.length)] : [],
        ),
      ) ?? [],
  };
}
