import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';

/** The file of a thread: it lies beside the built server (nuxt.config.ts). */
const fileOf = (name: string) => join(dirname(process.argv[1] ?? ''), 'workers', `${name}.thread.mjs`);

/**
 * Does a piece of work in a thread of its own, so that nobody waits for it; where that is not built, for developing and for
 * tests, `here`. Throws `late()` where it takes longer than `most` milliseconds.
 */
export function inThread<T>(name: string, workerData: unknown, here: () => T, most: number, late: () => Error): Promise<T> {
  const file = fileOf(name);
  if (!existsSync(file)) return Promise.resolve(here());
  return new Promise((resolve, reject) => {
    const worker = new Worker(file, { workerData });
    const clock = setTimeout(() => {
      void worker.terminate();
      reject(late());
    }, most);
    worker.once('message', (found: T) => resolve(found));
    worker.once('error', reject);
    worker.once('exit', () => {
      clearTimeout(clock);
      reject(new Error(`The thread ${name} ended without an answer.`));
    });
  });
}
