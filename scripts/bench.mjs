// npm run bench: how fast Moon Step is here, against what it must keep. Figures only; nothing fails by them.
import { gzipSync } from 'node:zlib';
import { benchDrill } from './bench-drill.mjs';
import { benchLive } from './bench-live.mjs';
import { benchPlay } from './bench-play.mjs';
import { benchRead } from './bench-read.mjs';
import { benchJudging, benchSets } from './bench-sets.mjs';
import { benchClass, benchStaves } from './bench-sheets.mjs';
import { CHROMIUM, serveDemo } from './browser.mjs';
import { clockOf } from './clock.mjs';
import { checkNode, ensureBuild, ensurePackages, ensurePrograms } from './setup.mjs';

checkNode();
await ensurePackages();
await ensurePrograms([
  { program: 'chromium', debian: 'chromium' },
  { program: 'lilypond', debian: 'lilypond' },
]);
await ensureBuild();

const { withSource } = await import('./source-modules.mjs');
const { chromium } = await import('@playwright/test');
const PORT = 4789;
const LOADS = 5;
const OTHER_KEYS = 20; // from F flat to B sharp, or back

/** Work that is counted, as the browser's trace names it. */
const COUNTED = new Set([
  'EventDispatch',
  'FireAnimationFrame',
  'TimerFire',
  'UpdateLayoutTree',
  'Layout',
  'FunctionCall',
]);

const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const row = (what, figure, limit) => console.log(`${what.padEnd(58)} ${figure.padStart(14)}   ${limit}`);

await withSource(benchCore);
await withSource((load) => benchStaves(load, row));
let made = null;
await withSource(async (load) => {
  made = await benchJudging(load, row);
});
const stop = await serveDemo(PORT);
const browser = await chromium.launch(CHROMIUM);
await benchFirstView();
await benchKeyChange();
await benchRing();
await benchPlay(browser, PORT, row, median);
await benchClass(browser, PORT, row);
await benchSets(browser, PORT, row, made);
await benchDrill(browser, PORT, row);
await benchRead(browser, PORT, row);
await benchLive(`http://127.0.0.1:${PORT}`, stop.pid, browser, row);
await browser.close();
stop();

/** Scales spelled, and derived by every method, a second. */
async function benchCore(load) {
  const { scaleNamed } = await load('/src/core/scale/scale.ts');
  const { SCALE_IDS } = await load('/src/core/scale/pattern.ts');
  const { derive, methodsFor } = await load('/src/core/derive/methods.ts');
  const { prove } = await load('/src/core/derive/proof.ts');
  const { notesOf } = await load('/src/core/scale/line.ts');
  const { TONICS } = await load('/src/core/scale/tonic.ts');
  const questions = TONICS.flatMap((tonic) => SCALE_IDS.map((id) => [tonic, id]));
  const scales = questions.map(([tonic, id]) => scaleNamed(tonic, id).scale);

  row(
    'Scales spelled a second',
    rate(questions, ([tonic, id]) => scaleNamed(tonic, id)),
    '',
  );
  row(
    'Scales derived by all methods a second',
    rate(scales, (scale) => methodsFor(scale).map((method) => derive(scale, 'both', method))),
    '',
  );
  const table = () => {
    const started = performance.now();
    for (const scale of scales) {
      for (const direction of ['up', 'down', 'both']) {
        for (const method of methodsFor(scale)) derive(scale, direction, method);
      }
    }
    return performance.now() - started;
  };
  row(
    `The whole table: ${scales.length} scales, 3 directions, all methods`,
    `${Math.round(median([table(), table(), table()]))} ms`,
    'under 2000 ms',
  );
  row(
    'Proofs a second',
    rate(scales, (scale) => prove(scale, 'both', notesOf(scale, 'both'))),
    '',
  );
  const { ask } = await load('/src/core/ask/ask.ts');
  const { ENGLISH } = await load('/src/core/words/class-words.ts');
  const { UNDERSTOOD } = await load('/src/core/ask/phrases.test-data.ts');
  const { REFUSED } = await load('/src/core/ask/refused-phrases.test-data.ts');
  const phrases = (UNDERSTOOD + REFUSED)
    .split('\n')
    .flatMap((line) => line.split(/ [=>] /u)[0]?.trim() || [])
    .concat('C major and '.repeat(20), 'F# Bb '.repeat(40), '2 '.repeat(120));
  // Warm, as after the first letter that was typed.
  for (const phrase of phrases) ask(ENGLISH, phrase);
  const times = phrases.map((phrase) => {
    const started = performance.now();
    ask(ENGLISH, phrase);
    return performance.now() - started;
  });
  row(`Ask line, worst of ${phrases.length} phrases`, `${Math.max(...times).toFixed(2)} ms`, 'under 5 ms');
  await benchMarks(load, TONICS, SCALE_IDS);
}

/** One answer judged: what a mistake made of it, and one that no single mistake makes, for which all pairs are searched. */
async function benchMarks(load, tonics, ids) {
  const { explain } = await load('/src/core/mark/explain/explain.ts');
  const { answersOf } = await load('/src/core/mark/explain/made.ts');
  const { scaleTask } = await load('/src/core/exercise/kinds/scale/scale-question.ts');
  const { judge } = await load('/src/core/exercise/judge.ts');
  const { mistakesIn } = await load('/src/core/mark/mistakes/all.ts');
  const { USUAL_SETTINGS } = await load('/src/core/school/settings.ts');
  const questions = tonics.flatMap((tonic) =>
    ids.map((scale) => ({ tonic, scale, direction: 'both', signature: 'none', clef: 'treble' })),
  );
  const mistakes = mistakesIn('scale');
  const cases = questions.flatMap((question, at) => {
    const task = scaleTask(question);
    const [made] = answersOf(mistakes[at % mistakes.length], task);
    // Three notes taken from elsewhere in the row: no mistake does that.
    const { notes } = task.right;
    const odd = notes.map((note, place) => (place % 5 === 1 ? notes[(place + 3) % 15] : note));
    return [...(made ? [[question, made.written.notes]] : []), [question, odd]];
  });
  const written = (notes) => ({ is: 'scale', notes: notes.map((note) => ({ note, octave: null })) });
  const time = (work) =>
    cases.map(([question, notes]) => {
      const started = performance.now();
      work(question, notes);
      return performance.now() - started;
    });
  for (const [name, work] of [
    [
      'Mistake of one answer, pairs included',
      (question, notes) => explain(scaleTask(question), { is: 'notes', notes }),
    ],
    [
      'One answer judged',
      (question, notes) => judge({ kind: 'scale', question }, written(notes), USUAL_SETTINGS),
    ],
  ]) {
    time(work);
    const times = time(work);
    row(`${name}: median of ${times.length}`, `${median(times).toFixed(2)} ms`, 'under 5 ms');
    row(`${name}: worst`, `${Math.max(...times).toFixed(2)} ms`, '');
  }
}

function rate(inputs, work) {
  const spend = (milliseconds) => {
    const started = performance.now();
    let done = 0;
    while (performance.now() - started < milliseconds) {
      for (const input of inputs) work(input);
      done += inputs.length;
    }
    return (done / (performance.now() - started)) * 1000;
  };
  spend(300);
  return Math.round(spend(1000)).toLocaleString('en');
}

/** Clicks the first word as soon as the page is live; notes the press, when it is taken, and when its list stands. */
function clickFirstWord() {
  const look = () => {
    const word = document.querySelector('[data-live=yes] h1 button');
    if (word?.getAttribute('aria-expanded') === 'true') window.answered ??= performance.now();
    else if (word) {
      window.pressed ??= performance.now();
      word.click();
    }
    if (document.querySelector('[role=listbox]')) window.listed = performance.now();
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

/** When the sentence answers, and which scripts had been asked for when it was pressed. */
async function firstPress(context) {
  const page = await context.newPage();
  await page.addInitScript(clickFirstWord);
  await page.goto(`http://127.0.0.1:${PORT}/derive`, { waitUntil: 'commit' });
  const listed = await (await page.waitForFunction(() => window.listed)).jsonValue();
  const answered = await page.evaluate(() => window.answered);
  const scripts = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter(({ name, startTime }) => /\.js$/u.test(name) && startTime <= window.pressed)
      .map(({ name }) => name),
  );
  return { listed, answered, scripts };
}

/** The bytes of script with which alone the sentence answers: every other one is withheld. */
async function scriptToAnswer(context, scripts) {
  const page = await context.newPage();
  const wanted = [];
  await page.route(/\.js$/u, (route) => {
    if (!scripts.includes(route.request().url())) return;
    wanted.push(route.request().url());
    return route.continue();
  });
  await page.addInitScript(clickFirstWord);
  await page.goto(`http://127.0.0.1:${PORT}/derive`, { waitUntil: 'commit' });
  await page.waitForFunction(() => window.answered);
  const bodies = await Promise.all(wanted.map(async (url) => (await fetch(url)).arrayBuffer()));
  return bodies.reduce((sum, body) => sum + gzipSync(new Uint8Array(body), { level: 9 }).length, 0);
}

/** Script until the sentence answers a click, and how long after navigation that is. */
async function benchFirstView() {
  const presses = [];
  for (let load = 0; load < LOADS; load += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    presses.push(await firstPress(context));
    await context.close();
  }
  // The fewest that had been asked for: more came where the machine was slow.
  const [least] = presses.map(({ scripts }) => scripts).sort((one, other) => one.length - other.length);
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const bytes = await scriptToAnswer(context, least);
  await context.close();
  row('Script with which the sentence answers (gzip)', `${(bytes / 1000).toFixed(1)} kB`, 'under 135 kB');
  row(
    'Sentence answers after navigation',
    `${Math.round(median(presses.map(({ answered }) => answered)))} ms`,
    'under 600 ms',
  );
  row('Its first list stands', `${Math.round(median(presses.map(({ listed }) => listed)))} ms`, '');
}

/**
 * Scripting, style and layout of a change of key, by thread time: each of the 84 keys once, so that nothing can be had from
 * memory. The stride is drawn in the frame of the press, all else in the next; the line is engraved anew each time.
 */
async function benchKeyChange() {
  for (const [name, query] of [
    ['up', 'direction=up&signature=written'],
    ['up and down, no signature', 'direction=both&signature=none'],
    [
      'fretboard, staff and rail, two octaves',
      'direction=up&signature=written&octaves=two&on=fretboard,staff,rail',
    ],
  ]) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`http://127.0.0.1:${PORT}/derive?tonic=Fb&scale=major&clef=treble&${query}`);
    await page.locator('[data-live=yes] section[aria-label=Staff] svg [data-part=note]').first().waitFor();
    await page.waitForLoadState('networkidle');
    const costs = [];
    for (const [index, scale] of ['maj', 'nat', 'har', 'mel'].entries()) {
      await page.keyboard.press('s');
      await page.keyboard.type(scale);
      await page.keyboard.press('Enter');
      await page.getByRole('slider', { name: 'Window of the signature' }).focus();
      costs.push(...(await costsOfSliding(page, index % 2 === 0 ? 'ArrowRight' : 'ArrowLeft')));
      await page.keyboard.press('Tab');
    }
    await page.close();
    for (const [part, limits] of [
      ['frame', ['8 ms', '20 ms']],
      ['all', ['', '']],
      ['wall', ['', '']],
    ]) {
      const values = costs.map((cost) => cost[part]);
      const what = { frame: 'frame of the press', all: 'all of it', wall: 'frame, wall time' }[part];
      row(`Change of key, ${name}, ${what}: median`, `${median(values).toFixed(1)} ms`, limits[0]);
      row(`  worst of ${values.length}`, `${Math.max(...values).toFixed(1)} ms`, limits[1]);
    }
  }
}

/** What each press of a key cost, read off the browser's own trace: until its frame is handed on, and in all. */
async function costsOfSliding(page, key) {
  await browser.startTracing(page, {
    categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline', 'toplevel'],
  });
  for (let press = 0; press < OTHER_KEYS; press += 1) {
    await page.keyboard.press(key);
    await page.evaluate(
      () =>
        new Promise((resolve) => {
          let left = 4;
          const next = () => (left-- > 0 ? requestAnimationFrame(next) : setTimeout(resolve));
          next();
        }),
    );
  }
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
  const isPress = ({ name, args }) => name === 'EventDispatch' && args?.data?.type === 'keydown';
  const presses = traceEvents.filter(isPress);
  const [{ pid, tid }] = presses;
  const main = traceEvents
    .filter((event) => event.pid === pid && event.tid === tid)
    .sort((a, b) => a.ts - b.ts || (b.dur ?? 0) - (a.dur ?? 0));
  return presses.map(({ ts }, at) => {
    const end = presses[at + 1]?.ts ?? Number.POSITIVE_INFINITY;
    const during = main.filter((event) => event.ts >= ts && event.ts < end);
    const frame = during.find(({ name }) => name === 'BeginCommitCompositorFrame')?.ts ?? end;
    const spent = (until, clock) => {
      let inside = 0;
      let sum = 0;
      for (const event of during) {
        // What runs inside something counted is counted with it.
        if (!COUNTED.has(event.name) || event.ts >= until || event.ts < inside) continue;
        inside = event.ts + (event.dur ?? 0);
        sum += (event[clock] ?? 0) / 1000;
      }
      return sum;
    };
    return { frame: spent(frame, 'tdur'), all: spent(end, 'tdur'), wall: spent(frame, 'dur') };
  });
}

/** What a place of the circle costs while a hand drags along it, round both ways. */
async function benchRing() {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`http://127.0.0.1:${PORT}/orbit?see=keys&key=C+major`);
  await page.getByRole('button', { name: /^C major, no sharps/u }).waitFor();
  await page.waitForLoadState('networkidle');
  const places = [];
  for (const name of [
    'G',
    'D',
    'A',
    'E',
    'A',
    'D',
    'G',
    'C',
    'F',
    'B flat',
    'E flat',
    'A flat',
    'E flat',
    'B flat',
    'F',
  ]) {
    const box = await page.getByRole('button', { name: new RegExp(`^${name} major,`, 'u') }).boundingBox();
    places.push([box.x + box.width / 2, box.y + box.height / 2]);
  }
  const start = await page.getByRole('button', { name: /^C major, no sharps/u }).boundingBox();
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
  await page.mouse.down();
  const costs = await costsOf(page, [...places, ...places], ([x, y]) => page.mouse.move(x, y));
  await page.mouse.up();
  await page.close();
  row('Dragging along the circle: median', `${median(costs).toFixed(1)} ms`, '16 ms');
  row(`Dragging along the circle: worst of ${costs.length}`, `${Math.max(...costs).toFixed(1)} ms`, '50 ms');
}

/** Milliseconds of script, style and layout of each change. */
async function costsOf(page, changes, make) {
  const spent = await clockOf(page);
  const settled = () =>
    page.evaluate(
      () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))),
    );
  const costs = [];
  for (const change of changes) {
    await settled();
    const before = await spent();
    await make(change);
    await settled();
    costs.push((await spent()) - before);
  }
  return costs;
}
