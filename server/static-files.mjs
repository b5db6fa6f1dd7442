// @ts-check
import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { extname, join, posix, sep } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/**
 * A file of the build, ready to be sent.
 * @typedef {{ type: string, etag: string, immutable: boolean, plain: Buffer, br: Buffer | null, gz: Buffer | null }} StaticFile
 */

/** @type {Readonly<Record<string, string>>} */
const TYPES = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.json': 'application/json; charset=utf-8',
  '.txt': 'text/plain; charset=utf-8',
  '.woff2': 'font/woff2',
  '.png': 'image/png',
  '.webmanifest': 'application/manifest+json',
};
const COMPRESSIBLE = new Set(['.html', '.js', '.css', '.svg', '.json', '.txt', '.webmanifest']);
const WORTH_COMPRESSING = 1024; // bytes
const brotli = promisify(brotliCompress);
const gzipped = promisify(gzip);

/**
 * Reads every file of a folder into memory, compressed twice, by the path it is served under: `/derive` for
 * `derive.html`, `/` for `index.html`.
 *
 * @param {string} folder
 * @param {(html: string) => string} prepare what is done to a page before it is served
 * @returns {Promise<Map<string, StaticFile>>}
 */
export async function loadStaticFiles(folder, prepare) {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const files = entries.filter((entry) => entry.isFile());
  /** @type {Map<string, StaticFile>} */
  const loaded = new Map();
  const left = files.values();
  // A file at a time on each core: what compresses takes far more memory than what it makes.
  const lane = async () => {
    for (const entry of left) {
      const path = join(entry.parentPath, entry.name);
      const extension = extname(path);
      const bytes = await readFile(path);
      const plain = extension === '.html' ? Buffer.from(prepare(bytes.toString('utf8'))) : bytes;
      const served = servedPath(path.slice(folder.length).split(sep).join(posix.sep));
      loaded.set(served, await packed(plain, extension, served));
    }
  };
  await Promise.all([lane(), lane()]);
  return loaded;
}

/** @param {string} path */
function servedPath(path) {
  const absolute = path.startsWith('/') ? path : `/${path}`;
  if (absolute === '/index.html') return '/';
  return absolute.endsWith('.html') ? absolute.slice(0, -'.html'.length) : absolute;
}

/**
 * @param {Buffer} plain
 * @param {string} extension
 * @param {string} served
 * @returns {Promise<StaticFile>}
 */
async function packed(plain, extension, served) {
  const compress = COMPRESSIBLE.has(extension) && plain.length >= WORTH_COMPRESSING;
  const [br, gz] = compress
    ? await Promise.all([
        brotli(plain, {
          params: {
            [constants.BROTLI_PARAM_QUALITY]: 9,
            [constants.BROTLI_PARAM_LGWIN]: 20,
            [constants.BROTLI_PARAM_SIZE_HINT]: plain.length,
          },
        }),
        gzipped(plain, { level: 9 }),
      ])
    : [null, null];
  return {
    type: TYPES[extension] ?? 'application/octet-stream',
    etag: `"${createHash('sha256').update(plain).digest('base64url').slice(0, 22)}"`,
    immutable: served.startsWith('/_astro/'),
    plain,
    br,
    gz,
  };
}

/**
 * Which codings an Accept-Encoding header takes (RFC 9110, 12.5.3): a weight of 0 refuses one.
 *
 * @param {string} header
 * @returns {(coding: string) => boolean}
 */
function acceptedCodings(header) {
  const weights = new Map(
    header.split(',').map((each) => {
      const [name = '', ...options] = each.split(';').map((part) => part.trim().toLowerCase());
      const weight = options.find((option) => option.startsWith('q='))?.slice(2);
      return /** @type {const} */ ([name, weight === undefined ? 1 : Number(weight)]);
    }),
  );
  return (coding) => (weights.get(coding) ?? weights.get('*') ?? 0) > 0;
}

/**
 * Answers a request with a file: not changed, compressed as the browser allows, hashed files for a year.
 *
 * @param {import('node:http').IncomingMessage} request
 * @param {import('node:http').ServerResponse} response
 * @param {StaticFile} file
 */
export function sendFile(request, response, file) {
  response.setHeader('ETag', file.etag);
  response.setHeader('Vary', 'Accept-Encoding');
  response.setHeader('Cache-Control', file.immutable ? 'public, max-age=31536000, immutable' : 'no-cache');
  if (request.headers['if-none-match'] === file.etag) {
    response.writeHead(304).end();
    return;
  }
  const accepts = acceptedCodings(String(request.headers['accept-encoding'] ?? ''));
  const [coding, body] =
    file.br && accepts('br')
      ? ['br', file.br]
      : file.gz && accepts('gzip')
        ? ['gzip', file.gz]
        : [null, file.plain];
  if (coding) response.setHeader('Content-Encoding', coding);
  response.writeHead(200, { 'Content-Type': file.type, 'Content-Length': body.length });
  response.end(request.method === 'HEAD' ? undefined : body);
}
