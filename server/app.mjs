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

  return createServer((request, response) => {
    for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
    const path = pathOf(request.url ?? '/');
    if (path === null) {
      sendText(response, 400, 'The address could not be read.');
      return;
    }
    if (path.length > 1 && path.endsWith('/')) {
      const query = (request.url ?? '').split('?')[1];
      // Two slashes at the start would name another host.
      const target = `/${path.replace(/^\/+|\/+$/gu, '')}`;
      response.writeHead(308, { Location: encodeURI(target) + (query ? `?${query}` : '') }).end();
      return;
    }
    const file = files.get(path);
    if (!file) {
      endpoints(request, response, () => sendMissing(request, response, files.get('/404')));
    } else if (request.method === 'GET' || request.method === 'HEAD') {
      sendFile(request, response, file);
    } else {
      response.setHeader('Allow', 'GET, HEAD');
      sendText(response, 405, 'A page can only be read.');
    }
  });
}

/**
 * The path of a request, decoded, or null where it cannot be.
 * @param {string} url
 */
function pathOf(url) {
  try {
    return decodeURIComponent(url.split('?')[0] ?? '/');
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
  if (!page || !wantsPage || response.headersSent)
    return sendText(response, 404, 'There is nothing at this address.');
  response.writeHead(404, { 'Content-Type': page.type, 'Cache-Control': 'no-cache' });
  response.end(request.method === 'HEAD' ? undefined : page.plain);
}

/**
 * @param {import('node:http').ServerResponse} response
 * @param {number} status
 * @param {string} text
 */
function sendText(response, status, text) {
  if (response.headersSent) return;
  response.writeHead(status, { 'Content-Type': 'text/plain; charset=utf-8' });
  response.end(`${text}\n`);
}
