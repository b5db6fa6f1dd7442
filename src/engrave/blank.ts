import type { WrittenScale } from '@/core/scale/written';
import { type Group, group, type Mark, type Scene } from './scene';

/** A staff with its clef alone, for the class to fill in. */
export function blankStaff(staff: Scene): Scene {
  return { ...staff, groups: staff.groups.filter(({ part }) => part === 'staff' || part === 'clef') };
}

const ROW = 40;
const KEYS_HEIGHT = 92;
const BLACK_LENGTH = 0.62;
const BLACK_WIDTH = 0.56;
/** White keys after which a black one lies: C D, F G A. */
const BLACK_AFTER = [0, 1, 3, 4, 5];

/**
 * The stride to fill in: an empty circle for each note and a small one for each step between, over two octaves of an
 * empty keyboard. It gives nothing of the answer away.
 */
export function blankStride({ line, scale }: WrittenScale, width: number): Scene {
  const notes = scale.ascending.length;
  const rows = line.length > notes ? 2 : 1;
  const column = width / notes;
  const groups: Group[] = Array.from({ length: rows }, (_, row) =>
    group(`blank-row-${row}`, 'blank', rowOf(notes, column, row * ROW + ROW / 2)),
  );
  const top = rows * ROW + 6;
  return {
    width,
    height: top + KEYS_HEIGHT + 2,
    groups: [...groups, group('blank-keys', 'keys', keys(width, top))],
  };
}

function rowOf(notes: number, column: number, y: number): readonly Mark[] {
  return Array.from({ length: notes }, (_, index) => index).flatMap((index): Mark[] => {
    const cx = (index + 0.5) * column;
    const ring = (x: number, r: number): Mark => ({
      kind: 'circle',
      cx: x,
      cy: y,
      r,
      fill: 'none',
      stroke: 'quiet',
      width: 1.25,
    });
    return index < notes - 1 ? [ring(cx, 16), ring(cx + column / 2, 7)] : [ring(cx, 16)];
  });
}

function keys(width: number, top: number): readonly Mark[] {
  const whites = 14;
  const white = (width - 2) / whites;
  const rect = (x: number, w: number, h: number, fill: 'key-white' | 'rule'): Mark => ({
    kind: 'rect',
    x,
    y: top,
    w,
    h,
    r: 3,
    fill,
    stroke: 'quiet',
    width: 1,
  });
  const plain = Array.from({ length: whites }, (_, index) =>
    rect(1 + index * white, white, KEYS_HEIGHT, 'key-white'),
  );
  const raised = Array.from({ length: whites }, (_, index) => index)
    .filter((index) => BLACK_AFTER.includes(index % 7))
    .map((index) =>
      rect(
        1 + (index + 1 - BLACK_WIDTH / 2) * white,
        BLACK_WIDTH * white,
        KEYS_HEIGHT * BLACK_LENGTH,
        'rule',
      ),
    );
  return [...plain, ...raised];
}
