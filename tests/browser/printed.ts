import { execFileSync } from 'node:child_process';
import { expect, type Page } from '@playwright/test';

/** What a sheet holds when it comes out of the printer, read by another program. */
export type Printed = {
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
export async function printed(page: Page, ask: () => Promise<unknown>): Promise<Printed> {
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

/** The browser's own print sheet would stay open; what it would print is read instead. */
export async function readsPrints(page: Page): Promise<void> {
  await page.addInitScript(() => {
    window.print = () => {
      document.documentElement.dataset['printed'] = 'yes';
    };
  });
}
