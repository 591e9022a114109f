import { createHash } from 'node:crypto';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { inTransaction } from '../transaction';
import { mustRead } from './reading';

/** So many pictures of a garden are held, the newest and the one in use: the others were tried and taken away. */
const MOST = 20;

/** Saves a picture (a data URL) of a garden under an id of its content, and returns the id. */
export function savePicture(db: Connection, gardenId: string, data: string): string {
  const id = createHash('sha256').update(data).digest('hex').slice(0, 32);
  inTransaction(db, () => {
    db.prepare(
      `INSERT INTO picture (garden_id, id, data, saved)
         VALUES (@gardenId, @id, @data, (SELECT coalesce(max(saved), 0) + 1 FROM picture WHERE garden_id = @gardenId))
         ON CONFLICT DO UPDATE SET saved = excluded.saved`,
    ).run({ gardenId, id, data });
    db.prepare(
      `DELETE FROM picture WHERE garden_id = @gardenId AND id <> @id
         AND id IS NOT (SELECT json_extract(yard, '$.underlay.picture') FROM garden WHERE garden.id = @gardenId)
         AND id NOT IN (SELECT id FROM picture WHERE garden_id = @gardenId ORDER BY saved DESC LIMIT @most)`,
    ).run({ gardenId, id, most: MOST });
  });
  return id;
}

/** A picture as its data URL; null where the garden has none of that id. */
export const findPicture = (db: Connection, gardenId: string, id: string): string | null =>
  (db.prepare('SELECT data FROM picture WHERE garden_id = ? AND id = ?').pluck().get(gardenId, id) as string | undefined) ?? null;

/** The same; a 404 fault where the garden has none of that id, or was removed. */
export function readPicture(db: Connection, gardenId: string, id: string): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const data = findPicture(db, gardenId, id);
  if (data === null) throw new Fault(404, 'There is no such picture here.');
  return data;
}
