import { printed, readsPrints } from './printed';
import { expect, OWN_SCHOOL, test } from './room';

test.beforeEach(({ page }) => readsPrints(page));

const SENTENCES = [
  '?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass&signature=written&method=step-pattern',
  '?tonic=G&scale=melodic-minor&direction=both&clef=treble&signature=none&method=signature',
  '?tonic=Cb&scale=major&direction=both&clef=alto&signature=written&method=signature&step=3',
] as const;

for (const [index, sentence] of SENTENCES.entries()) {
  test(`a derivation and its blank are one page each: ${index + 1}`, async ({ page, room }) => {
    await room.open(`/derive${sentence}`);
    await expect(page.getByRole('button', { name: 'Class: Tuesday theory' })).toBeVisible();
    const asked = ((await room.sentence.textContent()) ?? '').trim();
    const lines = await room.working.allTextContents();
    const full = await printed(page, () => page.keyboard.press('p'));
    expect(full.pages).toBe(1);
    expect(full.text).toContain('Tidewick Evening Music School, Tuesday theory');
    expect(full.text.replaceAll(/\s+/gu, ' ')).toContain(asked);
    expect(full.text).toContain('Checked');
    // Every line of the working is on the paper, numbered.
    const numbered = [...full.text.matchAll(/(?:^|\s)(\d+)\. /gmu)].map(([, number]) => Number(number));
    expect(Math.max(...numbered)).toBe(lines.length);
    expect(full.ink).toBeGreaterThan(0.01);
    expect(full.ink).toBeLessThan(0.08);

    const blank = await printed(page, () => page.keyboard.press('b'));
    expect(blank.pages).toBe(1);
    expect(blank.text.replaceAll(/\s+/gu, ' ')).toContain(asked);
    expect(blank.text).toContain('Name');
    expect(blank.text).toContain('Date');
    expect(blank.text).not.toContain('Checked');
    expect(blank.coloured).toBe(false);
    expect(blank.ink).toBeLessThan(full.ink);
    // Nothing of the answer stands on the blank.
    expect(blank.text).not.toMatch(/\b(?:raised|half step|whole step)\b/u);
  });
}

test('night is printed by day, and comes back', async ({ page, room }) => {
  await page.addInitScript(() => localStorage.setItem('moon-step:light', 'night'));
  await room.open('/derive');
  const sheet = await printed(page, () => page.keyboard.press('p'));
  expect(sheet.ink).toBeLessThan(0.08);
  await expect(page.locator('html')).toHaveAttribute('data-light', 'night');
});

test('a lesson is printed as one handout, without the teacher’s notes', async ({ page, room }) => {
  await room.open('/derive');
  await page.keyboard.press('l');
  const sheet = await printed(page, () =>
    room.shelf.getByRole('button', { name: 'Print Week 3: steps and signatures as one handout' }).click(),
  );
  expect(sheet.text).toContain('Week 3: steps and signatures');
  for (const title of [
    'Opening: C major, both ways',
    'F major: why B♭ and not A♯',
    'E♭ major from its signature',
  ])
    expect(sheet.text.replaceAll('\n', ' ')).toContain(title);
  expect(sheet.text).not.toContain('Tove');
  // A sheet among them is printed whole, with what it asks.
  expect(sheet.text).toContain('Draw the signature of');
  expect(sheet.pages).toBeLessThanOrEqual(6);
  // The teacher's own copy has the notes.
  const own = await printed(page, () => room.onShelf('Week 3: steps and signatures', 'Print with my notes'));
  expect(own.text).toContain('Tove had A♯ on her recorder sheet.');
});

test('an own school prints under the name of its class alone', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  const sheet = await printed(page, () => page.keyboard.press('p'));
  expect(sheet.text).not.toContain('Tidewick');
});
