import type { Scene } from './scene';

/** Rows of a staff's drawing that its clef reaches from and to, and how far a head or a sign reaches up and down. In pixels. */
const CLEF_TOP = 30;
const CLEF_BOTTOM = 104;
const HEAD = 18;

/** The room above and below a staff that none of its notes needs, in pixels. */
export function spareRoom({ groups, height }: Scene): { readonly above: number; readonly below: number } {
  const heads = groups.flatMap(({ part, marks }) =>
    part === 'note' || part === 'sign'
      ? marks.flatMap((mark) => (mark.kind === 'glyph' ? [mark.y] : []))
      : [],
  );
  return {
    above: Math.max(0, Math.min(CLEF_TOP, ...heads.map((y) => y - HEAD))),
    below: Math.max(0, height - Math.max(CLEF_BOTTOM, ...heads.map((y) => y + HEAD))),
  };
}

/** A drawing moved up by so many pixels; what stood there is cut off. */
export function movedUp(scene: Scene, by: number): Scene {
  if (by === 0) return scene;
  return {
    ...scene,
    height: scene.height - by,
    groups: scene.groups.map((each) => ({ ...each, y: each.y - by })),
  };
}
