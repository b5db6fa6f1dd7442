import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const FILES = ['src/**/*.test.ts', 'server/**/*.test.ts', 'scripts/**/*.test.ts'];
const ONE_MORE = 'src/**/one-more-*.test.ts';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'node',
    setupFiles: ['src/engrave/letters.test-setup.ts'],
    // Whole tables take their time on a slow machine; nothing here measures time.
    testTimeout: 600_000,
    // Every core, also where there are but two.
    maxWorkers: '100%',
    projects: [
      // Modules are read once for all files: most of them are the same core, and keep nothing of a test.
      {
        extends: true,
        test: { name: 'shared', include: FILES, exclude: [ONE_MORE], isolate: false },
      },
      // A list with one entry more than it has is a world of its own.
      { extends: true, test: { name: 'one-more', include: [ONE_MORE] } },
    ],
  },
});
