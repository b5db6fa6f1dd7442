import type { Group } from '../scene';
import { columnWidth, measuresOf, type PageLook, type PageMeasures } from './look';
import { moved, type Part } from './part';

/** A part of a page that is never parted, and what it is: its number, for a list of what stands where. */
export type Block = Part & {
  /** The place in the sheet it shows, from 0; null for what is no question. */
  readonly at: number | null;
  /** Whether it goes over all columns. */
  readonly wide: boolean;
};

/** One page: its groups, and where each question stands on it, in points. */
export type LaidPage = {
  readonly groups: readonly Group[];
  readonly places: readonly {
    readonly at: number;
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  }[];
};

type Frame = { readonly m: PageMeasures; readonly columns: 1 | 2; readonly head: Part; readonly later: Part };

/** Lays blocks out on as many pages as they take, column by column; a block that does not fit goes to the next one. */
export function laidOut(blocks: readonly Block[], { m, columns, head, later }: Frame): readonly LaidPage[] {
  const width = columnWidth(m, columns);
  const foot = m.height - m.bottom - FOOT;
  const pages: { groups: Group[]; places: LaidPage['places'][number][] }[] = [];
  let column = 0;
  let y = 0;
  let top = 0;
  const begin = () => {
    const first = pages.length === 0;
    const over = first ? head : later;
    pages.push({ groups: [...moved(over, m.left, m.top).groups], places: [] });
    column = 0;
    top = m.top + over.height;
    y = top;
  };
  begin();
  for (const block of blocks) {
    const columnsTaken = block.wide ? columns : 1;
    if (y + block.height > foot && y > top) {
      if (!block.wide && column + 1 < columns) {
        column += 1;
        y = top;
      } else begin();
    }
    if (block.wide && column > 0) begin();
    const x = m.left + column * (width + m.gap);
    const page = pages.at(-1);
    if (!page) continue;
    page.groups.push(...moved(block, x, y).groups);
    const wide = columnsTaken === 1 ? width : columnWidth(m, 1);
    if (block.at !== null) page.places.push({ at: block.at, x, y, width: wide, height: block.height });
    y += block.height;
  }
  return pages;
}

/** Room at the foot of a page for its number, in points. */
const FOOT = 18;

/** The measures and the column width of a look. */
export function frameOf(look: PageLook): { readonly m: PageMeasures; readonly width: number } {
  const m = measuresOf(look);
  return { m, width: columnWidth(m, look.columns) };
}
