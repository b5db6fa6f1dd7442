// npm run withheld: every lazily loaded script of every room taken away in turn, cut off and silent; some of them are part of
// every test run.
import { checkNode, ensureBuild, ensurePackages, ensurePrograms, run } from './setup.mjs';

checkNode();
await ensurePackages();
await ensurePrograms([{ program: 'chromium', debian: 'chromium' }]);
await ensureBuild();
const { ok } = await run('Scripts withheld', 'node_modules/.bin/playwright', ['test', 'withheld', 'steady'], {
  env: { MOON_STEP_ALL: '1' },
  loud: true,
});
process.exit(ok ? 0 : 1);
