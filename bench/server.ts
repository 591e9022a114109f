import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { PLANNED } from '../core/model/states';
import { largestGarden, SERVED } from '../core/testing/largest-garden';
import { readLibrary } from '../scripts/reference-files';

/**
 * The built server under load, over loopback: every kind of request on a garden of 300 beds, 5,000 plantings and 5,000
 * measurements; requests of twenty connections on it, mixed; the demo garden; and how much memory it holds as that goes on.
 * `npm run bench:server -- 10` lets the last of them go on for ten minutes.
 */
const minutes = Number(process.argv[2] ?? 0.5);
const folder = mkdtempSync(join(tmpdir(), 'outwash-bench-'));
const port = await new Promise<number>((resolve) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address() as AddressInfo;
    probe.close(() => resolve(free));
  });
});
const url = `http://127.0.0.1:${port}`;
const server: ChildProcess = spawn(process.execPath, ['.output/server/index.mjs'], {
  env: {
    ...process.env,
    NITRO_HOST: '127.0.0.1',
    NITRO_PORT: String(port),
    OUTWASH_DATABASE: join(folder, 'bench.sqlite'),
    OUTWASH_ROOT: process.cwd(),
    OUTWASH_LOG: 'silent',
  },
  stdio: ['ignore', 'ignore', 'inherit'],
});

/* eslint-disable @typescript-eslint/no-explicit-any */
async function call(method: string, path: string, body?: unknown): Promise<any> {
  const response = await fetch(url + path, {
    method,
    headers: { 'accept-encoding': 'identity', ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  const text = await response.text();
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${text.slice(0, 200)}`);
  return { ...JSON.parse(text), bytes: text.length };
}

const row = (name: string, value: string, wanted: string, kept: boolean) =>
  console.log(`${name.padEnd(58)} ${value.padStart(24)}   wanted ${wanted.padEnd(20)} ${kept ? 'kept' : 'MISSED'}`);
const MOST_MS = 200;

/** The median time of a request made seven times; the first is not counted. */
async function timed(name: string, request: (n: number) => Promise<{ bytes: number }>, after = async () => {}) {
  const times: number[] = [];
  let bytes = 0;
  for (let n = 0; n < 8; n++) {
    const began = performance.now();
    ({ bytes } = await request(n));
    if (n > 0) times.push(performance.now() - began);
    await after();
  }
  const median = times.sort((a, b) => a - b)[3]!;
  row(name, `${median.toFixed(0)} ms, ${(bytes / 1000).toFixed(0)} kB`, `under ${MOST_MS} ms`, median < MOST_MS);
}

/** The memory that the server holds in megabytes. */
const held = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))![1]) / 1024;

try {
  for (let tries = 0; tries < 300; tries++) {
    if (await fetch(`${url}/api/gardens`).then((response) => response.ok, () => false)) break; // prettier-ignore
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  const file = largestGarden(readLibrary().library, 'northeast-coast', SERVED);
  const whole = await call('POST', '/api/garden-files', file);
  const garden = `/api/gardens/${whole.garden.id}`;
  let { at } = whole;
  const change = async (method: string, path: string, body?: unknown) => {
    const answer = await call(method, `${garden}${path}${path.includes('?') ? '&' : '?'}since=${at}`, body);
    ({ at } = answer);
    return answer;
  };
  const takenBack = async () => {
    const { history } = await call('GET', garden);
    await change('POST', '/undo', { entry: history.undo.entry });
  };
  const [site] = whole.sites;
  const [planting] = whole.plantings;
  const [measure] = whole.measures;
  const { id, revision: _, plan_id: _plan, ...fields } = planting;
  let { revision } = planting;
  const kinds: string[] = [...new Set<string>(whole.plantings.map((of: { plant: string }) => of.plant))];
  console.log(`${SERVED.sites} beds, ${SERVED.plantings} plantings, ${SERVED.measures} measurements:`);
  await timed('the garden opened', () => call('GET', garden));
  await timed('the list of gardens', () => call('GET', '/api/gardens').then((list) => ({ ...list, bytes: list.bytes })));
  await timed('a planting added', (n) =>
    change('POST', '/plantings', { ...PLANNED, plant: kinds[n], site_id: site.id, count: 2 }),
  );
  await timed('a planting changed', async (n) => {
    const answer = await change('PUT', `/plantings/${id}`, { revision, fields: { ...fields, count: 3 + n } });
    revision++;
    return answer;
  });
  await timed('a change undone', async () => {
    const { history } = await change('PUT', `/plantings/${id}`, { revision: revision++, fields: { ...fields, count: 90 } });
    revision++;
    return change('POST', '/undo', { entry: history.undo.entry });
  });
  await timed('a measurement taken', () =>
    change('POST', '/measures', { kind: 'probe', site_id: site.id, taken_on: '2026-06-01', note: '', reading: measure.reading }),
  );
  await timed('a plan saved, with 5,000 plantings', (n) => change('POST', '/plans', { name: `Further ${n}` }), takenBack);
  await timed('200 lines of a proposal taken', (n) =>
    change('POST', '/plans/take', {
      label: 'Take it',
      out: [],
      features: [],
      plants: Array.from({ length: 200 }, (_, i) => ({
        plant: kinds[(n + i) % 40],
        site_id: whole.sites[i % 300].id,
        count: 1,
      })),
    }),
  );
  await timed('the garden exported', () => call('GET', `${garden}/export`));
  await timed('the garden as it stood before all that', () => call('GET', `${garden}/as-of/2000-01-01T00:00:00.000Z`));
  await timed('a sighting written down', (n) =>
    change('POST', '/log', { entries: [{ id: `seen-${n}`, what: 'adult', of: 'danaus-plexippus', on_day: '2026-07-04' }] }),
  );

  const load = (name: string, options: Partial<autocannon.Options>) =>
    autocannon({ url, connections: 20, duration: 10, ...options }).then((result) => {
      if (result.errors + result.non2xx > 0) console.log(`${name}: ${result.errors} errors, ${result.non2xx} refused`);
      return result;
    });
  const json = { 'content-type': 'application/json' };
  // In many beds: one planting holds no more than 5,000 plants.
  const plantings = Array.from({ length: 40 }, (_, i) => ({
    method: 'POST' as const,
    path: `${garden}/plantings?since=${at}`,
    body: JSON.stringify({ ...PLANNED, plant: kinds[3], site_id: whole.sites[i].id, count: 1 }),
    headers: json,
  }));
  const among = (others: autocannon.Request[]) => plantings.flatMap((one) => [one, ...others]);
  const mixed = await load('Mixed', {
    requests: among([
      { method: 'GET', path: '/api/gardens' },
      { method: 'GET', path: `${garden}/sites/${site.id}` },
      { method: 'GET', path: `${garden}/plantings/${id}` },
      { method: 'GET', path: '/' },
      { method: 'GET', path: `${garden}/log?since=1` },
    ]),
  });
  const p99 = mixed.latency.p99;
  row('twenty connections, mixed', `p99 ${p99} ms, ${mixed.requests.average.toFixed(0)} a second`, 'p99 under 400 ms', p99 < 400);
  const demo = await load('The demo garden', { requests: [{ method: 'GET', path: '/api/gardens/kettle-pond-commons' }] });
  const [rate, slow] = [demo.requests.average, demo.latency.p99];
  row(
    'the demo garden opened, twenty connections',
    `p99 ${slow} ms, ${rate.toFixed(0)} a second`,
    '300 a second, 100 ms',
    rate >= 300 && slow < 100,
  );

  const memory: number[] = [];
  for (let round = 0; round < 6; round++) {
    await load('Memory', {
      duration: Math.max(2, (minutes * 60) / 6),
      connections: 4,
      requests: among([
        { method: 'GET', path: garden },
        { method: 'GET', path: '/api/gardens/kettle-pond-commons' },
      ]),
    });
    memory.push(held());
  }
  const growth = memory.at(-1)! / memory[1]!;
  row(
    `memory over ${minutes} minutes`,
    `${memory.map((mb) => mb.toFixed(0)).join(' ')} MB`,
    'the end ≤ 1.15 × the third',
    growth <= 1.15,
  );
} finally {
  server.kill('SIGTERM');
  await new Promise((resolve) => server.once('exit', resolve));
  rmSync(folder, { recursive: true, force: true });
}
