// Writes public/licences.txt: every package that is shipped to the browser or the server, and the fonts, with their
// licences in full. Run by hand after a build when packages change: npm run licences
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { BUNDLED } from './bundled-packages.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const lock = JSON.parse(await readFile(join(root, 'package-lock.json'), 'utf8'));
const bundled = new Set(JSON.parse(await readFile(join(root, BUNDLED), 'utf8')));
// The script that keeps the application without its server names its own parts.
for (const file of await readdir(join(root, 'dist/client'))) {
  if (!/^(?:sw|workbox-).*\.js$/u.test(file)) continue;
  const text = await readFile(join(root, 'dist/client', file), 'utf8');
  for (const [, part] of text.matchAll(/workbox:([a-z-]+):\d/gu)) bundled.add(`workbox-${part}`);
}
/** Outlines of music signs, made once; they are in our own files. */
bundled.add('@vexflow-fonts/bravura');
bundled.add('tailwindcss');

const nameOf = (path) => path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
const shipped = Object.entries(lock.packages).filter(
  ([path, { dev, optional }]) => path !== '' && ((!dev && !optional) || bundled.has(nameOf(path))),
);

async function licenceText(path) {
  const folder = join(root, path);
  const names = await readdir(folder).catch(() => []);
  const name = names.find((file) => /^(licen[cs]e|copying)/iu.test(file));
  return name ? (await readFile(join(folder, name), 'utf8')).trim() : null;
}

const entries = await Promise.all(
  shipped.map(async ([path, { version }]) => {
    const { name, license } = JSON.parse(await readFile(join(root, path, 'package.json'), 'utf8'));
    return { name, version, license: license ?? 'see below', text: await licenceText(path) };
  }),
);
entries.sort((a, b) => a.name.localeCompare(b.name));

const byText = new Map();
for (const entry of entries) {
  if (entry.text) byText.set(entry.text, [...(byText.get(entry.text) ?? []), entry]);
}

const list = entries.map(({ name, version, license }) => `${name} ${version}: ${license}`).join('\n');
const texts = [...byText]
  .map(
    ([text, of]) =>
      `${'='.repeat(78)}\n${of.map(({ name }) => name).join(', ')}\n${'='.repeat(78)}\n\n${text}`,
  )
  .join('\n\n\n');
const head = `What Moon Step is made with

Fonts: Source Serif 4 and Atkinson Hyperlegible Next, as they are; outlines of note letters and figures from both.
Music signs: outlines from Bravura. The text font "Moon Step Signs" holds five accidentals made from them and is
under the same licence, the SIL Open Font License 1.1.

`;
await writeFile(join(root, 'public/licences.txt'), `${head}${list}\n\n\n${texts}\n`);
console.log(`${entries.length} packages listed`);
