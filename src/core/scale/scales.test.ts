import { describe, expect, it } from 'vitest';
import { SCALE_LEXICON } from '../ask/lexicon';
import { SCALE_WORDS, SCALE_WORDS_AFTER_HYPHEN } from '../words/vocabulary';
import { NAMED_SCALE_IDS, PATTERNS, SCALE_ALIASES, SCALE_IDS, SCALE_ROWS, scaleIdFrom } from './pattern';

describe('the rows of scales', () => {
  it('are all that a scale needs: its steps, its names and its shorthand stand in one place', () => {
    expect(NAMED_SCALE_IDS).toHaveLength(13);
    for (const id of NAMED_SCALE_IDS) {
      const row = SCALE_ROWS[id];
      expect(PATTERNS[id].rising).toBe(row.rising);
      expect(SCALE_WORDS[id]).toBe(row.name);
      expect(SCALE_WORDS_AFTER_HYPHEN[id]).toBe(row.afterHyphen);
      expect(scaleIdFrom(id)).toBe(id);
      if (row.other) expect(scaleIdFrom(row.other)).toBe(id);
      for (const word of row.asked ?? []) expect(SCALE_LEXICON[word]).toBe(id);
    }
    expect(Object.keys(SCALE_ALIASES)).toEqual(['ionian', 'aeolian']);
  });

  it('of seven notes reach the octave, rising and falling, in letters that follow each other', () => {
    for (const id of SCALE_IDS) {
      const { rising, falling } = PATTERNS[id];
      expect([rising.length, falling.length]).toEqual([7, 7]);
      for (const steps of [rising, falling]) expect(steps.reduce((sum, step) => sum + step, 0)).toBe(12);
    }
  });

  it('have no word twice', () => {
    const words = NAMED_SCALE_IDS.flatMap((id) => [...(SCALE_ROWS[id].asked ?? [])]);
    expect(new Set(words).size).toBe(words.length);
    for (const names of [SCALE_WORDS, SCALE_WORDS_AFTER_HYPHEN])
      expect(new Set(Object.values(names)).size).toBe(NAMED_SCALE_IDS.length);
  });
});
