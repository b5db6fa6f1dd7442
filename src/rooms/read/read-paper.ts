import { isShippedPiece, shippedPiece } from '@/core/piece/shipped';
import type { ClassWords } from '@/core/words/class-words';
import type { PaperItem } from '@/ui/paper/Paper';
import type { ReadSentence } from '../address/read/read-address';
import { readPieceOf, sceneOf } from './read-drawing';
import { readLines } from './read-lines';
import { readText } from './read-words';

/**
 * A piece as a sheet or a part of a handout.
 *
 * @param code the piece as it is shown; null for one that ships, or of which only the ends are known
 */
export async function readItem(
  w: ClassWords,
  sentence: ReadSentence,
  title: string,
  code: string | null = null,
): Promise<PaperItem> {
  const piece = readPieceOf(code) ?? (isShippedPiece(sentence.piece) ? shippedPiece(sentence.piece) : null);
  return {
    ...{ title, task: readText(w, sentence), closing: null, method: null },
    scenes: [await sceneOf(piece, sentence)],
    lines: readLines(w, sentence, piece),
  };
}
