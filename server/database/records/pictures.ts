import { createHash } from 'node:crypto';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { mustRead } from './reading';

/** Saves a picture (a data URL) of a garden under an id of its content, and returns the id. */
export function savePicture(db: Connection, gardenId: string, data: string): string {
  const id = createHash('sha256').update(data).digest('hex').slice(0, 32);
  db.prepare('INSERT INTO picture (garden_id, id, data) VALUES (?, ?, ?) ON CONFLICT DO NOTHING').run(gardenId, id, data);
  return id;
}

/** A picture as its data URL; a 404 fault where the garden has none of that id, or was removed. */
export function readPicture(db: Connection, gardenId: string, id: string): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const data = db.prepare('SELECT data FROM picture WHERE garden_id = ? AND id = ?').pluck().get(gardenId, id);
  if (data === undefined) throw new Fault(404, 'There is no such picture here.');
  return data as string;
}
