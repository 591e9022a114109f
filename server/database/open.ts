import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { packed, type LibraryPart } from '../../core/library/packed';
import { GardenFile } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';
import { closeDatabase, openDatabase, type Connection } from './connection';
import { importGarden } from './records/garden-file';
import { listGardens } from './records/gardens';
import { loadLibrary, readLibrary } from './library';

export interface Store {
  db: Connection;
  library: Library;
  digest: string;
  /** The library in parts as they travel, written out once: it does not change while the server runs. */
  libraryParts: Record<LibraryPart, string>;
}

/**
 * The application's database with the library loaded. A database that did not exist yet is given the demo
 * gardens found in demo/. `root` is the folder of the repository.
 */
export function openStore(file: string, root: string): Store {
  const fresh = file === ':memory:' || !existsSync(file);
  const db = openDatabase(file, join(root, 'server/database/migrations'));
  loadLibrary(db, join(root, 'reference'));
  if (fresh && listGardens(db).length === 0) {
    const folder = join(root, 'demo');
    for (const name of readdirSync(folder)
      .filter((entry) => entry.endsWith('.json'))
      .sort())
      importGarden(db, GardenFile.parse(JSON.parse(readFileSync(join(folder, name), 'utf8'))));
  }
  const read = readLibrary(db);
  const libraryParts = {
    places: packed(read.library, 'places'),
    living: packed(read.library, 'living'),
    tending: packed(read.library, 'tending'),
  };
  return { db, ...read, libraryParts };
}

let store: Store | undefined;

/** The one store of this process, opened on first use from OUTWASH_DATABASE (data/outwash.sqlite) and OUTWASH_ROOT. */
export function useStore(): Store {
  const root = process.env.OUTWASH_ROOT ?? process.cwd();
  store ??= openStore(process.env.OUTWASH_DATABASE ?? join(root, 'data/outwash.sqlite'), root);
  return store;
}

/** Closes the store at the end of the process; what comes later opens it again. */
export function closeStore() {
  if (store) closeDatabase(store.db);
  store = undefined;
}
