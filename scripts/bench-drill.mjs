// What drilling costs in a school with 100,000 answers: the room opened, the picture of what is known of one student, and
// the press of an answer until the next question stands.
import { clockOf } from './clock.mjs';

const STUDENTS = 12;
const DRILLS = 5000;
const ANSWERS = 20;

/** Lays 100,000 answers of twelve students into the demo school of a page, over a year. */
async function layOut(page) {
  await page.evaluate(
    async ({ students, drills, answers }) => {
      const open = indexedDB.open('moon-step-demo');
      const database = await new Promise((resolve) => {
        open.onsuccess = () => resolve(open.result);
      });
      const store = database.transaction(['drills'], 'readwrite').objectStore('drills');
      const asks = ['name-key', 'by-number'].flatMap((ask) =>
        [-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5].flatMap((fifths) =>
          ['major', 'minor'].map((mode) => `${ask}*name-key.${fifths}.${mode}`),
        ),
      );
      const habits = ['named-relative', 'named-last-flat', 'kind-swapped', ''];
      const now = Date.now();
      for (let nth = 0; nth < drills; nth += 1) {
        const at = new Date(now - (drills - nth) * 6_000_000).toISOString();
        const lines = Array.from({ length: answers }, (_, place) => {
          const question = asks[(nth * 7 + place * 3) % asks.length];
          const wrong = (nth * 13 + place * 5) % 9 === 0;
          return `${wrong ? 'w' : 'r'}|c|${3000 + place * 100}|${wrong ? habits[nth % 4] : ''}|${question}||C.major`;
        });
        store.put({
          ...{
            v: 1,
            id: `bench-${nth}`,
            person: `demo-person-${(nth % students) + 1}`,
            level: '',
            name: 'B',
          },
          ...{ plan: '', answers: lines.join('\n'), slip: null, told: false, spent: 60_000, thought: 0 },
          ...{
            limits: { questions: answers, seconds: null, mistakes: null },
            end: 'success',
            at,
            endedAt: at,
          },
          ...{ crib: false, credited: null, handedAt: null, received: false, order: nth, changedAt: at },
        });
      }
      await new Promise((resolve) => {
        store.transaction.oncomplete = resolve;
      });
    },
    { students: STUDENTS, drills: DRILLS, answers: ANSWERS },
  );
}

const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** From a press until something stands, in milliseconds, in the page itself. */
const until = (button, selector) =>
  button.evaluate(
    (element, wanted) =>
      new Promise((resolve) => {
        const started = performance.now();
        const look = () =>
          document.querySelector(wanted)
            ? requestAnimationFrame(() => resolve(performance.now() - started))
            : requestAnimationFrame(look);
        element.click();
        look();
      }),
    selector,
  );

/** The room among 100,000 answers. */
export async function benchDrill(browser, port, row) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript(() => {
    localStorage.setItem('moon-step:learner:demo', 'demo-person-3');
    const marks = { 'drill-lives': '[data-live=yes]', 'drill-due': '[data-due]' };
    new MutationObserver(() => {
      for (const [name, selector] of Object.entries(marks))
        if (document.querySelector(selector) && performance.getEntriesByName(name).length === 0)
          performance.mark(name);
    }).observe(document, { subtree: true, childList: true, attributes: true });
  });
  const address = `http://127.0.0.1:${port}/drill`;
  await page.goto(address);
  await page.locator('[data-saving=saved]').waitFor();
  await layOut(page);
  const opens = [];
  const dues = [];
  for (let time = 0; time < 5; time += 1) {
    await page.goto(address);
    await page.locator('[data-due]').waitFor();
    const at = (name) => page.evaluate((mark) => performance.getEntriesByName(mark)[0].startTime, name);
    opens.push(await at('drill-lives'));
    dues.push(await at('drill-due'));
  }
  row('100,000 answers: the room takes keys', `${Math.round(median(opens))} ms`, 'under 300 ms');
  row('  and says what is due of one student', `${Math.round(median(dues))} ms`, '');
  const pictures = [];
  for (let time = 0; time < 5; time += 1) {
    await page.goto(address);
    await page.locator('[data-due]').waitFor();
    const tab = page.getByRole('button', { name: /^What is known/u });
    pictures.push(await until(tab, '[data-chart] svg text'));
  }
  row('  the picture of what is known, from its press', `${Math.round(median(pictures))} ms`, 'under 500 ms');
  await benchAnswers(page, address, row);
  await context.close();
}

/** The press of an answer until the next question stands, in time of script, style and layout. */
async function benchAnswers(page, address, row) {
  await page.goto(`${address}?on=signatures.degrees&way=both&questions=30&mistakes=any&minutes=any&signs=5`);
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('group', { name: 'Answers' }).waitFor();
  const spent = await clockOf(page);
  const costs = { answer: [], next: [] };
  const settled = () =>
    page.evaluate(
      () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))),
    );
  /** Until the page has nothing left to do, twice over: what is wanted next is worked out then. */
  const rested = () =>
    page.evaluate(() => new Promise((resolve) => requestIdleCallback(() => requestIdleCallback(resolve))));
  const press = async (key, into) => {
    await settled();
    const before = await spent();
    await page.keyboard.press(key);
    await settled();
    costs[into].push((await spent()) - before);
  };
  for (let nth = 0; nth < 28; nth += 1) {
    // As somebody reads: what comes next is worked out meanwhile.
    await rested();
    await press('0', 'answer');
    await rested();
    await press('Enter', 'next');
  }
  for (const [name, values] of Object.entries(costs)) {
    const what = { answer: 'what is said of a wrong answer', next: 'the next question' }[name];
    row(`A press until ${what}: median`, `${median(values).toFixed(1)} ms`, '16 ms');
    row(`  worst of ${values.length}`, `${Math.max(...values).toFixed(1)} ms`, '50 ms');
  }
}
