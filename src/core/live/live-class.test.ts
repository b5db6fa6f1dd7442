import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readQuestionCode } from '../exercise/code';
import { joinCodeFrom, readJoinCode, sayJoinCode } from './join-code';
import {
  askedNow,
  EMPTY_CLASS,
  handedIn,
  joined,
  LIVE_STAGES,
  type LiveClass,
  type LiveStage,
  MOST_GUESTS,
  sentOut,
} from './live-class';
import { apartFrom, LIVE_NAME_LIMIT, readLiveName } from './live-name';

const ASKED = readQuestionCode('name-key.3.major');
if (!ASKED) throw new Error('the question has changed its code');

const asks = (round: number, stage: LiveStage) => ({ round, stage, asked: ASKED, question: {} });
const gives = (code: string | null) => (code === null ? null : { answer: { code }, code });

/** A class with some people in it. */
function classOf(...names: readonly string[]): LiveClass {
  let open: LiveClass = EMPTY_CLASS;
  for (const name of names) {
    const done = joined(open, name, name);
    if (!done.ok) throw new Error(name);
    open = done.next;
  }
  return open;
}

describe('a code to join by', () => {
  it('is read as it is said, in small letters and in halves', () => {
    fc.assert(
      fc.property(fc.uint8Array({ minLength: 8, maxLength: 8 }), (bytes) => {
        const code = joinCodeFrom(bytes);
        expect(code).toMatch(/^[FHJKLMNQRWXY2345679]{6}$/u);
        expect(readJoinCode(sayJoinCode(code).toLowerCase())).toBe(code);
        expect(readJoinCode(` ${code.slice(0, 2)}-${code.slice(2)} `)).toBe(code);
      }),
    );
  });

  it('has no letter that rhymes with another when it is read out, or looks like one', () => {
    for (const sign of 'BCDEGPTVZAIOUS801') expect(readJoinCode(`${sign}FFFFF`)).toBeNull();
    expect(readJoinCode('FFFFF')).toBeNull();
    expect(readJoinCode('F'.repeat(60))).toBeNull();
  });
});

describe('a name', () => {
  it('is one line of what can be seen, and no longer than the limit', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (typed) => {
        const name = readLiveName(typed);
        if (name === null) return;
        expect([...name].length).toBeLessThanOrEqual(LIVE_NAME_LIMIT);
        expect(name).toBe(name.trim());
        expect(name).not.toMatch(/[\p{Cc}\p{Cf}\p{Zl}\p{Zp}\n]/u);
      }),
    );
    expect(readLiveName('  Mi‮ra \n K. ')).toBe('Mira K.');
    expect(readLiveName('​ \n')).toBeNull();
    expect(readLiveName(`a${'̀'.repeat(30)}`)?.length).toBeLessThan(6);
  });

  it('tells everybody apart, in whatever case it is typed', () => {
    expect(apartFrom('Mira', ['mira', 'MIRA 2'])).toBe('Mira 3');
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('Mira', 'mira', 'Jo', 'Jo 2', 'JO'), { maxLength: 30 }),
        (names) => {
          const there: string[] = [];
          for (const name of names) there.push(apartFrom(name, there));
          expect(new Set(there.map((each) => each.toLowerCase())).size).toBe(names.length);
        },
      ),
    );
  });
});

describe('a class that answers', () => {
  it('gives a name of its list to whoever takes it first', () => {
    const open: LiveClass = { ...EMPTY_CLASS, names: ['Tove'] };
    const first = joined(open, 'a', 'Tove');
    expect(first).toMatchObject({ ok: true, person: { name: 'Tove', listed: true } });
    if (!first.ok) return;
    expect(joined(first.next, 'b', 'Tove')).toMatchObject({ person: { name: 'Tove 2', listed: false } });
  });

  it('has room for its own list whoever else has come', () => {
    let open: LiveClass = { ...EMPTY_CLASS, names: ['Tove'] };
    for (let at = 0; at < MOST_GUESTS; at += 1) {
      const done = joined(open, `g${at}`, `Guest ${at}`);
      if (done.ok) open = done.next;
    }
    expect(joined(open, 'more', 'One more')).toMatchObject({ ok: false, problem: { code: 'class-full' } });
    expect(joined(open, 'tove', 'Tove').ok).toBe(true);
  });

  /** What each stage takes of somebody without an answer, and of somebody who has one. */
  const TAKES: Readonly<Record<LiveStage, readonly [fresh: string, changed: string]>> = {
    think: ['thinking', 'thinking'],
    answer: ['in time', 'in time'],
    show: ['late', 'shown-already'],
    closed: ['round-closed', 'round-closed'],
  };

  it.each(LIVE_STAGES)('takes at the stage %s what it should', (stage) => {
    const before = askedNow(classOf('a', 'b'), asks(1, 'answer'));
    const given = handedIn(before, { person: 'a', round: 1, answer: gives('A.major'), proved: null });
    if (!given.ok) throw new Error('not taken');
    const open = askedNow(given.next, asks(1, stage));
    const result = (person: string) => {
      const done = handedIn(open, { person, round: 1, answer: gives('D.major'), proved: null });
      return done.ok ? (done.late ? 'late' : 'in time') : done.problem.code;
    };
    expect([result('b'), result('a')]).toEqual(TAKES[stage]);
  });

  it('marks as late whatever comes after the right answer was shown, also where answers are open again', () => {
    const shown = askedNow(askedNow(classOf('a'), asks(1, 'show')), asks(1, 'answer'));
    expect(handedIn(shown, { person: 'a', round: 1, answer: gives('D.major'), proved: null })).toMatchObject({
      late: true,
    });
    const next = askedNow(shown, asks(2, 'answer'));
    expect(handedIn(next, { person: 'a', round: 2, answer: gives('D.major'), proved: null })).toMatchObject({
      late: false,
    });
  });

  it('takes what was confirmed in time before at any stage, and never in place of another answer', () => {
    for (const stage of LIVE_STAGES) {
      const open = askedNow(classOf('a'), asks(1, stage));
      const back = handedIn(open, { person: 'a', round: 1, answer: gives('A.major'), proved: 'in-time' });
      expect(back, stage).toMatchObject({ ok: true, late: false });
      if (!back.ok || stage === 'answer') continue;
      const other = handedIn(back.next, {
        person: 'a',
        round: 1,
        answer: gives('D.major'),
        proved: 'in-time',
      });
      expect(other, stage).toMatchObject({ ok: false });
    }
  });

  it('changes nobody else’s answer, whatever is handed in and in whatever order', () => {
    const people = ['a', 'b', 'c'];
    const step = fc.record({
      person: fc.constantFrom(...people),
      round: fc.constantFrom(1, 2),
      code: fc.constantFrom('A.major', 'D.major', null),
      stage: fc.constantFrom(...LIVE_STAGES),
      proved: fc.constantFrom('in-time' as const, 'late' as const, null),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        let open = classOf(...people);
        for (const { person, round, code, stage, proved } of steps) {
          open = askedNow(open, asks(round, stage));
          const before = open.answers;
          const done = handedIn(open, { person, round, answer: gives(code), proved });
          if (!done.ok) continue;
          open = done.next;
          for (const other of people)
            if (other !== person) expect(open.answers.get(other)).toBe(before.get(other));
          expect(open.answers.get(person)?.code ?? null).toBe(code);
        }
      }),
    );
  });

  it('forgets the answer of whoever is sent out', () => {
    const open = askedNow(classOf('a', 'b'), asks(1, 'answer'));
    const given = handedIn(open, { person: 'a', round: 1, answer: gives('A.major'), proved: null });
    if (!given.ok) throw new Error('not taken');
    const left = sentOut(given.next, 'a');
    expect([...left.people.keys()]).toEqual(['b']);
    expect(left.answers.size).toBe(0);
    expect(sentOut(left, 'a')).toBe(left);
  });
});
