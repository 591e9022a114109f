import { wrap, type Remote } from 'comlink';
import { ref } from 'vue';

/**
 * Long work in a worker of its own, one piece at a time: a new piece stops the one before. `running` while it goes on;
 * `stop` ends it. Where the worker fails, in starting, in a message or in what it was asked, `failed` is given the cause
 * and the task is over.
 */
export function useWorkerTask<Api>(make: () => Worker, failed: (cause: string) => void) {
  const running = ref(false);
  let worker: Worker | null = null;
  let release: () => void = () => {};

  function stop() {
    worker?.terminate();
    worker = null;
    running.value = false;
    release();
  }

  /**
   * Runs a piece of work; `mine` is true while it is still wanted. Answers null where it was stopped or failed.
   */
  async function run<T>(work: (api: Remote<Api>, mine: () => boolean) => Promise<T>): Promise<T | null> {
    stop();
    const own = make();
    worker = own;
    running.value = true;
    const mine = () => worker === own;
    const ended = new Promise<null>((resolve, reject) => {
      release = () => resolve(null);
      own.onerror = (event) => reject(new Error(event.message || 'the worker could not go on'));
      own.onmessageerror = () => reject(new Error('a message could not be read'));
    });
    try {
      return await Promise.race([work(wrap<Api>(own), mine), ended]);
    } catch (error) {
      if (mine()) failed((error as Error).message);
      return null;
    } finally {
      if (mine()) stop();
    }
  }
  return { running, run, stop };
}
