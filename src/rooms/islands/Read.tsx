import { ReadRoom } from '../read/ReadRoom';
import { InHouse } from './InHouse';

/** The island of the Read room. */
export function Read() {
  return (
    <InHouse>
      <ReadRoom />
    </InHouse>
  );
}
