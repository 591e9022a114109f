import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseLibrary, REFERENCE_FILE_NAMES } from '../core/library/parse';
import type { ReferenceFile } from '../core/model/reference';

/** The shipped library, read and parsed from reference/. */
export function readLibrary(root = process.cwd()) {
  const texts = Object.fromEntries(
    REFERENCE_FILE_NAMES.map((file) => [file, readFileSync(join(root, 'reference', file), 'utf8')]),
  ) as Record<ReferenceFile, string>;
  return parseLibrary(texts);
}
