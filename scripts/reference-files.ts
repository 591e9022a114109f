import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseLibrary } from '../core/library/parse';
import { REFERENCE_FILE_NAMES, type ReferenceFile } from '../core/model/tables';

/** The shipped library, read and parsed from reference/. */
export function readLibrary(root = process.cwd()) {
  const texts = Object.fromEntries(
    REFERENCE_FILE_NAMES.map((file) => [file, readFileSync(join(root, 'reference', file), 'utf8')]),
  ) as Record<ReferenceFile, string>;
  return parseLibrary(texts);
}
