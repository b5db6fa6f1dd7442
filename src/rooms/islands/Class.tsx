import { ClassRoom } from '../class/ClassRoom';
import { InHouse } from './InHouse';

/** The island of the Class room. */
export function Class() {
  return (
    <InHouse>
      <ClassRoom />
    </InHouse>
  );
}
