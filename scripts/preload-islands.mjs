// Part of the build: names the scripts of a page's islands in its head, so that they are fetched and compiled while the
// page is still being read, and not one after the other.
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join, posix } from 'node:path';
import { fileURLToPath } from 'node:url';

const ISLAND_SCRIPT = /(?:component|renderer)-url="([^"]+)"/gu;
/** A static import of a neighbouring file, as the bundler writes it. Dynamic ones have a parenthesis. */
const STATIC_IMPORT = /(?:from|import)\s*"(\.\/[^"]+\.js)"/gu;

/** The integration for astro.config.mjs. */
export function preloadIslands() {
  return {
    name: 'preload-islands',
    hooks: {
      'astro:build:done': async ({ dir }) => {
        const folder = fileURLToPath(dir);
        const pages = (await readdir(folder, { recursive: true })).filter((file) => file.endsWith('.html'));
        await Promise.all(pages.map((page) => preloadIn(folder, join(folder, page))));
      },
    },
  };
}

async function preloadIn(folder, page) {
  const html = await readFile(page, 'utf8');
  const scripts = new Set();
  for (const [, address] of html.matchAll(ISLAND_SCRIPT)) await collect(folder, address, scripts);
  const links = [...scripts].map((address) => `<link rel="modulepreload" href="${address}">`).join('');
  if (links) await writeFile(page, html.replace('</title>', `</title>${links}`));
}

async function collect(folder, address, scripts) {
  if (scripts.has(address)) return;
  scripts.add(address);
  const source = await readFile(join(folder, address), 'utf8');
  for (const [, neighbour] of source.matchAll(STATIC_IMPORT)) {
    await collect(folder, posix.join(posix.dirname(address), neighbour), scripts);
  }
}
