import { cp, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { OwnServer, ROOT } from './own-server';
import { expect, isLive, isSaved, test } from './room';

// The browser notes by itself that nobody answers, or that a stopped server broke off what it was sending.
test.use({
  expected: /net::ERR_(CONNECTION_(REFUSED|RESET|CLOSED)|EMPTY_RESPONSE)/u,
  serviceWorkers: 'allow',
});

test('with the server gone it opens, derives, keeps, reads a file and prints', async ({
  page,
  room,
  classRoom,
}) => {
  const server = new OwnServer(ROOT, 4783);
  await server.start();
  try {
    await classRoom.open('?part=safe', server.address);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Backup and storage');
    await expect(page.getByText('it opens and works with the server gone')).toBeVisible();
    await server.stop();

    // A page that was never opened, with a sentence that was never asked.
    await room.open(`${server.address}/derive?tonic=Ab&scale=melodic-minor&direction=both&clef=alto`);
    await expect(room.sentence).toContainText('Build A♭ melodic minor');
    await expect(room.surface('Staff').getByRole('group', { name: 'Staff' })).toBeVisible();
    await page.keyboard.press('k');
    await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    await page.keyboard.press('l');
    await expect(room.shelf.getByRole('listitem')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await page.locator('input[type=file]').setInputFiles({
      name: 'list.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from('D major\n'),
    });
    await expect(page.getByRole('dialog')).toContainText('One scale was found.');
    await isSaved(page);
    await page.reload();
    await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    const fonts = await page.evaluate(() =>
      document.fonts.ready.then((set) => set.check('16px "Source Serif 4 Variable"')),
    );
    expect(fonts).toBe(true);
  } finally {
    await server.stop();
  }
});

test('a newer version waits until it is told', async ({ page, room }) => {
  const folder = await mkdtemp(join(tmpdir(), 'moon-step-newer-'));
  await cp(join(ROOT, 'server'), join(folder, 'server'), { recursive: true });
  await cp(join(ROOT, 'dist'), join(folder, 'dist'), { recursive: true });
  await writeFile(join(folder, 'package.json'), '{"type":"module"}');
  const server = new OwnServer(folder, 4784);
  const about = page.locator('meta[name=theme-color]');
  try {
    await server.start();
    await room.open(`${server.address}/derive`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    await expect(about).toHaveAttribute('content', '#22283a');

    await server.stop();
    for (const file of ['derive.html', 'sw.js']) {
      const path = join(folder, 'dist/client', file);
      const text = await readFile(path, 'utf8');
      const newer = text
        .replace('content="#22283a"', 'content="#112233"')
        .replace(/(url:"derive",revision:")\w+/u, '$1newer');
      expect(newer).not.toBe(text);
      await writeFile(path, newer);
    }
    await server.start();
    await page.reload();
    await expect(page.getByText('A newer Moon Step is ready.')).toBeVisible();
    await expect(about).toHaveAttribute('content', '#22283a');
    await page.reload();
    await expect(about).toHaveAttribute('content', '#22283a');
    // Another window, in which something is half typed, goes on until it is asked itself.
    const other = await page.context().newPage();
    await other.goto(`${server.address}/mark?kind=order&order=-3`);
    await isLive(other);
    await other.keyboard.press('i');
    await other.keyboard.type('B flat, E f');
    await page.getByRole('button', { name: 'Use it now' }).click();
    // The older one first ends what it is sending to the other window.
    await expect(about).toHaveAttribute('content', '#112233', { timeout: 60_000 });
    await expect(page.getByText('A newer Moon Step is ready.')).toBeHidden();
    await expect(other.getByRole('button', { name: 'Use it now' })).toBeVisible();
    await other.keyboard.type('lat');
    await expect(other.locator('[data-answer]')).toHaveValue('B flat, E flat');
  } finally {
    await server.stop();
    await rm(folder, { recursive: true, force: true });
  }
});

test('the other school at the same address is not shown from what was stored', async ({ page, room }) => {
  const server = new OwnServer(ROOT, 4785);
  await server.start();
  try {
    await room.open(`${server.address}/derive`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.route('**/school.json', (route) => route.fulfill({ json: { school: 'own' } }));
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-school', 'own');
  } finally {
    await server.stop();
  }
});
