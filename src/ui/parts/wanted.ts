import type { MissingPart, PartName } from '@/core/words/screen/parts';

/** Milliseconds after which something that was asked for is said to be late, and those between two tries. */
const LATE = 4000;
const AGAIN = 3000;

let missing: readonly MissingPart[] = [];
const listeners = new Set<() => void>();

function tell(name: PartName, why: MissingPart['why'] | null): void {
  const others = missing.filter((each) => each.name !== name);
  missing = why === null ? others : [...others, { name, why }];
  for (const listen of listeners) listen();
}

/** What was asked for and is not there. */
export const missingParts = (): readonly MissingPart[] => missing;

/** Hears what is missing, and what has come. */
export function onMissing(listen: () => void): () => void {
  listeners.add(listen);
  return () => listeners.delete(listen);
}

/** What browsers say when a script cannot be fetched; anything else is a fault of ours and is not tried again. */
const NOT_FETCHED = /dynamically imported module|importing a module script|preload css/iu;

function isNotFetched(error: unknown): boolean {
  return error instanceof Error && NOT_FETCHED.test(error.message);
}

/** Waits a while, or until the network is back. */
function pause(): Promise<void> {
  return new Promise((resolve) => {
    const go = () => {
      clearTimeout(timer);
      window.removeEventListener('online', go);
      resolve();
    };
    const timer = setTimeout(go, AGAIN);
    window.addEventListener('online', go);
  });
}

/**
 * Fetches what somebody asked for, again and again until it is there; while it is late or cannot be fetched, that is said
 * in the room. What is done with it waits so long and is not lost.
 */
export async function wanted<T>(name: PartName, load: () => Promise<T>): Promise<T> {
  const late = setTimeout(() => tell(name, 'late'), LATE);
  try {
    for (;;) {
      try {
        return await load();
      } catch (error) {
        if (!isNotFetched(error)) throw error;
        tell(name, 'failed');
        await pause();
      }
    }
  } finally {
    clearTimeout(late);
    tell(name, null);
  }
}
