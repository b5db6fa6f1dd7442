import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    include: ['src/**/*.test.ts', 'server/**/*.test.ts', 'scripts/**/*.test.ts'],
    environment: 'node',
    setupFiles: ['src/engrave/letters.test-setup.ts'],
    // Whole tables take their time on a slow machine; nothing here measures time.
    testTimeout: 600_000,
    // Every core, also where there are but two.
    maxWorkers: '100%',
  },
});
