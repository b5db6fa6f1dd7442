// @ts-check
import { createServer } from 'node:http';
import { inlineScriptHashes, securityHeaders } from './policy.mjs';
import { loadStaticFiles, sendFile } from './static-files.mjs';

/**
 * @typedef {(request: import('node:http').IncomingMessage, response: import('node:http').ServerResponse, next?: (error?: unknown) => void) => unknown} Handler
 */

/**
 * The server of the built application: pages and assets from memory, everything else from the endpoints.
 *
 * @param {{ folder: string, endpoints: Handler, school: 'own' | 'demo' }} options `folder` holds the built pages
 */
export async function createApp({ folder, endpoints, school }) {
  /** @type {string[]} */
  const hashes = [];
  const files = await loadStaticFiles(folder, (html) => {
    hashes.push(...inlineScriptHashes(html));
    return html.replace('data-school="own"', `data-school="${school}"`);
  });
  const headers = securityHeaders(hashes);

  const server = createServer({ maxHeaderSize: MOST_HEADER }, (request, response) => {
    for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
    const address = addressOf(request.url ?? '/');
    if (!METHODS.has(request.method ?? '')) {
      response.setHeader('Allow', 'GET, HEAD, POST');
      refuse(response, 405, `${request.method} is not a method that is answered here.`, request.url);
      return;
    }
    if (address === null) {
      refuse(
        response,
        400,
        'The address could not be read: a % stands in it without its two figures.',
        request.url,
      );
      return;
    }
    const { path, query } = address;
    // The endpoints read the address as it was understood here.
    request.url = address.written;
    if (path.length > 1 && path.endsWith('/')) {
      const target = `/${path.replace(/^\/+|\/+$/gu, '')}`;
      response.writeHead(308, { Location: encodeURI(target) + query }).end();
      return;
    }
    if (path === '/school.json') {
      // Which school this is, for pages that a browser has stored.
      response.writeHead(200, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
      response.end(JSON.stringify({ school }));
      return;
    }
    const file = files.get(path);
    if (isEndpoint(path)) {
      endpoints(request, response, () => refuse(response, 404, 'There is nothing at this address.', path));
    } else if (!file) {
      sendMissing(request, response, files.get('/404'));
    } else if (request.method === 'GET' || request.method === 'HEAD') {
      sendFile(request, response, file);
    } else {
      response.setHeader('Allow', 'GET, HEAD');
      refuse(response, 405, 'A page can only be read.', path);
    }
  });
  server.on('clientError', (error, socket) => {
    const code = 'code' in error ? String(error.code) : '';
    const [status, title, detail] = UNREADABLE[code] ?? [
      400,
      'Bad Request',
      'The request is not HTTP that can be read.',
    ];
    if (socket.writable) socket.end(unreadable(status, title, detail, headers));
    // Whoever does not read the answer is not waited for.
    setTimeout(() => socket.destroy(), 1000).unref();
  });
  return server;
}

/** Bytes of address and headers together. */
const MOST_HEADER = 65_536;

/** @param {string} path */
function isEndpoint(path) {
  return path === '/api' || path.startsWith('/api/');
}

/** What is answered, if only by saying that it is not for this address; anything else never reaches an endpoint. */
const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);

/**
 * Requests that never were one, by the parser's own names for them.
 * @type {Readonly<Record<string, readonly [number, string, string] | undefined>>}
 */
const UNREADABLE = Object.assign(Object.create(null), {
  HPE_HEADER_OVERFLOW: [
    431,
    'Request Header Fields Too Large',
    `Address and headers may hold ${MOST_HEADER} bytes together.`,
  ],
  ERR_HTTP_REQUEST_TIMEOUT: [408, 'Request Timeout', 'The request did not come to its end in time.'],
});

/**
 * An answer to what could not be read as a request, written by hand since there is no response to write it.
 *
 * @param {number} status
 * @param {string} title
 * @param {string} detail
 * @param {Readonly<Record<string, string>>} headers
 */
function unreadable(status, title, detail, headers) {
  const body = problemText(status, detail);
  const lines = [
    `HTTP/1.1 ${status} ${title}`,
    ...Object.entries(headers).map(([name, value]) => `${name}: ${value}`),
    'Content-Type: application/problem+json',
    `Content-Length: ${Buffer.byteLength(body)}`,
    'Connection: close',
  ];
  return `${lines.join('\r\n')}\r\n\r\n${body}`;
}

/**
 * The address of a request, its dots walked and its path decoded; null where it cannot be read.
 *
 * @param {string} url
 * @returns {{ path: string, query: string, written: string } | null}
 */
function addressOf(url) {
  try {
    // Two slashes at the start would name another host.
    const { pathname, search } = new URL(url.replace(/^\/+/u, '/'), 'http://here');
    return { path: decodeURIComponent(pathname), query: search, written: pathname + search };
  } catch {
    return null;
  }
}

/**
 * @param {import('node:http').IncomingMessage} request
 * @param {import('node:http').ServerResponse} response
 * @param {import('./static-files.mjs').StaticFile | undefined} page
 */
function sendMissing(request, response, page) {
  const wantsPage = String(request.headers.accept ?? '').includes('text/html');
  if (!page || !wantsPage) {
    refuse(response, 404, 'There is nothing at this address.', '/');
    return;
  }
  response.writeHead(404, { 'Content-Type': page.type, 'Cache-Control': 'no-cache' });
  response.end(request.method === 'HEAD' ? undefined : page.plain);
}

/**
 * Says no: to programs as a problem document (RFC 9457), to anybody else in words.
 *
 * @param {import('node:http').ServerResponse} response
 * @param {number} status
 * @param {string} detail
 * @param {string | undefined} path
 */
function refuse(response, status, detail, path) {
  if (response.headersSent) return;
  const program = isEndpoint((path ?? '').split('?')[0] ?? '');
  const type = program ? 'application/problem+json' : 'text/plain; charset=utf-8';
  response
    .writeHead(status, { 'Content-Type': type })
    .end(program ? problemText(status, detail) : `${detail}\n`);
}

/**
 * @param {number} status
 * @param {string} detail
 */
function problemText(status, detail) {
  return JSON.stringify({
    type: `urn:moon-step:problem:${status}`,
    title: 'The request was refused',
    status,
    detail,
  });
}
