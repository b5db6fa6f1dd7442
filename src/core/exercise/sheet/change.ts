import { MOST_MARKS, MOST_ROOM, MOST_SLOTS, PLAIN, type Slot } from './sheet';
import type { SheetItem } from './task/all';
import { FORMS } from './task/task';

type Slots = readonly Slot[];

function changed(slots: Slots, at: number, change: (slot: Slot) => Slot): Slots {
  return slots.map((slot, place) => (place === at ? change(slot) : slot));
}

/** Another question in a place, of the same sort and measure; one that was put there by hand has none and stays. */
export function swapping(slots: Slots, at: number): Slots {
  return changed(slots, at, (slot) =>
    slot.from.is === 'made' ? { ...slot, from: { ...slot.from, swap: slot.from.swap + 1 } } : slot,
  );
}

/** Pins a place, or lets it go. */
export function pinning(slots: Slots, at: number): Slots {
  return changed(slots, at, (slot) => ({ ...slot, pinned: !slot.pinned }));
}

/** Moves a place to another; beyond the ends it stays at the end. */
export function moving(slots: Slots, from: number, to: number): Slots {
  const slot = slots[from];
  const place = Math.max(0, Math.min(slots.length - 1, to));
  if (!slot || place === from) return slots;
  const others = slots.filter((_, at) => at !== from);
  return [...others.slice(0, place), slot, ...others.slice(place)];
}

/** The next form: to be done, half done, worked, and to be done again. */
export function nextForm(slots: Slots, at: number): Slots {
  return changed(slots, at, (slot) => ({
    ...slot,
    form: FORMS[(FORMS.indexOf(slot.form) + 1) % FORMS.length] ?? 'blank',
  }));
}

/** So many marks more or fewer, from those that stand; 0 to 20. */
export function marking(slots: Slots, at: number, marks: number): Slots {
  return changed(slots, at, (slot) => ({ ...slot, marks: Math.max(0, Math.min(MOST_MARKS, marks)) }));
}

/** So many steps of room below a place, 0 to 3. */
export function giveRoom(slots: Slots, at: number, room: number): Slots {
  return changed(slots, at, (slot) => ({ ...slot, room: Math.max(0, Math.min(MOST_ROOM, room)) }));
}

/** Takes a place away. */
export function removing(slots: Slots, at: number): Slots {
  return slots.filter((_, place) => place !== at);
}

/** Puts things at the end, as far as there is room for them. */
export function adding(slots: Slots, items: readonly SheetItem[]): Slots {
  const own = items.map((item): Slot => ({ ...PLAIN, from: { is: 'own', item } }));
  return [...slots, ...own].slice(0, MOST_SLOTS);
}

/** Puts a thing into a place, in what form and with what marks and room it has. */
export function replacing(slots: Slots, at: number, item: SheetItem): Slots {
  return changed(slots, at, (slot) => ({ ...slot, from: { is: 'own', item } }));
}

/** The pinned places as things of their own, so that they stay whatever is made. */
function holding(slots: Slots, items: readonly (SheetItem | null)[]): Slots {
  return slots.map((slot, at) => {
    const item = items[at];
    return slot.pinned && item ? { ...slot, from: { is: 'own', item } } : slot;
  });
}

/**
 * The places of a sheet that is made anew: what is pinned stays where it is, or comes last where the sheet is shorter
 * now, and all between is as it is made. Null where nothing is pinned, and nothing has to be said of the places.
 */
export function madeAnew(
  slots: Slots,
  items: readonly (SheetItem | null)[],
  count: number,
): readonly Slot[] | null {
  const pinned = new Map(
    holding(slots, items).flatMap((slot, at) => (slot.pinned ? [[at, slot] as const] : [])),
  );
  if (pinned.size === 0) return null;
  const places: Slot[] = [];
  let number = 0;
  for (let at = 0; at < count; at += 1) {
    const there = pinned.get(at);
    if (there) pinned.delete(at);
    else number += 1;
    places.push(there ?? { ...PLAIN, from: { is: 'made', number, swap: 0 } });
  }
  return [...places, ...pinned.values()].slice(0, MOST_SLOTS);
}
