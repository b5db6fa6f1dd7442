import type { ComponentProps } from 'react';
import { DeriveRoom } from '../derive/DeriveRoom';
import { InHouse } from './InHouse';

/** The island of the Derive room. */
export function Derive(props: ComponentProps<typeof DeriveRoom>) {
  return (
    <InHouse>
      <DeriveRoom {...props} />
    </InHouse>
  );
}
