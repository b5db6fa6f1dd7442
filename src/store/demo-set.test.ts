import { describe, expect, it } from 'vitest';
import { habitNeeds } from '@/core/exercise/set/needs';
import { setQuestions } from '@/core/exercise/set/question';
import { teachTomorrow } from '@/core/exercise/set/tomorrow';
import { givenAnswers, judgedSet, setSchool } from '@/core/exercise/set/verdict';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { demoData } from './demo-school';
import { DEMO_QUESTIONS, demoSet } from './demo-set';

const NOW = '2026-11-28T18:00:00.000Z';
const school = setSchool(USUAL_SETTINGS, []);

describe('the set of the demo school', () => {
  const { sets, papers } = demoSet(NOW);
  const [set] = sets;
  if (!set) throw new Error('no set');
  const questions = setQuestions(set.questions, USUAL_SETTINGS);
  const verdicts = judgedSet(questions, givenAnswers(questions, papers), school);

  it('can be marked whole, each answer being what it is called', () => {
    expect(questions).toHaveLength(DEMO_QUESTIONS.length);
    for (const [at, [code, answers]] of DEMO_QUESTIONS.entries()) {
      for (const [said, answer] of Object.entries(answers)) {
        const question = questions[at];
        if (!question) throw new Error(code);
        const verdict = judgedSet([question], [[question.id, answer]], school)[question.id]?.[answer];
        expect(verdict?.correct, `${code} ${said}`).toBe(said === 'right');
        if (said !== 'right') expect(verdict?.habits, `${code} ${said}`).toContain(said);
      }
    }
  });

  it('is of twelve people of one class, and teaches something', () => {
    const people = demoData(NOW).people.filter(({ group }) => group === set.group);
    expect(people.map(({ id }) => id)).toEqual(papers.map(({ person }) => person));
    expect(people).toHaveLength(12);
    const work = { questions, papers, verdicts, decisions: {} };
    expect(teachTomorrow(work, school)?.habit).toBe('seventh-not-raised');
    expect(habitNeeds(work).length).toBeGreaterThan(5);
  });
});
