import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { type AddressInfo, connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from './app.mjs';
import { inlineScriptHashes, securityHeaders } from './policy.mjs';

const PAGE = `<html data-school="own"><script>const inline = 1;</script><script src="/a.js"></script>${' '.repeat(2000)}</html>`;

let folder = '';
let address = '';
let stop: () => void = () => undefined;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'moon-step-'));
  await mkdir(join(folder, '_astro'));
  await writeFile(join(folder, 'index.html'), PAGE);
  await writeFile(join(folder, 'derive.html'), PAGE);
  await writeFile(join(folder, '404.html'), PAGE);
  await writeFile(join(folder, '_astro/app.js'), `/* ${'x'.repeat(3000)} */`);
  const app = await createApp({ folder, school: 'demo', endpoints: (_request, _response, next) => next?.() });
  await new Promise<void>((resolve) => {
    app.listen(0, '127.0.0.1', resolve);
  });
  address = `http://127.0.0.1:${(app.address() as AddressInfo).port}`;
  stop = () => app.close();
});

afterAll(async () => {
  stop();
  await rm(folder, { recursive: true });
});

const get = (path: string, headers: Record<string, string> = {}, method = 'GET') =>
  fetch(address + path, { headers, method, redirect: 'manual' });

/** What comes back for a request line that no client would send. */
function raw(line: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const { hostname, port } = new URL(address);
    const socket = connect(Number(port), hostname, () => {
      socket.write(`${line}\r\nHost: here\r\nConnection: close\r\n\r\n`);
    });
    let answer = '';
    socket.on('data', (part) => {
      answer += String(part);
    });
    socket.on('end', () => resolve(answer));
    socket.on('error', reject);
  });
}

describe('the server', () => {
  it('serves pages without their ending, for the school it was started with', async () => {
    for (const path of ['/', '/derive', '/derive?tonic=C']) {
      const response = await get(path);
      expect(response.status).toBe(200);
      expect(await response.text()).toContain('data-school="demo"');
    }
  });

  it('answers 304 to the ETag it gave, and keeps hashed files for a year', async () => {
    const etag = (await get('/derive')).headers.get('etag') ?? '';
    expect((await get('/derive', { 'If-None-Match': etag })).status).toBe(304);
    expect((await get('/derive')).headers.get('cache-control')).toBe('no-cache');
    expect((await get('/_astro/app.js')).headers.get('cache-control')).toContain('immutable');
  });

  it('compresses as the browser allows', async () => {
    expect((await get('/derive', { 'Accept-Encoding': 'br, gzip' })).headers.get('content-encoding')).toBe(
      'br',
    );
    expect((await get('/derive', { 'Accept-Encoding': 'gzip' })).headers.get('content-encoding')).toBe(
      'gzip',
    );
    expect(
      (await get('/derive', { 'Accept-Encoding': 'identity' })).headers.get('content-encoding'),
    ).toBeNull();
  });

  it('takes a coding with the weight 0 for refused, and a star for the others', async () => {
    const coding = async (accepted: string) =>
      (await get('/derive', { 'Accept-Encoding': accepted })).headers.get('content-encoding');
    expect(await coding('br;q=0, gzip')).toBe('gzip');
    expect(await coding('br;q=0, gzip;q=0')).toBeNull();
    expect(await coding('*;q=0.5')).toBe('br');
    expect(await coding('brotli')).toBeNull();
  });

  it('walks the dots of an address before it looks, and answers no method it does not know', async () => {
    expect(await raw('GET /api/../derive HTTP/1.1')).toMatch(/^HTTP\/1.1 200/u);
    expect(await raw('GET /api/%2e%2e/derive HTTP/1.1')).toMatch(/^HTTP\/1.1 200/u);
    expect(await raw('GET /../../server/app.mjs HTTP/1.1')).toMatch(/^HTTP\/1.1 404/u);
    expect(await raw('GET //evil.example/ HTTP/1.1')).toContain('Location: /evil.example');
    for (const method of ['TRACE', 'SEARCH', 'PROPFIND'])
      expect(await raw(`${method} /api/v1/scale HTTP/1.1`)).toMatch(/^HTTP\/1.1 405/u);
  });

  it('answers what is no HTTP with a document and the same headers, and lets go of it', async () => {
    for (const sent of ['NONSENSE', `GET /${'x'.repeat(70_000)} HTTP/1.1`]) {
      const answer = await raw(sent);
      expect(answer).toMatch(/^HTTP\/1.1 4\d\d/u);
      expect(answer).toContain('Content-Security-Policy: ');
      expect(answer).toContain('X-Content-Type-Options: nosniff');
    }
  });

  it('sends a trailing slash to the page, on this host only', async () => {
    const response = await get('/derive/?tonic=C');
    expect([response.status, response.headers.get('location')]).toEqual([308, '/derive?tonic=C']);
    expect((await get('//evil.example/')).headers.get('location')).toBe('/evil.example');
  });

  it('says what is not there, and what cannot be read or written', async () => {
    expect((await get('/nowhere', { Accept: 'text/html' })).status).toBe(404);
    expect((await get('/nowhere', { Accept: 'text/html' })).headers.get('content-type')).toContain(
      'text/html',
    );
    expect((await get('/nowhere')).headers.get('content-type')).toContain('text/plain');
    expect((await get('/%E0%A4%A')).status).toBe(400);
    expect((await get('/derive', {}, 'POST')).status).toBe(405);
    const broken = await get('/api/v1/%E0%A4%A');
    expect([broken.status, broken.headers.get('content-type')]).toEqual([400, 'application/problem+json']);
    expect(await (await get('/api/v1/nothing')).json()).toMatchObject({ status: 404 });
    expect((await get('/../server/app.mjs')).status).toBe(404);
  });

  it('carries the security headers on every answer', async () => {
    for (const path of ['/', '/nowhere', '/_astro/app.js']) {
      const { headers } = await get(path);
      expect(headers.get('content-security-policy')).toContain(inlineScriptHashes(PAGE)[0]);
      expect(headers.get('x-content-type-options')).toBe('nosniff');
      expect(headers.get('x-frame-options')).toBe('DENY');
    }
  });
});

describe('the policy', () => {
  it('knows inline scripts by their hash and allows no others', () => {
    expect(inlineScriptHashes(PAGE)).toHaveLength(1);
    const policy = securityHeaders(inlineScriptHashes(PAGE))['Content-Security-Policy'] ?? '';
    const scripts = /script-src ([^;]+)/u.exec(policy)?.[1] ?? '';
    expect(scripts).not.toMatch(/unsafe|\*|https?:/u);
    expect(policy).toContain("object-src 'none'");
  });
});
