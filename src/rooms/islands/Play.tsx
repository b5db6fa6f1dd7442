import { PlayRoom } from '../play/PlayRoom';
import { InHouse } from './InHouse';

/** The island of the Play room. */
export function Play() {
  return (
    <InHouse>
      <PlayRoom />
    </InHouse>
  );
}
