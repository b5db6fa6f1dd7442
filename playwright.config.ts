import { defineConfig } from '@playwright/test';

const CI = Boolean(process.env['CI']);

function server(school: 'demo' | 'own', port: number) {
  return {
    command: 'node server/main.mjs',
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
  timeout: 30_000,
  use: {
    baseURL: 'http://127.0.0.1:4781',
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
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
    },
  },
  webServer: [server('demo', 4781), server('own', 4782)],
});
