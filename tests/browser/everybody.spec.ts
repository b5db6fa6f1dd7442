import type { Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { expect, giveFile, OWN_SCHOOL, test } from './room';

/** What can stand open, and the key that opens it. */
const VIEWS = [
  ['room with a notice', null],
  ['list of tonics', 't'],
  ['list of scales', 's'],
  ['shelf', 'l'],
  ['keys', '?'],
  ['menu of exports', 'x'],
  ['why it works', 'y'],
] as const;

for (const light of ['day', 'night'] as const) {
  test(`axe finds nothing by ${light}, in the room and in all that opens in it`, async ({ page, room }) => {
    await page.addInitScript((chosen) => localStorage.setItem('moon-step:light', chosen), light);
    await room.open(
      '/derive?tonic=Ab&scale=melodic-minor&direction=both&clef=treble&signature=none&step=6&x=1',
    );
    await expect(page.locator('html')).toHaveAttribute('data-light', light);
    await expect(room.surface('Staff').getByRole('group', { name: 'Staff' })).toBeVisible();
    const opened = page.getByRole('dialog').or(page.getByRole('menu'));
    for (const [view, key] of VIEWS) {
      await test.step(view, async () => {
        if (key) await page.keyboard.press(key);
        if (key) await expect(opened).toBeVisible();
        // By night only the colours are others.
        await axeFindsNothing(page, light === 'night' ? ['color-contrast'] : null);
        if (key) await page.keyboard.press('Escape');
        if (key) await expect(opened).toBeHidden();
      });
    }
  });
}

test('axe finds nothing in two workings beside each other', async ({ page, room }) => {
  await room.open('/derive?tonic=C&scale=chromatic&direction=both&clef=treble&beside=C+natural-minor');
  await expect(page.getByRole('group', { name: 'Staff' }).first()).toBeVisible();
  await axeFindsNothing(page);
});

test('axe finds nothing in marked answers, by day and by night', async ({ page, mark }) => {
  for (const query of [
    '?kind=scale&tonic=A&scale=melodic-minor&direction=both&answer=A4+B4+C5+D5+E5+F%235+G%235+A5+G%235+F%235+E5+D5+C5+B4+A4',
    '?kind=signature&tonic=D&scale=major&answer=C%235+F%235',
    '?kind=name-scale&answer=A+natural-minor',
  ]) {
    await mark.open(query);
    await expect(mark.checks).toBeVisible();
    await axeFindsNothing(page);
  }
  await page.evaluate(() => {
    document.documentElement.dataset['light'] = 'night';
  });
  await axeFindsNothing(page, ['color-contrast']);
});

test('axe finds nothing in the questions and the ask line', async ({ page, room }) => {
  for (const address of [
    '/derive?question=key&fifths=-4&step=2',
    '/derive?question=signature&tonic=Cb&scale=major&clefs=all',
    '/derive?question=name&notes=F G A A%23 C D E F',
  ]) {
    await room.open(address);
    await expect(page.locator('main svg').first()).toBeVisible();
    await axeFindsNothing(page);
  }
  await page.keyboard.press('/');
  await page.keyboard.type('parallel of B');
  await expect(page.getByRole('option').first()).toBeVisible();
  await axeFindsNothing(page);
});

test('axe finds nothing in an empty school and on a page that is not there', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  await page.keyboard.press('l');
  await expect(room.shelf).toContainText('Nothing is kept yet.');
  await axeFindsNothing(page);
});

const CLASS_PARTS = [
  '?part=0',
  '?part=1',
  '?part=2',
  '?part=3',
  '?part=4',
  '?part=5',
  '?part=answers',
  '?part=surfaces',
  '?part=people',
  '?part=safe',
  '?new',
];

async function byLight(page: Page, light: 'day' | 'night'): Promise<void> {
  await page.addInitScript((chosen) => localStorage.setItem('moon-step:light', chosen), light);
}

for (const parts of [CLASS_PARTS.slice(0, 5), CLASS_PARTS.slice(5)]) {
  test(`axe finds nothing in the Class room by day: ${parts.join(' ')}`, async ({ page, classRoom }) => {
    await byLight(page, 'day');
    for (const part of parts) {
      await classRoom.open(part);
      await axeFindsNothing(page);
    }
  });
}

// By night the same things stand in other colours, so that some parts show them all.
for (const light of ['day', 'night'] as const) {
  test(`axe finds nothing in what opens in the Class room by ${light}`, async ({ page, classRoom }) => {
    await byLight(page, light);
    await classRoom.open(light === 'night' ? '?part=safe' : '?part=3');
    await axeFindsNothing(page);
    await classRoom.open();
    await classRoom.choose('Key names', 'With Dur and Moll: b-Moll');
    await expect(page.getByRole('alert')).toBeVisible();
    await axeFindsNothing(page);
    await classRoom.open('?part=people');
    await page.getByRole('button', { name: 'Remove Tove' }).click();
    await axeFindsNothing(page);
    await giveFile(page, 'week.txt', 'C# harmonic minor\nhello\n');
    await expect(classRoom.sheet).toContainText('One scale was found.');
    await axeFindsNothing(page);
  });
}

const SIZES = [
  ['desk', 1280, 800],
  ['projector', 1024, 768],
  ['telephone', 390, 844],
  // 200 % zoom leaves half the pixels of 1280 × 800.
  ['zoomed', 640, 400],
] as const;

const SENTENCES = [
  '/derive',
  '/derive?tonic=G%23&scale=melodic-minor&direction=both&clef=tenor&signature=none&method=signature',
  '/derive?tonic=Cb&scale=major&direction=both&clef=treble&signature=written',
  '/derive?tonic=B%23&scale=harmonic-minor&direction=down&clef=bass&method=step-pattern&step=3',
] as const;

const BY_HAND = '/derive?tonic=G%23&scale=harmonic-minor&method=tetrachords&hand=2%2B3%2B~4%2B';

/** Whether the page is wider than the window, and which texts are cut. */
function overflowing(): { readonly wide: boolean; readonly cut: readonly string[] } {
  const wide = document.documentElement.scrollWidth > window.innerWidth;
  const scrolls = (element: Element) => /auto|scroll/u.test(getComputedStyle(element).overflowX);
  const cut = [...document.querySelectorAll('button, h1, h2, p, li, kbd')].filter((element) => {
    const inScroller = element.closest('[class*=overflow-]');
    return (
      !element.closest('.sr-only') &&
      !(inScroller && scrolls(inScroller)) &&
      element.scrollWidth > element.clientWidth + 1 &&
      getComputedStyle(element).display !== 'inline'
    );
  });
  return { wide, cut: cut.map((element) => element.outerHTML.slice(0, 120)) };
}

for (const [name, width, height] of SIZES) {
  test(`nothing overflows on a ${name} of ${width} by ${height}`, async ({ page, room }) => {
    await page.setViewportSize({ width, height });
    for (const sentence of [...SENTENCES, BY_HAND]) {
      await room.open(sentence);
      await expect(room.surface('Staff').getByRole('group', { name: 'Staff' })).toBeVisible();
      const overflow = await page.evaluate(overflowing);
      expect(overflow, sentence).toEqual({ wide: false, cut: [] });
    }
  });
}

for (const [name, width, height] of SIZES) {
  test(`nothing overflows in the Class room on a ${name} of ${width} by ${height}`, async ({
    page,
    classRoom,
  }) => {
    await page.setViewportSize({ width, height });
    for (const part of CLASS_PARTS) {
      await classRoom.open(part);
      expect(await page.evaluate(overflowing), part).toEqual({ wide: false, cut: [] });
    }
  });
}

test('one whole task fits 1280 by 800 and 1024 by 768 without scrolling the page', async ({ page, room }) => {
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const sentence of SENTENCES) {
      await room.open(sentence);
      const down = await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight);
      expect(down, `${sentence} at ${width}`).toBeLessThanOrEqual(0);
      for (const name of ['Stride and keyboard', 'Staff', 'Rail']) {
        const surface = room.surface(name);
        // What is not drawn yet has no place to be measured at.
        await expect(surface.locator('svg').last()).toBeVisible();
        const box = await surface.boundingBox();
        const drawing = await surface.locator('svg').last().boundingBox();
        expect((drawing?.y ?? 0) + (drawing?.height ?? 0)).toBeLessThanOrEqual(
          (box?.y ?? 0) + (box?.height ?? 0) + 1,
        );
      }
    }
  }
});

test('every stop of the Tab key shows its focus', async ({ page, room }) => {
  await room.open();
  // Stand-ins have been put away, and the ask line is there.
  await expect(page.locator('[data-stand-in]')).toHaveCount(0);
  await expect(page.getByRole('combobox', { name: 'Ask line' })).toBeVisible();
  const seen = new Set<string>();
  for (let stop = 0; stop < 90; stop += 1) {
    await page.keyboard.press('Tab');
    const now = await page.evaluate(() => {
      const element = document.activeElement;
      if (!element || element === document.body) return null;
      const ring = element.querySelector('.scene-focus') ?? element;
      const style = getComputedStyle(ring);
      const shown = style.outlineStyle !== 'none' || style.stroke !== 'none';
      const name = element.getAttribute('aria-label') ?? element.textContent ?? '';
      return { name: name || element.outerHTML.slice(0, 120), shown };
    });
    if (!now) break;
    expect(now.shown, now.name).toBe(true);
    seen.add(now.name);
  }
  expect([...seen].some((name) => name.startsWith('tonic'))).toBe(true);
  expect([...seen].some((name) => name.startsWith('C sharp, the tonic'))).toBe(true);
  expect(seen.has('Window of the signature')).toBe(true);
});

test('nothing moves for those who ask for it', async ({ page, room }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await room.open();
  // Found and asked in one go: a part that is drawn anew meanwhile has no style of its own any more.
  const durations = await page.evaluate(() =>
    [...document.querySelectorAll('.scene-group')].map((group) => getComputedStyle(group).transitionDuration),
  );
  expect(new Set(durations)).toEqual(new Set(['0s']));
});
