import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { z } from 'zod';
import { LEAST_PASSPHRASE, ROLES, type Role } from '../../core/model/installation';
import type { Connection } from '../database/connection';

/** Scrypt as OWASP's Password Storage Cheat Sheet gives it: N = 2^17, r = 8, p = 1 (128 MB for a moment). */
const COST = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };
const BYTES = 32;

/** A passphrase that may be set. */
export const Passphrase = z
  .string('Type a passphrase.')
  .min(
    LEAST_PASSPHRASE,
    `A passphrase has at least ${LEAST_PASSPHRASE} characters: four or five words that belong together to nobody else.`,
  )
  .max(200, 'Keep the passphrase under 200 characters.');

/** Typed on another keyboard it is the same: letters with marks are put together alike. */
const hashOf = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(passphrase.normalize('NFKC'), salt, BYTES, COST, (error, hash) => (error ? reject(error) : resolve(hash))),
  );

type Stored = { role: Role; salt: Buffer; hash: Buffer; set_at: string };
const stored = (db: Connection) => db.prepare('SELECT * FROM passphrase').all() as Stored[];

/** Which passphrases are set. */
export const passphrasesOf = (db: Connection): { role: Role; set_at: string }[] =>
  stored(db)
    .map(({ role, set_at }) => ({ role, set_at }))
    .sort((a, b) => ROLES.indexOf(a.role) - ROLES.indexOf(b.role));
export const isClosed = (db: Connection): boolean => db.prepare('SELECT 1 FROM passphrase').get() !== undefined;

/** What is saved of a passphrase. */
export async function provenBy(passphrase: string): Promise<{ salt: Buffer; hash: Buffer }> {
  const salt = randomBytes(16);
  return { salt, hash: await hashOf(passphrase, salt) };
}

/** Saves a passphrase, or (null) takes it away, and ends the sessions that it was for. `now`: ISO moment. */
export function savePassphrase(db: Connection, role: Role, proven: { salt: Buffer; hash: Buffer } | null, now: string) {
  db.prepare('DELETE FROM passphrase WHERE role = ?').run(role);
  db.prepare('DELETE FROM session WHERE role = ?').run(role);
  if (proven)
    db.prepare('INSERT INTO passphrase (role, salt, hash, set_at) VALUES (?, ?, ?, ?)').run(role, proven.salt, proven.hash, now);
}

/** What a passphrase opens; null: nothing. Every one that is set is tried, so that the time it takes says nothing. */
export async function roleOf(db: Connection, passphrase: string): Promise<Role | null> {
  let role: Role | null = null;
  for (const { role: of, salt, hash } of stored(db)) {
    const same = timingSafeEqual(await hashOf(passphrase, salt), hash);
    if (same && role !== 'change') role = of;
  }
  return role;
}
