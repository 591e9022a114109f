import { LIBRARY_PARTS, type LibraryPart } from '../../core/library/packed';
import type { Store } from '../database/open';
import { encode } from './encode';

/** What names a version of a part of the library. */
export const libraryTag = ({ digest }: Pick<Store, 'digest'>, part: LibraryPart) => `"${digest} ${part}"`;

/** Encodes the library before anyone asks: it is large, and the first page of all would wait for it. */
export function encodeLibrary(store: Store) {
  for (const part of Object.keys(LIBRARY_PARTS) as LibraryPart[]) encode(store.libraryParts[part], 'br', libraryTag(store, part));
}
