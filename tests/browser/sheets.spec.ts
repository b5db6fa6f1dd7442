import { execFile } from 'node:child_process';
import { writeFile } from 'node:fs/promises';
import { promisify } from 'node:util';
import { readHandedIn } from '@/formats/handed-in/handed-in';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, OWN_SCHOOL, test } from './room';

const run = promisify(execFile);

const rows = '[data-choose]';

test('a sheet from its sentence to its pages, its key and its PDF, by keys alone', async ({ page }, info) => {
  await page.goto(`${OWN_SCHOOL}/sheets`);
  await isLive(page);
  const heading = page.getByRole('heading', { level: 1 });
  await page.keyboard.press('q');
  await page.keyboard.type('8');
  await page.keyboard.press('Enter');
  await expect(heading).toContainText('Make 8 questions on minor forms and signatures');
  await page.keyboard.press('t');
  await page.keyboard.type('finding');
  await page.keyboard.press('Enter');
  await expect(heading).toContainText('on minor forms, signatures and finding mistakes');
  await page.keyboard.press('s');
  await page.keyboard.type('up to three');
  await page.keyboard.press('Enter');
  await page.keyboard.press('v');
  await page.keyboard.type('version b');
  await page.keyboard.press('Enter');
  await expect(heading).toContainText('up to three signs');
  await expect(heading).toContainText('version B');
  await expect(page.locator(rows)).toHaveCount(8);
  const sheet = page.locator('[data-pages=sheet] svg').first();
  await expect(sheet).toContainText('Version B');
  await expect(sheet).toContainText('8 marks');
  await expect(page.locator('[data-pages=key] svg').first()).toContainText('· key');
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('w')]);
  const file = info.outputPath('sheet.pdf');
  await download.saveAs(file);
  const { stdout } = await run('pdftotext', ['-raw', file, '-']);
  const text = stdout.replace(/\s+/gu, ' ');
  for (const name of await page.locator(rows).allTextContents()) {
    const task = name.replace(/^\d+/u, '').replace(/ \((?:treble|bass) clef\)$/u, '');
    expect(text).toContain(task.trim());
  }
  await expect(page.getByRole('banner').getByRole('status')).toContainText('.pdf');
});

test('a PDF that is being written is stopped, and written when it is asked for again', async ({ page }) => {
  await page.goto('/sheets?make=questions&n=6&on=minors&signs=3&seed=5');
  await isLive(page);
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route('**/sheet-pdf.worker*', async (route) => {
    await held;
    await route.continue();
  });
  await page.keyboard.press('w');
  await expect(page.getByRole('status').filter({ hasText: 'Writing the PDF' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).press('Enter');
  await expect(page.getByRole('banner').getByRole('status')).toContainText('Stopped. No PDF was written.');
  await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
  letGo();
  await Promise.all([page.waitForEvent('download'), page.keyboard.press('w')]);
  await expect(page.getByRole('banner').getByRole('status')).toContainText('.pdf');
});

test('the pages that are printed are those that are seen', async ({ page }, info) => {
  await page.goto('/sheets?make=questions&n=6&on=minors.gaps&signs=3&seed=5&size=large&crib=yes');
  await isLive(page);
  await page.evaluate(() => {
    window.print = () => undefined;
  });
  const pages = await page.locator('[data-pages=sheet] svg').count();
  const marks = await page
    .locator('[data-pages=sheet] svg')
    .first()
    .locator('path, line, rect, circle, text')
    .count();
  await page.keyboard.press('p');
  const paper = page.locator('.paper-exact svg');
  await expect(paper).toHaveCount(pages);
  expect(await paper.first().locator('path, line, rect, circle, text').count()).toBe(marks);
  const file = info.outputPath('printed.pdf');
  await writeFile(file, await page.pdf({ preferCSSPageSize: true, printBackground: true }));
  const { stdout: facts } = await run('pdfinfo', [file]);
  expect(facts).toMatch(new RegExp(`Pages: +${pages}\\n`, 'u'));
  const size = /Page size: +([\d.]+) x ([\d.]+)/u.exec(facts);
  expect(Math.abs(Number(size?.[1]) - 595.28)).toBeLessThan(1);
  expect(Math.abs(Number(size?.[2]) - 841.89)).toBeLessThan(1);
  const { stdout: printed } = await run('pdftotext', ['-raw', file, '-']);
  expect(printed.replace(/\s+/gu, ' ')).toContain('Fill the gaps');
});

test('a question is swapped, pinned, moved, marked and taken away; Back and undo bring it back', async ({
  page,
}) => {
  await page.goto(`${OWN_SCHOOL}/sheets?make=questions&n=6&on=minors&signs=4&seed=9`);
  await isLive(page);
  const list = page.locator(rows);
  const [first = '', second = ''] = await list.allTextContents();
  await page.keyboard.press('e');
  await expect(list.first()).not.toHaveText(first);
  const swapped = (await list.first().textContent()) ?? '';
  await page.keyboard.press('f');
  await expect(page.getByLabel('Pinned')).toHaveCount(1);
  await page.keyboard.press('+');
  await expect(page.locator('[data-pages=sheet]')).toContainText('2 marks');
  await page.keyboard.press('m');
  await expect(list.first()).toContainText('half done');
  await list.first().focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(list.nth(1)).toContainText('half done');
  await expect(list.first()).toHaveText(second.replace(/^\d+/u, '1'));
  // Other questions, but not in place of the pinned one.
  await page.keyboard.press('r');
  await expect(list.first()).not.toHaveText(second.replace(/^\d+/u, '1'));
  await expect(list.nth(1)).toContainText(swapped.replace(/^\d+/u, ''));
  await page.keyboard.press('Delete');
  await expect(list).toHaveCount(5);
  await page.goBack();
  await expect(list).toHaveCount(6);
  await page.reload();
  await isLive(page);
  await expect(list.nth(1)).toContainText(swapped.replace(/^\d+/u, ''));
  await page.keyboard.press('k');
  await isSaved(page);
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  // Kept again, it remembers what it was.
  await page.keyboard.press('e');
  await expect(page.getByText(/^Changed since it was kept/u)).toBeVisible();
  await page.keyboard.press('k');
  await expect(page.getByText(/^Kept as/u)).toBeVisible();
  await expect(page.getByRole('button', { name: 'one earlier form' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Changed since it was kept/u)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
});

test('a mistake to be found is told in the key with its habit and its notes', async ({ page }) => {
  await page.goto('/sheets?make=questions&n=4&on=minors.find-mistake&signs=3&seed=21&key=full');
  await isLive(page);
  const key = page.locator('[data-pages=key]');
  await expect(key).toContainText(/Note \d: .* must be /u);
  await expect(page.locator('[data-pages=sheet]')).toContainText('Find the mistake and put it right');
  await expect(key.locator('[data-part=ring] circle').first()).toBeAttached();
});

test('a question of one’s own, staves, a circle and a thing from the shelf are added and changed', async ({
  page,
}) => {
  await page.goto('/sheets?make=questions&n=2&on=signatures&signs=2&seed=1');
  await isLive(page);
  const list = page.locator(rows);
  const add = async (name: string) => {
    await page.keyboard.press('a');
    await page.getByRole('menuitem', { name, exact: true }).click();
  };
  await add('A row with gaps');
  await expect(list).toHaveCount(3);
  await expect(list.last()).toContainText('Fill the gaps: B harmonic minor');
  const card = page.locator('[data-place-card]');
  await card.getByRole('button', { name: /^tonic: / }).click();
  await page.keyboard.type('E');
  await page.keyboard.press('Enter');
  await expect(list.last()).toContainText('Fill the gaps: E harmonic minor');
  await add('Empty staves');
  await card.getByLabel('Sort of staff').selectOption('grand');
  await expect(list.last()).toContainText('Empty staves, grand staff, 4 rows');
  await add('A circle to fill');
  await card.getByLabel('Keys').selectOption('minor');
  await expect(list.last()).toContainText('every minor key');
  await add('E♭ major from its signature');
  await expect(list.last()).toContainText('E♭ major, going up, with a key signature');
  await expect(list).toHaveCount(6);
});

test('what went wrong in the class makes a sheet of its own', async ({ page }) => {
  await page.goto('/sheets');
  await isLive(page);
  await page.getByRole('button', { name: 'What went wrong' }).click();
  await expect(page.getByText(/^Asked so that these can be met: Left the 7th/u)).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('finding mistakes');
});

test('a project book: three scales a page, its checks, and how far each has come', async ({ page }) => {
  await page.goto('/sheets?make=book&scale=major&signature=written');
  await isLive(page);
  const pages = page.locator('[data-pages=sheet] > li');
  await expect(pages.first().locator('.sheet-place')).toHaveCount(3);
  await expect(page.locator('[data-pages=sheet]')).toContainText('When a scale is done, check it');
  const slider = page.getByRole('slider', { name: 'Tove: scales done' });
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('2 of 15')).toBeVisible();
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(page.getByText('2 of 15')).toBeVisible();
});

test('a sheet is answered on a telephone without a network, kept as it is typed, and handed in', async ({
  browser,
}, info) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: 'allow',
  });
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const page = await context.newPage();
  const address = `${OWN_SCHOOL}/answers?make=questions&n=4&on=signatures.find-mistake&signs=3&clefs=treble&signature=none&version=A&seed=5&maker=1`;
  await page.goto(address);
  await isLive(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await isLive(page);
  await context.setOffline(true);
  await page.reload();
  await isLive(page);
  const questions = page.locator('[data-question]');
  await expect(questions).toHaveCount(4);
  const count = await questions.count();
  const wanted: string[] = [];
  for (let at = 0; at < count; at += 1) {
    const question = questions.nth(at);
    const head = question.getByRole('button').first();
    if ((await head.getAttribute('aria-expanded')) === 'false') await head.tap();
    const text = (await head.textContent()) ?? '';
    const field = question.getByRole('textbox').first();
    const given = /Draw/u.test(text)
      ? 'F♯ C♯'
      : /How many/u.test(text)
        ? '2 sharps: F♯ C♯'
        : /Whose/u.test(text)
          ? 'D major'
          : 'C D E F G A B C';
    await field.fill(given);
    wanted.push(given);
  }
  await expect(page.getByText('4 of 4 questions answered')).toBeVisible();
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(page.getByText('4 of 4 questions answered')).toBeVisible();
  await expect(questions.first().getByRole('textbox').first()).toHaveValue(wanted[0] ?? '');
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await axeFindsNothing(page);
  await page.getByLabel(/^Your name/u).fill('Tove');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).tap(),
  ]);
  const file = info.outputPath('handed-in.json');
  await download.saveAs(file);
  const { readFile } = await import('node:fs/promises');
  const reading = readHandedIn(await readFile(file, 'utf8'));
  expect(reading.ok && reading.handedIn.name).toBe('Tove');
  expect(reading.ok && reading.handedIn.answers.filter((each) => each !== null)).toHaveLength(4);
  expect(page.url()).not.toContain('Tove');
  await page.getByRole('button', { name: 'Copy as a code' }).tap();
  const code = await page.getByLabel('Your code').inputValue();
  const copied = readHandedIn(code);
  expect(copied.ok && copied.handedIn.answers).toEqual(reading.ok && reading.handedIn.answers);
  await context.close();
});
