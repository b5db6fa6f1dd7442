import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { classGroups, hasAnswers, sizeOf } from './class-groups';
import { sameAnswers } from './needs';
import type { SetQuestion } from './question';
import { codeOf, MINORS, paperOf, SCHOOL, workOf } from './set.test-data';

const QUESTION = MINORS[0] as SetQuestion;
const RIGHT = codeOf(QUESTION) ?? '';
const SEVENTH = codeOf(QUESTION, 'seventh-not-raised') ?? '';
const BOTH = codeOf(QUESTION, 'sixth-raised') ?? '';

describe('what a class answered to a question', () => {
  it('is together with what was called out, the right ones first and then the most frequent', () => {
    const work = workOf(MINORS, [
      paperOf('a', { q1: RIGHT }),
      paperOf('b', { q1: SEVENTH }),
      paperOf('c', { q1: BOTH }),
      paperOf('d', { q1: SEVENTH }),
      paperOf('e', { q2: RIGHT }),
    ]);
    const groups = classGroups(work, QUESTION, { [RIGHT]: 1, [BOTH]: 4, [SEVENTH]: 0 }, SCHOOL);
    expect(groups.map((group) => [sizeOf(group), group.people, group.called, group.right])).toEqual([
      [2, ['a'], 1, true],
      [5, ['c'], 4, false],
      [2, ['b', 'd'], 0, false],
    ]);
    expect(groups.map(({ habits }) => habits)).toEqual([[], ['sixth-raised'], ['seventh-not-raised']]);
  });

  it('has the habit of an answer that nobody but a voice gave', () => {
    const work = workOf(MINORS, [paperOf('a', {})]);
    const [group] = classGroups(work, QUESTION, { [SEVENTH]: 2 }, SCHOOL);
    expect(group).toMatchObject({ called: 2, people: [], right: false, habits: ['seventh-not-raised'] });
  });

  it('counts apart what came after the right answer had been shown', () => {
    const late = paperOf('b', { q1: RIGHT }, { late: { q1: true } });
    const [group, ...others] = classGroups(
      workOf(MINORS, [paperOf('a', { q1: RIGHT }), late]),
      QUESTION,
      {},
      SCHOOL,
    );
    expect(others).toEqual([]);
    expect(group).toMatchObject({ people: ['a'], late: ['b'] });
    expect(group && sizeOf(group)).toBe(1);
  });

  it('is what the class view has of it, whoever wrote what', () => {
    const code = fc.constantFrom(RIGHT, SEVENTH, BOTH, '_', null);
    fc.assert(
      fc.property(fc.array(code, { maxLength: 12 }), (codes) => {
        const papers = codes.map((each, at) => paperOf(`p${at}`, each === null ? {} : { q1: each }));
        const work = workOf(MINORS, papers);
        const mine = classGroups(work, QUESTION, {}, SCHOOL);
        const theirs = sameAnswers(work, QUESTION.id);
        expect(mine.map(({ people }) => people)).toEqual(theirs.map(({ people }) => people));
        expect(hasAnswers(papers, QUESTION.id, {})).toBe(codes.some((each) => each !== null));
      }),
      { numRuns: 60 },
    );
    expect(hasAnswers([], 'q1', { [RIGHT]: 1 })).toBe(true);
    expect(hasAnswers([], 'constructor', {})).toBe(false);
  });
});
