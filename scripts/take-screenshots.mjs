// npm run screenshots: the pictures of docs/screenshots, anew from the demo school.
import { join } from 'node:path';
import { CHROMIUM, serveDemo } from './browser.mjs';
import { checkNode, ensureBuild, ensurePackages, ensurePrograms, ROOT } from './setup.mjs';
import { phone } from './simulated-phones.mjs';

checkNode();
await ensurePackages();
await ensurePrograms([{ program: 'chromium', debian: 'chromium' }]);
await ensureBuild();
const { chromium } = await import('@playwright/test');

const PORT = 4788;
const VIEWS = [
  { file: 'mark-class.png', address: '/mark?set=demo-set-minors&see=class', keys: [] },
  { file: 'derive-day.png', address: '/derive', keys: [] },
  {
    file: 'derive-shelf.png',
    address: '/derive?tonic=F&scale=major&clef=treble&signature=none&step=4',
    keys: ['l'],
  },
  {
    file: 'derive-by-hand.png',
    address: '/derive?tonic=E&scale=harmonic-minor&method=tetrachords&hand=2%2B~7%2B',
    keys: [],
  },
  {
    file: 'derive-fretboard.png',
    address:
      '/derive?tonic=E&scale=harmonic-minor&direction=up&clef=treble&signature=written&on=fretboard,staff',
    keys: [],
  },
  {
    file: 'derive-part.png',
    address:
      '/derive?tonic=B&scale=major&direction=up&clef=treble&signature=written&instrument=alto-saxophone',
    keys: [],
  },
  {
    file: 'board.png',
    address:
      '/board?show=%2Fderive%3Ftonic%3DB%26scale%3Dharmonic-minor%26direction%3Dup%26clef%3Dtreble%26signature%3Dnone',
    keys: [...Array(7).fill('PageDown'), 'ArrowDown'],
  },
  {
    file: 'board-desk.png',
    address: '/board?lesson=demo-lesson-minor&item=demo-e-harmonic&window=desk&pair=picture',
    keys: [...Array(6).fill('PageDown')],
  },
  { file: 'question-key.png', address: '/derive?question=key&fifths=-4&step=2', keys: [] },
  { file: 'orbit-route.png', address: '/orbit?see=route&from=E+major&to=F+major', keys: [] },
  { file: 'orbit-chords.png', address: '/orbit?see=chords&key=F+minor', keys: [] },
  { file: 'key-book.png', address: '/orbit?see=book', keys: [] },
  {
    file: 'mark.png',
    address:
      '/mark?kind=scale&tonic=B&scale=harmonic-minor&who=Ines%2C+question+3&answer=B4+C%235+D5+E5+F%235+G%235+A%235+B5',
    keys: [],
  },
  {
    file: 'play.png',
    address:
      '/play?tonic=F&scale=harmonic-minor&pattern=thirds&range=two&player=alto-saxophone&tempo=66&strokes=slurred-twos&sung=letters',
    keys: [],
  },
  {
    file: 'sheets.png',
    address:
      '/sheets?make=questions&n=8&on=minors.find-mistake.gaps&signs=4&clefs=treble.bass&signature=either&version=A&seed=317&maker=1&key=full',
    keys: [],
  },
  { file: 'read.png', address: '/read', keys: [] },
  { file: 'class.png', address: '/class', keys: [] },
  { file: 'drill.png', address: '/drill?see=known', keys: [] },
];

const stop = await serveDemo(PORT);
const browser = await chromium.launch(CHROMIUM);
for (const { file, address, keys } of VIEWS) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.goto(`http://127.0.0.1:${PORT}${address}`);
  await page.locator('[data-live=yes]').waitFor();
  if (!address.startsWith('/board')) {
    await page.getByRole('button', { name: /^Class: / }).waitFor();
    await page.getByRole('combobox', { name: 'Ask line' }).waitFor();
  }
  if (address.includes('question=')) {
    await page.locator('main svg [data-part=sign]').first().waitFor();
  } else if (address.startsWith('/mark?set=')) {
    await page.getByRole('region', { name: 'Habits, by how many have them' }).locator('svg').waitFor();
    await page
      .getByRole('region', { name: /^Who wrote what/u })
      .locator('svg')
      .first()
      .waitFor();
  } else if (address.startsWith('/mark')) {
    await page.getByRole('application').locator('[data-part=note]').first().waitFor();
    await page.getByText('This pile: 5 answers').waitFor();
  } else if (address.startsWith('/read')) {
    // A note that is pressed says why it sounds so.
    await page.getByRole('button', { name: 'A sharp, bar 15' }).click();
    await page.getByText('by the sign at it').waitFor();
  } else if (address.startsWith('/play')) {
    await page.getByRole('img', { name: 'Pattern' }).waitFor();
  } else if (address.startsWith('/orbit')) {
    await page.locator('main svg').first().waitFor();
    await page.waitForLoadState('networkidle');
  } else if (address.startsWith('/derive')) {
    await page.getByRole('button', { name: 'Shelf (11)' }).waitFor();
    await page.locator('main svg [data-part=note]').first().waitFor();
    await page.waitForLoadState('networkidle');
  } else {
    await page.waitForLoadState('networkidle');
  }
  for (const key of keys) await page.keyboard.press(key);
  if (address.startsWith('/board')) await page.waitForLoadState('networkidle');
  if (keys.includes('l')) await page.getByRole('dialog').getByRole('listitem').nth(7).waitFor();
  if (address.startsWith('/board')) await page.getByRole('group', { name: 'Staff' }).waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', file) });
  console.log(file);
  await context.close();
}
await takeClass();
await browser.close();
stop();

/** The board of a lesson in which a class has answered, by phones that are simulated. */
async function takeClass() {
  const base = `http://127.0.0.1:${PORT}`;
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
  await page.goto(`${base}/mark?set=demo-set-minors&see=live`);
  await page.getByRole('button', { name: 'Begin one with the same questions' }).click();
  await page.getByRole('button', { name: 'Open the class' }).click();
  const card = page.getByRole('region', { name: 'Answers by phone' });
  const code = (await card.getByRole('definition').first().textContent()).replace(' ', '');
  const answers = [
    ...Array(5).fill('E-F#-G-A-B-C-D#-E'),
    ...Array(3).fill('E-F#-G-A-B-C-D-E'),
    ...Array(2).fill('E-F#-G-A-B-C#-D#-E'),
  ];
  const names = ['Tove', 'Yusuf', 'Odile', 'Bram', 'Ines', 'M. K.', 'Lieke', 'Sami', 'Greet', 'Joris'];
  const phones = await Promise.all(names.map((name) => phone(base, code, name)));
  await page.getByRole('button', { name: /^Ask question 1/ }).click();
  await page.getByRole('button', { name: 'Open the answers' }).click();
  await page.getByText('Answers are taken.').waitFor();
  await Promise.all(phones.map((each, at) => each.answer(1, { code: answers[at] })));
  await page.getByText('10 of 10 have answered').waitFor();
  await page.getByRole('list', { name: 'Who thinks how' }).getByRole('listitem').nth(2).waitFor();
  for (const key of ['ArrowRight', 'ArrowRight', 'z']) await page.keyboard.press(key);
  await page.getByRole('dialog').getByText('Expected', { exact: true }).first().waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', 'board-class.png') });
  console.log('board-class.png');
  for (const each of phones) each.cut();
  await page.close();
}
