import type { Locator, Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { expect, isLive, test } from './room';

test('D and F are repaired by tetrachords, with the wrong move shown failing', async ({ page, room }) => {
  await room.open(
    '/derive?tonic=D&scale=major&direction=up&clef=treble&signature=none&method=tetrachords&step=3',
  );
  await expect(room.step).toContainText('Raise F to F♯');
  await expect(room.step).toContainText(
    'Lowering G instead would not do: D E F G♭ would be W H H, not W W H.',
  );
  const stride = room.surface('Stride and keyboard');
  await expect(stride.locator('[data-part=refused]')).toHaveCount(1);
  await expect(stride.getByRole('button', { name: /^F sharp/u })).toHaveCount(1);
  await page.keyboard.press('ArrowRight');
  await expect(stride.locator('[data-part=refused]')).toHaveCount(0);
  await expect(room.step).toContainText('D E F♯ G: W W H.');
  await page.keyboard.press('t');
  await page.keyboard.type('f');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(room.step).toContainText('Raising A instead would not do: F G A♯ B would be W W+H H');
});

test('a mode by three methods arrives at the same notes', async ({ page, room }) => {
  await room.open('/derive?tonic=Eb&scale=dorian&direction=up&clef=alto&signature=written&method=parallel');
  await expect(room.sentence).toHaveText(
    'Build E♭ dorian, going up, in the alto clef, with a key signature.',
  );
  const notes = ['E flat', 'F', 'G flat', 'A flat', 'B flat', 'C', 'D flat', 'E flat'];
  await expect(page.getByRole('region', { name: 'By the parallel major' })).toContainText(
    'From the signature of E♭ major, three flats, to five flats: two places flatter.',
  );
  expect(await room.strideNotes()).toEqual(notes);
  const tab = (name: string) => page.getByRole('group', { name: 'Method' }).getByRole('button', { name });
  await tab('Parent').click();
  await expect(page.getByRole('region', { name: 'By the parent major' })).toContainText(
    'E♭ is the 2nd of D♭ major: two half steps down to D♭.',
  );
  expect(await room.strideNotes()).toEqual(notes);
  await page.keyboard.press('m');
  await expect(page.getByRole('region', { name: 'By the chain of fifths' })).toBeVisible();
  await page.keyboard.press('m');
  await expect(page.getByRole('region', { name: 'By the window on the line of fifths' })).toContainText(
    'E♭ stands as the 4th of seven neighbours on the line of fifths: G♭ D♭ A♭ E♭ B♭ F C.',
  );
  expect(await room.strideNotes()).toEqual(notes);
});

test('a scale goes by both its names, and a method that cannot serve it says why', async ({ page, room }) => {
  await room.open('/derive?tonic=G&scale=dorian&direction=up&clef=treble&signature=none&method=parent');
  await page.keyboard.press('s');
  await page.keyboard.type('ionian');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build G major');
  const working = page.getByRole('region', { name: 'By whole and half steps' });
  await expect(working).toContainText('Parent: major is its own parent.');
  await expect(working.getByRole('button', { name: 'Parent' })).toBeDisabled();
  await page.goto('/derive?tonic=G&scale=major&method=parallel');
  await expect(page.getByRole('alert')).toContainText(
    'In the address, method: By the parallel major: major is what the others are compared with. Shown instead: step-pattern.',
  );
});

test('a class that writes modes with the signature of their tonic has it on the staff', async ({
  room,
  classRoom,
}) => {
  await classRoom.open('?part=4');
  await classRoom.choose('Modes are written with', 'The major or minor signature of their tonic');
  await expect(classRoom.told).toHaveText('Saved');
  await room.open('/derive?tonic=D&scale=dorian&direction=up&clef=treble&signature=written&method=parent');
  const staff = room.surface('Staff');
  await expect(staff.locator('[data-part=sign]')).toHaveCount(1);
  await expect(staff.locator('[data-part=sign][data-waiting]')).toHaveCount(0);
  await expect(staff.locator('[data-part=accidental]')).toHaveCount(1);
});

test('relative, parallel and enharmonic keys stand under the stride and are a click away, both ways', async ({
  page,
  room,
}) => {
  await room.open(
    '/derive?tonic=Eb&scale=natural-minor&direction=up&clef=alto&signature=written&method=parent',
  );
  const related = page.getByRole('list', { name: 'Keys that belong to this one' }).getByRole('link');
  await expect(related).toHaveText(['G♭ major', 'E♭ major', 'D♯ natural minor']);
  await expect(related.first()).toHaveAccessibleName(
    'relative: G♭ major, three half steps up, shares the signature: six flats.',
  );
  await related.first().click();
  await expect(room.sentence).toHaveText('Build G♭ major, going up, in the alto clef, with a key signature.');
  await expect(related.first()).toHaveText('E♭ minor');
  await related.nth(1).click();
  await expect(room.sentence).toContainText('Build G♭ natural minor');
  await expect(
    page.getByText('G♭ is a theoretical key here: nine flats. In practice F♯ natural minor.'),
  ).toBeVisible();
  await page.goBack();
  await expect(room.sentence).toContainText('Build G♭ major');
});

test('what a class sings stands beside the degrees', async ({ room, classRoom }) => {
  await classRoom.open('?part=1');
  await classRoom.choose('Solfège', 'Movable do, minor from la');
  await expect(classRoom.told).toHaveText('Saved');
  await room.open('/derive?tonic=A&scale=harmonic-minor&direction=up&clef=treble&signature=written');
  const stride = room.surface('Stride and keyboard').getByRole('group', { name: 'Stride' });
  for (const sung of ['1 la', '2 ti', '3 do', '7 si']) await expect(stride).toContainText(sung);
});

test('typed steps are named, taken as they are, or refused with what they add up to', async ({
  page,
  room,
}) => {
  await room.open('/derive?tonic=E&scale=major&direction=up&clef=treble&signature=none');
  await page.keyboard.press('s');
  await page.keyboard.type('H W W W H W W');
  await expect(page.getByRole('option', { name: 'phrygian' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build E phrygian');

  await page.keyboard.press('s');
  await page.keyboard.type('1 3 1 2 1 2 2');
  await expect(page.getByRole('option')).toContainText('harmonic minor from its 5th note');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build E H W+H H W H W W, going up');
  expect(await room.strideNotes()).toEqual(['E', 'F', 'G sharp', 'A', 'B', 'C', 'D', 'E']);
  await expect(page.getByText('No signature belongs to this pattern')).toBeVisible();

  await page.keyboard.press('s');
  await page.keyboard.type('W W H W W W');
  await expect(page.getByText('The steps add up to 11 half steps. An octave has 12: add 1.')).toBeVisible();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(room.sentence).toContainText('Build E H W+H H W H W W');

  await page.keyboard.press('s');
  await page.keyboard.type('2 2 3 2 3');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Home');
  await expect(room.step).toContainText('A and D are skipped');
  await expect(page.getByText('Window: only for scales of seven steps', { exact: false })).toBeVisible();
});

test('two methods stand in step beside each other, and a note lights up in both', async ({ page, room }) => {
  await room.open('/derive?tonic=F&scale=major&direction=up&clef=bass&signature=written&method=step-pattern');
  await page.keyboard.press('v');
  await expect(room.sentence).toContainText('by whole and half steps, beside the same by two tetrachords.');
  await page.keyboard.press('v');
  await page.keyboard.type('signature');
  await page.keyboard.press('Enter');
  const one = page.getByRole('region', { name: 'By whole and half steps' });
  const other = page.getByRole('region', { name: 'By circle and signature' });
  await expect(page.getByText('Both arrive at the same notes: F G A B♭ C D E F.')).toBeVisible();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  for (const side of [one, other]) await expect(side.locator('[aria-current=step]')).toContainText(/^2/u);
  await page.keyboard.press('End');
  const fourth = other
    .locator('svg')
    .first()
    .getByRole('button', { name: /^B flat|^B♭/u });
  await fourth.hover();
  for (const side of [one, other])
    await expect(side.locator('svg').first().locator('[data-part=note][data-lit]')).toHaveAttribute(
      'data-place',
      '3',
    );
  await page.getByRole('button', { name: 'One alone' }).click();
  await expect(room.sentence).toHaveText('Build F major, going up, in the bass clef, with a key signature.');
});

test('a key that belongs to another stands beside it', async ({ page, room }) => {
  await room.open('/derive?tonic=C&scale=natural-minor&direction=up&clef=treble&signature=written');
  await page.getByRole('button', { name: 'Compare with E♭ major' }).click();
  await expect(room.sentence).toContainText('beside E♭ major.');
  await expect(page.getByText('Both have the signature of three flats.')).toBeVisible();
  await page.goBack();
  await expect(room.sentence).toHaveText(
    'Build C natural minor, going up, in the treble clef, with a key signature.',
  );
});

test('the rules behind a method say why they work', async ({ page, room }) => {
  await room.open('/derive?tonic=Ab&scale=major&direction=up&clef=treble&signature=written&method=signature');
  await page.keyboard.press('y');
  const sheet = page.getByRole('dialog', { name: 'Why it works' });
  await expect(sheet).toContainText('A♭ major lies four fifths below C: B♭ E♭ A♭ D♭.');
  await sheet.getByText('Why the last but one flat names the key').click();
  await expect(sheet).toContainText('The last flat is always the 4th of the major key: here D♭.');
  await sheet.getByText('Why F major is the exception, and how it vanishes').click();
  await expect(sheet).toContainText('B♭ to F, A♭ to E♭, G♭ to D♭. One rule for every flat key.');
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
});

test('a mode begun elsewhere in its parent, and the parallel major with its arrows', async ({
  page,
  room,
}) => {
  const dorian = '/derive?tonic=D&scale=dorian&direction=up&clef=treble&signature=written&step=3';
  await room.open(`${dorian}&method=parent`);
  const stride = room.surface('Stride and keyboard');
  await expect(stride.locator('[data-part=octaves-note]')).toHaveCount(15);
  await expect(stride.locator('[data-part=rail-window]')).toHaveCount(1);
  await room.open(`${dorian}&method=parallel`);
  await expect(stride.locator('[data-part=arrow]')).toHaveCount(2);
  // Still under two sharps, with a natural before F and before C.
  const staff = room.surface('Staff');
  await expect(staff.locator('[data-part=sign]')).toHaveCount(2);
  await expect(staff.locator('[data-part=accidental]')).toHaveCount(2);
  await page.keyboard.press('ArrowRight');
  await expect(staff.locator('[data-part=sign]')).toHaveCount(0);
  await expect(staff.locator('[data-part=accidental]')).toHaveCount(0);
});

test('two tetrachords are mended by hand: tried, told why, put back, taken', async ({ page, room }) => {
  await room.open('/derive?tonic=E&scale=major&direction=up&clef=treble&signature=none&method=tetrachords');
  await page.getByRole('button', { name: 'Mend by hand' }).press('Enter');
  const hand = room.surface('Mended by hand');
  const note = (degree: number) => page.locator(`[role=slider][data-degree="${degree}"]`);
  await expect(hand).toContainText('Now: H W W W H W W. Wanted: W W H W W W H.');
  // The wrong move is told by what the tetrachord would come to, and cannot be taken.
  await note(4).focus();
  await page.keyboard.press('ArrowLeft');
  await expect(hand).toContainText('It does not fit: E F G A♭ is H W H, not W W H.');
  await expect(hand.getByRole('button', { name: 'Take it' })).toHaveCount(0);
  await page.keyboard.press('Enter');
  await expect(hand.getByRole('listitem')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(note(4)).toHaveAttribute('aria-valuetext', 'A');
  // By keys, and by the pointer.
  await note(2).focus();
  await page.keyboard.press('ArrowRight');
  await expect(hand).toContainText('It fits: the lower tetrachord wants a whole step.');
  await page.keyboard.press('Enter');
  await expect(hand.getByRole('listitem')).toHaveText(['1Raise F to F♯: E to F♯ is a whole step.']);
  await drag(page, note(3), note(4));
  await expect(note(3)).toHaveAttribute('aria-valuetext', 'G sharp');
  await hand.getByRole('button', { name: 'Take it' }).press('Space');
  for (const degree of [6, 7]) {
    await note(degree).focus();
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Space');
  }
  await expect(hand).toContainText('Every step is as it should be.');
  await axeFindsNothing(page);
  // The moves stand in the address; the last is taken back; the working is shown again.
  await page.reload();
  await isLive(page);
  await expect(hand.getByRole('listitem')).toHaveCount(4);
  // What was drawn by the server takes keys a moment later; Escape puts back all that is tried.
  await expect(async () => {
    await note(5).press('ArrowRight');
    await expect(hand).toContainText('Tried', { timeout: 500 });
  }).toPass();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(hand.getByRole('listitem')).toHaveCount(3);
  await expect(hand).toContainText('The first step that does not fit leads to the 7th note.');
  await page.keyboard.press('Escape');
  await expect(room.working.first()).toBeVisible();
  await page.keyboard.press('h');
  await expect(hand).toContainText('Now: H W W W H W W.');
});

/** Drags half of the way from one thing to another. */
async function drag(page: Page, from: Locator, to: Locator): Promise<void> {
  const [a, b] = [await from.boundingBox(), await to.boundingBox()];
  if (!a || !b) throw new Error('What is dragged is not on the page.');
  const y = a.y + a.height / 2;
  const x = a.x + a.width / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + (b.x + b.width / 2 - x) / 2, y, { steps: 6 });
  await page.mouse.up();
}
