import { defineConfig } from '@playwright/test';
import { CHROMIUM, WINDOWLESS } from './scripts/browser.mjs';

/** The tag of tests that need a window. */
const WINDOW = /@window/u;

const CI = Boolean(process.env['CI']);

function server(school: 'demo' | 'own', port: number) {
  return {
    command: 'node --max-semi-space-size=2 server/main.mjs',
    env: { PORT: String(port), MOON_STEP_SCHOOL: school },
    url: `http://127.0.0.1:${port}/api/v1/signature?fifths=0`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 2000 },
  };
}

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results/browser',
  fullyParallel: true,
  forbidOnly: true,
  retries: 0,
  workers: 2,
  reporter: CI ? [['dot'], ['json']] : [['list'], ['json']],
  // Machines that test are often slow; nothing here measures time.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  use: {
    baseURL: 'http://127.0.0.1:4781',
    viewport: { width: 1280, height: 800 },
    // A recording of every test would take a third of the time; `--trace on` makes one.
    trace: 'off',
    // Storing the whole application anew for every test would take half of the time.
    serviceWorkers: 'block',
  },
  // What needs a window of a desktop, its clipboard or its printing, has the whole browser; all else the quicker one.
  projects: [
    { name: 'windowless', grepInvert: WINDOW, use: { launchOptions: WINDOWLESS } },
    { name: 'window', grep: WINDOW, use: { launchOptions: CHROMIUM } },
  ],
  webServer: [server('demo', 4781), server('own', 4782)],
});
