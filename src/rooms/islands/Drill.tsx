import { DrillRoom } from '../drill/DrillRoom';
import { InHouse } from './InHouse';

/** The island of the Drill room. */
export function Drill() {
  return (
    <InHouse>
      <DrillRoom />
    </InHouse>
  );
}
