import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Clef } from '@/core/instrument/staff';
import { PATTERNS } from '@/core/scale/pattern';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { BLANK } from '../answer';
import { judge } from '../judge';
import { keyOf, type MarkQuestion, markProblem } from '../kinds/all';
import { keyEntry } from './key/key-entry';
import { makeSheet } from './make-sheet';
import { fifthsAsked, measureOf } from './measure';
import { poolOf } from './pool';
import { type Recipe, SIGNATURE_WAYS, VERSIONS, type Version } from './recipe';
import { askedIn, itemCode, kindsOf, readItemCode, standsIn, TASK_IDS } from './task/all';
import { FORMS } from './task/task';
import { linesOf, scalesOf, TOPIC_IDS, type TopicId } from './topic';

const CLEFS: readonly (readonly Clef[])[] = [['treble'], ['bass'], ['treble', 'bass'], ['alto', 'tenor']];

type Asked = Recipe & { readonly topics: readonly TopicId[] };

const recipesOf = (most: number) =>
  fc
    .record({
      seed: fc.nat({ max: 2 ** 32 - 1 }),
      count: fc.integer({ min: 1, max: most }),
      topics: fc.subarray([...TOPIC_IDS], { minLength: 1, maxLength: 4 }),
      maxSigns: fc.integer({ min: 0, max: 7 }),
      clefs: fc.constantFrom(...CLEFS),
      signature: fc.constantFrom(...SIGNATURE_WAYS),
    })
    .map((made): Asked => ({ ...made, version: 'A', lines: linesOf(made.topics), habits: [] }));

/** The clef a question is asked in, read off its own words. */
const clefIn = ({ question }: MarkQuestion) => ('clef' in question ? question.clef : null);

/** Whether a question keeps the limits of its recipe, by what it says and nothing it was chosen by. */
function keeps(asked: MarkQuestion, { maxSigns, clefs, signature, topics }: Asked, task: string): boolean {
  const signs = Math.abs(fifthsAsked(asked) ?? 0);
  const clef = clefIn(asked);
  const scale = keyOf(asked)?.scale;
  const modes = scalesOf(topics).map((id) => PATTERNS[id].mode);
  const inClef = task === 'grand' ? clef === 'treble' : !clef || clefs.includes(clef);
  const inMode = asked.kind === 'partner' || !scale || modes.includes(PATTERNS[scale].mode);
  const inSignature =
    asked.kind !== 'scale' || signature === 'either' || asked.question.signature === signature;
  return signs <= maxSigns && inClef && inMode && inSignature && markProblem(asked) === null;
}

/** How many of each value. */
function counts<Value>(values: readonly Value[]): readonly number[] {
  return [...new Set(values)].map((value) => values.filter((each) => each === value).length);
}

describe('a sheet that is made', () => {
  it('keeps its limits, repeats nothing, and is balanced over kinds, over 1,000 seeds', () => {
    fc.assert(
      fc.property(recipesOf(12), (recipe) => {
        const { items, fits } = makeSheet(recipe);
        expect(items.length).toBe(Math.min(recipe.count, fits));
        const codes = items.map(({ item }) => itemCode(item));
        expect(new Set(codes).size).toBe(codes.length);
        for (const { item } of items) {
          const asked = askedIn(item);
          expect(asked && keeps(asked, recipe, item.task), itemCode(item)).toBe(true);
        }
        const rooms = recipe.lines.map((line) => poolOf(line, recipe).length);
        const lines = counts(items.map(({ cell }) => cell.line));
        // A sort with few questions may run out of them; all others take turns.
        if (Math.min(...rooms) >= Math.ceil(recipe.count / rooms.length))
          expect(Math.max(...lines) - Math.min(...lines)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 1000 },
    );
  }, 120_000);

  it('has no key beside itself in one kind, and hard keys apart, where there is a choice', () => {
    const beside = (signs: readonly number[], bad: (one: number, other: number) => boolean) =>
      signs.filter((count, at) => at > 0 && bad(signs[at - 1] as number, count)).length;
    let [same, hard, all] = [0, 0, 0];
    for (let seed = 0; seed < 200; seed += 1) {
      const lines = linesOf(['minors', 'signatures']);
      const made = makeSheet({
        ...{ seed, version: 'A', count: 12, lines, maxSigns: 6 },
        ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [] },
      });
      const signs = made.items.map(({ item }) => Number(fifthsAsked(askedIn(item) as MarkQuestion)));
      same += beside(signs, (one, other) => one === other);
      hard += beside(signs, (one, other) => Math.abs(one) >= 5 && Math.abs(other) >= 5);
      all += signs.length - 1;
    }
    expect(same / all).toBeLessThan(0.01);
    expect(hard / all).toBeLessThan(0.05);
  });

  it('asks to build and to recognise the same signatures', () => {
    for (let seed = 0; seed < 100; seed += 1) {
      const made = makeSheet({
        ...{ seed, version: 'A', count: 12, lines: linesOf(['signatures']), maxSigns: 7 },
        ...{ clefs: ['treble', 'bass'], signature: 'written', habits: [] },
      });
      const of = (kind: string) =>
        made.items
          .filter(({ candidate }) => candidate.asked.kind === kind)
          .map(({ candidate }) => candidate.count)
          .toSorted();
      expect(of('signature')).toEqual(of('name-key'));
      expect(of('name-signature')).toEqual(of('name-key'));
    }
  });

  it('is balanced over clefs', () => {
    for (let seed = 0; seed < 100; seed += 1) {
      const made = makeSheet({
        ...{ seed, version: 'A', count: 12, lines: linesOf(['minors', 'gaps']), maxSigns: 5 },
        ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [] },
      });
      expect(counts(made.items.map(({ candidate }) => candidate.clef))).toEqual([6, 6]);
    }
  });
});

describe('versions', () => {
  it('differ in every question and not in measure, over 1,000 seeds', () => {
    const picked = fc.constantFrom<Version>('B', 'B', 'C', 'D');
    fc.assert(
      fc.property(recipesOf(6), picked, (recipe, version) => {
        const earlier = VERSIONS.slice(0, VERSIONS.indexOf(version)).map((each) =>
          makeSheet({ ...recipe, version: each }),
        );
        const { items, measure, again } = makeSheet({ ...recipe, version });
        for (const other of earlier) expect(other.measure).toBe(measure);
        for (const [at, { item, cell, candidate }] of items.entries()) {
          const same = earlier.some(
            ({ items: row }) => itemCode((row[at] ?? fail()).item) === itemCode(item),
          );
          if (!same) continue;
          // Only where there are not as many questions of that measure as versions, and then it is told.
          expect(again).toContain(at);
          const line = recipe.lines[cell.line] ?? fail();
          // What another line of the sheet asks already is none to take instead.
          const elsewhere = items.filter((each) => each.cell.line !== cell.line);
          const alike = poolOf(line, recipe).filter(
            ({ measure: weight, code }) =>
              weight === candidate.measure && !elsewhere.some((each) => each.candidate.code === code),
          );
          expect(alike.length, JSON.stringify(recipe)).toBeLessThanOrEqual(
            earlier.length * Math.max(1, items.filter((each) => each.cell.line === cell.line).length),
          );
        }
      }),
      { numRuns: 1000 },
    );
  }, 120_000);

  it('share no question where there are enough', () => {
    for (let seed = 0; seed < 10; seed += 1) {
      const codes = VERSIONS.slice(0, 4).flatMap((version) =>
        makeSheet({
          ...{ seed, version, count: 12, lines: linesOf(['minors', 'gaps', 'find-mistake']) },
          ...{ maxSigns: 4, clefs: ['treble', 'bass'] as const, signature: 'either', habits: [] },
        }).items.map(({ item }) => itemCode(item)),
      );
      expect(new Set(codes).size / codes.length).toBe(1);
    }
  });
});

function fail(): never {
  throw new Error('not there');
}

describe('the measure', () => {
  it('is what the docs say of it, for questions of every part', () => {
    const sum = (code: string) => {
      const item = readItemCode(`answer*${code}`);
      return measureOf((item && askedIn(item)) ?? fail());
    };
    // A scale 4; five to seven signs 2; one raised note 1; both ways 2; signs at the notes 1.
    expect(sum('scale.B.major.up.treble.written')).toBe(4 + 2);
    expect(sum('scale.C.harmonic-minor.both.bass.none')).toBe(4 + 1 + 1 + 2 + 1);
    expect(sum('scale.D.melodic-minor.down.alto.written')).toBe(4 + 0 + 2 + 1 + 1);
    expect(sum('name-key.-7.minor')).toBe(2 + 2);
    expect(sum('order.-3')).toBe(1 + 1);
    expect(sum('scale.E.dorian.up.treble.written')).toBe(4 + 0 + 1);
  });
});

describe('every task', () => {
  const made = TOPIC_IDS.flatMap((topic) =>
    [3].flatMap((seed) =>
      makeSheet({
        ...{ seed, version: 'A', count: 12, lines: linesOf([topic]), maxSigns: 5 },
        ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [] },
      }).items.map(({ item }) => item),
    ),
  );

  it('is made by some topic, or stands on a sheet by hand', () => {
    const tasks = new Set<string>(made.map(({ task }) => task));
    expect(TASK_IDS.filter((id) => !tasks.has(id))).toEqual(['circle', 'staff']);
    for (const id of TASK_IDS) expect(kindsOf(id).length > 0).toBe(tasks.has(id));
  });

  it('is the same after its code was read', () => {
    for (const item of made) {
      const code = itemCode(item);
      expect(code).toMatch(/^[\w#.!*-]+$/u);
      const read = readItemCode(code);
      expect(read?.task).toBe(item.task);
      expect(read && itemCode(read)).toBe(code);
    }
  });

  it('never has more standing there than the right answer, which stands in a worked form', () => {
    for (const item of made) {
      const asked = askedIn(item) ?? fail();
      const stands = Object.fromEntries(
        FORMS.map((form) => [form, judge(asked, standsIn(item, form, USUAL_SETTINGS), USUAL_SETTINGS)]),
      );
      expect(stands['worked']?.correct, itemCode(item)).toBe(true);
      // An empty signature is all there is to it, half of it and none of it.
      const empty = asked.kind === 'signature' && fifthsAsked(asked) === 0;
      expect(stands['half']?.correct, itemCode(item)).toBe(empty);
      expect(stands['blank']?.correct, itemCode(item)).toBe(false);
    }
  });

  it('in its key, has answers that Mark takes and wrong ones that it does not, with the habit first and alone', () => {
    for (const item of made) {
      const entry = keyEntry(item, USUAL_SETTINGS) ?? fail();
      const { asked } = entry;
      for (const answer of entry.answers)
        expect(judge(asked, answer, USUAL_SETTINGS)?.correct, itemCode(item)).toBe(true);
      const wrong = entry.likely.map(({ habit, answer }) => ({ habit, answer }));
      if (item.task === 'find-mistake' || item.task === 'which-note') {
        wrong.push({ habit: item.habit, answer: item.shown });
        expect(entry.fault?.places.length).toBeGreaterThan(0);
        if (item.task === 'which-note') expect(entry.fault?.places).toHaveLength(1);
      }
      for (const { habit, answer } of wrong) {
        const judged = judge(asked, answer, USUAL_SETTINGS);
        expect(judged?.correct).toBe(false);
        const [first, second] = judged?.causes ?? [];
        expect(first?.habits, itemCode(item)).toEqual([habit]);
        expect(second && second.ranks[0] === first?.ranks[0] && second.ranks.length === 1).toBeFalsy();
      }
      expect(judge(asked, BLANK, USUAL_SETTINGS)?.correct).toBe(false);
    }
  });

  it('is refused where its code is of another task, or broken', () => {
    for (const code of [
      '',
      'answer',
      'gaps*order.3*1',
      'gaps*scale.B.major.up.treble.none*7',
      'staff**alto.13',
    ])
      expect(readItemCode(code), code).toBeNull();
  });
});
