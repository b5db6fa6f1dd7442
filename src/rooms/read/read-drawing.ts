import { pieceFrom } from '@/core/piece/code';
import type { Piece } from '@/core/piece/piece';
import type { ClassWords } from '@/core/words/class-words';
import type { Scene } from '@/engrave/scene';
import type { ReadSentence } from '../address/read/read-address';
import { readText } from './read-words';

/** The piece of a code; null for none. */
export function readPieceOf(code: string | null): Piece | null {
  return code ? pieceFrom(code) : null;
}

/** Most bars of a picture or a sheet: what goes on a page. */
const BARS_SHOWN = 48;
const WIDTH = 760;

/** A piece as far as a page holds it, or the signature of one whose ends alone are known. */
export async function sceneOf(piece: Piece | null, { fifths, part }: ReadSentence): Promise<Scene> {
  if (!piece || piece.parts.length === 0) {
    const { engraveSignature } = await import('@/engrave/staff');
    return engraveSignature('treble', fifths, 260);
  }
  const [{ engraveScorePage }, { scoreView, stavesOf }] = await Promise.all([
    import('@/engrave/score/score-page'),
    import('@/engrave/score/score-view'),
  ]);
  const bars = Math.min(BARS_SHOWN, piece.parts[0]?.bars.length ?? 0);
  const shown = part !== null && part <= piece.parts.length ? part - 1 : null;
  return engraveScorePage(scoreView(piece), stavesOf(piece, shown), 0, bars, WIDTH).scene;
}

/** The same as a document of its own. */
export async function writeSvgOf(
  w: ClassWords,
  sentence: ReadSentence,
  piece: Piece | null,
): Promise<string> {
  const [{ writeSvg }, scene] = await Promise.all([import('@/formats/svg/write'), sceneOf(piece, sentence)]);
  return writeSvg(scene, sentence.title, readText(w, sentence));
}
