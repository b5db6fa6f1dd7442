import type { ClassWords } from '@/core/words/class-words';
import { readAddress } from '../derive/sentence/address';
import { questionKind } from '../derive/sentence/question';
import { readQuestion } from '../derive/sentence/read-question';
import { sentenceText } from '../derive/sentence/sentence-words';
import { MARK_PATH, readMark } from '../mark/mark-address';
import type { MarkSentence } from '../mark/mark-sentence';
import { markText } from '../mark/mark-words';
import { ORBIT_PATH, readOrbit } from '../orbit/orbit-address';
import type { OrbitSentence } from '../orbit/orbit-sentence';
import { orbitText } from '../orbit/orbit-words';
import { questionText } from '../questions/question-words';

/** The sentence of the Orbit room at an address, or null where it lies elsewhere. */
export function orbitAt(address: string): OrbitSentence | null {
  return address.startsWith(`${ORBIT_PATH}?`) ? readOrbit(searchOf(address)).sentence : null;
}

/** The sentence of the Mark room at an address, or null where it lies elsewhere. */
export function markAt(address: string): MarkSentence | null {
  return address.startsWith(`${MARK_PATH}?`) ? readMark(searchOf(address)).sentence : null;
}

/** The query of a kept address. */
export function searchOf(address: string): string {
  return address.slice(address.indexOf('?'));
}

/** What is kept at an address, as its sentence in the words of the class. */
export function keptText(w: ClassWords, address: string): string {
  const orbit = orbitAt(address);
  if (orbit) return orbitText(w, orbit);
  const mark = markAt(address);
  if (mark) return markText(w, mark);
  const search = searchOf(address);
  const asked = questionKind(search) && readQuestion(search);
  return asked ? questionText(w, asked.question) : sentenceText(w, readAddress(search).sentence);
}
