import { createContext, useContext, useEffect, useState } from 'react';
import type { PartName } from '@/core/words/screen/parts';
import { wanted } from '@/ui/parts/wanted';
import { type Desk, pathOf, type Room } from './room';

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

/** The desks of the rooms that some addresses lie in; null while one of them is on its way. */
export function useDesks(addresses: readonly string[]): Desks | null {
  const rooms = useRooms();
  const [loaded, setLoaded] = useState<{ readonly paths: string; readonly desks: Desks } | null>(null);
  const paths = [...new Set(addresses.map(pathOf))].sort().join(' ');
  useEffect(() => {
    if (!rooms) return;
    let stale = false;
    const asked = rooms.filter(({ path }) => paths.split(' ').includes(path));
    void desksOf(asked).then((desks) => !stale && setLoaded({ paths, desks }));
    return () => {
      stale = true;
    };
  }, [rooms, paths]);
  // The desks of other addresses would say that a room is not there.
  return loaded?.paths === paths ? loaded.desks : null;
}

/** The desk of a room, asked for by a part of it that needs one; null while it is on its way. */
export function useDesk({ desk: load }: Room, part: PartName, asked = true): Desk | null {
  const [desk, setDesk] = useState<Desk | null>(null);
  useEffect(() => {
    if (asked) void wanted(part, load).then(setDesk);
  }, [load, part, asked]);
  return desk;
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
