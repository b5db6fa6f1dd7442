import { fileURLToPath } from 'node:url';
import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import AstroPWA from '@vite-pwa/astro';
import { defineConfig } from 'astro/config';
import { bundledPackages } from './scripts/bundled-packages.mjs';
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

/**
 * Two pieces of script for what every room is made of: first what a sentence needs to answer, then what its derivation is
 * drawn and told with. In many small pieces, as the bundler would cut them, they come later.
 */
const PIECES = [
  ['sentence', '/src/rooms/derive/DeriveRoom.tsx'],
  ['work', '/src/rooms/derive/working/Work.tsx'],
  // What a derivation is first seen on.
  ['work', '/src/ui/surfaces/Stride.tsx'],
  ['work', '/src/ui/surfaces/StaffSurface.tsx'],
  ['work', '/src/ui/surfaces/Rail.tsx'],
];

/** Everything a module imports at once, itself with it. */
function reached(root, getModuleInfo, seen = new Set()) {
  if (seen.has(root)) return seen;
  seen.add(root);
  for (const id of getModuleInfo(root)?.importedIds ?? []) reached(id, getModuleInfo, seen);
  return seen;
}

const inTwoPieces = {
  name: 'in-two-pieces',
  outputOptions(options) {
    if (this.environment && this.environment.name !== 'client') return null;
    const pieces = new Map();
    return {
      ...options,
      manualChunks: (id, { getModuleIds, getModuleInfo }) => {
        if (pieces.size === 0) {
          for (const [piece, root] of PIECES) {
            const module = [...getModuleIds()].find((each) => each.endsWith(root));
            if (!module) continue;
            for (const each of reached(module, getModuleInfo)) if (!pieces.has(each)) pieces.set(each, piece);
          }
        }
        // React's renderer is fetched beside them.
        return id.includes('/react-dom/') ? undefined : pieces.get(id);
      },
    };
  },
};

/** The application as a browser stores it: opened without its server, and made new only when it is told. */
const storedApplication = {
  registerType: 'prompt',
  injectRegister: null,
  includeAssets: [],
  manifest: {
    id: '/',
    name: 'Moon Step',
    short_name: 'Moon Step',
    description: 'Scales, keys and signatures for teachers of music theory.',
    lang: 'en',
    start_url: '/derive',
    scope: '/',
    display: 'standalone',
    background_color: '#f7f5ef',
    theme_color: '#22283a',
    icons: [
      { src: '/moon-step-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/moon-step-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/moon-step-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{html,js,css,woff2,svg,png,txt}'],
    // Names, notes and signs need the Latin faces only.
    globIgnores: ['**/*-{cyrillic,cyrillic-ext,greek,greek-ext,vietnamese}-*', '404.html'],
    // A sentence is a query; every one of them is the same page.
    ignoreURLParametersMatching: [/.*/],
    navigateFallback: null,
    cleanupOutdatedCaches: true,
  },
};

export default defineConfig({
  output: 'static',
  trailingSlash: 'never',
  build: { format: 'file', inlineStylesheets: 'never' },
  adapter: node({ mode: 'middleware' }),
  integrations: [react(), preloadIslands(), AstroPWA(storedApplication)],
  devToolbar: { enabled: false },
  // Posts from other sites are answered by the endpoints themselves, as problem documents.
  security: { checkOrigin: false },
  vite: {
    plugins: [tailwindcss(), selfContainedServer, inTwoPieces, bundledPackages()],
    build: { assetsInlineLimit: 0 },
    // Workers are bundled apart and do not see the alias of the TypeScript settings.
    worker: { format: 'es', plugins: () => [sourceAlias, bundledPackages()] },
  },
});
