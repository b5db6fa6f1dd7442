import type { ClassWords } from '@/core/words/class-words';
import { readAddress } from '../derive/address';
import { questionKind } from '../derive/question';
import { readQuestion } from '../derive/read-question';
import { sentenceText } from '../derive/sentence-words';
import { questionText } from './question-words';

/** What is kept at an address, as its sentence in the words of the class. */
export function keptText(w: ClassWords, address: string): string {
  const asked = questionKind(address) && readQuestion(address);
  return asked ? questionText(w, asked.question) : sentenceText(w, readAddress(address).sentence);
}
