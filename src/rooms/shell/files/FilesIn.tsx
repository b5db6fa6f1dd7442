import { type RefObject, useEffect } from 'react';
import { filesWords } from '@/core/words/screen/files';
import { FileDrop } from '@/ui/files/FileDrop';
import { useFileIn } from '@/ui/files/use-file-in';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import type { Shell } from '../use-shell';

const OfferSheet = part('files', () => import('./OfferSheet').then((module) => module.OfferSheet));

type Props = {
  /** Opens the browser's own way to choose a file. */
  readonly input: RefObject<HTMLInputElement | null>;
  /** A file was asked for before this was loaded. */
  readonly wanted: boolean;
  readonly onOpened: () => void;
  readonly shell: Shell;
};

/** Takes files in: dropped anywhere or chosen, read in a worker, and offered. */
export function FilesIn({ input, wanted, onOpened, shell }: Props) {
  const w = useWords();
  const file = useFileIn(w.settings);
  useEffect(() => {
    if (!wanted) return;
    input.current?.click();
    onOpened();
  }, [wanted, input, onOpened]);
  return (
    <>
      <FileDrop onFile={file.take} input={input} label={filesWords(w).open} />
      {file.file.stage !== 'none' && <OfferSheet handle={file} shell={shell} />}
    </>
  );
}
