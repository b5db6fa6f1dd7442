import { createServer } from 'vite';
import { ROOT } from './setup.mjs';

/** Loads modules of `src` as they are, by what `load` asks for; closes when it is done. */
export async function withSource(use) {
  const vite = await createServer({
    root: ROOT,
    configFile: false,
    appType: 'custom',
    logLevel: 'silent',
    server: { middlewareMode: true, hmr: false, ws: false },
    resolve: { alias: { '@': `${ROOT}src` } },
    optimizeDeps: { noDiscovery: true },
  });
  try {
    return await use((path) => vite.ssrLoadModule(path));
  } finally {
    await vite.close();
  }
}
