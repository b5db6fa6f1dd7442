// What sheets cost: the same forty staves engraved by us as a PDF and by LilyPond in the same run, and the versions of a
// whole class in one PDF, made in the browser's worker while the page is watched.
import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';

const run = promisify(execFile);
const STAVES = 40;
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** Forty scales to be written, worked, so that every staff has its notes. */
async function fortyStaves(load) {
  const { standingSheet } = await load('/src/core/exercise/sheet/sheet.ts');
  const { USUAL_SETTINGS } = await load('/src/core/school/settings.ts');
  const sheet = {
    ...{
      sort: 'questions',
      count: STAVES,
      topics: ['majors', 'minors'],
      maxSigns: 7,
      version: 'A',
      seed: 40,
    },
    ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [], book: 'major', slots: null },
  };
  const { entries } = standingSheet(sheet, USUAL_SETTINGS);
  return entries.map((entry) => ({ ...entry, slot: { ...entry.slot, form: 'worked' } }));
}

/** Our PDF of forty staves, and LilyPond's, each the median of three. */
export async function benchStaves(load, row) {
  const { sheetPages } = await load('/src/engrave/page/sheet-pages.ts');
  const { USUAL_LOOK } = await load('/src/engrave/page/look.ts');
  const { ENGLISH } = await load('/src/core/words/class-words.ts');
  const { writePdf } = await load('/src/formats/pdf/write.ts');
  const { FONT_NAMES } = await load('/src/formats/pdf/fonts.ts');
  const { writeSheetMusic } = await load('/src/formats/sheet/music.ts');
  const entries = await fortyStaves(load);
  const fonts = Object.fromEntries(
    await Promise.all(
      FONT_NAMES.map(async (name) => [
        name,
        new Uint8Array(await readFile(new URL(`../src/formats/pdf/fonts/${name}.ttf`, import.meta.url))),
      ]),
    ),
  );
  const head = { title: 'Forty staves', version: '', seed: '', group: '' };
  const question = { w: ENGLISH, head, entries, look: USUAL_LOOK, crib: false, book: false };
  const ours = [];
  for (let time = 0; time < 5; time += 1) {
    const started = performance.now();
    const pages = sheetPages(question).map(({ scene }) => ({ scene, bookmark: null }));
    await writePdf({ title: 'Forty staves', language: 'en', pages, grey: false, fonts, now: 0 });
    ours.push(performance.now() - started);
  }
  const folder = await mkdtemp(join(tmpdir(), 'moon-step-bench-'));
  const [source, ly] = [join(folder, 's.musicxml'), join(folder, 's.ly')];
  await writeFile(source, writeSheetMusic(ENGLISH, 'Forty staves', entries));
  await run('musicxml2ly', ['--absolute', '--nd', '--language=english', '-o', ly, source]);
  const theirs = [];
  for (let time = 0; time < 3; time += 1) {
    const started = performance.now();
    await run('lilypond', ['-s', '-o', join(folder, 's'), ly]);
    theirs.push(performance.now() - started);
  }
  await rm(folder, { recursive: true });
  const [us, them] = [median(ours), median(theirs)];
  row(`A sheet of ${STAVES} staves as PDF`, `${Math.round(us)} ms`, '');
  row(`The same ${STAVES} engraved by lilypond`, `${Math.round(them)} ms`, '');
  row('How many times faster', `${(them / us).toFixed(1)}`, 'at least 10');
}

/** One PDF with a version for each of thirty students and their keys, and the longest task of the page meanwhile. */
export async function benchClass(browser, port, row) {
  const page = await browser.newPage();
  await page.goto(`http://127.0.0.1:${port}/sheets`);
  await page.locator('[data-live=yes]').waitFor();
  await page.evaluate(async () => {
    const names = Array.from({ length: 25 }, (_, at) => `No. ${at + 1}`);
    const open = indexedDB.open('moon-step-demo');
    const database = await new Promise((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const transaction = database.transaction('people', 'readwrite');
    for (const [at, name] of names.entries())
      transaction.objectStore('people').put({
        ...{ v: 2, books: {}, id: `bench-${at}`, group: 'demo-tuesday', name, instrument: '' },
        ...{ order: 100 + at, changedAt: new Date().toISOString() },
      });
    await new Promise((resolve) => {
      transaction.oncomplete = resolve;
    });
  });
  await page.reload();
  await page.locator('[data-live=yes]').waitFor();
  await page.evaluate(() => {
    window.longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) window.longest = Math.max(window.longest, duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  await page.keyboard.press('x');
  const item = page.getByRole('menuitem', { name: 'PDF for each student of the class' });
  await item.waitFor();
  await page.evaluate(() => {
    window.longest = 0;
  });
  const started = performance.now();
  const [download] = await Promise.all([page.waitForEvent('download', { timeout: 60_000 }), item.click()]);
  const took = performance.now() - started;
  const longest = await page.evaluate(() => window.longest);
  await download.path();
  await page.close();
  row('Sheets and keys of 30 students in one PDF, in the worker', `${Math.round(took)} ms`, 'under 5000 ms');
  row('Longest task of the page meanwhile', `${Math.round(longest)} ms`, 'under 50 ms');
}
