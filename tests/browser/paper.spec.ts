import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect, OWN_SCHOOL, test } from './room';

/** What a sheet holds when it comes out of the printer, read by another program. */
type Printed = {
  readonly pages: number;
  readonly text: string;
  /** The part of the paper that is inked, 0 to 1, and whether any of it is in colour. */
  readonly ink: number;
  readonly coloured: boolean;
};

function poppler(program: string, args: readonly string[], pdf: Buffer): Buffer {
  return execFileSync(program, args, { input: pdf, maxBuffer: 100_000_000 });
}

function readPdf(pdf: Buffer): Printed {
  const text = poppler('pdftotext', ['-layout', '-', '-'], pdf).toString();
  const pages = text.split('\f').length - 1;
  // A portable pixmap: three lines of head, then three bytes a pixel.
  const image = poppler('pdftoppm', ['-r', '40', '-f', '1', '-l', '1'], pdf);
  const head = image.toString('latin1', 0, 40).match(/^P6\s+\d+ \d+\s+255\s/u)?.[0].length ?? 0;
  let ink = 0;
  let coloured = false;
  for (let at = head; at + 2 < image.length; at += 3) {
    const [red = 0, green = 0, blue = 0] = image.subarray(at, at + 3);
    ink += (765 - red - green - blue) / 765;
    coloured ||= Math.max(red, green, blue) - Math.min(red, green, blue) > 40;
  }
  return { pages, text, ink: (3 * ink) / (image.length - head), coloured };
}

/** Prints by a key or a button, and gives back what came out. The page is itself again afterwards. */
async function printed(page: Page, ask: () => Promise<unknown>): Promise<Printed> {
  await ask();
  await expect(page.locator('html[data-paper]')).toHaveCount(1);
  await page.waitForFunction(() => document.documentElement.dataset['printed'] === 'yes');
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  await page.evaluate(() => {
    delete document.documentElement.dataset['printed'];
    window.dispatchEvent(new Event('afterprint'));
  });
  await expect(page.locator('html[data-paper]')).toHaveCount(0);
  return readPdf(pdf);
}

test.beforeEach(async ({ page }) => {
  // The browser's own print sheet would stay open; what it would print is read instead.
  await page.addInitScript(() => {
    window.print = () => {
      document.documentElement.dataset['printed'] = 'yes';
    };
  });
});

const SENTENCES = [
  '?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass&signature=written&method=step-pattern',
  '?tonic=G&scale=melodic-minor&direction=both&clef=treble&signature=none&method=signature',
  '?tonic=Cb&scale=major&direction=both&clef=alto&signature=written&method=signature&step=3',
] as const;

for (const [index, sentence] of SENTENCES.entries()) {
  test(`a derivation and its blank are one page each: ${index + 1}`, async ({ page, room }) => {
    await room.open(`/derive${sentence}`);
    await expect(page.getByRole('button', { name: 'Class: Tuesday theory' })).toBeVisible();
    const asked = ((await room.sentence.textContent()) ?? '').trim();
    const lines = await room.working.allTextContents();
    const full = await printed(page, () => page.keyboard.press('p'));
    expect(full.pages).toBe(1);
    expect(full.text).toContain('Tidewick Evening Music School, Tuesday theory');
    expect(full.text.replaceAll(/\s+/gu, ' ')).toContain(asked);
    expect(full.text).toContain('Checked');
    // Every line of the working is on the paper, numbered.
    const numbered = [...full.text.matchAll(/(?:^|\s)(\d+)\. /gmu)].map(([, number]) => Number(number));
    expect(Math.max(...numbered)).toBe(lines.length);
    expect(full.ink).toBeGreaterThan(0.01);
    expect(full.ink).toBeLessThan(0.08);

    const blank = await printed(page, () => page.keyboard.press('b'));
    expect(blank.pages).toBe(1);
    expect(blank.text.replaceAll(/\s+/gu, ' ')).toContain(asked);
    expect(blank.text).toContain('Name');
    expect(blank.text).toContain('Date');
    expect(blank.text).not.toContain('Checked');
    expect(blank.coloured).toBe(false);
    expect(blank.ink).toBeLessThan(full.ink);
    // Nothing of the answer stands on the blank.
    expect(blank.text).not.toMatch(/\b(?:raised|half step|whole step)\b/u);
  });
}

test('night is printed by day, and comes back', async ({ page, room }) => {
  await page.addInitScript(() => localStorage.setItem('moon-step:light', 'night'));
  await room.open('/derive');
  const sheet = await printed(page, () => page.keyboard.press('p'));
  expect(sheet.ink).toBeLessThan(0.08);
  await expect(page.locator('html')).toHaveAttribute('data-light', 'night');
});

test('a lesson is printed as one handout, without the teacher’s notes', async ({ page, room }) => {
  await room.open('/derive');
  await page.keyboard.press('l');
  const sheet = await printed(page, () =>
    room.shelf.getByRole('button', { name: 'Print Week 3: steps and signatures as one handout' }).click(),
  );
  expect(sheet.text).toContain('Week 3: steps and signatures');
  for (const title of [
    'Opening: C major, both ways',
    'F major: why B♭ and not A♯',
    'E♭ major from its signature',
  ])
    expect(sheet.text.replaceAll('\n', ' ')).toContain(title);
  expect(sheet.text).not.toContain('Tove');
  expect(sheet.pages).toBeLessThanOrEqual(3);
});

test('an own school prints under the name of its class alone', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  const sheet = await printed(page, () => page.keyboard.press('p'));
  expect(sheet.text).not.toContain('Tidewick');
});
