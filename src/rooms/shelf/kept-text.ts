import type { ClassWords } from '@/core/words/class-words';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import type { Desks } from '../shell/house';
import { pathOf, searchOf } from '../shell/room';

/**
 * What is kept at an address, as its sentence in the words of the class; nothing while its room is on its way. A room that
 * this version does not have is said to be one.
 */
export function keptText(w: ClassWords, desks: Desks | null, address: string): string {
  if (!desks) return '';
  const sentences = desks.get(pathOf(address))?.kept;
  return sentences ? sentences.text(w, searchOf(address)) : SHELF_WORDS.elsewhere;
}
