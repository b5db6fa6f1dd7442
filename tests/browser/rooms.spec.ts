import type { Page } from '@playwright/test';
import { expect, isLive, test } from './room';

const TO_COME = ['Plan'];

/** Serves every page with one more room in its list, which lead to pages that are there. */
async function tenRooms(page: Page): Promise<void> {
  await page.route(/\/(derive|orbit|read|play|sheets|mark|drill|log|class)$/u, async (route) => {
    const response = await route.fetch();
    const html = await response.text();
    const link = /<a href="\/class" data-room[\s\S]*?<\/a>/u.exec(html)?.[0] ?? '';
    expect(link).not.toBe('');
    const more = TO_COME.map((name) =>
      link
        .replace('/class', `/${name.toLowerCase()}`)
        .replace(' aria-current="page"', '')
        .replace('Class', name),
    );
    await route.fulfill({ response, body: html.replace(link, more.join('') + link) });
  });
}

/** The rooms that can be seen, in their order. */
async function shown(page: Page): Promise<readonly string[]> {
  const links = await page.getByRole('navigation', { name: 'Rooms' }).locator('[data-room]').all();
  const seen = await Promise.all(
    links.map(async (link) => ((await link.isVisible()) ? link.textContent() : '')),
  );
  return seen.map((name) => (name ?? '').trim()).filter(Boolean);
}

test('ten rooms stand in the rail of a desk, and none has to be scrolled to', async ({ page }) => {
  await tenRooms(page);
  await page.goto('/derive');
  await isLive(page);
  expect(await shown(page)).toEqual([
    'Derive',
    'Orbit',
    'Read',
    'Play',
    'Sheets',
    'Mark',
    'Drill',
    'Log',
    ...TO_COME,
    'Class',
  ]);
  await expect(page.getByRole('button', { name: 'More', exact: true })).toBeHidden();
  const last = await page.getByRole('link', { name: 'Class', exact: true }).boundingBox();
  expect((last?.y ?? 0) + (last?.height ?? 0)).toBeLessThan(800);
});

test.describe('on a telephone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the four rooms last used stand at the foot, and the rest behind one button', async ({ page }) => {
    await tenRooms(page);
    await page.goto('/derive');
    await isLive(page);
    expect(await shown(page)).toEqual(['Derive', 'Orbit', 'Read', 'Play']);
    await page.goto('/class');
    await isLive(page);
    expect(await shown(page)).toEqual(['Derive', 'Orbit', 'Read', 'Class']);

    const more = page.getByRole('button', { name: 'More', exact: true });
    await more.focus();
    await page.keyboard.press('Enter');
    await expect(more).toHaveAttribute('aria-expanded', 'true');
    expect(await shown(page)).toHaveLength(10);
    await expect(page.getByRole('link', { name: 'Play', exact: true })).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(more).toBeFocused();
    expect(await shown(page)).toHaveLength(4);

    await more.tap();
    await expect(more).toHaveAttribute('aria-expanded', 'true');
    await page.getByRole('main').tap({ position: { x: 10, y: 10 } });
    await expect(more).toHaveAttribute('aria-expanded', 'false');
    await more.tap();
    await page.getByRole('link', { name: 'Orbit', exact: true }).tap();
    await expect(page).toHaveURL(/\/orbit$/u);
    await isLive(page);
    expect(await shown(page)).toEqual(['Derive', 'Orbit', 'Read', 'Class']);
  });

  test('as many rooms as fit stand at the foot without a button', async ({ page }) => {
    await page.route(/\/derive$/u, async (route) => {
      const response = await route.fetch();
      const html = await response.text();
      await route.fulfill({
        response,
        body: html.replace(/<a href="\/(?:sheets|play|drill|read|log)" data-room[\s\S]*?<\/a>/gu, ''),
      });
    });
    await page.goto('/derive');
    await isLive(page);
    expect(await shown(page)).toEqual(['Derive', 'Orbit', 'Mark', 'Class']);
    await expect(page.getByRole('button', { name: 'More', exact: true })).toBeHidden();
  });
});
