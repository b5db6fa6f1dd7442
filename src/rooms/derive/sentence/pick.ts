import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import type { Change } from '@/rooms/shell/address-store';
import { wanted } from '@/ui/parts/wanted';
import { withWord } from './sentence-words';
import { goToSearch } from './use-sentence';

/** Another kind of question about the same scale. */
async function askOther(kind: string, about: DeriveSentence): Promise<void> {
  const { searchOfKind } = await wanted('question', () => import('@/rooms/address/derive/write-question'));
  const search = kind === 'build' ? null : searchOfKind(kind, about);
  if (search) goToSearch(search, 'finished');
}

/** Another scale is mended by hand from its plain letters. */
export function fromPlainLetters(before: DeriveSentence, next: DeriveSentence): DeriveSentence {
  const { tonic, scale, direction } = before;
  const same = next.tonic === tonic && next.scale === scale && next.direction === direction;
  return same || next.hand === null ? next : { ...next, hand: '0' };
}

/** Says the sentence with another value of one of its words; another kind of sentence is another question. */
export function pickWord(
  sentence: DeriveSentence,
  id: string,
  value: string,
  say: (next: DeriveSentence, change: Change) => void,
  usual: readonly string[],
): void {
  if (id === 'kind') {
    void askOther(value, sentence);
    return;
  }
  const next = withWord(sentence, id, value, usual);
  if (next !== sentence) say(fromPlainLetters(sentence, next), 'finished');
}
