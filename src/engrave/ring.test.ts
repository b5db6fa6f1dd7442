import { describe, expect, it } from 'vitest';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { type Box, boxesOf, overlap } from './boxes.test-data';
import { RING_READINGS, ringScene } from './ring';

const SMALL_CASE = wordsOf({ ...USUAL_SETTINGS, keyNames: 'case', circle: 'fourths' });
const SIZES = [
  { width: 736, height: 640 },
  { width: 520, height: 560 },
];

/** How far a box reaches into a circle, in pixels; nothing where they are apart. */
function into({ left, right, top, bottom }: Box, circle: Box): number {
  const [x, y] = [(circle.left + circle.right) / 2, (circle.top + circle.bottom) / 2];
  const [dx, dy] = [Math.max(left - x, 0, x - right), Math.max(top - y, 0, y - bottom)];
  return (circle.right - circle.left) / 2 - Math.hypot(dx, dy);
}

describe('the ring', () => {
  it('has its numbers, its minors and its places clear of each other, in every reading and size', () => {
    let pairs = 0;
    for (const w of [ENGLISH, SMALL_CASE])
      for (const size of ['fifteen', 'twelve'] as const)
        for (const reading of RING_READINGS)
          for (const room of SIZES) {
            const scene = ringScene({
              w,
              reading,
              size,
              mode: 'major',
              minors: true,
              marks: new Map(),
              minorMarks: new Map(),
              shown: null,
              route: [],
              beyond: null,
              ...room,
            });
            const said = scene.groups
              .filter(({ part }) => part === 'ring-count' || part === 'ring-minor')
              .flatMap((group) => boxesOf(group, ['text']).map((box) => ({ box, key: group.key })));
            const circles = scene.groups
              .filter(({ part }) => part === 'place')
              .flatMap((group) => boxesOf(group, ['circle']).map((box) => ({ box, key: group.key })));
            const hits: string[] = [];
            said.forEach(({ box, key }, at) => {
              for (const other of said.slice(at + 1)) {
                pairs += 1;
                if (overlap(box, other.box, -1)) hits.push(`${key} and ${other.key}`);
              }
              for (const other of circles) {
                pairs += 1;
                if (into(box, other.box) > -1) hits.push(`${key} in ${other.key}`);
              }
              if (box.left < 0 || box.right > room.width || box.top < 0 || box.bottom > room.height)
                hits.push(`${key} outside`);
            });
            expect(hits, `${reading}, ${size}, ${room.width}`).toEqual([]);
          }
    expect(pairs).toBeGreaterThan(5000);
  });
});
