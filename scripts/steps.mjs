import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { setPriority } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The steps that the demo and the tests share. Node's own modules only: nothing is installed yet when they run. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..');

export function say(text) {
  console.log(`\n» ${text}`);
}

/** Runs a command in the repository, its output shown; returns whether it went well. */
function run(command, args, env = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  if (result.error) console.error(`${command} could not be started: ${result.error.message}`);
  return result.status === 0;
}

/**
 * Starts a command in the repository; answers whether it went well and what it printed. `shown`: it prints as it goes on
 * instead. `patient`: it lets other work have the processor first.
 */
export function start(command, args, { env = {}, shown = false, patient = false } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: shown ? 'inherit' : ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...env },
    });
    if (patient && child.pid) setPriority(child.pid, 10);
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (chunk) => (output += chunk));
    child.on('error', (error) => resolve({ ok: false, output: `${command} could not be started: ${error.message}` }));
    child.on('close', (code) => resolve({ ok: code === 0, output }));
  });
}

export function stopWith(text) {
  console.error(`\n${text}`);
  process.exit(1);
}

function digestOf(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) add(join(path, name));
    } else hash.update(path.slice(ROOT.length)).update(readFileSync(path));
  };
  for (const path of paths) add(join(ROOT, path));
  return hash.digest('hex');
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    stopWith(`Outwash needs Node 20.19 or newer; this is ${process.versions.node}.`);
}

/** Installs the packages where the list of them has changed since; what is compiled comes after. */
export function installPackages() {
  const stamp = join(ROOT, 'node_modules/.outwash-installed');
  const digest = digestOf(['package.json', 'package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) return say('Packages are installed');
  say('Installing packages');
  // Not npm ci: it refuses a lock file made where the optional builds for other platforms could not be had. The
  // versions are the lock file's all the same, and --no-save leaves it as it is.
  if (!run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--ignore-scripts']))
    stopWith('The packages could not be installed. Is the registry reachable? Try:  npm install');
  writeFileSync(stamp, digest);
}

/**
 * Compiles better-sqlite3 where that was not done yet; answers as `start`. With fewer optimisations it is compiled in a third
 * of the time; what is asked of the database here is small.
 */
export async function compileSqlite() {
  if (existsSync(join(ROOT, 'node_modules/better-sqlite3/build/Release/better_sqlite3.node'))) return { ok: true, output: '' };
  const { ok, output } = await start('npm', ['rebuild', 'better-sqlite3'], {
    env: { JOBS: 'max', CFLAGS: '-O1', CXXFLAGS: '-O1' },
  });
  const hint =
    'better-sqlite3 could not be compiled. It needs make, a C++ compiler and Python 3, then:  npm rebuild better-sqlite3';
  return { ok, output: ok ? '' : `${output}\n${hint}` };
}

const BUILT = '.output/.outwash-built';
const SOURCES = ['app', 'core', 'server', 'nuxt.config.ts', 'package-lock.json'];

/** Builds the application where its sources have changed since; answers as `start`. */
export async function build() {
  const digest = digestOf(SOURCES);
  const stamp = join(ROOT, BUILT);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) return { ok: true, output: 'The build is up to date.' };
  const { ok, output } = await start('npx', ['nuxt', 'build'], { env: { NUXT_TELEMETRY_DISABLED: '1' } });
  if (ok) writeFileSync(stamp, digest);
  return { ok, output: ok ? '' : `${output}\nThe build failed; the lines above say why.` };
}

/** Debian's Chromium for the browser tests: there already, or installed through apt where that is allowed; answers as `start`. */
export async function installChromium() {
  if (existsSync('/usr/bin/chromium')) return { ok: true, output: '' };
  const how = 'sudo apt-get update && sudo apt-get install -y chromium';
  if (process.getuid?.() !== 0)
    return { ok: false, output: `The browser tests need Debian's Chromium. Install it with:\n  ${how}` };
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const listed = await start('apt-get', ['update', '-qq'], { env });
  const installed = listed.ok
    ? await start('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], { env })
    : listed;
  return installed.ok ? installed : { ok: false, output: `${installed.output}\nChromium could not be installed. Try:\n  ${how}` };
}
