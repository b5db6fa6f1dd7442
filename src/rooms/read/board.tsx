import { useMemo } from 'react';
import { isShippedPiece, shippedPiece } from '@/core/piece/shipped';
import { readWords } from '@/core/words/screen/read';
import { engraveScorePage } from '@/engrave/score/score-page';
import { scoreView, stavesOf } from '@/engrave/score/score-view';
import { engraveSignature } from '@/engrave/staff';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { readRead } from '../address/read/read-address';
import type { BoardKit, BoardViewProps } from '../shell/board-kit';
import { readLines } from './read-lines';
import { readText, titleOf } from './read-words';

/** How wide a piece is drawn before it fills the board, and how many bars of it are seen from the back row. */
const WIDTH = 620;
const BARS_SEEN = 12;

const pieceOf = (search: string) => {
  const { piece } = readRead(search).sentence;
  return isShippedPiece(piece) ? shippedPiece(piece) : null;
};

function View({ search, given }: BoardViewProps) {
  const w = useWords();
  const { sentence } = readRead(search);
  const { fifths, marks } = sentence;
  const scene = useMemo(() => {
    const piece = pieceOf(search);
    if (!piece) return engraveSignature('treble', fifths, 200);
    const bars = Math.min(BARS_SEEN, piece.parts[0]?.bars.length ?? 0);
    const page = engraveScorePage(scoreView(piece), stavesOf(piece, null), 0, bars, WIDTH).scene;
    // The class looks for the altered notes before they are marked.
    const hidden = given < 1 || marks === 'none';
    return { ...page, groups: page.groups.filter(({ part }) => !hidden || !part.endsWith('-signature')) };
  }, [search, fifths, given, marks]);
  return (
    <SceneView
      id="board-piece"
      scene={scene}
      title={readText(w, sentence)}
      description={readText(w, sentence)}
      style={{ width: '100%', height: '100%' }}
    />
  );
}

/** A piece on the board: the question, then the signature, the keys, and the reasons one a press. */
export const READ_BOARD: BoardKit = {
  heard: null,
  show: (w, search) => {
    const { sentence } = readRead(search);
    return {
      ...{
        question: readWords(w).board.question(titleOf(w, sentence)),
        head: null,
        layout: 'below',
        places: 0,
        views: [],
      },
      lines: readLines(w, sentence, pieceOf(search)).map((text) => ({ text, reason: null })),
    };
  },
  View,
};
