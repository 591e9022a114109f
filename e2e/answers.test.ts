import { request, type IncomingMessage } from 'node:http';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startApp, type RunningApp } from './running-app';

/** How answers travel: as small as the client can read them, and not at all where it has them already. */
let app: RunningApp;
beforeAll(async () => {
  app = await startApp();
});
afterAll(() => app.stop());

/** An answer as it comes over the wire. */
const raw = (path: string, headers: Record<string, string> = {}, method = 'GET') =>
  new Promise<{ answer: IncomingMessage; body: Buffer }>((resolve, reject) => {
    const asked = request(app.url + path, { method, headers }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () => resolve({ answer, body: Buffer.concat(parts) }));
    });
    asked.on('error', reject);
    asked.end();
  });
const KETTLE = '/api/gardens/kettle-pond-commons';

describe('an answer', () => {
  it.each(['/api/library', KETTLE, `${KETTLE}/export`])('%s travels as brotli or gzip, and is the same', async (path) => {
    const plain = await raw(path);
    expect(plain.answer.headers['content-encoding']).toBeUndefined();
    expect(plain.answer.headers.vary).toMatch(/accept-encoding/i);
    const br = await raw(path, { 'accept-encoding': 'gzip, br' });
    const gzip = await raw(path, { 'accept-encoding': 'gzip' });
    expect(br.answer.headers['content-encoding']).toBe('br');
    expect(gzip.answer.headers['content-encoding']).toBe('gzip');
    expect(br.answer.headers['content-type']).toBe(plain.answer.headers['content-type']);
    expect(JSON.parse(brotliDecompressSync(br.body).toString())).toEqual(JSON.parse(plain.body.toString()));
    expect(JSON.parse(gunzipSync(gzip.body).toString())).toEqual(JSON.parse(plain.body.toString()));
    expect(br.body.length).toBeLessThan(plain.body.length / 3);
  });
  it('the library comes once: a client that has it is told so, whatever the encoding', async () => {
    const { answer, body } = await raw('/api/library', { 'accept-encoding': 'br' });
    expect(body.length).toBeLessThan(260_000);
    const again = await raw('/api/library', { 'accept-encoding': 'br', 'if-none-match': answer.headers.etag! });
    expect(again.answer.statusCode).toBe(304);
    expect(again.body.length).toBe(0);
    expect(again.answer.headers['content-encoding']).toBeUndefined();
  });
  it('each part of the library stands at the address the pages give, small, and for good', async () => {
    const page = (await raw('/gardens/kettle-pond-commons/season')).body.toString();
    const [places, living] = [...page.matchAll(/<link rel="preload" [^>]*href="(\/api\/library\/[0-9a-f]{64}\/\w+)"/g)].map(
      ([, path]) => path!,
    );
    for (const [path, most] of [
      [places!, 8_000],
      // Of 946 plants and 222 creatures: a quarter of it is how to know them, in words and drawings.
      [living!, 125_000],
    ] as const) {
      const { answer, body } = await raw(path, { 'accept-encoding': 'br' });
      expect(answer.headers['cache-control']).toBe('public, max-age=31536000, immutable');
      expect(body.length).toBeLessThan(most);
      const lists = brotliDecompressSync(body)
        .toString()
        .split('\n')
        .map((line) => JSON.parse(line)[0]);
      expect(lists).toContain(path === places ? 'regions' : 'plants');
    }
    // Who only looks through the gardens has no need of the plants yet.
    expect((await raw('/')).body.toString()).not.toContain('/living');
  });
  it('of another version of the library nothing is given, and a sentence says what to do', async () => {
    const { answer, body } = await raw(`/api/library/${'0'.repeat(64)}/living`);
    expect(answer.statusCode).toBe(404);
    expect(answer.headers['cache-control']).toBe('no-store');
    expect(JSON.parse(body.toString()).message).toMatch(/load the page again/);
  });
  it('a fault and a head stay readable', async () => {
    const fault = await raw('/api/gardens/none', { 'accept-encoding': 'br, gzip' });
    expect(fault.answer.statusCode).toBe(404);
    expect(fault.answer.headers['content-encoding']).toBeUndefined();
    expect(JSON.parse(fault.body.toString()).message).toMatch(/no garden/i);
    const head = await raw('/api/library', { 'accept-encoding': 'br' }, 'HEAD');
    expect([head.answer.statusCode, head.body.length]).toEqual([200, 0]);
  });
  it('a page and its scripts travel encoded, and scripts need never be asked for again', async () => {
    const page = await raw('/', { 'accept-encoding': 'br' });
    const html = page.answer.headers['content-encoding'] === 'br' ? brotliDecompressSync(page.body) : page.body;
    const [script] = /\/_nuxt\/[\w-]+\.js/.exec(html.toString())!;
    const asIs = await raw(script);
    const small = await raw(script, { 'accept-encoding': 'br' });
    expect(small.answer.headers['content-encoding']).toBe('br');
    expect(small.answer.headers['cache-control']).toMatch(/immutable/);
    expect(brotliDecompressSync(small.body).equals(asIs.body)).toBe(true);
    expect(small.body.length).toBeLessThan(asIs.body.length / 2);
  });
});
