import { describe, expect, it } from 'vitest';
import { ARTICULATIONS } from '@/core/play/articulation';
import { partAsked } from '@/core/play/part';
import { PLAY_PATTERNS } from '@/core/play/pattern';
import { PLAYER_IDS } from '@/core/play/player';
import { RHYTHMS } from '@/core/play/rhythm';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { engraveBars, engravedLines } from './bars';
import { boxOf } from './glyphs';
import type { Scene } from './scene';

/** Parts of every tonic and player, in which patterns, values and articulations take turns, and tunes. */
function samples() {
  return TONICS.flatMap((tonic, at) =>
    PLAYER_IDS.filter((_, nth) => (nth + at) % 4 === 0).flatMap((player, nth) => {
      const pick = <Value>(values: readonly Value[]) => values[(at + nth) % values.length] as Value;
      const reading = partAsked(
        {
          ...{
            tonic,
            scale: 'harmonic-minor',
            pattern: pick([...PLAY_PATTERNS, 'tune'] as const),
            degree: 1,
          },
          ...{ tune: 'gulls-and-ropes', range: 'range', rhythm: pick(RHYTHMS), player, named: 'written' },
          ...{ signature: at % 2 === 0 ? 'written' : 'none', articulation: pick(ARTICULATIONS) },
        },
        USUAL_SETTINGS,
      );
      return reading.ok ? [reading.part] : [];
    }),
  );
}

/** The tops and bottoms of what stands on a drawing: glyphs, circles, and texts. */
function edges({ groups }: Scene): readonly (readonly [top: number, bottom: number])[] {
  return groups.flatMap(({ y, marks }) =>
    marks.flatMap((mark): readonly (readonly [number, number])[] => {
      if (mark.kind === 'glyph') {
        const [, top = 0, , bottom = 0] = boxOf(mark.glyph);
        return [[y + mark.y + (top / 1000) * mark.size, y + mark.y + (bottom / 1000) * mark.size]];
      }
      if (mark.kind === 'circle') return [[y + mark.cy - mark.r, y + mark.cy + mark.r]];
      return mark.kind === 'text' ? [[y + mark.y - mark.size * 0.7, y + mark.y]] : [];
    }),
  );
}

describe('bars that are engraved', () => {
  it('have every note once, nothing over the top or under the foot, and no line in the one before', () => {
    const parts = samples();
    expect(parts.length).toBeGreaterThan(60);
    for (const part of parts) {
      const sung = part.notes.map((_, at) => (at % 5 === 0 ? 'lamp' : 'la'));
      const scene = engraveBars(part, 800, sung);
      const places = scene.groups.flatMap(({ part: is, place }) => (is === 'note' ? [place] : []));
      expect(places).toEqual(part.notes.map((_, at) => at));
      for (const [top, bottom] of edges(scene)) {
        expect(top).toBeGreaterThanOrEqual(-1);
        expect(bottom).toBeLessThanOrEqual(scene.height + 1);
      }
      // What is sung on one line ends before anything of the next begins.
      const ys = [...new Set(scene.groups.filter(({ part: is }) => is === 'staff').map(({ y }) => y))];
      for (const [nth, y] of ys.entries()) {
        const next = ys[nth + 1];
        if (next === undefined) continue;
        const of = (from: number, is: (part: string) => boolean) =>
          edges({ ...scene, groups: scene.groups.filter((each) => each.y === from && is(each.part)) });
        const words = scene.groups.filter((each) => each.part === 'sung' && each.y > y && each.y < next + 40);
        const lowest = Math.max(...words.map((each) => each.y + 5));
        const highest = Math.min(...of(next, () => true).map(([top]) => top));
        expect(lowest).toBeLessThanOrEqual(highest + 1);
      }
    }
  });

  it('come line by line, each with all before it, and the last is the whole', () => {
    for (const part of samples().slice(0, 20)) {
      const scenes = [...engravedLines(part, 800)];
      const heights = scenes.map(({ height }) => height);
      expect(heights).toEqual(heights.toSorted((a, b) => a - b));
      expect(scenes.at(-1)).toEqual(engraveBars(part, 800));
      for (const [at, scene] of scenes.entries()) {
        const before = new Set(scenes[at - 1]?.groups.map(({ key }) => key));
        const keys = new Set(scene.groups.map(({ key }) => key));
        for (const key of before) expect(keys.has(key)).toBe(true);
        expect(keys.size).toBe(scene.groups.length);
      }
    }
  });
});
