import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { askingAt, caughtUp, countsAt, type Desk, heardAt, newDesk, studentOf } from './desk';
import { LIVE_STAGES } from './live-class';

const QUESTION = { id: 'q1', code: 'name-key.3.major' };

/** A desk at a question, with two people in its class. */
function deskWith(...names: readonly string[]): Desk {
  let desk = askingAt(newDesk('set'), QUESTION, 'answer', null);
  for (const name of names) {
    desk = heardAt(desk, { is: 'joined', person: name, name, listed: true });
    desk = heardAt(desk, { is: 'here', person: name });
  }
  return desk;
}

const answers = (person: string, code: string | null, late = false, round: number | string = 1) =>
  ({ is: 'answered', person, code, late, round }) as const;

describe('a desk', () => {
  it('counts who has answered in time, of those who are here or have', () => {
    let desk = deskWith('a', 'b', 'c');
    expect(countsAt(desk)).toEqual({ answered: 0, of: 3 });
    desk = heardAt(desk, answers('a', 'A.major'));
    desk = heardAt(desk, answers('b', 'D.major', true));
    desk = heardAt(desk, { is: 'left', person: 'a' });
    desk = heardAt(desk, { is: 'left', person: 'c' });
    expect(countsAt(desk)).toEqual({ answered: 1, of: 2 });
    desk = heardAt(desk, answers('a', null));
    expect(countsAt(desk)).toEqual({ answered: 0, of: 1 });
  });

  it('passes over what is of another round, and begins a new one with nothing', () => {
    let desk = heardAt(deskWith('a'), answers('a', 'A.major', false, 7));
    expect(desk.answers).toEqual([]);
    desk = heardAt(desk, answers('a', 'A.major'));
    const next = askingAt(desk, { id: 'q2', code: 'order.3' }, 'think', null);
    expect(next).toMatchObject({ answers: [], now: { round: 2, shown: false } });
    expect(askingAt(desk, QUESTION, 'show', null)).toMatchObject({
      now: { round: 1, shown: true },
      answers: [{ person: 'a' }],
    });
  });

  it('takes back what the server has no more, and takes what it has', () => {
    const desk = heardAt(heardAt(deskWith('a', 'b'), answers('a', 'A.major')), answers('b', 'D.major'));
    const caught = caughtUp(desk, 1, [{ person: 'b', code: 'G.major', late: false }]);
    expect(caught.answers).toEqual([
      { person: 'a', code: null, late: false },
      { person: 'b', code: 'G.major', late: false },
    ]);
    expect(caughtUp(desk, 2, [])).toBe(desk);
  });

  it('follows another window of its own to a later stage, and to no other question', () => {
    const desk = deskWith('a');
    const told = { is: 'question', round: 1, stage: 'show', shown: true } as const;
    expect(heardAt(desk, { ...told, code: QUESTION.code }).now).toMatchObject({ stage: 'show', shown: true });
    expect(heardAt(desk, { ...told, code: 'order.3' })).toBe(desk);
  });

  it('knows a student by the list or by what the teacher said, and anybody else as a guest', () => {
    const students = [{ id: 's1', name: 'Tove' }];
    const tove = { person: 'p', name: 'Tove', listed: true };
    expect(studentOf(tove, {}, students)).toBe('s1');
    // Whoever only says so is not taken for it.
    expect(studentOf({ ...tove, listed: false }, {}, students)).toBe('guest-p');
    expect(studentOf({ ...tove, listed: false }, { p: 's1' }, students)).toBe('s1');
    expect(studentOf({ ...tove, name: 'constructor' }, {}, students)).toBe('guest-p');
  });

  it('has one answer of each person, whatever is told in whatever order', () => {
    const person = fc.constantFrom('a', 'b', 'c', 'd');
    const message = fc.oneof(
      fc.record({ is: fc.constant('here' as const), person }),
      fc.record({ is: fc.constant('left' as const), person, gone: fc.boolean() }),
      fc.record({ is: fc.constant('joined' as const), person, name: person, listed: fc.boolean() }),
      fc.record({
        is: fc.constant('answered' as const),
        person,
        round: fc.constantFrom(1, 2),
        late: fc.boolean(),
        code: fc.constantFrom('A.major', null),
      }),
    );
    fc.assert(
      fc.property(
        fc.array(message, { maxLength: 60 }),
        fc.constantFrom(...LIVE_STAGES),
        (messages, stage) => {
          let desk = askingAt(deskWith('a', 'b'), QUESTION, stage, null);
          for (const each of messages) desk = heardAt(desk, each);
          const people = desk.answers.map((each) => each.person);
          expect(new Set(people).size).toBe(people.length);
          const { answered, of } = countsAt(desk);
          expect(answered).toBeLessThanOrEqual(desk.answers.length);
          expect(of).toBeLessThanOrEqual(desk.people.length);
        },
      ),
    );
  });
});
