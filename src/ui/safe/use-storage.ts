import { useCallback, useEffect, useState } from 'react';

export type Lasting = 'asking' | 'lasting' | 'passing' | 'insecure' | 'unknown';

export type StorageHandle = {
  readonly lasting: Lasting;
  /** Bytes used here, or null where the browser does not say. */
  readonly used: number | null;
  readonly ask: () => Promise<void>;
};

async function lastingNow(): Promise<Lasting> {
  if (!window.isSecureContext) return 'insecure';
  try {
    return (await navigator.storage.persisted()) ? 'lasting' : 'passing';
  } catch {
    return 'unknown';
  }
}

/** Asks the browser to keep what is here; it may say no without asking anybody. */
export async function askForLasting(): Promise<Lasting> {
  if (!window.isSecureContext) return 'insecure';
  try {
    return (await navigator.storage.persist()) ? 'lasting' : 'passing';
  } catch {
    return 'unknown';
  }
}

/** Whether the browser keeps what is stored, and how much that is. */
export function useStorage(): StorageHandle {
  const [lasting, setLasting] = useState<Lasting>('asking');
  const [used, setUsed] = useState<number | null>(null);
  useEffect(() => {
    void lastingNow().then(setLasting);
    void navigator.storage
      ?.estimate()
      .then(({ usage }) => setUsed(usage ?? null))
      .catch(() => undefined);
  }, []);
  const ask = useCallback(async () => setLasting(await askForLasting()), []);
  return { lasting, used, ask };
}
