import type { Connection } from './connection';

/** What is remembered of this installation: whether it was given the demo gardens, and since when its changes are counted. */
type Remembered = 'demo-gardens' | 'whole-before';

export const remembered = (db: Connection, key: Remembered): string | null =>
  (db.prepare('SELECT value FROM installation WHERE key = ?').pluck().get(key) as string | undefined) ?? null;

export function remember(db: Connection, key: Remembered, value: string) {
  db.prepare('INSERT INTO installation (key, value) VALUES (?, ?) ON CONFLICT DO UPDATE SET value = excluded.value').run(
    key,
    value,
  );
}
