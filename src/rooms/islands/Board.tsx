import { BoardRoom } from '../board/BoardRoom';
import { InHouse } from './InHouse';

/** The island of the board. */
export function Board() {
  return (
    <InHouse>
      <BoardRoom />
    </InHouse>
  );
}
