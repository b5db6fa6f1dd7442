import type { Scene } from '@/engrave/scene';
import type { Hit } from './Hits';

/** Where the heads of the notes lie. */
export function headsOf(scene: Scene, name: (place: number) => string): readonly Hit[] {
  return scene.groups.flatMap(({ part, place, marks }): Hit[] => {
    const glyph = marks.find((mark) => mark.kind === 'glyph');
    if (part !== 'note' || place === null || glyph?.kind !== 'glyph') return [];
    return [{ id: String(place), x: glyph.x + 8, y: glyph.y, r: 14, label: name(place) }];
  });
}
