// npm run dev: Astro's own server, which shows changes at once. No policy and no compression apply here.
import { addressWanted, checkNode, checkPort, ensurePackages, run } from './setup.mjs';

checkNode();
const { port, host } = addressWanted();
await checkPort(port, host, 'npm run dev');
await ensurePackages();
const args = ['node_modules/astro/astro.js', 'dev', '--port', String(port), '--host', host];
const { ok } = await run('Starting the development server', process.execPath, args, { loud: true });
process.exit(ok ? 0 : 1);
