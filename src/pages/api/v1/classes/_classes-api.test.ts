import type { APIContext, APIRoute } from 'astro';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { anyJson, MANY } from '@/core/any-words.test-data';
import { CLASS_LASTS } from '@/core/live/live-class';
import { MARK_EXAMPLES } from '../_mark-kinds';
import { openApiDocument } from '../_openapi';
import { problemAnswer } from '../_schemas';
import * as classes from '../classes';
import { CLASS_ANSWERS, CLASS_EXAMPLES } from './_describe';
import { addressesHere } from './_network';
import * as one from './[code]';
import * as answer from './[code]/answer';
import * as answers from './[code]/answers';
import * as events from './[code]/events';
import * as people from './[code]/people';
import * as person from './[code]/people/[person]';
import * as question from './[code]/question';

const HERE = '127.0.0.1';

type Sends = {
  readonly params?: Readonly<Record<string, string>>;
  readonly body?: unknown;
  readonly bearer?: string;
  readonly from?: string;
  readonly method?: string;
  readonly signal?: AbortSignal;
};

/** An address as it is asked: past the time somebody is slowed for. */
async function sent(route: APIRoute, { params = {}, body, bearer, from = HERE, method = 'POST' }: Sends) {
  const request = new Request('http://moon.example/api/v1/classes', {
    method,
    headers: {
      ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      ...(bearer === undefined ? {} : { Authorization: `Bearer ${bearer}` }),
    },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  const context = { request, params, clientAddress: from, url: new URL(request.url) };
  const going = Promise.resolve(route(context as unknown as APIContext));
  let settled = false;
  const settle = () => {
    settled = true;
  };
  going.then(settle, settle);
  const started = Date.now();
  while (!settled) {
    await vi.advanceTimersByTimeAsync(50);
    // The code of a class takes real time.
    if (!settled) await new Promise((done) => setImmediate(done));
  }
  return { response: await going, waited: Date.now() - started };
}

async function called(route: APIRoute, sends: Sends) {
  const { response, waited } = await sent(route, sends);
  const text = await response.text();
  return { status: response.status, waited, body: text === '' ? null : JSON.parse(text) };
}

/** A class that is open, with what to ask of it. */
async function opened(body: object = {}, from = HERE) {
  const { status, body: open } = await called(classes.POST, { body, from });
  expect(status, JSON.stringify(open)).toBe(201);
  const { code, secret } = CLASS_ANSWERS.ClassOpened.parse(open);
  const params = { code };
  return {
    ...{ code, secret, expires: open.expires as string },
    join: (name: string, at = HERE) => called(people.POST, { params, body: { name }, from: at }),
    ask: (asks: object, bearer = secret) =>
      called(question.PUT, { params, body: asks, bearer, method: 'PUT' }),
    answer: (bearer: string, given: unknown) =>
      called(answer.PUT, { params, body: given, bearer, method: 'PUT' }),
    answers: (bearer = secret) => called(answers.GET, { params, bearer, method: 'GET' }),
    close: (bearer = secret) => called(one.DELETE, { params, bearer, method: 'DELETE' }),
    door: () => called(one.GET, { params, method: 'GET' }),
    sendOut: (bearer: string, whom: string) =>
      called(person.DELETE, { params: { ...params, person: whom }, bearer, method: 'DELETE' }),
    hear: async (bearer: string) => {
      const { response } = await sent(events.GET, { params, bearer, method: 'GET' });
      const reader = response.body?.getReader();
      if (!reader) throw new Error('nothing to hear');
      const heard: string[] = [];
      const text = new TextDecoder();
      const done = (async () => {
        for (;;) {
          const { done: over, value } = await reader.read();
          if (over) return;
          heard.push(...text.decode(value).split('\n\n').filter(Boolean));
        }
      })();
      return { status: response.status, heard, done, stop: () => reader.cancel() };
    },
  };
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'] });
});

afterEach(async () => {
  // Whatever is open goes with its time.
  await vi.advanceTimersByTimeAsync(CLASS_LASTS + 1000);
  vi.useRealTimers();
});

const { question: ASKS, answer: GIVES } = CLASS_EXAMPLES;

describe('a class over HTTP', () => {
  it('goes from its opening to its end as the document promises', async () => {
    const open = await opened(CLASS_EXAMPLES.open);
    expect(CLASS_ANSWERS.ClassDoor.parse((await open.door()).body)).toMatchObject({
      names: [{ name: 'Tove', taken: false }, { name: 'Yusuf' }],
    });
    const { status, body } = await open.join(CLASS_EXAMPLES.people.name);
    expect(status).toBe(201);
    const { token, person: id } = CLASS_ANSWERS.ClassPerson.parse(body);
    expect((await open.door()).body.names[0]).toEqual({ name: 'Tove', taken: true });
    expect((await open.answer(token, GIVES)).status).toBe(409);
    const asked = await open.ask(ASKS);
    expect(CLASS_ANSWERS.ClassQuestion.parse(asked.body)).toMatchObject({ round: 1, stage: 'answer' });
    const given = await open.answer(token, GIVES);
    expect(given).toMatchObject({ status: 200, body: { confirmed: true, late: false } });
    expect(CLASS_ANSWERS.ClassConfirmed.parse(given.body)).toEqual(given.body);
    const found = await open.answers();
    expect(CLASS_ANSWERS.ClassAnswers.parse(found.body)).toEqual(found.body);
    expect(found.body).toMatchObject({
      round: 1,
      answers: [{ person: id, name: 'Tove', answer: GIVES.answer, code: 'E-F#-G-A-B-C-D-E', late: false }],
    });
    expect((await open.close()).status).toBe(204);
    expect((await open.door()).status).toBe(404);
  });

  it('takes every kind of question and answer that POST /mark takes, and our own codes', async () => {
    const open = await opened();
    const { token } = (await open.join('Gull')).body;
    let round = 0;
    for (const { value } of Object.values(MARK_EXAMPLES)) {
      if (!('question' in value)) continue;
      round += 1;
      const asked = await open.ask({ round, question: value.question, stage: 'answer' });
      expect(asked.status, JSON.stringify(asked.body)).toBe(200);
      const given = await open.answer(token, { round, answer: value.answer });
      expect(given.status, JSON.stringify([value, given.body])).toBe(200);
      const { code } = (await open.answers()).body.answers[0];
      // The same in our code is the same answer.
      const again = { round: `${round} again`, question: { code: asked.body.code }, stage: 'answer' };
      expect((await open.ask(again)).body.code).toBe(asked.body.code);
      await open.answer(token, { round: `${round} again`, answer: { code } });
      expect((await open.answers()).body.answers[0].code).toBe(code);
      await vi.advanceTimersByTimeAsync(2000);
    }
    expect(round).toBeGreaterThan(8);
  });

  it('tells phones the question and their own answer, and only the desk what others do', async () => {
    const open = await opened();
    const [one, other] = [(await open.join('Tove')).body, (await open.join('Yusuf')).body];
    const [desk, phone] = [await open.hear(open.secret), await open.hear(other.token)];
    await open.ask(ASKS);
    await open.answer(one.token, GIVES);
    await open.answer(one.token, { round: 1, answer: null });
    await vi.advanceTimersByTimeAsync(100);
    const events = (of: readonly string[]) =>
      of.map((each) => /event: (\w+)/u.exec(each)?.[1]).filter(Boolean);
    expect(events(desk.heard)).toEqual(['class', 'here', 'question', 'answered', 'answered']);
    expect(events(phone.heard)).toEqual(['question']);
    expect(phone.heard.join()).not.toContain(one.person);
    expect(phone.heard.join()).not.toContain('F#-G-A-B-C-D-E');
    expect(desk.heard.join()).toContain(`"person":"${one.person}"`);
    await open.close();
    await Promise.all([desk.done, phone.done]);
    expect(events(phone.heard)).toEqual(['question', 'closed']);
  });

  it('is gone after four hours, and tells everybody', async () => {
    const open = await opened();
    const desk = await open.hear(open.secret);
    await vi.advanceTimersByTimeAsync(CLASS_LASTS - 1000);
    expect((await open.door()).status).toBe(200);
    await vi.advanceTimersByTimeAsync(2000);
    await desk.done;
    expect(desk.heard.at(-1)).toContain('event: closed');
    expect((await open.door()).status).toBe(404);
  });

  it('is taken up again from its secret alone, with its code, its tokens and its receipts', async () => {
    const open = await opened();
    const { token, person: id, name } = (await open.join('Tove')).body;
    const { token: second, person: other } = (await open.join('Yusuf')).body;
    await open.ask(ASKS);
    const { receipt } = (await open.answer(token, GIVES)).body;
    await open.close();
    const again = {
      ...{ secret: open.secret, expires: open.expires },
      people: [
        { person: id, name, listed: false },
        { person: other, name: 'Yusuf', listed: false },
      ],
      now: { ...ASKS, stage: 'show', shown: true },
      answers: [],
    };
    const back = await called(classes.POST, { body: { again } });
    expect(back).toMatchObject({
      status: 201,
      body: { code: open.code, expires: open.expires, stood: false },
    });
    // A second window of the desk finds it there.
    expect((await called(classes.POST, { body: { again } })).body).toMatchObject({ stood: true });
    const late = await open.answer(second, GIVES);
    expect(late.body).toMatchObject({ late: true });
    expect((await open.answer(token, { ...GIVES, receipt })).body).toMatchObject({ late: false });
    // Nobody else's receipt, and none of another answer.
    const wrong = { ...GIVES, answer: { notes: ['E'] }, receipt };
    expect((await open.answer(second, wrong)).status).toBe(409);
  });
});

describe('attempts on a class', () => {
  it('a wrong code, token or secret is slowed, and past a limit refused at once, and nobody else waits', async () => {
    const open = await opened();
    const { token } = (await open.join('Tove')).body;
    await open.ask(ASKS);
    const statuses = new Map<number, number>();
    for (let at = 0; at < 60; at += 1) {
      const wrong = await called(one.GET, { params: { code: 'FFFFFF' }, from: '10.0.0.66', method: 'GET' });
      statuses.set(wrong.status, (statuses.get(wrong.status) ?? 0) + 1);
      if (wrong.status === 404) expect(wrong.waited).toBeGreaterThanOrEqual(400);
    }
    expect(statuses.get(404)).toBeGreaterThanOrEqual(20);
    expect(statuses.get(429)).toBeGreaterThan(10);
    const from = '10.0.0.66';
    const params = { code: open.code };
    for (const bearer of ['', 'nobody', `${token}x`, token.replace(/.$/u, ''), `${open.secret}x`]) {
      const refused = await called(answer.PUT, { params, body: GIVES, bearer, from, method: 'PUT' });
      expect([401, 429]).toContain(refused.status);
      expect(problemAnswer.parse(refused.body)).toEqual(refused.body);
    }
    // Whoever is known is let through at once, from the same address too.
    const right = await called(answer.PUT, { params, body: GIVES, bearer: token, from, method: 'PUT' });
    expect(right).toMatchObject({ status: 200 });
    expect(right.waited).toBeLessThan(400);
  });

  it('a student steers nothing, sends nobody out, and hears no answer', async () => {
    const open = await opened();
    const [one, other] = [(await open.join('Tove')).body, (await open.join('Yusuf')).body];
    await open.ask(ASKS);
    await open.answer(other.token, GIVES);
    expect((await open.ask({ ...ASKS, stage: 'show' }, one.token)).status).toBe(401);
    expect((await open.answers(one.token)).status).toBe(401);
    expect((await open.close(one.token)).status).toBe(401);
    expect((await open.sendOut(one.token, other.person)).status).toBe(404);
    // The id of another with one's own seal is nobody's token.
    const stolen = `${other.person}.${one.token.split('.')[1]}`;
    expect((await open.answer(stolen, { round: 1, answer: null })).status).toBe(401);
    expect((await open.answers()).body.answers).toHaveLength(1);
    expect((await open.sendOut(open.secret, one.person)).status).toBe(204);
    expect((await open.answer(one.token, GIVES)).status).toBe(401);
  });

  it('two teachers have two classes, and nothing of one is known in the other', async () => {
    const [one, other] = [await opened(), await opened()];
    const { token } = (await one.join('Tove')).body;
    expect(one.code).not.toBe(other.code);
    expect((await other.ask(ASKS, one.secret)).status).toBe(401);
    expect((await other.answer(token, GIVES)).status).toBe(401);
    expect((await other.close(one.secret)).status).toBe(401);
  });

  it('a flood from one address opens no more classes than it may, and this computer still finds room', async () => {
    const statuses: number[] = [];
    for (let at = 0; at < 12; at += 1)
      statuses.push((await called(classes.POST, { body: {}, from: '10.0.0.7' })).status);
    expect(statuses.filter((status) => status === 201)).toHaveLength(4);
    expect(new Set(statuses)).toEqual(new Set([201, 429]));
    await opened();
  });

  it('floods of one phone are refused, and another answers at once', async () => {
    const open = await opened();
    const [one, other] = [(await open.join('Tove')).body, (await open.join('Yusuf')).body];
    await open.ask(ASKS);
    const statuses: number[] = [];
    for (let at = 0; at < 40; at += 1)
      statuses.push(
        (await open.answer(one.token, { round: 1, answer: at % 2 ? GIVES.answer : null })).status,
      );
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThan(15);
    expect((await open.answer(other.token, GIVES)).status).toBe(200);
  });

  it('refuses what is too large, and what is no JSON, with a document', async () => {
    const open = await opened();
    const { token } = (await open.join('Tove')).body;
    await open.ask(ASKS);
    const big = { round: 1, answer: { notes: Array.from({ length: 5000 }, () => 'C') } };
    for (const [body, status] of [
      [big, 413],
      ['{', 400],
      [{ round: 1 }, 400],
      [{ round: 1, answer: { notes: ['H'] } }, 422],
      [{ round: 1, answer: { code: '<b>' } }, 422],
      [{ round: 2, answer: GIVES.answer }, 409],
    ] as const) {
      const refused = await open.answer(token, body);
      expect(refused.status, JSON.stringify(body).slice(0, 60)).toBe(status);
      expect(problemAnswer.parse(refused.body)).toEqual(refused.body);
    }
    expect((await open.join('​')).status).toBe(422);
  });

  it('shows of a name what can be seen, and of a numeral what one is made of', async () => {
    const open = await opened();
    const { token, name } = (await open.join('<i>Mi‮ra</i>')).body;
    expect(name).toBe('<i>Mira</i>');
    const chord = { kind: 'chord', tonic: 'C', scale: 'major', degree: 2, wants: 'numeral' };
    expect((await open.ask({ round: 1, question: chord, stage: 'answer' })).status).toBe(200);
    expect((await open.answer(token, { round: 1, answer: { numeral: 'rude' } })).status).toBe(422);
    expect((await open.answer(token, { round: 1, answer: { numeral: 'ii' } })).status).toBe(200);
  });

  it('answers or refuses anything at all that is sent, and never fails', async () => {
    const open = await opened();
    const { token } = (await open.join('Tove')).body;
    const near = fc.record(
      {
        round: fc.constantFrom(1, '1', -1),
        answer: anyJson,
        question: anyJson,
        stage: anyJson,
        name: anyJson,
      },
      { requiredKeys: [] },
    );
    await fc.assert(
      fc.asyncProperty(fc.oneof(anyJson, near), async (body) => {
        const all = [
          await open.answer(token, body ?? null),
          await open.ask((body ?? null) as object),
          await called(people.POST, { params: { code: open.code }, body: body ?? null }),
          await called(classes.POST, { body: { again: body } }),
        ];
        for (const { status } of all) expect(status).toBeLessThan(500);
      }),
      { numRuns: 60 * MANY },
    );
  });
});

describe('the description of a class', () => {
  it('names every address, and every schema that it points to', () => {
    const text = JSON.stringify(openApiDocument());
    const { paths, components } = JSON.parse(text) as {
      paths: Record<string, unknown>;
      components: { schemas: Record<string, unknown> };
    };
    const addresses = Object.keys(paths).filter((path) => path.startsWith('/classes'));
    expect(addresses).toHaveLength(8);
    for (const [, name] of text.matchAll(/#\/components\/schemas\/(\w+)/gu))
      expect(Object.keys(components.schemas)).toContain(name);
  });

  it('says under which hosts the network reaches a server, and none where it is closed to others', () => {
    expect(addressesHere('127.0.0.1')).toEqual([]);
    expect(addressesHere('localhost')).toEqual([]);
    expect(addressesHere('192.168.1.20')).toEqual(['192.168.1.20']);
    for (const host of addressesHere('0.0.0.0')) expect(host).toMatch(/^\d+(?:\.\d+){3}$/u);
  });
});
