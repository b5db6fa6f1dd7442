// npm run mutants: every entry of the tables that methods look up, changed by one in turn, and who notices it.
import { checkNode, ensurePackages } from './setup.mjs';

checkNode();
await ensurePackages();

const { withSource } = await import('./source-modules.mjs');
const { MUTANTS, noticed } = await withSource((load) => load('/src/core/derive/mutants.test-data.ts'));

const FEWEST = 120;
let seen = 0;
let alone = 0;
for (const mutant of MUTANTS) {
  const { wrong, right, checks, rows } = noticed(mutant);
  const caught = wrong.length > 0 && right.length > 0 && checks.includes('methods-agree') && rows > 0;
  if (caught) seen += 1;
  if (right.length > 0) alone += 1;
  const others = checks.filter((check) => check !== 'methods-agree').join(', ') || 'none besides';
  console.log(
    `${caught ? 'noticed' : 'MISSED '}  ${mutant.name.padEnd(46)} wrong: ${wrong.join(', ') || 'none'}; checks: ${others}; rows: ${rows}`,
  );
}
console.log(`${alone} of ${MUTANTS.length} leave at least one method right`);
console.log(`${seen} of ${MUTANTS.length} mutants noticed`);
process.exit(seen === MUTANTS.length && MUTANTS.length >= FEWEST ? 0 : 1);
