// npm test: everything that must hold, in the order in which it fails fastest. Installs what it needs.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { checkNode, ensureBuild, ensurePackages, ensurePrograms, ROOT, run } from './setup.mjs';

checkNode();
await ensurePackages();
await ensurePrograms([
  { program: 'chromium', debian: 'chromium' },
  { program: 'chromium-headless-shell', debian: 'chromium-headless-shell' },
  { program: 'musicxml2ly', debian: 'lilypond' },
  { program: 'pdftotext', debian: 'poppler-utils' },
  { program: 'abc2midi', debian: 'abcmidi' },
]);

const results = join(ROOT, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
const unitFile = join(results, 'unit.json');
const outsideFile = join(results, 'outside.json');
const browserFile = join(results, 'browser.json');

const npx = (program, ...args) => [join(ROOT, 'node_modules/.bin', program), args];
let passed = 0;
let failed = 0;

/** How long each stage took, in seconds, in the order in which they ended. */
const times = [];

async function stage(title, [command, args], options) {
  const started = performance.now();
  const { ok } = await run(title, command, args, options);
  times.push([title, (performance.now() - started) / 1000]);
  if (ok) passed += 1;
  else failed += 1;
  return ok;
}

/** Adds the counts of a stage's report to the sum, in place of the stage itself where the report tells more. */
function count(file, read, ok) {
  try {
    const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')));
    if (ok) passed -= 1;
    else if (bad > 0) failed -= 1;
    passed += good;
    failed += bad;
  } catch {
    failed += ok ? 1 : 0;
  }
}

const tests = (config, file) => [...config, '--reporter=dot', '--reporter=json', `--outputFile=${file}`];
const ofUnits = (report) => [report.numPassedTests, report.numFailedTests];

const begun = performance.now();
await stage('Format and lint', npx('biome', 'check', '--error-on-warnings', '.'));
await stage('Writing the types that both kinds of check read', npx('astro', 'sync'));
// What keeps one core busy goes in two lanes beside each other; unit and browser tests each take all of them. The build
// that the browser tests walk through is the only one.
await Promise.all([
  (async () => {
    await ensureBuild();
    const outside = await stage(
      'What musicxml2ly reads in our files (a minute or two)',
      npx('vitest', ...tests(['run', '-c', 'vitest.outside.config.ts'], outsideFile)),
    );
    count(outsideFile, ofUnits, outside);
  })(),
  (async () => {
    await stage('Types', npx('tsc', '--noEmit', '-p', '.'));
    await stage(
      'Imports go one way',
      npx('depcruise', '--config', '.dependency-cruiser.cjs', 'src', 'server', 'scripts', 'tests'),
    );
    await stage('Nothing unused', npx('knip', '--no-progress'));
    await stage('Mutants of the tables that methods look up', ['npm', ['run', '--silent', 'mutants']]);
    await stage('Types in pages', npx('astro', 'check', '--minimumFailingSeverity', 'hint'));
  })(),
]);
const unit = await stage('Unit and property tests', npx('vitest', ...tests(['run'], unitFile)));
count(unitFile, ofUnits, unit);
const browser = await stage('Browser tests', npx('playwright', 'test'), {
  env: { PLAYWRIGHT_JSON_OUTPUT_FILE: browserFile },
});
count(browserFile, ({ stats }) => [stats.expected, stats.unexpected + stats.flaky], browser);

console.log('\nWhat took how long, in seconds:');
for (const [title, seconds] of times.toSorted((a, b) => b[1] - a[1]))
  console.log(`${String(Math.round(seconds)).padStart(6)}  ${title}`);
console.log(`${String(Math.round((performance.now() - begun) / 1000)).padStart(6)}  in all`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
