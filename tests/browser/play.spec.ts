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
