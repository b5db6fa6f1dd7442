import { expect, test } from './room';

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
  await expect(working).toContainText('By the parent major: major is its own parent.');
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
  await expect(related.first()).toHaveText('E♭ natural minor');
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
