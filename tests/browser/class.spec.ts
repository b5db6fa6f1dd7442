import { expect, isLive, isSaved, OWN_SCHOOL, test } from './room';

test('the first five minutes: an own, empty school, two questions, three lines, and the first derivation', async ({
  page,
  room,
}) => {
  await page.goto(OWN_SCHOOL);
  await isLive(page);
  await page.getByRole('banner').getByRole('link', { name: 'Start my own class' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A class of your own');
  await expect(page.getByRole('group')).toHaveCount(2);
  await expect(page.getByRole('region', { name: 'Three things to know' }).getByRole('listitem')).toHaveCount(
    3,
  );
  await page.getByRole('textbox', { name: 'Name of the class' }).fill('Monday beginners');
  await page.getByRole('group', { name: 'Step words' }).getByText('Tone and semitone (T S)').click();
  await page.getByRole('button', { name: 'Start this class' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Monday beginners uses English note names, tones and semitones, and hints for a learner.',
  );
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Derive' }).click();
  await isLive(page);
  await expect(page.getByRole('banner')).toContainText(/My school.*Monday beginners/u);
  await expect(page.getByRole('region', { name: 'By tones and semitones' })).toBeVisible();
  await expect(room.surface('Stride and keyboard').getByRole('group', { name: 'Stride' })).toContainText(
    'C sharp, tone, D sharp, semitone, E',
  );
});

test('each class has its own settings and people, and the other class is a choice away', async ({
  page,
  classRoom,
  room,
}) => {
  await classRoom.open();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Tuesday theory uses English note names, whole and half steps, and hints for a learner.',
  );
  await classRoom.part('People');
  await expect(page.getByRole('textbox', { name: 'Name of Odile', exact: true })).toHaveValue('Odile');
  await page.keyboard.press('c');
  await page.keyboard.type('thu');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Thursday singers uses fixed-do note names, tones and semitones, and hints for a child.',
  );
  await expect(page.getByRole('textbox', { name: 'Name of Pia', exact: true })).toHaveValue('Pia');
  await expect(page.getByRole('textbox', { name: 'Name of Odile', exact: true })).toHaveCount(0);

  await room.open('/derive?tonic=Bb&scale=major&direction=up&clef=treble&signature=written');
  await expect(room.sentence).toHaveText(
    'Build Si♭ major, going up, in the treble clef, with a key signature.',
  );
  expect(await room.strideNotes()).toEqual(['Si flat', 'Do', 'Re', 'Mi flat', 'Fa', 'Sol', 'La', 'Si flat']);
});

test('a pair that cannot stand together is refused with its reason, and both can be chosen', async ({
  classRoom,
}) => {
  await classRoom.open();
  await classRoom.choose('Key names', 'With Dur and Moll: b-Moll');
  const matter = classRoom.matter('Key names');
  await expect(matter.getByRole('alert')).toContainText(
    'b-Moll is B♭ minor in German names and would be read as B minor in others; Dur and Moll go with German names.',
  );
  await classRoom.chosen('Key names', 'In words: B♭ minor');
  await matter.getByRole('button', { name: 'Leave as it was' }).click();
  await expect(matter.getByRole('alert')).toHaveCount(0);
  await classRoom.choose('Key names', 'With Dur and Moll: b-Moll');
  await matter.getByRole('button', { name: 'Choose both' }).click();
  await classRoom.chosen('Key names', 'With Dur and Moll: b-Moll');
  await classRoom.chosen('Note names', 'German: H, B, Fis');
});

test('sayings are the class’s own, and their initials are checked while they are typed', async ({
  page,
  classRoom,
  room,
}) => {
  await classRoom.open('?part=3');
  const field = page.getByRole('textbox', { name: 'Saying for the order of sharps' });
  const verdict = field.locator('xpath=following-sibling::p');
  await expect(field).toHaveValue('Fog covers grey docks and every boat');
  await field.fill('Fine cats dance');
  await expect(verdict).toHaveText('‘dance’ should begin with G.');
  await field.fill('Fine cats growl daily');
  await expect(verdict).toHaveText('Still to come: A E B.');
  await field.fill('Fine cats growl daily at every buoy');
  await expect(verdict).toHaveText('Every word fits.');
  await expect(classRoom.told).toHaveText('Saved');
  await room.open(
    '/derive?tonic=E&scale=major&method=signature&direction=up&clef=treble&signature=written&step=2',
  );
  await expect(room.step).toContainText('Fine cats growl daily at every buoy');
});

test('somebody who is removed is gone entirely: from the list, the store, and from undo', async ({
  page,
  classRoom,
}) => {
  await classRoom.open('?part=people');
  await page.getByRole('textbox', { name: 'Name, initials or number' }).fill('Quill, oboe');
  await page.keyboard.press('Enter');
  const named = page.getByRole('textbox', { name: /^Name of Quill/u });
  await expect(page.getByRole('textbox', { name: 'Instrument of Quill' })).toHaveValue('oboe');
  await named.fill('Quillon');
  await expect(classRoom.told).toHaveText('Saved');
  await page.getByRole('button', { name: 'Remove Quillon' }).click();
  await expect(page.getByRole('alertdialog')).toContainText('this one thing cannot be taken back');
  await expect(page.getByRole('button', { name: 'Keep', exact: true })).toBeFocused();
  await page.getByRole('button', { name: 'Remove entirely' }).click();
  await expect(classRoom.told).toHaveText('Quillon was removed entirely.');
  await expect(named).toHaveCount(0);
  const left = await page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('moon-step-demo');
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const names = [...opening.result.objectStoreNames];
          const reading = opening.result.transaction(names);
          const asked = names.map((name) => reading.objectStore(name).getAll());
          reading.oncomplete = () => {
            opening.result.close();
            resolve(JSON.stringify([asked.map(({ result }) => result), { ...localStorage }]));
          };
        };
      }),
  );
  expect(left).toContain('Odile');
  expect(left).not.toContain('Quill');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(named).toHaveCount(0);
});

test('a class is copied, renamed, deleted and brought back after a reload', async ({ page, classRoom }) => {
  await classRoom.open();
  await page.getByRole('button', { name: 'Another class like this' }).click();
  const name = page.getByRole('textbox', { name: 'Name of this class' });
  await expect(name).toHaveValue('Tuesday theory, copy');
  await name.fill('Saturday choir');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Saturday choir uses');
  await page.getByRole('button', { name: 'Delete this class' }).click();
  await expect(classRoom.told).toHaveText('Saturday choir was deleted. Ctrl Z brings it back.');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(page.getByRole('button', { name: 'Undo deleting the class' })).toBeEnabled();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(classRoom.told).toHaveText('The class was brought back.');
  await page.keyboard.press('c');
  await expect(page.getByRole('option')).toHaveText([
    /Tuesday theory/u,
    /Thursday singers/u,
    /Saturday choir/u,
  ]);
});

test('the whole room by keyboard only', async ({ page, classRoom }) => {
  await classRoom.open();
  await page.keyboard.press('t');
  await page.keyboard.type('german');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('uses German note names');
  await classRoom.matter('Step words').getByRole('radio').first().focus();
  await page.keyboard.press('ArrowDown');
  await classRoom.chosen('Step words', 'Tone and semitone (T S)');
  await page.keyboard.press('ControlOrMeta+z');
  await classRoom.chosen('Step words', 'Whole step and half step (W H)');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Choose the step words');
});

test('on a telephone what the line on top can do lies in its menu, the room’s own with it', async ({
  page,
  classRoom,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await classRoom.open();
  await page.getByRole('radio', { name: /^German/u }).check();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('German note names');
  await isSaved(page);
  await page.getByRole('button', { name: 'What can be done here' }).click();
  await page.getByRole('menuitem', { name: /^Undo/u }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('English note names');
});
