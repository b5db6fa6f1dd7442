// The browser and the built server, as tests, benchmarks and pictures use them.
import { spawn } from 'node:child_process';
import { ROOT } from './setup.mjs';

/** Debian's Chromium, without the things it would like to tell others. */
export const CHROMIUM = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--mute-audio',
  ],
};

/** The same browser without its window, as Debian packs it: pages stand in it in half of the time. */
export const WINDOWLESS = {
  ...CHROMIUM,
  executablePath: process.env.CHROMIUM_HEADLESS_SHELL ?? '/usr/bin/chromium-headless-shell',
};

/** Serves the built demo school on a port; resolves with a function that stops it. */
export const serveDemo = (port) => serve('demo', port);

/** The same for an own, empty school. */
export const serveOwn = (port) => serve('own', port);

async function serve(school, port) {
  const server = spawn(process.execPath, ['--max-semi-space-size=2', 'server/main.mjs'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1', MOON_STEP_SCHOOL: school },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => server.stdout.once('data', resolve));
  return Object.assign(() => server.kill('SIGTERM'), { pid: server.pid });
}
