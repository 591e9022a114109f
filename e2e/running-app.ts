import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export interface RunningApp {
  url: string;
  /** Stops the server and starts it again on the same database. */
  restart(): Promise<void>;
  stop(): Promise<void>;
  /** Undoes the last change of a garden, whichever it is. */
  undo(garden: string): Promise<{ status: number; body: any }>; // eslint-disable-line @typescript-eslint/no-explicit-any
  /** Deletes a record of a garden at the revision it is at. */
  remove(path: string): Promise<{ status: number; body: any }>; // eslint-disable-line @typescript-eslint/no-explicit-any
  call(
    method: string,
    path: string,
    body?: unknown,
    headers?: Record<string, string>,
  ): Promise<{ status: number; headers: Headers; body: any }>; // eslint-disable-line @typescript-eslint/no-explicit-any
}

export const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });

/** Does a server answer on a port of this machine? */
export const answersOn = (port: number): Promise<boolean> =>
  fetch(`http://127.0.0.1:${port}/api/health`).then(
    (response) => response.ok,
    () => false,
  );

/** Starts the built server as a process of its own. */
export const spawnServer = (
  database: string,
  port: number,
  stderr: 'inherit' | 'pipe' = 'inherit',
  env: Record<string, string> = {},
) =>
  spawn(process.execPath, ['.output/server/index.mjs'], {
    env: {
      ...process.env,
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      OUTWASH_DATABASE: database,
      OUTWASH_ROOT: process.cwd(),
      OUTWASH_LOG: 'silent',
      ...env,
    },
    stdio: ['ignore', 'ignore', stderr],
  });

/** The built application on a free port with a database of its own, holding the demo gardens. */
export async function startApp(): Promise<RunningApp> {
  const folder = mkdtempSync(join(tmpdir(), 'outwash-'));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess;

  async function start() {
    server = spawnServer(join(folder, 'outwash.sqlite'), port);
    for (let tries = 0; tries < 150; tries++) {
      if (await answersOn(port)) return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('The application did not start. Is it built?');
  }
  const end = () =>
    new Promise<void>((resolve) => {
      server.once('exit', () => resolve());
      server.kill('SIGKILL');
    });

  const call: RunningApp['call'] = async (method, path, body, headers = {}) => {
    const response = await fetch(url + path, {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
      body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
    });
    const json = response.headers.get('content-type')?.includes('json');
    return { status: response.status, headers: response.headers, body: json ? await response.json() : await response.text() };
  };

  await start();
  return {
    url,
    async restart() {
      await end();
      await start();
    },
    async stop() {
      await end();
      rmSync(folder, { recursive: true, force: true });
    },
    call,
    async undo(garden) {
      const { body } = await call('GET', `/api/gardens/${garden}`);
      return call('POST', `/api/gardens/${garden}/undo`, { entry: body.history.undo?.entry ?? 0 });
    },
    async remove(path) {
      const { body } = await call('GET', path);
      return call('DELETE', `${path}?revision=${(body.garden ?? body).revision ?? 0}`);
    },
  };
}
