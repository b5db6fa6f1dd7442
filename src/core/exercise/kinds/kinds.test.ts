import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '../../instrument/staff';
import { SCALE_IDS } from '../../scale/pattern';
import { ENGLISH } from '../../words/class-words';
import { anyAnswered } from '../any-answer.test-data';
import { answerCode, questionCode, readAnswerCode, readQuestionCode } from '../code';
import { EVERY_QUESTION, everyQuestion } from '../every-question.test-data';
import { judge } from '../judge';
import { KIND_IDS, keyOf, makeQuestion, markProblem, rightAnswer } from './all';
import { picksFrom } from './making';

const LIMITS = fc.record({
  maxSigns: fc.integer({ min: 0, max: 7 }),
  scales: fc.uniqueArray(fc.constantFrom(...SCALE_IDS), { minLength: 1 }),
  clefs: fc.uniqueArray(fc.constantFrom(...CLEFS), { minLength: 1 }),
});

describe.each(KIND_IDS)('questions of the kind %s', (kind) => {
  it('are made by a seed within limits, and the same seed makes the same again', () => {
    fc.assert(
      fc.property(fc.nat(), LIMITS, (seed, limits) => {
        const made = makeQuestion(kind, picksFrom(seed), limits);
        expect(markProblem(made)).toBeNull();
        expect(makeQuestion(kind, picksFrom(seed), limits)).toEqual(made);
        const { question } = made;
        if ('scale' in question) expect(limits.scales).toContain(question.scale);
        if ('clef' in question && question.clef) expect(limits.clefs).toContain(question.clef);
        if ('fifths' in question) expect(Math.abs(question.fifths)).toBeLessThanOrEqual(limits.maxSigns);
        if ('order' in question) expect(Math.abs(question.order)).toBeLessThanOrEqual(limits.maxSigns || 1);
      }),
    );
  });

  it('are made of more than one thing', () => {
    const limits = { maxSigns: 7, scales: SCALE_IDS, clefs: CLEFS };
    const made = Array.from({ length: 60 }, (_, seed) =>
      questionCode(makeQuestion(kind, picksFrom(seed), limits)),
    );
    const all = everyQuestion(kind).length;
    expect(new Set(made).size).toBeGreaterThan(Math.min(all, 60) / 3);
  });

  it('read back from their codes, and so does any answer to them', () => {
    for (const asked of everyQuestion(kind))
      expect(readQuestionCode(questionCode(asked))).toMatchObject(asked);
    fc.assert(
      fc.property(anyAnswered(kind), ({ asked, answer }) => {
        expect(readAnswerCode(asked, answerCode(answer))).toEqual(answer);
      }),
    );
  });
});

describe('every question', () => {
  it('is answered rightly by its own answer, which reads back from its code', () => {
    for (const asked of EVERY_QUESTION) {
      const right = rightAnswer(asked, ENGLISH.settings);
      expect(readAnswerCode(asked, answerCode(right)), questionCode(asked)).toEqual(right);
      expect(judge(asked, right, ENGLISH.settings)?.correct, questionCode(asked)).toBe(true);
    }
  });

  it('is about the key it names', () => {
    for (const asked of EVERY_QUESTION) {
      const { question } = asked;
      if ('tonic' in question && 'scale' in question)
        expect(keyOf(asked)).toMatchObject({ tonic: question.tonic, scale: question.scale });
    }
  });
});
