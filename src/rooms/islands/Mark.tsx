import { MarkRoom } from '../mark/MarkRoom';
import { InHouse } from './InHouse';

/** The island of the Mark room. */
export function Mark() {
  return (
    <InHouse>
      <MarkRoom />
    </InHouse>
  );
}
