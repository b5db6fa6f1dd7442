import { describe, expect, it } from 'vitest';
import { answersOf } from '../mark/explain/made';
import { byRank, type Explanation } from '../mark/explain/rank';
import { mistakeNamed, mistakesIn } from '../mark/mistakes/all';
import { USUAL_SETTINGS } from '../school/settings';
import { questionCode } from './code';
import { everyQuestion } from './every-question.test-data';
import { handIn } from './hand-in';
import { judge } from './judge';
import { KIND_IDS, type MarkQuestion, taskOf } from './kinds/all';
import { practiceFor, tellingApart } from './practice';

const namesOf = (causes: readonly Explanation[] | undefined) =>
  (causes ?? []).map(({ habits }) => habits.join('+'));

/** The mistakes that lead to one answer with equal weight. */
function tieOf(asked: MarkQuestion, answer: ReturnType<typeof handIn>): readonly Explanation[] {
  const causes = judge(asked, answer, USUAL_SETTINGS)?.causes ?? [];
  const [first] = causes;
  return first ? causes.filter((each) => byRank(each, first) === 0) : [];
}

describe('the question that tells mistakes apart', () => {
  it.each(KIND_IDS)('does so, wherever one is named, in %s', (kind) => {
    let ties = 0;
    let told = 0;
    const some = everyQuestion(kind).filter((_, at) => at % (kind === 'chord' ? 29 : 11) === 0);
    for (const asked of some) {
      const task = taskOf(asked, USUAL_SETTINGS);
      const made = mistakesIn(task.scope).flatMap((mistake) => answersOf(mistake, task).slice(0, 1));
      for (const { written } of made) {
        const tie = tieOf(asked, handIn(asked, written));
        if (tie.length < 2) continue;
        ties += 1;
        const next = tellingApart(tie, asked, USUAL_SETTINGS);
        if (!next) continue;
        told += 1;
        const names = namesOf(tie);
        const there = taskOf(next.asked, USUAL_SETTINGS);
        for (const id of names) {
          const mistake = mistakeNamed(id);
          const answers = mistake ? answersOf(mistake, there) : [];
          expect(answers.length, `${id} in ${questionCode(next.asked)}`).toBeGreaterThan(0);
          for (const each of answers) {
            const found = namesOf(
              judge(next.asked, handIn(next.asked, each.written), USUAL_SETTINGS)?.causes,
            );
            expect(found.filter((name) => names.includes(name))).toEqual([id]);
          }
        }
      }
    }
    console.info(`${kind}: ${told} of ${ties} ties have a question that tells them apart`);
  });
});

describe('what is practised', () => {
  it('is another key than the one asked, in which the mistake can be made again', () => {
    for (const asked of everyQuestion('scale').filter((_, at) => at % 13 === 0)) {
      if (asked.kind !== 'scale') continue;
      const { tonic, scale } = asked.question;
      for (const mistake of mistakesIn('scale')) {
        if (answersOf(mistake, taskOf(asked, USUAL_SETTINGS)).length === 0) continue;
        const next = practiceFor(mistake.id, { tonic, scale });
        expect(next.scale).toBe(scale);
        expect(next.tonic).not.toBe(tonic);
        const way = mistake.showsComingDown ? 'both' : 'up';
        const there: MarkQuestion = {
          kind: 'scale',
          question: { ...asked.question, ...next, direction: way },
        };
        expect(
          answersOf(mistake, taskOf(there, USUAL_SETTINGS)).length,
          `${mistake.id} in ${questionCode(there)}`,
        ).toBeGreaterThan(0);
      }
    }
  });
});
