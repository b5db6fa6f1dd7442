import type { ClassWords } from '@/core/words/class-words';
import { plainName } from '@/ui/files/download';
import { givenHref } from '../address/drill/drill-address';
import type { DrillSentence } from '../address/drill/drill-sentence';
import { type Shared, shareText } from '../shell/share-as';
import type { ShareList } from '../shell/shares';
import { drillName, drillText } from './drill-words';

export type DrillWay = 'text' | 'link';

/** What can be copied and printed of a level. */
export const DRILL_SHARES: ShareList<DrillWay | 'print'> = {
  copies: ['link', 'text'],
  prints: ['print'],
  files: [],
};

/** The link by which a level is given: whole, with how the class speaks. */
export function linkOf(w: ClassWords, sentence: DrillSentence): string {
  return new URL(givenHref(sentence, w.settings), window.location.origin).href;
}

/** Copies what stands. */
export function shareDrill(w: ClassWords, id: DrillWay, sentence: DrillSentence): Promise<Shared> {
  const file = plainName(drillName(w, sentence), 'drill');
  const link = linkOf(w, sentence);
  return shareText(id === 'link' ? link : `${drillText(w, sentence)}\n${link}`, file);
}
