import { printed, readsPrints } from './printed';
import { expect, isLive, isSaved, OWN_SCHOOL, test } from './room';

test('an empty school opens on a plain sentence at its first step, and a handout is under fifteen actions away', async ({
  page,
  room,
}) => {
  await readsPrints(page);
  await page.goto(`${OWN_SCHOOL}/`);
  await isLive(page);
  await expect(room.sentence).toHaveText(
    'Build C major, going up, in the treble clef, without a key signature.',
  );
  await expect(page.locator('[aria-current=step]')).toBeVisible();
  await expect(page.getByText('1 of 8', { exact: true })).toBeVisible();

  let actions = 0;
  const press = async (key: string) => {
    actions += 1;
    await page.keyboard.press(key);
  };
  // A second sentence, its working whole, both kept in a lesson with a name of its own.
  await press('k');
  await press('t');
  await press('f');
  await press('Enter');
  await expect(room.sentence).toContainText('Build F major');
  await press('k');
  await press('l');
  await expect(room.shelf.getByRole('listitem')).toHaveCount(2);
  const sheet = await printed(page, async () => {
    actions += 1;
    await room.shelf.getByRole('button', { name: 'Print Not in a lesson as one handout' }).click();
  });
  expect(sheet.text).toContain('C major');
  expect(sheet.text).toContain('F major');
  expect(actions).toBeLessThan(15);
  await isSaved(page);
});

test('Mark fits its usual answer on a desk, marks and the box for corrections in view', async ({
  page,
  mark,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await mark.open('?kind=scale&tonic=B&scale=harmonic-minor&direction=up&clef=treble&signature=none');
  await mark.field.fill('B C# D E F# G# A# B');
  await expect(mark.habit).toContainText('Raised the 6th as well as the 7th');
  for (const shown of [
    mark.marks,
    mark.checks.getByRole('checkbox', { name: 'The student corrected it' }),
    mark.field,
    mark.habit.getByRole('heading').first(),
  ]) {
    await expect(shown).toBeInViewport({ ratio: 1 });
  }
  const overflow = await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight);
  expect(overflow).toBeLessThanOrEqual(0);
});
