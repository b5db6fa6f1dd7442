import type { ShelfActions, ShelfGiven } from './shelf-actions';

/** Every action of the shelf; none may be missing. */
const NAMES: Readonly<Record<keyof ShelfActions, true>> = {
  keep: true,
  undo: true,
  edit: true,
  move: true,
  place: true,
  remove: true,
  duplicate: true,
  bringIn: true,
  makeLesson: true,
  renameLesson: true,
  moveLesson: true,
  removeLesson: true,
  printLesson: true,
  exportLesson: true,
};

/** What can be done with the shelf, loaded when the first of it is done: nothing of it is needed for the first view. */
export function shelfLater(given: ShelfGiven): ShelfActions {
  const later =
    (name: string) =>
    async (...words: readonly unknown[]) => {
      const { shelfActions } = await import('./shelf-actions');
      const actions: Readonly<Record<string, (...given: never[]) => unknown>> = shelfActions(given);
      return actions[name]?.(...(words as never[]));
    };
  return Object.fromEntries(Object.keys(NAMES).map((name) => [name, later(name)])) as ShelfActions;
}
