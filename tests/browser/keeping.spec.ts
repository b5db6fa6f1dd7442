import { readFile } from 'node:fs/promises';
import { expect, isLive, isSaved, OWN_SCHOOL, test } from './room';

test('a derivation is kept, found again after a reload, renamed, deleted and brought back', async ({
  page,
  room,
}) => {
  await room.open(
    `${OWN_SCHOOL}/derive?tonic=E&scale=harmonic-minor&direction=up&clef=alto&signature=written`,
  );
  await page.keyboard.press('l');
  await expect(room.shelf).toContainText('Nothing is kept yet.');
  await room.shelf.getByRole('button', { name: 'Keep this derivation' }).click();
  await expect(room.shelf.getByRole('listitem')).toHaveCount(1);
  await room.shelf.getByRole('textbox', { name: /^Name of/u }).fill('E minor for Odile');
  await room.onShelf('E minor for Odile', 'Write a note');
  const note = room.shelf.getByRole('textbox', { name: /^Note on/u });
  await expect(note).toBeFocused();
  await page.keyboard.type('Raised seventh: D♯.');
  // An emptied note keeps its field while it is typed in.
  await note.fill('');
  await note.fill('Raised seventh: D♯.');
  await expect(room.shelf.getByText('Saved', { exact: true })).toBeVisible();

  await page.goto(`${OWN_SCHOOL}/derive?tonic=C&scale=major`);
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await page.keyboard.press('l');
  await expect(room.shelf.getByRole('textbox', { name: 'Name of E minor for Odile' })).toHaveValue(
    'E minor for Odile',
  );
  await expect(room.shelf.getByRole('textbox', { name: /^Note on/u })).toHaveValue('Raised seventh: D♯.');

  await room.onShelf('E minor for Odile', 'Delete');
  await expect(room.shelf).toContainText('Nothing is kept yet.');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(room.shelf.getByRole('listitem')).toHaveCount(1);
  await room.shelf.getByRole('link').click();
  await expect(room.sentence).toHaveText(
    'Build E harmonic minor, going up, in the alto clef, with a key signature.',
  );
  await expect(room.shelf).toBeHidden();
});

test('what is kept from the sentence is taken back by Ctrl Z', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('button', { name: 'Shelf (0)' })).toBeVisible();
  await expect(page.getByRole('banner').getByRole('status')).toHaveText('Taken off the shelf again.');
});

test('the demo shelf holds eleven things in two lessons, and does not come back when cleared', async ({
  page,
  room,
}) => {
  await room.open('/derive');
  await expect(page.getByRole('banner')).toContainText(/Tidewick Evening Music School.*Tuesday theory/u);
  await page.keyboard.press('l');
  const names = room.shelf.getByRole('listitem').getByRole('textbox', { name: /^Name of/u });
  await expect(names).toHaveCount(11);
  await expect(room.shelf.getByRole('region', { name: /^Week/u })).toHaveCount(2);
  const first = await names.first().inputValue();
  await room.onShelf(first, 'Move down');
  await expect(names.nth(1)).toHaveValue(first);
  await expect(room.shelf.getByRole('button', { name: `More for ${first}` })).toBeFocused();

  for (let left = 11; left > 0; left -= 1) {
    const name = await names.first().inputValue();
    await room.onShelf(name, 'Delete');
    await expect(names).toHaveCount(left - 1);
    await expect(page.locator('[role=dialog] button:focus')).toHaveCount(1);
  }
  for (const lesson of ['Week 3', 'Week 4'])
    await room.onShelf(new RegExp(`^More for ${lesson}`, 'u'), /^Delete the lesson/u);
  await expect(room.shelf).toContainText('Nothing is kept yet.');
  await expect(room.shelf.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await isLive(page);
  await page.keyboard.press('l');
  await expect(room.shelf).toContainText('Nothing is kept yet.');
});

test('two tabs show the same shelf', async ({ context, page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  const other = await context.newPage();
  await other.goto(`${OWN_SCHOOL}/derive?tonic=G&scale=major`);
  await isLive(other);
  await page.keyboard.press('k');
  await expect(other.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
});

test('what a newer version wrote is named, and stays', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await isSaved(page);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('moon-step');
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const writing = opening.result.transaction('kept', 'readwrite');
          writing.objectStore('kept').put({ v: 9, id: 'future', order: 9, colour: 'red' });
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
  );
  await page.reload();
  await isLive(page);
  await page.keyboard.press('l');
  await expect(room.shelf.getByRole('alert')).toContainText('written by a newer Moon Step (version 9');
  await expect(room.shelf.getByRole('listitem')).toHaveCount(1);
});

test('a store that refuses is said, and the rest works on', async ({ page, room }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', { value: undefined });
  });
  await room.open(`${OWN_SCHOOL}/derive`);
  await expect(page.getByRole('alert')).toContainText('does not let Moon Step keep data here');
  await page.keyboard.press('ArrowLeft');
  await expect(room.step).toContainText('A up a step and a half is B♯.');
});

test('MusicXML and drawings are exported as they stand', async ({ page, room }) => {
  await room.open('/derive?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass&signature=written');
  const exported = async (name: RegExp) => {
    await page.keyboard.press('x');
    const waiting = page.waitForEvent('download');
    await page.getByRole('menuitem', { name }).click();
    const file = await waiting;
    return { name: file.suggestedFilename(), text: await readFile(await file.path(), 'utf8') };
  };

  const score = await exported(/MusicXML/u);
  expect(score.name).toBe('C-sharp-harmonic-minor-up-bass.musicxml');
  expect(score.text).toContain('<fifths>4</fifths>');
  expect(score.text).toContain('<sign>F</sign>');
  expect([...score.text.matchAll(/<step>(.)<\/step>/gu)].map(([, step]) => step).join('')).toBe('CDEFGABC');
  expect(score.text.match(/<accidental>sharp/gu)).toHaveLength(1);

  const staff = await exported(/Staff as a drawing/u);
  expect(staff.name).toBe('C-sharp-harmonic-minor-up-bass.staff.svg');
  expect(staff.text).toContain('<title>C♯ harmonic minor</title>');
  const stride = await exported(/Stride as a drawing/u);
  expect(stride.text).toContain('>raised</text>');
  const broken = await page.evaluate(
    (documents) =>
      documents.map(
        (text) =>
          new DOMParser().parseFromString(text, 'image/svg+xml').querySelector('parsererror')?.textContent,
      ),
    [staff.text, stride.text],
  );
  expect(broken).toEqual([undefined, undefined]);
  await page.setContent(
    `${staff.text.replace(/^<\?xml.*\?>/u, '')}${stride.text.replace(/^<\?xml.*\?>/u, '')}`,
  );
  await expect(page.getByRole('img', { name: 'C♯ harmonic minor' })).toHaveCount(2);
});
