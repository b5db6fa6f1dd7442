import { expect, savedBy, test } from './room';

const FIRST = 'Opening: C major, both ways';
const SECOND = 'F major: why B♭ and not A♯';

test('the shelf is searched by name, note and sentence', async ({ page, room }) => {
  await room.open('/derive');
  await page.keyboard.press('l');
  const names = room.shelf.getByRole('listitem').getByRole('textbox', { name: /^Name of/u });
  const search = room.shelf.getByRole('searchbox', { name: 'Search the shelf' });
  await search.fill('odile');
  await expect(names).toHaveCount(1);
  await search.fill('melodic');
  await expect(names).toHaveCount(1);
  await search.fill('kraken');
  await expect(names).toHaveCount(0);
  await expect(room.shelf).toContainText("Nothing on the shelf holds 'kraken'.");
  await search.fill('');
  await expect(names).toHaveCount(11);
});

test('an item is carried by keys, by mouse, and into another lesson', async ({ page, room }) => {
  await room.open('/derive');
  await page.keyboard.press('l');
  const week = room.shelf.getByRole('region', { name: 'Week 3: steps and signatures' });
  const names = week.getByRole('listitem').getByRole('textbox', { name: /^Name of/u });
  await expect(names.first()).toHaveValue(FIRST);
  const many = await names.count();
  await week.getByRole('button', { name: `Drag ${FIRST}` }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(`${FIRST} at place 1 of ${many}.`)).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(`${FIRST} at place 2 of ${many}.`)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(names.nth(1)).toHaveValue(FIRST);

  const grip = await week.getByRole('button', { name: `Drag ${FIRST}` }).boundingBox();
  const target = await week.getByRole('button', { name: `Drag ${SECOND}` }).boundingBox();
  if (!grip || !target) throw new Error('no grips');
  await page.mouse.move(grip.x + 8, grip.y + 8);
  await page.mouse.down();
  await page.mouse.move(grip.x + 8, grip.y - 10, { steps: 4 });
  await page.mouse.move(target.x + 8, target.y, { steps: 8 });
  await page.mouse.up();
  await expect(names.first()).toHaveValue(FIRST);

  await room.onShelf(FIRST, 'Move to Week 4: the minors');
  await expect(names).toHaveCount(many - 1);
  await expect(room.shelf.getByRole('region', { name: 'Week 4: the minors' })).toContainText('Build C major');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(names).toHaveCount(many);
});

test('a lesson is made, filled with a copy, saved as a file, and deleted without what lies in it', async ({
  page,
  room,
}) => {
  await room.open('/derive');
  await page.keyboard.press('l');
  const loose = room.shelf.getByRole('region', { name: 'Not in a lesson' }).getByRole('listitem');
  await expect(loose.first()).toBeVisible();
  const before = await loose.count();
  await room.shelf.getByRole('button', { name: 'New lesson' }).click();
  // The name of a new lesson is ready to be typed, and nothing else is made of its letters.
  await expect(room.shelf.getByRole('textbox', { name: 'Name of Lesson' })).toBeFocused();
  await page.keyboard.type('Week 5: harbour concert');
  await expect(room.shelf.getByRole('region', { name: /^Week/u })).toHaveCount(3);
  await page.keyboard.press('Tab');
  await room.onShelf(SECOND, 'Make a copy');
  const copy = room.shelf.getByRole('textbox', { name: /^Name of F major: why.*copy/u });
  await expect(copy).toHaveCount(1);
  const name = await copy.inputValue();
  await room.onShelf(name, 'Move to Week 5: harbour concert');
  const week = room.shelf.getByRole('region', { name: 'Week 5: harbour concert' });
  await expect(week.getByRole('listitem')).toHaveCount(1);
  const file = await savedBy(page, () =>
    week.getByRole('button', { name: 'Save Week 5: harbour concert as a file' }).click(),
  );
  const saved = JSON.parse(file.bytes.toString()) as { records: Record<string, unknown[]> };
  expect(saved.records['kept']).toHaveLength(1);
  expect(saved.records['lessons']).toHaveLength(1);
  await room.onShelf('Week 5: harbour concert', /^Delete the lesson/u);
  await expect(week).toHaveCount(0);
  // The copy that lay in it.
  await expect(loose).toHaveCount(before + 1);
});

test('pictures and text are copied for slides', async ({ context, page, room }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await room.open('/derive?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass&signature=written');
  const copy = async (name: string) => {
    await page.keyboard.press('x');
    await page.getByRole('menuitem', { name, exact: true }).click();
    await expect(page.getByRole('banner').getByRole('status')).toHaveText(`Copied: ${name}.`);
  };
  await copy('Scale as text');
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('C♯ D♯ E F♯ G♯ A B♯ C♯');
  await copy('Working as text');
  expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(/^C♯ harmonic minor.*\n1\. /u);
  for (const name of ['Staff as a picture', 'Stride as a picture', 'Rail as a picture']) {
    await copy(name);
    const size = await page.evaluate(async () => {
      const [item] = await navigator.clipboard.read();
      const picture = await createImageBitmap(await (item as ClipboardItem).getType('image/png'));
      return [picture.width, picture.height];
    });
    expect(size[0]).toBeGreaterThan(700);
    expect(size[1]).toBeGreaterThan(100);
  }
});
