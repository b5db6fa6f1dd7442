import { useState } from 'react';
import type { Kept } from '@/store/kept';
import { keepingOver } from '@/store/sheets';
import { keeping, newKept } from '@/store/shelf';
import { newId } from '@/ui/new-id';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';

/**
 * The thing on the shelf that the sheet in hand was opened from or kept as, also after the sheet was changed: keeping
 * it again keeps it over, and what it was stays with it.
 */
export function useKept(school: SchoolHandle, address: string) {
  const { kept } = school.state.data;
  const [held, setHeld] = useState<string | null>(null);
  const same = kept.find((each) => each.address === address);
  if (same && same.id !== held) setHeld(same.id);
  const item: Kept | null = kept.find(({ id }) => id === held) ?? null;
  const actions = useSteady({
    keepOver: () => {
      if (!item) return Promise.resolve(false);
      return school.change((data, now) => keepingOver(data, item.id, address, now));
    },
    keepCopy: (name: string) => {
      const copy = newKept(newId(), { name, address }, item?.lesson ?? null);
      setHeld(copy.id);
      return school.change((data, now) => keeping(data, [copy], now));
    },
  });
  return { item, changed: item !== null && item.address !== address, ...actions };
}

export type HeldSheet = ReturnType<typeof useKept>;
