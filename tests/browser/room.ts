import { test as base, expect, type Locator, type Page } from '@playwright/test';

export const OWN_SCHOOL = 'http://127.0.0.1:4782';

/** The Derive room as a user meets it: by roles and names. */
class DeriveRoom {
  constructor(readonly page: Page) {}

  async open(address = '/derive'): Promise<void> {
    await this.page.goto(address);
    await expect(this.page.locator('[data-live=yes]')).toBeVisible();
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
    const buttons = this.surface('Stride and keyboard').getByRole('button');
    const names = await buttons.evaluateAll((notes) =>
      notes.map((note) => note.getAttribute('aria-label') ?? ''),
    );
    return names.map((name) => name.split(',')[0] ?? '');
  }

  get shelf(): Locator {
    return this.page.getByRole('dialog', { name: 'Shelf' });
  }
}

/** A test in the room that fails on anything the browser complains of. */
export const test = base.extend<{ room: DeriveRoom; quiet: undefined }>({
  room: async ({ page }, use) => {
    await use(new DeriveRoom(page));
  },
  quiet: [
    async ({ page }, use) => {
      const complaints: string[] = [];
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('console', (message) => {
        if (['error', 'warning'].includes(message.type())) complaints.push(message.text());
      });
      await use(undefined);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
