import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type * as z from 'zod';
import { KIND_IDS } from '@/core/exercise/kinds/all';
import { MISTAKE_IDS } from '@/core/mark/mistakes/all';
import { SCALE_IDS } from '@/core/scale/pattern';
import { SCALE_TABLE, tableScale } from '@/core/scale/scale-table';
import { answerMark } from './_mark-answer';
import { MARK_EXAMPLES } from './_mark-kinds';
import { BATCH_LIMIT, markAnswer, markBatchAnswer } from './_mark-schemas';
import { openApiDocument } from './_openapi';
import { problemAnswer } from './_schemas';

type Mark = z.infer<typeof markAnswer>;

async function marked(question: unknown, answer: unknown, options?: unknown): Promise<Mark> {
  const found = await answerMark(options ? { question, answer, options } : { question, answer });
  if (!found.ok) throw new Error(found.problem.detail);
  return markAnswer.parse(JSON.parse(found.text));
}

async function refused(sent: unknown): Promise<{ readonly status: number; readonly detail: string }> {
  const found = await answerMark(sent);
  if (found.ok) throw new Error(`answered ${found.text}`);
  return problemAnswer.parse(found.problem);
}

const notes = (text: string) => ({ notes: text.split(' ') });
const scale = (tonic: string, id: string, more: object = {}) => ({
  kind: 'scale',
  tonic,
  scale: id,
  ...more,
});

describe('POST /mark, a scale', () => {
  it('is right for every scale of the table, in every direction, and wrong for the same with one note changed', async () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { up, down } = tableScale(row, id);
        const both = [...up, ...down.slice(1)];
        for (const [direction, right] of Object.entries({ up, down, both })) {
          const found = await marked(scale(row.tonic, id, { direction }), { notes: right });
          expect(found).toMatchObject({
            correct: true,
            findings: [],
            causes: [],
            score: { got: right.length, of: right.length },
          });
          expect(found.checks.every(({ holds }) => holds !== false)).toBe(true);
        }
        const wrong = [...up];
        wrong[3] = up[4] ?? '';
        expect(await marked(scale(row.tonic, id), { notes: wrong })).toMatchObject({ correct: false });
      }
    }
  }, 60_000);

  it('has the habit first, its notes, its words and its cure', async () => {
    const found = await marked(scale('B', 'harmonic-minor'), notes('B C# D E F# G# A# B'));
    expect(found).toMatchObject({ correct: false, score: { got: 7, of: 8 } });
    expect(found.findings[0]).toMatchObject({ code: 'wrong-sign', index: 5, expected: 'G', got: 'G#' });
    expect(found.causes[0]).toMatchObject({
      code: 'sixth-raised',
      codes: ['sixth-raised'],
      notes: [5],
      explains: 1,
    });
    expect(found.causes[0]?.ties).toContain('wrong-mode');
    expect(found.causes[0]?.text).toContain('Raised the 6th as well as the 7th');
    expect(found.checks).toContainEqual({
      check: 'steps-in-order',
      holds: false,
      text: 'Steps in order: expected a half step after 5',
    });
    expect(found.checks).toContainEqual({
      check: 'asked-scale',
      holds: false,
      text: 'It is B melodic minor; B harmonic minor was asked',
    });
  });

  it('names the weightier of a pair, and both', async () => {
    const pair = await marked(scale('E', 'harmonic-minor'), notes('E F G A B C D# E'));
    expect(pair.causes[0]?.codes.length).toBeGreaterThan(0);
    const two = await marked(scale('E', 'harmonic-minor'), notes('E F G A B C D E'));
    expect(two.causes[0]?.codes.length).toBeLessThanOrEqual(2);
    for (const { code, codes } of [...pair.causes, ...two.causes]) expect(codes[0]).toBe(code);
  });

  it('of any length is judged; a note left out does not make those after it wrong', async () => {
    const short = await marked(scale('D', 'major'), notes('D E F G A B C#'));
    expect(short.findings.map(({ code }) => code)).toContain('note-missing');
    expect(short.findings.filter(({ code }) => code === 'wrong-sign')).toHaveLength(1);
    expect(await marked(scale('D', 'major'), { notes: [] })).toMatchObject({
      correct: false,
      causes: [],
      score: { got: 0 },
    });
    // The habit is seen in what is there, and what is not there costs by itself.
    const gaps = await marked(scale('D', 'major'), notes('D F G Bb C D'));
    expect(gaps.causes[0]).toMatchObject({ code: 'kind-swapped', explains: 3 });
    expect(gaps.score).toEqual({ got: 5, of: 8 });
    expect(gaps.checks).toContainEqual({ check: 'none-twice', holds: true, text: 'None twice' });
    expect(gaps.checks).toContainEqual(expect.objectContaining({ check: 'top-as-bottom', holds: true }));
    const long = await marked(scale('C', 'major'), notes('C D E F F G A B C'));
    expect(long.checks).toContainEqual(expect.objectContaining({ check: 'none-twice', holds: false }));
    expect(long.findings.map(({ code }) => code)).toContain('note-extra');
  });

  it('tells style from mistakes: signs printed again, needed, or said wrong', async () => {
    const question = scale('G', 'major', { signature: 'written' });
    const right = notes('G A B C D E F# G');
    const printed = (sign: string | null) => [null, null, null, null, null, null, sign, null];
    const codes = async (sign: string | null) => {
      const found = await marked(question, { ...right, printed: printed(sign) });
      expect(found.correct).toBe(true);
      return found.findings.map(({ code }) => code);
    };
    expect(await codes(null)).toEqual([]);
    expect(await codes('#')).toEqual(['sign-repeated']);
    expect(await codes('b')).toEqual(['sign-misplaced']);
    const plain = await marked(scale('G', 'major'), { ...right, printed: printed(null) });
    expect(plain).toMatchObject({ correct: true });
    expect(plain.findings).toMatchObject([{ code: 'sign-needed', index: 6, expected: '#' }]);
    const natural = await marked(scale('C', 'major'), { ...notes('C D E F G A B C'), printed: printed('n') });
    expect(natural.findings.map(({ code }) => code)).toEqual(['sign-unwanted']);
  });

  it('asks for the naturals of melodic minor coming down, unless the class does not write them', async () => {
    const question = scale('A', 'melodic-minor', { direction: 'both' });
    const answer = {
      ...notes('A B C D E F# G# A G F E D C B A'),
      printed: [null, null, null, null, null, '#', '#', ...Array.from({ length: 8 }, () => null)],
    };
    expect((await marked(question, answer)).findings.map(({ code }) => code)).toEqual([
      'sign-needed',
      'sign-needed',
    ]);
    expect((await marked(question, answer, { cancelling: 'not-written' })).findings).toEqual([]);
  });

  it('sees a scale written the other way, and a note in another octave', async () => {
    const down = await marked(scale('C', 'major', { direction: 'down' }), notes('C D E F G A B C'));
    expect(down.correct).toBe(false);
    expect(down.findings[0]).toMatchObject({ code: 'wrong-direction', expected: 'down', got: 'up' });
    const octaves = [4, 4, 4, 4, 4, 5, 4, 5];
    const leap = await marked(scale('C', 'major'), { ...notes('C D E F G A B C'), octaves });
    expect(leap.findings.map(({ code, index }) => [code, index])).toContainEqual(['wrong-octave', 5]);
    expect(leap.correct).toBe(false);
    const deep = await marked(scale('C', 'major'), {
      ...notes('C D E F G A B C'),
      octaves: [2, 2, 2, 2, 2, 2, 2, 3],
    });
    expect(deep.correct).toBe(true);
  });

  it('judges the signature that was drawn with it', async () => {
    const question = scale('D', 'major', { signature: 'written', clef: 'treble' });
    const right = notes('D E F# G A B C# D');
    const drawn = async (signature: unknown) =>
      (await marked(question, { ...right, signature })).findings.map(({ code }) => code);
    expect(
      await drawn([
        { sign: '#', place: 'F5' },
        { sign: '#', place: 'C5' },
      ]),
    ).toEqual([]);
    expect(
      await drawn([
        { sign: 'C#', place: 'C5' },
        { sign: 'F#', place: 'F5' },
      ]),
    ).toEqual(['order-wrong', 'order-wrong']);
    expect(
      await drawn([
        { sign: '#', place: 'F4' },
        { sign: '#', place: 'C5' },
      ]),
    ).toEqual(['place-wrong']);
  });

  it('counts by the scheme asked for: a note each, half for a letter, all or nothing, and what follows through', async () => {
    const question = scale('Eb', 'major');
    const answer = notes('Eb F G A B C D Eb');
    const score = async (options: object) => (await marked(question, answer, options)).score;
    expect(await score({})).toEqual({ got: 7, of: 8 });
    expect(await score({ followThrough: 'each' })).toEqual({ got: 6, of: 8 });
    expect(await score({ marks: 'letter-sign', followThrough: 'each' })).toEqual({ got: 7, of: 8 });
    expect(await score({ marks: 'all' })).toEqual({ got: 0, of: 1 });
  });

  it('shows a real tie with the question that tells it apart', async () => {
    const found = await marked(scale('G', 'major'), notes('G A B C D E F G'));
    const [first] = found.causes;
    const even = found.causes.filter((each) => each.even);
    expect(even.length).toBeGreaterThan(1);
    expect(first?.ask).toMatch(/major/u);
    const known = await marked(scale('G', 'major'), notes('G A B C D E F G'), { known: ['one-too-few'] });
    expect(known.causes[0]?.code).toBe('one-too-few');
  });
});

describe('POST /mark, the other kinds', () => {
  const wanted: Readonly<Record<string, string>> = {
    scale: 'seventh-not-raised',
    signature: 'raised-in-signature',
    'name-key': 'named-last-flat',
    'name-signature': 'one-too-few',
    order: 'order-swapped',
    steps: 'pattern-long',
    'name-scale': 'seventh-not-raised',
    partner: 'relative-wrong-way',
    degree: 'fifth-by-letters',
    chord: 'diminished-unmarked',
    transpose: 'transposed-wrong-way',
  };

  it.each(KIND_IDS)('%s: the example of the document has its habit', async (kind) => {
    const { question, answer } = MARK_EXAMPLES[kind].value;
    const found = await marked(question, answer);
    expect(found.correct).toBe(false);
    expect([found.causes[0]?.code, ...(found.causes[0]?.ties ?? [])]).toContain(wanted[kind]);
    expect(found.findings.length).toBeGreaterThan(0);
    expect(found.score.got).toBeLessThan(found.score.of);
  });

  it('a chord in another order is right, and said to be inverted where its root is not the lowest', async () => {
    const question = { kind: 'chord', tonic: 'F', scale: 'harmonic-minor', degree: 5 };
    const inversion = await marked(question, notes('E G C'));
    expect(inversion).toMatchObject({ correct: true, causes: [], score: { got: 3, of: 3 } });
    expect(inversion.findings.map(({ code, text }) => [code, text])).toEqual([
      ['inverted', 'All the notes are there; E stands below C, so it is an inversion.'],
    ]);
    const open = await marked(question, notes('C G E'));
    expect(open.correct).toBe(true);
    expect(open.findings[0]?.text).toBe(
      'All the notes are there, C the lowest; only the order of the others is another.',
    );
    const doubled = await marked(question, notes('E G C C'));
    expect(doubled.correct).toBe(true);
    expect(doubled.findings.map(({ code }) => code)).toEqual(['inverted', 'more-than-asked']);
    expect((await marked(question, notes('E G C D'))).correct).toBe(false);
  });

  it('a key in its enharmonic spelling is one mistake, and so is a tonic without its sign', async () => {
    const respelled = await marked(scale('Db', 'major'), notes('C# D# E# F# G# A# B# C#'));
    expect(respelled.causes[0]).toMatchObject({ codes: ['key-respelled'], explains: 8 });
    const dropped = await marked(scale('Db', 'major'), notes('D E F# G A B C# D'));
    expect(dropped.causes[0]?.codes).toEqual(['tonic-sign-dropped']);
  });

  it('wants the mode word and the capital, or not', async () => {
    const question = { kind: 'name-key', fifths: 2, mode: 'major' };
    const codes = async (key: string, options: object = {}) =>
      (await marked(question, { key }, options)).findings.map(({ code }) => code);
    expect(await codes('D major')).toEqual([]);
    expect(await codes('D')).toEqual(['mode-unsaid']);
    expect(await codes('d major')).toEqual(['capital']);
    expect(await codes('D', { modeWord: 'not-wanted' })).toEqual([]);
    expect(await codes('d major', { capital: 'not-wanted' })).toEqual([]);
    expect(await codes('D minor')).toEqual(['mode-differs']);
  });

  it('hears a list that is said twice in one place, and a number that does not agree with it', async () => {
    const order = await marked(
      { kind: 'order', signs: 'sharps', count: 4 },
      { signs: ['F#', 'C#', 'F#', 'D#'] },
    );
    expect(order.checks).toContainEqual({ check: 'none-twice', holds: false, text: 'F♯ stands twice' });
    const letters = await marked(
      { kind: 'order', signs: 'sharps', count: 4 },
      { signs: ['F', 'C', 'G', 'D'] },
    );
    expect(letters).toMatchObject({ correct: false, score: { got: 0, of: 4 } });
    expect(letters.findings.map(({ code }) => code)).toEqual(Array(4).fill('wrong-sign'));
    const named = await marked(
      { kind: 'name-signature', tonic: 'Eb', scale: 'major' },
      { fifths: -3, accidentals: ['Bb', 'Eb'] },
    );
    expect(named.findings.map(({ code }) => code)).toContain('count-and-list-differ');
  });
});

describe('POST /mark, what is sent', () => {
  it('is refused with what was read and what is allowed', async () => {
    expect((await refused({})).status).toBe(400);
    expect(await refused({ question: { kind: 'tune' }, answer: {} })).toMatchObject({ status: 422 });
    expect((await refused({ question: scale('H', 'major'), answer: notes('C') })).detail).toContain("'H'");
    expect((await refused({ question: scale('C', 'majr'), answer: notes('C') })).status).toBe(422);
    expect(
      (await refused({ question: scale('C', 'major'), answer: { notes: ['C', 'Q'] } })).detail,
    ).toContain("'Q'");
    expect((await refused({ question: scale('C', 'major'), answer: { notes: 'C D' } })).status).toBe(400);
    expect(
      (await refused({ question: scale('C', 'major'), answer: notes('C'), options: { marks: 'lots' } }))
        .status,
    ).toBe(422);
    expect(
      (await refused({ question: { kind: 'signature', tonic: 'G#', scale: 'major' }, answer: { signs: [] } }))
        .detail,
    ).toContain('seven signs');
    const many = Array.from({ length: BATCH_LIMIT + 1 }, (_, at) => ({
      id: String(at),
      question: {},
      answer: {},
    }));
    expect((await refused({ batch: many })).detail).toContain('2001 answers');
  });

  it('in a batch answers for itself', async () => {
    const found = await answerMark({
      batch: [
        { id: 'a', question: scale('C', 'major'), answer: notes('C D E F G A B C') },
        { id: 'b', question: scale('H', 'major'), answer: notes('C') },
        { id: 'c', ...MARK_EXAMPLES.chord.value },
      ],
    });
    if (!found.ok) throw new Error(found.problem.detail);
    const { batch } = markBatchAnswer.parse(JSON.parse(found.text));
    expect(batch).toMatchObject([
      { id: 'a', correct: true },
      { id: 'b', problem: { status: 422 } },
      { id: 'c', correct: false },
    ]);
  });

  it('of any shape never fails', async () => {
    const kind = fc.constantFrom(...KIND_IDS);
    await fc.assert(
      fc.asyncProperty(kind, fc.jsonValue(), fc.jsonValue(), async (of, question, answer) => {
        const found = await answerMark({ question: { ...Object(question), kind: of }, answer });
        if (!found.ok) expect(found.problem.status).toBeGreaterThanOrEqual(400);
      }),
      { numRuns: 200 },
    );
  });

  it('is described with every kind, every habit and an example each', () => {
    const text = JSON.stringify(openApiDocument());
    for (const kind of KIND_IDS) expect(text).toContain(`"const":"${kind}"`);
    for (const id of MISTAKE_IDS) expect(text).toContain(`"${id}"`);
    expect(Object.keys(MARK_EXAMPLES)).toEqual([...KIND_IDS]);
  });
});
