import type { Mark } from './scene';
import { written as n } from './shape';

/** The outline of a line, a rectangle or a circle as path data, or null for a mark that cannot join others. */
function outline(mark: Mark): string | null {
  switch (mark.kind) {
    case 'line':
      return `M${n(mark.x1)} ${n(mark.y1)}L${n(mark.x2)} ${n(mark.y2)}`;
    case 'rect': {
      const { x, y, w, h, r } = mark;
      const corner = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${n(dx)} ${n(dy)}`;
      return `M${n(x + r)} ${n(y)}h${n(w - 2 * r)}${corner(r, r)}v${n(h - 2 * r)}${corner(-r, r)}h${n(2 * r - w)}${corner(-r, -r)}v${n(2 * r - h)}${corner(r, -r)}z`;
    }
    case 'circle': {
      const { cx, cy, r } = mark;
      return `M${n(cx - r)} ${n(cy)}a${n(r)} ${n(r)} 0 1 1 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 1 ${n(-2 * r)} 0z`;
    }
    default:
      return null;
  }
}

/**
 * The same drawing with marks of one paint joined into one path, in the order in which their paints first came: for
 * marks that do not lie over one another, such as keys, so that a page has fewer things to lay out.
 */
export function gathered(marks: readonly Mark[]): readonly Mark[] {
  const joined = new Map<string, Mark & { readonly kind: 'path' }>();
  const alone: Mark[] = [];
  for (const mark of marks) {
    const d = outline(mark);
    if (d === null || mark.kind === 'glyph' || mark.kind === 'text') {
      alone.push(mark);
      continue;
    }
    const fill = mark.kind === 'line' ? 'none' : mark.fill;
    const { stroke, width, dash } = mark;
    const key = `${fill} ${stroke} ${width} ${dash}`;
    const before = joined.get(key);
    const paint = { ...(stroke ? { stroke } : {}), ...(width ? { width } : {}), ...(dash ? { dash } : {}) };
    joined.set(key, { kind: 'path', d: (before?.d ?? '') + d, fill, ...paint });
  }
  return [...joined.values(), ...alone];
}
