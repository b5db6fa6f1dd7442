import { LogRoom } from '../log/LogRoom';
import { InHouse } from './InHouse';

/** The island of the Log room. */
export function Log() {
  return (
    <InHouse>
      <LogRoom />
    </InHouse>
  );
}
