import { copyFileSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answersOn, freePort, spawnServer } from './running-app';

/** The server as a process: how it starts, refuses to, and stops. */
const folder = mkdtempSync(join(tmpdir(), 'outwash-server-'));
/** A port that somebody else has. */
let taken: Server;
beforeAll(async () => {
  taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
});
afterAll(() => {
  taken.close();
  rmSync(folder, { recursive: true, force: true });
});

function start(database: string, port: number) {
  const server = spawnServer(database, port, 'pipe');
  let said = '';
  server.stderr!.on('data', (chunk) => (said += chunk));
  const ended = new Promise<{ code: number | null; said: string }>((resolve) =>
    server.on('close', (code) => resolve({ code, said })),
  );
  return { server, ended };
}

describe('the server', () => {
  it('ends with a sentence and a code where its port is taken', async () => {
    const { port } = taken.address() as AddressInfo;
    const { code, said } = await start(join(folder, 'port.sqlite'), port).ended;
    expect(said.trim()).toBe(
      `Port ${port} is taken by another program. Choose another one, as in  OUTWASH_PORT=4180 npm run demo`,
    );
    expect(code).toBe(1);
  });
  it('ends with a sentence where another Outwash has its port, and the other goes on', async () => {
    const port = await freePort();
    const first = start(join(folder, 'first.sqlite'), port);
    await expect.poll(() => answersOn(port), { timeout: 60_000 }).toBe(true);
    const { code, said } = await start(join(folder, 'second.sqlite'), port).ended;
    expect(said.trim()).toBe(
      `Another Outwash is running at port ${port} already. Use that one, stop it, or choose another port, as in  OUTWASH_PORT=4180 npm run demo`,
    );
    expect(code).toBe(1);
    expect(await answersOn(port)).toBe(true);
    first.server.kill('SIGTERM');
    await first.ended;
  });
  it.each([
    ['a letter', 'Dear Sir or Madam, '.repeat(500), 'is damaged, or is no database. Nothing was changed.'],
    ['a folder', null, 'cannot be written'],
  ])('ends with a sentence where its database is %s, and leaves that as it is', async (name, content, words) => {
    const file = join(folder, `${name.slice(2)}.sqlite`);
    if (content === null) mkdirSync(file);
    else writeFileSync(file, content);
    const { code, said } = await start(file, await freePort()).ended;
    expect(said).toContain(words);
    expect(said.trim().split('\n')).toHaveLength(1);
    expect(code).toBe(1);
    if (content !== null) expect(readFileSync(file, 'utf8')).toBe(content);
  });
  it('leaves the whole database in its main file when it is stopped, and a second one on it is refused meanwhile', async () => {
    const file = join(folder, 'one.sqlite');
    const port = await freePort();
    const { server, ended } = start(file, port);
    await expect.poll(() => answersOn(port), { timeout: 60_000 }).toBe(true);
    const second = await start(file, await freePort()).ended;
    expect(second.said).toMatch(/in use by another server/);
    expect(second.code).toBe(1);
    expect(await answersOn(port)).toBe(true);
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
