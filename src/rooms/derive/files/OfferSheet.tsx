import type { Backup } from '@/store/backup';
import type { BringWay } from '@/store/bringing-in';
import type { SchoolData } from '@/store/school-data';
import { FileSheet } from '@/ui/files/FileSheet';
import type { FileHandle } from '@/ui/files/use-file-in';
import { useWords } from '@/ui/school/use-class';
import type { OfferedScale } from '@/workers/read-file';
import { sentenceOfOffer } from '../sentence/offered';
import type { DeriveSentence } from '../sentence/sentence';
import { sentenceText } from '../sentence/sentence-words';

type Props = {
  readonly handle: FileHandle;
  readonly data: SchoolData;
  /** The sentence that stands, from which an offer takes what it leaves open. */
  readonly now: DeriveSentence;
  readonly onSay: (sentence: DeriveSentence) => void;
  readonly onKeep: (offers: readonly OfferedScale[], title: string | null) => void;
  readonly onBringIn: (backup: Backup, way: BringWay) => void;
};

/** What was found in a file, as sentences that can be shown or kept. */
export function OfferSheet({ handle, data, now, onSay, onKeep, onBringIn }: Props) {
  const w = useWords();
  return (
    <FileSheet
      handle={handle}
      data={data}
      sentence={(offer) => sentenceText(w, sentenceOfOffer(offer, now))}
      onShow={(offer) => onSay(sentenceOfOffer(offer, now))}
      onKeep={onKeep}
      onBringIn={onBringIn}
    />
  );
}
