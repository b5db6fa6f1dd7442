import type { BrowserContext, Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, test } from './room';

const B_MINOR = '/derive?tonic=B&scale=harmonic-minor&direction=up&clef=treble&signature=none';
const ANSWER =
  '/mark?kind=scale&tonic=B&scale=harmonic-minor&direction=up&clef=treble&signature=none&given=1.B-C%23-D-E-F%23-G-A-B';

const boardOf = (address: string) => `/board?show=${encodeURIComponent(address)}`;

/** What a class sees on a board. */
const board = (page: Page) => page.locator('.board');
const head = (page: Page) => board(page).getByRole('heading', { level: 1 });
const said = (page: Page) => board(page).getByRole('status');
const lit = (page: Page) => board(page).locator('[data-lit]');

/** Opens the window of the board from its desk. */
async function secondWindow(context: BrowserContext, page: Page): Promise<Page> {
  const [window] = await Promise.all([context.waitForEvent('page'), page.keyboard.press('w')]);
  await isLive(window);
  await expect(page.getByText('The board window is open.')).toBeVisible();
  return window;
}

test('a clicker goes from the question to the last line, and back', async ({ page, room }) => {
  await room.open(`${B_MINOR}&step=3`);
  await page.keyboard.press('z');
  await isLive(page);
  await expect(head(page)).toHaveText(
    'Build B harmonic minor, going up, in the treble clef, without a key signature.',
  );
  await expect(board(page).locator('svg')).toHaveCount(0);
  await expect(board(page).getByText('Space gives out the first line')).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(said(page)).toHaveText(/^Write the letters B C D E F G A B/u);
  await page.keyboard.press('PageDown');
  await expect(said(page)).toHaveText(/^B up a whole step is C/u);
  for (let press = 0; press < 6; press += 1) await page.keyboard.press('PageDown');
  await expect(said(page)).toHaveText(/^A sharp up a half step is B: home\./u);
  await expect(board(page).getByText('8 of 8')).toBeAttached();
  // Past the end nothing comes.
  await page.keyboard.press('PageDown');
  await expect(said(page)).toHaveText(/home\./u);
  await page.keyboard.press('PageUp');
  await expect(said(page)).toHaveText(/^G up a step and a half is A sharp/u);
  // The full stop of a clicker blanks, and the next press only lights it up again.
  await page.keyboard.press('.');
  await expect(board(page).locator('svg')).toHaveCount(0);
  await expect(head(page)).toHaveCount(0);
  await page.keyboard.press('PageDown');
  await expect(said(page)).toHaveText(/^G up a step and a half/u);
  await page.keyboard.press('Home');
  await expect(head(page)).toHaveText(/^Build B harmonic minor/u);
  // Loaded again it stands where it stood.
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await page.reload();
  await expect(said(page)).toHaveText(/^B up a whole step/u);
});

test('the desk has the next press, the note and the clock; the class sees the board alone', async ({
  page,
  context,
}) => {
  await page.goto('/board?lesson=demo-lesson-minor');
  await isLive(page);
  await expect(head(page)).toHaveText(/^Build E natural minor/u);
  const wall = await secondWindow(context, page);
  await expect(head(wall)).toHaveText(/^Build E natural minor/u);
  const note = 'Odile reads only the alto clef so far; leave it up while she copies.';
  await expect(page.getByRole('region', { name: 'My note' })).toContainText(note);
  await expect(page.getByRole('region', { name: 'Next press' })).toContainText(
    'First line: E minor shares its signature with its relative major',
  );
  await expect(page.getByRole('region', { name: 'Clock' })).toContainText('0 of 8 min on this');
  await expect(page.getByRole('region', { name: 'Clock' })).toContainText('of 45 min in all');
  await expect(wall.getByText('Odile')).toHaveCount(0);
  await expect(wall.getByText('Next press')).toHaveCount(0);
  expect(await wall.content()).not.toContain('Odile');

  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(said(wall)).toHaveText(/^G lies one place clockwise/u);
  await expect(said(page)).toHaveText(/^G lies one place clockwise/u);
  // A note that the desk points at lights on the wall, on every surface there.
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowDown');
  await expect(lit(wall).first()).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await expect(lit(wall)).toHaveCount(0);

  // What is hidden stays hidden in a window that is loaded meanwhile.
  await page.keyboard.press('h');
  await expect(head(wall)).toHaveText(/^Build E natural minor/u);
  await wall.reload();
  await isLive(wall);
  await expect(head(wall)).toHaveText(/^Build E natural minor/u);
  await expect(board(wall).locator('svg')).toHaveCount(0);
  await page.keyboard.press('b');
  await expect(head(wall)).toHaveCount(0);
  await page.keyboard.press('b');
  await page.keyboard.press('h');
  await expect(board(wall).locator('svg').first()).toBeVisible();
  // Keys in the window of the board drive both.
  await wall.keyboard.press('PageUp');
  await expect(said(page)).toHaveText(/^Write the letters E F G/u);

  // Closed, it can be opened again, and is where the desk is.
  await wall.close();
  await expect(page.getByText('The board window is not open.')).toBeVisible();
  await page.keyboard.press('>');
  await expect(head(page)).toHaveText(/^Build E harmonic minor/u);
  const [again] = await Promise.all([
    context.waitForEvent('page'),
    page.getByRole('button', { name: 'Open the board window' }).click(),
  ]);
  await expect(head(again)).toHaveText(/^Build E harmonic minor/u);
  // The desk itself may be loaded again: the board knows how it stands.
  await page.keyboard.press('Space');
  await expect(said(again)).toHaveText(/^Write the letters/u);
  await page.reload();
  await isLive(page);
  await expect(said(page)).toHaveText(/^Write the letters/u);
  await expect(page.getByRole('region', { name: 'My note' })).toContainText(
    'Find the step and a half by ear first',
  );
  // A clicker in the window of the board goes on in the lesson as well.
  await again.keyboard.press('End');
  await again.keyboard.press('PageDown');
  await expect(head(again)).toHaveText(/^Build C melodic minor/u);
  await expect(head(page)).toHaveText(/^Build C melodic minor/u);
  await page
    .getByRole('region', { name: 'Lesson' })
    .getByRole('button', { name: /^C♯ harmonic minor/u })
    .click();
  await expect(head(again)).toHaveText(/^Build C♯ harmonic minor/u);
});

test('a board that goes on in a second window is there where it was', async ({ page, context }) => {
  await page.goto(boardOf(B_MINOR));
  await isLive(page);
  for (let press = 0; press < 3; press += 1) await page.keyboard.press('Space');
  await expect(said(page)).toHaveText(/^C sharp up a half step is D/u);
  const wall = await secondWindow(context, page);
  await expect(said(wall)).toHaveText(/^C sharp up a half step is D/u);
  await expect(said(page)).toHaveText(/^C sharp up a half step is D/u);
  await expect(page.getByRole('region', { name: 'Next press' })).toContainText('D up a whole step is E');
});

test('a lesson of the shelf is walked through, with its minutes', async ({ page, room }) => {
  await room.open();
  await page.keyboard.press('l');
  await expect(room.shelf.getByText('30 min')).toBeVisible();
  const minutes = room.shelf.getByRole('textbox', { name: 'Minutes for Opening: C major, both ways' });
  await minutes.fill('20');
  await expect(room.shelf.getByText('42 min')).toBeVisible();
  // What is no number of minutes is not stored, and stands as it was when it is left.
  await minutes.fill('999');
  await expect(minutes).toHaveAttribute('aria-invalid', 'true');
  await minutes.blur();
  await expect(minutes).toHaveValue('20');
  await isSaved(page);
  await room.shelf.getByRole('button', { name: 'Show Week 3: steps and signatures on the board' }).click();
  await isLive(page);
  await expect(head(page)).toHaveText(/^Build C major/u);
  await page.keyboard.press('End');
  await page.keyboard.press('Space');
  await expect(head(page)).toHaveText(/^Build F major/u);
  await expect(page).toHaveURL(/item=demo-f-major/u);
  await page.keyboard.press('PageUp');
  await expect(head(page)).toHaveText(/^C major/u);
  await page.keyboard.press('<');
  await expect(head(page)).toHaveText(/^C major/u);
  await page.keyboard.press('Escape');
  await isLive(page);
  await expect(page).toHaveURL(/derive/u);
});

test('a class that is given time to think has nothing before it but the question', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-10-06T17:30:00') });
  await page.goto(boardOf(B_MINOR));
  await isLive(page);
  await page.keyboard.press('t');
  const timer = board(page).getByRole('timer');
  await expect(timer).toContainText('30');
  await page.clock.runFor(12_000);
  await expect(timer).toContainText('18');
  // An early press ends the time and gives nothing out.
  await page.keyboard.press('Space');
  await expect(timer).toHaveCount(0);
  await expect(head(page)).toHaveText(/^Build/u);
  await page.keyboard.press('t');
  await page.clock.runFor(31_000);
  await expect(timer).toHaveCount(0);
  await page.keyboard.press('Space');
  await expect(said(page)).toHaveText(/^Write the letters/u);
});

test('everything that can be kept stands on the board, an answer without its name', async ({
  page,
  mark,
}) => {
  await mark.open(`${ANSWER.slice('/mark'.length)}&who=Tove`);
  await page.keyboard.press('z');
  await isLive(page);
  await expect(page).not.toHaveURL(/Tove/u);
  expect(await page.content()).not.toContain('Tove');
  await expect(head(page)).toHaveText(
    'An answer: B harmonic minor, going up, in the treble clef, without a signature',
  );
  await page.keyboard.press('Space');
  await expect(said(page)).toHaveText(/^Given: B C sharp D E F sharp G A B/u);
  await expect(board(page).getByText('Expected')).toHaveCount(0);
  await page.keyboard.press('Space');
  await expect(said(page)).toHaveText(/^Expected: /u);
  await expect(board(page).getByText('Expected', { exact: true })).toBeVisible();
  for (const [address, first] of [
    ['/orbit?see=route&from=E+major&to=F+major', /^Five places apart/u],
    ['/orbit?see=fill', /^C major/u],
    ['/derive?question=key&fifths=3', /./u],
    [`${B_MINOR}&beside=B+natural-minor`, /^B harmonic minor: .* B natural minor: /u],
  ] as const) {
    await page.goto(boardOf(address));
    await isLive(page);
    await page.keyboard.press('Space');
    await expect(said(page), address).toHaveText(first);
    await expect(board(page).locator('svg').first()).toBeVisible();
  }
  await page.goto(boardOf('/class'));
  await expect(page.getByRole('status')).toHaveText(/^There is nothing here for the board/u);
});

test('every button of the board works by Enter and by Space, and Escape leaves', async ({ page, room }) => {
  await room.open(B_MINOR);
  await page.keyboard.press('z');
  await isLive(page);
  const hands = page.getByRole('group', { name: 'The board by hand' });
  const press = async (name: string, key: 'Enter' | 'Space') => {
    await hands.getByRole('button', { name, exact: true }).focus();
    await page.keyboard.press(key);
  };
  await press('Next', 'Enter');
  await expect(said(page)).toHaveText(/^Write the letters/u);
  await press('Next', 'Space');
  await expect(said(page)).toHaveText(/^B up a whole step/u);
  await press('Hide', 'Space');
  await expect(head(page)).toHaveText(/^Build/u);
  await press('Show', 'Enter');
  await press('Blank', 'Enter');
  await expect(head(page)).toHaveCount(0);
  await press('Light up', 'Space');
  await press('Day', 'Enter');
  await expect(board(page)).toHaveAttribute('data-light', 'day');
  await press('On: Stride, Rail', 'Space');
  await expect(board(page).getByRole('img', { name: 'Line of fifths' })).toBeVisible();
  await press('Keys', 'Enter');
  await expect(page.getByRole('dialog')).toContainText('Page Down');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await press('Back', 'Enter');
  await expect(said(page)).toHaveText(/^Write the letters/u);
  await press('Close', 'Enter');
  await isLive(page);
  await expect(page).toHaveURL(/\/derive\?/u);
  await page.keyboard.press('z');
  await isLive(page);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/derive\?/u);
});

test('axe finds nothing on a board by day and by night, nor at its desk', async ({ page, context }) => {
  await page.goto('/board?lesson=demo-lesson-steps');
  await isLive(page);
  await axeFindsNothing(page);
  await page.keyboard.press('End');
  await expect(board(page).getByRole('group', { name: 'Staff' })).toBeVisible();
  await axeFindsNothing(page);
  await page.keyboard.press('n');
  await expect(board(page)).toHaveAttribute('data-light', 'day');
  await axeFindsNothing(page, ['color-contrast']);
  await secondWindow(context, page);
  await axeFindsNothing(page);
});

test('a board whose drawing has not come says so, and goes on when it comes', async ({ browser }) => {
  for (const script of [/\/_astro\/kit\./u, /\/_astro\/Fretboard\./u]) {
    const context = await browser.newContext({ serviceWorkers: 'block' });
    const page = await context.newPage();
    let held = 0;
    await page.route(script, (route) => {
      held += 1;
      return route.abort();
    });
    await page.goto(boardOf(`${B_MINOR}&on=fretboard`));
    await isLive(page);
    await page.keyboard.press('Space');
    await expect(page.getByRole('alert')).toHaveText(/could not be loaded/u);
    expect(held).toBeGreaterThan(0);
    await page.unroute(script);
    await expect(board(page).getByRole('group', { name: /^Fretboard/u })).toBeVisible();
    await expect(page.getByRole('alert')).toHaveCount(0);
    await expect(said(page)).toHaveText(/^Write the letters/u);
    await context.close();
  }
});

/** What a class sees of a drawing, measured: the smallest type, and the smallest name of a note. */
async function sizes(page: Page): Promise<{ readonly type: number; readonly name: number | null }> {
  return page.evaluate(() => {
    const root = document.querySelector('.board');
    const found: number[] = [];
    const scaleOf = (element: SVGGraphicsElement) => {
      const matrix = element.getScreenCTM();
      return matrix ? Math.hypot(matrix.a, matrix.b) : 0;
    };
    const shown = (element: Element) => element.checkVisibility({ visibilityProperty: true });
    for (const text of root?.querySelectorAll<SVGTextElement>('svg text') ?? [])
      if (text.textContent?.trim() && shown(text))
        found.push(Number.parseFloat(getComputedStyle(text).fontSize) * scaleOf(text));
    const walker = document.createTreeWalker(root ?? document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement;
      if (!node.textContent?.trim() || !parent || parent.closest('svg, .sr-only') || !shown(parent)) continue;
      found.push(Number.parseFloat(getComputedStyle(parent).fontSize));
    }
    // A name is drawn: its letter is the first outline after the circle, and a capital is 0.67 of its type.
    const names: number[] = [];
    for (const group of root?.querySelectorAll('[data-part=note], [data-part=place]') ?? []) {
      const letter = group.querySelector<SVGPathElement>('circle ~ path');
      if (letter) names.push((letter.getBBox().height * scaleOf(letter)) / 0.67);
    }
    return { type: Math.min(...found), name: names.length > 0 ? Math.min(...names) : null };
  });
}

const SHOWN: readonly (readonly [string, number | null])[] = [
  [B_MINOR, 44],
  ['/derive?tonic=C%23&scale=melodic-minor&direction=both&clef=bass&signature=written', 44],
  [`${B_MINOR}&beside=B+natural-minor`, 44],
  [`${B_MINOR}&on=keyboard,staff`, 44],
  [`${B_MINOR}&on=wheel,staff`, 44],
  // Six strings stand as far apart as there is room for them.
  [`${B_MINOR}&on=fretboard,staff`, 36],
  [`${B_MINOR}&on=grand-staff,rail`, null],
  ['/derive?tonic=B&scale=major&direction=up&clef=treble&signature=written&instrument=alto-saxophone', null],
  ['/derive?question=key&fifths=3', null],
  ['/derive?question=name&notes=F+G+Ab+Bb+C+Db+E+F', 42],
  ['/orbit?see=keys&key=E+major', 42],
  ['/orbit?see=chords&key=F+minor', 42],
  ['/orbit?see=fill', 42],
  [ANSWER, 44],
];

test('nothing on the board is smaller than the back row can read, in either of two windows', {
  tag: '@window',
}, async ({ page }) => {
  test.setTimeout(240_000);
  for (const [address, least] of SHOWN) {
    await page.goto(boardOf(address));
    await isLive(page);
    await page.keyboard.press('End');
    await expect(board(page).locator('svg').first()).toBeVisible();
    for (const [width, height] of [
      [1280, 800],
      [1920, 1080],
    ] as const) {
      await page.setViewportSize({ width, height });
      const larger = Math.min(width / 1280, height / 800);
      const where = `${address} at ${width} × ${height}`;
      await expect
        .poll(async () => (await sizes(page)).type, where)
        .toBeGreaterThanOrEqual(Math.floor(24 * larger));
      if (least !== null)
        await expect
          .poll(async () => (await sizes(page)).name, where)
          .toBeGreaterThanOrEqual(Math.floor(least * larger) - 1);
      // Nothing is cut off by the edge of the board.
      const over = await board(page).evaluate((box) => {
        const edge = box.getBoundingClientRect();
        return [...box.querySelectorAll('svg, p, h1')].filter((each) => {
          const { right, bottom } = each.getBoundingClientRect();
          return !each.classList.contains('sr-only') && (right > edge.right + 1 || bottom > edge.bottom + 1);
        }).length;
      });
      expect(over, where).toBe(0);
    }
  }
});
