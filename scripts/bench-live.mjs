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

export async function benchLive(base, pid, browser, row) {
  await benchServer(base, pid, row);
  await benchDesk(base, browser, row);
}

/** From an answer that is sent until the desk's page shows that there is one more. */
async function benchDesk(base, browser, row) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/mark?set=demo-set-minors&see=live`);
  await page.getByRole('button', { name: 'Begin one with the same questions' }).click();
  await page.getByRole('button', { name: 'Open the class' }).click();
  const card = page.getByRole('region', { name: 'Answers by phone' });
  const code = (await card.getByRole('definition').first().textContent()).replace(' ', '');
  const phones = await Promise.all(
    Array.from({ length: PHONES }, (_, at) => phone(base, code, `Learner ${at + 1}`)),
  );
  await page.getByText(`${PHONES} of ${PHONES} here`).waitFor();
  await page.getByRole('button', { name: /^Ask question 1/ }).click();
  await page.getByRole('button', { name: 'Open the answers' }).click();
  await page.getByText('Answers are taken.').waitFor();
  await page.evaluate(() => {
    const [seen, long] = [[], []];
    new PerformanceObserver((list) => long.push(...list.getEntries().map((each) => each.duration))).observe({
      entryTypes: ['longtask'],
    });
    new MutationObserver(() => {
      const count = Number(/(\d+) of \d+ have answered/u.exec(document.body.textContent)?.[1] ?? 0);
      while (seen.length < count) seen.push(Date.now());
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
    Object.assign(window, { seen, long });
  });
  const sent = [];
  await Promise.all(
    phones.map(async (each, at) => {
      await new Promise((done) => setTimeout(done, 25 * at));
      sent.push(Date.now());
      await each.answer(1, { notes: ANSWERS[at % ANSWERS.length] });
    }),
  );
  await page.getByText(`${PHONES} of ${PHONES} have answered`).waitFor();
  const { seen, long } = await page.evaluate(() => ({ seen: window.seen, long: window.long }));
  const waits = sent.sort((a, b) => a - b).map((at, place) => seen[place] - at);
  row(
    "An answer on the desk's page, 200 in 5 s",
    `${median(waits)} (${sorted(waits).at(-1)}) ms`,
    `300 ms; longest task ${Math.round(Math.max(0, ...long))} ms`,
  );
  for (const each of phones) each.cut();
  await page.close();
}

async function benchServer(base, pid, row) {
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
