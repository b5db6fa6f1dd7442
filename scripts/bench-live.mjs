// What a class of 200 phones costs: until all have joined, until an answer is on the desk, and the memory of the server.
import { readFileSync } from 'node:fs';
import { listenTo, phone, sendJson } from './simulated-phones.mjs';

const PHONES = 200;
const QUESTION = { kind: 'scale', tonic: 'E', scale: 'harmonic-minor', direction: 'up', signature: 'none' };
const ANSWERS = [
  ['E', 'F#', 'G', 'A', 'B', 'C', 'D#', 'E'],
  ['E', 'F#', 'G', 'A', 'B', 'C', 'D', 'E'],
  ['E', 'F#', 'G', 'A', 'B', 'C#', 'D#', 'E'],
];

const sorted = (values) => [...values].sort((a, b) => a - b);
const median = (values) => sorted(values)[Math.floor(values.length / 2)];

/** Memory of a process that is in use, in MB. */
const memoryOf = (pid) =>
  Number(/VmRSS:\s+(\d+)/u.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1000;

export async function benchLive(base, pid, row) {
  const before = memoryOf(pid);
  const { body: open } = await sendJson(base, 'POST', '/classes', {});
  const there = new Map();
  const desk = await listenTo(base, open.code, open.secret, ({ event, data }) => {
    if (event === 'answered') there.get(`${data.person} ${data.round}`)?.(performance.now());
  });
  let started = performance.now();
  let heard = 0;
  const phones = await Promise.all(
    Array.from({ length: PHONES }, (_, at) =>
      phone(base, open.code, `Learner ${at + 1}`, ({ event }) => {
        if (event === 'question') heard += 1;
      }),
    ),
  );
  row(`${PHONES} phones joined and listening`, `${Math.round(performance.now() - started)} ms`, '10 s');
  const ask = (round, stage) =>
    sendJson(
      base,
      'PUT',
      `/classes/${open.code}/question`,
      { round, question: QUESTION, stage },
      open.secret,
    );
  const answers = async (round, within) => {
    heard = 0;
    started = performance.now();
    await ask(round, 'answer');
    while (heard < PHONES) await new Promise((done) => setImmediate(done));
    const asked = performance.now() - started;
    const waits = [];
    await Promise.all(
      phones.map(async ({ person, answer }, at) => {
        await new Promise((done) => setTimeout(done, (within * at) / PHONES));
        const sent = performance.now();
        const arrived = new Promise((done) => there.set(`${person} ${round}`, done));
        const { status } = await answer(round, { notes: ANSWERS[at % ANSWERS.length] });
        if (status === 200) waits.push((await arrived) - sent);
      }),
    );
    const said = `${Math.round(median(waits))} (${Math.round(sorted(waits).at(-1))}) ms`;
    return { asked: `${Math.round(asked)} ms`, said, lost: PHONES - waits.length };
  };
  const calm = await answers(1, 5000);
  row('A question on every phone', calm.asked, '');
  row(`An answer at the desk, ${PHONES} in 5 s`, calm.said, `300 ms; ${calm.lost} lost`);
  const burst = await answers(2, 0);
  row('An answer at the desk, all at the same moment', burst.said, `300 ms; ${burst.lost} lost`);
  row(
    'Memory of the server with them',
    `${Math.round(memoryOf(pid))} MB`,
    `150 MB; ${Math.round(before)} before`,
  );
  for (const each of phones) each.cut();
  desk.cut();
  await sendJson(base, 'DELETE', `/classes/${open.code}`, undefined, open.secret);
}
