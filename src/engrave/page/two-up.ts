import type { SheetPage } from './sheet-pages';

/** How much smaller a page is when two stand beside each other on paper of its own size. */
const SMALLER = Math.SQRT1_2;

/** A page as the half of another, at so many points from its left edge. */
function halfOf({ scene, places }: SheetPage, x: number, y: number, prefix: string): SheetPage {
  return {
    scene: {
      ...scene,
      groups: scene.groups.map((each) => ({
        ...each,
        key: prefix + each.key,
        x: x + each.x * SMALLER,
        y: y + each.y * SMALLER,
        scale: (each.scale ?? 1) * SMALLER,
      })),
    },
    places: places.map((place) => ({
      at: place.at,
      x: x + place.x * SMALLER,
      y: y + place.y * SMALLER,
      width: place.width * SMALLER,
      height: place.height * SMALLER,
    })),
  };
}

/**
 * Pages two on a side of paper that lies across, to be cut in the middle. A sheet of one page stands there twice, so that
 * one side of paper serves two students.
 */
export function twoUp(pages: readonly SheetPage[]): readonly SheetPage[] {
  const [only] = pages;
  if (!only) return [];
  const row = pages.length === 1 ? [only, only] : pages;
  const { width, height } = only.scene;
  // Across, the paper is as wide as it was high; a page keeps its shape and stands in the middle of its half.
  const spare = { x: (height / 2 - width * SMALLER) / 2, y: (width - height * SMALLER) / 2 };
  return Array.from({ length: Math.ceil(row.length / 2) }, (_, at): SheetPage => {
    const [left, right] = [row[2 * at], row[2 * at + 1]];
    const halves = [
      ...(left ? [halfOf(left, spare.x, spare.y, 'l-')] : []),
      ...(right ? [halfOf(right, height / 2 + spare.x, spare.y, 'r-')] : []),
    ];
    return {
      scene: { width: height, height: width, groups: halves.flatMap(({ scene }) => scene.groups) },
      places: halves.flatMap(({ places }) => places),
    };
  });
}
