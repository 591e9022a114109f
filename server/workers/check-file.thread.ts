import { parentPort, workerData } from 'node:worker_threads';
import { flawOf } from '../database/backups/flaw';

/** Looks a database through for damage, in a thread of its own: a large one takes a while. */
parentPort!.postMessage(flawOf(workerData as string));
