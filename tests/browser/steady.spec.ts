import { ROOMS } from '@/rooms/all';
import { expect, isLive, test } from './room';

/** The layout may shift by this much at most (Cumulative Layout Shift; 0.1 is called good). */
const MOST = 0.02;

/** Every other view of a room is looked at by every test run, all of them by `npm run withheld`. */
const ALL = process.env['MOON_STEP_ALL'] === '1';

for (const [device, viewport] of [
  ['desk', { width: 1280, height: 800 }],
  ['telephone', { width: 390, height: 844 }],
] as const) {
  for (const room of ROOMS) {
    test(`nothing moves after it was painted, on a ${device}, in ${room.name}`, async ({
      browser,
      baseURL,
    }) => {
      for (const address of room.examples.filter((_, at) => ALL || at % 2 === 0)) {
        await test.step(address, async () => {
          const context = await browser.newContext({ viewport, serviceWorkers: 'block' });
          const page = await context.newPage();
          await page.addInitScript(() => {
            Object.assign(window, { moved: [] });
            new PerformanceObserver((list) => {
              for (const entry of list.getEntries() as (PerformanceEntry & {
                value: number;
                hadRecentInput: boolean;
                sources: { node: Element | null }[];
              })[]) {
                if (entry.hadRecentInput) continue;
                const what = entry.sources.map(({ node }) => node?.outerHTML?.slice(0, 80));
                (window as unknown as { moved: unknown[] }).moved.push([entry.value, what]);
              }
            }).observe({ type: 'layout-shift', buffered: true });
          });
          await page.goto(`${baseURL}${address}`);
          await isLive(page);
          await page.waitForLoadState('networkidle');
          const moved = await page.evaluate(
            () =>
              new Promise<[number, unknown][]>((resolve) => {
                requestAnimationFrame(() =>
                  requestAnimationFrame(() =>
                    resolve((window as unknown as { moved: [number, unknown][] }).moved),
                  ),
                );
              }),
          );
          const sum = moved.reduce((all, [value]) => all + value, 0);
          expect(sum, JSON.stringify(moved)).toBeLessThan(MOST);
          await context.close();
        });
      }
    });
  }
}
