import { OrbitRoom } from '../orbit/OrbitRoom';
import { InHouse } from './InHouse';

/** The island of the Orbit room. */
export function Orbit() {
  return (
    <InHouse>
      <OrbitRoom />
    </InHouse>
  );
}
