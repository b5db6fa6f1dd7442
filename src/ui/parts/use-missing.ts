import { useSyncExternalStore } from 'react';
import type { MissingPart } from '@/core/words/screen/parts';
import { missingParts, onMissing } from './wanted';

const NONE: readonly MissingPart[] = [];

/** What was asked for on this page and is not there. */
export function useMissing(): readonly MissingPart[] {
  return useSyncExternalStore(onMissing, missingParts, () => NONE);
}
