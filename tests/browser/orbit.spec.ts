import { axeFindsNothing } from './axe';
import { printed, readsPrints } from './printed';
import { expect, isLive, savedBy, test } from './room';

test('two keys are compared, and a route is planned by keyboard only', async ({ page, orbit }) => {
  await orbit.open('?see=keys&key=E+major');
  await page.keyboard.press('q');
  await page.keyboard.type('go');
  await page.keyboard.press('Enter');
  await expect(orbit.sentence).toHaveText('Go from E major to F major.');
  const card = orbit.card('E major – F major');
  await expect(card).toContainText('Five places apart anticlockwise, seven clockwise.');
  await expect(card).toContainText('Shared by spelling: two, E A. By sound: the same.');
  await expect(card).toContainText('no triad sounds in both');
  const stops = card.getByRole('table').getByRole('row');
  await expect(stops).toHaveCount(7);
  await expect(stops.nth(2)).toContainText('A major3♯D♮E F♯m A C♯m');
  // Step by step along the circle.
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(card.locator('[aria-current=step]')).toHaveText('A major');
  await expect(page).toHaveURL(/step=2/u);
  await page.keyboard.press('End');
  // Another goal, typed; far keys under other names pass the seam.
  await page.keyboard.press('g');
  await page.keyboard.type('db');
  await page.keyboard.press('Enter');
  await expect(orbit.sentence).toHaveText('Go from E major to D♭ major.');
  await expect(orbit.card('E major – D♭ major')).toContainText(
    'At the seam F♯ major becomes G♭ major: every note gets its other name.',
  );
  await page.getByRole('button', { name: 'All at once' }).click();
  await expect(page.getByRole('note')).toContainText('Seven new notes at once');
  await page.goBack();
  await expect(page.getByRole('note')).toContainText('At the seam');
  // Another place of the circle is the goal.
  await orbit.place('G major, one sharp').click();
  await expect(orbit.sentence).toHaveText('Go from E major to G major.');
});

test('the flats of a key are read off the circle, and its neighbours tell what is new', async ({
  page,
  orbit,
}) => {
  await orbit.open('?see=keys&key=Cb+major');
  const card = orbit.card('C♭ major');
  await expect(card).toContainText(
    'Flats run anticlockwise from B♭ and stop one place past C♭: B♭ E♭ A♭ D♭ G♭ C♭ F♭.',
  );
  await card.getByRole('button', { name: 'Show on the circle' }).click();
  await expect(page.getByRole('group', { name: 'The circle, read as notes' })).toBeVisible();
  await expect(orbit.place('B flat, 1')).toBeVisible();
  await expect(orbit.place('C flat, 6')).toBeVisible();
  await card.getByRole('button', { name: 'Back to the keys' }).click();
  await page.keyboard.press('t');
  await page.keyboard.type('eb');
  await page.keyboard.press('Enter');
  const other = orbit.card('E♭ major');
  await expect(other).toContainText('B♭ major has A♮ for A♭: its 7th, the 2nd of G minor.');
  await expect(other).toContainText('A♭ major has D♭ for D♮: its 4th, the 6th of F minor.');
  await expect(other).toContainText('F dorian');
  await other.getByRole('link', { name: 'C minor' }).first().click();
  await expect(orbit.sentence).toHaveText('See C minor among the keys.');
});

test('the hand drags along the circle, arrows walk it, and Back walks back over it', async ({
  page,
  orbit,
}) => {
  await orbit.open('?see=keys&key=C+major');
  const [from, to] = await Promise.all(
    ['C major, no sharps or flats', 'A major, three sharps'].map((name) => orbit.place(name).boundingBox()),
  );
  if (!from || !to) throw new Error('places');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 });
  await expect(orbit.sentence).toHaveText('See A major among the keys.');
  await page.mouse.up();
  await page.mouse.move(0, 0);
  await page.goBack();
  await expect(orbit.sentence).toHaveText('See C major among the keys.');
  await orbit.sentence.click();
  await page.keyboard.press('ArrowLeft');
  await expect(orbit.sentence).toHaveText('See F major among the keys.');
  // The places by keys alone.
  await orbit.place('C major, no sharps or flats').focus();
  await page.keyboard.press('ArrowRight');
  await expect(orbit.place('G major, one sharp')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(orbit.sentence).toHaveText('See G major among the keys.');
});

test('a key is seen among its chords, the same ones numbered anew in the relative', async ({
  page,
  orbit,
}) => {
  await orbit.open('?see=chords&key=F+minor');
  const rows = orbit.card('Its seven chords').getByRole('row');
  await expect(rows.nth(1)).toHaveText('iFmF A♭ Cvi');
  await expect(rows.nth(2)).toHaveText('ii°G°G B♭ D♭vii°');
  await page.getByRole('button', { name: 'v, C minor' }).click();
  const card = orbit.card('Its seven chords');
  await expect(card).toContainText('V of Cm: G7');
  await expect(card).toContainText('Gø7, C7, Fm7');
  await page.keyboard.press('s');
  await page.keyboard.type('sev');
  await page.keyboard.press('Enter');
  await expect(orbit.sentence).toHaveText('See F minor among its chords, as sevenths.');
  await expect(rows.nth(2)).toContainText('G B♭ D♭ F');
  await page
    .getByRole('group', { name: 'Read the circle as' })
    .getByRole('button', { name: 'notes' })
    .click();
  await expect(orbit.sentence).toHaveText('See F among the notes.');
  await expect(orbit.card('A fifth, three ways')).toContainText('F G A B C: five letters');
});

test('the blank circle is filled by keyboard, with a mistake that is told by its habit', async ({
  page,
  orbit,
}) => {
  await orbit.open('?see=fill&circle=fifteen&mode=major&time=untimed');
  await page.getByRole('textbox', { name: 'Name at the place at the top' }).focus();
  for (const name of 'C G D A E B F C# F Bb Eb Ab Db Gb Cb'.split(' ')) {
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
  }
  // What is written outlives the page.
  await page.reload();
  await isLive(page);
  await expect(page.getByRole('textbox', { name: 'Name at the place six places clockwise' })).toHaveValue(
    'F',
  );
  await page.getByRole('button', { name: 'Check' }).click();
  const told = page.getByRole('region', { name: 'Blank circle' });
  await expect(told).toContainText('14 of 15 right.');
  await expect(told.getByRole('listitem')).toHaveText(
    '✗ F Six places clockwise is F♯: the letter is right, its sign is missing. A fifth is seven half steps; count them, not white keys.',
  );
  // What was checked stands until it is gone on with.
  const missing = page.getByRole('textbox', { name: 'Name at the place six places clockwise' });
  await expect(missing).not.toBeEditable();
  await page.getByRole('button', { name: 'Go on' }).click();
  await missing.fill('F#');
  await page.getByRole('button', { name: 'Check' }).click();
  await expect(told).toContainText('All 15 places are right.');
  await page.getByRole('button', { name: 'Empty it' }).click();
  const top = page.getByRole('textbox', { name: 'Name at the place at the top' });
  await expect(top).toHaveValue('');
  // A mode that is written is judged with the note.
  await top.fill('C minor');
  await page.getByRole('button', { name: 'Check' }).click();
  await expect(told.getByRole('listitem').first()).toContainText('✗ C minor');
});

test('the key book is sorted, searched, saved as a table, and printed on one page', {
  tag: '@window',
}, async ({ page, orbit }) => {
  await readsPrints(page);
  await orbit.open('?see=book');
  const table = page.getByRole('table', { name: 'Every signature with the keys it serves' });
  const rows = table.getByRole('row');
  await expect(rows).toHaveCount(16);
  await expect(rows.nth(1)).toContainText('noneSignature in the treble clef');
  await page.getByRole('button', { name: 'Other modes' }).click();
  await expect(rows.nth(1)).toContainText('D dorian');
  await expect(page).toHaveURL(/columns=.*modes/u);
  await page.getByRole('button', { name: 'Sort by Number' }).click();
  await expect(rows.nth(1)).toContainText('C♭ major');
  await page.getByRole('searchbox', { name: 'Find a key' }).fill('eb dorian');
  await expect(rows).toHaveCount(2);
  await page.getByRole('searchbox', { name: 'Find a key' }).fill('h major');
  await expect(page.getByText("No key in the book holds 'h major'.")).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find a key' }).fill('');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('x');
  const file = await savedBy(page, () =>
    page.getByRole('menuitem', { name: 'Key book as a table (CSV)' }).click(),
  );
  expect(file.name).toBe('key-book.csv');
  expect(file.bytes.toString('utf8')).toContain('3♭,B♭ E♭ A♭,E♭ major,C minor');
  const sheet = await printed(page, () => page.keyboard.press('p'));
  expect(sheet.pages).toBe(1);
  for (const key of ['C♭ major', 'C major', 'C♯ major', 'A minor', 'D dorian'])
    expect(sheet.text).toContain(key);
  expect(sheet.ink).toBeLessThan(0.15);
  // With all its columns it lies across the paper, and still is one page.
  const columns = 'count,staff,signs,major,minor,modes,notes,newNote,parallel,enharmonic';
  await orbit.open(`?see=book&columns=${columns}`);
  const wide = await printed(page, () => page.keyboard.press('p'));
  expect(wide.pages).toBe(1);
  for (const key of ['C♭ major', 'B♭ locrian', 'A♯ minor', 'E♯ locrian', 'D♭ major'])
    expect(wide.text, key).toContain(key);
});

test('a route is asked for, kept, found on the shelf, and printed in its words', async ({
  page,
  orbit,
  room,
}) => {
  await readsPrints(page);
  await room.open();
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Ask line' }).fill('E major to F major');
  await expect(page.getByRole('option')).toHaveText('From E major to F major');
  await page.keyboard.press('Enter');
  await expect(orbit.sentence).toHaveText('Go from E major to F major.');
  await expect(page).toHaveURL(/\/orbit\?see=route/u);
  await isLive(page);
  await page.keyboard.press('k');
  await expect(page.getByText('Kept on the shelf. Ctrl Z takes it back.')).toBeVisible();
  await page.keyboard.press('l');
  await expect(room.shelf.getByRole('link', { name: 'Go from E major to F major.' })).toBeVisible();
  await room.shelf.getByRole('link', { name: /Build F major/u }).click();
  await expect(page).toHaveURL(/\/derive\?/u);
  await isLive(page);
  await page.keyboard.press('l');
  await room.shelf.getByRole('link', { name: 'Go from E major to F major.' }).click();
  await expect(orbit.sentence).toHaveText('Go from E major to F major.');
  await isLive(page);
  const sheet = await printed(page, () => page.keyboard.press('p'));
  expect(sheet.pages).toBe(1);
  expect(sheet.text).toContain('Five places apart anticlockwise');
});

test('the circle is built place by place, a chord note by note, a line a fifth higher', async ({
  page,
  orbit,
}) => {
  await orbit.open('?see=build&circle=fifteen&step=7');
  const step = page.locator('[aria-current=step]');
  await expect(step).toContainText('F alone is only six half steps away: it needs its sharp.');
  await expect(orbit.ring.getByRole('button')).toHaveCount(7);
  await orbit.open('?see=spell&root=Gb&chord=major-seventh');
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(step).toContainText('two whole steps above G♭ stands B♭');
  await page.keyboard.press('End');
  await expect(step).toContainText('G♭ major seventh: G♭ B♭ D♭ F.');
  await orbit.open('?see=line&notes=G+A+B&key=C+major');
  await expect(orbit.card('The line and its fifths')).toContainText('Over B the key has F♮, six half steps');
  await expect(page.getByRole('img', { name: 'A fifth higher' })).toBeVisible();
});

test('a class of fourths with twelve keys and minors of their own sees its own circle', async ({
  page,
  orbit,
  classRoom,
}) => {
  await classRoom.open('?part=2');
  for (const [matter, choice] of [
    ['Keys taught', '12 keys'],
    ['The circle', 'Clockwise in fourths'],
    ['Minors stand', 'On a circle of their own'],
  ] as const) {
    await classRoom.choose(matter, choice);
    await classRoom.chosen(matter, choice);
  }
  await orbit.open('?see=keys&key=E+minor');
  await expect(orbit.ring.getByRole('button')).toHaveCount(12);
  // Fifths run to the left, and one sharp stands there.
  await expect(orbit.card('E minor')).toContainText('One place anticlockwise from A: one sharp.');
  const [sharp, flat] = await Promise.all(
    ['E minor, one sharp', 'D minor, one flat'].map((name) => orbit.place(name).boundingBox()),
  );
  expect(sharp?.x).toBeLessThan(flat?.x ?? 0);
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Ask line' }).fill('circle of fifths');
  await expect(page.getByRole('option')).toHaveText('The circle, built place by place');
  await page.keyboard.press('Enter');
  await expect(orbit.sentence).toHaveText('Build the circle of twelve keys.');
});

test('axe finds nothing in the room by day, and on a telephone', async ({ page, orbit }) => {
  for (const query of [
    '?see=keys',
    '?see=chords',
    '?see=notes',
    '?see=route',
    '?see=spell&step=2',
    '?see=line',
    '?see=build&step=9',
    '?see=fill',
    '?see=book',
  ]) {
    await orbit.open(query);
    await expect(page.locator('main svg').first()).toBeVisible();
    await axeFindsNothing(page);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await orbit.open('?see=route');
  await expect(orbit.place('C major, no sharps or flats')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
