import { describe, expect, it } from 'vitest';
import { questionCode } from '../exercise/code';
import { fieldsAsked, markProblem, rightAnswer } from '../exercise/kinds/all';
import { keyAsked } from '../exercise/practice';
import { setSchool } from '../exercise/set/verdict';
import { signsOfKey } from '../practice/drill/asking';
import { askNamed } from '../practice/drill/skill';
import { USUAL_SETTINGS } from '../school/settings';
import { nextOral, ORAL_TOPICS, oralAsks } from './oral';

const SCHOOL = setSchool(USUAL_SETTINGS, []);
const limitsOf = (maxSigns: number) => ({
  maxSigns,
  scales: ['major', 'natural-minor', 'harmonic-minor'] as const,
  clefs: ['treble'] as const,
});

/** Questions asked one after the other until there is none any more, or enough. */
function asked(topic: (typeof ORAL_TOPICS)[number], maxSigns: number, most: number, seed: number) {
  const codes: string[] = [];
  const found = [];
  while (found.length < most) {
    const next = nextOral(topic, {
      limits: limitsOf(maxSigns),
      asked: codes,
      seed: seed + found.length,
      school: SCHOOL,
    });
    if (!next) break;
    codes.push(questionCode(next));
    found.push(next);
  }
  return { codes, found };
}

describe('questions at random in class', () => {
  it.each(ORAL_TOPICS)('about %s are each asked once, can be answered, and keep the limits', (topic) => {
    const { codes, found } = asked(topic, 4, 20, 77);
    expect(codes.length).toBeGreaterThan(3);
    expect(new Set(codes).size).toBe(codes.length);
    for (const each of found) {
      expect(markProblem(each)).toBeNull();
      expect(rightAnswer(each, SCHOOL).is).not.toBe('blank');
      const fields = fieldsAsked(each);
      if (fields.order !== undefined) expect(Math.abs(fields.order)).toBeLessThanOrEqual(4);
      // A partner of a key within the limits may lie past them.
      else if (each.kind !== 'steps' && each.kind !== 'name-scale' && each.kind !== 'partner')
        expect(Math.abs(signsOfKey(keyAsked(each)))).toBeLessThanOrEqual(4);
    }
  });

  it('go both ways where there are two, in no order that can be told', () => {
    for (const topic of ['signatures', 'scales', 'chords'] as const) {
      const kinds = oralAsks(topic).map((id) => {
        const ask = askNamed(id);
        return ask.is === 'quiz' ? '' : `${ask.kind} ${ask.only?.wants ?? ''}`.trim();
      });
      const rows = [1, 2, 3, 4, 5, 6].map((seed) =>
        asked(topic, 5, 10, seed * 1009).found.map((each) =>
          `${each.kind} ${fieldsAsked(each).wants ?? ''}`.trim(),
        ),
      );
      for (const row of rows) expect(new Set(row).size, topic).toBeGreaterThan(1);
      for (const row of rows) for (const kind of row) expect(kinds).toContain(kind);
      expect(new Set(rows.map((row) => row.join())).size, topic).toBeGreaterThan(1);
    }
  });

  it('come to an end where everything has been asked', () => {
    const { codes } = asked('order', 2, 30, 5);
    expect(codes.toSorted()).toEqual(['order.-1', 'order.-2', 'order.1', 'order.2']);
  });
});
