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
    ['DELETE', '/api/gardens/nowhere?revision=0'],
    ['GET', '/api/gardens/nowhere/export'],
    ['POST', '/api/gardens/nowhere/undo'],
    ['DELETE', `${KETTLE}/sites/none?revision=0`],
    ['DELETE', `${KETTLE}/plantings/none?revision=0`],
    ['DELETE', `${KETTLE}/targets/none?revision=0`],
    ['DELETE', `${KETTLE}/things/none?revision=0`],
    ['DELETE', `${KETTLE}/measures/none?revision=0`],
    ['GET', `${KETTLE}/sites/none/probe`],
  ])('%s %s is a 404 with a sentence', async (method, path) => {
    const { status, body } = await app.call(method, path, method === 'POST' ? { entry: 1 } : undefined);
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
  it('take a proposal whole or not at all', async () => {
    const before = await kettle();
    const site_id = before.sites[0].id;
    const taking = { label: 'Take it', out: [], features: [], plants: [{ plant: 'zizia-aurea', site_id, count: 3 }] };
    const refused = { plant: 'lythrum-salicaria', site_id, count: 3 };
    const bad = await app.call('POST', `${KETTLE}/plans/take`, { ...taking, plants: [...taking.plants, refused] });
    expect(bad.status).toBe(422);
    expect(bad.body.message).toContain('is listed as noxious here');
    expect((await app.call('POST', `${KETTLE}/plans/take`, { ...taking, out: ['gone'] })).status).toBe(409);
    expect((await kettle()).plantings).toEqual(before.plantings);
    const { body } = await app.call('POST', `${KETTLE}/plans/take`, taking);
    expect(body.plantings.length).toBe(before.plantings.length + 1);
    await app.undo('kettle-pond-commons');
    expect((await kettle()).plantings.length).toBe(before.plantings.length);
  });
  it('refuse wishes that make no sense, with a sentence', async () => {
    const plan = (await kettle()).plans[0];
    const put = (fields: object) => app.call('PUT', `${KETTLE}/plans/${plan.id}/wishes`, { revision: plan.revision, fields });
    const { status, body } = await put({ budget_minor: -1, kinds: 'some' });
    expect(status).toBe(422);
    expect(body.fields['fields.budget_minor']).toBe('Give the budget from 0 to 100000000.');
    expect(body.fields['fields.kinds']).toBe('Choose few kinds or many: few, any, many.');
    expect((await put({ kinds: 'few' })).body.plans[0].wishes.kinds).toBe('few');
    expect((await put({ kinds: 'many' })).status).toBe(409);
    await app.undo('kettle-pond-commons');
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
    expect((await app.undo('kettle-pond-commons')).body.sites[0].sun_h).toBe(8);
  });
  it.each(['http://elsewhere.example', 'null'])('refuse changes from the origin %s', async (origin) => {
    const { status } = await app.call('POST', `${KETTLE}/undo`, { entry: 1 }, { origin });
    expect(status).toBe(403);
  });
  it('bring a garden file in beside its original, and refuse a foreign one', async () => {
    const file = (await app.call('GET', `${KETTLE}/export`)).body;
    const { status, body } = await app.call('POST', '/api/garden-files', file);
    expect(status).toBe(201);
    expect(body.garden.id).toBe('kettle-pond-commons-2');
    expect(body.plantings).toHaveLength(file.plantings.length);
    const strange = await app.call('POST', '/api/garden-files', { ...file, format: 'something-else' });
    expect(strange.body.fields.format).toBe('This is not an Outwash garden file.');
    await app.remove('/api/gardens/kettle-pond-commons-2');
  });
});

describe('the survey', () => {
  const tap = { kind: 'tap', name: 'Butt', points: [[2, 2]], traits: { hose_m: 8 } };
  it('draws, changes and removes things, each to be undone', async () => {
    const drawn = await app.call('POST', `${KETTLE}/things`, [tap]);
    const thing = drawn.body.things.at(-1);
    expect(thing).toMatchObject(tap);
    const { id, revision, ...fields } = thing;
    const longer = await app.call('PUT', `${KETTLE}/things/${id}`, { revision, fields: { ...fields, traits: { hose_m: 30 } } });
    expect(longer.body.things.at(-1).traits.hose_m).toBe(30);
    const late = await app.call('PUT', `${KETTLE}/things/${id}`, { revision, fields });
    expect(late.status).toBe(409);
    expect(late.body.current.traits.hose_m).toBe(30);
    await app.remove(`${KETTLE}/things/${id}`);
    for (let i = 0; i < 3; i++) await app.undo('kettle-pond-commons');
    expect((await kettle()).things).toEqual(drawn.body.things.slice(0, -1));
  });
  it.each([
    ['a hose too long', { ...tap, traits: { hose_m: 900 } }, 'Give the length of the hose in metres from 0 to 200.'],
    [
      'a tap in two places',
      {
        ...tap,
        points: [
          [1, 1],
          [2, 2],
        ],
      },
      'It stands at one point.',
    ],
    [
      'a house of two corners',
      {
        kind: 'building',
        name: 'Hut',
        points: [
          [1, 1],
          [2, 2],
        ],
        traits: { height_m: 2, base_m: 0, lets_through: 0 },
      },
      'An area needs three corners.',
    ],
  ])('refuses %s in a sentence', async (_, thing, words) => {
    const { status, body } = await app.call('POST', `${KETTLE}/things`, [thing]);
    expect(status).toBe(422);
    expect(body.message).toBe(words);
  });
  it('writes measurements down, and refuses a day that is none', async () => {
    const site_id = (await kettle()).sites[0].id;
    const hole = { kind: 'hole', site_id, taken_on: '2026-05-04', note: '', reading: { drop_cm: 9, minutes: 60 } };
    const before = (await kettle()).measures.length;
    expect((await app.call('POST', `${KETTLE}/measures`, hole)).body.measures).toHaveLength(before + 1);
    const never = await app.call('POST', `${KETTLE}/measures`, { ...hole, taken_on: '2026-02-30' });
    expect(never.body.fields.taken_on).toBe('That day is not in the calendar.');
    expect((await app.call('POST', `${KETTLE}/measures`, { ...hole, site_id: 'gone' })).status).toBe(404);
    expect((await app.undo('kettle-pond-commons')).body.measures).toHaveLength(before);
  });
  it('removing a bed takes its measurements, and undo brings them back in their order', async () => {
    const before = await kettle();
    await app.remove(`${KETTLE}/sites/${before.sites[0].id}`);
    expect((await kettle()).measures.length).toBeLessThan(before.measures.length);
    const after = (await app.undo('kettle-pond-commons')).body;
    expect(after.measures.map((row: { id: string }) => row.id)).toEqual(before.measures.map((row: { id: string }) => row.id));
    expect(after.sites.map((row: { id: string }) => row.id)).toEqual(before.sites.map((row: { id: string }) => row.id));
  });
  it('a drawing that makes a bed of a pot is refused', async () => {
    const { yard } = (await kettle()).garden;
    const beds = [{ name: 'South bank', kind: 'container', outline: [[1, 1]] }];
    const { status, body } = await app.call('PUT', `${KETTLE}/drawing`, { yard, things: [], beds });
    expect(status).toBe(422);
    expect(body.message).toBe('South bank is a bed here and a container in the file.');
  });
  it('a picture is a picture, and no larger than it may be', async () => {
    const picture = (data: string) => app.call('POST', `${KETTLE}/pictures`, { data });
    expect((await picture('data:text/html;base64,PGI+')).body.message).toBe('A picture is a PNG, JPEG or WebP.');
    expect((await picture(`data:image/png;base64,${'A'.repeat(1_600_000)}`)).status).toBe(422);
    expect((await picture('data:image/png;base64,AAAA')).body.message).toBe('That is no PNG that can be read.');
    const dot = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
    const { body } = await picture(`data:image/png;base64,${dot}`);
    expect((await app.call('GET', `${KETTLE}/pictures/${body.picture}`)).body.data).toMatch(/^data:image\/png;base64,iVBOR/);
    expect((await app.call('GET', `${KETTLE}/pictures/none`)).status).toBe(404);
  });
});
