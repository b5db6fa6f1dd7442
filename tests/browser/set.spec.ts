import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import type { Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, OWN_SCHOOL, savedBy, test } from './room';

const run = promisify(execFile);

const DEMO = '/mark?set=demo-set-minors';

/** Marking a set as a user meets it. */
class SetRoom {
  constructor(readonly page: Page) {}

  async open(address: string): Promise<void> {
    await this.page.goto(address);
    await isLive(this.page);
  }

  get sentence() {
    return this.page.getByRole('heading', { level: 1 });
  }

  get grid() {
    return this.page.getByRole('grid');
  }

  cell(student: string, question: number) {
    return this.grid.getByRole('gridcell', { name: new RegExp(`^${student}, question ${question}:`, 'u') });
  }

  get field() {
    return this.page.getByRole('textbox', { name: 'Type the answer' });
  }

  /** What a student's row comes to. */
  total(student: string) {
    return this.grid
      .getByRole('row', { name: new RegExp(`^${student} `, 'u') })
      .getByRole('gridcell')
      .last();
  }
}

/** A class of an own school with so many people, and a set of typed questions. */
async function ownSet(page: Page, people: readonly string[], questions: string): Promise<SetRoom> {
  await page.goto(`${OWN_SCHOOL}/class`);
  await isLive(page);
  await page.getByRole('button', { name: 'Start this class' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('uses English note names');
  await page.getByRole('navigation', { name: 'Parts of this room' }).getByText('People').click();
  for (const name of people) {
    await page.getByRole('textbox', { name: 'Name, initials or number' }).fill(name);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: `Name of ${name}`, exact: true })).toBeVisible();
  }
  await isSaved(page);
  const room = new SetRoom(page);
  await room.open(`${OWN_SCHOOL}/mark?set=new`);
  await page.getByRole('textbox', { name: 'Typed, a question a line' }).fill(questions);
  await page.getByRole('button', { name: /^Make a set of/u }).press('Enter');
  await expect(room.grid).toBeVisible();
  return room;
}

test('a set is made, entered by keys alone and marked; a reload in the middle loses nothing', async ({
  page,
}) => {
  const room = await ownSet(
    page,
    ['Ines', 'Odile', 'M. K.'],
    'E harmonic minor\n\nwhich key has 4 flats\nwhat is love',
  );
  // The line that asks nothing is named, and is no question.
  await expect(room.grid.getByRole('columnheader')).toHaveCount(4);
  await page.keyboard.press('g');
  await expect(room.cell('Ines', 1)).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Space');
  await expect(room.cell('Odile', 1)).toBeFocused();
  // One of the usual answers, a blank, and what differs from right.
  await page.keyboard.press('1');
  await page.keyboard.press('0');
  await expect(room.cell('M\\. K\\.', 1)).toBeFocused();
  await page.keyboard.press('r');
  await expect(page.getByRole('application')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('-');
  await expect(room.field).toHaveValue('E F G A B C D♯ E');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  // What was not taken over yet stands there all the same.
  await expect(room.cell('M\\. K\\.', 1)).toHaveAttribute('data-state', 'unread');
  await room.cell('M\\. K\\.', 1).click();
  await expect(room.field).toHaveValue('E F G A B C D♯ E');
  await page.keyboard.press('i');
  await page.keyboard.press('Enter');
  await expect(room.cell('M\\. K\\.', 1)).toHaveAttribute('data-state', 'wrong');
  await page.keyboard.press('i');
  await page.keyboard.type('H flat');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText("'H");
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Ab major');
  await page.keyboard.press('Enter');
  for (const [student, states] of [
    ['Ines', ['right', 'right']],
    ['Odile', ['wrong', 'blank']],
    ['M\\. K\\.', ['wrong', 'right']],
  ] as const) {
    for (const [at, state] of states.entries())
      await expect(room.cell(student, at + 1)).toHaveAttribute('data-state', state);
  }
  await expect(room.total('Ines')).toHaveText(/^(\d+)\/\1$/u);
  await expect(page.getByText('Everything is entered.')).toBeVisible();
  await axeFindsNothing(page);
});

test('thirty answers of which twenty-two are right take at most 120 presses', async ({ page }) => {
  const room = await ownSet(
    page,
    ['A', 'B', 'C', 'D', 'E', 'F'],
    'E harmonic minor\nC major\nF harmonic minor\nwhich key has 4 flats\nB harmonic minor',
  );
  let presses = 0;
  const press = async (key: string) => {
    presses += 1;
    await page.keyboard.press(key);
  };
  await page.keyboard.press('g');
  // What was written, in the order of the pile: right, a usual mistake, or one that has to be written down.
  const pile = 'R R U R R R R W R R U R R R R U R W R R R R R U R R U R B R';
  for (const answer of pile.split(' ')) {
    if (answer === 'R') await press('Enter');
    else if (answer === 'U') await press('1');
    else if (answer === 'B') await press('0');
    else {
      await press('r');
      await expect(page.getByRole('application')).toBeFocused();
      for (const key of ['ArrowRight', 'ArrowRight', '-', 'Enter']) await press(key);
    }
  }
  console.info(`30 answers, 22 right: ${presses} presses`);
  expect(pile.split(' ').filter((each) => each === 'R')).toHaveLength(22);
  await expect(room.grid.locator('[data-state=right]')).toHaveCount(22);
  await expect(room.grid.locator('[data-state=open], [data-state=unread]')).toHaveCount(0);
  expect(presses).toBeLessThanOrEqual(120);
});

test('the class view says what to teach tomorrow, and why; its charts are tables for a screen reader', async ({
  page,
}) => {
  const room = new SetRoom(page);
  await room.open(`${DEMO}&see=class`);
  const tomorrow = page.getByRole('region', { name: 'To teach again tomorrow' });
  await expect(tomorrow).toContainText('Left the 7th as the signature has it');
  await expect(tomorrow).toContainText('5 of the 11 who could have shown it did');
  await expect(tomorrow).toContainText('Yusuf');
  const habits = page.getByRole('region', { name: 'Habits, by how many have them' });
  await expect(habits.locator('svg')).toBeVisible();
  await expect(habits.getByRole('row').nth(1)).toContainText(
    'Left the 7th as the signature has it5Yusuf, Odile',
  );
  // Its colours follow the light.
  const ink = () => page.evaluate(() => getComputedStyle(document.body).color);
  const day = await ink();
  await page.keyboard.press('n');
  await expect.poll(ink).not.toBe(day);
  await expect(habits.locator('svg text').first()).toHaveCSS('fill', await ink());
  await habits.getByRole('button', { name: 'As a table' }).press('Enter');
  await expect(habits.getByRole('table')).toBeVisible();
  await axeFindsNothing(page);
  // Kept for tomorrow: a lesson with what to derive, what to say, and what to practise.
  await tomorrow.getByRole('button', { name: 'Keep for tomorrow' }).click();
  await expect(page.getByRole('banner').getByRole('status')).toContainText('Kept on the shelf for tomorrow.');
  await page.keyboard.press('l');
  await expect(page.getByRole('dialog', { name: 'Shelf' })).toContainText(
    'Sing from the 7th up to the tonic.',
  );
  await page.keyboard.press('Escape');
  await tomorrow.getByRole('button', { name: 'A sheet against it' }).click();
  await expect(page).toHaveURL(/\/sheets\?.*habits=seventh-not-raised/u);
});

test('one decision holds for all who wrote the same, is taken back, and is seen in another window', async ({
  page,
  context,
}) => {
  const room = new SetRoom(page);
  await room.open(DEMO);
  const other = await context.newPage();
  await other.goto(page.url());
  await isLive(other);
  const same = (at: Page) => new SetRoom(at);
  await room.cell('Yusuf', 1).click();
  await expect(page.getByText(/wrote the same\. A decision holds for all 4\./u)).toBeVisible();
  await page.keyboard.press('a');
  for (const student of ['Yusuf', 'Odile', 'Greet', 'Noor']) {
    await expect(room.cell(student, 1)).toHaveAttribute('data-state', 'accepted');
    await expect(same(other).cell(student, 1)).toHaveAttribute('data-state', 'accepted');
  }
  await expect(room.cell('Bram', 1)).toHaveAttribute('data-state', 'wrong');
  await page.keyboard.press('Control+z');
  await expect(room.cell('Noor', 1)).toHaveAttribute('data-state', 'wrong');
  await expect(same(other).cell('Yusuf', 1)).toHaveAttribute('data-state', 'wrong');
});

test('a table with rows that cannot be taken is put right in place', async ({ page }) => {
  const room = await ownSet(page, ['Ines', 'Odile'], 'E harmonic minor\nC major');
  await room.open(`${page.url()}&see=bring`);
  await page.getByText('A table', { exact: true }).click();
  const blank = await savedBy(page, () =>
    page.getByRole('button', { name: 'Save an empty table to fill in' }).click(),
  );
  expect(blank.bytes.toString()).toBe('student,1,2\r\nInes,,\r\nOdile,,\r\n');
  await page
    .getByRole('textbox', { name: 'The table' })
    .fill('student,1,2\nInes,e f# g a b c d e,right\nOdil,E F sha,blank\n');
  await page.getByRole('button', { name: 'Read the table' }).click();
  await expect(page.getByRole('alert')).toContainText('One row cannot be taken yet');
  await expect(page.getByText("Nobody here is called 'Odil'.")).toBeVisible();
  await page.getByRole('combobox', { name: 'Whose is row 3?' }).selectOption('Odile');
  await page.getByRole('textbox', { name: 'Row 3, question 1' }).fill('E F# G A B C D# E');
  await page.getByRole('button', { name: 'Take 4 answers over' }).click();
  await expect(page.getByRole('banner').getByRole('status')).toContainText('4 answers taken over.');
  await page.keyboard.press('v');
  await page.keyboard.type('enter');
  await page.keyboard.press('Enter');
  for (const [student, states] of [
    ['Ines', ['wrong', 'right']],
    ['Odile', ['right', 'blank']],
  ] as const) {
    for (const [at, state] of states.entries())
      await expect(room.cell(student, at + 1)).toHaveAttribute('data-state', state);
  }
  const out = await savedBy(page, async () => {
    await page.keyboard.press('x');
    await page.getByRole('menuitem', { name: 'Answers, as CSV' }).click();
  });
  expect(out.bytes.toString()).toBe(
    'student,1,2\r\nInes,E F♯ G A B C D E,right\r\nOdile,E F♯ G A B C D♯ E,blank\r\n',
  );
});

const scoreOf = (who: string, notes: string) =>
  `<?xml version="1.0"?><score-partwise><identification><creator type="composer">${who}</creator></identification><part-list><score-part id="P1"><part-name>Voice</part-name></score-part></part-list><part id="P1"><measure number="1">${notes
    .split(' ')
    .map((name) => {
      const sign = { b: '-1', '#': '1' }[name[1] ?? ''];
      return `<note><pitch><step>${name[0]}</step>${sign ? `<alter>${sign}</alter>` : ''}<octave>${name.at(-1)}</octave></pitch><duration>1</duration></note>`;
    })
    .join('')}</measure></part></score-partwise>`;

test('a folder of files finds its students, and asks where it is not sure', async ({ page }) => {
  const room = await ownSet(page, ['Ines', 'Odile'], 'E harmonic minor\nC major');
  await room.open(`${page.url()}&see=bring`);
  const wrong = 'E4 F#4 G4 A4 B4 C5 D5 E5';
  const file = (name: string, content: string) => ({
    name,
    mimeType: 'text/xml',
    buffer: Buffer.from(content),
  });
  await page
    .locator("input[type=file][aria-label='Choose files']")
    .setInputFiles([
      file('one.musicxml', scoreOf('Ines', wrong)),
      file('odile two.musicxml', scoreOf('', 'C4 D4 E4 F4 G4 A4 B4 C5')),
      file('three.musicxml', scoreOf('Somebody', wrong)),
      file('notes.txt', 'nothing that is an answer'),
    ]);
  await expect(page.getByText('3 answers found')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('notes.txt');
  const last = page.getByRole('listitem').filter({ hasText: 'three.musicxml' });
  await expect(last.getByRole('combobox', { name: 'Which question is it?' })).toHaveValue('q1');
  await last.getByRole('combobox', { name: 'Whose answer is it?' }).selectOption('Odile');
  await page.getByRole('button', { name: 'Take 3 answers over' }).click();
  await page.keyboard.press('v');
  await page.keyboard.type('enter');
  await page.keyboard.press('Enter');
  await expect(room.cell('Ines', 1)).toHaveAttribute('data-state', 'wrong');
  await expect(room.cell('Odile', 1)).toHaveAttribute('data-state', 'wrong');
  await expect(room.cell('Odile', 2)).toHaveAttribute('data-state', 'right');
  await expect(room.cell('Ines', 2)).toHaveAttribute('data-state', 'open');
});

test('the pretend keyboard plays like a learner, and its answer is judged by its sound', async ({ page }) => {
  const room = await ownSet(page, ['Ines'], 'E harmonic minor\nC major');
  await room.open(`${page.url()}&see=bring`);
  await page.getByText('Played on a keyboard').click();
  await expect(page.getByRole('combobox', { name: 'Keyboard' })).toHaveValue('pretend');
  const play = page.getByRole('button', { name: 'Let the pretend learner play' });
  await page.getByRole('combobox', { name: 'What it plays' }).selectOption('seventh-not-raised');
  await play.press('Enter');
  await expect(page.getByText('Heard: E F♯ G A B C D E')).toBeVisible();
  const meant = page.getByRole('listitem').filter({ hasText: 'E F♯ G A B C D E' }).first();
  await expect(meant).toContainText('sounds otherwise');
  await meant.getByRole('button', { name: 'Take this answer' }).click();
  // The next question is in hand.
  await page.getByRole('combobox', { name: 'What it plays' }).selectOption('It knows it');
  await play.press('Space');
  await expect(page.getByText('Heard: C D E F G A B C')).toBeVisible();
  await expect(page.getByText('sounds right')).toBeVisible();
  await page.getByRole('button', { name: 'Take this answer' }).first().click();
  await page.keyboard.press('v');
  await page.keyboard.type('enter');
  await page.keyboard.press('Enter');
  await expect(room.cell('Ines', 1)).toHaveAttribute('data-state', 'wrong');
  await expect(room.cell('Ines', 2)).toHaveAttribute('data-state', 'right');
});

test('judging is stopped and goes on, and what a new scheme changed is shown until it was seen', async ({
  page,
}) => {
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route('**/judge-set.worker*', async (route) => {
    await held;
    await route.continue();
  });
  const room = new SetRoom(page);
  await room.open(DEMO);
  await page.getByRole('button', { name: 'Stop', exact: true }).press('Enter');
  await expect(page.getByText('Judging was stopped. What was judged stays.')).toBeVisible();
  await expect(room.cell('Yusuf', 1)).toHaveAttribute('data-state', 'judging');
  letGo();
  await page.getByRole('button', { name: 'Go on' }).press('Enter');
  await expect(room.cell('Yusuf', 1)).toHaveAttribute('data-state', 'wrong');
  await expect(room.total('Yusuf')).toHaveText('51/55');
  await isSaved(page);
  await page.goto('/class?part=answers');
  await isLive(page);
  await page
    .getByRole('group', { name: 'Marks', exact: true })
    .getByText('One for an answer that is all right')
    .click();
  await isSaved(page);
  await room.open(DEMO);
  await expect(room.total('Yusuf')).toHaveText('4/8');
  const changed = page.getByRole('status').filter({ hasText: 'judged otherwise than before' });
  await expect(changed).toContainText('Question 1, E F♯ G A B C D E: 7 of 8 before, 0 of 1 now (4 students)');
  await changed.getByRole('button', { name: 'Seen' }).press('Enter');
  await expect(changed).toHaveCount(0);
});

test('slips are given out: one PDF with a page for everybody, its reasons and its exercise', async ({
  page,
}, info) => {
  const room = new SetRoom(page);
  await room.open(`${DEMO}&see=slips`);
  await page.getByRole('button', { name: 'Greet', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Greet' }).first()).toContainText('Greet');
  const { bytes, name } = await savedBy(page, () =>
    page.getByRole('button', { name: 'All slips as one PDF' }).click(),
  );
  expect(name).toMatch(/\.pdf$/u);
  const { writeFile } = await import('node:fs/promises');
  const file = info.outputPath('slips.pdf');
  await writeFile(file, bytes);
  const { stdout } = await run('pdftotext', ['-raw', file, '-']);
  const text = stdout.replace(/\s+/gu, ' ');
  for (const student of ['Tove', 'Yusuf', 'Odile', 'M. K.', 'Noor']) expect(text).toContain(student);
  expect(text).toContain('Left the 7th as the signature has it.');
  expect(text).toContain('[D♮]');
  expect(text).toContain('You stopped before the end.');
  expect(text).toContain('To practise');
  const { stdout: about } = await run('pdfinfo', [file]);
  expect(Number(/Pages:\s+(\d+)/u.exec(about)?.[1])).toBeGreaterThanOrEqual(11);
  // Nobody's name has been in an address.
  expect(page.url()).not.toContain('Greet');
});

test('answers that are called out in class are counted without names, and stand on the board', async ({
  page,
}) => {
  const room = new SetRoom(page);
  await room.open(`${DEMO}&by=question`);
  const field = page.getByRole('textbox', { name: 'An answer that was called out' });
  await field.fill('E F# G A B C Db E');
  await field.press('Enter');
  await field.fill('E F# G A B C Db E');
  await field.press('Enter');
  await expect(page.getByRole('listitem').filter({ hasText: 'E F♯ G A B C D♭ E' })).toContainText('2');
  await isSaved(page);
  await room.open(`${DEMO}&see=class`);
  await page.getByRole('button', { name: 'These answers on the board' }).click();
  await expect(page).toHaveURL(/\/board\?/u);
  await isLive(page);
  expect(page.url()).not.toMatch(/Yusuf|Odile/u);
  // The right ones, the most frequent mistake, and then what was called out twice.
  for (let line = 0; line < 3; line += 1) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^2: /u).first()).toBeVisible();
});

test('a student has a course of their own, and a sheet that was handed in comes back to its questions', async ({
  page,
}) => {
  const room = new SetRoom(page);
  await room.open(`${DEMO}&see=student&person=demo-person-2`);
  await expect(room.sentence).toContainText('follow one student: Yusuf');
  await expect(page.getByRole('region', { name: 'Habits over all sets' })).toContainText(
    '4 times in one set',
  );
  await page.keyboard.press('w');
  await page.keyboard.type('noor');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'In this set' })).toContainText('C harmonic minor');
  // A sheet is made a set; the file of one student goes to its places.
  await room.open('/sheets?make=questions&n=4&on=minors&signs=3&seed=5');
  await page.getByRole('link', { name: 'Mark its answers' }).click();
  await page.getByRole('button', { name: 'Make a set of 4 questions' }).first().click();
  await expect(room.grid.getByRole('columnheader')).toHaveCount(6);
  const { writeHandedIn } = await import('@/formats/handed-in/handed-in');
  const sheet =
    '?make=questions&n=4&on=minors&signs=3&clefs=treble.bass&signature=written&version=A&seed=5&maker=1';
  const handedIn = writeHandedIn({
    name: 'tove',
    sheet,
    answers: ['C-D', null, null, 'E-F'],
    at: '2026-11-28T18:00:00.000Z',
  });
  await room.open(`${page.url()}&see=bring`);
  await page
    .locator("input[type=file][aria-label='Choose files']")
    .setInputFiles({ name: 'answers.json', mimeType: 'application/json', buffer: Buffer.from(handedIn) });
  await page.getByRole('button', { name: 'Take 4 answers over' }).click();
  await page.keyboard.press('v');
  await page.keyboard.type('enter');
  await page.keyboard.press('Enter');
  for (const [at, state] of ['wrong', 'blank', 'blank', 'wrong'].entries())
    await expect(room.cell('Tove', at + 1)).toHaveAttribute('data-state', state);
});
