import { describe, expect, it } from 'vitest';
import { answersOf } from '../mark/explain/made';
import { byRank } from '../mark/explain/rank';
import type { Judged } from '../mark/judging/judged';
import { scoreOf } from '../mark/judging/marks';
import { answerOf } from '../mark/machine/answer';
import { isSame, type Written } from '../mark/machine/written';
import { MISTAKES, type MistakeId, mistakesIn } from '../mark/mistakes/all';
import { SCOPES } from '../mark/mistakes/mistake';
import { USUAL_SETTINGS } from '../school/settings';
import { answerCode, questionCode } from './code';
import { answering, asking, EVERY_QUESTION, everyQuestion } from './every-question.test-data';
import { handIn } from './hand-in';
import { judge } from './judge';
import { KIND_IDS, type MarkQuestion, rightAnswer, taskOf } from './kinds/all';

/** Codes of an answer's causes, two of a pair joined. */
const namesOf = ({ causes }: Judged) => causes.map(({ habits }) => habits.join('+'));

function judged(asked: MarkQuestion, answer: Parameters<typeof judge>[1]): Judged {
  const found = judge(asked, answer, USUAL_SETTINGS);
  if (!found) throw new Error(`${questionCode(asked)} cannot be marked`);
  return found;
}

describe('the right answer of every question', () => {
  it('is what each program of it writes', () => {
    for (const asked of EVERY_QUESTION) {
      const task = taskOf(asked, USUAL_SETTINGS);
      for (const program of task.programs) {
        const written = answerOf(program);
        expect(
          written && isSame(task.right, written),
          `${questionCode(asked)} ${JSON.stringify(written)}`,
        ).toBe(true);
      }
    }
  });

  it('is right, has no mistake and all its marks, in every kind and key', () => {
    for (const asked of EVERY_QUESTION) {
      const found = judged(asked, rightAnswer(asked, USUAL_SETTINGS));
      expect(found, questionCode(asked)).toMatchObject({ correct: true, findings: [], causes: [] });
      const { got, of } = scoreOf(found, USUAL_SETTINGS);
      expect(got).toBe(of);
    }
  });
});

describe('the catalogue', () => {
  it('has every mistake once, the weightier first', () => {
    const ranks = MISTAKES.map(({ rank }) => rank);
    expect(ranks).toEqual(ranks.toSorted((a, b) => a - b));
    expect(new Set(MISTAKES.map(({ id }) => id)).size).toBe(MISTAKES.length);
  });

  it.each(MISTAKES.map((each) => [each.id, each] as const))('%s explains its example', (id, { example }) => {
    const asked = asking(example.asked);
    const found = judged(asked, answering(asked, example.answered));
    const [first] = found.causes;
    const even = found.causes.filter((each) => first && byRank(each, first) === 0);
    expect(found.correct).toBe(false);
    expect(even.map(({ habits }) => habits.join('+'))).toContain(id);
  });

  it('serves the kinds it says it serves', () => {
    for (const scope of SCOPES.filter((each) => each !== 'place')) {
      const kind = KIND_IDS.find((id) => id === (scope === 'numeral' ? 'chord' : scope));
      if (!kind) throw new Error(`no kind for ${scope}`);
      const tasks = everyQuestion(kind)
        .map((asked) => taskOf(asked, USUAL_SETTINGS))
        .filter((task) => task.scope === scope);
      for (const mistake of mistakesIn(scope))
        expect(
          tasks.some((task) => answersOf(mistake, task).length > 0),
          `${mistake.id} in ${scope}`,
        ).toBe(true);
    }
  });
});

type Count = { made: number; found: number; first: number };

/** Enough of a kind to go through everything that its mistakes make. */
function someOf(kind: (typeof KIND_IDS)[number]): readonly MarkQuestion[] {
  return everyQuestion(kind).filter((asked, at) => {
    if (asked.kind === 'scale') return asked.question.direction === 'up' ? at % 2 === 0 : at % 7 === 0;
    return asked.kind !== 'chord' || at % 7 === 0;
  });
}

/** A numeral as it is read: without a sign, and a figure 7 does not say which seventh it is. */
function asRead(written: Written): Written {
  if (written.is !== 'numeral') return written;
  const { seventh } = written.numeral;
  return {
    is: 'numeral',
    numeral: { ...written.numeral, sign: null, seventh: seventh === 'minor' ? 'any' : seventh },
  };
}

describe('what a mistake makes', () => {
  it.each(KIND_IDS)('is found again, in %s', (kind) => {
    const counts = new Map<MistakeId, Count>();
    for (const asked of someOf(kind)) {
      const task = taskOf(asked, USUAL_SETTINGS);
      const all = mistakesIn(task.scope).flatMap((mistake) => answersOf(mistake, task));
      const made = all.filter(
        ({ mistake }, at) => all.findIndex((each) => each.mistake === mistake) > at - 6,
      );
      for (const { mistake, written } of made) {
        const found = judged(asked, handIn(asked, written));
        const count = counts.get(mistake.id) ?? { made: 0, found: 0, first: 0 };
        counts.set(mistake.id, count);
        const names = namesOf(found);
        count.made += 1;
        if (names.includes(mistake.id) || found.findings[0]?.code === 'wrong-direction') count.found += 1;
        if (names[0] === mistake.id) count.first += 1;
        expect(found.findings.length).toBeGreaterThan(0);
        const { got, of } = scoreOf(found, USUAL_SETTINGS);
        expect(got, `${questionCode(asked)} ${answerCode(handIn(asked, written))}`).toBeLessThan(of);
        const makers = new Set(
          all.flatMap((other) => (isSame(other.written, asRead(written)) ? [other.mistake.id] : [])),
        );
        // All the steps in the other order are only said the other way.
        if (found.findings[0]?.code === 'wrong-direction') continue;
        if (makers.size === 1) expect(names).toEqual([mistake.id]);
        expect(names.toSorted()).toEqual([...makers].toSorted());
      }
    }
    for (const [id, { made, found, first }] of counts) {
      console.info(`${kind}, ${id}: ${found} of ${made} found again, ${first} of them first`);
      expect(found / made).toBeGreaterThanOrEqual(0.98);
    }
  });
});
