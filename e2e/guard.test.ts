import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { request as secureRequest } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answersOn, freePort, spawnServer, startApp, type RunningApp } from './running-app';

/** What is answered to an address exactly as it is written. */
const asIs = (port: number, path: string) =>
  new Promise<string>((resolve, reject) => {
    const call = request({ host: '127.0.0.1', port, path }, (response) => {
      let text = '';
      response.on('data', (chunk) => (text += chunk));
      response.on('end', () => resolve(text));
    });
    call.on('error', reject);
    call.end();
  });

/** What is answered to whom, and with which headers. */
let app: RunningApp;
const KETTLE = '/api/gardens/kettle-pond-commons';
const folder = mkdtempSync(join(tmpdir(), 'outwash-guard-'));
beforeAll(async () => {
  app = await startApp();
});
afterAll(async () => {
  await app.stop();
  rmSync(folder, { recursive: true, force: true });
});

const policyOf = (headers: Headers) =>
  new Map(
    headers
      .get('content-security-policy')!
      .split('; ')
      .map((part): [string, string[]] => [part.split(' ')[0]!, part.split(' ').slice(1)]),
  );

describe('every answer', () => {
  it.each(['/', '/api/gardens', '/favicon.svg', '/sw.js', '/api/nothing', '/gardens/kettle-pond-commons/plan'])(
    '%s says what may be done with it, and not what made it',
    async (path) => {
      const { headers } = await app.call('GET', path);
      expect(headers.get('x-powered-by')).toBeNull();
      expect(headers.get('x-content-type-options')).toBe('nosniff');
      expect(headers.get('x-frame-options')).toBe('DENY');
      expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
      expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
      const policy = policyOf(headers);
      expect(policy.get('base-uri')).toEqual(["'none'"]);
      expect(policy.get('object-src')).toEqual(["'none'"]);
      expect(policy.get('form-action')).toEqual(["'self'"]);
      expect(policy.get('frame-ancestors')).toEqual(["'none'"]);
      expect([...policy.values()].flat()).not.toContain("'unsafe-inline'");
      expect([...policy.values()].flat()).not.toContain("'unsafe-eval'");
    },
  );
  it('every script within a page carries the word of its own answer, which is another each time', async () => {
    const nonces = new Set<string>();
    for (let i = 0; i < 2; i++) {
      const { headers, body } = await app.call('GET', '/');
      const nonce = /'nonce-([^']+)'/.exec(headers.get('content-security-policy')!)![1]!;
      nonces.add(nonce);
      const within = [...String(body).matchAll(/<(script|style)\b[^>]*>/g)].map(([tag]) => tag);
      expect(within.length).toBeGreaterThan(2);
      for (const tag of within) expect(tag).toContain(`nonce="${nonce}"`);
      expect(body).not.toMatch(/ style="/);
    }
    expect(nonces.size).toBe(2);
  });
  it('of the gardens nothing is held on the way', async () => {
    for (const path of ['/api/gardens', KETTLE, `${KETTLE}/export`, '/api/shelf', '/api/nothing'])
      expect((await app.call('GET', path)).headers.get('cache-control'), path).toBe('no-store');
  });
});

describe('what is not there', () => {
  it.each(['/api', '/api/nothing', '/api/gardens/kettle-pond-commons/nothing/at/all'])('%s is a 404 as JSON', async (path) => {
    const { status, headers, body } = await app.call('GET', path);
    expect(status).toBe(404);
    expect(headers.get('content-type')).toContain('application/json');
    expect(body.message).toMatch(/\./);
  });
  it.each(['/_nuxt/missing.js', '/missing.png', '/robots.txt', '/.env'])('the file %s is a 404', async (path) => {
    expect((await app.call('GET', path)).status).toBe(404);
  });
});

describe('a change', () => {
  it.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data', ''])(
    'sent as “%s”, as a form of another page could, is refused',
    async (type) => {
      const response = await fetch(`${app.url}${KETTLE}/undo`, {
        method: 'POST',
        headers: { 'content-type': type },
        body: '{"entry":1}',
      });
      expect(response.status).toBe(415);
    },
  );
  it.each(['cross-site', 'same-site'])('from a page that the browser calls %s is refused', async (site) => {
    const { status } = await app.call('POST', `${KETTLE}/undo`, { entry: 1 }, { 'sec-fetch-site': site });
    expect(status).toBe(403);
  });
  it('of more than may be sent is refused with a sentence, and the server goes on', async () => {
    const { status, body } = await app.call('POST', '/api/gardens', { name: 'x'.repeat(3_000_000) });
    expect(status).toBe(413);
    expect(body.message).toContain('1 MB');
    expect((await app.call('GET', '/api/health')).body).toEqual({ name: 'Outwash' });
  });
  it('that would make a garden hold what its file may not is refused, and nothing is changed', async () => {
    const before = (await app.call('GET', KETTLE)).body;
    const site_id = before.sites[0].id;
    const fields = {
      plant: 'zizia-aurea',
      site_id,
      count: 4000,
      state: 'planned',
      planted_year: null,
      source: '',
      cost_minor: null,
      notes: '',
    };
    expect((await app.call('POST', `${KETTLE}/plantings`, fields)).status).toBe(201);
    const second = await app.call('POST', `${KETTLE}/plantings`, fields);
    expect(second.status).toBe(422);
    expect(second.body.message).toBe('Give the count from 1 to 5000.');
    for (let n = 1; n < 50; n++) expect((await app.call('POST', `${KETTLE}/plans`, { name: `Plan ${n}` })).status).toBe(201);
    const last = await app.call('POST', `${KETTLE}/plans`, { name: 'One too many' });
    expect(last.status).toBe(422);
    expect(last.body.message).toBe('A garden holds at most 50 plans.');
    const file = (await app.call('GET', `${KETTLE}/export`)).body;
    const again = await app.call('POST', '/api/garden-files', file);
    expect(again.status).toBe(201);
    await app.remove(`/api/gardens/${again.body.garden.id}`);
    for (let n = 0; n < 50; n++) await app.undo('kettle-pond-commons');
    expect((await app.call('GET', KETTLE)).body.plantings).toEqual(before.plantings);
  });
  it.each([
    ['a control character', 'Pond\u0007side'],
    ['a line break', 'Pond\nside'],
    ['a mark that turns the direction of writing', 'Pond\u202Eedis'],
    ['one that sets a direction apart', 'Pond\u2066side'],
  ])('with %s in a name is refused', async (_, name) => {
    const { id: _id, revision, ...fields } = (await app.call('GET', KETTLE)).body.sites[0];
    const { status, body } = await app.call('PUT', `${KETTLE}/sites/${_id}`, { revision, fields: { ...fields, name } });
    expect(status).toBe(422);
    expect(body.fields['fields.name']).toContain('control characters');
  });
});

describe('a long table of the library', () => {
  it('is checked beside everything else, and what is wrong with it is counted', async () => {
    const rows = Array.from({ length: 45_000 }, (_, i) => `danaus-plexippus,asclepias-${i},often,,,,low`);
    const text = ['target,plant,rank,light,note,part,confidence', ...rows].join('\n');
    let answered = false;
    const checked = app.call('POST', `${KETTLE}/library/import`, { file: 'hosts.csv', text }).finally(() => (answered = true));
    let others = 0;
    while (!answered) {
      expect((await app.call('GET', '/api/gardens')).status).toBe(200);
      others++;
    }
    const { status, body } = await checked;
    expect(status).toBe(200);
    expect(body).toMatchObject({ taken: 0, faults: 90_000 });
    expect(body.problems).toHaveLength(500);
    // It takes far longer than a request: many were answered meanwhile.
    expect(others).toBeGreaterThan(10);
  });
});

const hasOpenssl = spawnSync('openssl', ['version']).status === 0;
describe.skipIf(!hasOpenssl)('over https', () => {
  it('it serves with a certificate and key, and its cookie goes over nothing else', async () => {
    const [cert, key] = [join(folder, 'cert.pem'), join(folder, 'key.pem')];
    spawnSync('openssl', ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-keyout', key, '-out', cert, '-subj', '/CN=Outwash']); // prettier-ignore
    const port = await freePort();
    const env = { NITRO_SSL_CERT: readFileSync(cert, 'utf8'), NITRO_SSL_KEY: readFileSync(key, 'utf8') };
    const server = spawnServer(join(folder, 'secure.sqlite'), port, 'inherit', env);
    const ask = (method: string, path: string, body = '') =>
      new Promise<{ status: number; headers: Record<string, unknown> }>((resolve, reject) => {
        const headers = { 'content-type': 'application/json', 'content-length': String(Buffer.byteLength(body)) };
        const call = secureRequest({ port, path, method, headers, rejectUnauthorized: false }, (response) => {
          response.resume();
          resolve({ status: response.statusCode!, headers: response.headers });
        });
        call.on('error', reject);
        call.end(body);
      });
    await expect.poll(() => ask('GET', '/api/health').then((answer) => answer.status, () => 0), { timeout: 60_000 }).toBe(200); // prettier-ignore
    const set = await ask(
      'PUT',
      '/api/access/passphrase',
      JSON.stringify({ role: 'change', passphrase: 'four wet geese at dawn' }),
    );
    expect(set.status).toBe(200);
    expect(String(set.headers['set-cookie'])).toMatch(/; Secure/);
    // Not by the name of the machine itself: every other server there would be meant.
    expect(set.headers['strict-transport-security']).toBeUndefined();
    expect((await ask('GET', '/api/gardens')).status).toBe(401);
    await new Promise((resolve) => server.once('exit', resolve) && server.kill('SIGTERM'));
  });
});

describe('listening wider than this machine', () => {
  const start = (database: string, port: number, env: Record<string, string>) => {
    const server = spawnServer(join(folder, database), port, 'pipe', env);
    let said = '';
    server.stderr!.on('data', (chunk) => (said += chunk));
    return {
      server,
      ended: new Promise<{ code: number | null; said: string }>((resolve) =>
        server.on('close', (code) => resolve({ code, said })),
      ),
    };
  };
  const setPassphrase = (database: string, phrase: string, ...options: string[]) =>
    spawnSync('npx', ['tsx', 'scripts/passphrase.ts', ...options], {
      input: `${phrase}\n`,
      encoding: 'utf8',
      env: { ...process.env, OUTWASH_DATABASE: join(folder, database) },
    });
  it.each([
    ['on every address', { NITRO_HOST: '0.0.0.0' }],
    ['where no address is said', { NITRO_HOST: '' }],
    ['by a name that a proxy may pass on', { OUTWASH_NAMES: 'garden.example' }],
  ])('%s is refused without a passphrase', async (_, env) => {
    const { code, said } = await start('wide.sqlite', await freePort(), env).ended;
    expect(said).toContain('does not listen wider than this machine without a passphrase');
    expect(said).toContain('npm run passphrase');
    expect(code).toBe(1);
  });
  it.each(['forwarded', 'x-forwarded-for', 'x-real-ip', 'via'])(
    'what a proxy on this machine passes on, by its header %s, is refused without a passphrase',
    async (header) => {
      const { status, body } = await app.call('GET', '/api/gardens', undefined, { [header]: '203.0.113.9' });
      expect(status).toBe(403);
      expect(body.message).toContain('by way of a proxy');
    },
  );
  it('with one it asks whoever comes to sign in, and who fails waits longer each time', async () => {
    const short = setPassphrase('wide.sqlite', 'short');
    expect(short.status).toBe(1);
    expect(short.stderr).toContain('at least 12 characters');
    expect(setPassphrase('wide.sqlite', 'look but do not touch', '--read').stderr).toContain('to change things first');
    expect(setPassphrase('wide.sqlite', 'four wet geese at dawn').stdout).toContain('The passphrase is set.');
    const port = await freePort();
    const { server, ended } = start('wide.sqlite', port, { NITRO_HOST: '0.0.0.0' });
    await expect.poll(() => answersOn(port), { timeout: 60_000 }).toBe(true);
    expect(setPassphrase('wide.sqlite', 'four wet geese at dawn').stderr).toContain('Outwash is running');
    const url = `http://127.0.0.1:${port}`;
    expect((await fetch(`${url}/api/gardens`)).status).toBe(401);
    // However the address is written, nothing of the gardens comes without a session.
    const written = ['//api/gardens', '/./api/gardens', '/x/../api/gardens', '/%61pi/gardens', '/api%2fgardens', '/API/gardens', '/api//gardens', '/api/gardens/', '/api/health/../gardens', '/api/health/..%2fgardens', '/_nuxt/../api/gardens', '/api/access/sign-in/../../gardens', `${url}/api/gardens`]; // prettier-ignore
    for (const path of written) expect(await asIs(port, path), path).not.toContain('kettle-pond-commons');
    const signIn = (passphrase: string) =>
      fetch(`${url}/api/access/sign-in`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ passphrase }),
      });
    for (let i = 0; i < 3; i++) expect((await signIn('guess number one')).status).toBe(401);
    // The wait doubles: on a slow machine the first of them may be over before the next attempt comes.
    let held = await signIn('guess number two');
    for (let i = 0; i < 6 && held.status === 401; i++) held = await signIn('guess number three');
    expect(held.status).toBe(429);
    const seconds = Number(held.headers.get('retry-after'));
    expect(seconds).toBeGreaterThan(0);
    expect((await signIn('four wet geese at dawn')).status).toBe(429);
    await new Promise((resolve) => setTimeout(resolve, seconds * 1000 + 100));
    const entered = await signIn('four wet geese at dawn');
    expect(entered.status).toBe(200);
    const cookie = entered.headers.get('set-cookie')!;
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Lax/);
    const gardens = await fetch(`${url}/api/gardens`, { headers: { cookie: cookie.split(';')[0]! } });
    expect(gardens.status).toBe(200);
    server.kill('SIGTERM');
    expect((await ended).code).toBe(0);
  });
});
