import { readFileSync } from 'node:fs';
import type { Browser, Page } from 'playwright-core';
import { beforeAll, describe, expect, it } from 'vitest';
import { openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;
let page: OpenPage;
const KETTLE = '/gardens/kettle-pond-commons';

withApp((running) => ({ app, browser } = running));
const list = () => page.getByRole('region', { name: 'Creatures and plants of the library' });
const names = async () => (await list().getByRole('rowheader').allInnerTexts()).map((text) => text.split('\n')[0]);
const saved = async (press: Promise<void>): Promise<string> => {
  const [download] = await Promise.all([page.waitForEvent('download'), press]);
  return readFileSync(await download.path(), 'utf8');
};
const stateOf = async (garden: string) => (await fetch(`${app.url}/api/gardens/${garden}`)).json();

describe('browsing the library', () => {
  beforeAll(async () => {
    page = await openPage(browser);
    await page.goto(app.url + KETTLE + '/library');
    await list().waitFor();
  });
  it('shows the creatures of the region, and the rest when asked', async () => {
    const here = Number((await page.getByText(/\d+ shown/).innerText()).split(' ')[0]);
    expect(here).toBeGreaterThanOrEqual(20);
    await page.getByLabel('of this region').uncheck();
    await expect
      .poll(async () => Number((await page.getByText(/\d+ shown/).innerText()).split(' ')[0]))
      .toBeGreaterThanOrEqual(90);
    await page.getByLabel('of this region').check();
  });
  it.each([
    ['a slip of the finger', 'spicbush', 'Spicebush swallowtail'],
    ['a scientific name', 'plexipus', 'Monarch'],
    ['a creature of another region', 'palamedes', 'Palamedes swallowtail'],
  ])('finds %s', async (_, typed, name) => {
    await page.getByRole('searchbox').fill(typed);
    await expect.poll(names).toContain(name);
    expect((await names())[0]).toBe(name);
  });
  it('says what to do when nothing answers, and points at the other list', async () => {
    await page.getByRole('searchbox').fill('turtlehead');
    await page.getByText('Nothing here is called that').waitFor();
    await page.getByRole('main').getByRole('button', { name: 'are', exact: true }).click();
    await expect.poll(names).toContain('White turtlehead');
    await page.getByRole('searchbox').fill('');
  });
  it('filters plants to the hosts that are native here', async () => {
    await page.getByLabel('native here').check();
    await page.getByLabel('hosts', { exact: true }).check();
    await page.getByLabel('Kind').selectOption('vine');
    await expect.poll(names).toContain('Coral honeysuckle');
    expect(await names()).not.toContain('Japanese honeysuckle');
  });
  it('draws the creatures as a plate', async () => {
    await page.getByRole('button', { name: 'Creatures' }).click();
    await page.getByLabel('as a plate').check();
    await page
      .getByRole('region', { name: 'papilionidae' })
      .getByRole('img', { name: 'Black swallowtail, drawn' })
      .first()
      .waitFor();
    await page.getByRole('link', { name: 'Baltimore checkerspot' }).click();
    await page.getByRole('heading', { level: 1, name: 'Baltimore checkerspot' }).waitFor();
  });
  it('tells a creature’s year, hosts by rank, needs and look-alikes', async () => {
    const hosts = page.getByRole('region', { name: 'Hosts' });
    await hosts.getByRole('link', { name: 'White turtlehead' }).waitFor();
    await page
      .getByRole('region', { name: 'Its year here' })
      .getByRole('row', { name: /^Caterpillars/ })
      .waitFor();
    await page.goto(`${app.url}${KETTLE}/library/targets/danaus-plexippus`);
    await page.getByRole('heading', { name: /^Traps/ }).waitFor();
    await hosts.getByRole('link', { name: 'Black swallow-wort' }).waitFor();
  });
  it('tells a plant’s ranges against the beds, its users, cautions and how to raise it', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/asclepias-incarnata`);
    await page.getByRole('img', { name: /^Sun: 5–14 h\..*Under the oaks .*outside/ }).waitFor();
    await page.getByRole('region', { name: 'Who uses it' }).getByRole('link', { name: 'Monarch', exact: true }).first().waitFor();
    await page.getByRole('region', { name: 'Cautions' }).getByText('Poisonous to grazing animals').waitFor();
    await page
      .getByRole('region', { name: 'How to raise it' })
      .getByText(/30 days of cold and wet/)
      .first()
      .waitFor();
    expect(page.faults).toEqual([]);
  });
});

describe('a gardener’s own word', () => {
  it('corrects a value, which wins, is shown as one’s own, undone and done again', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/clethra-alnifolia`);
    await page.getByRole('button', { name: 'Correct a value' }).click();
    await page.getByLabel('Most sun (hours)').fill('1');
    await page.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByText('sun_min_h is more than sun_max_h.').first().waitFor();
    await page.getByLabel('Most sun (hours)').fill('9');
    await page.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByText('corrected by you').first().waitFor();
    await page.getByText('3–9 h').first().waitFor();
    await page.getByRole('link', { name: /Library 1 of your own/ }).waitFor();
    await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
    await page.getByText('3–12 h').first().waitFor();
    await page.getByRole('button', { name: 'Redo' }).click();
    await page.getByText('3–9 h').first().waitFor();
  });
  it('is another garden’s business no more than its beds are', async () => {
    await page.goto(`${app.url}/gardens/juniper-wash/library/plants/clethra-alnifolia`);
    await page.getByText('3–12 h').first().waitFor();
  });
  it('refuses what cannot be, beside the field, and loses nothing', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/new?like=asclepias-incarnata`);
    await page.getByLabel('Common name').fill('Swamp milkweed, white');
    await page.getByLabel('Common name').blur();
    expect(await page.getByLabel('Id', { exact: true }).inputValue()).toBe('swamp-milkweed-white');
    await page.getByLabel('Id', { exact: true }).fill('asclepias-incarnata');
    await page.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByText('The library has this row already').waitFor();
    await page.getByLabel('Id', { exact: true }).fill('asclepias-incarnata-white');
    await page.getByLabel('Lowest pH').fill('acid');
    await page.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByText('Give a number from 3 to 9.').waitFor();
    expect(await page.getByLabel('Common name').inputValue()).toBe('Swamp milkweed, white');
    await page.getByLabel('Lowest pH').fill('5');
    await page.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByRole('heading', { level: 1, name: 'Swamp milkweed, white' }).waitFor();
    await page.getByText('added by you').first().waitFor();
  });
  it('is not offered before its status is told, which is one row more', async () => {
    await page.getByText('it is not offered until one is added below').waitFor();
    await page.getByRole('button', { name: /^Add one to Status of/ }).click();
    const form = page.getByRole('region', { name: 'Cautions' }).locator('form');
    await form.getByLabel('Status').selectOption('native');
    await form.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByText('native here').waitFor();
  });
  it('feeds the monarch like its species, can be planted, and holds on while it is planted', async () => {
    await page.getByRole('region', { name: 'Who uses it' }).getByRole('link', { name: 'Monarch', exact: true }).first().waitFor();
    const { sites } = await stateOf('kettle-pond-commons');
    const swale = sites.find((row: { name: string }) => row.name === 'The swale');
    const fields = {
      plant: 'asclepias-incarnata-white',
      site_id: swale.id,
      count: 3,
      state: 'planned',
      planted_year: null,
      source: '',
      cost_minor: null,
      notes: '',
    };
    const planted = await fetch(`${app.url}/api/gardens/kettle-pond-commons/plantings`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(fields),
    });
    expect(planted.status).toBe(201);
    await page.reload();
    await page.getByRole('button', { name: 'Take it out of the library' }).click();
    await page.getByText('is planted in this garden: remove it from the plan first').waitFor();
  });
  it('strikes a host out, so that the match forgets it, and brings it back', async () => {
    await page.goto(`${app.url}${KETTLE}/library/targets/euphydryas-phaeton`);
    const hosts = page.getByRole('region', { name: 'Hosts' });
    await hosts.getByText('The rows behind this').click();
    await hosts.getByRole('button', { name: 'Strike out euphydryas-phaeton + plantago-lanceolata' }).click();
    await hosts.getByRole('link', { name: 'Ribwort plantain' }).waitFor({ state: 'detached' });
    await hosts.getByRole('button', { name: 'Revert euphydryas-phaeton + plantago-lanceolata' }).click();
    await hosts.getByRole('link', { name: 'Ribwort plantain' }).waitFor();
  });
  it('corrects a part of a creature’s year, its first half-month too, and brings it back', async () => {
    await page.goto(`${app.url}${KETTLE}/library/targets/danaus-plexippus`);
    const lives = page.getByRole('region', { name: 'Where it lives' });
    await lives.getByText('The rows behind this').click();
    await page.getByText('on the wing late May to late August; passing back early September to late October').waitFor();
    await lives.getByRole('button', { name: 'Correct danaus-plexippus + northeast-coast + breeding + 9 +' }).click();
    await lives.getByLabel('First half-month').selectOption('8');
    await lives.getByRole('button', { name: 'Save as your own' }).click();
    // 1 May; the row of late May makes way for it.
    await page.getByText('on the wing early May to late August; passing back').waitFor();
    await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
    await page.getByText('on the wing late May to late August; passing back').waitFor();
  });
  it('states a bloom by the day for this region, which then counts alone', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/quercus-alba`);
    const flowers = page.getByRole('region', { name: 'When it flowers' });
    await flowers.getByText('Mid-Atlantic piedmont and plain').waitFor();
    await flowers.getByText('All that is stated of it by the day').click();
    await flowers.getByRole('button', { name: /^Add one to Bloom of/ }).click();
    await flowers.getByLabel('First flower').fill('05-20');
    await flowers.getByLabel('Last flower').fill('06-02');
    await flowers.getByRole('button', { name: 'Save as your own' }).click();
    await flowers.getByText('20 May to 2 June', { exact: true }).first().waitFor();
    await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
    await flowers.getByText('Mid-Atlantic piedmont and plain').waitFor();
  });
  it('tells nobody how to have more of what is listed', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/lythrum-salicaria`);
    const raise = page.getByRole('region', { name: 'How to raise it' });
    await raise.getByText('no way to buy, sow or root it is given').waitFor();
    expect(await raise.textContent()).not.toContain('Plant more of it');
  });
  it('goes with the garden when it is exported, and comes back with it', async () => {
    const file = await (await fetch(`${app.url}/api/gardens/kettle-pond-commons/export`)).json();
    expect(file.own.map((row: { key: string }) => row.key)).toContain('asclepias-incarnata-white');
    const back = await fetch(`${app.url}/api/garden-files`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(file),
    });
    const state = await back.json();
    expect(back.status).toBe(201);
    expect(state.own).toHaveLength(file.own.length);
    const hollow = {
      ...file,
      own: [
        {
          file: 'hosts.csv',
          key: 'danaus-plexippus + oats',
          cells: { target: 'danaus-plexippus', plant: 'oats', rank: 'primary', light: 'sun', note: '' },
        },
      ],
    };
    const refused = await fetch(`${app.url}/api/garden-files`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(hollow),
    });
    expect(refused.status).toBe(422);
    expect((await refused.json()).message).toContain('No plant, genus or family has this id.');
  });
});

describe('tables out and in', () => {
  let csv = '';
  const bring = async (text: string) =>
    page
      .getByLabel('Import a CSV for hosts.csv')
      .setInputFiles({ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  it('saves a table that, brought back unchanged, changes nothing', async () => {
    await page.goto(`${app.url}${KETTLE}/library/tables`);
    csv = await saved(page.getByRole('button', { name: 'Save as CSV hosts.csv' }).click());
    expect(csv.split('\n')[0]).toBe('target,plant,rank,light,note,part,confidence');
    await bring(csv);
    await page.getByText('mine.csv says nothing that the library does not say already.').waitFor();
  });
  it('takes nothing of a table with one bad cell, and says where it stands', async () => {
    const before = (await stateOf('kettle-pond-commons')).own.length;
    await bring(
      csv.replace('danaus-plexippus,asclepias-syriaca,primary', 'danaus-plexippus,asclepias-syriaca,best') +
        'danaus-plexippus,oats,primary,sun,\n',
    );
    await page.getByText('Nothing of mine.csv was taken.').waitFor();
    const row = csv.split('\n').findIndex((line) => line.startsWith('danaus-plexippus,asclepias-syriaca,')) + 1;
    await page.getByText(`Row ${row}, rank: One of: primary, accepted, poor, trap.`).waitFor();
    expect((await stateOf('kettle-pond-commons')).own).toHaveLength(before);
  });
  it('tells a name nobody knows by its row', async () => {
    await bring(`${csv}danaus-plexippus,oats,primary,sun,\n`);
    await page.getByText(`Row ${csv.trimEnd().split('\n').length + 1}: oats: No plant, genus or family has this id.`).waitFor();
  });
  it('takes what differs as one’s own, and reverts it', async () => {
    await bring(csv.replace('danaus-plexippus,asclepias-syriaca,primary', 'danaus-plexippus,asclepias-syriaca,accepted'));
    await page
      .getByText(/^1 row of mine.csv is saved as your own: 0 added, 1 changed; [\d,]+ say what the library says\.$/)
      .waitFor();
    await page.getByRole('button', { name: 'Revert danaus-plexippus + asclepias-syriaca' }).click();
    await page.getByText('danaus-plexippus · asclepias-syriaca').waitFor({ state: 'detached' });
    expect(page.faults.filter((fault) => !/42[29]|409/.test(fault))).toEqual([]);
  });
});

describe('instead of it', () => {
  const instead = () => page.getByRole('region', { name: 'What to plant instead' });
  it('names harmless plants most like one that is listed, each a way to its reasons', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/lythrum-salicaria`);
    await instead()
      .getByText(/Listed as invasive/)
      .waitFor();
    await expect.poll(() => instead().getByRole('listitem').count()).toBe(4);
    expect(await instead().innerText()).toMatch(/native here/);
    const first = instead().getByRole('button').first();
    const name = (await first.innerText()).trim();
    await first.click();
    await page.getByRole('complementary').getByRole('heading', { name }).waitFor();
  });
  it('of what is known so that nobody plants it says so, and refuses it', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/toxicodendron-radicans`);
    await page.getByText('Poison ivy is here to be known, never to be planted.').waitFor();
    await instead()
      .getByText(/Never planted/)
      .waitFor();
  });
  it('says nothing of a plant that serves', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/asclepias-tuberosa`);
    await page.getByRole('heading', { name: 'Butterfly milkweed' }).waitFor();
    expect(await instead().count()).toBe(0);
    await page.getByText(/estimated from its kin or by a rule/).waitFor();
  });
  it('an older name finds the creature that bears another now', async () => {
    await page.goto(`${app.url}${KETTLE}/library`);
    await page.getByRole('button', { name: 'Creatures' }).click();
    await page.getByLabel('as a plate').uncheck();
    await page.getByRole('searchbox').fill('Speyeria cybele');
    await expect.poll(names).toContain('Great spangled fritillary');
    await page.getByRole('searchbox').fill('');
  });
  it('draws egg, caterpillar and chrysalis, and says which side is which', async () => {
    await page.goto(`${app.url}${KETTLE}/library/targets/argynnis-cybele`);
    for (const stage of ['Egg', 'Caterpillar', 'Chrysalis'])
      await page
        .getByRole('img', { name: `${stage} of Great spangled fritillary, drawn` })
        .first()
        .waitFor();
    await page.getByText('Drawn from above on the left, from below on the right.').waitFor();
  });
});

describe('kept for all gardens', () => {
  const nameOf = async (plant: string) => {
    const { library } = await (await fetch(`${app.url}/api/library`)).json();
    return library.plants.find((row: { id: string }) => row.id === plant).common;
  };
  it('a correction is moved from one garden to all', async () => {
    await page.goto(`${app.url}${KETTLE}/library/plants/zizia-aurea`);
    await page.getByRole('button', { name: 'Correct a value' }).click();
    await page.getByLabel('Common name').fill('Golden alexander');
    await page.getByRole('button', { name: 'Save as your own' }).click();
    await page.getByRole('heading', { name: 'Golden alexander', exact: true }).waitFor();
    await page.getByRole('button', { name: 'Keep for all gardens' }).click();
    await page.getByText('1 row is kept for all gardens.').waitFor();
    await page.getByText('corrected by you, for all gardens').waitFor();
    await page.getByRole('heading', { name: 'Golden alexander', exact: true }).waitFor();
    expect((await stateOf('kettle-pond-commons')).own.map((row: { key: string }) => row.key)).not.toContain('zizia-aurea');
    expect(await nameOf('zizia-aurea')).toBe('Golden alexander');
  });
  it('holds in another garden, and goes out with its file', async () => {
    await page.goto(`${app.url}/gardens/juniper-wash/library/plants/zizia-aurea`);
    await page.getByRole('heading', { name: 'Golden alexander', exact: true }).waitFor();
    const file = await (await fetch(`${app.url}/api/gardens/juniper-wash/export`)).json();
    expect(file.own.map((row: { key: string }) => row.key)).toEqual(['zizia-aurea']);
    // Brought back here it says nothing that the shelf does not say.
    const back = await fetch(`${app.url}/api/garden-files`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(file),
    });
    expect(back.status).toBe(201);
    expect((await back.json()).own).toEqual([]);
  });
  it('is listed with its day, and kept no longer at one press, which can be undone', async () => {
    await page.goto(`${app.url}${KETTLE}/library/tables`);
    const kept = page.getByRole('region', { name: 'For all gardens' });
    await kept.getByText('zizia-aurea').first().waitFor();
    await kept.getByRole('button', { name: 'Keep no longer zizia-aurea' }).click();
    await page.getByText('1 row is no longer kept for all gardens.').waitFor();
    expect(await nameOf('zizia-aurea')).toBe('Golden alexanders');
    await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
    await kept.getByText('zizia-aurea').first().waitFor();
    await kept.getByRole('button', { name: 'Keep none of the 1' }).click();
    await kept.waitFor({ state: 'detached' });
    expect(page.faults.filter((fault) => !/42[29]|409/.test(fault))).toEqual([]);
  });
});

describe('finding the place', () => {
  const value = (label: string, on: Page = page) => on.getByLabel(label, { exact: true }).inputValue();
  it('by a postal code, of either country', async () => {
    page = await openPage(browser);
    await page.goto(`${app.url}/new-garden`);
    await page.getByRole('button', { name: 'Overrule any of it' }).click();
    await page.getByLabel('Postal code').fill('85701');
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByText('Tucson, AZ').waitFor();
    expect(await value('Region')).toBe('southwest-sky-islands');
    expect(await value('State or province')).toBe('AZ');
    expect(Number(await value('Latitude'))).toBeCloseTo(32.2, 0);
    await page.getByLabel('Postal code').fill('V8W 1A1');
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByText('Victoria, BC').waitFor();
    expect(await value('Region')).toBe('pacific-northwest');
  });
  it('says so where a code is unknown or lies outside, and keeps what was found', async () => {
    await page.getByLabel('Postal code').fill('00000');
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByText('No place is known by the code “00000”').waitFor();
    await page.getByLabel('Postal code').fill('99501');
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByText('Anchorage lies outside the regions').waitFor();
    expect(await value('Region')).toBe('pacific-northwest');
  });
  it('by a point on the map', async () => {
    const map = page.getByRole('img', { name: /^Map of the regions/ });
    await map.getByText('Drawing the map').waitFor({ state: 'detached' });
    const box = (await map.boundingBox())!;
    // The tip of the map's south-east: the middle of the Florida peninsula.
    await map.click({ position: { x: box.width * 0.762, y: box.height * 0.85 } });
    await expect.poll(() => value('Region')).toBe('florida-peninsula');
    expect(await value('State or province')).toBe('FL');
    // The region's 20 December, moved by the few miles from the middle of the region to the point.
    expect(await page.getByLabel('First frost of autumn', { exact: true }).inputValue()).toBe('12');
    const day = Number(await value('First frost of autumn: day'));
    expect(day).toBeGreaterThanOrEqual(16);
    expect(day).toBeLessThanOrEqual(24);
  });
});
