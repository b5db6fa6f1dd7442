import { clockOf } from './clock.mjs';

/** Keys that are gone through; each is one step of the history, so that going back is a change of key alone. */
const KEYS = ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab', 'Db'];

const VIEWS = [
  ['in thirds, one octave', 'pattern=thirds&scale=harmonic-minor'],
  ['in triads, whole range', 'pattern=triads&scale=major&range=range&player=alto-saxophone'],
  ['a tune', 'pattern=tune&tune=harbour-lamp&scale=major'],
];

/** Milliseconds of script, style and layout of each step back: of the frame it is shown in, and of all that follows. */
async function costsOfBack(page) {
  const spent = await clockOf(page);
  const [frames, all] = [[], []];
  for (const _ of KEYS) {
    await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 300)));
    const before = await spent();
    // The sentence is read when the history has moved; its frame ends with the next task.
    await page.evaluate(
      () =>
        new Promise((resolve) => {
          window.addEventListener('popstate', () => requestAnimationFrame(() => setTimeout(resolve)), {
            once: true,
          });
          window.history.back();
        }),
    );
    frames.push((await spent()) - before);
    await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 400)));
    all.push((await spent()) - before);
  }
  return { frames, all };
}

/** What a change of key costs in Play, engraved anew: script, style and layout. */
export async function benchPlay(browser, port, row, median) {
  for (const [name, query] of VIEWS) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`http://127.0.0.1:${port}/play?tonic=F%23&${query}`);
    const staff = page.locator('[data-live=yes] section[aria-label=Pattern] svg [data-part=note]').first();
    await staff.waitFor();
    for (const key of KEYS) {
      await page.keyboard.press('t');
      await page.keyboard.type(key);
      await page.keyboard.press('Enter');
      await page.getByRole('listbox').waitFor({ state: 'detached' });
    }
    await page.waitForLoadState('networkidle');
    const { frames, all } = await costsOfBack(page);
    await page.close();
    row(`Change of key in Play, ${name}, its frame: median`, `${median(frames).toFixed(1)} ms`, '16 ms');
    row(`  worst of ${frames.length}`, `${Math.max(...frames).toFixed(1)} ms`, '50 ms');
    row('  with the lines that follow: median', `${median(all).toFixed(1)} ms`, '');
  }
}
