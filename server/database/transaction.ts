import type { Connection } from './connection';

const forgetting = new Set<(db: Connection) => void>();
/** Has what was remembered of a database forgotten where a transaction fails: what was read in it was never so. */
export const onRollback = (forget: (db: Connection) => void) => void forgetting.add(forget);

/** Does a piece of work in one transaction that writes: all of it or, where it throws, nothing. */
export function inTransaction<R>(db: Connection, work: () => R): R {
  try {
    return db.transaction(work).immediate();
  } catch (error) {
    for (const forget of forgetting) forget(db);
    throw error;
  }
}
