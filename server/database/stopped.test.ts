import { chmodSync, copyFileSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase, openDatabase } from './connection';
import { databaseFault, Fault } from './faults';
import { exportGarden } from './records/garden-file';
import { refusalFor } from './refusals';
import { pondGarden, PRESSES } from './testing/presses';

const MIGRATIONS = 'server/database/migrations';
const folder = mkdtempSync(join(tmpdir(), 'outwash-stopped-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** The fault that a piece of work ends with. */
function faultOf(work: () => void): Fault | null {
  try {
    work();
    return null;
  } catch (error) {
    return error instanceof Fault ? error : databaseFault(error);
  }
}

describe('where the disk is full', () => {
  it('a change is refused with a sentence, nothing of it is there, and it can be made when there is room', () => {
    const { db, id } = pondGarden();
    const before = exportGarden(db, id);
    const pages = db.pragma('page_count', { simple: true }) as number;
    db.pragma(`max_page_count = ${pages}`);
    let fault: Fault | null = null;
    for (let n = 0; n < 500 && !fault; n++) fault = faultOf(() => PRESSES.writeDown!(db, id, n));
    expect(fault).toMatchObject({ status: 507 });
    expect(fault!.message).toContain('The disk is full. Nothing was changed');
    const written = exportGarden(db, id).log.length - before.log.length;
    db.pragma(`max_page_count = ${pages * 10}`);
    PRESSES.writeDown!(db, id, 1);
    expect(exportGarden(db, id).log.length - before.log.length).toBe(written + 1);
    db.close();
  });
});

describe('a database that cannot be opened is refused in a sentence, and left as it is', () => {
  const bytesOf = (file: string) => readFileSync(file).toString('base64');
  it('one that is no database', () => {
    const file = join(folder, 'letter.sqlite');
    writeFileSync(file, 'Dear Sir or Madam, '.repeat(500));
    const before = bytesOf(file);
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(/is damaged, or is no database\. Nothing was changed/);
    expect(bytesOf(file)).toBe(before);
  });
  it('one whose pages are damaged', () => {
    const whole = join(folder, 'whole.sqlite');
    closeDatabase(openDatabase(whole, MIGRATIONS));
    const file = join(folder, 'damaged.sqlite');
    copyFileSync(whole, file);
    const bytes = readFileSync(file);
    // Every page after the first two.
    bytes.fill(0x5a, 8192);
    writeFileSync(file, bytes);
    const before = bytesOf(file);
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(/is damaged/);
    expect(bytesOf(file)).toBe(before);
  });
  it('one of another program', () => {
    const file = join(folder, 'other.sqlite');
    const other = new Database(file);
    other.exec('CREATE TABLE recipe (name TEXT)');
    other.close();
    const before = bytesOf(file);
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(/is a database of another program/);
    expect(bytesOf(file)).toBe(before);
  });
  it.skipIf(process.getuid?.() === 0)('one in a folder that is read-only', () => {
    const closed = join(folder, 'closed');
    mkdirSync(closed);
    chmodSync(closed, 0o555);
    expect(() => openDatabase(join(closed, 'outwash.sqlite'), MIGRATIONS)).toThrow(
      /cannot be written: it or its folder is read-only/,
    );
    chmodSync(closed, 0o755);
  });
  it.each([
    ['SQLITE_CANTOPEN', /cannot be written: it or its folder is read-only/],
    ['SQLITE_READONLY_DIRECTORY', /cannot be written/],
    ['EROFS', /cannot be written/],
    ['ENOSPC', /disk .* is full/],
    ['SQLITE_FULL', /disk .* is full/],
    ['SQLITE_IOERR_READ', /does not work as it should/],
    ['SQLITE_BUSY', /in use by another server/],
    ['SQLITE_CORRUPT_INDEX', /is damaged/],
  ])('%s', (code, words) => {
    expect((refusalFor(Object.assign(new Error('x'), { code }), 'garden.sqlite') as Error).message).toMatch(words);
  });
  it('an error that is none of these stays what it is', () => {
    const error = new TypeError('x');
    expect(refusalFor(error, 'garden.sqlite')).toBe(error);
  });
});
