import { createHash } from 'node:crypto';
import type { Connection } from './connection';
import { Fault } from './faults';

/** Keeps a picture (a data URL) of a garden under an id of its content, and returns the id. */
export function keepPicture(db: Connection, gardenId: string, data: string): string {
  const id = createHash('sha256').update(data).digest('hex').slice(0, 32);
  db.prepare('INSERT INTO picture (garden_id, id, data) VALUES (?, ?, ?) ON CONFLICT DO NOTHING').run(gardenId, id, data);
  return id;
}

/** A picture as its data URL; a 404 fault where the garden has none of that id. */
export function readPicture(db: Connection, gardenId: string, id: string): string {
  const row = db.prepare('SELECT data FROM picture WHERE garden_id = ? AND id = ?').get(gardenId, id) as
    { data: string } | undefined;
  if (!row) throw new Fault(404, 'That picture is not kept here.');
  return row.data;
}
