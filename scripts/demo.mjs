import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { get as getPlain } from 'node:http';
import { get as getSecure } from 'node:https';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { build, checkNode, compileSqlite, installPackages, ROOT, say, stopWith } from './steps.mjs';

/** Installs, builds, makes the database with the demo gardens and serves them. */
const host = process.env.OUTWASH_HOST ?? '127.0.0.1';
const port = process.env.OUTWASH_PORT ?? '4173';
const cert = process.env.OUTWASH_CERT;
const key = process.env.OUTWASH_KEY;
const database = process.env.OUTWASH_DATABASE ?? join(ROOT, 'data/outwash.sqlite');

checkNode();
if (Boolean(cert) !== Boolean(key))
  stopWith('For https give both files: OUTWASH_CERT, the certificate, and OUTWASH_KEY, its key.');
/** A file of the certificate, as text. */
function pem(file, name) {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    return stopWith(`${name} cannot be read: ${error.message}`);
  }
}
const secure = cert && key ? { NITRO_SSL_CERT: pem(cert, 'OUTWASH_CERT'), NITRO_SSL_KEY: pem(key, 'OUTWASH_KEY') } : {};
installPackages();
for (const [name, step] of [
  ['Compiling better-sqlite3 (minutes, the first time)', compileSqlite],
  ['Building', build],
]) {
  say(name);
  const { ok, output } = await step();
  if (!ok) stopWith(output);
}
say(existsSync(database) ? `Opening the database ${database}` : `Making the database ${database} with the demo gardens`);
const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  cwd: ROOT,
  stdio: 'inherit',
  env: {
    ...process.env,
    ...secure,
    NITRO_HOST: host,
    NITRO_PORT: port,
    OUTWASH_ROOT: ROOT,
    OUTWASH_DATABASE: database,
    NODE_ENV: 'production',
  },
});
let ended = false;
server.on('exit', (code) => {
  ended = true;
  // The server has said why.
  process.exit(code ?? 1);
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));

/** The addresses by which other devices of the network reach this machine. */
const elsewhere = () =>
  Object.values(networkInterfaces())
    .flatMap((found) => found ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map((found) => `${cert ? 'https' : 'http'}://${found.address}:${port}`);

/** Does the server answer there? Its certificate is the gardener's own and is not judged here. */
const answersAt = (url) =>
  new Promise((resolve) => {
    const asked = url.startsWith('https:') ? getSecure(url, { rejectUnauthorized: false }) : getPlain(url);
    asked.on('response', (response) => {
      response.resume();
      resolve(response.statusCode === 200);
    });
    asked.on('error', () => resolve(false));
  });
// Whoever listens on every address is asked at this one.
const name = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
const address = `${cert ? 'https' : 'http'}://${name}:${port}`;
for (let tries = 0; tries < 100 && !ended; tries++) {
  const answers = await answersAt(`${address}/api/health`);
  if (answers) {
    say(`Outwash is at ${address}   (Ctrl C stops it)`);
    if (host === '0.0.0.0' || host === '::') for (const from of elsewhere()) say(`From other devices here: ${from}`);
    break;
  }
  await new Promise((resolve) => setTimeout(resolve, 100));
}
