import { parentPort, workerData } from 'node:worker_threads';
import { checkTable, type TableToCheck } from './check-table';

/** Checks the table that it is started with, in a thread of its own (server/http/checked-table.ts). */
parentPort!.postMessage(checkTable(workerData as TableToCheck));
