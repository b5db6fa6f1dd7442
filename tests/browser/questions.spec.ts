import { expect, heldBack, test } from './room';

test('which key has these signs, by keyboard only', async ({ page, room }) => {
  await room.open('/derive?tonic=Ab&scale=major&clef=treble');
  await page.keyboard.press('q');
  await page.keyboard.type('which');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toHaveText('Which key has four flats, by the last flat but one?');
  await page.keyboard.press('Home');
  await expect(room.step).toContainText('Four flats, by the order of flats: B♭ E♭ A♭ D♭.');
  await page.keyboard.press('ArrowRight');
  await expect(room.step).toContainText('The last flat but one is A♭: A♭ major.');
  const orders = page.getByRole('region', { name: 'The two orders' });
  await expect(orders.getByRole('button', { name: 'A flat, 3, decides' })).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.type('C# F#');
  await expect(page.getByText('The signs are right, but C♯ stands where the order has F♯.')).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1 flat');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('has one flat');
  await expect(page.getByText('One flat has no last but one. It is the exception: F major.')).toBeVisible();
  await page.keyboard.press('s');
  await page.keyboard.type('dorian');
  await page.keyboard.press('Enter');
  const owners = page.getByRole('region', { name: 'Keys with this signature' });
  await expect(owners.getByRole('link')).toHaveText('G dorian');
  await owners.getByRole('link').press('Enter');
  await expect(room.sentence).toContainText('Build G dorian');
  await page.goBack();
  await expect(room.sentence).toContainText('Which dorian key has one flat');
});

test('a signature is written sign by sign in all four clefs, and stops where its rule does', async ({
  page,
  room,
}) => {
  await room.open('/derive?question=signature&tonic=A&scale=major&clefs=all&step=1');
  await expect(room.sentence).toHaveText('Write the signature of A major, in all four clefs.');
  await expect(page.getByRole('figure')).toHaveCount(4);
  await expect(page.getByRole('img', { name: 'Signature in the bass clef' })).toBeVisible();
  const hidden = page.locator('[data-part=sign][data-waiting=hidden]');
  await expect(hidden).toHaveCount(12);
  await page.keyboard.press('ArrowRight');
  await expect(hidden).toHaveCount(8);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(room.step).toContainText('G♯: a diatonic half step below A, so stop.');
  await expect(hidden).toHaveCount(0);
  await page.keyboard.press('t');
  await page.keyboard.type('cb');
  await page.keyboard.press('Enter');
  await expect(room.step).toContainText('It stands: seven flats, B♭ E♭ A♭ D♭ G♭ C♭ F♭.');
  await room.open('/derive?question=signature&tonic=A&scale=major&clefs=alto');
  await expect(room.step).toContainText('between the clef and the time signature, and again on every line');
  await expect(page.getByRole('figure', { name: /^In a piece/u }).locator('[data-part=sign]')).toHaveCount(6);
});

test('notes are entered on the staff, on the keyboard and by letters, and named', async ({ page, room }) => {
  await room.open('/derive?question=name&notes=D');
  const staff = page.getByRole('application');
  await staff.focus();
  await page.keyboard.type('ef');
  await page.keyboard.press('#');
  await expect(room.sentence).toHaveText('What is D E F♯?');
  await page.keyboard.type('gab');
  await page.keyboard.press('Backspace');
  await expect(room.sentence).toHaveText('What is D E F♯ G A?');
  const names = page.getByRole('region', { name: 'Names that fit, best first' });
  await expect(names.getByRole('link').first()).toHaveText('D major pentachord');

  // The sign holds for one note, unless it is locked.
  await page
    .getByRole('group', { name: 'Sign for the next note' })
    .getByRole('button', { name: 'Flat' })
    .click();
  const box = await staff.locator('svg').boundingBox();
  if (!box) throw new Error('a staff');
  // The middle line of the treble clef.
  await page.mouse.click(box.x + box.width * 0.8, box.y + (66 / 132) * box.height);
  await expect(room.sentence).toHaveText('What is D E F♯ G A B♭?');
  await page
    .getByRole('group', { name: 'Keyboard', exact: true })
    .getByRole('button', { name: 'C 5', exact: true })
    .click();
  await expect(room.sentence).toHaveText('What is D E F♯ G A B♭ C?');
  await page.getByRole('textbox', { name: 'Notes, in the names of the class' }).fill('F G A A# C D E F');
  await expect(page.getByText('By sound alone it is F major, spelled F G A B♭ C D E F.')).toBeVisible();
  await expect(names).toContainText('No name fits these notes as they are spelled.');
  await page.getByRole('textbox', { name: 'Notes, in the names of the class' }).fill('F G H');
  await expect(page.getByRole('alert')).toContainText("'H' is not a note name here");
});

test('named notes stand on staff, stride and rail, and light up together', async ({ page, room }) => {
  await room.open('/derive?question=name&notes=F+G+Ab+Bb+C+Db+E+F');
  const keyboard = page.getByRole('group', { name: 'Keyboard', exact: true });
  await expect(keyboard.getByRole('button')).toHaveCount(18);
  await expect(page.getByRole('img', { name: 'Line of fifths' })).toContainText('7th raised');
  // The seventh note is pointed at on the staff by keys alone.
  await page.getByRole('application').focus();
  await page.keyboard.press('Tab');
  for (let place = 1; place < 7; place += 1) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: '7: E' }).first()).toBeFocused();
  const stride = page.getByRole('group', { name: 'Stride and keyboard: press a key to enter its note' });
  await expect(stride.locator('[data-part=note][data-lit]')).toHaveCount(1);
  // A key of the lanes is found by arrows and pressed.
  await keyboard.getByRole('button', { name: 'C 4', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toHaveText('What is F G A♭ B♭ C D♭ E F C♯?');
});

test('a signature drawn by hand is told from signs that are none', async ({ page, room }) => {
  await room.open('/derive?question=key&fifths=0');
  const staff = page.getByRole('application');
  const working = page.getByRole('region', { name: 'From the signature to the key' });
  await staff.focus();
  await page.keyboard.press('#');
  await page.keyboard.type('fg');
  await expect(room.sentence).toHaveText('Which key has F♯ G♯?');
  await expect(working).toContainText(
    'G♯ stands where the order has C♯. No sign of the order may be left out.',
  );
  await expect(page.locator('[data-part=sign][data-wrong]')).toHaveCount(1);
  await page.keyboard.press('Backspace');
  await page.keyboard.type('c');
  await expect(room.sentence).toContainText('Which key has two sharps');
  await page.keyboard.press('Backspace');
  // A click puts the sign just where it falls: under the staff is no place for C sharp.
  const box = await staff.locator('svg').boundingBox();
  if (!box) throw new Error('a staff');
  await page.mouse.click(box.x + box.width * 0.7, box.y + (96 / 122) * box.height);
  await expect(room.sentence).toHaveText('Which key has F♯ C♯?');
  await expect(working).toContainText('In this clef its place in a signature is in the third space.');
  await page.reload();
  await expect(page.getByText('In order and in place')).toBeVisible();
});

test('a question is printed by itself and copied, and the shelf opens beside it', async ({
  context,
  page,
  room,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await room.open('/derive?question=key&fifths=3');
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await page.keyboard.press('p');
  await expect(page.locator('body[data-printed=yes]')).toBeAttached();
  const paper = page.locator('.paper');
  await expect(paper).toContainText('Which key has three sharps, by the next letter with its sign?');
  await expect(paper).toContainText('Keys with this signature: A major, F♯ minor');
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await page.keyboard.press('x');
  await page.getByRole('menuitem', { name: 'Working as text' }).click();
  await expect(page.getByRole('banner').getByRole('status')).toHaveText('Copied: Working as text.');
  await page.keyboard.press('l');
  await room.shelf.getByRole('link', { name: /Build F major/u }).click();
  await expect(room.sentence).toContainText('Build F major');
});

test('the ask line answers anything: two readings, a question, a refusal, and what was asked before', async ({
  page,
  room,
}) => {
  await room.open();
  await page.keyboard.press('/');
  const line = page.getByRole('combobox', { name: 'Ask line' });
  await expect(line).toBeFocused();
  await line.fill('parallel of B');
  await expect(page.getByRole('option')).toHaveText([
    'B natural minor, the parallel of B major',
    'B major, the parallel of B natural minor',
  ]);
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option', { selected: true })).toContainText('B major, the parallel');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build B major, going up, in the bass clef');
  await page.keyboard.press('/');
  await line.fill('signature of E major');
  await expect(page.getByRole('option')).toHaveText('The signature of E major');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toHaveText('Write the signature of E major, in the treble clef.');
  await page.keyboard.press('/');
  await line.fill('bebop');
  await expect(page.getByRole('alert')).toContainText("Not understood: 'bebop'.");
  await page.keyboard.press('Enter');
  await expect(room.sentence).toHaveText('Write the signature of E major, in the treble clef.');
  await line.fill('');
  await expect(page.getByRole('option')).toHaveText(['signature of E major', 'parallel of B']);
  await page.keyboard.press('Escape');
  await page.goBack();
  await expect(room.sentence).toContainText('Build B major');
});

test('Enter pressed before the ask line has its answers is not lost', async ({ page, room }) => {
  const letThrough = await heldBack(page, '**/AskAnswers*.js');
  await room.open();
  await page.keyboard.press('/');
  const line = page.getByRole('combobox', { name: 'Ask line' });
  await expect(line).toBeFocused();
  await line.fill('signature of E major');
  await page.keyboard.press('Enter');
  await expect(line).toHaveValue('signature of E major');
  letThrough();
  await expect(room.sentence).toHaveText('Write the signature of E major, in the treble clef.');
  await expect(line).toHaveValue('');
});

test('a question is kept on the shelf, found there, and taken back', async ({ page, room }) => {
  await room.open('/derive?question=key&fifths=-3');
  await page.keyboard.press('k');
  await expect(page.getByText('Kept on the shelf. Ctrl Z takes it back.')).toBeVisible();
  await room.open('/derive?tonic=C&scale=major');
  await page.keyboard.press('l');
  const link = room.shelf.getByRole('link', { name: 'Which key has three flats, by the last flat but one?' });
  await link.click();
  await expect(room.sentence).toHaveText('Which key has three flats, by the last flat but one?');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('banner').getByRole('status')).not.toBeEmpty();
});

test('the ask line stands in the Class room as well, and leads out of it', async ({
  page,
  classRoom,
  room,
}) => {
  await classRoom.open();
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Ask line' }).fill('Eb lydian bass');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('Build E♭ lydian, going up, in the bass clef');
});
