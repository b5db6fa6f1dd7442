import { useEffect } from 'react';
import { whenIdle } from '../when-idle';

/**
 * Fetches parts before they are asked for, once the page has come to rest.
 *
 * @param parts the same list at every call
 */
export function useAhead(parts: readonly { readonly ahead: () => void }[]): void {
  useEffect(
    () =>
      whenIdle(() => {
        for (const { ahead } of parts) ahead();
      }),
    [parts],
  );
}
