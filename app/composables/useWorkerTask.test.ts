import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { useWorkerTask } from './useWorkerTask';

const api = {
  double: (n: number) => 2 * n,
  fail: (): number => {
    throw new Error('out of memory');
  },
  forever: () => new Promise<number>(() => {}),
};
type Api = typeof api;

/** A worker without a thread: the other end of a channel. */
function standIn(): Worker {
  const { port1, port2 } = new MessageChannel();
  expose(api, port2 as never);
  return Object.assign(port1, { terminate: () => port1.close(), onerror: null }) as unknown as Worker;
}
function task(make = standIn) {
  const causes: string[] = [];
  return { ...useWorkerTask<Api>(make, (cause) => causes.push(cause)), causes };
}

describe('a task in a worker', () => {
  it('answers, and is over', async () => {
    const { run, running, causes } = task();
    const answer = run(async (remote) => remote.double(21));
    expect(running.value).toBe(true);
    expect(await answer).toBe(42);
    expect(running.value).toBe(false);
    expect(causes).toEqual([]);
  });
  it('that throws is over, and the cause is said', async () => {
    const { run, running, causes } = task();
    expect(await run(async (remote) => remote.fail())).toBeNull();
    expect(running.value).toBe(false);
    expect(causes).toEqual(['out of memory']);
  });
  it('whose worker breaks is over, and the cause is said', async () => {
    let made: Worker | null = null;
    const { run, running, causes } = task(() => (made = standIn()));
    const answer = run(async (remote) => remote.forever());
    made!.onerror!({ message: 'the script is gone' } as ErrorEvent);
    expect(await answer).toBeNull();
    expect(running.value).toBe(false);
    expect(causes).toEqual(['the script is gone']);
  });
  it('that is stopped answers nothing and says nothing', async () => {
    const { run, running, stop, causes } = task();
    const answer = run(async (remote) => remote.forever());
    stop();
    expect(await answer).toBeNull();
    expect(running.value).toBe(false);
    expect(causes).toEqual([]);
  });
  it('a later piece stops the one before, which knows that it is not wanted', async () => {
    const { run, running } = task();
    let wanted = () => true;
    const first = run(async (remote, mine) => {
      wanted = mine;
      return remote.forever();
    });
    const second = run(async (remote) => remote.double(2));
    expect(wanted()).toBe(false);
    expect(await first).toBeNull();
    expect(await second).toBe(4);
    expect(running.value).toBe(false);
  });
});
