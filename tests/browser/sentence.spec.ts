import { expect, isLive, test } from './room';

test('the sentence is said anew by the keyboard alone', async ({ page, room }) => {
  await room.open();
  await expect(room.sentence).toHaveText(
    'Build C♯ harmonic minor, going up, in the bass clef, with a key signature.',
  );

  await page.keyboard.press('t');
  await page.keyboard.type('bb');
  await page.keyboard.press('Enter');
  await page.keyboard.press('s');
  await page.keyboard.type('mel');
  await page.keyboard.press('Enter');
  await page.keyboard.press('d');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.keyboard.press('c');
  await page.keyboard.type('tr');
  await page.keyboard.press('Enter');
  await page.keyboard.press('g');
  await page.keyboard.type('without');
  await page.keyboard.press('Enter');

  await expect(room.sentence).toHaveText(
    'Build B♭ melodic minor, going up and down, in the treble clef, without a key signature.',
  );
  await expect(page).toHaveURL(/tonic=Bb&scale=melodic-minor&direction=both&clef=treble&signature=none/u);
  await expect(room.surface('Staff').getByRole('group', { name: 'Staff' })).toHaveAccessibleDescription(
    /^Treble clef, no key signature\. B flat 3, C 4, D flat 4/u,
  );
  expect((await room.strideNotes()).slice(0, 15).join('|')).toBe(
    'B flat|C|D flat|E flat|F|G|A|B flat|A flat|G flat|F|E flat|D flat|C|B flat',
  );
  await expect(room.word('signature')).toBeFocused();
});

test('what is typed while the first list is on its way is done in its order, list after list', async ({
  page,
  room,
}) => {
  let release = () => undefined as unknown;
  const released = new Promise((resolve) => {
    release = () => resolve(null);
  });
  await page.route(/\/WordList[^/]*\.js$/u, async (route) => {
    await released;
    await route.continue();
  });
  await room.open();
  for (const keys of [
    't',
    'bb',
    'Enter',
    's',
    'mel',
    'Enter',
    'd',
    'ArrowDown',
    'ArrowDown',
    'Enter',
    'g',
    'without',
    'Enter',
  ]) {
    if (keys.length > 1 && /^[a-z]/u.test(keys)) await page.keyboard.type(keys);
    else await page.keyboard.press(keys);
  }
  await expect(room.sentence).toHaveText(/^Build C♯/u);
  release();
  await expect(room.sentence).toHaveText(
    'Build B♭ melodic minor, going up and down, in the bass clef, without a key signature.',
  );
  await expect(room.word('signature')).toBeFocused();
  await expect(room.shelf).toBeHidden();
});

test('a word opens by mouse, says what fits nothing, and Escape leaves the sentence as it was', async ({
  page,
  room,
}) => {
  await room.open('/derive?tonic=G&scale=major');
  await room.word('tonic').click();
  await expect(page.getByRole('option')).toHaveCount(21);
  await expect(page.getByRole('option', { selected: true })).toContainText('G');
  await page.keyboard.type('h');
  await expect(page.getByRole('dialog').getByRole('status')).toContainText("'h' is not a note name here");
  await page.keyboard.press('Escape');
  await expect(room.sentence).toContainText('Build G major');

  await room.word('tonic').click();
  await page.getByRole('option', { name: 'A♯ theoretical' }).click();
  await expect(room.sentence).toContainText('Build A♯ major');
  await expect(room.surface('Stride and keyboard')).toContainText(
    'A♯ is a theoretical key here: ten sharps. In practice B♭ major.',
  );
});

test('Back and Forward walk through the sentences, one entry a finished change', async ({ page, room }) => {
  await room.open('/derive?tonic=D&scale=major');
  await page.keyboard.press('s');
  await page.keyboard.type('nat');
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(room.step).toContainText('5');
  await page.keyboard.press('t');
  await page.keyboard.type('e');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build E natural minor');

  await page.goBack();
  await expect(room.sentence).toContainText('Build D natural minor');
  await expect(room.step).toContainText('5');
  await page.goBack();
  await expect(room.sentence).toContainText('Build D natural minor');
  await page.goBack();
  await expect(room.sentence).toContainText('Build D major');
  await page.goForward();
  await page.goForward();
  await page.goForward();
  await expect(room.sentence).toContainText('Build E natural minor');
});

test('an address that cannot be read says what was read, and keeps the rest', async ({ page, room }) => {
  await room.open('/derive?tonic=H&scale=bebop&clef=alto&colour=red&step=soon');
  const notice = page.getByRole('alert');
  await expect(notice).toContainText("'H' is not a note name here. This class uses English names");
  await expect(notice).toContainText("'bebop' was given for scale. It can be major, natural-minor");
  await expect(notice).toContainText("The address holds 'colour'");
  await expect(notice).toContainText("The address asks for step 'soon'");
  await expect(room.sentence).toContainText('in the alto clef');
  await notice.getByRole('button', { name: 'Close' }).click();
  await expect(notice).toBeHidden();
});

test('single letters can be turned off as keys, and stay off', async ({ page, room }) => {
  await room.open();
  await page.keyboard.press('?');
  await page.getByLabel('Single letters work as keys').uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press('t');
  await expect(page.getByRole('option')).toHaveCount(0);
  await page.reload();
  await isLive(page);
  await page.keyboard.press('n');
  await expect(page.locator('html')).toHaveAttribute('data-light', 'day');
  await page.keyboard.press('ArrowLeft');
  await expect(room.step).toContainText('7');
});

test.describe('on a telephone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the sentence is said by touch', async ({ page, room }) => {
    await room.open();
    await room.word('scale').tap();
    await page.getByRole('option', { name: 'major ionian' }).tap();
    await expect(room.sentence).toContainText('Build C♯ major');
    await page.getByRole('button', { name: 'Step back' }).tap();
    await expect(room.step).toContainText('A♯ up a whole step is B♯.');
  });
});
