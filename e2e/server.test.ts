import { spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

/** The server as a process: how it starts, refuses to, and stops. */
const folder = mkdtempSync(join(tmpdir(), 'outwash-server-'));
/** A port that somebody else has. */
let taken: Server;
const portOf = (server: Server) => (server.address() as AddressInfo).port;
const listening = () =>
  new Promise<Server>((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => resolve(server));
  });
beforeAll(async () => {
  taken = await listening();
});
afterAll(() => {
  taken.close();
  rmSync(folder, { recursive: true, force: true });
});

function start(database: string, port: number) {
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: {
      ...process.env,
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      OUTWASH_DATABASE: database,
      OUTWASH_ROOT: process.cwd(),
      OUTWASH_LOG: 'silent',
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  let said = '';
  server.stderr.on('data', (chunk) => (said += chunk));
  const ended = new Promise<{ code: number | null; said: string }>((resolve) =>
    server.on('close', (code) => resolve({ code, said })),
  );
  return { server, ended };
}
async function freePort() {
  const probe = await listening();
  const port = portOf(probe);
  await new Promise((resolve) => probe.close(resolve));
  return port;
}
const answers = (port: number) =>
  fetch(`http://127.0.0.1:${port}/api/gardens`).then(
    (response) => response.ok,
    () => false,
  );

describe('the server', () => {
  it('ends with a sentence and a code where its port is taken', async () => {
    const port = portOf(taken);
    const { code, said } = await start(join(folder, 'port.sqlite'), port).ended;
    expect(said.trim()).toBe(
      `Port ${port} is taken: perhaps Outwash is running already. Choose another one, as in  OUTWASH_PORT=4180 npm run demo`,
    );
    expect(code).toBe(1);
  });
  it('leaves the whole database in its main file when it is stopped, and a second one on it is refused meanwhile', async () => {
    const file = join(folder, 'one.sqlite');
    const port = await freePort();
    const { server, ended } = start(file, port);
    await expect.poll(() => answers(port)).toBe(true);
    const second = await start(file, await freePort()).ended;
    expect(second.said).toMatch(/in use by another server/);
    expect(second.code).toBe(1);
    expect(await answers(port)).toBe(true);
    server.kill('SIGTERM');
    expect((await ended).code).toBe(0);
    expect(existsSync(`${file}-wal`)).toBe(false);
    const copy = join(folder, 'copy.sqlite');
    copyFileSync(file, copy);
    const db = new Database(copy, { readonly: true });
    expect(db.prepare('SELECT count(*) AS n FROM garden').get()).toEqual({ n: 3 });
    db.close();
  });
});
