import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { OwnRowFields } from '../../core/model/garden';
import type { ReferenceFile } from '../../core/model/tables';
import { Fault } from '../database/faults';
import type { Store } from '../database/open';
import { readShelf } from '../database/shelf';
import { checkTable, type TableChecked, type TableToCheck } from '../workers/check-table';

/** The longest that the check of a table may take (ms), and how many are checked together. */
const MOST_MS = 60_000;
const MOST_AT_ONCE = 2;
let checking = 0;

/** The file of the thread: it lies beside the built server (nuxt.config.ts). */
const workerFile = () => join(dirname(process.argv[1] ?? ''), 'workers/check-table.mjs');

/** Checks a table of the library for a garden, in a thread of its own. `own`: the garden’s rows over the library. */
export async function checkedTable(store: Store, own: OwnRowFields[], file: ReferenceFile, text: string): Promise<TableChecked> {
  if (checking >= MOST_AT_ONCE) throw new Fault(503, 'Other tables are being checked just now. Try again in a moment.');
  checking++;
  const bare = ({ file: of, key, cells }: OwnRowFields): OwnRowFields => ({ file: of, key, cells });
  const over = [readShelf(store.db).map(bare), own.map(bare)];
  try {
    return await inThread({ folder: join(store.root, 'reference'), over, file, text });
  } finally {
    checking--;
  }
}

function inThread(workerData: TableToCheck): Promise<TableChecked> {
  // The server for developing has no built files.
  if (import.meta.dev) return Promise.resolve(checkTable(workerData));
  const path = workerFile();
  if (!existsSync(path)) throw new Error(`The thread that checks tables is not built: ${path}`);
  return new Promise((resolve, reject) => {
    const worker = new Worker(path, { workerData });
    const late = setTimeout(() => {
      void worker.terminate();
      reject(new Fault(422, 'The table takes too long to check. Import it in parts.'));
    }, MOST_MS);
    worker.once('message', (found: TableChecked) => resolve(found));
    worker.once('error', reject);
    worker.once('exit', () => {
      clearTimeout(late);
      reject(new Error('The thread that checks tables ended without an answer.'));
    });
  });
}
