import { describe, expect, it } from 'vitest';
import { lastsOf } from '@/core/play/performance';
import { ENGLISH } from '@/core/words/class-words';
import { ROOMS } from './all';
import { searchOf } from './shell/room';

describe('what can be heard in a room', () => {
  it('begins at once, is in order, has names of its own, and comes to an end', async () => {
    let heard = 0;
    for (const { sounds, examples } of ROOMS) {
      if (!sounds) continue;
      const of = await sounds();
      for (const example of examples) {
        const all = of(ENGLISH, searchOf(example));
        expect(new Set(all.map(({ id }) => id)).size, example).toBe(all.length);
        expect(new Set(all.map(({ label }) => label)).size, example).toBe(all.length);
        for (const each of all) {
          heard += 1;
          expect(each.sounds[0]?.at, `${example}: ${each.label}`).toBe(0);
          const times = each.sounds.map(({ at }) => at);
          expect(times).toEqual(times.toSorted((a, b) => a - b));
          expect(lastsOf(each.sounds)).toBeLessThan(120);
          for (const { midi } of each.sounds) expect(midi > 20 && midi < 110).toBe(true);
        }
      }
    }
    expect(heard).toBeGreaterThan(15);
  });
});
