// npm run demo and npm start: install, build, serve, print the address.
import { addressWanted, checkNode, checkPort, ensureBuild, ensurePackages, ROOT } from './setup.mjs';

const demo = process.argv.includes('--school=demo');
checkNode();
const { port, host } = addressWanted();
await checkPort(port, host, demo ? 'npm run demo' : 'npm start');
await ensurePackages();
await ensureBuild();
process.chdir(ROOT);
process.env.MOON_STEP_SCHOOL = demo ? 'demo' : 'own';
process.env.PORT = String(port);
process.env.HOST = host;
await import('../server/main.mjs');
