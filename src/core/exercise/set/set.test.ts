import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asciiName } from '../../note/spelled';
import { CHOICES, USUAL_SETTINGS, withSetting } from '../../school/settings';
import { BLANK_CODE } from '../code';
import { cellOf, totalOf } from './cell';
import { countedCells, habitNeeds, keyNeeds, questionNeeds, sameAnswers, settledIn } from './needs';
import { laid, UNDECIDED } from './paper';
import { codeOf, MINORS, paperOf, SCHOOL, workOf } from './set.test-data';
import { slipFor } from './slip';
import { teachTomorrow } from './tomorrow';
import { usualAnswers } from './usual';
import { givenAnswers, judgedSet, judgingSet, rejudged, setSchool, unjudged } from './verdict';

const [E_MINOR, C_MINOR, F_MINOR] = MINORS;
if (!E_MINOR || !C_MINOR || !F_MINOR) throw new Error('no questions');

const SEVENTH = 'seventh-not-raised';
const right = (at: number) => codeOf(MINORS[at] ?? E_MINOR) ?? '';
const wrong = (at: number, habit = SEVENTH) => codeOf(MINORS[at] ?? E_MINOR, habit) ?? '';

/** A made-up class: everybody makes slips of their own, by numbers that can be repeated. */
const anyAnswers = fc.array(
  fc.record({
    person: fc.integer({ min: 0, max: 11 }),
    question: fc.integer({ min: 0, max: MINORS.length - 1 }),
    habit: fc.constantFrom(
      null,
      null,
      null,
      SEVENTH,
      'one-too-few',
      'one-too-many',
      'sixth-raised',
      'respelled',
    ),
  }),
  { maxLength: 80 },
);

type AnyAnswer = { readonly person: number; readonly question: number; readonly habit: string | null };

function papersOf(answers: readonly AnyAnswer[]) {
  const all = new Map<string, Record<string, string>>();
  for (const { person, question: at, habit } of answers) {
    const question = MINORS[at] ?? E_MINOR;
    const own = all.get(`p${person}`) ?? {};
    // The first that was entered stands.
    if (question && own[question.id] === undefined) own[question.id] = codeOf(question, habit) ?? right(at);
    all.set(`p${person}`, own);
  }
  return [...all].map(([person, own]) => paperOf(person, own));
}

describe('an answer of a set', () => {
  it('is judged by what it is and not by whose or when: any order of entry gives the same marks', () => {
    fc.assert(
      fc.property(anyAnswers, fc.integer(), (answers, seed) => {
        const papers = papersOf(answers);
        const work = workOf(MINORS, papers);
        // The same answers judged one by one, from the last to the first, as if they were entered so.
        const given = givenAnswers(MINORS, papers);
        const turned = given
          .toSorted((a, b) => ((a[1].length * seed) % 7) - ((b[1].length * seed) % 7))
          .toReversed();
        const later = { ...work, verdicts: judgedSet(MINORS, turned, SCHOOL), papers: papers.toReversed() };
        for (const paper of papers) expect(totalOf(later, paper)).toEqual(totalOf(work, paper));
        expect(habitNeeds(later).map(({ habit, people }) => [habit, people.toSorted()])).toEqual(
          habitNeeds(work).map(({ habit, people }) => [habit, people.toSorted()]),
        );
      }),
      { numRuns: 40 },
    );
  });

  it('judged again is judged the same', () => {
    const papers = papersOf(
      MINORS.flatMap((_, question) =>
        [null, SEVENTH, 'one-too-few', 'sixth-raised'].map((habit, person) => ({ person, question, habit })),
      ),
    );
    const given = givenAnswers(MINORS, papers);
    const once = judgedSet(MINORS, given, SCHOOL);
    expect(rejudged(once, judgedSet(MINORS, given, setSchool(USUAL_SETTINGS, [])))).toEqual([]);
    expect(unjudged(given, once)).toEqual([]);
    expect([...judgingSet(MINORS, given, SCHOOL)]).toHaveLength(given.length);
  });

  it('judged by another scheme tells every answer that changed, and no other', () => {
    const papers = [
      paperOf('a', { q1: right(0), q2: wrong(1) }),
      paperOf('b', { q1: wrong(0), q2: BLANK_CODE }),
    ];
    const given = givenAnswers(MINORS, papers);
    const before = judgedSet(MINORS, given, SCHOOL);
    for (const marks of CHOICES.marks) {
      const after = judgedSet(MINORS, given, setSchool(withSetting(USUAL_SETTINGS, 'marks', marks), []));
      const told = new Set(rejudged(before, after).map(({ question, code }) => `${question} ${code}`));
      for (const [question, code] of given) {
        const [was, is] = [before[question]?.[code], after[question]?.[code]];
        expect(told.has(`${question} ${code}`)).toBe(was?.got !== is?.got || was?.of !== is?.of);
      }
    }
  });

  it('counts what was corrected, not reached, blank and absent each in its own way', () => {
    const papers = [
      paperOf('corrects', { q1: wrong(0) }, { corrected: { q1: true } }),
      paperOf('stops', { q1: right(0) }, { stopped: true, minutes: 20 }),
      paperOf('leaves blank', { q1: BLANK_CODE }),
      paperOf('is not here', { q1: wrong(0) }, { absent: true }),
      paperOf('typed', {}, { typed: { q1: 'E F sha' } }),
    ];
    const work = workOf(MINORS, papers);
    const states = papers.map((paper) => cellOf(E_MINOR, paper, work).state);
    expect(states).toEqual(['corrected', 'right', 'blank', 'excused', 'unread']);
    const [, stops, blank, absent] = papers;
    if (!stops || !blank || !absent) throw new Error('no papers');
    expect(cellOf(C_MINOR, stops, work).state).toBe('excused');
    expect(totalOf(work, stops)).toEqual({ got: 8, of: 8, answers: 1 });
    expect(totalOf(work, blank)).toEqual({ got: 0, of: 8, answers: 1 });
    expect(totalOf(work, absent).answers).toBe(0);
    const [need] = habitNeeds(work);
    expect([need?.habit, need?.people, need?.corrected]).toEqual([SEVENTH, [], ['corrects']]);
  });

  it('has the marks of its question where the sheet gives some: the same part of them, to the half', () => {
    const questions = [{ ...E_MINOR, marks: 4 }];
    const papers = [
      paperOf('a', { q1: wrong(0) }),
      paperOf('b', { q1: right(0) }),
      paperOf('c', { q1: BLANK_CODE }),
    ];
    const work = workOf(questions, papers);
    expect(papers.map((paper) => totalOf(work, paper).got)).toEqual([3.5, 4, 0]);
    expect(papers.map((paper) => totalOf(work, paper).of)).toEqual([4, 4, 4]);
  });
});

describe('a decision', () => {
  it('about everybody holds for all who wrote the same, in whatever way it was entered, and own ones lie over it', () => {
    const typed = wrong(0);
    const papers = [
      paperOf('a', { q1: typed }),
      paperOf('b', { q1: typed }),
      paperOf('c', { q1: wrong(0, 'sixth-raised') }),
    ];
    const work = workOf(MINORS, papers);
    const decided = {
      ...work,
      decisions: laid(work.decisions, 'q1', typed, { ...UNDECIDED, accepted: true }),
    };
    const states = (each: typeof work) => each.papers.map((paper) => cellOf(E_MINOR, paper, each).state);
    expect(states(decided)).toEqual(['accepted', 'accepted', 'wrong']);
    const alone = { ...UNDECIDED, marks: { got: 6.5, of: 8 }, comment: 'Nearly.' };
    const own = {
      ...decided,
      papers: [paperOf('a', { q1: typed }, { own: { q1: alone } }), ...papers.slice(1)],
    };
    const [first] = own.papers;
    const cell = first && cellOf(E_MINOR, first, own);
    expect([cell?.state, cell?.got, cell?.decision.comment]).toEqual(['accepted', 6.5, 'Nearly.']);
  });

  it('finds those who wrote the same: with octaves and signs known, or typed', () => {
    const papers = [
      paperOf('by staff', { q1: 'E4!0-F#4!#-G4!0-A4!0-B4!0-C5!0-D#5!#-E5!0' }),
      paperOf('typed', { q1: 'E-F#-G-A-B-C-D#-E' }),
      paperOf('wrong', { q1: wrong(0) }),
    ];
    const groups = sameAnswers(workOf(MINORS, papers), 'q1');
    expect(groups.map(({ people, codes }) => [people, codes.length])).toEqual([
      [['by staff', 'typed'], 2],
      [['wrong'], 1],
    ]);
  });
});

describe('what a class needs', () => {
  it('has a planted habit first in at least 98 of 100 made-up classes', () => {
    const planted = [SEVENTH, 'sixth-raised', 'one-too-few', 'one-too-many', 'raised-is-sharp'];
    // Numbers that look like chance and are the same every time.
    let state = 20261128;
    const chance = () => {
      state = (Math.imul(state, 1103515245) + 12345) >>> 0;
      return state / 2 ** 32;
    };
    const some = <Each>(list: readonly Each[]) => list[Math.floor(chance() * list.length)] as Each;
    let first = 0;
    for (let at = 0; at < 100; at += 1) {
      const habit = planted[at % planted.length] as string;
      const papers = Array.from({ length: 24 }, (_, person) => {
        const has = chance() < 0.4;
        const answers = MINORS.map((question) => {
          const roll = chance();
          // A slip of one's own now and then, of any kind; and whoever has the habit shows it mostly.
          const slip =
            roll < 0.08
              ? some([
                  'respelled',
                  'accidental-missing',
                  'accidental-extra',
                  'parallel-signature',
                  'order-swapped',
                ])
              : null;
          const shown = has && chance() < 0.75 ? codeOf(question, habit) : null;
          const own = slip === null ? null : codeOf(question, slip);
          return [question.id, shown ?? own ?? codeOf(question) ?? ''] as const;
        });
        return paperOf(`p${person}`, Object.fromEntries(answers));
      });
      if (habitNeeds(workOf(MINORS, papers))[0]?.habit === habit) first += 1;
    }
    console.info(`a planted habit came first in ${first} of 100 classes`);
    expect(first).toBeGreaterThanOrEqual(98);
  });

  it('counts people, answers, questions and keys as a hand would', () => {
    const papers = [
      paperOf('a', { q1: wrong(0), q2: wrong(1), q3: right(2) }),
      paperOf('b', { q1: wrong(0), q2: right(1), q3: wrong(2, 'raised-is-sharp') }),
      paperOf('c', { q1: right(0), q2: right(1), q3: right(2) }),
    ];
    const work = workOf(MINORS, papers);
    expect(habitNeeds(work).map(({ habit, people, answers }) => [habit, people, answers.length])).toEqual([
      [SEVENTH, ['a', 'b'], 3],
      ['raised-is-sharp', ['b'], 1],
    ]);
    expect(
      questionNeeds(work).map(({ question, counted, right: good }) => [question, counted, good]),
    ).toEqual([
      ['q1', 3, 1],
      ['q2', 3, 2],
      ['q3', 3, 2],
    ]);
    expect(
      keyNeeds(work).map(({ key, counted, right: good }) => [
        `${asciiName(key.tonic)}.${key.scale}`,
        counted,
        good,
      ]),
    ).toEqual([
      ['E.harmonic-minor', 3, 1],
      ['C.harmonic-minor', 3, 2],
      ['F.harmonic-minor', 3, 2],
    ]);
  });

  it('has one habit behind an answer, the same in the class view and on every slip', () => {
    fc.assert(
      fc.property(anyAnswers, (answers) => {
        const work = workOf(MINORS, papersOf(answers));
        const met = new Set(habitNeeds(work).map(({ habit }) => habit));
        for (const { person, question, cell } of countedCells(work)) {
          const settled = settledIn(work)(person, question);
          if (cell.habits.length === 0) expect(settled).toEqual([]);
          else expect(cell.habits).toContain(settled.join('+'));
          for (const habit of settled) expect(met.has(habit)).toBe(true);
        }
        for (const paper of work.papers) {
          const slip = slipFor(work, paper, SCHOOL);
          for (const { question, habits } of slip?.items ?? [])
            expect(habits).toEqual(settledIn(work)(paper.person, question.id));
          // Where something was explained, there is something to practise.
          expect(slip?.practise === null).toBe(
            (slip?.items ?? []).every(({ habits }) => habits.length === 0),
          );
        }
      }),
      { numRuns: 30 },
    );
  });

  it('teaches again what most have, says how many could have shown it, and practises on another key', () => {
    const papers = [
      paperOf('a', { q1: wrong(0), q2: wrong(1) }),
      paperOf('b', { q1: wrong(0), q5: right(4) }),
      paperOf('c', { q1: right(0) }),
      // This one was asked nothing in which the habit shows.
      paperOf('d', { q5: codeOf(MINORS[4] ?? E_MINOR, 'one-too-few') ?? '' }),
    ];
    const needed = teachTomorrow(workOf(MINORS, papers), SCHOOL);
    expect([needed?.habit, needed?.people, needed?.could, needed?.answers, needed?.nextPeople]).toEqual([
      SEVENTH,
      ['a', 'b'],
      3,
      3,
      1,
    ]);
    expect(needed?.question.id).toBe('q1');
    expect(needed?.practise.tonic).not.toBe(needed?.derive.tonic);
    expect(teachTomorrow(workOf(MINORS, [paperOf('a', { q1: right(0) })]), SCHOOL)).toBeNull();
  });
});

describe('usual answers', () => {
  it('are wrong, each another, what was met first, and named by the habit that leads to them', () => {
    for (const question of MINORS) {
      const met = codeOf(question, 'one-too-few');
      const usual = usualAnswers(question, met ? [met] : [], [SEVENTH], SCHOOL);
      const codes = usual.map(({ code }) => code);
      expect(new Set(codes).size).toBe(codes.length);
      if (met) expect(usual[0]?.code).toBe(met);
      const verdicts = judgedSet(
        MINORS,
        codes.map((code) => [question.id, code] as const),
        SCHOOL,
      );
      for (const { code, habit } of usual) {
        const verdict = verdicts[question.id]?.[code];
        expect(verdict?.correct, `${question.code} ${code}`).toBe(false);
        if (habit) expect(verdict?.habits.length, `${question.code} ${code}`).toBeGreaterThan(0);
      }
    }
  });
});
