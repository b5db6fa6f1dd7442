import { type Change, edit, editing } from './change';
import type { StoredPiece, StoredScore } from './piece';
import type { SchoolData } from './school-data';
import { orderAfter } from './shelf';

/** What is kept of a piece; the code of its notes besides, where it came as a file. */
export type PieceWords = Omit<StoredPiece, 'v' | 'id' | 'order' | 'changedAt'>;

/** A piece of which only the signature and the ends are known. */
export const NO_PIECE: PieceWords = {
  ...{ title: '', holds: 'ends', fifths: 0, first: '', last: '' },
  ...{ clef: 'treble', beats: 4, unit: 4, bars: '' },
};

/** The id of the score that belongs to a piece: there is one. */
const scoreId = (piece: string) => `score-${piece}`.slice(0, 60);

/** Keeps a piece, with the code of its notes where it has one. */
export function keepingPiece(
  data: SchoolData,
  id: string,
  words: PieceWords,
  code: string | null,
  now: string,
): Change {
  const after: StoredPiece = { v: 1, id, ...words, order: orderAfter(data.pieces), changedAt: now };
  const score: StoredScore = { v: 1, id: scoreId(id), piece: id, code: code ?? '', order: 0, changedAt: now };
  return {
    says: 'piece-kept',
    edits: [
      edit('pieces', id, null, after),
      ...(code === null ? [] : [edit('scores', score.id, null, score)]),
    ],
  };
}

/** Changes what is known of a piece; its bars as they are typed are taken back together. */
export function changingPiece(piece: StoredPiece, more: Partial<PieceWords>, now: string): Change {
  const typed = Object.keys(more).every((name) => name === 'bars' || name === 'title');
  return editing('pieces', piece, more, now, typed ? 'edited' : 'piece-kept');
}

/** Takes a piece away with its notes; what the log has of it stays. `scores` must hold the one of the piece. */
export function deletingPiece(piece: StoredPiece, scores: readonly StoredScore[]): Change {
  const own = scores.filter((each) => each.piece === piece.id);
  return {
    says: 'piece-deleted',
    edits: [edit('pieces', piece.id, piece, null), ...own.map((each) => edit('scores', each.id, each, null))],
  };
}

/** The code of the notes of a piece; null where it has none. */
export function scoreOf({ scores }: Pick<SchoolData, 'scores'>, piece: string): string | null {
  return scores.find((each) => each.piece === piece)?.code ?? null;
}
