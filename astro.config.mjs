import { fileURLToPath } from 'node:url';
import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'astro/config';
import { preloadIslands } from './scripts/preload-islands.mjs';

/** The built server holds all it needs; the development server takes packages as they are. */
const selfContainedServer = {
  name: 'self-contained-server',
  config: (_config, { command }) => (command === 'build' ? { ssr: { noExternal: true } } : {}),
};

const sources = fileURLToPath(new URL('./src/', import.meta.url));

/** `@/` for what the bundler finds by itself nowhere. */
const sourceAlias = {
  name: 'source-alias',
  resolveId(id) {
    return id.startsWith('@/') ? this.resolve(sources + id.slice(2)) : null;
  },
};

export default defineConfig({
  output: 'static',
  trailingSlash: 'never',
  build: { format: 'file', inlineStylesheets: 'never' },
  adapter: node({ mode: 'middleware' }),
  integrations: [react(), preloadIslands()],
  devToolbar: { enabled: false },
  // Posts from other sites are answered by the endpoints themselves, as problem documents.
  security: { checkOrigin: false },
  vite: {
    plugins: [tailwindcss(), selfContainedServer],
    build: { assetsInlineLimit: 0 },
    // Workers are bundled apart and do not see the alias of the TypeScript settings.
    worker: { format: 'es', plugins: () => [sourceAlias] },
  },
});
