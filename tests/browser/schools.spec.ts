import type { Page } from '@playwright/test';
import { SETTING_GROUPS } from '@/core/school/setting-list';
import { CHOICES, SETTING_NAMES, SETTINGS, type SettingName } from '@/core/school/settings';
import { LEFT_BEHIND } from '@/core/words/left-behind.test-data';
import { expect, test } from './room';

const ADDRESSES = [
  '/derive?tonic=Bb&scale=melodic-minor&direction=both&clef=bass&signature=written&method=signature',
  '/derive?tonic=F%23&scale=harmonic-minor&direction=up&clef=treble&signature=none&method=step-pattern&step=7',
] as const;

/** Everything a page says: what is read, what is heard, and its title. */
async function said(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    // A drawing's description stands in an element of its own.
    const heard = [...document.querySelectorAll('[aria-label], [title], desc, title')].flatMap((each) => [
      each.getAttribute('aria-label') ?? '',
      each.getAttribute('title') ?? '',
      each instanceof SVGElement ? (each.textContent ?? '') : '',
    ]);
    const shown = [...document.querySelectorAll('main :is(h1, h2, h3, p, li, label, button, legend)')].map(
      (each) => each.textContent ?? '',
    );
    return [document.title, ...shown, ...heard].map((text) => text.trim()).filter(Boolean);
  });
}

/** Settings that nothing in Derive can tell yet show in their live examples. */
const choiceOf = (name: SettingName, value: string): string => SETTINGS[name].choices[value] ?? '';

for (const name of SETTING_NAMES) {
  const part = SETTING_GROUPS.find(({ settings }) => name in settings)?.code;
  test(`flipped, with no word left behind: ${SETTINGS[name].title}`, async ({ page, room, classRoom }) => {
    for (const value of CHOICES[name].slice(1)) {
      await classRoom.open(`?part=${part}`);
      const { title } = SETTINGS[name];
      await classRoom.choose(title, choiceOf(name, value));
      const both = classRoom.matter(title).getByRole('button', { name: 'Choose both' });
      const checked = classRoom
        .matter(title)
        .locator(`label:has(:checked)`, { hasText: choiceOf(name, value) });
      await expect(both.or(checked)).toBeVisible();
      if (await both.isVisible()) await both.click();
      await expect(checked).toBeVisible();
      await expect(classRoom.told).toHaveText('Saved');
      const left = LEFT_BEHIND[name]?.[value];
      for (const address of left ? ADDRESSES : ADDRESSES.slice(0, 1)) {
        await room.open(address);
        await expect(room.surface('Staff').getByRole('group', { name: 'Staff' })).toBeVisible();
        // The served page is called by the first sentence; its own title follows when it rests.
        await expect(page).not.toHaveTitle(/^C♯/u);
        // The letters of steps stand in brackets after their words.
        const texts = (await said(page)).map((text) => text.replaceAll(/\([HW+]+\)/gu, ''));
        expect(texts.length).toBeGreaterThan(30);
        if (left) expect(texts.filter((text) => left.test(text))).toEqual([]);
      }
    }
  });
}

test('a class in German names with tones and semitones; its link opens in the receiver’s words', async ({
  browser,
  page,
  room,
  classRoom,
}) => {
  await classRoom.open();
  await classRoom.choose('Note names', 'German: H, B, Fis');
  await classRoom.choose('Step words', 'Tone and semitone (T S)');
  await expect(classRoom.told).toHaveText('Saved');
  await room.open('/derive?tonic=B&scale=harmonic-minor&direction=up&clef=treble&signature=written');
  await expect(room.sentence).toHaveText(
    'Build H harmonic minor, going up, in the treble clef, with a key signature.',
  );
  expect(await room.strideNotes()).toEqual(['H', 'Cis', 'D', 'E', 'Fis', 'G', 'Ais', 'H']);
  await expect(page.getByRole('region', { name: 'By tones and semitones' })).toBeVisible();
  await page.keyboard.press('t');
  await page.keyboard.type('b');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build B harmonic minor');
  await expect(page).toHaveURL(/tonic=Bb/u);

  const receiver = await (await browser.newContext()).newPage();
  await receiver.goto(page.url());
  await expect(receiver.getByRole('heading', { level: 1 })).toHaveText(
    'Build B♭ harmonic minor, going up, in the treble clef, with a key signature.',
  );
  await receiver.context().close();
});

test('a class in fixed do types, reads and hears its own names', async ({ page, room, classRoom }) => {
  await classRoom.open();
  await classRoom.choose('Note names', 'Fixed do: Si, Si♭, Fa♯, from Do');
  await expect(classRoom.told).toHaveText('Saved');
  await room.open('/derive?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass&signature=written');
  await expect(room.sentence).toContainText('Build Do♯ harmonic minor');
  expect(await room.strideNotes()).toEqual([
    'Do sharp',
    'Re sharp',
    'Mi',
    'Fa sharp',
    'Sol sharp',
    'La',
    'Si sharp',
    'Do sharp',
  ]);
  await page.keyboard.press('t');
  await page.keyboard.type('sol');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build Sol harmonic minor');
  await page.keyboard.press('t');
  await page.keyboard.type('G#');
  await expect(page.getByRole('dialog')).toContainText('fixed-do');
});
