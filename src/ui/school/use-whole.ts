import { useEffect, useState } from 'react';
import type { SchoolData } from '@/store/school-data';
import type { SchoolHandle } from './use-school';

/** Everything that is stored, papers of all sets too, read once and again when something was changed; null before. */
export function useWhole({ whole, state }: SchoolHandle): SchoolData | null {
  const [known, setKnown] = useState<SchoolData | null>(null);
  const { data } = state;
  // biome-ignore lint/correctness/useExhaustiveDependencies: read again whenever something was changed
  useEffect(() => {
    let gone = false;
    whole().then(
      (read) => !gone && setKnown(read),
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [whole, data]);
  return known;
}
