// What marking whole sets costs: answers judged by the core, a set of thirty by twenty judged beside the page while it is
// watched, and a set opened among a term of two hundred.

/** Twenty questions with what is written to them: the right answer, or what a habit leads to. */
async function questionsWithAnswers(load, seed) {
  const { standingSheet } = await load('/src/core/exercise/sheet/sheet.ts');
  const { USUAL_SETTINGS } = await load('/src/core/school/settings.ts');
  const { askedOnSheet, storedQuestion } = await load('/src/core/exercise/set/question.ts');
  const { askedIn } = await load('/src/core/exercise/sheet/task/all.ts');
  const { rightAnswer, taskOf } = await load('/src/core/exercise/kinds/all.ts');
  const { answersOf } = await load('/src/core/mark/explain/made.ts');
  const { mistakesIn } = await load('/src/core/mark/mistakes/all.ts');
  const { answerCode } = await load('/src/core/exercise/code.ts');
  const { handIn } = await load('/src/core/exercise/hand-in.ts');
  const sheet = {
    ...{ sort: 'questions', count: 20, topics: ['minors', 'signatures'], maxSigns: 5, version: 'A', seed },
    ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [], book: 'major', slots: null },
  };
  const questions = [];
  const answers = [];
  const school = { ...USUAL_SETTINGS, known: [] };
  for (const { item } of askedOnSheet(standingSheet(sheet, USUAL_SETTINGS))) {
    const asked = askedIn(item);
    questions.push(storedQuestion(item, null, questions));
    const task = taskOf(asked, school);
    const wrong = mistakesIn(task.scope).flatMap((mistake) =>
      answersOf(mistake, task)
        .slice(0, 2)
        .map(({ written }) => answerCode(handIn(asked, written))),
    );
    answers.push([answerCode(rightAnswer(asked, school)), ...wrong]);
  }
  return { questions, answers, settings: USUAL_SETTINGS };
}

/** Papers of so many people: two answers of three are right, the others each something else. */
function papersFor({ questions, answers }, people, prefix) {
  return Array.from({ length: people }, (_, row) => ({
    person: `${prefix}${row}`,
    answers: Object.fromEntries(
      questions.map(({ id }, column) => {
        const codes = answers[column];
        const roll = (row * 31 + column * 17) % 9;
        return [id, roll < 6 ? codes[0] : codes[1 + ((row * 7 + column * 3) % (codes.length - 1))]];
      }),
    ),
  }));
}

/** Ten thousand answers judged one after the other, as the worker does it. */
export async function benchJudging(load, row) {
  const { judgeSet } = await load('/src/workers/judge-set.ts');
  const { setQuestions } = await load('/src/core/exercise/set/question.ts');
  const { givenAnswers } = await load('/src/core/exercise/set/verdict.ts');
  const sets = [];
  for (let seed = 1; seed <= 25; seed += 1) sets.push(await questionsWithAnswers(load, seed));
  let answers = 0;
  let different = 0;
  const started = performance.now();
  for (const set of sets) {
    const papers = papersFor(set, 20, 'p');
    const { questions, settings } = set;
    const given = givenAnswers(setQuestions(questions, settings), papers);
    judgeSet(
      { questions, given, settings },
      () => {},
      () => performance.now(),
    );
    answers += papers.length * questions.length;
    different += given.length;
  }
  const took = performance.now() - started;
  row(
    `${answers} answers judged (${different} different ones)`,
    `${(took / 1000).toFixed(1)} s`,
    'under 15 s',
  );
  const [first] = sets;
  return { questions: first.questions, papers: papersFor(first, 30, 'bench-set-') };
}

/** Lays people and sets into the demo school of a page. */
async function layOut(page, { questions, papers }, sets) {
  await page.evaluate(
    async ({ questions: asked, papers: written, count }) => {
      const open = indexedDB.open('moon-step-demo');
      const database = await new Promise((resolve) => {
        open.onsuccess = () => resolve(open.result);
      });
      const transaction = database.transaction(['people', 'sets', 'papers'], 'readwrite');
      const now = new Date().toISOString();
      const store = (name) => transaction.objectStore(name);
      for (const [at, { person }] of written.entries())
        store('people').put({
          ...{ v: 2, books: {}, id: person, group: 'demo-singers', name: `No. ${at + 1}`, instrument: '' },
          ...{ order: 100 + at, changedAt: now },
        });
      for (let number = 0; number < count; number += 1) {
        const set = `bench-${number}`;
        store('sets').put({
          ...{
            v: 1,
            id: set,
            name: `Set ${number + 1}`,
            group: 'demo-singers',
            sheet: null,
            questions: asked,
          },
          ...{ decisions: {}, voices: {}, day: now.slice(0, 10), order: 10 + number, changedAt: now },
        });
        for (const [at, { person, answers }] of written.entries())
          store('papers').put({
            ...{ v: 1, id: `${set}.${person}`, set, group: 'demo-singers', person, absent: false },
            ...{
              stopped: false,
              minutes: null,
              answers,
              typed: {},
              corrected: {},
              own: {},
              order: at,
              changedAt: now,
            },
          });
      }
      await new Promise((resolve) => {
        transaction.oncomplete = resolve;
      });
    },
    { questions, papers, count: sets },
  );
}

const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** The longest task of a page since judging began, in milliseconds of the processor: what it took of a shared machine. */
function ownTime(events) {
  const began = events.find(({ name, ph }) => name === 'judging' && ph !== 'E');
  const main = events.find(
    ({ ph, name, pid, args }) =>
      ph === 'M' && name === 'thread_name' && pid === began?.pid && args.name === 'CrRendererMain',
  );
  const tasks = events.filter(
    ({ name, pid, tid, ts, dur, tdur }) =>
      name.endsWith('RunTask') && pid === main?.pid && tid === main.tid && tdur && ts + dur > began.ts,
  );
  if (tasks.length === 0) throw new Error('no task was seen while answers were judged');
  return Math.max(...tasks.map(({ tdur }) => tdur)) / 1000;
}

/** As many sets are judged, each by a page of its own. */
const JUDGED = 3;

/** Sets of thirty by twenty judged, each while its page is watched. */
async function judgeWatched(browser, page, address, row) {
  const judging = [];
  const longest = [];
  const own = [];
  for (let set = 0; set < JUDGED; set += 1) {
    await browser.startTracing(page, { categories: ['toplevel', 'blink.user_timing'] });
    await page.goto(address(`bench-${set}`));
    await page.waitForFunction(() => window.seen.judged > 0, null, { timeout: 60_000 });
    await page.locator('[data-saving=saved]').waitFor();
    const seen = await page.evaluate(() => window.seen);
    judging.push(seen.judged - seen.judging);
    longest.push(seen.longest);
    own.push(ownTime(JSON.parse(await browser.stopTracing()).traceEvents));
  }
  row('30 × 20 answers judged beside the page', `${Math.round(median(judging))} ms`, 'under 1000 ms');
  const tasks = longest.map((each) => (each === 0 ? 'under 50' : Math.round(each))).join(', ');
  row(
    'Longest task of the page meanwhile, in time of its own',
    `${own.map(Math.round).join(', ')} ms`,
    'under 50 ms',
  );
  row('  and by the clock, with what else this machine did', `${tasks} ms`, '');
}

/** A set of thirty by twenty judged while its page is watched; and a set opened among two hundred. */
export async function benchSets(browser, port, row, made) {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.addInitScript(() => {
    const seen = { longest: 0, judging: 0, judged: 0 };
    window.seen = seen;
    new PerformanceObserver((list) => {
      for (const { duration, startTime } of list.getEntries())
        if (seen.judging > 0 && startTime + duration > seen.judging)
          seen.longest = Math.max(seen.longest, duration);
    }).observe({ entryTypes: ['longtask'] });
    new MutationObserver(() => {
      const waits = document.querySelector('[data-state=judging]') !== null;
      if (!seen.judging && waits) seen.judging = performance.mark('judging').startTime;
      if (!seen.judged && seen.judging && !waits) seen.judged = performance.mark('judged').startTime;
    }).observe(document, { subtree: true, childList: true, attributes: true });
  });
  const address = (set) => `http://127.0.0.1:${port}/mark?set=${set}`;
  await page.goto(`http://127.0.0.1:${port}/mark`);
  await page.locator('[data-saving=saved]').waitFor();
  await layOut(page, made, JUDGED);
  await judgeWatched(browser, page, address, row);
  await page.locator('[data-saving=saved]').waitFor();
  await layOut(page, made, 200);
  const opens = [];
  for (let time = 0; time < 5; time += 1) {
    await page.goto(address('new'));
    await page.locator('[data-saving=saved]').waitFor();
    const press = page.getByRole('button', { name: /^Set 7 / });
    await press.waitFor();
    opens.push(
      await press.evaluate(
        (button) =>
          new Promise((resolve) => {
            const started = performance.now();
            const look = () => {
              const cells = document.querySelectorAll('[data-cell]:not([data-state=open])').length;
              if (cells < 600) return requestAnimationFrame(look);
              resolve(performance.now() - started);
            };
            button.click();
            look();
          }),
      ),
    );
  }
  row(
    'A set opened among 200, from the press to its whole grid',
    `${Math.round(median(opens))} ms`,
    'under 300 ms',
  );
  await context.close();
}
