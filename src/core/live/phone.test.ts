import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readQuestionCode } from '../exercise/code';
import { askedNow, EMPTY_CLASS, handedIn, joined, type LiveClass, type LiveStage } from './live-class';
import { confirmedOn, givenOn, NEW_PHONE, type Phone, refusedOn, standingOf, toldOf, toSend } from './phone';

const CODE = 'name-key.3.major';
const ASKED = readQuestionCode(CODE);
if (!ASKED) throw new Error('the question has changed its code');

const question = { asked: ASKED, question: {} };

/** A class with one phone in it, and a server that can lose all it has. */
function setUp() {
  const first = joined(EMPTY_CLASS, 'me', 'Me');
  if (!first.ok) throw new Error('not let in');
  let server: LiveClass = askedNow(first.next, { ...question, round: 1, stage: 'answer' });
  let phone: Phone = NEW_PHONE;
  /** The last answer that was confirmed, by its round. */
  let confirmed: { readonly round: string | number; readonly code: string | null } | null = null;
  const tell = () => {
    const { now, answers } = server;
    const mine = answers.get('me');
    if (now)
      phone = toldOf(
        phone,
        { round: now.round, code: CODE, stage: now.stage, shown: now.shown },
        mine ? { code: mine.code, late: mine.late } : null,
      );
  };
  tell();
  return {
    phone: () => phone,
    server: () => server,
    confirmed: () => confirmed,
    ask: (round: number, stage: LiveStage) => {
      server = askedNow(server, { ...question, round, stage });
      tell();
    },
    give: (code: string | null) => {
      phone = givenOn(phone, code);
    },
    /** Sends what is to be sent; the confirmation may be lost on its way. */
    send: (arrives: boolean) => {
      const sent = toSend(phone);
      if (!sent) return;
      const answer = sent.code === null ? null : { answer: {}, code: sent.code };
      const proved = sent.receipt === 'in-time' || sent.receipt === 'late' ? sent.receipt : null;
      const done = handedIn(server, { person: 'me', round: sent.round, answer, proved });
      if (done.ok) server = done.next;
      if (!arrives) {
        // The server has something else now, and nobody here knows.
        if (done.ok) confirmed = null;
        return;
      }
      if (!done.ok) phone = refusedOn(phone, sent, done.problem.code);
      else {
        phone = confirmedOn(phone, sent, { late: done.late, receipt: done.late ? 'late' : 'in-time' });
        confirmed = { round: sent.round, code: sent.code };
      }
    },
    tell,
    /** The server starts again with what the desk had: nothing of this phone. */
    lose: () => {
      server = { ...server, answers: new Map() };
    },
    loadAnew: () => {
      phone = { ...NEW_PHONE, given: phone.given, proof: phone.proof };
      tell();
    },
  };
}

describe('a phone', () => {
  it('sends an answer once, and says how it stands', () => {
    const it = setUp();
    expect(standingOf(it.phone())).toBe('none');
    it.give('A.major');
    expect(standingOf(it.phone())).toBe('sending');
    it.send(true);
    expect(standingOf(it.phone())).toBe('in');
    expect(toSend(it.phone())).toBeNull();
    it.give(null);
    it.send(true);
    expect(standingOf(it.phone())).toBe('none');
    expect(it.server().answers.size).toBe(0);
  });

  it('brings back what was confirmed in time after the server lost it, even once the answer is shown', () => {
    const it = setUp();
    it.give('A.major');
    it.send(true);
    it.lose();
    it.ask(1, 'show');
    it.send(true);
    expect(it.server().answers.get('me')).toMatchObject({ code: 'A.major', late: false });
    expect(standingOf(it.phone())).toBe('in');
  });

  it('keeps what stands where a change was refused', () => {
    const it = setUp();
    it.give('A.major');
    it.send(true);
    it.give('D.major');
    // The answer was shown on the way there.
    const sent = toSend(it.phone());
    if (!sent) throw new Error('nothing to send');
    const refused = refusedOn(it.phone(), sent, 'shown-already');
    expect(refused).toMatchObject({ given: { code: 'A.major' }, refused: 'shown-already' });
  });

  it('loses no confirmed answer, whatever is lost in between', () => {
    const event = fc.oneof(
      fc.constantFrom('A.major', 'D.major', null).map((code) => ({ do: 'give', code }) as const),
      fc.boolean().map((arrives) => ({ do: 'send', arrives }) as const),
      fc.constantFrom('lose', 'loadAnew', 'tell').map((name) => ({ do: name }) as const),
      fc
        .tuple(fc.constantFrom(1, 2), fc.constantFrom<LiveStage>('think', 'answer', 'show'))
        .map(([round, stage]) => ({ do: 'ask', round, stage }) as const),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 25 }), (events) => {
        const it = setUp();
        let round = 1;
        for (const each of events) {
          if (each.do === 'give') it.give(each.code);
          else if (each.do === 'send') it.send(each.arrives);
          else if (each.do === 'ask') {
            // Rounds only follow each other.
            round = Math.max(round, each.round);
            it.ask(round, each.stage);
          } else it[each.do]();
        }
        // The line stands again.
        const before = it.confirmed();
        const changed = it.phone().given;
        it.tell();
        it.send(true);
        it.send(true);
        const { now, answers } = it.server();
        if (!before || before.round !== now?.round || before.code === null) return;
        // Unless somebody has given another one since.
        if (changed?.code !== before.code) return;
        expect(answers.get('me')?.code).toBe(before.code);
      }),
      { numRuns: 1500 },
    );
  });
});
