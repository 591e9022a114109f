import { readFileSync } from 'node:fs';
import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startApp, type RunningApp } from './running-app';

/** What a request may do wrong: each is answered with its status and a sentence, and changes nothing. */
let app: RunningApp;
const KETTLE = '/api/gardens/kettle-pond-commons';
const demo = JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8'));

beforeAll(async () => {
  app = await startApp();
});
afterAll(() => app.stop());

const kettle = async () => (await app.call('GET', KETTLE)).body;
/** Makes a request and expects that it is refused and that the garden stands as it did. */
async function refused(status: number, words: RegExp, ...[method, path, body]: [string, string, unknown?]) {
  const before = await kettle();
  const answer = await app.call(method, path, body);
  expect(answer.body.message).toMatch(words);
  expect(answer.status).toBe(status);
  expect(await kettle()).toEqual(before);
  return answer.body;
}

describe('what is there already', () => {
  it('a creature chosen is not chosen again, nor made of another one', async () => {
    const { targets } = await kettle();
    const [first, second] = targets;
    await refused(409, /among this garden’s targets already/, 'POST', `${KETTLE}/targets`, {
      target: first.target,
      ambition: 'breeds',
      priority: 1,
    });
    await refused(409, /among this garden’s targets already/, 'PUT', `${KETTLE}/targets/${second.id}`, {
      revision: second.revision,
      fields: { target: first.target, ambition: second.ambition, priority: second.priority },
    });
  });
  it('a row of the library is not named twice in one request', async () => {
    const row = { file: 'plants.csv', key: 'asclepias-incarnata', cells: { spacing_cm: '50' }, source: 'measured here' };
    const body = await refused(422, /“asclepias-incarnata” of plants.csv is named twice/, 'PUT', `${KETTLE}/library`, {
      label: 'Correct a value',
      rows: [row, { ...row, cells: { spacing_cm: '60' } }],
    });
    expect(Object.keys(body.fields)).toEqual(['rows.1.key']);
  });
  it.each(['sites', 'plans', 'plantings', 'targets'])('a file with one of its %s twice is refused whole', async (list) => {
    const gardens = (await app.call('GET', '/api/gardens')).body.length;
    await refused(422, /is in it twice/, 'POST', '/api/garden-files', { ...demo, [list]: [...demo[list], demo[list][0]] });
    expect((await app.call('GET', '/api/gardens')).body).toHaveLength(gardens);
  });
});

describe('what has moved on', () => {
  it('a bed is removed only at the revision that was seen', async () => {
    const [site] = (await kettle()).sites;
    await refused(422, /The revision is missing/, 'DELETE', `${KETTLE}/sites/${site.id}`);
    const { current } = await refused(409, /./, 'DELETE', `${KETTLE}/sites/${site.id}?revision=${site.revision + 7}`);
    expect(current).toEqual(site);
  });
  it('undo takes back the change that is meant, not one made since', async () => {
    const [site] = (await kettle()).sites;
    const { id, revision, ...fields } = site;
    const first = await app.call('PUT', `${KETTLE}/sites/${id}`, { revision, fields: { ...fields, sun_h: 5 } });
    const { entry } = first.body.history.undo;
    const again = { revision: revision + 1, fields: { ...fields, sun_h: 4 } };
    await app.call('PUT', `${KETTLE}/sites/${id}`, again);
    await refused(409, /./, 'POST', `${KETTLE}/undo`, { entry });
    await app.undo('kettle-pond-commons');
    expect((await app.undo('kettle-pond-commons')).body.sites[0].sun_h).toBe(fields.sun_h);
  });
});

describe('where it comes from', () => {
  const asked = (method: string, host: string) =>
    new Promise<{ status: number; text: string }>((resolve, reject) => {
      const call = request(`${app.url}${KETTLE}`, { method, headers: { host } }, (response) => {
        let text = '';
        response.on('data', (chunk) => (text += chunk));
        response.on('end', () => resolve({ status: response.statusCode!, text }));
      });
      call.on('error', reject);
      call.end();
    });
  it.each(['GET', 'DELETE', 'POST', 'HEAD'])('%s by a foreign name is refused', async (method) => {
    const { status, text } = await asked(method, 'elsewhere.example');
    expect(status).toBe(421);
    if (method !== 'HEAD') expect(JSON.parse(text).message).toContain('does not answer by the name elsewhere.example');
  });
  it('by its own name it answers', async () => {
    expect((await asked('GET', new URL(app.url).host)).status).toBe(200);
  });
  it.each(['/api/gardens/%zz', '/gardens/100%'])('an address with a bare percent sign, %s, is answered', async (path) => {
    const { status, body } = await app.call('GET', path);
    expect(status).toBe(400);
    expect(body.message).toContain('a percent sign wants two digits');
  });
});

describe('a garden may be called what its owner likes', () => {
  it.each([
    ['Import', 'import'],
    ['New', 'new'],
    ['¿?', 'garden'],
  ])('%s is reached at %s and removed there', async (name, id) => {
    const { id: _, ...fields } = demo.garden;
    const made = await app.call('POST', '/api/gardens', { ...fields, name });
    expect(made.status).toBe(201);
    expect(made.headers.get('location')).toBe(`/api/gardens/${id}`);
    expect((await app.call('GET', `/api/gardens/${id}`)).body.garden.name).toBe(name);
    const page = await app.call('GET', `/gardens/${id}/place`, undefined, { accept: 'text/html' });
    expect(page.status).toBe(200);
    expect((await app.remove(`/api/gardens/${id}`)).status).toBe(200);
    expect((await app.call('GET', '/api/gardens')).body.map((row: { id: string }) => row.id)).not.toContain(id);
  });
});

describe('a height limit', () => {
  it('keeps its bed when the garden comes in again from its file', async () => {
    const { plans, sites } = await kettle();
    const [plan] = plans;
    const bank = sites.find((row: { name: string }) => row.name === 'South bank');
    await app.call('PUT', `${KETTLE}/plans/${plan.id}/wishes`, {
      revision: plan.revision,
      fields: { ...plan.wishes, tallest_cm: { [bank.id]: 120 } },
    });
    const file = (await app.call('GET', `${KETTLE}/export`)).body;
    const { body } = await app.call('POST', '/api/garden-files', file);
    const again = body.sites.find((row: { name: string }) => row.name === 'South bank');
    expect(again.id).not.toBe(bank.id);
    expect(body.plans[0].wishes.tallest_cm).toEqual({ [again.id]: 120 });
  });
});
