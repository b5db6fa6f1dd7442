import type { Browser, BrowserContext, Page, Route } from '@playwright/test';
import { expect, isLive, isSaved, LIVE, OWN_SCHOOL, test } from './room';

/** A room's main task: what is done in it, and what shows that it was done. */
type Task = {
  /** Where the task begins: in an own school, or with the demo school, where it needs what lies there. */
  readonly address: string;
  readonly school?: string;
  readonly act: (page: Page) => Promise<void>;
  readonly done: (page: Page) => Promise<void>;
};

const DEMO_SCHOOL = 'http://127.0.0.1:4781';

const addressOf = ({ address, school = OWN_SCHOOL }: Task) => school + address;

const TASKS: Readonly<Record<string, Task>> = {
  derive: {
    address: '/derive',
    act: async (page) => {
      await page.keyboard.press('t');
      await page.keyboard.type('f');
      await page.keyboard.press('Enter');
      await page.keyboard.press('k');
    },
    done: async (page) => {
      await expect(page.getByRole('heading', { level: 1 })).toContainText('Build F harmonic minor');
      await expect(page.locator('[aria-current=step]')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  question: {
    address: '/derive?question=signature&tonic=Eb&scale=major',
    act: (page) => page.keyboard.press('k'),
    done: async (page) => {
      await expect(page.getByRole('heading', { level: 1 })).toContainText('Write the signature of E♭ major');
      await expect(page.locator('main svg [data-part=sign]').first()).toBeVisible();
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  orbit: {
    address: '/orbit',
    act: async (page) => {
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('k');
    },
    done: async (page) => {
      await expect(page.getByRole('heading', { level: 1 })).toContainText('See B♭ major');
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  drill: {
    address: '/drill?on=signatures&way=one&scales=major&questions=6',
    act: (page) => page.keyboard.press('Enter'),
    done: async (page) => {
      await expect(page.getByRole('region', { name: 'Question 1', exact: true })).toBeVisible();
      await expect(page.getByRole('group', { name: 'Answers' }).getByRole('button')).toHaveCount(4);
      await expect(page.getByRole('img', { name: 'What is asked' })).toBeVisible();
      await isSaved(page);
    },
  },
  read: {
    address: '/read',
    act: async (page) => {
      await page.keyboard.press('m');
      await page.keyboard.type('nothing');
      await page.keyboard.press('Enter');
      await page.keyboard.press('k');
    },
    done: async (page) => {
      await expect(page.getByRole('group', { name: 'Bars 0 to 18 of 19' }).first()).toBeVisible();
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  log: {
    address: '/log',
    act: async (page) => {
      await page.keyboard.press('q');
      await page.keyboard.type('practice');
      await page.keyboard.press('Enter');
      await page.keyboard.press('k');
    },
    done: async (page) => {
      await expect(page.getByRole('region', { name: 'Effort beside mastery' })).toBeVisible();
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  play: {
    address: '/play',
    act: async (page) => {
      await page.keyboard.press('q');
      await page.keyboard.type('triads');
      await page.keyboard.press('Enter');
      await page.keyboard.press('k');
    },
    done: async (page) => {
      await expect(page.getByRole('heading', { level: 1 })).toContainText('in triads');
      await expect(page.getByRole('img', { name: 'Pattern' })).toBeVisible();
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  mark: {
    address: '/mark?kind=order&order=-3',
    act: async (page) => {
      await page.keyboard.press('i');
      await page.keyboard.type('B flat, E flat');
      await page.keyboard.press('Enter');
    },
    done: async (page) => {
      await expect(page.getByRole('region', { name: /^This pile: one answer/u })).toBeVisible();
    },
  },
  set: {
    school: DEMO_SCHOOL,
    address: '/mark?set=demo-set-minors',
    act: async (page) => {
      await page.locator('[data-cell]').first().click();
      await page.keyboard.press('0');
    },
    done: async (page) => {
      await expect(page.locator('[data-cell]').first()).toHaveAttribute('data-state', 'blank');
      await expect(page.locator('[data-cell][data-state=judging]')).toHaveCount(0);
    },
  },
  sheets: {
    address: '/sheets',
    act: async (page) => {
      await page.keyboard.press('f');
      await page.keyboard.press('k');
    },
    done: async (page) => {
      await expect(page.locator('[data-choose]')).toHaveCount(12);
      await expect(page.getByLabel('Pinned')).toHaveCount(1);
      await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    },
  },
  class: {
    address: '/class',
    act: async (page) => {
      await page.getByRole('button', { name: 'Start' }).click();
      await page.getByRole('radio', { name: /^German/u }).check();
    },
    done: async (page) => {
      await expect(page.getByRole('heading', { level: 1 })).toContainText('uses German note names');
    },
  },
};

const SCRIPT = /\/_astro\/[^?]+\.js$/u;

async function opened(browser: Browser, task: Task, prepare: (context: BrowserContext) => Promise<void>) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  await prepare(context);
  const page = await context.newPage();
  // A page whose script never comes is never loaded whole.
  await page.goto(addressOf(task), { waitUntil: 'commit' });
  await expect(page.locator('[data-live]')).toBeVisible();
  return { context, page };
}

/** The scripts that a task loads after the page itself, each by its name without its mark. */
async function lazyScripts(browser: Browser, task: Task): Promise<readonly string[]> {
  const asked = new Set<string>();
  const { context, page } = await opened(browser, task, async (made) => {
    made.on('request', (request) => {
      if (SCRIPT.test(request.url())) asked.add(new URL(request.url()).pathname);
    });
  });
  await isLive(page);
  await task.act(page);
  await task.done(page);
  await isSaved(page);
  // What the served page names itself comes with it.
  const html = await (await context.request.get(addressOf(task))).text();
  await context.close();
  return [...asked].filter((path) => !html.includes(path));
}

/** Holds a script back: cut off at once, or never answered; gives the way to let it through. */
async function withhold(context: BrowserContext, path: string, how: 'cut off' | 'silent') {
  const waiting: Route[] = [];
  let held = true;
  await context.route(`**${path}`, async (route) => {
    if (!held) return route.continue();
    if (how === 'cut off') return route.abort();
    waiting.push(route);
  });
  return async () => {
    held = false;
    await Promise.all(waiting.map((route) => route.continue()));
  };
}

/** Everything in full takes a quarter of an hour; some of it is walked by every test run. */
const ALL = process.env['MOON_STEP_ALL'] === '1';

for (const [room, task] of Object.entries(TASKS)) {
  test(`each script of ${room} withheld: the room stands, says so, keeps what was done, and does it when it comes`, async ({
    browser,
  }) => {
    const scripts = await lazyScripts(browser, task);
    expect(scripts.length).toBeGreaterThan(0);
    const walks = scripts.flatMap((path) =>
      (['cut off', 'silent'] as const).map((how) => [path, how] as const),
    );
    const isStore = (path: string) => /\/(?:open|import-wrapper|dexie)/u.test(path);
    // Of each room one way to lose one script of the database, by turns, and a few others.
    const stores = scripts.filter(isStore);
    const store = stores[room.length % Math.max(1, stores.length)];
    const chosen = ALL
      ? walks
      : walks.filter(([path, how], at) =>
          isStore(path)
            ? path === store && how === (room.length % 2 === 0 ? 'silent' : 'cut off')
            : at % 64 === room.length,
        );
    // A minute a walk: on a busy machine one takes half of it.
    test.setTimeout(60_000 + chosen.length * 60_000);
    for (const [path, how] of chosen) {
      await test.step(`${path} ${how}`, async () => {
        let release = async () => undefined as undefined | Promise<void>;
        const { context, page } = await opened(browser, task, async (made) => {
          release = (await withhold(made, path, how)) as typeof release;
        });
        const live = await page
          .locator(LIVE)
          .waitFor({ timeout: 3000 })
          .then(
            () => true,
            () => false,
          );
        const heading = page.getByRole('heading', { level: 1 });
        const walked = live && !(await page.getByRole('heading', { name: /a key$/u }).isVisible());
        if (walked) await task.act(page);
        // The room stands, whatever is missing.
        await expect(heading).not.toBeEmpty();
        await expect(page.getByText('could not show this')).toHaveCount(0);
        // Either all was done and saved, or what is missing is said, and nothing is called saved that is not.
        const alert = page
          .getByRole('alert')
          .filter({ hasText: /could not be loaded|still on its way|Not saved/u });
        const done = page.locator('[data-saving=saved]');
        await expect(alert.or(done).first()).toBeVisible();
        await release();
        if (!walked) {
          await isLive(page);
          await expect(page.getByRole('heading', { name: /a key$/u })).toHaveCount(0);
          await task.act(page);
        }
        await task.done(page);
        await isSaved(page);
        await expect(alert).toHaveCount(0);
        await page.reload();
        await isLive(page);
        if (room !== 'class')
          await expect(page.getByRole('button', { name: /^Shelf \(|This pile/u }).first()).toBeVisible();
        await context.close();
      });
    }
    console.info(`${room}: ${scripts.length} scripts, ${chosen.length} of ${walks.length} walks`);
  });
}
