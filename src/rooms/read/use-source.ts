import { useEffect, useMemo } from 'react';
import { fifths } from '@/core/note/spelled';
import { pieceCode } from '@/core/piece/code';
import { isShippedPiece, shippedPiece } from '@/core/piece/shipped';
import { readBarText } from '@/core/piece/write/bar-text';
import { pieceOfWords } from '@/core/piece/write/piece-of-words';
import type { StoredPiece } from '@/store/piece';
import { scoreOf } from '@/store/pieces';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { PieceSource } from '@/workers/piece';

/** A file that was chosen, under the id that its piece has in the address until it is kept. */
export type FileInHand = { readonly id: string; readonly name: string; readonly bytes: Uint8Array };

/** The piece of written bars as its code. */
function barsCode({ title, bars, fifths: count, beats, unit, clef }: StoredPiece): string {
  const { words } = readBarText('english', bars);
  const head = { title, fifths: fifths(count), meter: { beats, unit }, clef: { clef, octave: 0 as const } };
  return pieceCode(pieceOfWords(head, words).piece);
}

/** Where the notes of a piece come from; null where only its ends are known, or they are still on their way. */
export function useSource(
  school: SchoolHandle,
  id: string,
  kept: StoredPiece | null,
  file: FileInHand | null,
): PieceSource | null {
  const { data } = school.state;
  const holds = kept?.holds ?? null;
  const { watch } = school;
  useEffect(() => {
    watch('piece', holds === 'score' ? id : null);
  }, [watch, holds, id]);
  const score = holds === 'score' ? scoreOf(data, id) : null;
  const bars = useMemo(() => (kept?.holds === 'bars' ? barsCode(kept) : null), [kept]);
  const shipped = useMemo(() => (isShippedPiece(id) ? pieceCode(shippedPiece(id)) : null), [id]);
  return useMemo((): PieceSource | null => {
    if (file?.id === id) return { from: 'file', name: file.name, bytes: file.bytes };
    const code = shipped ?? bars ?? score;
    return code === null ? null : { from: 'code', code };
  }, [file, id, shipped, bars, score]);
}
