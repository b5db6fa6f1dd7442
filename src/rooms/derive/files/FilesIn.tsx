import { lazy, type RefObject, Suspense, useEffect } from 'react';
import type { Backup } from '@/store/backup';
import type { BringWay } from '@/store/bringing-in';
import type { SchoolData } from '@/store/school-data';
import { FileDrop } from '@/ui/files/FileDrop';
import { useFileIn } from '@/ui/files/use-file-in';
import { useWords } from '@/ui/school/use-class';
import type { OfferedScale } from '@/workers/read-file';
import type { DeriveSentence } from '../sentence/sentence';

const OfferSheet = lazy(() => import('./OfferSheet').then((module) => ({ default: module.OfferSheet })));

type Props = {
  /** Opens the browser's own way to choose a file. */
  readonly input: RefObject<HTMLInputElement | null>;
  /** A file was asked for before this was loaded. */
  readonly wanted: boolean;
  readonly data: SchoolData;
  readonly now: DeriveSentence;
  readonly onSay: (sentence: DeriveSentence) => void;
  readonly onKeep: (offers: readonly OfferedScale[], title: string | null) => void;
  readonly onBringIn: (backup: Backup, way: BringWay) => Promise<void>;
};

/** Takes files in: dropped anywhere or chosen, read in a worker, and offered. */
export function FilesIn({ input, wanted, data, now, onSay, onKeep, onBringIn }: Props) {
  const file = useFileIn(useWords().settings);
  useEffect(() => {
    if (wanted) input.current?.click();
  }, [wanted, input]);
  return (
    <>
      <FileDrop onFile={file.take} input={input} />
      <Suspense>
        {file.file.stage !== 'none' && (
          <OfferSheet
            handle={file}
            data={data}
            now={now}
            onSay={(sentence) => {
              file.close();
              onSay(sentence);
            }}
            onKeep={onKeep}
            onBringIn={async (backup, way) => {
              await onBringIn(backup, way);
              file.close();
            }}
          />
        )}
      </Suspense>
    </>
  );
}
