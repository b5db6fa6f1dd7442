// npm run generated: over 100,000 made-up requests, addresses and files; a tenth of them is part of every test run.
import { checkNode, ensurePackages, run } from './setup.mjs';

checkNode();
await ensurePackages();
const files = [
  'src/rooms/any-address.test.ts',
  'src/pages/api/v1/_any-request.test.ts',
  'src/workers/read-file.test.ts',
];
const { ok } = await run(
  'Requests, addresses and files',
  'node_modules/.bin/vitest',
  ['run', '--reporter=verbose', ...files],
  { env: { MOON_STEP_MANY: '10' }, loud: true },
);
process.exit(ok ? 0 : 1);
