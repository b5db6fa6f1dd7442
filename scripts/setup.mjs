// Set-up that runs before anything is installed: plain Node, nothing else.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
const LEAST_NODE = [20, 11];
const PROGRESS_EVERY = 10_000; // milliseconds

/** Ends with a sentence that says what is wrong and what to do. */
function fail(text) {
  console.error(`\n${text}`);
  process.exit(1);
}

/** Moon Step needs Node 20.11 or newer. */
export function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  const [leastMajor, leastMinor] = LEAST_NODE;
  if (major > leastMajor || (major === leastMajor && minor >= leastMinor)) return;
  fail(
    `This is Node ${process.versions.node}. Moon Step needs ${LEAST_NODE.join('.')} or newer: install it from https://nodejs.org or your system's packages, then run this again.`,
  );
}

/** Runs a program, showing that it goes on; its output is shown when it fails, or at once when `loud`. */
export async function run(title, command, args, { loud = false, env = {} } = {}) {
  const started = Date.now();
  const seconds = () => `${Math.round((Date.now() - started) / 1000)} s`;
  process.stdout.write(`${title} …\n`);
  const child = spawn(command, args, {
    cwd: ROOT,
    env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1', NO_COLOR: '1', ...env },
    stdio: loud ? 'inherit' : ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  child.stdout?.on('data', (data) => {
    output += data;
  });
  child.stderr?.on('data', (data) => {
    output += data;
  });
  const ticking = setInterval(() => process.stdout.write(`  … ${title}, ${seconds()}\n`), PROGRESS_EVERY);
  const code = await new Promise((resolve) => {
    child.on('error', (error) => {
      output += error.message;
      resolve(127);
    });
    child.on('close', resolve);
  });
  clearInterval(ticking);
  if (code !== 0 && !loud) process.stdout.write(output);
  process.stdout.write(`  ${title}: ${code === 0 ? 'done' : 'failed'} in ${seconds()}\n`);
  return { ok: code === 0, output };
}

function hashOf(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    const whole = join(ROOT, path);
    if (!existsSync(whole)) return;
    try {
      const bytes = readFileSync(whole);
      hash.update(path).update(bytes);
    } catch {
      for (const entry of readdirSync(whole).sort()) add(join(path, entry));
    }
  };
  for (const path of paths) add(path);
  return hash.digest('hex');
}

function stampHolds(path, wanted) {
  try {
    return readFileSync(join(ROOT, path), 'utf8') === wanted;
  } catch {
    return false;
  }
}

/** Installs the packages of the lock file, if they are not there as it says. */
export async function ensurePackages() {
  const wanted = hashOf(['package-lock.json']);
  const stamp = 'node_modules/.moon-step-packages';
  if (stampHolds(stamp, wanted)) return;
  const { ok } = await run('Installing packages (about two minutes the first time)', 'npm', ['ci']);
  if (!ok)
    fail('The packages could not be installed. npm needs to reach its registry; what it said stands above.');
  writeFileSync(join(ROOT, stamp), wanted);
}

/** Builds the application, if anything it is made of has changed. */
export async function ensureBuild() {
  const wanted = hashOf([
    'src',
    'public',
    'astro.config.mjs',
    'scripts/bundled-packages.mjs',
    'scripts/preload-islands.mjs',
    'tsconfig.json',
    'package-lock.json',
  ]);
  const stamp = 'dist/.moon-step-build';
  if (stampHolds(stamp, wanted)) return;
  const { ok } = await run('Building Moon Step', process.execPath, ['node_modules/astro/astro.js', 'build']);
  if (!ok) fail('The build failed; what it said stands above.');
  writeFileSync(join(ROOT, stamp), wanted);
}

/** Whether a program is on the path. */
function found(program) {
  return spawnSync('sh', ['-c', `command -v ${program}`], { stdio: 'ignore' }).status === 0;
}

/** Installs Debian packages for the programs that are missing, or says how to. */
export async function ensurePrograms(programs) {
  const missing = programs.filter(({ program }) => !found(program));
  if (missing.length === 0) return;
  const packages = missing.map(({ debian }) => debian);
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  const names = missing.map(({ program }) => program).join(', ');
  if (!found('apt-get')) {
    fail(
      `Tests need ${names}, and this system has no apt-get. Install what Debian calls ${packages.join(', ')}, then run this again.`,
    );
  }
  if (process.getuid?.() !== 0) {
    fail(
      `Tests need ${names}, which only root can install here. Run: sudo apt-get update && sudo ${command}`,
    );
  }
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('Reading the lists of Debian packages', 'apt-get', ['update', '-qq'], { env });
  const { ok } = await run(`Installing ${packages.join(', ')}`, 'sh', ['-c', command], { env });
  if (!ok) fail(`${names} could not be installed; what apt-get said stands above. By hand: ${command}`);
}

/** Why a port cannot be listened on, or null where it is free. */
function portProblem(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', (error) => resolve(error.code ?? error.message));
    probe.listen(port, host, () => probe.close(() => resolve(null)));
  });
}

/** The address to serve at, from PORT and HOST; the usual one is fixed, since a browser keeps data by address. */
export function addressWanted() {
  const read = process.env.PORT ?? '4760';
  const port = Number(read);
  if (!/^\d{1,5}$/u.test(read) || port < 1 || port > 65535) {
    fail(`PORT was read as '${read}'. It is a whole number from 1 to 65535: PORT=4761 npm start`);
  }
  return { port, host: process.env.HOST ?? '127.0.0.1' };
}

/** Ends with the reason and a way out where a port is taken. */
export async function checkPort(port, host, command) {
  const problem = await portProblem(port, host);
  if (problem === null) return;
  if (problem === 'EADDRINUSE') {
    fail(
      `Port ${port} on ${host} is taken by another program. Stop it, or choose another port: PORT=${port + 1} ${command}`,
    );
  }
  if (problem === 'EACCES')
    fail(`Port ${port} may not be used by you. Choose one above 1023: PORT=4761 ${command}`);
  fail(
    `Nothing can be served at ${host} port ${port} (${problem}). Set HOST and PORT to an address of this machine.`,
  );
}
