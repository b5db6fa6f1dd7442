import { boxOf, glyphNamed } from './glyphs';
import type { Group, Mark, Scene } from './scene';

/** Where a mark lies in its drawing, in pixels from the upper left corner. */
export type Box = {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
};

/** An average letter of the sans face, bold, as a part of its size; measured over the words the rooms say. */
const LETTER = 0.56;

function boxOfMark(mark: Mark): Box | null {
  switch (mark.kind) {
    case 'glyph': {
      if (/^(sans|serif)/u.test(mark.glyph)) {
        const width = (glyphNamed(mark.glyph).width / 1000) * mark.size;
        return { left: mark.x, right: mark.x + width, top: mark.y - mark.size * 0.72, bottom: mark.y };
      }
      const [left = 0, top = 0, right = 0, bottom = 0] = boxOf(mark.glyph);
      const scale = mark.size / 1000;
      return {
        left: mark.x + left * scale,
        right: mark.x + right * scale,
        top: mark.y + top * scale,
        bottom: mark.y + bottom * scale,
      };
    }
    case 'circle':
      return {
        left: mark.cx - mark.r,
        right: mark.cx + mark.r,
        top: mark.cy - mark.r,
        bottom: mark.cy + mark.r,
      };
    case 'rect':
      return { left: mark.x, right: mark.x + mark.w, top: mark.y, bottom: mark.y + mark.h };
    case 'text': {
      const width = mark.text.length * mark.size * LETTER;
      const left = mark.x - { start: 0, middle: width / 2, end: width }[mark.anchor];
      return { left, right: left + width, top: mark.y - mark.size * 0.75, bottom: mark.y + mark.size * 0.2 };
    }
    default:
      return null;
  }
}

/** The boxes of a group's marks of some kinds, where they lie in the drawing. */
export function boxesOf(
  group: Group,
  kinds: readonly Mark['kind'][] = ['glyph', 'circle', 'rect', 'text'],
): readonly Box[] {
  const { scale = 1 } = group;
  return group.marks.flatMap((mark) => {
    const box = kinds.includes(mark.kind) ? boxOfMark(mark) : null;
    return box
      ? [
          {
            left: box.left * scale + group.x,
            right: box.right * scale + group.x,
            top: box.top * scale + group.y,
            bottom: box.bottom * scale + group.y,
          },
        ]
      : [];
  });
}

/** The boxes of the glyphs of some parts of a drawing, from left to right. */
export function glyphBoxes(scene: Scene, parts: readonly string[]): readonly Box[] {
  return scene.groups
    .filter(({ part }) => parts.includes(part))
    .flatMap((group) => boxesOf(group, ['glyph']))
    .toSorted((a, b) => a.left - b.left);
}

/** Whether two boxes lie over each other by more than a hair. */
export function overlap(a: Box, b: Box, hair = 0.5): boolean {
  return (
    a.left < b.right - hair && b.left < a.right - hair && a.top < b.bottom - hair && b.top < a.bottom - hair
  );
}

/** The first two of the boxes that lie over each other, or null. Boxes that are far apart are not compared. */
export function collision(boxes: readonly Box[]): readonly [Box, Box] | null {
  const sorted = boxes.toSorted((a, b) => a.left - b.left);
  for (const [index, box] of sorted.entries()) {
    for (const next of sorted.slice(index + 1)) {
      if (next.left >= box.right) break;
      if (overlap(box, next)) return [box, next];
    }
  }
  return null;
}
