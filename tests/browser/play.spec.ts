import type { Page } from '@playwright/test';
import { axeFindsNothing } from './axe';
import { expect, isLive, isSaved, savedBy, test } from './room';

const SCALE = '/play?tonic=C&scale=major&pattern=scale&rhythm=quarters&tempo=60&count=1';

/** C major up and down, a note a second. */
const HEARD = 'C4 D4 E4 F4 G4 A4 B4 C5 B4 A4 G4 F4 E4 D4 C4';

const FREQUENCY: Readonly<Record<string, number>> = {
  ...{ C4: 261.63, D4: 293.66, E4: 329.63, F4: 349.23, G4: 392, A4: 440, B4: 493.88, C5: 523.25 },
};

async function open(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await isLive(page);
}

const card = (page: Page) => page.getByRole('region', { name: 'Play it' });
const staff = (page: Page) => page.getByRole('region', { name: 'Pattern' });

/** Samples of a WAV file of 16 bits and one channel. */
function samplesOf(file: Buffer): { readonly samples: Float64Array; readonly rate: number } {
  expect(file.toString('latin1', 0, 4) + file.toString('latin1', 8, 12)).toBe('RIFFWAVE');
  expect(file.readUInt16LE(22)).toBe(1);
  const samples = new Float64Array((file.length - 44) / 2);
  for (let at = 0; at < samples.length; at += 1) samples[at] = file.readInt16LE(44 + 2 * at) / 0x7fff;
  return { samples, rate: file.readUInt32LE(24) };
}

/** How loud one frequency is in a stretch of samples (Goertzel's way). */
function loudness(samples: Float64Array, rate: number, frequency: number): number {
  const turn = 2 * Math.cos((2 * Math.PI * frequency) / rate);
  let [before, last] = [0, 0];
  for (const sample of samples) [before, last] = [last, sample + turn * last - before];
  return Math.sqrt(before * before + last * last - turn * before * last) / samples.length;
}

/** The frequency near another that is loudest, in cents from it. */
function centsOff(samples: Float64Array, rate: number, frequency: number): number {
  const cents = Array.from({ length: 121 }, (_, at) => at / 2 - 30);
  const best = cents
    .map((off) => ({ off, loud: loudness(samples, rate, frequency * 2 ** (off / 1200)) }))
    .toSorted((a, b) => b.loud - a.loud);
  return best[0]?.off ?? Number.NaN;
}

test('a pattern is said by keys, engraved, heard from a press on, and silent at Escape', async ({ page }) => {
  // What comes out at the end of every way of sound is listened to.
  await page.addInitScript(() => {
    const heard = new Map<BaseAudioContext, AnalyserNode>();
    Object.assign(window, { heard });
    const connect = AudioNode.prototype.connect as (this: AudioNode, ...to: unknown[]) => AudioNode;
    AudioNode.prototype.connect = function tapped(this: AudioNode, ...to: unknown[]) {
      if (to[0] instanceof AudioDestinationNode && this.context instanceof AudioContext) {
        const tap = heard.get(this.context) ?? new AnalyserNode(this.context, { fftSize: 2048 });
        heard.set(this.context, tap);
        connect.call(this, tap);
      }
      return connect.apply(this, to);
    } as typeof AudioNode.prototype.connect;
  });
  const peak = () =>
    page.evaluate(() => {
      const { heard } = window as unknown as { heard: Map<BaseAudioContext, AnalyserNode> };
      const all = [...heard.values()].map((tap) => {
        const samples = new Float32Array(tap.fftSize);
        tap.getFloatTimeDomainData(samples);
        return Math.max(...samples.map(Math.abs));
      });
      return Math.max(0, ...all);
    });
  const runs = () =>
    page.evaluate(() => {
      const { heard } = window as unknown as { heard: Map<BaseAudioContext, AnalyserNode> };
      return [...heard.keys()].filter(({ state }) => state === 'running').length;
    });
  await open(page, '/play');
  await page.keyboard.press('t');
  await page.keyboard.type('c');
  await page.keyboard.press('Enter');
  await page.keyboard.press('s');
  await page.keyboard.type('major');
  await page.keyboard.press('Enter');
  await page.keyboard.press('q');
  await page.keyboard.type('1 3 5');
  await page.keyboard.press('Enter');
  await page.keyboard.press('c');
  await page.keyboard.type('without');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Play C major in triads, one octave, at 72, without a count-in, for concert pitch.',
  );
  await expect(staff(page).getByRole('img', { name: 'Pattern' })).toHaveAccessibleDescription(
    /^In order: C E G D F A E G \| B F A/u,
  );
  expect(await runs()).toBe(0);
  await page.locator('body').click({ position: { x: 300, y: 700 } });
  await page.keyboard.press('Space');
  await expect(card(page)).toHaveAttribute('data-sound', 'sounding');
  await expect(card(page).getByRole('status')).toHaveText(/^Sounding: [A-G]$/u);
  await expect.poll(peak).toBeGreaterThan(0.02);
  expect(await peak()).toBeLessThan(0.5);
  await page.keyboard.press('Escape');
  await expect(card(page)).toHaveAttribute('data-sound', 'silent');
  await expect.poll(peak).toBe(0);
  await expect.poll(runs).toBe(0);

  // Leaving the room by its rail leaves nothing running.
  await page.keyboard.press('Space');
  await expect.poll(runs).toBe(1);
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Orbit' }).click();
  await isLive(page);
  await expect(page).toHaveURL(/\/orbit/u);
  await page.goBack();
  await isLive(page);
  await expect(card(page)).toHaveAttribute('data-sound', 'silent');
});

test('no part of sound or bars is loaded by a room that does not need it', async ({ page }) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(new URL(request.url()).pathname));
  await open(page, '/derive');
  await expect(page.locator('[data-saving=saved]')).toBeVisible();
  expect(asked.filter((path) => /\/(?:real|bars|Play)[^/]*\.js$/u.test(path))).toEqual([]);
});

/** What is saved of the sound of a pattern. */
async function soundOf(page: Page, address: string) {
  await open(page, address);
  await page.keyboard.press('x');
  const { bytes } = await savedBy(page, () => page.getByRole('menuitem', { name: 'Sound (WAV)' }).click());
  return samplesOf(bytes);
}

const loudestOf = (samples: Float64Array) =>
  samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);

test('the sound that is saved has its pitches, its onsets and its measure', async ({ page }) => {
  const under = await soundOf(page, `${SCALE}&drone=fifth`);
  const loudest = loudestOf(under.samples);
  expect(loudest).toBeGreaterThan(0.1);
  expect(20 * Math.log10(loudest)).toBeLessThan(-6);
  const chords = loudestOf((await soundOf(page, `${SCALE}&drone=two-five&strokes=legato`)).samples);
  expect(chords).toBeGreaterThan(0.1);
  expect(20 * Math.log10(chords)).toBeLessThan(-6);
  const { samples, rate } = await soundOf(page, `${SCALE}&drone=none`);
  const between = (from: number, to: number) => samples.slice(Math.round(from * rate), Math.round(to * rate));
  const [seconds, begin] = [1, 4];
  for (const [at, name] of HEARD.split(' ').entries()) {
    const from = begin + at * seconds;
    const frequency = FREQUENCY[name] ?? 0;
    expect(Math.abs(centsOff(between(from + 0.05, from + 0.22), rate, frequency)), name).toBeLessThan(5);
    // What is loud again after the air between two notes.
    let onset = from - 0.006;
    while (loudestOf(between(onset, onset + 0.001)) < 0.02 && onset < from + 0.05) onset += 0.0005;
    expect(Math.abs(onset - from), `${name} begins`).toBeLessThan(0.005);
  }
  expect(loudestOf(samples.slice(-800))).toBeLessThan(0.001);
});

test('a pattern is kept, printed, shown on the board and saved as files that say the same', async ({
  page,
}) => {
  await open(page, '/play?tonic=E&scale=melodic-minor&pattern=thirds&player=alto-saxophone');
  await expect(card(page)).toContainText('Written E melodic minor, it sounds as G melodic minor.');
  const saved = async (name: string) => {
    await page.keyboard.press('x');
    return (await savedBy(page, () => page.getByRole('menuitem', { name }).click())).bytes;
  };
  const abc = (await saved('ABC file')).toString('utf8');
  expect(abc).toContain('%%MIDI transpose -9');
  expect(abc).toMatch(/^K:Em clef=treble$/mu);
  const xml = (await saved('MusicXML file')).toString('utf8');
  expect(xml.match(/<measure /gu)).toHaveLength(3);
  expect(xml).toContain('<chromatic>-9</chromatic>');
  expect((await saved('MIDI file')).toString('latin1', 0, 4)).toBe('MThd');
  await page.keyboard.press('k');
  await isSaved(page);
  await page.keyboard.press('z');
  await expect(page).toHaveURL(/\/board/u);
  await expect(page.getByText(/^Play E melodic minor in thirds/u).first()).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('img', { name: 'Pattern' })).toBeVisible();
  // It is heard on the board, too, and Escape ends the sound before it ends the board.
  await page.keyboard.press('l');
  await expect(page.getByRole('button', { name: 'Stop the sound' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Listen' })).toBeVisible();
  await expect(page).toHaveURL(/\/board/u);
});

test('what a player does not reach is said, and nothing is lost', async ({ page }) => {
  await open(page, '/play?tonic=G%23&scale=major&pattern=scale&player=young-voice');
  await expect(page.getByRole('alert')).toContainText(
    'Not even one octave of it lies within the range of young voice',
  );
  await expect(card(page).getByRole('button', { name: 'Play' })).toBeDisabled();
  await page.keyboard.press('t');
  await page.keyboard.type('d');
  await page.keyboard.press('Enter');
  await expect(staff(page).getByRole('img', { name: 'Pattern' })).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await expect(page).toHaveURL(/tempo=76/u);
  await page.keyboard.press('m');
  await page.keyboard.type('500');
  await expect(page.getByRole('dialog').getByRole('status')).toContainText("'500' is no tempo here");
  await page.keyboard.press('Escape');
  await axeFindsNothing(page);
});

test('a wind instrument shows the fingering of each note, its other ways, and its other name', async ({
  page,
}) => {
  await open(page, '/play?tonic=B&scale=harmonic-minor&pattern=scale&player=alto-saxophone');
  const fingering = page.getByRole('region', { name: 'Fingering' });
  const diagram = fingering.getByRole('img');
  await expect(diagram).toHaveAccessibleName('Fingering of B');
  await expect(diagram).toHaveAccessibleDescription('fingers 1');
  await expect(fingering.getByRole('button', { name: 'The note before' })).toBeDisabled();
  const next = fingering.getByRole('button', { name: 'The next note' });
  // B C♯ D E F♯ G A♯: the raised 7th has four ways.
  for (let note = 0; note < 6; note += 1) await next.press('Enter');
  await expect(diagram).toHaveAccessibleName('Fingering of A♯');
  await expect(fingering).toContainText('A♯ and B♭ are fingered alike.');
  await expect(fingering.getByRole('radio')).toHaveCount(4);
  await expect(diagram).toHaveAccessibleDescription('fingers 1, octave key, bis key');
  await fingering.getByRole('radio', { name: /A♯ between F♯ and B/u }).check();
  await expect(diagram).toHaveAccessibleDescription('fingers 1 5, octave key');
  await axeFindsNothing(page);

  await open(page, '/play?tonic=C&scale=major&pattern=scale&player=descant-recorder');
  await expect(diagram).toHaveAccessibleDescription('thumb 1 2 3 4 5 6 7 closed');
  await open(page, '/play?tonic=C&scale=major&pattern=scale&player=horn');
  await expect(card(page)).toBeVisible();
  await expect(fingering).toHaveCount(0);
});

/** What the card says of whose turn it is. */
const cue = (page: Page) => card(page).locator('[data-cue]');

test('call and response: a bar is called, answered in silence, and grows until all play it', async ({
  page,
}) => {
  await open(page, '/play?tonic=E&scale=major&pattern=scale&rhythm=quarters&tempo=200&count=0&way=echo');
  await expect(page.getByText('Played call by call.')).toBeVisible();
  await page.keyboard.press('Space');
  const told: string[] = [];
  const tell = async (text: RegExp) => {
    await expect(cue(page)).toHaveText(text);
    told.push((await cue(page).textContent()) ?? '');
  };
  await tell(/^Listen$/u);
  await tell(/^Your turn$/u);
  // The notes to answer with are lit while they are to be played.
  await expect(staff(page).locator('[data-lit]')).toBeVisible();
  await tell(/^Listen$/u);
  await tell(/^Your turn$/u);
  await page.keyboard.press('Escape');
  await expect(card(page)).toHaveAttribute('data-sound', 'silent');
  await expect(cue(page)).toHaveCount(0);
  expect(told).toHaveLength(4);
});

test('a line stops on its last step, asks where it wants to go, and comes home', async ({ page }) => {
  await open(page, '/play?tonic=E&scale=harmonic-minor&pattern=scale&tempo=200&count=0&way=home&drone=tonic');
  await page.keyboard.press('Space');
  await expect(cue(page)).toHaveText('Stop: this is D♯. Where does it want to go?');
  await expect(cue(page)).toHaveText('Home: E');
  await expect(card(page)).toHaveAttribute('data-sound', 'silent');
});

test('a tune is kept in degrees, played in three keys, and what is done stands on the ring', async ({
  page,
}) => {
  await open(page, '/play?tonic=E&scale=major');
  await page.keyboard.press('q');
  await page.keyboard.type('gulls');
  await page.keyboard.press('Enter');
  const tune = page.getByRole('region', { name: 'Tune in degrees' });
  const notes = staff(page).getByRole('img', { name: 'Pattern' });
  await expect(notes).toHaveAccessibleDescription(/^In order: B \| E F♯ \| G♯ B/u);
  await tune.getByRole('button', { name: 'E is done' }).click();
  await expect(tune.getByRole('status')).toHaveText('1 of 15 keys: E.');
  await tune.getByRole('button', { name: 'Next: B', exact: true }).click();
  await expect(notes).toHaveAccessibleDescription(/^In order: F♯ \| B C♯ \| D♯ F♯/u);
  await tune.getByRole('button', { name: 'B is done' }).press('Enter');
  // A place of the ring is another key.
  await tune.getByRole('button', { name: 'F', exact: true }).press('Enter');
  await expect(notes).toHaveAccessibleDescription(/^In order: C \| F G \| A C/u);
  await tune.getByRole('button', { name: 'F is done' }).press('Space');
  await expect(tune.getByRole('status')).toHaveText('3 of 15 keys: F, E, B.');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(tune.getByRole('status')).toHaveText('3 of 15 keys: F, E, B.');
  await axeFindsNothing(page);

  // One's own: wrong bars are told and stay as they were typed, right ones stand at once and are kept.
  const degrees = tune.getByRole('textbox', { name: 'Its degrees' });
  await tune.getByRole('textbox', { name: 'Name of the tune' }).fill('Low Water');
  await degrees.fill('4/4 1 3 5 3 2 | 6 5 - -');
  await expect(page.getByRole('alert')).toContainText('Bar 1 holds 5 quarters; a bar of 4/4 holds 4.');
  await degrees.fill('4/4 1 3 5 3 | 6 5 - -');
  await expect(page.getByRole('alert')).toContainText('There are 18 syllables for 6 notes');
  await tune.getByRole('textbox', { name: /^Its words/u }).fill('');
  await expect(notes).toHaveAccessibleDescription('In order: F A C A | D C');
  await tune.getByRole('button', { name: 'Keep the tune' }).click();
  await expect(tune.getByRole('button', { name: 'The tune is kept.' })).toBeDisabled();
  await isSaved(page);
  await open(page, '/play');
  await isSaved(page);
  await page.keyboard.press('q');
  await page.keyboard.type('low water');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('as Low Water');
});

test('a fingering that is chosen is remembered for the scale, with what the teacher says of the hands', async ({
  page,
}) => {
  const address = '/play?tonic=B&scale=harmonic-minor&pattern=scale&player=alto-saxophone';
  await open(page, address);
  const fingering = page.getByRole('region', { name: 'Fingering' });
  const next = fingering.getByRole('button', { name: 'The next note' });
  const toSeventh = async () => {
    for (let note = 0; note < 6; note += 1) await next.press('Enter');
  };
  await toSeventh();
  await fingering.getByRole('radio', { name: /A♯ between F♯ and B/u }).check();
  await expect(fingering).toContainText('Remembered for this scale: A♯ is fingered so.');
  const hands = page.getByRole('textbox', { name: /^Hands and posture/u });
  await hands.fill('Right hand light');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await toSeventh();
  await expect(fingering.getByRole('radio', { name: /A♯ between F♯ and B/u })).toBeChecked();
  await expect(hands).toHaveValue('Right hand light');
  // Another scale on the same instrument has its own.
  await open(page, address.replace('harmonic-minor', 'major'));
  await toSeventh();
  await expect(fingering.getByRole('radio', { name: /A♯ between F♯ and B/u })).not.toBeChecked();
  // A clarinet reads another key and has its own keys.
  await open(page, '/play?tonic=C&scale=major&pattern=scale&player=clarinet');
  await expect(card(page)).toContainText('Written C major, it sounds as B♭ major.');
  await expect(fingering).toContainText('Written twice and compared, 28 November 2026.');
});

test('a tune is written down by ear and judged, with the habit behind what is wrong', async ({ page }) => {
  await open(page, '/play?tonic=E&scale=major&pattern=tune&tune=Buoy: 4/4 1 2 3 5 | 3 - 1 -&signature=none');
  await page.keyboard.press('j');
  const pad = page.getByRole('region', { name: 'Write it down' });
  await expect(pad).toContainText('Listen, and write what you hear in E major.');
  await expect(page.getByRole('region', { name: 'Tune in degrees' })).toHaveCount(0);
  await page.keyboard.press('Space');
  await expect(card(page)).toHaveAttribute('data-sound', 'sounding');
  await page.keyboard.press('Escape');
  // Played on the keys of the screen, and the sharps forgotten on the staff.
  await pad.getByRole('button', { name: 'Keyboard' }).click();
  await pad.getByRole('button', { name: 'E 4, key' }).click();
  await pad.getByRole('application').focus();
  await page.keyboard.type('fgbge');
  await pad.getByRole('button', { name: 'Have it marked' }).press('Enter');
  await expect(page).toHaveURL(/\/mark\?kind=dictation/u);
  await isLive(page);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1 2 3 5 3 1 in E major');
  await expect(page.getByRole('region', { name: 'Likely habit' })).toContainText('Wrote plain letters');
  await page.keyboard.press('.');
  await page.getByRole('menuitem', { name: 'What was given, then what was expected' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Sounding' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('status').filter({ hasText: 'Sounding' })).toHaveCount(0);
});

test('what stands in other rooms is heard from a press on, and stops with it', async ({ page }) => {
  for (const [address, what] of [
    ['/derive', 'The working, step by step'],
    ['/orbit?see=chords&key=F+minor', 'Its chords'],
    ['/orbit?see=route&from=E+major&to=F+major', 'The keys of the route, chord by chord'],
  ] as const) {
    await open(page, address);
    await page.keyboard.press('.');
    await page.getByRole('menuitem', { name: what, exact: true }).press('Enter');
    const stop = page.getByRole('button', { name: 'Stop the sound' });
    await expect(stop).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(stop).toHaveCount(0);
    await page.keyboard.press('.');
    await page.getByRole('menuitem', { name: what, exact: true }).click();
    await expect(stop).toBeVisible();
    // Another sentence is another sound.
    await page.keyboard.press('t');
    await page.keyboard.type('b');
    await page.keyboard.press('Enter');
    await expect(stop).toHaveCount(0);
  }
});

test('variations are done or not, with their goals, and rounds are counted by what is sung', async ({
  page,
}) => {
  await open(page, '/play?tonic=E&scale=major&pattern=scale');
  const variations = page.getByRole('region', { name: 'Variations' });
  await variations.getByRole('button', { name: 'two slurred, two staccato' }).press('Enter');
  await expect(page).toHaveURL(/strokes=two-and-two/u);
  await expect(staff(page).locator('[data-part=stroke]').first()).toBeAttached();
  await variations.getByRole('checkbox', { name: 'Done: two slurred, two staccato' }).check();
  await expect(variations).toContainText('1 of 10 done.');
  const goal = variations.getByRole('spinbutton', { name: 'Goal of: two slurred, two staccato' });
  await expect(goal).toHaveValue('84');
  await goal.fill('96');
  await goal.press('Tab');
  const rounds = page.getByRole('region', { name: 'Rounds' });
  await rounds.getByRole('button', { name: 'One more round: On note names' }).press('Enter');
  await expect(rounds).toContainText('Twice, on different names');
  await rounds.getByRole('button', { name: 'One more round: On numbers' }).press('Space');
  await expect(rounds).toContainText('Twice on different names: done for today.');
  await isSaved(page);
  await page.reload();
  await isLive(page);
  await expect(goal).toHaveValue('96');
  await expect(variations).toContainText('1 of 10 done.');
  await expect(rounds).toContainText('done for today');
  await page.keyboard.press('Control+z');
  await expect(rounds).toContainText('Twice, on different names');
  await page.keyboard.press('v');
  await page.keyboard.type('numbers');
  await page.keyboard.press('Enter');
  await expect(staff(page).locator('[data-part=sung]')).toHaveCount(15);
});

test('to play freely there are chords, a task and the time that is left', async ({ page }) => {
  await open(
    page,
    '/play?tonic=E&scale=major&pattern=scale&way=free&drone=two-five&tempo=200&count=0&minutes=1',
  );
  const task = page.getByRole('region', { name: 'Task' });
  await expect(task).toContainText('Only these seven notes: E F♯ G♯ A B C♯ D♯.');
  await expect(task).toContainText('1:00 left');
  await page.keyboard.press('Space');
  await expect(cue(page)).toHaveText('Bar 1 of 48: chord on F♯');
  await expect(cue(page)).toHaveText('Bar 2 of 48: chord on B');
  await expect(task).toContainText('0:5');
  const before = await task.textContent();
  await task.getByRole('button', { name: 'Another task' }).press('Enter');
  await expect(task).not.toHaveText(before ?? '');
  await page.keyboard.press('Escape');
  // A scale without chords in thirds has none under it, and that is said.
  await open(page, '/play?tonic=E&scale=chromatic&drone=chord');
  await expect(page.getByRole('alert').filter({ hasText: 'chord' })).toBeVisible();
});

test('questions by ear are heard, answered and explained', async ({ page }) => {
  await open(page, '/play?tonic=E&scale=harmonic-minor&pattern=scale');
  const ear = page.getByRole('region', { name: 'By ear' });
  for (const [name, answer] of [
    ['Finished or not?', 'It has come home'],
    ['Which of the two?', 'The second'],
    ['Where is home?', 'E'],
  ] as const) {
    await ear.getByRole('button', { name, exact: true }).press('Enter');
    await expect(card(page)).toHaveAttribute('data-sound', /sounding|coming/u);
    await ear.getByRole('button', { name: answer, exact: true }).press('Enter');
    await expect(ear.getByRole('status')).toHaveText(/^(?:Right\.|Not so\.) /u);
  }
  await expect(ear.getByRole('status')).toHaveText('Right. Home is E.');
  await ear.getByRole('button', { name: 'Hear it again' }).press('Enter');
  await expect(card(page)).toHaveAttribute('data-sound', 'sounding');
});

test('a tune comes in from a file, and plays in another key', async ({ page }) => {
  await open(page, '/play');
  const abc = 'X:1\nT:Slack Tide\nM:3/4\nL:1/4\nK:Eb\nB, | E2 F | G2 B | A F D | E2 |]\n';
  await page.locator('input[type=file]').setInputFiles({
    ...{ name: 'tide.abc', mimeType: 'text/plain', buffer: Buffer.from(abc) },
  });
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('Slack Tide, in E♭ major: 9 notes, in degrees');
  await sheet.getByRole('button', { name: 'Open in Play' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Play E♭ major as Slack Tide');
  await page.keyboard.press('t');
  await page.keyboard.type('c');
  await page.keyboard.press('Enter');
  await expect(staff(page).getByRole('img', { name: 'Pattern' })).toHaveAccessibleDescription(
    'In order: G | C D | E G | F D B | C',
  );
});

test('a MIDI keyboard that is plugged in plays into a staff and into a row of notes', async ({ page }) => {
  await page.addInitScript(() => {
    const input = {
      ...{ id: 'one', name: 'Quay Piano', manufacturer: '', version: '', type: 'input' },
      ...{ state: 'connected', connection: 'open', onmidimessage: null as ((event: unknown) => void) | null },
      ...{ open: async () => input, close: async () => input },
      ...{ addEventListener: () => undefined, removeEventListener: () => undefined },
    };
    const access = {
      ...{ inputs: new Map([['one', input]]), outputs: new Map(), sysexEnabled: false, onstatechange: null },
      ...{ addEventListener: () => undefined, removeEventListener: () => undefined },
    };
    Object.assign(navigator, { requestMIDIAccess: async () => access });
    Object.assign(window, {
      strike: (midi: number) =>
        input.onmidimessage?.({ data: new Uint8Array([0x90, midi, 80]), timeStamp: performance.now() }),
    });
  });
  const strike = (midi: number) =>
    page.evaluate((key) => (window as unknown as { strike: (midi: number) => void }).strike(key), midi);
  await open(page, '/play?tonic=E&scale=major&pattern=scale&signature=none');
  await page.keyboard.press('j');
  const pad = page.getByRole('region', { name: 'Write it down' });
  await pad.getByRole('button', { name: 'Keyboard' }).click();
  await expect(pad.getByText('Listening to Quay Piano, too.')).toBeVisible();
  for (const midi of [64, 66, 68, 69, 71, 73, 75, 76]) await strike(midi);
  await expect(pad.getByRole('application')).toHaveAccessibleName(
    /E, F sharp, G sharp, A, B, C sharp, D sharp, E/u,
  );

  await open(page, '/derive?question=name&notes=');
  await page.getByRole('button', { name: 'Keyboard', exact: true }).click();
  await expect(page.getByText('Listening to Quay Piano, too.')).toBeVisible();
  const field = page.getByRole('textbox', { name: 'Notes' }).first();
  const before = await field.inputValue();
  await strike(66);
  await expect(field).toHaveValue(`${before} F♯`.trim());
});
