import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../../scripts/browser.mjs';
import { expect, giveFile, isLive, isSaved, OWN_SCHOOL, savedBy, test } from './room';

test('a browser killed right after ‘Saved’ has everything when it opens again', async () => {
  const profile = await mkdtemp(join(tmpdir(), 'moon-step-profile-'));
  const start = () => chromium.launchPersistentContext(profile, CHROMIUM);
  try {
    const first = await start();
    const page = await first.newPage();
    await page.goto(`${OWN_SCHOOL}/derive?tonic=F&scale=major`);
    await isLive(page);
    await page.keyboard.press('k');
    await page.keyboard.press('l');
    const shelf = page.getByRole('dialog', { name: 'Shelf' });
    await shelf.getByRole('textbox', { name: /^Name of/u }).fill('F major, before the lights went out');
    await expect(shelf.getByText('Saved', { exact: true })).toBeVisible();
    // The whole browser goes down in the middle of its work.
    const gone = first.waitForEvent('close');
    const session = await first.newCDPSession(page);
    void session.send('Browser.crash').catch(() => undefined);
    await gone;

    const second = await start();
    const again = await second.newPage();
    await again.goto(`${OWN_SCHOOL}/derive`);
    await expect(again.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
    await again.keyboard.press('l');
    await expect(again.getByRole('textbox', { name: /^Name of/u })).toHaveValue(
      'F major, before the lights went out',
    );
    await second.close();
  } finally {
    await rm(profile, { recursive: true, force: true });
  }
});

test('one backup file carries a school into another browser profile, with a preview and a way back', async ({
  browser,
  page,
  room,
  classRoom,
}) => {
  await classRoom.open('?part=safe');
  await expect(page.getByText('No backup has been saved yet.')).toBeVisible();
  const backup = await savedBy(page, () => page.getByRole('button', { name: 'Save a backup' }).click());
  expect(backup.name).toMatch(/^moon-step-\d{4}-\d\d-\d\d\.json$/u);
  await expect(page.getByText(/^Last backup: .* Nothing has changed since\.$/u)).toBeVisible();

  const context = await browser.newContext();
  const other = await context.newPage();
  await other.goto(`${OWN_SCHOOL}/derive`);
  await isLive(other);
  await other.keyboard.press('k');
  await expect(other.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await giveFile(other, backup.name, backup.bytes);
  const sheet = other.getByRole('dialog');
  const merge = sheet.getByRole('region', { name: 'Put together' });
  await expect(merge).toContainText(
    '11 kept derivations, 2 lessons, 2 classes, 15 people, 7 marked answers, one set, 12 papers, 3 notes on practice, one ladder, 128 drills, one piece, 20 entries in the log: added',
  );
  await expect(sheet.getByRole('region', { name: 'Put in place of what is here' })).toContainText(
    'one kept derivation: taken away',
  );
  // Until something is chosen, nothing has changed.
  await expect(other.locator('header').first()).toContainText('Shelf (1)');
  await merge.getByRole('button', { name: 'Put together' }).click();
  await expect(other.getByRole('button', { name: 'Shelf (12)' })).toBeVisible();
  await expect(other.getByRole('banner')).toContainText('Tuesday theory');

  await isSaved(other);
  await other.reload();
  await isLive(other);
  await expect(other.getByRole('button', { name: 'Shelf (12)' })).toBeVisible();
  await giveFile(other, backup.name, backup.bytes);
  await expect(sheet.getByRole('region', { name: 'Put together' })).toContainText(
    'Everything in it is here already.',
  );
  await other.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await other.keyboard.press('ControlOrMeta+z');
  await expect(other.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await context.close();

  await room.open('/derive');
  await expect(page.getByRole('button', { name: 'Shelf (11)' })).toBeVisible();
});

test('a part is saved alone, and the demo school is cleared and brought back', async ({
  page,
  classRoom,
}) => {
  await classRoom.open('?part=safe');
  const part = await savedBy(page, () =>
    page.getByRole('button', { name: 'Save Tuesday theory alone' }).click(),
  );
  const { records } = JSON.parse(part.bytes.toString()) as { records: Record<string, unknown[]> };
  expect(records['groups']).toHaveLength(1);
  expect(records['people']).toHaveLength(12);
  expect(records['papers']).toHaveLength(12);
  expect(records['kept'] ?? []).toHaveLength(0);

  await page.getByRole('button', { name: 'Clear the demo school' }).click();
  await expect(classRoom.told).toHaveText('Cleared. Ctrl Z brings everything back.');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Backup and storage');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Backup and storage');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tuesday theory uses');
});

test('what was deleted is brought back after a reload, and in the other tab too', async ({
  context,
  page,
  room,
}) => {
  await room.open('/derive');
  await page.keyboard.press('l');
  const name = 'G♯ major, or why we write A♭';
  await room.onShelf(name, 'Delete');
  await expect(room.shelf.getByRole('textbox', { name: `Name of ${name}` })).toHaveCount(0);
  const other = await context.newPage();
  await other.goto('/derive');
  await expect(other.getByRole('button', { name: 'Shelf (10)' })).toBeVisible();
  await other.keyboard.press('ControlOrMeta+z');
  await expect(other.getByRole('button', { name: 'Shelf (11)' })).toBeVisible();
  await expect(room.shelf.getByRole('textbox', { name: `Name of ${name}` })).toHaveValue(name);
});

test('two tabs agree on a class: its names, its people, and the one in hand', async ({
  context,
  page,
  classRoom,
  room,
}) => {
  await room.open('/derive?tonic=Bb&scale=major');
  const other = await context.newPage();
  await other.goto('/class');
  await isLive(other);
  await other.getByRole('group', { name: 'Note names' }).getByText('German: H, B, Fis').click();
  await expect(room.sentence).toContainText('Build B major');
  await classRoom.open('?part=people');
  await other.getByRole('button', { name: /^Class: / }).click();
  await other.getByRole('menuitem', { name: 'Thursday singers' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Thursday singers uses');
});

test('no space left: it is said, what stands on the screen stays, and the rest works', async ({
  page,
  room,
}) => {
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function full(this: IDBObjectStore, ...args) {
      if (this.name === 'kept') throw new DOMException('No space', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  await room.open(`${OWN_SCHOOL}/derive`);
  await page.keyboard.press('k');
  await expect(page.getByRole('alert')).toContainText('this browser has no space left for Moon Step');
  await page.keyboard.press('ArrowLeft');
  await expect(room.step).toContainText('A up a step and a half is B♯.');
  const file = await savedBy(page, async () => {
    await page.keyboard.press('x');
    await page.getByRole('menuitem', { name: /MusicXML/u }).click();
  });
  expect(file.bytes.toString()).toContain('<fifths>4</fifths>');
});

test('all site data blocked: the class in hand and its words last as long as the page', async ({
  page,
  room,
  classRoom,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', { value: undefined });
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('Blocked', 'SecurityError');
      },
    });
  });
  await room.open(`${OWN_SCHOOL}/derive`);
  await expect(page.getByRole('alert')).toContainText('does not let Moon Step keep data here');
  await page.getByRole('link', { name: 'Start my own class' }).click();
  await expect(page.getByRole('alert')).toContainText('does not let Moon Step keep data here');
  await page.getByRole('group', { name: 'Note names' }).getByText('German: H, B, Fis').click();
  await page.getByRole('button', { name: 'Start this class' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('My class uses German note names');
  await classRoom.choose('Step words', 'Tone and semitone (T S)');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('tones and semitones');
});

test('a database of a newer version is read only, and stays as it is', async ({ page, room, classRoom }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await isSaved(page);
  // A page of the same origin that opens no records; browsers ask for its icon.
  await page.route('**/favicon.ico', (route) => route.fulfill({ status: 204 }));
  await page.goto(`${OWN_SCHOOL}/moon-step.svg`);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('moon-step', 990);
        opening.onerror = () => reject(opening.error);
        opening.onupgradeneeded = () => opening.result.createObjectStore('rockets');
        opening.onsuccess = () => {
          opening.result.close();
          resolve();
        };
      }),
  );
  await room.open(`${OWN_SCHOOL}/derive`);
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('written by a newer Moon Step');
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  await classRoom.open('?part=safe', OWN_SCHOOL);
  const backup = await savedBy(page, () => page.getByRole('button', { name: 'Save a backup' }).click());
  expect(backup.bytes.toString()).toContain('"kept"');
});

test('over plain HTTP on a network everything but the named things works', async () => {
  // A name that is not this computer's own, as a school's network would have it.
  const args = [...CHROMIUM.args, '--host-resolver-rules=MAP school.example 127.0.0.1'];
  const browser = await chromium.launch({ ...CHROMIUM, args });
  const page = await browser.newPage();
  const address = OWN_SCHOOL.replace('127.0.0.1', 'school.example');
  await page.goto(`${address}/derive?tonic=G&scale=major&direction=up&clef=treble&signature=written`);
  await isLive(page);
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
  const file = await savedBy(page, async () => {
    await page.keyboard.press('x');
    await page.getByRole('menuitem', { name: 'Scale as text' }).click();
  });
  expect(file.bytes.toString()).toContain('G A B C D E F♯ G');
  await expect(page.getByRole('banner').getByRole('status')).toContainText(
    'This page may not write to the clipboard, so the text was saved as',
  );
  await page.getByRole('link', { name: 'Start my own class' }).click();
  await page.getByRole('button', { name: 'Backup and storage' }).click();
  await expect(page.getByRole('region', { name: 'Lasting storage' })).toContainText(
    'Over plain HTTP on a network',
  );
  await expect(page.getByRole('region', { name: 'Without the server' })).toContainText(
    'Needs the computer’s own address (127.0.0.1) or HTTPS.',
  );
  await browser.close();
});

test('after many changes a backup is asked for, gently and once', async ({ page, classRoom }) => {
  await classRoom.open('?part=3');
  const field = page.getByRole('textbox', { name: 'Saying for the order of flats' });
  await field.pressSequentially('Big eels and dogs gather close for supper and sing until it is dark');
  await expect(classRoom.told).toHaveText('Saved');
  const remind = page.getByRole('button', { name: 'Save a backup now' });
  await expect(remind).toBeVisible();
  await savedBy(page, () => remind.click());
  await expect(remind).toHaveCount(0);
});
