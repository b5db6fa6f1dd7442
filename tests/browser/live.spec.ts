import type { Browser, BrowserContext, Locator, Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { OwnServer, ROOT } from './own-server';
import { expect, isLive, isSaved, test } from './room';

const RIGHT = 'E F# G A B C D# E';
const SEVENTH_LEFT = 'E F# G A B C D E';
const HABIT = 'Left the 7th as the signature has it';

/** A phone of its own, at its own size and with nothing of the others. */
async function phoneOf(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  return context.newPage();
}

/** Opens the lesson of a class on a set of its own, with the questions of the demo set. */
async function openLesson(desk: Page): Promise<void> {
  await desk.goto('/mark?set=demo-set-minors&see=live');
  await isLive(desk);
  await desk.getByRole('button', { name: 'Begin one with the same questions' }).click();
  await expect(desk.getByRole('region', { name: 'In class', exact: true })).toBeVisible();
}

/** Opens the class for phones, and says by which code it is joined. */
async function openClass(desk: Page): Promise<string> {
  await desk.getByRole('button', { name: 'Open the class' }).click();
  const code = desk.getByRole('region', { name: 'Answers by phone' }).getByRole('definition').first();
  await expect(code).toHaveText(/^\w{3} \w{3}$/u);
  return ((await code.textContent()) ?? '').replace(' ', '');
}

async function join(phone: Page, name: string, address: string): Promise<void> {
  await phone.goto(address);
  await isLive(phone);
  await phone.getByRole('heading', { name: 'Who are you?' }).waitFor();
  const own = phone.getByRole('button', { name, exact: true });
  if (await own.isVisible()) await own.tap();
  else {
    await phone.getByLabel('Another name, or a nickname').fill(name);
    await phone.getByRole('button', { name: 'Join', exact: true }).tap();
  }
  await expect(phone.getByRole('heading', { name, level: 1 })).toBeVisible();
}

async function give(phone: Page, answer: string): Promise<void> {
  await phone.locator('[data-answer]').fill(answer);
  await phone.getByRole('button', { name: /^Give / }).tap();
}

const isIn = (phone: Page) => expect(phone.getByText('Your teacher has it.')).toBeVisible();
const lesson = (desk: Page): Locator => desk.getByRole('region', { name: 'In class', exact: true });
const groups = (desk: Page): Locator =>
  desk.getByRole('list', { name: 'Who thinks how' }).getByRole('listitem');

/** The line in hand on a board; it is said as well. */
const boardLine = (board: Page | Locator, text: string) => board.locator('strong').filter({ hasText: text });

/** The cell of the grid in which an answer of the first question stands. */
const cellOf = (desk: Page, name: string) =>
  desk.getByRole('gridcell', { name: new RegExp(`^${name}, question 1:`, 'u') });

test('one question from start to discussion, on a desk, a board and three phones', async ({
  browser,
  page: desk,
}) => {
  test.setTimeout(180_000);
  await openLesson(desk);
  const code = await openClass(desk);
  const opened = desk.waitForEvent('popup');
  await desk.getByRole('button', { name: 'In its own window' }).click();
  const board = await opened;
  const [tove, yusuf, gull] = await Promise.all([phoneOf(browser), phoneOf(browser), phoneOf(browser)]);
  await desk.getByRole('button', { name: 'How to join' }).click();
  // What the board shows is where a phone goes.
  const link = await board.locator('[data-qr]').getAttribute('data-qr');
  expect(link).toMatch(new RegExp(`/join\\?code=${code}$`, 'u'));
  await join(tove, 'Tove', new URL(link ?? '').pathname + new URL(link ?? '').search);
  await axeFindsNothing(tove);
  await join(yusuf, 'Yusuf', `/join?code=${code}`);
  await gull.goto('/join');
  await gull.getByLabel('The code on the board').fill(` ${code.slice(0, 3).toLowerCase()} ${code.slice(3)}`);
  await gull.getByRole('button', { name: 'Go on' }).tap();
  await expect(gull.getByRole('button', { name: 'Tove here already' })).toBeDisabled();
  await gull.getByLabel('Another name, or a nickname').fill('Gull');
  await gull.getByRole('button', { name: 'Join', exact: true }).tap();

  // Thinking time: the question stands, and nobody can answer.
  await desk.getByRole('button', { name: /^Ask question 1/ }).click();
  for (const phone of [tove, yusuf, gull]) {
    await expect(phone.getByText('Quiet thinking')).toBeVisible();
    await expect(phone.locator('[data-answer]')).toHaveCount(0);
  }
  await expect(board.getByText('Think quietly.')).toBeVisible();
  await desk.getByRole('button', { name: 'Open the answers' }).click();
  await give(tove, RIGHT);
  await give(yusuf, RIGHT);
  await give(gull, RIGHT);
  await Promise.all([isIn(tove), isIn(yusuf), isIn(gull)]);
  await give(yusuf, SEVENTH_LEFT);
  await isIn(yusuf);
  await gull.getByRole('button', { name: 'Take it back' }).tap();
  await expect(lesson(desk).getByText('2 of 3 have answered')).toBeVisible();
  await expect(board.getByText('2 of 3 have answered')).toBeVisible();
  await expect(groups(desk)).toHaveCount(2);
  await axeFindsNothing(desk);

  // The right answer with its reason, then who thinks how, without names unless they are asked for.
  await desk.keyboard.press('ArrowRight');
  await expect(boardLine(board, '1 had it right: E F♯ G A B C D♯ E.')).toBeVisible();
  await desk.keyboard.press('ArrowRight');
  await expect(boardLine(board, `1: ${HABIT}.`)).toBeVisible();
  await expect(board.getByText('Expected', { exact: true }).first()).toBeVisible();
  await expect(board.getByText('Yusuf')).toHaveCount(0);
  await desk.keyboard.press('a');
  await expect(board.getByText('Yusuf')).toBeVisible();
  await expect(groups(desk).filter({ hasText: HABIT })).toContainText('Yusuf');

  // On the phones, each their own; and one that comes late is taken as such.
  await expect(tove.getByText('Right.', { exact: true })).toBeVisible();
  await expect(yusuf.getByText(HABIT)).toBeVisible();
  await expect(yusuf.locator('[data-answer]')).toHaveCount(0);
  await expect(gull.getByText('What you give now is marked as late.')).toBeVisible();
  await give(gull, RIGHT);
  await expect(gull.getByText('Your answer came late.')).toBeVisible();
  await expect(lesson(desk).getByText('1 late')).toBeVisible();
  await expect(groups(desk).first()).toContainText('late: Gull');

  // The class ends, and the set has what was answered.
  await desk.getByRole('button', { name: 'Close the class' }).click();
  await desk.getByRole('alertdialog').getByRole('button', { name: 'Close the class' }).click();
  for (const phone of [tove, yusuf, gull])
    await expect(phone.getByText('The class is closed.')).toBeVisible();
  await isSaved(desk);
  await desk.goto(desk.url().replace('see=live', 'see=enter'));
  await isLive(desk);
  await expect(cellOf(desk, 'Tove')).toHaveAccessibleName(/: right$/u);
  await expect(cellOf(desk, 'Yusuf')).toHaveAccessibleName(/: wrong$/u);
  await expect(cellOf(desk, 'Gull')).toHaveAccessibleName(/: not counted$/u);
});

test('answers called out are counted by keys alone, shown and talked about', async ({ page: desk }) => {
  await openLesson(desk);
  await desk.keyboard.press('ArrowRight');
  const tally = desk.getByRole('region', { name: 'Called out, without names' });
  await expect(tally.getByText('One key for each answer')).toBeVisible();
  await desk.keyboard.press('ArrowRight');
  for (const key of ['r', 'r', '1', '2', '2', 'Backspace']) await desk.keyboard.press(key);
  await expect(groups(desk)).toHaveCount(3);
  await expect(groups(desk).first()).toContainText('2 called out');
  await expect(groups(desk).nth(1)).toContainText('1 called out');
  const first = (await groups(desk).nth(1).getByRole('heading').textContent()) ?? '';
  // The board over this window: the question, the right answer, each group, and back.
  await desk.keyboard.press('z');
  const board = desk.getByRole('dialog', { name: 'The board' });
  await expect(board.getByRole('heading', { level: 1 })).toContainText('E harmonic minor');
  await desk.keyboard.press(' ');
  await expect(boardLine(board, '2 had it right')).toBeVisible();
  await desk.keyboard.press(' ');
  await expect(boardLine(board, `1: ${first}.`)).toBeVisible();
  await desk.keyboard.press('ArrowLeft');
  await expect(boardLine(board, '2 had it right')).toBeVisible();
  await desk.keyboard.press('Escape');
  await expect(board).toHaveCount(0);
  // Hidden here, and shown again, by its key and by its button; Space on a button is no step of the lesson.
  await desk.keyboard.press('h');
  await expect(groups(desk)).toHaveCount(0);
  await desk.keyboard.press('h');
  await expect(groups(desk)).toHaveCount(3);
  await desk.getByRole('button', { name: 'Hide the answers here' }).focus();
  await desk.keyboard.press('Enter');
  await expect(groups(desk)).toHaveCount(0);
  await desk.keyboard.press(' ');
  await expect(groups(desk)).toHaveCount(3);
  // What follows is one press away, and one more at random was not asked before.
  await expect(desk.getByRole('link', { name: 'A sheet of this' })).toHaveAttribute('href', /^\/sheets\?/u);
  await expect(desk.getByRole('link', { name: 'Drill this' })).toHaveAttribute('href', /^\/drill\?/u);
  await desk.keyboard.press('q');
  await expect(lesson(desk).getByText('Question 9 of 9')).toBeVisible();
  await isSaved(desk);
  await desk.reload();
  await isLive(desk);
  await expect(lesson(desk).getByText('Question 9 of 9')).toBeVisible();
});

test.describe('where something is lost in between', () => {
  // The browser notes by itself that nobody answers.
  test.use({ expected: /net::ERR_|status of 404/u });

  test('a phone without its network, a server killed, a desk loaded anew: no confirmed answer is lost', async ({
    browser,
  }) => {
    test.setTimeout(180_000);
    const server = new OwnServer(ROOT, 4786);
    await server.start();
    const context: BrowserContext = await browser.newContext();
    const desk = await context.newPage();
    try {
      await desk.goto(`${server.address}/mark?set=new`);
      await isLive(desk);
      await desk.getByRole('button', { name: 'Ask in class' }).click();
      await desk.getByLabel('What is asked about').selectOption('order');
      await desk.getByRole('button', { name: 'Ask one at random' }).click();
      await desk.getByRole('button', { name: 'Open the answers' }).click();
      const code = await openClass(desk);
      const [gull, tern] = await Promise.all([phoneOf(browser), phoneOf(browser)]);
      await join(gull, 'Gull', `${server.address}/join?code=${code}`);
      await join(tern, 'Tern', `${server.address}/join?code=${code}`);
      await give(tern, 'F#');
      await isIn(tern);

      await gull.context().setOffline(true);
      await give(gull, 'Bb');
      await expect(gull.getByText('On its way')).toBeVisible();
      await gull.context().setOffline(false);
      await isIn(gull);
      await expect(lesson(desk).getByText('2 of 2 have answered')).toBeVisible();

      await server.stop();
      await expect(gull.getByText('No connection.')).toBeVisible();
      await server.start();
      await expect(desk.getByText('Connected', { exact: true })).toBeVisible({ timeout: 30_000 });
      await expect(gull.getByText('No connection.')).toHaveCount(0, { timeout: 30_000 });
      await desk.reload();
      await isLive(desk);
      await expect(lesson(desk).getByText('2 of 2 have answered')).toBeVisible({ timeout: 30_000 });
      await gull.reload();
      await isIn(gull);
      await desk.getByRole('button', { name: 'Show the answer' }).click();
      await expect(tern.getByText('Look at the board.')).toBeVisible();
      await expect(groups(desk)).not.toHaveCount(0);
      await expect(groups(desk).filter({ hasText: 'Tern' })).toHaveCount(1);
      await expect(groups(desk).filter({ hasText: 'Gull' })).toHaveCount(1);
    } finally {
      await server.stop();
    }
  });
});
