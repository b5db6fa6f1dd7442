import type { Page } from '@playwright/test';
import { ROOMS } from '@/rooms/all';
import { expect, isLive, test } from './room';

/** Every room, and what can stand in it. */
const VIEWS = ROOMS.flatMap(({ examples }) => examples);

/** An answer that has been marked. */
const MARKED = VIEWS.find((address) => address.includes('given=')) ?? '';

const CONTROLS = 'a[href], button:not([disabled]), summary, [role=button]';

/** Controls whose state says that pressing them again changes nothing, and those that only tell when pointed at. */
const SETTLED =
  '[aria-pressed=true], [aria-current]:not([aria-current=false]), [aria-selected=true], [aria-disabled=true]';

/** What stands about every room is the same in all that can stand in one: it is tried once for each room. */
const WHOLE = new Set(ROOMS.map(({ examples }) => examples[0]));

/** Numbers every control that can be seen and watches what keys do to them; the effect of a press is held back. */
async function watch(page: Page, part: 'body' | 'main'): Promise<number> {
  return page.evaluate(
    ([controls, within]) => {
      const seen = { pressed: '' };
      Object.assign(window, { walked: seen });
      const numbered = [...document.querySelectorAll(controls)].filter(
        (each) =>
          each.closest(within) !== null &&
          each.checkVisibility({ visibilityProperty: true }) &&
          !each.closest('[inert], [aria-hidden=true]'),
      );
      for (const [at, each] of numbered.entries()) each.setAttribute('data-walk', String(at));
      const record = (event: Event) => {
        const control = event.target instanceof Element ? event.target.closest('[data-walk]') : null;
        seen.pressed = control?.getAttribute('data-walk') ?? '';
        event.preventDefault();
        event.stopImmediatePropagation();
      };
      // A control that is drawn takes its keys itself; the others are pressed by the browser.
      document.addEventListener('click', record, true);
      const takesKeys = '[role=button], [aria-haspopup]';
      document.addEventListener(
        'keydown',
        (event) => {
          const control = event.target instanceof Element ? event.target.closest('[data-walk]') : null;
          if (!control?.matches(takesKeys)) return;
          setTimeout(() => {
            if (event.defaultPrevented) seen.pressed = control.getAttribute('data-walk') ?? '';
          });
        },
        true,
      );
      return numbered.length;
    },
    [CONTROLS, part] as const,
  );
}

/** Focuses a numbered control, and says what it is; null where it is gone or has nothing to do any more. */
const focused = (page: Page, at: number) =>
  page.evaluate((walk) => {
    const control = document.querySelector<HTMLElement | SVGElement>(`[data-walk="${walk}"]`);
    if (!control || control.matches(':disabled')) return null;
    control.focus();
    return {
      isLink: control.tagName === 'A',
      name: control.getAttribute('aria-label') ?? control.textContent,
    };
  }, at);

/** What was pressed since it was asked last; menus that a key has opened are closed again. */
const pressedNow = async (page: Page) => {
  const { pressed, menu } = await page.evaluate(async () => {
    await new Promise((then) => setTimeout(then));
    const seen = (window as unknown as { walked: { pressed: string } }).walked;
    const { pressed } = seen;
    seen.pressed = '';
    return { pressed, menu: document.querySelector('[role=menu]') !== null };
  });
  if (menu) await page.keyboard.press('Escape');
  return pressed;
};

for (const address of VIEWS) {
  test(`every link and button answers to Enter, and every button to Space: ${address}`, async ({ page }) => {
    await page.goto(address);
    await isLive(page);
    const whole = WHOLE.has(address);
    const count = await watch(page, whole ? 'body' : 'main');
    const dead: string[] = [];
    for (let at = 0; at < count; at += 1) {
      for (const key of ['Enter', 'Space']) {
        // What has been pressed before may have taken it away, or left it nothing to do.
        const control = await focused(page, at);
        if (!control || (control.isLink && key === 'Space')) continue;
        await page.keyboard.press(key);
        if ((await pressedNow(page)) !== String(at)) dead.push(`${key}: ${control.name}`);
      }
    }
    console.info(`${address}: ${count} controls`);
    expect(count).toBeGreaterThan(whole ? 20 : 1);
    expect(dead).toEqual([]);
  });
}

/** Presses a control with Enter, and says whether the page, its address, its focus or what lies open changed. */
async function changes(page: Page, at: number): Promise<boolean> {
  await page.evaluate(
    ([controls, place]) => {
      const all = [...document.querySelectorAll(controls)].filter((each) =>
        each.checkVisibility({ visibilityProperty: true }),
      );
      (all[place] as HTMLElement | undefined)?.focus();
      const state = { changed: false };
      Object.assign(window, { effect: state });
      const address = window.location.href;
      const focus = document.activeElement;
      const tell = () => {
        state.changed = true;
      };
      for (const name of ['print', 'open'] as const) window[name] = tell as never;
      HTMLInputElement.prototype.click = tell;
      Object.defineProperty(navigator, 'clipboard', {
        value: { write: async () => tell(), writeText: async () => tell() },
      });
      // What only comes of the focus, such as a hint, is no effect of the key.
      requestAnimationFrame(() => {
        new MutationObserver(tell).observe(document.body, {
          childList: true,
          subtree: true,
          attributes: true,
          characterData: true,
        });
        document.body.dataset['watched'] = 'yes';
        const look = () => {
          if (window.location.href !== address || document.activeElement !== focus) tell();
          requestAnimationFrame(look);
        };
        look();
      });
    },
    [CONTROLS, at] as const,
  );
  await page.waitForFunction(() => document.body.dataset['watched'] === 'yes');
  const before = page.url();
  await page.evaluate(() => {
    (window as unknown as { effect: { changed: boolean } }).effect.changed = false;
  });
  await page.keyboard.press('Enter');
  const changed = page
    .waitForFunction(
      () => (window as unknown as { effect?: { changed: boolean } }).effect?.changed ?? true,
      null,
      {
        timeout: 3000,
      },
    )
    .then(
      () => true,
      () => false,
    );
  return (await changed) || page.url() !== before;
}

for (const address of [
  '/derive',
  '/orbit?see=chords&key=F+minor&size=triads&degree=2',
  MARKED,
  '/class',
] as const) {
  test(`something happens at every Enter: ${address}`, async ({ page }) => {
    test.setTimeout(240_000);
    await page.goto(address);
    await isLive(page);
    const controls = await page.evaluate(
      ([all, settled]) =>
        [...document.querySelectorAll(all)]
          .filter((each) => each.checkVisibility({ visibilityProperty: true }))
          .map((each, at) => ({
            at,
            settled: each.matches(settled),
            name: each.getAttribute('aria-label') ?? each.textContent ?? '',
            inRoom: each.closest('main') !== null,
            // Of rows of like controls two stand for all; the room may stand at the ends already.
            row: `${each.parentElement?.tagName} ${each.getAttribute('class')} ${each.getAttribute('role')}`,
          })),
      [CONTROLS, SETTLED] as const,
    );
    const rows = new Map<string, (typeof controls)[number][]>();
    // What stands about every room is pressed in the first of them.
    const tried = controls.filter(({ settled, inRoom }) => !settled && (inRoom || address === '/derive'));
    for (const control of tried) rows.set(control.row, [...(rows.get(control.row) ?? []), control]);
    const chosen = [...rows.values()].flatMap((row) => (row.length > 6 ? row.slice(1, 3) : row));
    const silent: string[] = [];
    for (const control of chosen) {
      if (!control) continue;
      await page.goto(address);
      await isLive(page);
      if (!(await changes(page, control.at))) silent.push(control.name);
    }
    console.info(`${address}: ${chosen.length} of ${controls.length} controls pressed`);
    expect(silent).toEqual([]);
  });
}

test('Escape closes what a key has opened, and the focus is back where it was', async ({ page }) => {
  for (const [address, keys] of [
    ['/derive', 'tsdcglx?y'],
    ['/orbit?see=keys&key=E+major', 'qtrlx?'],
    [MARKED, 'qwtsdcglxh?'],
    ['/class', '?'],
  ] as const) {
    await page.goto(address);
    await isLive(page);
    for (const key of keys) {
      const opened = page.getByRole('dialog').or(page.getByRole('menu'));
      await page.keyboard.press(key);
      await expect(opened.first(), `${key} in ${address}`).toBeVisible();
      await page.keyboard.press('Escape');
      await expect(opened, `${key} in ${address}`).toBeHidden();
    }
  }
  // A field is left by Escape as well.
  await page.goto(MARKED);
  await isLive(page);
  await page.keyboard.press('i');
  await expect(page.getByRole('textbox', { name: 'Type the answer' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: 'Type the answer' })).not.toBeFocused();
});

test('what opens in the moment in which a menu closes stays open', async ({ page }) => {
  await page.goto(MARKED);
  await isLive(page);
  const menu = page.getByRole('menu');
  for (const [first, next] of ['xh', 'hx']) {
    await page.keyboard.press(first as string);
    await expect(menu).toBeVisible();
    // Before the first menu has given the focus back, the second one is asked for.
    await page.evaluate(async (key) => {
      const press = (name: string) =>
        document.activeElement?.dispatchEvent(
          new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
        );
      press('Escape');
      for (let turn = 0; turn < 8; turn += 1) await Promise.resolve();
      press(key);
      await new Promise((done) => setTimeout(done));
      await new Promise((done) => requestAnimationFrame(done));
    }, next as string);
    await expect(menu, `${first} and ${next}`).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(menu).toBeHidden();
  }
});
