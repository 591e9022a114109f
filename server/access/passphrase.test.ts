import { describe, expect, it } from 'vitest';
import { openDatabase } from '../database/connection';
import { isClosed, Passphrase, passphrasesOf, provenBy, roleOf, savePassphrase } from './passphrase';
import { beginSession, endOthers, endSession, logSignIn, sessionOf, sessionsOf, signInsOf } from './sessions';

const empty = () => openDatabase(':memory:', 'server/database/migrations');
const NOW = '2026-05-01T12:00:00.000Z';
const visitor = { device: 'A phone', address: '192.168.1.9' };
const later = (days: number) => new Date(Date.parse(NOW) + days * 86_400_000);

describe('passphrases', () => {
  it('open what they are for, and nothing else does; of them only what proves them is held', async () => {
    const db = empty();
    expect(isClosed(db)).toBe(false);
    savePassphrase(db, 'change', await provenBy('four wet geese at dawn'), NOW);
    savePassphrase(db, 'read', await provenBy('look but do not touch'), NOW);
    expect(isClosed(db)).toBe(true);
    expect(passphrasesOf(db)).toEqual([
      { role: 'change', set_at: NOW },
      { role: 'read', set_at: NOW },
    ]);
    expect(await roleOf(db, 'four wet geese at dawn')).toBe('change');
    expect(await roleOf(db, 'look but do not touch')).toBe('read');
    expect(await roleOf(db, 'Four wet geese at dawn')).toBeNull();
    expect(await roleOf(db, '')).toBeNull();
    const held = JSON.stringify(db.prepare('SELECT * FROM passphrase').all());
    expect(held).not.toContain('geese');
  });
  it('with a marked letter are the same from a keyboard that puts it together otherwise', async () => {
    const db = empty();
    savePassphrase(db, 'change', await provenBy('caf\u00e9 by the old pond'), NOW);
    expect(await roleOf(db, 'cafe\u0301 by the old pond')).toBe('change');
  });
  it('are no shorter than twelve characters', () => {
    expect(Passphrase.safeParse('eleven char').success).toBe(false);
    expect(Passphrase.safeParse('twelve chars').success).toBe(true);
  });
  it('that are changed or taken away end the sessions that they were for', async () => {
    const db = empty();
    savePassphrase(db, 'change', await provenBy('four wet geese at dawn'), NOW);
    const { token } = beginSession(db, 'change', visitor, new Date(NOW));
    const { token: reading } = beginSession(db, 'read', visitor, new Date(NOW));
    savePassphrase(db, 'change', null, NOW);
    expect(sessionOf(db, token, new Date(NOW))).toBeNull();
    expect(sessionOf(db, reading, new Date(NOW))?.role).toBe('read');
  });
});

describe('sessions', () => {
  it('are proven by their token alone, and end thirty days after they were last used', () => {
    const db = empty();
    const { token, session } = beginSession(db, 'change', visitor, new Date(NOW));
    expect(session).toMatchObject({ role: 'change', ...visitor, begun_at: NOW });
    expect(JSON.stringify(db.prepare('SELECT * FROM session').all())).not.toContain(token);
    expect(sessionOf(db, `${token}x`, new Date(NOW))).toBeNull();
    expect(sessionOf(db, session.id, new Date(NOW))).toBeNull();
    expect(sessionOf(db, token, later(29))?.id).toBe(session.id);
    expect(sessionOf(db, token, later(58))?.id).toBe(session.id);
    expect(sessionOf(db, token, later(89))).toBeNull();
    expect(sessionsOf(db, later(89))).toEqual([]);
  });
  it('are ended one by one, or all but one', () => {
    const db = empty();
    const [first, second, third] = [1, 2, 3].map(() => beginSession(db, 'change', visitor, new Date(NOW)).session.id);
    expect(endSession(db, first!)).toBe(true);
    expect(endSession(db, first!)).toBe(false);
    expect(endOthers(db, second!)).toBe(1);
    expect(sessionsOf(db, new Date(NOW)).map((row) => row.id)).toEqual([second]);
    expect(third).not.toBe(second);
  });
  it('attempts are written down, the newest first, and no more than are worth reading', () => {
    const db = empty();
    for (let i = 0; i < 520; i++) logSignIn(db, i % 2 ? 'read' : null, { ...visitor, device: `Device ${i}` }, new Date(NOW));
    expect(signInsOf(db)).toHaveLength(50);
    expect(signInsOf(db)[0]).toEqual({ at: NOW, device: 'Device 519', address: '192.168.1.9', role: 'read' });
    expect(db.prepare('SELECT count(*) FROM sign_in').pluck().get()).toBe(500);
  });
});
