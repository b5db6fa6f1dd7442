import { describe, expect, it } from 'vitest';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { applied } from '@/store/change';
import { deciding, habitCounts, habitsBefore, pileOf, piling, remembered } from '@/store/deciding';
import { DEMO_ANSWERS, demoData } from '@/store/demo-school';
import { NO_DATA } from '@/store/school-data';
import { readMark, writeAnswered } from '../address/mark/mark-address';
import { askedOf } from '../address/mark/mark-sentence';
import { nextWho } from './next-who';
import { outcomeOf } from './outcome';

const NOW = '2026-10-06T17:30:00.000Z';

describe('decisions', () => {
  const sentence = readMark('?kind=scale&tonic=G&scale=major&answer=G+A+B+C+D+E+Fn+G').sentence;
  const asked = askedOf(sentence, USUAL_SETTINGS);
  const answered = (label: string) => ({
    label,
    person: null,
    group: null,
    address: `/mark${writeAnswered(sentence)}`,
    correct: false,
    found: 'signature-ignored',
    score: { got: 7, of: 8 },
  });
  const judged = (data: typeof NO_DATA, label: string, settings = USUAL_SETTINGS) => {
    const name = answered(label);
    const reading = outcomeOf(
      asked,
      sentence.given,
      settings,
      remembered(data, name),
      habitsBefore(data, name),
    );
    if (reading.is !== 'judged') throw new Error(reading.is);
    return reading.outcome;
  };

  it('are remembered for the same answer of somebody else, and taken back', () => {
    const once = applied(NO_DATA, deciding(NO_DATA, answered('Tove'), { habit: 'one-too-few' }, 'a', NOW));
    expect(judged(once, 'Tove')).toMatchObject({ chosen: true, habit: { habits: ['one-too-few'] } });
    expect(judged(once, 'Bram')).toMatchObject({ chosen: true, habit: { habits: ['one-too-few'] } });
    const other = applied(once, deciding(once, answered('Bram'), { accepted: true }, 'b', NOW));
    expect(judged(other, 'Bram')).toMatchObject({ accepted: true, score: { got: 8 } });
    expect(judged(NO_DATA, 'Tove')).toMatchObject({ chosen: false, accepted: false, score: { got: 7 } });
    const marks = applied(
      NO_DATA,
      deciding(NO_DATA, answered('Tove'), { marks: { got: 6.5, of: 8 } }, 'a', NOW),
    );
    expect(judged(marks, 'Tove').score).toEqual({ got: 6.5, of: 8 });
    expect(judged(marks, 'Bram').score).toEqual({ got: 7, of: 8 });
    // Under another scheme they are the same part of what there is, and never more.
    expect(judged(marks, 'Tove', { ...USUAL_SETTINGS, marks: 'all' }).score).toEqual({ got: 1, of: 1 });
  });

  it('about answers without a name lie beside each other on the pile', () => {
    const lay = (data: typeof NO_DATA, id: string) => {
      const label = `Answer ${pileOf(data, null).length + 1}`;
      return applied(data, piling(data, answered(''), label, id, NOW));
    };
    const first = lay(
      applied(NO_DATA, deciding(NO_DATA, answered(''), { marks: { got: 5, of: 8 } }, 'a', NOW)),
      'b',
    );
    const both = lay(first, 'c');
    expect(pileOf(both, null).map(({ label, marks }) => [label, marks?.got])).toEqual([
      ['Answer 1', 5],
      ['Answer 2', undefined],
    ]);
  });

  it('about answers lie in the pile of their class, those of no class in every pile', () => {
    const lay = (data: typeof NO_DATA, label: string, group: string | null, found: string) =>
      applied(data, piling(data, { ...answered(label), group, found }, label, label, NOW));
    const first = lay(NO_DATA, 'Tove', 'tuesday', 'one-too-few');
    const second = lay(first, 'Pia', 'thursday', 'signature-ignored');
    const data = lay(second, 'Somebody', null, 'accidental-missing');
    const names = (group: string | null) => pileOf(data, group).map(({ label }) => label);
    expect([names('tuesday'), names('thursday'), names(null)]).toEqual([
      ['Tove', 'Somebody'],
      ['Pia', 'Somebody'],
      ['Somebody'],
    ]);
    const next = { ...answered('Odile'), group: 'thursday' };
    expect(habitsBefore(data, next)).toEqual(['signature-ignored', 'accidental-missing']);
  });

  it('about the same answer of two with one name, in two classes, are kept apart', () => {
    const here = { ...answered('Tove'), group: 'tuesday' };
    const there = { ...answered('Tove'), group: 'thursday' };
    const data = applied(NO_DATA, deciding(NO_DATA, here, { marks: { got: 5, of: 8 } }, 'a', NOW));
    expect(remembered(data, here).own?.marks?.got).toBe(5);
    expect(remembered(data, there).own).toBeNull();
    const both = applied(data, deciding(data, there, { marks: { got: 4, of: 8 } }, 'b', NOW));
    expect(both.marked.map(({ marks }) => marks?.got)).toEqual([5, 4]);
  });

  it('about an answer from before there was a class hold in it, and belong to it from then on', () => {
    const before = answered('Tove');
    const data = applied(NO_DATA, deciding(NO_DATA, before, { marks: { got: 5, of: 8 } }, 'a', NOW));
    const now = { ...before, group: 'tuesday' };
    expect(remembered(data, now).own?.marks?.got).toBe(5);
    const later = applied(data, deciding(data, now, { comment: 'Say the sign.' }, 'b', NOW));
    expect(later.marked).toMatchObject([
      { id: 'a', group: 'tuesday', marks: { got: 5, of: 8 }, comment: 'Say the sign.' },
    ]);
    expect(remembered(later, { ...before, group: 'thursday' }).own).toBeNull();
  });

  it('settle a real tie by what was found before', () => {
    const before = applied(
      NO_DATA,
      piling(
        NO_DATA,
        { ...answered('Odile'), address: '/mark?kind=scale&answer=C', found: 'one-too-few' },
        'Odile',
        'c',
        NOW,
      ),
    );
    expect(judged(NO_DATA, 'Tove').habit?.habits).toEqual(['signature-ignored']);
    const plain = readMark('?kind=scale&tonic=A&scale=major&answer=A+B+C+D+E+F+G+A').sentence;
    const tied = (settings: typeof USUAL_SETTINGS) => {
      const reading = outcomeOf(
        askedOf(plain, settings),
        plain.given,
        settings,
        { own: null, like: null },
        [],
      );
      return reading.is === 'judged' ? reading.outcome.habit?.habits : null;
    };
    expect(tied(USUAL_SETTINGS)).toEqual(['signature-ignored']);
    expect(tied({ ...USUAL_SETTINGS, minorSignature: 'parallel-less-three' })).toEqual([
      'parallel-signature',
    ]);
    expect(judged(before, 'Tove').habit?.habits).toEqual(['one-too-few']);
  });

  it('of the demo class are what the room finds', () => {
    const data = demoData(NOW);
    expect(pileOf(data, 'demo-tuesday')).toHaveLength(5);
    expect(pileOf(data, 'demo-singers')).toHaveLength(DEMO_ANSWERS.length - 5);
    expect(habitCounts(data.marked)[0]).toEqual(['seventh-not-raised', 2]);
    for (const { address, correct, found, score } of data.marked) {
      const { sentence: said, problems } = readMark(address.slice('/mark'.length));
      expect(problems).toEqual([]);
      const reading = outcomeOf(
        askedOf(said, USUAL_SETTINGS),
        said.given,
        USUAL_SETTINGS,
        { own: null, like: null },
        [],
      );
      if (reading.is !== 'judged') throw new Error(address);
      expect(reading.outcome.judged.correct).toBe(correct);
      expect(reading.outcome.habit?.habits.join('+') ?? null).toBe(found);
      expect(reading.outcome.score).toEqual(score);
    }
  });

  it('count on to the next answer by the number at the end', () => {
    expect(['Ines, question 3', 'No. 9', 'Tove', ''].map(nextWho)).toEqual([
      'Ines, question 4',
      'No. 10',
      '',
      '',
    ]);
  });
});
