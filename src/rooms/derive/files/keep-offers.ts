import type { ClassWords } from '@/core/words/class-words';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { OfferedScale } from '@/workers/read-file';
import { keepAll } from '../../shelf/shelf-actions';
import { sentenceOfOffer } from '../sentence/offered';
import type { DeriveSentence } from '../sentence/sentence';
import { sentenceName } from '../sentence/sentence-words';
import { hrefOf } from '../sentence/use-sentence';

type Given = {
  readonly w: ClassWords;
  readonly school: SchoolHandle;
  readonly tell: (text: string) => void;
};

/**
 * Keeps scales found in a file, in a lesson of their own where a title is given. What a file leaves open is as in the
 * sentence `now`, else as in the first one.
 */
export function keepOffers(
  given: Given,
  offers: readonly OfferedScale[],
  title: string | null,
  now?: DeriveSentence,
): Promise<void> {
  const sentences = offers.map((offer) => sentenceOfOffer(offer, now));
  const all = sentences.map((each) => ({ name: sentenceName(given.w, each), address: hrefOf(each) }));
  return keepAll(given, all, title);
}
