import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** What programs from outside make of our files. They take their time, so they run by themselves. */
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: { include: ['tests/outside/**/*.test.ts'], environment: 'node', testTimeout: 600_000 },
});
