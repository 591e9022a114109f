import { accessSync, constants, existsSync, readdirSync, statfsSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { createRequire } from 'node:module';
import { ROOT } from './steps.mjs';

/**
 * Looks whether Outwash can run here and what it has is whole: Node, packages, disk, database, backups, port, Chromium.
 * `npm run doctor`; a line each, and what to do where something is wrong. Changes nothing. Ends with 1 where something is.
 */
const GB = 1_000_000_000;
const LEAST_FREE = 1 * GB;
const OLD_DAYS = 8;
const database = process.env.OUTWASH_DATABASE ?? join(ROOT, 'data/outwash.sqlite');
const backups = process.env.OUTWASH_BACKUPS ?? join(dirname(database), 'backups');
const port = Number(process.env.OUTWASH_PORT ?? 4173);
const host = process.env.OUTWASH_HOST ?? '127.0.0.1';
let wrong = 0;

const well = (what, words) => console.log(`well    ${what.padEnd(12)} ${words}`);
const note = (what, words) => console.log(`note    ${what.padEnd(12)} ${words}`);
const fault = (what, words) => {
  wrong++;
  console.log(`WRONG   ${what.padEnd(12)} ${words}`);
};
const size = (bytes) => (bytes >= GB ? `${(bytes / GB).toFixed(1)} GB` : `${(bytes / 1_000_000).toFixed(1)} MB`);

/** better-sqlite3, or null where it is not compiled. */
function sqlite() {
  try {
    const Database = createRequire(import.meta.url)('better-sqlite3');
    new Database(':memory:').close();
    return Database;
  } catch {
    return null;
  }
}

function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > 20 || (major === 20 && minor >= 19)) well('Node', process.versions.node);
  else fault('Node', `${process.versions.node}: Outwash needs 20.19 or newer.`);
}

/** The folder that is there, from a path upwards. */
const present = (path) => (existsSync(path) ? path : present(dirname(path)));

function checkDisk() {
  const folder = present(dirname(database));
  const { bavail, bsize } = statfsSync(folder);
  const free = bavail * bsize;
  if (free >= LEAST_FREE) well('Disk', `${size(free)} free where the database lies`);
  else fault('Disk', `only ${size(free)} free where the database lies: make room.`);
  try {
    accessSync(folder, constants.W_OK);
  } catch {
    fault('Disk', `${folder} is read-only for you: give yourself the right to write there.`);
  }
}

/** What is wrong with a database file; an empty text for nothing, null where a running server has it. */
function flawOf(Database, file) {
  let db;
  try {
    db = new Database(file, { readonly: true, timeout: 500 });
    const found = db.pragma('integrity_check', { simple: true });
    return found === 'ok' ? '' : String(found);
  } catch (error) {
    return error.code === 'SQLITE_BUSY' ? null : error.message;
  } finally {
    db?.close();
  }
}

function checkDatabase(Database) {
  if (!existsSync(database)) return note('Database', `${database} is not there yet: the first start makes it.`);
  if (!Database) return note('Database', 'not looked at: better-sqlite3 is not compiled.');
  const flaw = flawOf(Database, database);
  if (flaw === null) return note('Database', `${database} is in use by a running Outwash; stop it to have it looked through.`);
  if (flaw !== '') return fault('Database', `${database} is damaged (${flaw}). Put the newest backup in its place.`);
  const db = new Database(database, { readonly: true });
  const version = db.pragma('user_version', { simple: true });
  const newest = Number(readdirSync(join(ROOT, 'server/database/migrations')).sort().at(-1).slice(0, 3));
  const gardens = db.prepare('SELECT count(*) FROM garden WHERE removed_at IS NULL').pluck().get();
  db.close();
  if (version > newest) fault('Database', `written by a newer version of Outwash (format ${version}, this one knows ${newest}).`);
  else
    well('Database', `${database}: whole, ${gardens} gardens, ${size(statSync(database).size)}, format ${version} of ${newest}`);
}

function checkBackups(Database) {
  const names = existsSync(backups) ? readdirSync(backups).filter((name) => /^outwash-\d{8}T\d{9}Z-.*\.sqlite$/.test(name)) : [];
  if (names.length === 0) return note('Backups', `none in ${backups} yet: the first is made a minute after a start.`);
  const newest = names.sort().at(-1);
  const [, day] = /-(\d{8})T/.exec(newest);
  const iso = `${day.slice(0, 4)}-${day.slice(4, 6)}-${day.slice(6)}`;
  const days = Math.floor((Date.now() - Date.parse(iso)) / 86_400_000);
  const flaw = Database ? flawOf(Database, join(backups, newest)) : '';
  if (flaw) return fault('Backups', `the newest, ${newest}, is damaged (${flaw}). Remove it and make another.`);
  const words = `${names.length} in ${backups}, the newest of ${iso}`;
  if (days > OLD_DAYS) note('Backups', `${words}: ${days} days old. One is made each day that Outwash runs.`);
  else well('Backups', `${words}, whole`);
}

const isFree = () =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
/** What is answered at an address, as JSON; null for nothing of the kind, within two seconds. */
function answerOf(url) {
  return new Promise((resolve) => {
    const late = setTimeout(() => resolve(null), 2000);
    fetch(url)
      .then((response) => response.json())
      .then(resolve, () => resolve(null))
      .finally(() => clearTimeout(late));
  });
}
async function checkPort() {
  if (await isFree()) return well('Port', `${port} is free`);
  const answer = await answerOf(`http://${host}:${port}/api/health`);
  if (answer?.name === 'Outwash') note('Port', `an Outwash is running at ${port}`);
  else fault('Port', `${port} is taken by another program: choose another one with OUTWASH_PORT.`);
}

function checkPackages(Database) {
  if (!existsSync(join(ROOT, 'node_modules'))) return fault('Packages', 'not installed: npm run demo installs them.');
  if (!Database) return fault('Packages', 'better-sqlite3 is not compiled:  npm rebuild better-sqlite3');
  well('Packages', 'installed, better-sqlite3 compiled');
}

checkNode();
const Database = sqlite();
checkPackages(Database);
checkDisk();
checkDatabase(Database);
checkBackups(Database);
await checkPort();
if (existsSync('/usr/bin/chromium')) well('Chromium', 'there, for the browser tests');
else note('Chromium', 'not there: only the browser tests and the pictures need it; npm test installs it where it may.');
console.log(wrong === 0 ? '\nAll is well.' : `\n${wrong} ${wrong === 1 ? 'thing is' : 'things are'} wrong.`);
process.exit(wrong === 0 ? 0 : 1);
