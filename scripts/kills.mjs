// npm run kills: the browser is killed a hundred times at random moments of writing, with two windows open on one school;
// whatever a window had shown as saved must be there when it is opened again.
import { spawnSync } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM, serveOwn } from './browser.mjs';
import { checkNode, ensureBuild, ensurePackages, ensurePrograms } from './setup.mjs';

checkNode();
await ensurePackages();
await ensurePrograms([{ program: 'chromium', debian: 'chromium' }]);
await ensureBuild();
const { chromium } = await import('@playwright/test');

const KILLS = Number(process.argv[2] ?? 100);
const PORT = 4790;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const NAME = 'Harbour evening class for oboes, violas and anybody who wants to know why';

/** Tells what stands on a page each time it is shown as saved. */
function watch() {
  const tell = () => {
    if (!document.querySelector('[data-saving=saved]')) return;
    const kept = /\((\d+)\)/u.exec(document.querySelector('header')?.textContent ?? '')?.[1] ?? '0';
    const name = document.querySelector('input[aria-label="Name of this class"]')?.value ?? '';
    console.log(`saved ${kept} ${name}`);
  };
  new MutationObserver(tell).observe(document, { subtree: true, childList: true, attributes: true });
}

const stop = await serveOwn(PORT);
const profile = await mkdtemp(join(tmpdir(), 'moon-step-kills-'));
let lost = 0;
let seen = 0;
let shown = { kept: 0, name: '' };
for (let kill = 0; kill <= KILLS; kill += 1) {
  const browser = await chromium.launchPersistentContext(profile, {
    ...CHROMIUM,
    serviceWorkers: 'block',
  });
  const [shelf, group] = [await browser.newPage(), await browser.newPage()];
  await group.goto(`${ADDRESS}/class`);
  await group.locator('[data-live=yes]').waitFor();
  const start = group.getByRole('button', { name: 'Start' });
  if (await start.isVisible()) await start.click();
  const field = group.getByRole('textbox', { name: 'Name of this class' });
  await field.waitFor();
  await shelf.goto(`${ADDRESS}/derive`);
  await shelf.locator('[data-saving=saved]').waitFor();
  const count = shelf.getByRole('button', { name: /^Shelf \(/u });
  const kept = Number(/\((\d+)\)/u.exec((await count.textContent()) ?? '')?.[1] ?? 0);
  const name = await field.inputValue();
  // Names grow by letters and begin again, so that a shorter one than was shown is an older one.
  const older = shown.name !== '' && NAME.startsWith(name) && name.length < shown.name.length;
  if (kept < shown.kept || older) {
    lost += 1;
    console.log(`kill ${kill}: shown ${JSON.stringify(shown)}, found ${JSON.stringify({ kept, name })}`);
  }
  if (kill === KILLS) {
    await browser.close();
    break;
  }
  shown = { kept, name: '' };
  const hear = (message) => {
    const [, keptThen, nameThen] = /^saved (\d+) (.*)$/u.exec(message.text()) ?? [];
    if (keptThen === undefined) return;
    seen += 1;
    shown = { kept: Math.max(shown.kept, Number(keptThen)), name: nameThen || shown.name };
  };
  shelf.on('console', hear);
  group.on('console', hear);
  await Promise.all([shelf.evaluate(watch), group.evaluate(watch)]);
  await field.fill('');
  shown = { ...shown, name: '' };
  // Both write at once until the browser is gone.
  const write = async (work) => {
    try {
      await work();
    } catch {
      // Killed in the middle, as it should be.
    }
  };
  const writing = [
    write(() => field.pressSequentially(NAME, { delay: 4 })),
    write(() => shelf.locator('body').pressSequentially('k'.repeat(12), { delay: 20 })),
  ];
  await new Promise((resolve) => setTimeout(resolve, 30 + Math.random() * 900));
  spawnSync('pkill', ['-9', '-f', '--', `user-data-dir=${profile}`]);
  await Promise.all(writing);
  await browser.close().catch(() => undefined);
}
stop();
await rm(profile, { recursive: true, force: true });
console.log(`${KILLS} kills, ${seen} times shown as saved, ${lost} times something of it lost`);
process.exit(lost === 0 ? 0 : 1);
