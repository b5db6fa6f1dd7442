import { describe, expect, it } from 'vitest';
import { fingeringsOf, windOf } from '@/core/instrument/wind/winds';
import { pitchNamed } from '@/core/note/parse';
import { VARIATIONS } from '@/core/play/variation';
import { demoPractice } from '@/store/demo-practice';
import { practiceRecord } from '@/store/practice';
import { readPlay } from '../address/play/play-address';
import { aboutHand, aboutLine, aboutTune } from './about';

const NOW = '2026-11-28T09:00:00.000Z';

describe('the practice of the demo school', () => {
  it('is about what Play calls it: its codes are those of sentences, tunes, fingerings and variations', () => {
    const all = demoPractice(NOW);
    for (const each of all) expect(practiceRecord.read(each)).toMatchObject({ ok: true });
    const about = new Set(all.map((each) => each.about));
    const { sentence } = readPlay('?tonic=F&scale=harmonic-minor&pattern=thirds&player=alto-saxophone');
    for (const code of [aboutHand(sentence), aboutLine(sentence), aboutTune('harbour-lamp')])
      expect(about).toContain(code);
    const wind = windOf('alto-saxophone');
    for (const { ways, goals, about: of, done } of all) {
      for (const [pitch, keys] of Object.entries(ways))
        expect(wind && fingeringsOf(wind, pitchNamed(pitch)).map((way) => way.keys)).toContain(keys);
      const variations = VARIATIONS.map(({ id }) => id);
      for (const id of Object.keys(goals)) expect(variations).toContain(id);
      if (of.startsWith('line')) for (const id of done) expect(variations).toContain(id);
    }
  });
});
