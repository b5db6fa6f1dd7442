import type { ReactNode } from 'react';
import { House } from '../shell/house';

const loadRooms = () => import('../all').then((module) => module.ROOMS);

/** A room inside the house: what stands about it can find the other rooms. */
export function InHouse({ children }: { readonly children: ReactNode }) {
  return <House value={loadRooms}>{children}</House>;
}
