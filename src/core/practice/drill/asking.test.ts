import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answerCode, questionCode, readAnswerCode } from '../../exercise/code';
import { handIn } from '../../exercise/hand-in';
import { judge } from '../../exercise/judge';
import { markProblem, taskOf } from '../../exercise/kinds/all';
import { setSchool } from '../../exercise/set/verdict';
import { CLEFS } from '../../instrument/staff';
import { answersOf } from '../../mark/explain/made';
import { type MistakeId, mistakeNamed } from '../../mark/mistakes/all';
import { PATTERNS, SCALE_IDS } from '../../scale/pattern';
import { signatureOf } from '../../scale/signature';
import { USUAL_SETTINGS } from '../../school/settings';
import { ENGLISH } from '../../words/class-words';
import { sayGiven } from '../../words/say-given';
import { type DrillLevel, questionsOf } from './asking';
import { choicesFor } from './choices';
import { DRILL_SKILL_IDS, DRILL_WAYS, kindsDrilled } from './skill';

const SCHOOL = setSchool(USUAL_SETTINGS, []);

const levels: fc.Arbitrary<DrillLevel> = fc.record({
  skills: fc.uniqueArray(fc.constantFrom(...DRILL_SKILL_IDS), { minLength: 1 }),
  way: fc.constantFrom(...DRILL_WAYS),
  limits: fc.record({
    maxSigns: fc.integer({ min: 0, max: 7 }),
    scales: fc.uniqueArray(fc.constantFrom(...SCALE_IDS), { minLength: 1 }),
    clefs: fc.uniqueArray(fc.constantFrom(...CLEFS), { minLength: 1 }),
  }),
});

describe('the questions of a drill', () => {
  it('keep their limits, take turns, and come again for the same seed', () => {
    fc.assert(
      fc.property(levels, fc.nat(), (level, seed) => {
        const asked = questionsOf(level, seed, 30);
        expect(questionsOf(level, seed, 30)).toEqual(asked);
        const kinds = kindsDrilled(level.skills, level.way);
        const counts = kinds.map((kind) => asked.filter((each) => each.kind === kind).length);
        expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
        for (const { kind, question } of asked) {
          expect(kinds).toContain(kind);
          if ('scale' in question) expect(level.limits.scales).toContain(question.scale);
          if ('tonic' in question && 'scale' in question) {
            const signs = signatureOf(question.tonic, PATTERNS[question.scale].mode);
            expect(Math.abs(signs)).toBeLessThanOrEqual(level.limits.maxSigns);
          }
        }
        expect(asked.every((each) => markProblem(each) === null)).toBe(true);
      }),
    );
  });

  it('do not come twice in a row where there are others, and an empty signature is among them', () => {
    const level: DrillLevel = {
      ...{ skills: ['signatures'], way: 'both' },
      limits: { maxSigns: 5, scales: ['major', 'natural-minor'], clefs: ['treble'] },
    };
    for (let seed = 0; seed < 200; seed += 1) {
      const codes = questionsOf(level, seed, 100).map(questionCode);
      for (const [at, code] of codes.entries()) expect(code === codes[at - 1]).toBe(false);
      expect(
        codes.some((code) => /name-key\.0\./u.test(code) || /\.(?:C\.major|A\.natural-minor)/u.test(code)),
      ).toBe(true);
    }
  });
});

describe('what there is to choose from', () => {
  it('has one right answer, others that are wrong, each read otherwise, and habits that are truly behind them', () => {
    let habits = 0;
    for (const skill of DRILL_SKILL_IDS) {
      const level: DrillLevel = {
        ...{ skills: [skill], way: 'both' },
        limits: { maxSigns: 5, scales: SCALE_IDS, clefs: ['treble', 'bass'] },
      };
      for (const [seed, asked] of questionsOf(level, 11, 60).entries()) {
        const { choices, right } = choicesFor(asked, level.limits, seed, SCHOOL);
        const where = questionCode(asked);
        expect(choices.length, where).toBeGreaterThan(1);
        const texts = choices.map(({ code }) => {
          const answer = readAnswerCode(asked, code);
          if (!answer) throw new Error(`${where}: ${code}`);
          return sayGiven(ENGLISH, asked, answer);
        });
        expect(new Set(texts).size, `${where}: ${texts.join(' | ')}`).toBe(texts.length);
        for (const [at, { code, habit }] of choices.entries()) {
          const answer = readAnswerCode(asked, code);
          const judged = answer && judge(asked, answer, SCHOOL);
          expect(judged?.correct, `${where}: ${code}`).toBe(at === right);
          if (habit === null) continue;
          habits += 1;
          // The habit's own program leads to just this answer.
          const mistake = mistakeNamed(habit as MistakeId);
          const made = mistake ? answersOf(mistake, taskOf(asked, SCHOOL)) : [];
          const codes = made.map(({ written }) => answerCode(handIn(asked, written)));
          expect(codes, `${where}: ${code}`).toContain(code);
        }
      }
    }
    expect(habits).toBeGreaterThan(300);
  });
});
