import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startApp, type RunningApp } from './running-app';

let app: RunningApp;
const KETTLE = '/api/gardens/kettle-pond-commons';
const demo = JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8'));

beforeAll(async () => {
  app = await startApp();
});
afterAll(() => app.stop());

const kettle = async () => (await app.call('GET', KETTLE)).body;

describe('routes', () => {
  it('give the demo gardens and the library', async () => {
    const { body } = await app.call('GET', '/api/gardens');
    expect(body.map((row: { id: string }) => row.id).sort()).toEqual([
      'fourth-floor-brickyard-row',
      'juniper-wash',
      'kettle-pond-commons',
    ]);
    const library = await app.call('GET', '/api/library');
    expect(library.body.library.targets.length).toBeGreaterThanOrEqual(12);
  });
  it.each([
    ['GET', '/api/gardens/nowhere'],
    ['DELETE', '/api/gardens/nowhere'],
    ['GET', '/api/gardens/nowhere/export'],
    ['POST', '/api/gardens/nowhere/undo'],
    ['DELETE', `${KETTLE}/sites/none`],
    ['DELETE', `${KETTLE}/plantings/none`],
    ['DELETE', `${KETTLE}/targets/none`],
  ])('%s %s is a 404 with a sentence', async (method, path) => {
    const { status, body } = await app.call(method, path, method === 'POST' ? {} : undefined);
    expect(status).toBe(404);
    expect(body.message).toMatch(/^There is no .*\./);
  });
  it('answer bad fields with a sentence each, and keep nothing', async () => {
    const before = await kettle();
    const { status, body } = await app.call('POST', `${KETTLE}/sites`, {
      ...demo.sites[0],
      id: undefined,
      area_m2: -3,
      ph: 'sour',
      name: ' ',
    });
    expect(status).toBe(422);
    expect(body.fields).toEqual({
      area_m2: 'Give the area in square metres from 0.01 to 5000.',
      ph: 'Give the pH as a number from 3 to 9.5.',
      name: 'Give a name.',
    });
    expect((await kettle()).sites).toEqual(before.sites);
  });
  it('refuse dates that are not in the calendar', async () => {
    const { garden } = await kettle();
    const { id: _id, revision, ...fields } = garden;
    const { status, body } = await app.call('PUT', KETTLE, { revision, fields: { ...fields, last_frost: '02-30' } });
    expect(status).toBe(422);
    expect(body.fields['fields.last_frost']).toBe('That day is not in the calendar.');
  });
  it('refuse what is no JSON, and what is over a megabyte', async () => {
    expect((await app.call('POST', '/api/gardens', '{"name":')).status).toBe(400);
    const large = await app.call('POST', '/api/gardens', { name: 'x'.repeat(1_100_000) });
    expect(large.status).toBe(413);
    expect(large.body.message).toContain('1 MB');
  });
  it('refuse plants the library does not know', async () => {
    const site_id = (await kettle()).sites[0].id;
    const fields = { site_id, count: 3, state: 'planned', planted_year: null, source: '', cost_minor: null, notes: '' };
    const { status, body } = await app.call('POST', `${KETTLE}/plantings`, { ...fields, plant: 'money-tree' });
    expect(status).toBe(422);
    expect(body.fields.plant).toBe('The library has no plant “money-tree”.');
  });
  it.each([
    ['vincetoxicum-nigrum', 'listed as noxious here'],
    ['lythrum-salicaria', 'listed as noxious here'],
    ['apocynum-androsaemifolium', 'A danger to the children here.'],
  ])('refuse %s at its gate', async (plant, why) => {
    const site_id = (await kettle()).sites[0].id;
    const fields = { site_id, count: 3, state: 'planned', planted_year: null, source: '', cost_minor: null, notes: '' };
    const { status, body } = await app.call('POST', `${KETTLE}/plantings`, { ...fields, plant });
    expect(status).toBe(422);
    expect(body.message).toContain(why);
    expect((await kettle()).plantings.some((row: { plant: string }) => row.plant === plant)).toBe(false);
  });
  it('tell the second of two writers, with what the first wrote', async () => {
    const { id, revision, ...fields } = (await kettle()).sites[0];
    const first = await app.call('PUT', `${KETTLE}/sites/${id}`, { revision, fields: { ...fields, sun_h: 7 } });
    expect(first.status).toBe(200);
    const second = await app.call('PUT', `${KETTLE}/sites/${id}`, { revision, fields: { ...fields, sun_h: 6 } });
    expect(second.status).toBe(409);
    expect(second.body.current.sun_h).toBe(7);
    expect((await app.call('POST', `${KETTLE}/undo`, {})).body.sites[0].sun_h).toBe(8);
  });
  it.each(['http://elsewhere.example', 'null'])('refuse changes from the origin %s', async (origin) => {
    const { status } = await app.call('POST', `${KETTLE}/undo`, {}, { origin });
    expect(status).toBe(403);
  });
  it('bring a garden file in beside its original, and refuse a foreign one', async () => {
    const file = (await app.call('GET', `${KETTLE}/export`)).body;
    const { status, body } = await app.call('POST', '/api/gardens/import', file);
    expect(status).toBe(200);
    expect(body.garden.id).toBe('kettle-pond-commons-2');
    expect(body.plantings).toHaveLength(file.plantings.length);
    const strange = await app.call('POST', '/api/gardens/import', { ...file, format: 'something-else' });
    expect(strange.body.fields.format).toBe('This is not an Outwash garden file.');
    await app.call('DELETE', '/api/gardens/kettle-pond-commons-2');
  });
});
