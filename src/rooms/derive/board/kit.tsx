import { readQuestion } from '@/rooms/address/derive/read-question';
import type { BoardKit, BoardViewProps } from '@/rooms/shell/board-kit';
import { deriveSounds } from '../derive-sounds';
import { DerivationBoard, derivationShow } from './derivation-board';
import { QuestionBoard, questionShow } from './question-board';

function View(props: BoardViewProps) {
  const asked = readQuestion(props.search);
  return asked ? <QuestionBoard {...props} question={asked.question} /> : <DerivationBoard {...props} />;
}

/** Sentences of Derive on the board: scales to build and to compare, and the other questions. */
export const DERIVE_BOARD: BoardKit = {
  heard: (w, search) => deriveSounds(w, search)[0]?.sounds ?? [],
  show: (w, search) => {
    const asked = readQuestion(search);
    return asked ? questionShow(w, asked.question) : derivationShow(w, search);
  },
  View,
};
