import { join } from 'node:path';
import type { OwnRowFields } from '../../core/model/garden';
import type { ReferenceFile } from '../../core/model/tables';
import { Fault } from '../database/faults';
import type { Store } from '../database/open';
import { readShelf } from '../database/shelf';
import { checkTable, type TableChecked, type TableToCheck } from '../workers/check-table';
import { inThread } from '../workers/thread';

/** The longest that the check of a table may take (ms), and how many are checked together. */
const MOST_MS = 60_000;
const MOST_AT_ONCE = 2;
let checking = 0;

/** Checks a table of the library for a garden, in a thread of its own. `own`: the garden’s rows over the library. */
export async function checkedTable(store: Store, own: OwnRowFields[], file: ReferenceFile, text: string): Promise<TableChecked> {
  if (checking >= MOST_AT_ONCE) throw new Fault(429, 'Other tables are being checked just now. Try again in a moment.');
  checking++;
  const bare = ({ file: of, key, cells }: OwnRowFields): OwnRowFields => ({ file: of, key, cells });
  const over = [readShelf(store.db).map(bare), own.map(bare)];
  const table: TableToCheck = { folder: join(store.root, 'reference'), over, file, text };
  const late = () => new Fault(422, 'The table takes too long to check. Import it in parts.');
  try {
    return await inThread('check-table', table, () => checkTable(table), MOST_MS, late);
  } finally {
    checking--;
  }
}
