// Part of the build: notes which packages have gone into the scripts of the browser and of the server, so that their
// licences can be listed in full.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Where the list lies after a build. */
export const BUNDLED = 'dist/bundled-packages.json';

/** The package a module belongs to, or null for our own. */
function packageOf(id) {
  const path = id.replaceAll('\0', '').split('?')[0];
  const at = path.lastIndexOf('/node_modules/');
  if (at < 0) return null;
  const [first, second] = path.slice(at + '/node_modules/'.length).split('/');
  return first.startsWith('@') ? `${first}/${second}` : first;
}

/** The plugin for Vite. */
export function bundledPackages() {
  const found = new Set();
  return {
    name: 'bundled-packages',
    generateBundle(_, bundle) {
      for (const chunk of Object.values(bundle)) {
        for (const [id, { renderedLength }] of Object.entries(chunk.modules ?? {})) {
          const name = renderedLength > 0 ? packageOf(id) : null;
          if (name) found.add(name);
        }
      }
    },
    // Pages and workers are bundled beside each other and share the list: it is read and written in one turn.
    closeBundle() {
      const known = existsSync(BUNDLED) ? JSON.parse(readFileSync(BUNDLED, 'utf8')) : [];
      mkdirSync('dist', { recursive: true });
      writeFileSync(
        join(process.cwd(), BUNDLED),
        JSON.stringify([...new Set([...known, ...found])].sort(), null, 2),
      );
    },
  };
}
