import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { withOwn } from '../../core/library/own';
import { packed, type LibraryPart } from '../../core/library/packed';
import { GardenFile } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';
import { closeDatabase, openDatabase, type Connection } from './connection';
import { remember, remembered } from './installation';
import { importGarden } from './records/garden-file';
import { loadLibrary, readLibrary } from './library';
import { digestWith, readShelf } from './shelf';
import { inTransaction } from './transaction';

/** Where the migrations are, in the repository. */
export const MIGRATIONS = 'server/database/migrations';

export interface Store {
  db: Connection;
  /** The file of the database, and the folder of the repository. */
  file: string;
  root: string;
  /** The library as it was shipped. */
  shipped: Library;
  shippedDigest: string;
  /** The library of this installation: the shipped one with the shelf over it. Gardens lay their own rows over this. */
  library: Library;
  digest: string;
  /** The library in parts as they travel, written out once for each state of the shelf. */
  libraryParts: Record<LibraryPart, string>;
}

/** The shipped library with the shelf over it, as a store holds it. */
function shelved(db: Connection, shipped: Library, shippedDigest: string): Omit<Store, 'db' | 'file' | 'root'> {
  const shelf = readShelf(db);
  const library = withOwn(shipped, shelf);
  const libraryParts = {
    places: packed(library, 'places'),
    living: packed(library, 'living'),
    tending: packed(library, 'tending'),
  };
  return { shipped, shippedDigest, library, digest: digestWith(shippedDigest, shelf), libraryParts };
}

/** Lays the shelf over the shipped library again, when something was put on it or taken off. */
export function layShelf(store: Store) {
  Object.assign(store, shelved(store.db, store.shipped, store.shippedDigest));
}

/** Gives a new database the gardens found in a folder, all of them or, where that is cut short, at the next start. */
function giveDemoGardens(db: Connection, folder: string) {
  if (remembered(db, 'demo-gardens')) return;
  const names = readdirSync(folder).filter((entry) => entry.endsWith('.json'));
  inTransaction(db, () => {
    for (const name of names.sort()) importGarden(db, GardenFile.parse(JSON.parse(readFileSync(join(folder, name), 'utf8'))));
    remember(db, 'demo-gardens', 'given');
  });
}

/**
 * The application's database with the library loaded. A new one is given the demo gardens found in demo/. `root` is the
 * folder of the repository.
 */
export function openStore(file: string, root: string): Store {
  const db = openDatabase(file, join(root, MIGRATIONS));
  loadLibrary(db, join(root, 'reference'));
  giveDemoGardens(db, join(root, 'demo'));
  const { library, digest } = readLibrary(db);
  return { db, file, root, ...shelved(db, library, digest) };
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
