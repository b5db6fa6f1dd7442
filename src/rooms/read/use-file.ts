import { useState } from 'react';
import { sayFileProblem } from '@/core/words/say-file';
import { newId } from '@/ui/new-id';
import { useSteady } from '@/ui/use-steady';
import { NOTHING } from '../address/read/read-address';
import { sayRead } from './use-read';
import type { FileInHand } from './use-source';

/** Files that are larger are not even taken into memory; the reader has the same limit. */
const LARGEST = 16_000_000;

/** A file that is brought in: it is in hand until the page is left or the piece is kept. */
export function useFile() {
  const [file, setFile] = useState<FileInHand | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { take } = useSteady({
    take: async (taken: File) => {
      setProblem(null);
      if (taken.size > LARGEST)
        return setProblem(sayFileProblem({ code: 'file-too-large', bytes: taken.size, limit: LARGEST }));
      try {
        const bytes = new Uint8Array(await taken.arrayBuffer());
        const id = newId();
        setFile({ id, name: taken.name, bytes });
        sayRead({ ...NOTHING, piece: id }, 'finished');
      } catch {
        setProblem(sayFileProblem({ code: 'file-unreadable' }));
      }
    },
  });
  return { file, problem, take };
}
