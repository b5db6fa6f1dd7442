import { useMemo, useRef } from 'react';
import { type SetQuestion, type StoredQuestion, setQuestions } from '@/core/exercise/set/question';
import type { Settings } from '@/core/school/settings';

/**
 * The questions of a set, each the same object as long as it asks the same: what is worked out about one is kept by it, and a
 * record that is read again, or gets one more question, is no reason to work it out anew.
 */
export function useQuestions(
  stored: readonly StoredQuestion[],
  { melodicDown }: Pick<Settings, 'melodicDown'>,
): readonly SetQuestion[] {
  const known = useRef(new Map<string, readonly SetQuestion[]>());
  const last = useRef<readonly SetQuestion[]>([]);
  return useMemo(() => {
    const found = stored.flatMap((each) => {
      const name = JSON.stringify([each, melodicDown]);
      const own = known.current.get(name) ?? setQuestions([each], { melodicDown });
      known.current.set(name, own);
      return own;
    });
    const isSame =
      found.length === last.current.length && found.every((each, at) => each === last.current[at]);
    if (!isSame) last.current = found;
    return last.current;
  }, [stored, melodicDown]);
}
