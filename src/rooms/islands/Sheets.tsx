import { SheetsRoom } from '../sheets/SheetsRoom';
import { InHouse } from './InHouse';

/** The island of the Sheets room. */
export function Sheets() {
  return (
    <InHouse>
      <SheetsRoom />
    </InHouse>
  );
}
