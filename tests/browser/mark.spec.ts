import { expect, giveFile, isLive, isSaved, OWN_SCHOOL, test } from './room';

test('an answer is typed, explained with its habit, and the next one follows', async ({ page, mark }) => {
  await mark.open('?kind=scale&tonic=B&scale=harmonic-minor&who=Ines%2C+question+3', OWN_SCHOOL);
  await expect(mark.sentence).toHaveText(
    'Mark a scale by Ines, question 3: B harmonic minor, going up, in the treble clef, without a signature.',
  );
  await page.keyboard.press('i');
  await page.keyboard.type('b c# d e f# g# a# b');
  await expect(mark.habit).toContainText('Raised the 6th as well as the 7th');
  await expect(mark.habit).toContainText(
    'The harmonic form raises only the 7th. G♮ is wanted where G♯ stands.',
  );
  await expect(mark.habit.getByRole('link', { name: 'Show it' })).toHaveAttribute(
    'href',
    /tonic=F%23&scale=harmonic-minor/u,
  );
  await expect(mark.marks).toHaveText('7 of 8');
  await expect(mark.checks).toContainText('Steps in order: expected a half step after 5');
  await expect(mark.checks).toContainText('It is B melodic minor; B harmonic minor was asked');
  await expect(mark.checks).toContainText('G♯ given, G expected: the letter is right, the sign is not.');
  // In place: the note on the staff, and the steps that lead to it and from it.
  await expect(mark.staff.locator('[data-part=note][data-wrong]')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(mark.sentence).toContainText('by Ines, question 4');
  await expect(mark.field).toHaveValue('');
  await expect(mark.pile).toContainText('This pile: one answer');
  await expect(mark.pile).toContainText('Raised the 6th as well as the 7th');
  await page.keyboard.type('b-c#-d-e-f#-g-a#-b');
  await expect(mark.habit).toContainText('Nothing differs from what was asked.');
  await expect(mark.marks).toHaveText('8 of 8');
  await page.keyboard.press('Enter');
  await expect(mark.pile).toContainText('1 of 2 right');
  await mark.pile.getByRole('link', { name: 'Open Ines, question 3' }).click();
  await expect(mark.field).toHaveValue('B C♯ D E F♯ G♯ A♯ B');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(mark.field).toHaveValue('B C♯ D E F♯ G♯ A♯ B');
  await expect(mark.pile).toContainText('This pile: 2 answers');
});

test('what cannot be read stays in the field with the reason, also after a reload', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=scale&tonic=F&scale=major');
  await mark.field.fill('F G A H C');
  await expect(page.getByRole('alert')).toContainText("'H' is not a note name here");
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(mark.field).toHaveValue('F G A H C');
  await expect(page.getByRole('alert')).toContainText("'H' is not a note name here");
  await mark.field.fill('F G A A# C D E F');
  await expect(mark.habit).toContainText('Chose by sound, not by letter');
});

test('what was not read whole is not laid down: Enter keeps the typing and its reason', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=name-signature&tonic=Eb&scale=major&who=No.+1', OWN_SCHOOL);
  await mark.field.fill('Bb and Eb and Abb H');
  await expect(page.getByRole('alert')).toBeVisible();
  await mark.field.press('Enter');
  await expect(mark.field).toHaveValue('Bb and Eb and Abb H');
  await expect(page.getByRole('alert')).toBeVisible();
  await expect(mark.sentence).toContainText('by No. 1:');
  await expect(mark.pile).toContainText('Answers you finish with Enter lie here');
  // Escape leaves the field and takes nothing away.
  await mark.field.press('Escape');
  await expect(mark.field).not.toBeFocused();
  await expect(mark.field).toHaveValue('Bb and Eb and Abb H');
  await mark.field.fill('Bb and Eb and Ab');
  await expect(mark.marks).toHaveText('3 of 3');
  await mark.field.press('Enter');
  await expect(mark.sentence).toContainText('by No. 2:');
  await expect(mark.pile).toContainText('1 of 1 right');
});

test('an answer that is opened again is mended where it lies', async ({ mark }) => {
  await mark.open('?kind=scale&tonic=E&scale=major&who=No.+1', OWN_SCHOOL);
  await mark.field.fill('E F# G# A B C# D E');
  await mark.field.press('Enter');
  await expect(mark.pile).toContainText('0 of 1 right');
  await mark.pile.getByRole('link', { name: /No\. 1/u }).click();
  await expect(mark.field).toHaveValue('E F♯ G♯ A B C♯ D E');
  await mark.field.fill('E F# G# A B C# D# E');
  await mark.field.press('Enter');
  await expect(mark.pile).toContainText('1 of 1 right');
  await expect(mark.pile.getByRole('link', { name: /No\. 1/u })).toHaveCount(1);
});

test('an answer is written on the staff by keys alone', async ({ page, mark }) => {
  await mark.open('?kind=scale&tonic=Bb&scale=major&clef=bass', OWN_SCHOOL);
  await page.keyboard.press('e');
  await expect(mark.staff).toBeFocused();
  await page.keyboard.type('b-cde-f-gab-');
  await expect(mark.field).toHaveValue('B♭ C D E♭ F♭ G A B♭');
  await expect(mark.habit).toContainText('Carried a sign on to the next note');
  // Back to the F, which is plain, and then right.
  for (let times = 0; times < 3; times += 1) await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('+');
  await expect(mark.marks).toHaveText('8 of 8');
  await page.keyboard.press('ArrowUp');
  await expect(mark.field).toHaveValue('B♭ C D E♭ G G A B♭');
  await page.keyboard.press('f');
  await expect(mark.marks).toHaveText('8 of 8');
  // A sign printed again is style, not a mistake.
  await page.keyboard.press('=');
  await expect(mark.habit).toContainText('All that was asked is there.');
  await expect(mark.checks).toContainText('A ♮ at note 5 has nothing to cancel.');
  await page.keyboard.press('0');
  await expect(mark.habit).toContainText('Left blank');
  await expect(mark.marks).toHaveText('0 of 8');
  await page.keyboard.press('Space');
  await expect(mark.marks).toHaveText('8 of 8');
  await page.keyboard.press('Enter');
  await expect(mark.pile).toContainText('This pile: one answer');
});

test('homework is entered from the right answer: change what differs, next, blank, next', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=scale&tonic=C&scale=harmonic-minor&who=No.+1', OWN_SCHOOL);
  await page.keyboard.press('r');
  await expect(mark.marks).toHaveText('8 of 8');
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('+');
  await expect(mark.habit).toContainText('Took raising for a sharp');
  await page.keyboard.press('Enter');
  await expect(mark.sentence).toContainText('by No. 2:');
  await page.keyboard.press('Space');
  await page.keyboard.press('Enter');
  await expect(mark.sentence).toContainText('by No. 3:');
  await page.keyboard.press('0');
  await page.keyboard.press('Enter');
  await expect(mark.sentence).toContainText('by No. 4:');
  await expect(mark.pile).toContainText('1 of 3 right');
  // What was laid down last is taken back first.
  await page.keyboard.press('Escape');
  await mark.sentence.click({ position: { x: 5, y: 5 } });
  await page.keyboard.press('Control+z');
  await expect(mark.pile).toContainText('1 of 2 right');
});

test('a staff takes clicks, a sign holds for one note unless it is kept, and the keyboard plays notes in', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=scale&tonic=F&scale=major', OWN_SCHOOL);
  const box = await mark.staff.locator('svg').boundingBox();
  if (!box) throw new Error('a staff');
  const press = (place: number) =>
    page.mouse.click(box.x + box.width * 0.6, box.y + ((86 - 5 * place) / 132) * box.height);
  const signs = page.getByRole('group', { name: 'Sign of the next note' });
  await press(1);
  await press(2);
  await press(3);
  await signs.getByRole('button', { name: '♭' }).click();
  await press(4);
  await press(5);
  await expect(mark.field).toHaveValue('F G A B♭ C');
  await signs.getByRole('button', { name: 'Keep the sign' }).click();
  await signs.getByRole('button', { name: '♯' }).click();
  await press(6);
  await press(7);
  await expect(mark.field).toHaveValue('F G A B♭ C D♯ E♯');
  await mark.staff.getByRole('button', { name: '6: D sharp' }).press('Enter');
  await page.keyboard.press('-');
  await expect(mark.field).toHaveValue('F G A B♭ C D E♯');
  await signs.getByRole('button', { name: '♯' }).click();
  await page.getByRole('button', { name: 'Keyboard' }).click();
  await page.getByRole('group', { name: 'Keyboard' }).getByRole('button', { name: /^C 5/u }).click();
  await expect(mark.field).toHaveValue('F G A B♭ C C E♯');
});

test('a signature drawn in the wrong order is told apart from one with wrong signs', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=signature&tonic=D&scale=major&clef=bass');
  await mark.staff.focus();
  await page.keyboard.type('cf');
  await expect(mark.habit).toContainText('The right signs, drawn wrong');
  await expect(mark.checks).toContainText('C♯ stands where F♯ comes in the order.');
  await expect(mark.checks).toContainText('Signs out of order or mixed');
  await expect(mark.marks).toHaveText('1 of 2');
  await page.keyboard.press('0');
  await expect(mark.habit).toContainText('Left blank');
  await mark.field.fill('Bb Eb');
  await expect(mark.habit).toContainText('Took the other kind of sign');
  await mark.field.fill('F# C#');
  await expect(mark.habit).toContainText('Nothing differs from what was asked.');
});

test('a habit overruled is remembered for the same answer of another student, and taken back', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=scale&tonic=G&scale=major&answer=G+A+B+C+D+E+Fn+G&who=Tove', OWN_SCHOOL);
  await expect(mark.habit).toContainText('Wrote plain letters');
  await expect(mark.habit).toContainText('It could also be: Stopped one sign too early.');
  await expect(mark.habit).toContainText('To tell them apart, ask for A major.');
  await page.keyboard.press('h');
  await page.getByRole('menuitem', { name: 'Stopped one sign too early' }).click();
  await expect(mark.habit).toContainText('The habit you chose');
  await expect(mark.habit.getByRole('heading')).toHaveText('Stopped one sign too early');
  await page.keyboard.press('w');
  await page.keyboard.type('Bram');
  await page.keyboard.press('Enter');
  await expect(mark.habit.getByRole('heading')).toHaveText('Stopped one sign too early');
  await expect(mark.habit).toContainText('As you decided before.');
  // Right too, another mark, a comment: each is one press and can be taken back.
  await page.keyboard.press('a');
  await expect(mark.habit).toContainText('Taken for right too');
  await expect(mark.marks).toHaveText('8 of 8');
  await page.keyboard.press('Control+z');
  await expect(mark.marks).toHaveText('7 of 8');
  await mark.checks.getByRole('button', { name: 'Half a mark less' }).click();
  await expect(mark.marks).toHaveText('6½ of 8');
  await expect(mark.checks).toContainText('Counted: 7 of 8.');
  const comment = mark.checks.getByRole('textbox', { name: 'Comment for the student' });
  await comment.fill('Say the signs first.');
  await comment.press('Enter');
  await mark.checks.getByRole('checkbox', { name: 'The student corrected it' }).check();
  await expect(mark.checks.getByRole('checkbox')).toBeChecked();
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(mark.marks).toHaveText('6½ of 8');
  await expect(comment).toHaveValue('Say the signs first.');
  await expect(mark.checks.getByRole('checkbox')).toBeChecked();
});

test('a class with German names reads and says them', async ({ page, mark, classRoom }) => {
  await classRoom.open();
  await classRoom.choose('Note names', 'German: H, B, Fis');
  await classRoom.chosen('Note names', 'German: H, B, Fis');
  await mark.open('?kind=scale&tonic=B&scale=major');
  await expect(mark.sentence).toContainText('H major');
  await mark.field.fill('H Cis Dis E Fis Gis B H');
  await expect(mark.habit).toContainText('Chose by sound, not by letter');
  await expect(mark.checks).toContainText('B given, Ais expected: it sounds the same on another letter.');
  await mark.staff.focus();
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('a');
  await page.keyboard.press('+');
  await expect(mark.field).toHaveValue('H Cis Dis E Fis Gis Ais H');
  await expect(mark.marks).toHaveText('8 of 8');
});

test('each class has a pile of its own, told in its words', async ({ page, mark }) => {
  await mark.open('?kind=scale&tonic=A&scale=harmonic-minor&who=Somebody');
  await expect(mark.pile).toContainText('This pile: 5 answers');
  await mark.field.fill('A B C D E F G A');
  await mark.field.press('Enter');
  await expect(mark.pile).toContainText('This pile: 6 answers');
  await page.getByRole('button', { name: 'Class: Tuesday theory' }).click();
  await page.getByRole('menuitem', { name: 'Thursday singers' }).click();
  await expect(mark.pile).toContainText('This pile: 2 answers');
  await expect(mark.pile).toContainText('1 of 2 right');
  await expect(mark.pile.getByRole('link', { name: 'Open Somebody' })).toHaveCount(0);
  await mark.pile.getByRole('link', { name: 'Open Pia, question 1' }).click();
  await expect(mark.sentence).toContainText('Sol major');
  await expect(mark.field).toHaveValue('Sol La Si Do Re Mi Fa Sol');
  await expect(mark.habit).toContainText('Wrote plain names');
});

test('coming down, a natural is written where the sign of the way up is cancelled', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=scale&tonic=A&scale=melodic-minor&direction=both');
  await mark.staff.focus();
  for (const key of ['a', 'b', 'c', 'd', 'e', 'f', '#', 'g', '#', 'a', 'g', 'f', 'e', 'd', 'c', 'b', 'a'])
    await page.keyboard.press(key);
  await expect(mark.marks).toHaveText('15 of 15');
  const missing = mark.checks.getByText(/sign.*(needed|missing)/iu);
  await expect(missing.first()).toBeVisible();
  for (let back = 0; back < 6; back += 1) await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('n');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('n');
  await expect(missing).toHaveCount(0);
  await expect(mark.marks).toHaveText('15 of 15');
});

test('the other kinds of question are asked, answered and explained', async ({ page, mark }) => {
  const cases = [
    ['?kind=name-key&fifths=-3&mode=major', 'Ab major', 'Named the key by its last flat'],
    ['?kind=name-key&fifths=-3&mode=minor', 'eb minor', 'Took the tonic of the relative and kept the mode'],
    ['?kind=name-signature&tonic=E&scale=major', '3 sharps: F# C# G#', 'Stopped one sign too early'],
    ['?kind=order&order=-4', 'Fb Cb Gb Db', 'Took the order from its wrong end'],
    ['?kind=steps&scale=major', 'W W H W W W W H', 'Said a step too many'],
    ['?kind=partner&relation=relative&tonic=Eb&mode=major', 'Gb minor', 'Went to the relative the wrong way'],
    ['?kind=degree&tonic=C&scale=major&degree=5', 'A', 'Counted letters without the first'],
    ['?kind=chord&wants=numeral&degree=7&tonic=C&scale=major', 'vii', 'Left the diminished chord unmarked'],
    ['?kind=chord&wants=notes&degree=3&tonic=D&scale=major', 'F A C', 'Wrote plain letters'],
    ['?kind=transpose&pitch=C5&instrument=alto-saxophone', 'Eb4', 'Transposed the wrong way'],
  ] as const;
  for (const [query, answer, habit] of cases) {
    await test.step(query, async () => {
      await mark.open(query);
      await mark.field.fill(answer);
      await expect(mark.habit).toContainText(habit);
      await page.getByRole('button', { name: /^All right/u }).click();
      await expect(mark.habit).toContainText('Nothing differs from what was asked.');
    });
  }
  await mark.open('?kind=name-scale');
  await mark.field.fill('A natural minor');
  await page.getByLabel('From 7 to 8').selectOption('whole step');
  await expect(mark.habit).toContainText('Overlooked that the 7th is raised');
  await expect(mark.checks).toContainText('A whole step named, a half step is there.');
  await expect(mark.checks).toContainText('The name follows from the reasons');
  await mark.open('?kind=signature&tonic=G%23&scale=major');
  await expect(page.getByRole('alert')).toContainText('would need more than seven signs');
});

test('an answer comes from a MusicXML file', async ({ page, mark }) => {
  await mark.open('?kind=scale&tonic=D&scale=harmonic-minor');
  await page.getByRole('button', { name: 'MusicXML' }).click();
  const step = (name: string, octave: number, alter = '') =>
    `<note><pitch><step>${name}</step>${alter}<octave>${octave}</octave></pitch><duration>4</duration><type>whole</type></note>`;
  const notes = [
    step('D', 4),
    step('E', 4),
    step('F', 4),
    step('G', 4),
    step('A', 4),
    step('B', 4, '<alter>-1</alter>'),
    step('C', 5),
    step('D', 5),
  ];
  await giveFile(
    page,
    'homework.musicxml',
    `<?xml version="1.0"?><score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Tove</part-name></score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions></attributes>${notes.join('')}</measure></part></score-partwise>`,
    'A file with the answer',
  );
  await expect(mark.field).toHaveValue('D E F G A B♭ C D');
  await expect(mark.habit).toContainText('Left the 7th as the signature has it');
});

test('an answer is kept, found in the ask line, and printed with what is to be said', async ({
  page,
  mark,
}) => {
  await mark.open('?kind=scale&tonic=E&scale=major&answer=E+F%23+G%23+A+B+C%23+Dn+E', OWN_SCHOOL);
  await page.keyboard.press('k');
  await expect(page.getByRole('button', { name: /^Shelf \(1\)/u })).toBeVisible();
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', '');
  });
  await page.keyboard.press('p');
  await expect(page.locator('body[data-printed]')).toBeAttached();
  await expect(page.locator('.paper')).toContainText(
    'Stopped one sign too early. The signature of E major has four sharps',
  );
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await page.keyboard.press('/');
  await page.keyboard.type('mark Ab major going down');
  await expect(page.getByRole('option').first()).toContainText('Mark A♭ major, going down');
  await page.keyboard.press('Enter');
  await expect(mark.sentence).toContainText('A♭ major, going down');
});
