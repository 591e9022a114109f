import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { build, checkNode, compileSqlite, installPackages, ROOT, say, stopWith } from './steps.mjs';

/** Installs, builds, makes the database with the demo gardens and serves them. */
const host = process.env.OUTWASH_HOST ?? '127.0.0.1';
const port = process.env.OUTWASH_PORT ?? '4173';
const database = process.env.OUTWASH_DATABASE ?? join(ROOT, 'data/outwash.sqlite');

checkNode();
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

const address = `http://${host}:${port}`;
for (let tries = 0; tries < 100 && !ended; tries++) {
  const answers = await fetch(`${address}/api/gardens`).then(
    (response) => response.ok,
    () => false,
  );
  if (answers) {
    say(`Outwash is at ${address}   (Ctrl C stops it)`);
    break;
  }
  await new Promise((resolve) => setTimeout(resolve, 100));
}
