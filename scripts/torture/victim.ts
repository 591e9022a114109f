import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answersOn, freePort, spawnServer } from '../../e2e/running-app';

export interface Answer {
  status: number;
  /** The body where it was JSON. */
  json: any; // eslint-disable-line @typescript-eslint/no-explicit-any
  text: string;
}
const PATIENCE_MS = 60_000;

/** The built server on a database of its own, to be asked, killed and started again. */
export class Victim {
  readonly folder: string;
  #server: ChildProcess | null = null;
  #port = 0;

  /** `folder`: where its database lies; by default a passing one, which goes with it. */
  constructor(
    readonly own: string | null = null,
    readonly env: Record<string, string> = {},
  ) {
    this.folder = own ?? mkdtempSync(join(tmpdir(), 'outwash-torture-'));
  }
  get database(): string {
    return join(this.folder, 'outwash.sqlite');
  }
  get pid(): number {
    return this.#server!.pid!;
  }

  /** Starts it without waiting until it answers. */
  async begin() {
    this.#port = await freePort();
    this.#server = spawnServer(this.database, this.#port, 'inherit', this.env);
  }
  async start() {
    await this.begin();
    const until = Date.now() + PATIENCE_MS;
    while (!(await answersOn(this.#port))) {
      if (this.#server!.exitCode !== null) throw new Error(`The server ended with ${this.#server!.exitCode}.`);
      if (Date.now() > until) throw new Error('The server does not answer.');
      await new Promise((resolve) => setTimeout(resolve, 30));
    }
  }
  stop(signal: 'SIGKILL' | 'SIGTERM' = 'SIGKILL') {
    const server = this.#server;
    this.#server = null;
    if (!server || server.exitCode !== null) return Promise.resolve();
    return new Promise<void>((resolve) => {
      server.once('exit', () => resolve());
      server.kill(signal);
    });
  }
  async end() {
    await this.stop();
    if (this.own === null) rmSync(this.folder, { recursive: true, force: true });
  }

  async ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    const sent = body === undefined || typeof body === 'string' ? (body as string | undefined) : JSON.stringify(body);
    const response = await fetch(`http://127.0.0.1:${this.#port}${path}`, {
      method,
      headers: { ...(sent === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
      body: method === 'GET' || method === 'HEAD' ? undefined : sent,
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    const text = await response.text();
    const isJson = response.headers.get('content-type')?.includes('json') ?? false;
    return { status: response.status, json: isJson && text !== '' ? JSON.parse(text) : null, text };
  }
}
