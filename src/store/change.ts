import type { Kept } from './kept';

/** One change of the shelf as a value: what stood under an id before, and what stands there after. */
export type ShelfChange = {
  readonly says: 'kept' | 'deleted' | 'moved' | 'edited';
  readonly edits: readonly {
    readonly id: string;
    readonly before: Kept | null;
    readonly after: Kept | null;
  }[];
};

/** The change that takes another back. */
export function inverted(change: ShelfChange): ShelfChange {
  return {
    ...change,
    edits: change.edits.map(({ id, before, after }) => ({ id, before: after, after: before })),
  };
}

/** A shelf with a change applied, in its order. The same object where the change is empty. */
export function applied(shelf: readonly Kept[], change: ShelfChange): readonly Kept[] {
  if (change.edits.length === 0) return shelf;
  const items = new Map(shelf.map((item) => [item.id, item]));
  for (const { id, after } of change.edits) {
    if (after) items.set(id, after);
    else items.delete(id);
  }
  return inOrder([...items.values()]);
}

/** Items by their order, the id deciding between equals so that every tab agrees. */
export function inOrder(items: readonly Kept[]): readonly Kept[] {
  return [...items].sort((a, b) => a.order - b.order || a.id.localeCompare(b.id));
}

/** Keeps an item at the end of the shelf. */
export function keeping(shelf: readonly Kept[], item: Omit<Kept, 'order' | 'v'>): ShelfChange {
  const order = Math.max(0, ...shelf.map((other) => other.order)) + 1;
  return { says: 'kept', edits: [{ id: item.id, before: null, after: { ...item, v: 1, order } }] };
}

/** Takes an item off the shelf. */
export function deleting(item: Kept): ShelfChange {
  return { says: 'deleted', edits: [{ id: item.id, before: item, after: null }] };
}

/** Changes the name or the note of an item. */
export function editing(item: Kept, words: Partial<Pick<Kept, 'name' | 'note'>>): ShelfChange {
  return { says: 'edited', edits: [{ id: item.id, before: item, after: { ...item, ...words } }] };
}

/** Moves an item one place up (−1) or down (1); an empty change at either end. */
export function moving(shelf: readonly Kept[], id: string, way: 1 | -1): ShelfChange {
  const at = shelf.findIndex((item) => item.id === id);
  const [item, other] = [shelf[at], shelf[at + way]];
  if (!item || !other) return { says: 'moved', edits: [] };
  // Where two stand at one number, all are numbered anew so that the places can be told apart.
  const ordered = shelf.map((each, index) => ({ ...each, order: index + 1 }));
  const [mine, theirs] = [ordered[at], ordered[at + way]];
  if (!mine || !theirs) return { says: 'moved', edits: [] };
  const after = ordered.map((each) =>
    each.id === item.id
      ? { ...each, order: theirs.order }
      : each.id === other.id
        ? { ...each, order: mine.order }
        : each,
  );
  return {
    says: 'moved',
    edits: shelf.flatMap((before, index) => {
      const now = after[index];
      return now && now.order !== before.order ? [{ id: before.id, before, after: now }] : [];
    }),
  };
}

/**
 * Two changes in a row as one to take back, where the second goes on with the first: words typed into one item.
 * Null where they are two.
 */
export function joined(first: ShelfChange | undefined, second: ShelfChange): ShelfChange | null {
  const [one, other] = [first?.edits[0], second.edits[0]];
  if (first?.says !== 'edited' || second.says !== 'edited' || !one || one.id !== other?.id) return null;
  return { says: 'edited', edits: [{ id: one.id, before: one.before, after: other.after }] };
}
