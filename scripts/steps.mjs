import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The steps that the demo and the tests share. Node's own modules only: nothing is installed yet when they run. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..');

export function say(text) {
  console.log(`\n» ${text}`);
}

/** Runs a command in the repository, its output shown; returns whether it went well. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  if (result.error) console.error(`${command} could not be started: ${result.error.message}`);
  return result.status === 0;
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

/** Does the work unless a stamp says that it was done for the same files. */
function unlessDone(stamp, paths, work) {
  const file = join(ROOT, stamp);
  const digest = digestOf(paths);
  if (existsSync(file) && readFileSync(file, 'utf8') === digest) return false;
  work();
  writeFileSync(file, digest);
  return true;
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    stopWith(`Outwash needs Node 20.19 or newer; this is ${process.versions.node}.`);
}

export function installPackages() {
  const done = unlessDone('node_modules/.outwash-installed', ['package.json', 'package-lock.json'], () => {
    say('Installing packages (better-sqlite3 may be compiled: this takes minutes the first time)');
    // Not npm ci: it refuses a lock file made where the optional builds for other platforms could not be had. The
    // versions are the lock file's all the same, and --no-save leaves it as it is.
    if (!run('npm', ['install', '--no-save', '--no-audit', '--no-fund'], { JOBS: 'max' }))
      stopWith('The packages could not be installed. Is the registry reachable, and is a C++ compiler here? Try:  npm install');
    const native = join(ROOT, 'node_modules/better-sqlite3/build/Release/better_sqlite3.node');
    if (!existsSync(native) && !run('npm', ['rebuild', 'better-sqlite3'], { JOBS: 'max' }))
      stopWith(
        'better-sqlite3 could not be compiled. It needs make, a C++ compiler and Python 3, then:  npm rebuild better-sqlite3',
      );
  });
  if (!done) say('Packages are installed');
}

export function build() {
  const sources = ['app', 'core', 'server', 'nuxt.config.ts', 'package-lock.json'];
  if (!existsSync(join(ROOT, '.output/server/index.mjs')) || !existsSync(join(ROOT, '.output/.outwash-built'))) {
    say('Building');
    buildNow();
    unlessDone('.output/.outwash-built', sources, () => {});
  } else if (!unlessDone('.output/.outwash-built', sources, () => (say('Building'), buildNow()))) say('The build is up to date');
}

function buildNow() {
  if (!run('npx', ['nuxt', 'build'], { NUXT_TELEMETRY_DISABLED: '1' })) stopWith('The build failed; the lines above say why.');
}

const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium for the browser tests: there already, installed through apt where that is allowed, or a word what to type. */
export function installChromium() {
  if (existsSync(CHROMIUM)) return;
  const how = 'sudo apt-get update && sudo apt-get install -y chromium';
  if (process.getuid?.() !== 0) stopWith(`The browser tests need Debian's Chromium. Install it with:\n  ${how}`);
  say('Installing Chromium');
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  if (
    !run('apt-get', ['update', '-qq'], env) ||
    !run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], env)
  )
    stopWith(`Chromium could not be installed. Try:\n  ${how}`);
}
