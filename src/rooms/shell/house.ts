import { createContext, useContext, useEffect, useState } from 'react';
import { wanted } from '@/ui/parts/wanted';
import { type Desk, type Room, roomAt } from './room';

type LoadRooms = () => Promise<readonly Room[]>;

/** The list of all rooms, which no room imports: it is given from outside, and loaded when it is wanted. */
export const House = createContext<LoadRooms>(() =>
  Promise.reject(new Error('no house stands round this room')),
);

/** How the list of all rooms is fetched where it is wanted. */
export function useHouse(): LoadRooms {
  const load = useContext(House);
  return () => wanted('rooms', load);
}

/** The list of all rooms; null while it is on its way. */
function useRooms(): readonly Room[] | null {
  const load = useContext(House);
  const [rooms, setRooms] = useState<readonly Room[] | null>(null);
  useEffect(() => {
    void wanted('rooms', load).then(setRooms);
  }, [load]);
  return rooms;
}

/** The desks of all rooms, by their paths. */
export type Desks = ReadonlyMap<string, Desk>;

/** The desks of the rooms that some addresses lie in; null while they are on their way. */
export function useDesks(addresses: readonly string[]): Desks | null {
  const rooms = useRooms();
  const [desks, setDesks] = useState<Desks | null>(null);
  const paths = [...new Set(addresses.map((address) => roomAt(rooms ?? [], address)?.path ?? ''))]
    .filter(Boolean)
    .sort()
    .join(' ');
  useEffect(() => {
    if (!rooms) return;
    let stale = false;
    const wantedRooms = rooms.filter(({ path }) => paths.split(' ').includes(path));
    void desksOf(wantedRooms).then((loaded) => !stale && setDesks(loaded));
    return () => {
      stale = true;
    };
  }, [rooms, paths]);
  return desks;
}

/** The desks of some rooms, each by the path of its room. */
export async function desksOf(rooms: readonly Room[]): Promise<Desks> {
  return new Map(
    await Promise.all(
      rooms.map(
        async ({ path, desk }): Promise<readonly [string, Desk]> => [path, await wanted('rooms', desk)],
      ),
    ),
  );
}
