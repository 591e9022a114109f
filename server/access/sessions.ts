import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Access, Role, Session } from '../../core/model/installation';
import type { Connection } from '../database/connection';

/** A session ends so many days after it was last used. */
export const SESSION_DAYS = 30;
/** When it was last seen is written down so often (ms): not at every request. */
const SEEN_MS = 600_000;
const MOST_SIGN_INS = 500;
const SHOWN_SIGN_INS = 50;
const DEVICE_LENGTH = 200;

const digest = (token: string) => createHash('sha256').update(token).digest();
const cutoff = (now: Date) => new Date(now.getTime() - SESSION_DAYS * 86_400_000).toISOString();

/** Whoever asks: by which device and from where. */
export interface Visitor {
  device: string;
  address: string;
}

/** A session and what proves it. */
export interface Begun {
  session: Session;
  token: string;
}

/** Begins a session and returns it with the token that proves it. */
export function beginSession(db: Connection, role: Role, { device, address }: Visitor, now: Date): Begun {
  const token = randomBytes(32).toString('base64url');
  const at = now.toISOString();
  db.prepare('DELETE FROM session WHERE seen_at < ?').run(cutoff(now));
  db.prepare('INSERT INTO session (id, token, role, device, address, begun_at, seen_at) VALUES (?, ?, ?, ?, ?, ?, ?)').run(
    randomUUID(),
    digest(token),
    role,
    device.slice(0, DEVICE_LENGTH),
    address,
    at,
    at,
  );
  return { session: sessionOf(db, token, now)!, token };
}

const COLUMNS = 'id, role, device, address, begun_at, seen_at';

/** The session that a token proves; null where there is none, or it was not used for too long. */
export function sessionOf(db: Connection, token: string, now: Date): Session | null {
  const found = db.prepare(`SELECT ${COLUMNS} FROM session WHERE token = ? AND seen_at >= ?`).get(digest(token), cutoff(now)) as
    Session | undefined;
  if (!found) return null;
  if (now.getTime() - Date.parse(found.seen_at) > SEEN_MS)
    db.prepare('UPDATE session SET seen_at = ? WHERE id = ?').run(now.toISOString(), found.id);
  return found;
}

/** Those signed in, whoever was seen last first. */
export const sessionsOf = (db: Connection, now: Date): Session[] =>
  db.prepare(`SELECT ${COLUMNS} FROM session WHERE seen_at >= ? ORDER BY seen_at DESC, id`).all(cutoff(now)) as Session[];

/** Ends a session; whether there was one. */
export const endSession = (db: Connection, id: string): boolean =>
  db.prepare('DELETE FROM session WHERE id = ?').run(id).changes > 0;
/** Ends every session but one; how many there were. */
export const endOthers = (db: Connection, id: string): number => db.prepare('DELETE FROM session WHERE id <> ?').run(id).changes;

/** Writes an attempt to sign in down. `role` null: it was refused. */
export function logSignIn(db: Connection, role: Role | null, { device, address }: Visitor, now: Date) {
  db.prepare('INSERT INTO sign_in (at, device, address, role) VALUES (?, ?, ?, ?)').run(
    now.toISOString(),
    device.slice(0, DEVICE_LENGTH),
    address,
    role,
  );
  db.prepare('DELETE FROM sign_in WHERE id <= (SELECT max(id) FROM sign_in) - ?').run(MOST_SIGN_INS);
}

/** The last attempts to sign in, the newest first. */
export const signInsOf = (db: Connection) =>
  db.prepare('SELECT at, device, address, role FROM sign_in ORDER BY id DESC LIMIT ?').all(SHOWN_SIGN_INS) as Access['signIns'];
