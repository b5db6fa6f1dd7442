import { expect, test } from './room';

test('the working is stepped, and every surface moves with it', async ({ page, room }) => {
  await room.open('/derive?tonic=F&scale=major&direction=up&clef=treble&signature=none');
  const stride = room.surface('Stride and keyboard');
  const staff = room.surface('Staff');
  await expect(room.step).toContainText('E up a half step is F: home.');
  await expect(staff.locator('[data-waiting]')).toHaveCount(0);

  await page.keyboard.press('Home');
  await expect(room.step).toContainText('Write the letters F G A B C D E F, one of each.');
  await expect(staff.locator('[data-part=note][data-waiting]')).toHaveCount(7);
  await expect(stride.locator('[data-part=ghost]')).toHaveCount(7);

  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(room.step).toContainText('A up a half step is B♭.');
  await expect(room.step).toContainText(
    'Not B: A to B is a whole step. A♯ sounds the same, but A to A♯ is a chromatic half step, on one letter, and the letter after A is B.',
  );
  await expect(page.getByRole('region', { name: 'By whole and half steps' }).getByRole('status')).toHaveText(
    /^Step 4 of 8\. A up a half step is B flat\. Not B: A to B is a whole step\./u,
  );
  await expect(stride.locator('[data-part=refused]')).toHaveCount(1);
  await expect(staff.locator('[data-part=accidental]')).toHaveCount(1);
  await expect(staff.locator('[data-part=note][data-waiting]')).toHaveCount(4);
  await expect(stride.locator('[data-part=arc]')).toHaveCount(3);

  await page.getByRole('button', { name: 'Step back' }).click();
  await expect(room.step).toContainText('G up a whole step is A.');
  await expect(room.step).toBeInViewport();
  await room.working.getByRole('button', { name: /B♭ up a whole step/u }).click();
  await expect(room.step).toContainText('B♭ up a whole step is C.');
  await page.keyboard.press('End');
  await expect(page.getByRole('button', { name: 'Next step' })).toBeDisabled();
});

test('the method by circle and signature puts the signature first, sign by sign, and agrees', async ({
  page,
  room,
}) => {
  await room.open('/derive?tonic=C&scale=melodic-minor&direction=both&clef=treble&signature=written');
  await page.keyboard.press('m');
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: 'Signature', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(room.step).toContainText('Coming down, both are restored: B♭ and A♭.');
  await page.keyboard.press('Home');
  await expect(room.step).toContainText('C minor shares its signature with its relative major, E♭ major');
  const signs = room.surface('Staff').locator('[data-part=sign]');
  await expect(signs).toHaveCount(3);
  await expect(room.surface('Staff').locator('[data-part=sign][data-waiting]')).toHaveCount(3);
  // The list scrolls to the step in hand; a press meanwhile would miss its line.
  await expect(room.step).toBeInViewport();
  await room.working.getByRole('button', { name: /E becomes E♭/u }).click();
  await expect(room.surface('Staff').locator('[data-part=sign][data-waiting]')).toHaveCount(1);
});

test('a note pointed at lights up everywhere and is counted both ways', async ({ page, room }) => {
  await room.open('/derive?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass');
  await room
    .surface('Stride and keyboard')
    .getByRole('button', { name: /^A, the 6th/u })
    .focus();
  await expect(room.surface('Stride and keyboard').getByRole('paragraph')).toHaveText(
    'A, the 6th. Six letters from C♯, counting it; eight half steps, not counting it: minor 6th.',
  );
  await expect(page.locator('[data-part=note][data-lit]')).toHaveCount(1);
  await expect(room.surface('Staff').locator('.scene-halo[data-lit]')).toHaveCount(1);
  await expect(room.surface('Stride and keyboard').locator('[data-part=hops] path')).toHaveCount(8);

  await page.keyboard.press('ArrowRight');
  await expect(room.surface('Stride and keyboard').getByRole('paragraph')).toContainText(
    'B♯, the 7th, raised.',
  );
  await page.keyboard.press('Enter');
  await expect(room.step).toContainText('A up a step and a half is B♯.');
});

test('a sign of the signature lights every note it governs', async ({ room }) => {
  await room.open('/derive?tonic=F%23&scale=major&direction=both&clef=treble&signature=written');
  const staff = room.surface('Staff');
  await staff
    .getByRole('button', { name: /^F sharp in the signature alters every F, in every octave: three here/u })
    .hover();
  await expect(staff.locator('.scene-halo[data-lit]')).toHaveCount(4);
  await expect(room.surface('Stride and keyboard').locator('[data-lit]')).toHaveCount(3);
});

test('the rail slides the window for the signature and the tonic for the relative', async ({
  page,
  room,
}) => {
  await room.open('/derive?tonic=D&scale=major&direction=up&clef=treble');
  const slider = page.getByRole('slider', { name: 'Window of the signature' });
  await expect(slider).toHaveAttribute('aria-valuetext', 'two sharps, D major');
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(room.sentence).toContainText('Build E major');
  await expect(slider).toHaveAttribute('aria-valuenow', '4');

  await page.getByRole('button', { name: /^Tonic E major/u }).click();
  await expect(room.sentence).toContainText('Build C♯ natural minor');
  await page.goBack();
  await expect(room.sentence).toContainText('Build E major');
  await page.goBack();
  await expect(room.sentence).toContainText('Build D major');

  const box = await slider.boundingBox();
  if (!box) throw new Error('no window');
  await page.mouse.move(box.x + 20, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 20 - (box.width / 7) * 3, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(room.sentence).toContainText('Build F major');
  await page.goBack();
  await expect(room.sentence).toContainText('Build D major');
});

test('all seven checks of the proof hold', async ({ page, room }) => {
  await room.open('/derive?tonic=G%23&scale=melodic-minor&direction=both&clef=tenor');
  const proof = page.getByRole('region', { name: 'Proof' });
  await expect(proof.getByRole('listitem')).toHaveText([
    'Whole and half steps in order, 12 half steps in all',
    'All seven letters',
    'No letter skipped',
    'None twice but the octave',
    'Top note as bottom note, sign and all',
    'Signature in order, never mixed',
    'All the methods agree',
  ]);
  await expect(proof.getByLabel('Holds')).toHaveCount(7);
});

test('night stays after a reload, without a flash of day', async ({ page, room }) => {
  await room.open();
  await page.keyboard.press('n');
  await expect(page.locator('html')).toHaveAttribute('data-light', 'night');
  await page.reload({ waitUntil: 'commit' });
  await expect(page.locator('html')).toHaveAttribute('data-light', 'night');
  await expect(page.getByRole('button', { name: 'Day', exact: true })).toBeVisible();
});
