import type { Page } from '@playwright/test';
import { keyAt } from '../../src/core/harmony/key';
import { noteNamed } from '../../src/core/note/parse';
import { anyTune } from '../../src/core/piece/any-tune.test-data';
import type { Piece } from '../../src/core/piece/piece';
import { shippedPiece } from '../../src/core/piece/shipped';
import { writeAbcPiece } from '../../src/formats/abc/write-piece';
import { writeMidiPiece } from '../../src/formats/midi/write-piece';
import { writeMusicXmlPiece } from '../../src/formats/musicxml/write-piece';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, OWN_SCHOOL, savedBy, test } from './room';

async function open(page: Page, address: string, school = ''): Promise<void> {
  await page.goto(school + address);
  await isLive(page);
}

const sentence = (page: Page) => page.getByRole('heading', { level: 1 });
const keys = (page: Page) => page.getByRole('region', { name: 'Which key' });
const why = (page: Page) => page.getByRole('region', { name: 'Why it sounds so' });

test('a piece from its form in half a minute: signature, last note, every key that owns it, kept, and there again', async ({
  page,
}) => {
  await open(page, '/read', OWN_SCHOOL);
  await page.keyboard.press('w');
  const form = page.getByRole('region', { name: 'By its signature' });
  await form.getByRole('textbox', { name: 'Title' }).fill('Low Water');
  await form.getByRole('radio', { name: 'flats', exact: true }).check();
  await form.getByRole('radio', { name: '3' }).check();
  await expect(form).toContainText('On B♭ E♭ A♭.');
  await form.getByRole('textbox', { name: /^First note/u }).fill('G');
  await form.getByRole('textbox', { name: /^Last note/u }).fill('H');
  await form.getByRole('button', { name: 'Read it' }).click();
  // What is no note is told, and the form stays as it is.
  await expect(form.getByRole('alert')).toContainText('H');
  await form.getByRole('textbox', { name: /^Last note/u }).fill('C');
  await form.getByRole('button', { name: 'Read it' }).click();
  await expect(sentence(page)).toContainText('Read Low Water: three flats, ends on C.');
  const candidates = keys(page).getByRole('list', { name: 'Keys it can be in' });
  await expect(candidates.getByRole('listitem')).toHaveCount(7);
  await expect(candidates.getByRole('button').first()).toContainText('E♭ major');
  await expect(keys(page)).toContainText('The last note is C, the tonic.');
  await expect(keys(page)).toContainText('Probably in C minor.');
  await axeFindsNothing(page);
  await page.getByRole('button', { name: 'Keep this piece' }).click();
  await expect(page.getByText('The piece is kept.')).toBeVisible();
  await isSaved(page);
  await page.reload();
  await isLive(page);
  // Its words can be said otherwise, by keys.
  await page.keyboard.press('g');
  await page.keyboard.type('two sharps');
  await page.keyboard.press('Enter');
  await expect(sentence(page)).toContainText('two sharps');
  await page.keyboard.press('q');
  await expect(page.getByRole('option', { name: /Low Water/u })).toBeVisible();
});

test('bars written by keys alone, read, and kept through a reload', async ({ page }) => {
  await open(page, '/read?see=new', OWN_SCHOOL);
  const begin = page.getByRole('button', { name: 'Write its bars' });
  await begin.focus();
  await page.keyboard.press('Enter');
  const staff = page.getByRole('application', { name: /^Write on the staff/u });
  await staff.focus();
  await page.keyboard.type('4efg#|2.a|4bag#|2.a');
  await expect(page.getByRole('textbox', { name: 'The same as text' })).toHaveValue(
    'e f g# | 2. a | 4 b a g# | 2. a',
  );
  // Under four quarters the first bar is an upbeat, and the next one is not full.
  await expect(page.getByText('Bar 1 has 3 of 4 quarters.')).toBeVisible();
  await page.getByRole('combobox', { name: 'Beats to a bar' }).selectOption('3');
  await expect(page.getByText('Every bar is full.')).toBeVisible();
  // The last note taken away and written again; a sign put there and taken off.
  await page.keyboard.press('Tab');
  await staff.focus();
  await page.keyboard.press('Backspace');
  await page.keyboard.type('a');
  await page.keyboard.press('#');
  await page.keyboard.press('-');
  await expect(page.getByRole('textbox', { name: 'The same as text' })).toHaveValue(
    'e f g# | 2. a | 4 b a g# | 2. a',
  );
  // A word that is none is told, and what is typed stays.
  const text = page.getByRole('textbox', { name: 'The same as text' });
  await text.fill('e f g# | 2. a | 4 b a x');
  await expect(page.getByRole('alert')).toContainText('‘x’'.replace(/[‘’]/gu, "'"));
  await expect(text).toHaveValue('e f g# | 2. a | 4 b a x');
  await text.fill('e f g# | 2. a | 4 b a g# | 2. a');
  await page.getByRole('textbox', { name: 'Title' }).fill('Slack Tide');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(sentence(page)).toContainText('Read Slack Tide: no sharps or flats, ends on A.');
  await expect(keys(page)).toContainText('G♯, its raised 7th, occurs twice');
  await expect(keys(page)).toContainText('A minor');
});

for (const [kind, name, bytes] of [
  ['MusicXML', 'tune.musicxml', () => Buffer.from(writeMusicXmlPiece(tune()))],
  ['ABC', 'tune.abc', () => Buffer.from(writeAbcPiece(tune()))],
  ['MIDI', 'tune.mid', () => Buffer.from(writeMidiPiece(tune(), 90))],
] as const)
  test(`a file to its key with reasons: ${kind}`, async ({ page }) => {
    await open(page, '/read?see=new', OWN_SCHOOL);
    await page
      .getByLabel('Choose a file')
      .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: bytes() });
    await expect(sentence(page)).toContainText('three flats, ends on C.');
    await expect(keys(page)).toContainText('In C minor.');
    await expect(keys(page)).toContainText('B♮, its raised 7th');
    await page.getByRole('button', { name: 'Keep this piece' }).click();
    await isSaved(page);
    await page.reload();
    await isLive(page);
    await expect(keys(page)).toContainText('In C minor.');
  });

/** A tune in C minor that comes home and raises its 7th, made after rules of its own. */
function tune() {
  const key = keyAt(-3, 'minor');
  if (!key) throw new Error('no key');
  const raises = (piece: Piece) =>
    piece.parts.some(({ bars }) =>
      bars.some(({ events }) =>
        events.some(({ tones }) => tones.some(({ pitch }) => pitch.note === noteNamed('B'))),
      ),
    );
  const seed = Array.from({ length: 40 }, (_, at) => at).find((each) => raises(anyTune(key, each, true)));
  return { ...anyTune(key, seed ?? 0, true), title: 'Evening Ferry' };
}

test('a file that is none is refused in clear words, and the room stays as it is', async ({ page }) => {
  await open(page, '/read?see=new', OWN_SCHOOL);
  await page.getByLabel('Choose a file').setInputFiles({
    ...{ name: 'broken.musicxml', mimeType: 'application/xml' },
    buffer: Buffer.from('<score-partwise><part'),
  });
  await expect(page.getByRole('alert')).toContainText('The file is not whole XML');
  await page.keyboard.press('w');
  await page.getByLabel('Choose a file').setInputFiles({
    ...{ name: 'photo.jpg', mimeType: 'image/jpeg' },
    buffer: Buffer.from([255, 216, 255, 0, 1, 2]),
  });
  await expect(page.getByRole('alert')).toContainText("'photo.jpg' is none of the kinds that can be read");
});

test('a note that is pressed says why it sounds so, by mouse and by keys, and evidence points at its bar', async ({
  page,
}) => {
  await open(page, '/read');
  await page.getByRole('button', { name: 'A sharp, bar 4' }).click();
  await expect(why(page)).toContainText(
    'A♯: by the sign at it, which holds for this A to the end of the bar.',
  );
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'C sharp, bar 5' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(why(page)).toContainText('C♯: the signature, two sharps, alters every C, in every octave.');
  await page.getByRole('button', { name: 'C, bar 11' }).click();
  await expect(why(page)).toContainText('The sign puts an end to what the signature, two sharps, makes of C');
  await page.getByRole('button', { name: 'D, bar 11' }).click();
  await expect(why(page)).toContainText('The sign is a reminder');
  await page.getByRole('button', { name: 'B, bar 18' }).click();
  await expect(why(page)).toContainText('A tie carries its sound over the bar line.');
  await expect(page.locator('.scene-bar')).toHaveCount(0);
  await keys(page).getByRole('button', { name: 'Show bar 4' }).first().click();
  await expect(page.locator('.scene-bar')).toHaveCount(1);
  await axeFindsNothing(page);
});

test('a piece moved into another key and onto an instrument, and out as files that say the same', async ({
  page,
}) => {
  await open(page, '/read');
  await page.keyboard.press('y');
  await page.keyboard.type('C minor');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'What the signature does' })).toContainText('B♭');
  await expect(keys(page)).toContainText('In C minor.');
  await page.keyboard.press('i');
  await page.keyboard.type('alto saxophone');
  await page.keyboard.press('Enter');
  await expect(keys(page)).toContainText('In A minor.');
  await open(page, '/read');
  await page.keyboard.press('x');
  const file = await savedBy(page, () => page.getByRole('menuitem', { name: 'MusicXML' }).click());
  expect(file.bytes.toString('utf8')).toBe(writeMusicXmlPiece(shippedPiece('ferry-song')));
});

test('what the signature does is counted, and a letter that never sounds is said', async ({ page }) => {
  await open(page, '/read?piece=mending-nets');
  const card = page.getByRole('region', { name: 'What the signature does' });
  await expect(card).toContainText('E♭ stands in the signature and never sounds.');
  await expect(card).toContainText('From bar 9: two flats. It comes with naturals: A.');
  await expect(page.getByRole('region', { name: 'Where it goes' })).toContainText(
    'Bars 9 to 12: In B♭ major: A♮ leads there',
  );
  await expect(page.getByRole('link', { name: 'The way on the circle' })).toHaveAttribute(
    'href',
    /^\/orbit\?/u,
  );
});

test('a long piece scrolls page by page, and only what is near is drawn', async ({ page }) => {
  const key = keyAt(1, 'major');
  if (!key) throw new Error('no key');
  const [part] = anyTune(key, 3, true).parts;
  if (!part) throw new Error('no part');
  const bars = Array.from({ length: 400 }, (_, at) => ({
    ...(part.bars[at % part.bars.length] ?? part.bars[0]),
    number: at + 1,
    end: 'plain' as const,
    fifths: at === 0 ? (1 as never) : null,
  }));
  const text = writeMusicXmlPiece({
    title: 'Long Water',
    parts: [{ ...part, bars: bars as typeof part.bars }],
  });
  await open(page, '/read?see=new', OWN_SCHOOL);
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'long.musicxml', mimeType: 'application/xml', buffer: Buffer.from(text) });
  const pages = page.locator('[data-page]');
  await expect(pages).toHaveCount(25);
  await expect(page.getByRole('group', { name: 'Bars 1 to 16 of 400' }).first()).toBeVisible();
  await expect(page.getByRole('group', { name: 'Bars 385 to 400 of 400' })).toHaveCount(0);
  await pages.last().scrollIntoViewIfNeeded();
  await expect(page.getByRole('group', { name: 'Bars 385 to 400 of 400' }).first()).toBeVisible();
  await expect(page.getByRole('group', { name: 'Bars 1 to 16 of 400' })).toHaveCount(0);
});
