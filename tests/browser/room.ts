import { readFile } from 'node:fs/promises';
import { test as base, expect, type Locator, type Page } from '@playwright/test';

export const OWN_SCHOOL = 'http://127.0.0.1:4782';

/** A page that takes keys, with all of its room. Both at once: what stands for a part that is coming may live before it. */
export const LIVE = '[data-live=yes]:not(:has([data-coming]))';

/** Waits until the page takes keys, and all of the room is there. */
export async function isLive(page: Page): Promise<void> {
  await expect(page.locator(LIVE)).toBeVisible();
}

/** Waits until the database has confirmed everything that was done on the page. */
export async function isSaved(page: Page): Promise<void> {
  await expect(page.locator('[data-saving=saved]')).toBeVisible();
}

/** The Derive room as a user meets it: by roles and names. */
class DeriveRoom {
  constructor(readonly page: Page) {}

  async open(address = '/derive'): Promise<void> {
    await this.page.goto(address);
    await isLive(this.page);
  }

  get sentence(): Locator {
    return this.page.getByRole('heading', { level: 1 });
  }

  word(label: string): Locator {
    return this.page.getByRole('button', { name: new RegExp(`^${label}: `, 'u') });
  }

  get working(): Locator {
    return this.page.getByRole('region', { name: /^By / }).getByRole('listitem');
  }

  get step(): Locator {
    return this.page.locator('[aria-current=step]');
  }

  surface(name: string): Locator {
    return this.page.getByRole('region', { name });
  }

  /** The note names on the stride in the order of the line, decided or not. */
  async strideNotes(): Promise<readonly string[]> {
    const buttons = this.surface('Stride and keyboard').locator('svg').first().getByRole('button');
    const names = await buttons.evaluateAll((notes) =>
      notes.map((note) => note.getAttribute('aria-label') ?? ''),
    );
    return names.map((name) => name.split(',')[0] ?? '');
  }

  get shelf(): Locator {
    return this.page.getByRole('dialog', { name: 'Shelf' });
  }

  /** Chooses what is done with a thing on the shelf. */
  async onShelf(name: string | RegExp, choice: string | RegExp): Promise<void> {
    const label = typeof name === 'string' ? `More for ${name}` : name;
    await this.shelf.getByRole('button', { name: label }).first().click();
    await this.page.getByRole('menuitem', { name: choice }).click();
  }
}

/** The Orbit room as a user meets it. */
class OrbitRoom {
  constructor(readonly page: Page) {}

  async open(query = '', school = ''): Promise<void> {
    await this.page.goto(`${school}/orbit${query}`);
    await isLive(this.page);
  }

  get sentence(): Locator {
    return this.page.getByRole('heading', { level: 1 });
  }

  /** The ring with its places. */
  get ring(): Locator {
    return this.page.getByRole('region', { name: 'Circle', exact: true }).getByRole('group', {
      name: /^The circle, read as/u,
    });
  }

  place(name: string): Locator {
    return this.ring.getByRole('button', { name });
  }

  /** The card beside the ring, by what stands over it. */
  card(title: string): Locator {
    return this.page.getByRole('region', { name: title, exact: true });
  }
}

/** The Mark room as a user meets it. */
class MarkRoom {
  constructor(readonly page: Page) {}

  async open(query = '', school = ''): Promise<void> {
    await this.page.goto(`${school}/mark${query}`);
    await isLive(this.page);
  }

  get sentence(): Locator {
    return this.page.getByRole('heading', { level: 1 });
  }

  /** The field in which an answer is typed. */
  get field(): Locator {
    return this.page.getByRole('textbox', { name: 'Type the answer' });
  }

  get staff(): Locator {
    return this.page.getByRole('application');
  }

  get habit(): Locator {
    return this.page.getByRole('region', { name: 'Likely habit' });
  }

  get checks(): Locator {
    return this.page.getByRole('region', { name: 'Checks' });
  }

  get marks(): Locator {
    return this.checks.getByRole('status');
  }

  get pile(): Locator {
    return this.page.getByRole('region', { name: /^This pile/u });
  }
}

/** The Class room as a user meets it. */
class ClassRoom {
  constructor(readonly page: Page) {}

  async open(part = '', school = ''): Promise<void> {
    await this.page.goto(`${school}/class${part}`);
    await isLive(this.page);
  }

  /** Goes to a part of the room by its name. */
  async part(name: string): Promise<void> {
    await this.page.getByRole('navigation', { name: 'Parts of this room' }).getByText(name).click();
  }

  /** One matter with its choices. */
  matter(title: string): Locator {
    return this.page.getByRole('group', { name: title, exact: true });
  }

  async choose(title: string, choice: string): Promise<void> {
    await this.matter(title).getByText(choice, { exact: true }).click();
  }

  async chosen(title: string, choice: string): Promise<void> {
    await expect(
      this.matter(title)
        .locator('label', { has: this.page.getByText(choice, { exact: true }) })
        .getByRole('radio'),
    ).toBeChecked();
  }

  /** What the last action said. */
  get told(): Locator {
    return this.page.getByRole('banner').getByRole('status');
  }

  get sheet(): Locator {
    return this.page.getByRole('dialog');
  }
}

/** Holds back what the page loads under some addresses until it is let through. */
export async function heldBack(page: Page, addresses: string): Promise<() => void> {
  let letThrough = () => {};
  const held = new Promise<void>((resolve) => {
    letThrough = resolve;
  });
  await page.route(addresses, async (route) => {
    await held;
    await route.continue();
  });
  return letThrough;
}

/** Gives the page a file as if it were chosen by hand. */
export async function giveFile(
  page: Page,
  name: string,
  content: string | Uint8Array,
  label = 'Open',
): Promise<void> {
  await page
    .locator(`input[type=file][aria-label='${label}']`)
    .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(content) });
}

/** Drops files onto the middle of the page. */
export async function dropFiles(page: Page, files: Readonly<Record<string, string>>): Promise<void> {
  const carried = await page.evaluateHandle((given) => {
    const transfer = new DataTransfer();
    for (const [name, content] of Object.entries(given)) transfer.items.add(new File([content], name));
    return transfer;
  }, files);
  await page.dispatchEvent('main', 'dragover', { dataTransfer: carried });
  await expect(page.getByText('Drop a score, a list of scales or a backup')).toBeVisible();
  await page.dispatchEvent('main', 'drop', { dataTransfer: carried });
}

/** A file the page saves when something is done. */
export async function savedBy(
  page: Page,
  act: () => Promise<unknown>,
): Promise<{ name: string; bytes: Buffer }> {
  const waiting = page.waitForEvent('download');
  await act();
  const file = await waiting;
  return { name: file.suggestedFilename(), bytes: await readFile(await file.path()) };
}

/** A test in the room that fails on anything the browser complains of. */
export const test = base.extend<{
  room: DeriveRoom;
  classRoom: ClassRoom;
  orbit: OrbitRoom;
  mark: MarkRoom;
  expected: RegExp | null;
  quiet: undefined;
}>({
  /** What the browser may complain of in these tests. */
  expected: [null, { option: true }],
  room: async ({ page }, use) => {
    await use(new DeriveRoom(page));
  },
  classRoom: async ({ page }, use) => {
    await use(new ClassRoom(page));
  },
  orbit: async ({ page }, use) => {
    await use(new OrbitRoom(page));
  },
  mark: async ({ page }, use) => {
    await use(new MarkRoom(page));
  },
  quiet: [
    async ({ page, expected }, use) => {
      const complaints: string[] = [];
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('console', (message) => {
        if (['error', 'warning'].includes(message.type())) complaints.push(message.text());
      });
      await use(undefined);
      const allowed = (complaint: string) =>
        complaint === 'Service Worker registration blocked by Playwright' || expected?.test(complaint);
      expect(complaints.filter((complaint) => !allowed(complaint))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
