import { fileURLToPath } from 'node:url';
import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import AstroPWA from '@vite-pwa/astro';
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

/** What the first view is made of and other rooms use a part of; in one piece it is smaller than in many. */
const FIRST_VIEW =
  /src\/(?:core\/(?:derive\/proof|words\/(?:say-step|say-method|say-check|say-related|read-scale)|scale\/(?:related|rotation))|engrave\/(?:stride|stride-arcs|stride-grid|moon|degree-figure|staff-degrees|lanes|arrows)|ui\/(?:working\/(?:StepBar|Working|WorkingLines)|surfaces\/(?:Staff|Stride|Rail|Hits|MoonLegend))|rooms\/(?:derive\/(?:working\/view|sentence\/sentence-words)|address\/derive\/question))\.tsx?$/u;

const firstViewTogether = {
  name: 'first-view-together',
  outputOptions(options) {
    if (this.environment && this.environment.name !== 'client') return null;
    return { ...options, manualChunks: (id) => (FIRST_VIEW.test(id) ? 'first-view' : undefined) };
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
    plugins: [tailwindcss(), selfContainedServer, firstViewTogether],
    build: { assetsInlineLimit: 0 },
    // Workers are bundled apart and do not see the alias of the TypeScript settings.
    worker: { format: 'es', plugins: () => [sourceAlias] },
  },
});
