import type { Page } from '@playwright/test';
import { expect, test } from './room';

const E_MINOR = '/derive?tonic=E&scale=harmonic-minor&direction=up&clef=treble&signature=written';

const lit = (page: Page) => page.locator('.scene [data-part=note][data-lit]');

test('the sentence gains a surface by keys: the fretboard, its frets typed, its span moved', async ({
  page,
  room,
}) => {
  await room.open(E_MINOR);
  await page.keyboard.press('a');
  await page.keyboard.type('on the fret');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('on the fretboard, frets 0 to 4.');
  await expect(page).toHaveURL(/on=fretboard%2Cstaff%2Crail/u);
  const board = room.surface('Fretboard');
  await expect(board.getByRole('button', { name: /^string 5, fret 2: B, the 5th/u })).toBeVisible();
  await expect(board.getByRole('button', { name: /^string 6, open: E, the tonic/u })).toBeVisible();

  const span = board.getByRole('slider', { name: 'Frets that are shown' });
  await span.focus();
  await page.keyboard.press('ArrowRight');
  await expect(span).toHaveAttribute('aria-valuetext', 'frets 1 to 5');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowLeft');
  await expect(room.sentence).toContainText('frets 1 to 5');
  await expect(page).toHaveURL(/frets=1-5/u);
  await expect(board.getByRole('button', { name: /open/u })).toHaveCount(0);

  await page.keyboard.press('f');
  await page.keyboard.type('5 to 9');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('frets 5 to 9');
  await expect(board.getByRole('button', { name: /^string 1, fret 8: C, the 6th/u })).toBeVisible();

  await page.goBack();
  await expect(room.sentence).toContainText('frets 1 to 5');
});

test('one string is walked in frets, said in frets, and seen from the other side', async ({ page, room }) => {
  await room.open(`${E_MINOR}&on=fretboard,staff,rail`);
  const board = room.surface('Fretboard');
  await board.getByRole('button', { name: 'One string' }).click();
  await expect(room.sentence).toContainText('along the 6th string');
  await expect(board.locator('#fretboard-desc')).toHaveText(
    'Along the 6th string: frets 0 2 3 5 7 8 11 12; up 2 1 2 2 1 3 1. A whole step is two frets, a half step one.',
  );
  await board.getByRole('button', { name: 'along the 4th string' }).click();
  await expect(board.locator('#fretboard-desc')).toContainText('frets 2 4 5 7 9 10 13 14');
  const first = board.getByRole('button', { name: /^string 4, fret 2: E/u });
  const before = await first.boundingBox();
  await board.getByRole('button', { name: 'Left-handed' }).click();
  await expect(page).toHaveURL(/left=yes/u);
  await expect.poll(async () => (await first.boundingBox())?.x).toBeGreaterThan(before?.x ?? 0);
});

test('a note pointed at on one surface lights on all of them, whichever they are', async ({ page, room }) => {
  await room.open(`${E_MINOR}&on=fretboard,staff,keyboard`);
  await room
    .surface('Fretboard')
    .getByRole('button', { name: /^string 2, fret 4: D♯|^string 2, fret 4: D sharp/u })
    .focus();
  await expect(room.surface('Staff').locator('.scene-halo[data-lit]')).toHaveCount(1);
  await expect(room.surface('Keyboard').locator('[data-part=note][data-lit]')).toHaveCount(1);
  // Every place of the note lights: D sharp on the second and on the fourth string.
  await expect(room.surface('Fretboard').locator('[data-part=note][data-lit]')).toHaveCount(2);
  await page.keyboard.press('Enter');
  await expect(room.step).toContainText('C up a step and a half is D♯.');
  await room
    .surface('Keyboard')
    .getByRole('button', { name: /^B, the 5th/u })
    .focus();
  await expect(lit(page)).not.toHaveCount(0);
  await expect(room.surface('Staff').locator('.scene-halo[data-lit]')).toHaveCount(1);
});

test('a part past seven signs is written in the other spelling, and says why', async ({ page, room }) => {
  await room.open('/derive?tonic=B&scale=major&direction=up&clef=treble&signature=written');
  await page.keyboard.press('a');
  await page.keyboard.type('alto sax');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('for alto saxophone.');
  const parts = room.surface('Concert and written');
  await expect(parts.getByText(/^Written/u)).toHaveText(
    'Written a major 6th above concert pitch, 9 half steps. The signature moves three to the sharp side: five sharps become eight sharps. G♯ major would have eight sharps, more than seven; A♭ major sounds the same with four flats.',
  );
  await expect(parts.getByRole('group', { name: 'Alto saxophone reads A♭ major' })).toBeVisible();
  await parts
    .getByRole('group', { name: 'Alto saxophone reads A♭ major' })
    .getByRole('button', { name: /^C, the 3rd/u })
    .focus();
  await expect(
    parts.getByRole('group', { name: 'Concert pitch: B major' }).locator('.scene-halo[data-lit]'),
  ).toHaveCount(1);

  await page.keyboard.press('i');
  await page.keyboard.type('concert');
  await page.keyboard.press('Enter');
  await expect(room.sentence).not.toContainText('for');
  await expect(room.surface('Rail')).toBeVisible();
});

test('a sign of the signature lights its notes on both staves of the grand staff', async ({ page, room }) => {
  await room.open(
    '/derive?tonic=E&scale=natural-minor&direction=both&clef=treble&signature=written&on=grand-staff',
  );
  const grand = room.surface('Grand staff');
  await grand.getByRole('button', { name: 'lower staff: F sharp in the signature' }).hover();
  // Up and down, on both staves.
  await expect(grand.locator('.scene-halo[data-lit]')).toHaveCount(4);
  await expect(grand.locator('[data-part=between][data-lit]')).toHaveCount(2);
  await expect(page.locator('#grand-desc')).toContainText('Bass clef, key signature of one sharp. E 2');
});

test('a class has its own large surface, and a sentence can say otherwise', async ({
  page,
  room,
  classRoom,
}) => {
  await classRoom.open('?part=surfaces');
  await classRoom.choose('A derivation is shown on', 'The keyboard, with staff and rail');
  await expect(classRoom.told).toHaveText('Saved');
  await room.open(E_MINOR);
  await expect(
    room.surface('Keyboard').getByRole('button', { name: /^D sharp, the 7th, raised/u }),
  ).toBeVisible();
  await expect(room.surface('Keyboard').getByText(/^Two black keys: F♯ D♯\./u)).toBeVisible();
  await expect(room.sentence).not.toContainText(', on ');
  await page.keyboard.press('a');
  await page.keyboard.type('on the stride');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('on the stride.');
  await page.keyboard.press('u');
  await page.keyboard.type('the keyboard');
  await page.keyboard.press('Enter');
  await expect(room.sentence).not.toContainText(', on ');
});

test('the letter wheel is walked in letters and in half steps, and says where one lands', async ({
  page,
  room,
}) => {
  await room.open(`${E_MINOR}&on=wheel,staff`);
  const wheel = room.surface('Letter wheel');
  const told = wheel.getByRole('status');
  const up = wheel.getByRole('button', { name: 'One further up' });
  await up.focus();
  for (let press = 0; press < 3; press += 1) await page.keyboard.press('Enter');
  await expect(told).toHaveText(
    'Three letters up from E: F G A. A is number 4, counting E as 1. The alphabet goes round: after G comes A. Turned round it is four letters down, a 5th for a 4th: the letter stays, the octave changes.',
  );
  await expect(wheel.locator('[data-part=hop]')).toHaveCount(3);
  await wheel.getByRole('button', { name: 'Half steps', exact: true }).click();
  await wheel.getByRole('button', { name: 'One further down' }).press('Space');
  await expect(told).toHaveText(
    'One half step down from E, not counting it, is D♯. E harmonic minor calls for D♯, not E♭: the same key and the same fret. Turned round it is eleven half steps up: the note stays, the octave changes.',
  );
  await wheel.getByRole('button', { name: 'Turn round' }).press('Enter');
  await expect(told).toContainText('Eleven half steps up from E, not counting it, is D♯.');
  await wheel.getByRole('button', { name: 'From the start' }).click();
  await expect(told).toContainText('Walk from E');
});

test.describe('by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the span of frets is moved, widened and narrowed', async ({ room }) => {
    await room.open(`${E_MINOR}&on=fretboard,staff,rail`);
    const board = room.surface('Fretboard');
    await board.getByRole('button', { name: 'One fret higher' }).tap();
    await expect(room.sentence).toContainText('frets 1 to 5');
    await board.getByRole('button', { name: 'Wider' }).tap();
    await expect(room.sentence).toContainText('frets 1 to 6');
    await board.getByRole('button', { name: 'Narrower' }).tap();
    await board.getByRole('button', { name: 'One fret lower' }).tap();
    await expect(room.sentence).toContainText('frets 0 to 4');
  });
});

test('a scale goes through two octaves on every surface, worked out once for both', async ({
  page,
  room,
}) => {
  await room.open(E_MINOR);
  await page.keyboard.press('a');
  await page.keyboard.type('two oct');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('going up two octaves, in the treble clef');
  await expect(page).toHaveURL(/octaves=two/u);
  const line = ['E', ...Array(2).fill(['F sharp', 'G', 'A', 'B', 'C', 'D sharp', 'E']).flat()];
  await expect.poll(() => room.strideNotes()).toEqual(line);
  const staff = room.surface('Staff').getByRole('group', { name: 'Staff' });
  await expect(staff.locator('[data-part=note]')).toHaveCount(15);
  // The step that decides the 2nd decides it in both octaves.
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(staff.locator('.scene-halo')).toHaveCount(2);
  // Pointed at, the note of that octave lights, and not the one below.
  await room
    .surface('Stride and keyboard')
    .getByRole('button', { name: /^F sharp, the 2nd\. Nine letters/u })
    .focus();
  await expect(lit(page)).toHaveCount(1);
  await page.keyboard.press('Escape');
  await page.keyboard.press('e');
  await page.keyboard.type('one');
  await page.keyboard.press('Enter');
  await expect(room.sentence).not.toContainText('octave');
  await expect.poll(() => room.strideNotes()).toEqual(line.slice(0, 8));
  await page.keyboard.press('/');
  await page.keyboard.type('e major two octaves for tenor saxophone');
  await page.keyboard.press('Enter');
  await expect(room.sentence).toContainText('going up two octaves');
  await expect(room.sentence).toContainText('for tenor saxophone');
});

/** Parts of drawings that have begun to move, with how long it takes. */
async function moved(page: Page): Promise<readonly { readonly part: string; readonly takes: number }[]> {
  return page.evaluate(() =>
    (window as unknown as { moved: { part: string; takes: number }[] }).moved.splice(0),
  );
}

/** Waits until a drawing has stood for as long as the quickest hand needs for its next press. */
async function painted(page: Page): Promise<void> {
  await page.evaluate(async () => {
    for (let frame = 0; frame < 4; frame += 1) await new Promise(requestAnimationFrame);
  });
}

test('motion shows where a note goes, in a quarter of a second at most, and is never in the way', async ({
  page,
  room,
}) => {
  await page.addInitScript(() => {
    const all: { part: string; takes: number }[] = [];
    Object.assign(window, { moved: all });
    document.addEventListener('transitionrun', ({ target, propertyName }) => {
      if (!(target instanceof SVGGElement) || propertyName !== 'transform') return;
      all.push({
        part: target.dataset['part'] ?? '',
        takes: Number.parseFloat(getComputedStyle(target).transitionDuration) * 1000,
      });
    });
  });
  await room.open('/derive?tonic=C%23&scale=harmonic-minor&clef=bass&signature=written&step=2');
  await painted(page);
  await moved(page);
  // The letter goes up from its key to where it sounds.
  await page.keyboard.press('ArrowRight');
  await expect(room.step).toContainText('D♯ up a half step is E');
  await expect.poll(async () => (await moved(page)).map(({ part }) => part)).toContain('note');
  // Pressed faster than it moves, it ends where the last press says.
  for (let press = 0; press < 4; press += 1) await page.keyboard.press('ArrowRight');
  await expect(room.step).toContainText('A up a step and a half is B♯');
  const takes: number[] = [];
  // A transition begins with the next frame.
  await expect
    .poll(async () => takes.push(...(await moved(page)).map((each) => each.takes)))
    .toBeGreaterThan(0);
  for (const each of takes) {
    expect(each).toBeGreaterThanOrEqual(150);
    expect(each).toBeLessThanOrEqual(250);
  }
  // Another question stands at once; only the window of the signature slides.
  await room.open('/derive?tonic=E&scale=major&clef=treble&signature=written');
  await moved(page);
  await page.getByRole('slider', { name: 'Window of the signature' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(room.sentence).toContainText('B major');
  const parts: string[] = [];
  await expect
    .poll(async () => {
      parts.push(...(await moved(page)).map(({ part }) => part));
      return parts;
    })
    .toContain('rail-window');
  expect(parts).not.toContain('note');
  await page.emulateMedia({ reducedMotion: 'reduce' });
  // The wish has reached the page, and what began before it has been told.
  await page.waitForFunction(() => window.matchMedia('(prefers-reduced-motion: reduce)').matches);
  await painted(page);
  await moved(page);
  await page.keyboard.press('ArrowLeft');
  await expect(room.sentence).toContainText('E major');
  await page.keyboard.press('Home');
  await page.keyboard.press('End');
  await expect(room.surface('Rail').locator('[data-part=rail-window]')).toBeVisible();
  expect(await moved(page)).toEqual([]);
});
