import { limitSentence, MOST } from '../../../core/model/limits';
import type { PhotoFields } from '../../../core/model/log';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { mustRead } from './reading';
import { inTransaction } from '../transaction';

const PREFIX = 'data:image/jpeg;base64,';
const bytesOf = (dataUrl: string): Buffer => Buffer.from(dataUrl.slice(PREFIX.length), 'base64');

/** Saves a photograph of a garden under its id; one that is there already is left as it is. */
export function savePhoto(db: Connection, gardenId: string, id: string, { full, small }: PhotoFields) {
  const sizes = [bytesOf(full), bytesOf(small)];
  inTransaction(db, () => putPhoto(db, gardenId, id, sizes));
}

function putPhoto(db: Connection, gardenId: string, id: string, sizes: readonly Buffer[]) {
  mustRead(db, 'garden', gardenId, gardenId);
  const held = db.prepare('SELECT count(*) FROM photo WHERE garden_id = ?').pluck().get(gardenId) as number;
  if (held >= MOST.photos) throw new Fault(422, limitSentence('photos'));
  db.prepare('INSERT INTO photo (garden_id, id, full, small) VALUES (?, ?, ?, ?) ON CONFLICT DO NOTHING').run(
    gardenId,
    id,
    ...sizes,
  );
}

/** A photograph of a garden in one of its sizes; a 404 fault where there is none, or the garden was removed. */
export function readPhoto(db: Connection, gardenId: string, id: string, size: 'full' | 'small'): Buffer {
  mustRead(db, 'garden', gardenId, gardenId);
  const found = db.prepare(`SELECT ${size} FROM photo WHERE garden_id = ? AND id = ?`).pluck().get(gardenId, id);
  if (found === undefined) throw new Fault(404, 'There is no such photograph here.');
  return found as Buffer;
}

/** The photographs that entries of a garden's log speak of, as its file holds them. */
export function exportPhotos(db: Connection, gardenId: string, wanted: ReadonlySet<string>) {
  const rows = db.prepare('SELECT id, full, small FROM photo WHERE garden_id = ? ORDER BY id').all(gardenId) as {
    id: string;
    full: Buffer;
    small: Buffer;
  }[];
  const url = (bytes: Buffer) => PREFIX + bytes.toString('base64');
  return rows.filter(({ id }) => wanted.has(id)).map(({ id, full, small }) => ({ id, full: url(full), small: url(small) }));
}
