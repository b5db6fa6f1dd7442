import { group, type Scene, words } from './scene';

const TITLE = 22;

/** Scenes below each other, each under its title; the groups of the second are told apart by `-2` behind their keys. */
export function belowEachOther(list: readonly { readonly title: string; readonly scene: Scene }[]): Scene {
  let top = 0;
  const groups = list.flatMap(({ title, scene }, at) => {
    const suffix = at === 0 ? '' : `-${at + 1}`;
    const head = group(`title${suffix}`, 'title', [
      words(title, 2, top + 14, { size: 13, fill: 'ink', bold: true, anchor: 'start' }),
    ]);
    const y = top + TITLE;
    top = y + scene.height;
    return [head, ...scene.groups.map((each) => ({ ...each, key: each.key + suffix, y: each.y + y }))];
  });
  return { width: Math.max(0, ...list.map(({ scene }) => scene.width)), height: top, groups };
}
