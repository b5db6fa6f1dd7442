import { readFile } from 'node:fs/promises';
import { test as plain } from '@playwright/test';
import { expect, test } from './room';

test.describe('without scripts', () => {
  test.use({ javaScriptEnabled: false });

  test('the served page stands with sentence, staff, stride and working', async ({ page }) => {
    await page.goto('/derive');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('harmonic minor');
    const staff = page.getByRole('region', { name: 'Staff' });
    await expect(staff.getByRole('group', { name: 'Staff' })).toHaveAccessibleDescription(
      /^Bass clef, key signature of four sharps/u,
    );
    await expect(staff.locator('[data-part=note]')).toHaveCount(8);
    await expect(page.locator('[aria-current=step]')).toContainText('B♯ up a half step is C♯: home.');
  });
});

test('everything comes from this server', async ({ page, room }) => {
  const hosts = new Set<string>();
  page.on('request', (request) => {
    const { protocol, host } = new URL(request.url());
    if (protocol.startsWith('http')) hosts.add(host);
  });
  await room.open();
  await page.keyboard.press('l');
  await expect(room.shelf.getByRole('listitem')).toHaveCount(11);
  expect([...hosts]).toEqual(['127.0.0.1:4781']);
});

test('the fonts ship with it, accidentals too', async ({ page, room }) => {
  await room.open();
  const loaded = await page.evaluate(async () => {
    await document.fonts.ready;
    return [...document.fonts]
      .filter(({ status }) => status === 'loaded')
      .map(({ family }) => family.replaceAll('"', ''));
  });
  expect(new Set(loaded)).toEqual(
    new Set(['Moon Step Signs', 'Source Serif 4 Variable', 'Atkinson Hyperlegible Next Variable']),
  );
});

// The browser complains of the intruder, as it should, so this test does not listen for complaints.
plain('the policy lets no script in that it does not know', async ({ page, request }) => {
  const response = await request.get('/derive');
  expect(response.headers()['content-security-policy']).toContain("script-src 'self' 'sha256-");
  await page.goto('/derive');
  const ran = await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'window.intruder = true';
    document.head.append(script);
    return 'intruder' in window;
  });
  expect(ran).toBe(false);
});

test('the endpoints answer over HTTP, problems as documents', async ({ request }) => {
  const scale = await request.get('/api/v1/scale?tonic=F%23&scale=melodic-minor&direction=both');
  expect(scale.status()).toBe(200);
  expect((await scale.json()).descending.join(' ')).toBe('F# E D C# B A G# F#');
  const again = await request.get('/api/v1/scale?tonic=F%23&scale=melodic-minor&direction=both', {
    headers: { 'If-None-Match': scale.headers()['etag'] ?? '' },
  });
  expect(again.status()).toBe(304);

  for (const [path, status] of [
    ['/api/v1/scale?tonic=H&scale=major', 422],
    ['/api/v1/scale', 400],
    ['/api/v1/nothing', 404],
    ['/api/v2', 404],
    ['/api/v1/signature?fifths=9', 422],
  ] as const) {
    const response = await request.get(path);
    expect([path, response.status(), response.headers()['content-type']]).toEqual([
      path,
      status,
      'application/problem+json',
    ]);
    expect(await response.json()).toMatchObject({ status });
  }
  const forms: readonly Record<string, string>[] = [
    { 'Content-Type': 'application/json' },
    { 'Content-Type': 'application/x-www-form-urlencoded', Origin: 'http://elsewhere.example' },
  ];
  for (const headers of forms) {
    const response = await request.post('/api/v1/scale', { headers, data: 'a=b' });
    expect([response.status(), response.headers()['content-type']]).toEqual([
      405,
      'application/problem+json',
    ]);
  }
  const head = await request.head('/api/v1/scale?tonic=C&scale=major');
  expect([head.status(), head.headers()['etag']?.length, (await head.body()).length]).toEqual([200, 24, 0]);
  const long = await request.get(`/api/v1/scale?scale=major&tonic=${'C'.repeat(30_000)}`);
  expect(long.status()).toBe(413);
  const document = await request.get('/api/v1/openapi.json');
  expect((await document.json()).openapi).toBe('3.1.0');
});

plain('what is shipped to the browser and the server stands among the licences', async () => {
  const packages = JSON.parse(await readFile('dist/bundled-packages.json', 'utf8')) as string[];
  const licences = await readFile('dist/client/licences.txt', 'utf8');
  expect(packages.length).toBeGreaterThan(60);
  expect(packages.filter((name) => !licences.includes(`\n${name} `))).toEqual([]);
});
