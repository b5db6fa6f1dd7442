import type { Browser, Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, OWN_SCHOOL, savedBy, test } from './room';

/** The major key of each signature, by the letters of its sharps or flats, as a table has it. */
const KEYS: Readonly<Record<number, string>> = {
  ...{ 0: 'C major', 1: 'G major', 2: 'D major', 3: 'A major', 4: 'E major' },
  ...{ [-1]: 'F major', [-2]: 'B♭ major', [-3]: 'E♭ major', [-4]: 'A♭ major' },
};

const SHARPS = ['F♯', 'C♯', 'G♯', 'D♯'];
const FLATS = ['B♭', 'E♭', 'A♭', 'D♭'];
const NUMBERS = ['no', 'one', 'two', 'three', 'four'];

/** Majors alone, asked by name and by number: what is right can be told from the question. */
const LEVEL =
  '/drill?on=signatures&way=other&by=choose&keys=all&signs=4&scales=major&clefs=treble&questions=6&minutes=10&mistakes=3&think=0&crib=yes&for=knowing';

async function open(page: Page, address: string, school = ''): Promise<void> {
  await page.goto(school + address);
  await isLive(page);
}

const question = (page: Page) => page.getByRole('heading', { level: 2 }).first();
const answers = (page: Page) => page.getByRole('group', { name: 'Answers' }).getByRole('button');
const begin = (page: Page) => page.getByRole('button', { name: 'Begin' });
const budget = (page: Page) => page.getByRole('region', { name: 'Budget' });

/** What is right, worked out from the words of the question by the tables above. */
function rightFor(text: string): string {
  const by = /^Which major key has (\w+) (?:sharps or flats|(sharp|flat)s?)\?$/u.exec(text);
  if (by) {
    const count = NUMBERS.indexOf(by[1] ?? '');
    return KEYS[by[2] === 'flat' ? -count : count] ?? '';
  }
  const key = /has ([A-G][♯♭]? major), and which\?$/u.exec(text)?.[1] ?? '';
  const fifths = Number(Object.entries(KEYS).find(([, name]) => name === key)?.[0] ?? Number.NaN);
  if (fifths === 0) return 'none';
  return (fifths > 0 ? SHARPS.slice(0, fifths) : FLATS.slice(0, -fifths)).join(' ');
}

/** The place of what is right among the answers, from 1. */
async function rightPlace(page: Page): Promise<number> {
  const right = rightFor((await question(page).textContent()) ?? '');
  const texts = await answers(page).locator('span').allTextContents();
  const at = texts.findIndex((text) => text.trim() === right);
  expect(at, `${right} among ${texts.join(', ')}`).toBeGreaterThanOrEqual(0);
  return at + 1;
}

/** Answers one question by its key, right or wrong, and waits for what comes of it. */
async function answer(page: Page, right: boolean): Promise<void> {
  const place = await rightPlace(page);
  const count = await answers(page).count();
  await page.keyboard.press(String(right ? place : (place % count) + 1));
}

async function drillAll(page: Page, count: number): Promise<void> {
  for (let nth = 1; nth <= count; nth += 1) {
    await expect(page.getByRole('region', { name: `Question ${nth}`, exact: true })).toBeVisible();
    await answer(page, true);
  }
}

test('a drill by keys alone, to success: a slip put right, the next question at once', async ({ page }) => {
  await open(page, LEVEL);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Question 1', exact: true })).toBeVisible();
  await expect(budget(page)).toContainText('0 of 6');
  // The crib opens and closes by its key; that it was opened is kept.
  const crib = page.getByRole('region', { name: 'Crib' });
  await page.keyboard.press('c');
  await expect(crib.getByRole('row')).toHaveCount(9);
  await page.keyboard.press('c');
  await expect(crib.getByRole('row')).toHaveCount(0);
  await expect(crib).toContainText('The crib was opened.');
  // The first answer is a slip; the second one puts it right.
  await answer(page, false);
  await expect(page.getByText('Not so. One more try.')).toBeVisible();
  await answer(page, true);
  await expect(page.getByRole('status').filter({ hasText: 'Put right: ' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Question 2', exact: true })).toBeVisible();
  await expect(budget(page)).toContainText(/Mistakes left\s*3/u);
  // Nobody knows the second one: it is said what is right and why, and Enter goes on.
  await page.keyboard.press('0');
  await expect(page.getByText('Not right.')).toBeVisible();
  await expect(page.getByText('Right is:')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Next question' })).toBeFocused();
  await axeFindsNothing(page);
  await page.keyboard.press('Enter');
  for (let nth = 3; nth <= 6; nth += 1) {
    await expect(page.getByRole('region', { name: `Question ${nth}`, exact: true })).toBeVisible();
    await answer(page, true);
  }
  await expect(page.getByRole('heading', { name: 'Done' })).toBeVisible();
  await expect(page.getByText(/^4 right, 1 put right, 1 wrong/u)).toBeVisible();
  const review = page.getByRole('region', { name: 'Not right at once' });
  await expect(review.getByRole('listitem')).toHaveCount(2);
  await axeFindsNothing(page);
  await isSaved(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('4');
  await expect(page.getByText(/^.* · Done · 4 right, 1 put right, 1 wrong/u)).toBeVisible();
});

test('over the budget a student stops, hands in the best try, and its minutes are credited', async ({
  page,
}) => {
  const level = LEVEL.replace('mistakes=3', 'mistakes=1');
  await open(page, level, OWN_SCHOOL);
  // A first try that goes better: three right, then handed in.
  await begin(page).click();
  await drillAll(page, 3);
  await page.getByRole('button', { name: 'Stop and hand in' }).click();
  await expect(page.getByRole('heading', { name: 'Stopped' })).toBeVisible();
  await page.getByRole('button', { name: 'Once more' }).click();
  for (let wrong = 0; wrong < 2; wrong += 1) {
    await page.keyboard.press('0');
    await page.getByRole('button', { name: /^(?:Next question|See how it went)/u }).click();
  }
  await expect(page.getByRole('heading', { name: 'Over the budget' })).toBeVisible();
  await expect(page.getByText(/^Your best try at this level is handed in: 3 answers right/u)).toBeVisible();
  await page.getByRole('textbox', { name: 'Your name' }).fill('Lieke');
  const file = await savedBy(page, () => page.getByRole('button', { name: 'Save as a file' }).click());
  const handedIn = JSON.parse(file.bytes.toString('utf8')) as {
    name: string;
    end: string;
    answers: string[];
  };
  expect(handedIn).toMatchObject({ name: 'Lieke', end: 'handed-in' });
  expect(handedIn.answers).toHaveLength(3);
  await page.getByRole('button', { name: 'Another drill' }).click();
  await page.getByRole('button', { name: /^Drills done/u }).click();
  const rows = page.locator('[data-drill]');
  await expect(rows).toHaveCount(2);
  const over = page.locator('[data-drill=mistakes]');
  await over.getByRole('button', { name: 'Count one minute' }).click();
  await expect(over.getByRole('button', { name: 'one minute counted' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(
    page.locator('[data-drill=mistakes]').getByRole('button', { name: 'one minute counted' }),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(
    page.locator('[data-drill=mistakes]').getByRole('button', { name: 'Count one minute' }),
  ).toBeVisible();
});

test('a pause stops the clock, and a reload loses nothing', async ({ page }) => {
  await page.clock.setFixedTime(new Date('2026-10-06T17:00:00'));
  await open(page, LEVEL, OWN_SCHOOL);
  await begin(page).click();
  await drillAll(page, 1);
  await answer(page, false);
  await expect(page.getByText('Not so. One more try.')).toBeVisible();
  await page.clock.setFixedTime(new Date('2026-10-06T17:02:00'));
  await expect(budget(page)).toContainText(/Time left\s*8:00/u);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('The clock stands. Nothing is lost.')).toBeVisible();
  await page.clock.setFixedTime(new Date('2026-10-06T17:30:00'));
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await page.getByRole('button', { name: 'Go on: 1 of 6 answered' }).click();
  await expect(budget(page)).toContainText(/Time left\s*8:00/u);
  // The slip is still one, and may still be put right.
  await expect(page.getByText('Not so. One more try.')).toBeVisible();
  await answer(page, true);
  await expect(page.getByRole('status').filter({ hasText: 'Put right: ' })).toBeVisible();
  // Where the time is over, it ends by itself.
  await page.clock.setFixedTime(new Date('2026-10-06T17:39:00'));
  await expect(page.getByRole('heading', { name: 'The time is over' })).toBeVisible();
});

test.describe('on a telephone', () => {
  test.use({ viewport: { width: 390, height: 780 }, hasTouch: true });

  test('a drill by touch: every answer under the thumb, nothing wider than the screen', async ({ page }) => {
    await open(page, LEVEL);
    await begin(page).tap();
    for (let nth = 1; nth <= 6; nth += 1) {
      await expect(page.getByRole('region', { name: `Question ${nth}`, exact: true })).toBeVisible();
      const button = answers(page).nth((await rightPlace(page)) - 1);
      const box = await button.boundingBox();
      expect(box?.height ?? 0).toBeGreaterThanOrEqual(44);
      expect((box?.y ?? 999) + (box?.height ?? 0)).toBeLessThan(700);
      await button.tap();
    }
    await expect(page.getByRole('heading', { name: 'Done' })).toBeVisible();
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wider).toBeLessThanOrEqual(0);
  });
});

/** A browser of somebody else, with nothing of anybody's in it. */
async function otherProfile(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ baseURL: OWN_SCHOOL, viewport: { width: 1280, height: 800 } });
  return context.newPage();
}

test('a level is given by link, done in another profile, handed in, and read with its student', async ({
  page,
  browser,
}) => {
  await open(page, LEVEL);
  await page.getByRole('button', { name: 'Show as a QR code' }).click();
  const link = (await page.getByRole('img', { name: 'QR code of the link' }).getAttribute('data-qr')) ?? '';
  expect(new URL(link).pathname).toBe('/drill');
  const student = await otherProfile(browser);
  await open(student, new URL(link).pathname + new URL(link).search);
  await student.getByRole('button', { name: 'Begin' }).click();
  await drillAll(student, 6);
  await expect(student.getByRole('heading', { name: 'Done' })).toBeVisible();
  await student.getByRole('textbox', { name: 'Your name' }).fill('Tove');
  await student.getByRole('button', { name: 'Copy as a code' }).click();
  const code = await student.getByRole('textbox', { name: 'The code to hand in' }).inputValue();
  expect(code).toMatch(/^MSD1-[\w-]+$/u);
  const file = await savedBy(student, () => student.getByRole('button', { name: 'Save as a file' }).click());
  await student.context().close();

  await page.getByRole('button', { name: /^Drills done/u }).click();
  const field = page.getByRole('textbox', { name: 'Code' });
  // A part that got lost, and an answer that was changed by hand, are told.
  await field.fill(code.slice(0, -8));
  await expect(page.getByRole('alert')).toContainText(
    'A part of it is missing, or it was changed on its way.',
  );
  const changed = file.bytes.toString('utf8').replace('"name":"Tove"', '"name":"Pia"');
  await field.fill(changed);
  await expect(page.getByRole('alert')).toContainText('changed on its way');
  await field.fill(`${code.slice(0, 30)}\n ${code.slice(30)}`);
  await expect(
    page.getByText(/^From Tove: .*6 answers\. It holds when it is judged again\.$/u),
  ).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'Belongs to' }).locator('option:checked')).toHaveText(
    'Tove',
  );
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Drills done by Tove');
  const first = page.locator('[data-drill]').first();
  await expect(first).toContainText('6 right');
  await expect(first).toContainText('handed in from elsewhere');
  const count = await page.locator('[data-drill]').count();
  // Read twice it stands once.
  await page.locator('input[type=file][aria-label="Choose a file"]').setInputFiles({
    ...{ name: 'tove.json', mimeType: 'application/json', buffer: file.bytes },
  });
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('banner').getByRole('status')).toContainText('is here already');
  await expect(page.locator('[data-drill]')).toHaveCount(count);
});

test('what is due comes back over three days, with what the wrong answers call for', async ({ page }) => {
  const day = (date: number) => new Date(`2026-10-${String(date).padStart(2, '0')}T18:00:00`);
  await page.clock.setFixedTime(day(5));
  await open(page, LEVEL, OWN_SCHOOL);
  await begin(page).click();
  for (let nth = 1; nth <= 6; nth += 1) {
    await expect(page.getByRole('region', { name: `Question ${nth}`, exact: true })).toBeVisible();
    if (nth <= 2) {
      // A habit's answer twice: it is wrong for good.
      await answer(page, false);
      await expect(page.getByText('Not so. One more try.')).toBeVisible();
      const place = await rightPlace(page);
      const open = await answers(page).count();
      const left = [1, 2, 3, 4].filter((each) => each !== place && each !== (place % open) + 1);
      await page.keyboard.press(String(left[0]));
      await page.keyboard.press('Enter');
    } else await answer(page, true);
  }
  await expect(page.getByRole('heading', { name: 'Done' })).toBeVisible();
  await page.getByRole('button', { name: 'Another drill' }).click();
  const due = page.locator('[data-due]');
  await expect(due).toHaveAttribute('data-due', '0');
  await isSaved(page);

  // On the next day what was wrong is due, and nothing of what was known.
  await page.clock.setFixedTime(day(6));
  await page.reload();
  await isLive(page);
  await expect(due).toHaveAttribute('data-due', /^[12]$/u);
  await page.getByRole('button', { name: 'Drill what is due' }).click();
  await expect(budget(page)).toContainText(/0 of [1-4]/u);
  const asked = Number(/of (\d)/u.exec((await budget(page).textContent()) ?? '')?.[1]);
  await drillAll(page, asked);
  await expect(page.getByRole('heading', { name: 'Done' })).toBeVisible();
  await page.getByRole('button', { name: 'Another drill' }).click();
  await page.goto(`${OWN_SCHOOL}/drill`);
  await isLive(page);
  await expect(due).toHaveAttribute('data-due', '0');

  // Later on everything has come back; the picture shows the weak ones first.
  await page.clock.setFixedTime(day(28));
  await page.reload();
  await isLive(page);
  await expect.poll(async () => Number(await due.getAttribute('data-due'))).toBeGreaterThanOrEqual(3);
  await page.keyboard.press('2');
  await expect(page.getByRole('region', { name: 'What is known: keys by skills' })).toBeVisible();
  await expect(page.locator('[data-chart] svg').first()).toBeVisible();
  const spot = page.locator('[data-spot]');
  await expect(spot).toContainText('Likely to be known today');
  await axeFindsNothing(page);
  // One press from a weak spot to its exercise.
  await spot.getByRole('button', { name: 'Drill this' }).click();
  await expect(page.getByRole('region', { name: 'Question 1', exact: true })).toBeVisible();
});

test('ladders: a level of one’s own, the next one opened by success, and students kept apart', async ({
  page,
}) => {
  await open(page, LEVEL.replace('questions=6', 'questions=2'), OWN_SCHOOL);
  await page.keyboard.press('3');
  await page.getByRole('textbox', { name: 'Name of the level' }).fill('Two for a start');
  await page.getByRole('button', { name: 'Put on a new ladder' }).click();
  const own = page.getByRole('region', { name: 'Ladder: My ladder' });
  await expect(own.getByRole('button', { name: /^Two for a start/u })).toBeVisible();
  await page.getByRole('button', { name: 'most signs: up to four signs' }).click();
  await page.keyboard.type('two');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Name of the level' }).fill('Two more');
  await page.getByRole('button', { name: 'Put on ‘My ladder’' }).click();
  await expect(own.getByRole('button', { name: /^Two more/u })).toContainText('not open yet');
  // Two learners in one browser, each with a record of their own.
  await page.getByRole('button', { name: /^who answers: /u }).click();
  await page.keyboard.type('Wim');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'who answers: Wim' })).toBeVisible();
  await own.getByRole('button', { name: /^Two for a start/u }).click();
  await drillAll(page, 2);
  await expect(page.getByRole('button', { name: /^Next level: Two more/u })).toBeVisible();
  await isSaved(page);
  await page.getByRole('button', { name: 'Another drill' }).click();
  await page.keyboard.press('3');
  await expect(own.getByRole('button', { name: /^Two more/u })).toContainText('open');
  await page.getByRole('button', { name: 'who answers: Wim' }).click();
  await page.keyboard.type('you');
  await page.keyboard.press('Enter');
  await expect(own.getByRole('button', { name: /^Two more/u })).toContainText('not open yet');

  // A record is given out whole, and wiped with every trace.
  await page.getByRole('button', { name: 'who answers: you' }).click();
  await page.keyboard.type('Wim');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Drills done/u }).click();
  await expect(page.locator('[data-drill]')).toHaveCount(1);
  const file = await savedBy(page, () => page.getByRole('button', { name: 'Give it out' }).click());
  expect(file.bytes.toString('utf8')).toContain('Wim');
  await page.getByRole('button', { name: 'Wipe it' }).click();
  await page.getByRole('button', { name: 'Wipe it for good' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Drills done by you');
  await page.getByRole('button', { name: /^who answers: /u }).click();
  await expect(page.getByRole('option', { name: 'Wim' })).toHaveCount(0);
});

test('answers that are written: typed, drawn, and a note put right on its staff', async ({ page }) => {
  await open(
    page,
    '/drill?on=signatures&way=other&by=write&signs=3&scales=major&clefs=treble&questions=3&mistakes=any&minutes=any&keys=sharps&crib=yes',
  );
  await begin(page).click();
  for (let nth = 1; nth <= 3; nth += 1) {
    await expect(page.getByRole('region', { name: `Question ${nth}`, exact: true })).toBeVisible();
    const text = (await question(page).textContent()) ?? '';
    const key = /of ([A-G][♯♭]? major)\.$/u.exec(text)?.[1];
    const fifths = Number(Object.entries(KEYS).find(([, name]) => name === key)?.[0]);
    const right = key ? SHARPS.slice(0, fifths).join(' ') || 'none' : rightFor(text);
    const field = page.getByRole('textbox', { name: 'Type the answer' });
    await expect(field).toBeFocused();
    await page.keyboard.type(right.replaceAll('♯', '#'));
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText(/^3 right/u)).toBeVisible();

  await open(page, '/drill?on=which-note&scales=major&signs=3&clefs=treble&questions=1&mistakes=any');
  await begin(page).click();
  const field = page.getByRole('textbox', { name: 'Type the answer' });
  await expect(page.getByRole('application')).toBeFocused();
  const row = await field.inputValue();
  expect(row.split(' ').length).toBeGreaterThanOrEqual(8);
  // Given back as it stands it is not right; a slip can be put right.
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not so. One more try.')).toBeVisible();
});

test('by ear: nothing sounds before a press, and the answer is told by its sound alone', async ({ page }) => {
  await open(page, '/drill?on=home&scales=major&signs=2&questions=2&mistakes=any&minutes=any');
  await begin(page).click();
  await expect(question(page)).toContainText('Which note is home?');
  await page.keyboard.press('h');
  await expect(answers(page)).toHaveCount(3);
  await page.keyboard.press('Escape');
  await page.keyboard.press('0');
  await expect(page.getByText(/^Home is /u)).toBeVisible();

  // A line is written down by ear, on a staff that begins empty.
  await open(page, '/drill?on=dictation&scales=major&signs=1&questions=1&mistakes=any&minutes=any');
  await expect(page.getByText('There is something to hear')).toBeVisible();
  await begin(page).click();
  await expect(question(page)).toContainText(/^Listen, and write the line down in [CGF] major\.$/u);
  await page.getByRole('button', { name: 'Listen', exact: true }).click();
  await expect(page.getByRole('application')).toBeVisible();
  await page.getByRole('button', { name: 'I do not know' }).click();
  await expect(page.getByText('Right is:')).toBeVisible();
});

test('silence first: answers open when it is over; and a level goes from hand to hand as a file', async ({
  page,
}) => {
  await open(page, LEVEL.replace('think=0', 'think=3'));
  await begin(page).click();
  await expect(answers(page).first()).toBeDisabled();
  await page.keyboard.press('1');
  await expect(page.getByText('Think first: the answers open in a moment.')).toBeVisible();
  await expect(answers(page).first()).toBeEnabled();
  await answer(page, true);
  await expect(page.getByRole('region', { name: 'Question 2', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Stop and hand in' }).click();
  // A hand that stopped it by mistake takes it up again.
  await page.getByRole('button', { name: 'Go on with it after all' }).click();
  await expect(page.getByRole('region', { name: 'Question 2', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Stop and hand in' }).click();
  await page.getByRole('button', { name: 'Another drill' }).click();
  const give = page.getByRole('region', { name: 'Give this level' });
  const file = await savedBy(page, () => give.getByRole('button', { name: 'Save as a file' }).click());
  await open(page, '/drill?on=order', OWN_SCHOOL);
  const chooser = page.locator('input[type=file][aria-label="Open a level file"]');
  await chooser.setInputFiles({ name: 'not.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
  await expect(page.getByRole('banner').getByRole('status')).toContainText('This file holds no level.');
  await chooser.setInputFiles({ name: file.name, mimeType: 'application/json', buffer: file.bytes });
  await expect(page.getByRole('heading', { level: 1 })).toContainText('up to four signs');
  await expect(page.getByRole('button', { name: /^silence: after three seconds/u })).toBeVisible();
});
