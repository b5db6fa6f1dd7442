import type { Stroke } from '@/core/play/articulation';
import { slursOf } from '@/core/play/articulation';
import { type Group, group, type Mark } from './scene';
import { written as n } from './shape';

/** Where a note was drawn: the middle of its head, the end of its stem, and the line of bars it stands on. */
export type DrawnNote = {
  readonly x: number;
  readonly head: number;
  /** The end of the stem, or the head where there is none. */
  readonly tip: number;
  readonly line: number;
};

/** Half the height of a head, the air between it and what stands over it, and how far a slur swings out. In pixels. */
const HALF_HEAD = 5;
const AIR = 5;
const SWING = 9;
const THICK = 2.6;
const DOT = 1.9;

/** Whether what stands at a note stands over it: on the side of its head. */
const over = ({ head, tip }: DrawnNote) => tip >= head;

/** The dot of a short note, on the side of its head, off the lines of the staff. */
function dotOf(note: DrawnNote): Mark {
  const way = over(note) ? -1 : 1;
  const cy = note.head + way * (HALF_HEAD + AIR);
  // A dot on a line of the staff would be lost on it.
  const onLine = Math.round(cy) % 10 === 0 ? cy + way * 5 : cy;
  return { kind: 'circle', cx: note.x, cy: onLine, r: DOT, fill: 'ink' };
}

/** A slur over some notes of one line: over them where any stem goes down, else under. */
function slurPath(notes: readonly DrawnNote[], open: 'none' | 'left' | 'right'): Mark {
  const above = notes.some(over);
  const way = above ? -1 : 1;
  const edge = ({ head, tip }: DrawnNote) =>
    (above ? Math.min(head, tip) : Math.max(head, tip)) + way * (HALF_HEAD + 2);
  const [first, last] = [notes[0] as DrawnNote, notes.at(-1) as DrawnNote];
  const x1 = open === 'left' ? first.x - 18 : first.x;
  const x2 = open === 'right' ? last.x + 18 : last.x;
  const [y1, y2] = [edge(first), edge(last)];
  const inner = notes.map(edge);
  const peak = (above ? Math.min(...inner) : Math.max(...inner)) + way * SWING;
  const third = (x2 - x1) / 4;
  const bow = (thick: number) => n(peak + way * thick);
  const d =
    `M${n(x1)} ${n(y1)}C${n(x1 + third)} ${bow(0)} ${n(x2 - third)} ${bow(0)} ${n(x2)} ${n(y2)}` +
    `C${n(x2 - third)} ${bow(THICK)} ${n(x1 + third)} ${bow(THICK)} ${n(x1)} ${n(y1)}z`;
  return { kind: 'path', d, fill: 'ink' };
}

/** What stands on a line of bars, still at its top. */
export type OnLine = { readonly line: number; readonly group: Group };

/** Room that dots and slurs take over or under a note, in pixels. */
export const STROKE_ROOM = HALF_HEAD + 2 + SWING + THICK + AIR;

/** Dots and slurs of notes that have been drawn; a slur from one line to the next is drawn in two. */
export function strokeGroups(
  strokes: readonly Stroke[],
  drawn: ReadonlyMap<number, DrawnNote>,
): readonly OnLine[] {
  const dots = strokes.flatMap((stroke, at): readonly OnLine[] => {
    const note = drawn.get(at);
    return note && stroke === 'short'
      ? [{ line: note.line, group: group(`dot-${at}`, 'stroke', [dotOf(note)]) }]
      : [];
  });
  const slurs = slursOf(strokes).flatMap(([first, last]): readonly OnLine[] => {
    const notes = Array.from({ length: last - first + 1 }, (_, at) => drawn.get(first + at)).filter(
      (note) => note !== undefined,
    );
    // What has not been drawn yet, or is not to be seen, has no slur.
    if (notes.length <= last - first) return [];
    const lines = [...new Set(notes.map(({ line }) => line))];
    return lines.map((line, at) => {
      const own = notes.filter((note) => note.line === line);
      const open = lines.length === 1 ? 'none' : at === 0 ? 'right' : 'left';
      return { line, group: group(`slur-${first}-${line}`, 'stroke', [slurPath(own, open)]) };
    });
  });
  return [...dots, ...slurs];
}
