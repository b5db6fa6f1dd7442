import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KIND_IDS } from '@/core/exercise/kinds/all';
import { answerMark } from './_mark-answer';
import { answerSheet, SHEET_EXAMPLES, sheetAnswer } from './_sheet-answer';

type Sheet = {
  readonly seed: number;
  readonly version: string;
  readonly questions: readonly {
    readonly number: number;
    readonly question: Record<string, unknown>;
    readonly answers: readonly Record<string, unknown>[];
    readonly text: string;
    readonly reason: string;
  }[];
  readonly measure: number;
};

function sheet(body: unknown): Sheet {
  const found = answerSheet(body);
  if (!found.ok) throw new Error(`${found.problem.status} ${found.problem.detail}`);
  const document = sheetAnswer.safeParse(JSON.parse(found.text));
  expect(document.error).toBeUndefined();
  return JSON.parse(found.text) as Sheet;
}

/** What Mark finds in an answer, as another program would ask it. */
async function marked(question: unknown, answer: unknown) {
  const found = await answerMark({ question, answer });
  if (!found.ok) throw new Error(`${found.problem.detail} ${JSON.stringify({ question, answer })}`);
  return JSON.parse(found.text) as {
    correct: boolean;
    causes: readonly { code: string; ties: readonly string[]; even: boolean }[];
  };
}

const bodies = fc.record(
  {
    seed: fc.nat({ max: 2 ** 32 - 1 }),
    count: fc.integer({ min: 1, max: 6 }),
    kinds: fc.subarray([...KIND_IDS, 'find-mistake'], { minLength: 1, maxLength: 3 }),
    maxSigns: fc.integer({ min: 2, max: 7 }),
    clefs: fc.subarray(['treble', 'bass'], { minLength: 1 }),
  },
  { requiredKeys: ['seed', 'count', 'kinds', 'maxSigns'] },
);

describe('POST /sheet', () => {
  it('gives questions and answers that /mark takes, and takes for right', async () => {
    await fc.assert(
      fc.asyncProperty(bodies, async (body) => {
        const { questions } = sheet(body);
        expect(questions.map(({ number }) => number)).toEqual(questions.map((_, at) => at + 1));
        for (const { question, answers, text, reason } of questions) {
          expect(text).not.toBe('');
          expect(reason).not.toBe('');
          if (question['kind'] !== 'find-mistake') {
            for (const answer of answers) expect((await marked(question, answer)).correct).toBe(true);
            continue;
          }
          const [key] = answers;
          expect((await marked(question['of'], key?.['right'])).correct).toBe(true);
          const shown = await marked(question['of'], question['shown']);
          expect(shown.correct).toBe(false);
          expect(shown.causes[0]?.code).toBe(key?.['habit']);
          expect(shown.causes.filter(({ even }) => even)).toHaveLength(1);
          const row = (part: unknown) => (part as { notes: readonly string[] }).notes;
          const index = key?.['index'] as number;
          expect(row(question['shown'])[index]).not.toBe(row(key?.['right'])[index]);
        }
      }),
      { numRuns: 30 },
    );
  }, 60_000);

  it('is the same for the same body, and other in every question of another version, not in measure', () => {
    const body = { ...SHEET_EXAMPLES.mistakes.value };
    const versions = ['A', 'B', 'C', 'D'].map((version) => sheet({ ...body, version }));
    expect(sheet(body)).toEqual(versions[1]);
    for (const [at, one] of versions.entries()) {
      for (const other of versions.slice(at + 1)) {
        expect(other.measure).toBe(one.measure);
        for (const [place, { question }] of one.questions.entries())
          expect(other.questions[place]?.question).not.toEqual(question);
      }
    }
    expect(sheet(SHEET_EXAMPLES.signatures.value).questions).toHaveLength(8);
  });

  it('says what it does not take, and why', () => {
    const good = SHEET_EXAMPLES.signatures.value;
    const status = (body: unknown) => {
      const found = answerSheet(body);
      return found.ok ? 200 : found.problem.status;
    };
    expect(status(null)).toBe(400);
    expect(status({ ...good, more: 1 })).toBe(400);
    expect(status({ ...good, seed: 'x' })).toBe(400);
    expect(status({ ...good, count: 41 })).toBe(422);
    expect(status({ ...good, maxSigns: 8 })).toBe(422);
    expect(status({ ...good, kinds: ['fugue'] })).toBe(422);
    expect(status({ ...good, version: 'E' })).toBe(422);
    const few = answerSheet({ ...good, kinds: ['order'], maxSigns: 1 });
    expect(few.ok ? '' : few.problem.detail).toContain('2 different questions fit');
  });
});
