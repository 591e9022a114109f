import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { backUpNow } from '../server/database/backups/files';
import { closeDatabase, openDatabase } from '../server/database/connection';

const folder = mkdtempSync(join(tmpdir(), 'outwash-doctor-'));
const whole = join(folder, 'whole', 'outwash.sqlite');
let free: number;
let taken: Server;
beforeAll(async () => {
  const db = openDatabase(whole, 'server/database/migrations');
  backUpNow(db, join(folder, 'whole', 'backups'), 'daily');
  closeDatabase(db);
  taken = createServer((socket) => socket.end());
  const probe = createServer();
  for (const server of [taken, probe]) await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  free = (probe.address() as AddressInfo).port;
  await new Promise((resolve) => probe.close(resolve));
});
afterAll(() => {
  taken.close();
  rmSync(folder, { recursive: true, force: true });
});

/** What the doctor says: a line by what it is about, and the code it ends with. */
const seen = (database: string, port = free) =>
  new Promise<{ code: number | null; lines: Map<string, string> }>((resolve) => {
    const doctor = spawn(process.execPath, ['scripts/doctor.mjs'], {
      env: { ...process.env, OUTWASH_DATABASE: database, OUTWASH_PORT: String(port) },
    });
    let text = '';
    doctor.stdout.on('data', (chunk) => (text += chunk));
    doctor.on('close', (code) => {
      const lines = text.split('\n').flatMap((line): [string, string][] => {
        const [, verdict, what, words] = /^(\w+)\s+(\w+)\s+(.*)$/.exec(line) ?? [];
        return what ? [[what, `${verdict} ${words}`]] : [];
      });
      resolve({ code, lines: new Map(lines) });
    });
  });

describe('the doctor', () => {
  it('finds a whole database, its backup and a free port well', async () => {
    const { code, lines } = await seen(whole);
    expect(lines.get('Database')).toMatch(/^well .*whole, 0 gardens/);
    expect(lines.get('Backups')).toMatch(/^well 1 in /);
    expect(lines.get('Port')).toBe(`well ${free} is free`);
    expect(lines.get('Node')).toMatch(/^well /);
    expect(lines.get('Packages')).toMatch(/^well /);
    expect(code).toBe(0);
  });
  it('finds a damaged database, a damaged backup and a port that is taken wrong, and says what to do', async () => {
    const own = join(folder, 'damaged');
    mkdirSync(join(own, 'backups'), { recursive: true });
    writeFileSync(join(own, 'outwash.sqlite'), 'Dear Sir or Madam, '.repeat(500));
    writeFileSync(join(own, 'backups', 'outwash-20260501T120000000Z-daily.sqlite'), 'Dear Sir or Madam');
    const { port } = taken.address() as AddressInfo;
    const { code, lines } = await seen(join(own, 'outwash.sqlite'), port);
    expect(lines.get('Database')).toMatch(/^WRONG .* is damaged .*Put the newest backup in its place/);
    expect(lines.get('Backups')).toMatch(/^WRONG the newest, .* is damaged/);
    expect(lines.get('Port')).toMatch(/^WRONG .* taken by another program/);
    expect(code).toBe(1);
  });
  it('says where nothing is there yet, which is not wrong', async () => {
    const { code, lines } = await seen(join(folder, 'nowhere', 'outwash.sqlite'));
    expect(lines.get('Database')).toMatch(/^note .* is not there yet/);
    expect(lines.get('Backups')).toMatch(/^note none in /);
    expect(code).toBe(0);
  });
});
