import { readFileSync } from 'node:fs';
import { parse } from 'csv-parse/sync';
import type { Browser, Download } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { drawnWhole, expectAccessible, openPage, withPage, type OpenPage } from './browser';
import type { RunningApp } from './running-app';
import { expectForThumb, expectNoSidewaysScroll } from './views/views';

const KETTLE = 'kettle-pond-commons';
interface Planting {
  id: string;
  plant: string;
  site_id: string;
  count: number;
  state: string;
  spots: { x: number; y: number; held: boolean }[];
}
let app: RunningApp;
let browser: Browser;
let page: OpenPage;
withPage((running) => ({ app, browser, page } = running));
const main = () => page.locator('main');
const state = async (garden = KETTLE) =>
  (await app.call('GET', `/api/gardens/${garden}`)).body as { sites: { id: string; name: string }[]; plantings: Planting[] };
/** The live plantings of a bed, in the order of its key. */
async function plantingsIn(name: string, garden = KETTLE) {
  const { sites, plantings } = await state(garden);
  const site = sites.find((row) => row.name === name)!;
  return plantings.filter((row) => row.site_id === site.id && row.state !== 'lost' && row.state !== 'removed');
}
async function openBed(name: string, garden = KETTLE, on = page) {
  await on.goto(`${app.url}/gardens/${garden}/beds`);
  await on
    .locator('main')
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .click();
  await on.getByRole('heading', { level: 1, name, exact: true }).waitFor();
}
const judged = () => main().getByRole('heading', { name: 'How it is judged' });
const drawing = () => main().getByRole('group', { name: /from above, to scale/ });
/** Where a place of South bank (10 by 3 m) is on the screen: the drawing shows 55 cm around it. */
async function onScreen({ x, y }: { x: number; y: number }) {
  const box = (await drawing().locator('canvas').first().boundingBox())!;
  const scale = box.width / (10 + 1.1);
  return { x: box.x + (x + 0.55) * scale, y: box.y + (3 + 0.55 - y) * scale };
}
async function saved(press: () => Promise<unknown>): Promise<Buffer> {
  const [download] = (await Promise.all([page.waitForEvent('download'), press()])) as [Download, unknown];
  return readFileSync(await download.path());
}

describe('the drawing', () => {
  it('shows what flowers as the handle of the year moves', async () => {
    await openBed('South bank');
    await judged().waitFor();
    const ribbon = page.getByRole('slider', { name: 'Half-month shown' });
    const flowering = () =>
      main()
        .getByText(/^(in flower: |nothing in flower)/)
        .first()
        .textContent();
    await ribbon.fill('8');
    await expect.poll(flowering).toContain('Moss phlox');
    await ribbon.fill('13');
    await expect.poll(flowering).toContain('Butterfly milkweed');
    expect(await flowering()).not.toContain('Moss phlox');
    await ribbon.fill('1');
    await expect.poll(flowering).toBe('nothing in flower');
    await drawing()
      .getAttribute('aria-label')
      .then((label) => expect(label).toContain('74 plants of 14 kinds'));
  });
  it('shows sun and moisture under the plants, and the bed from another side', async () => {
    await openBed('Under the oaks');
    await judged().waitFor();
    await main().getByRole('combobox', { name: 'Ground' }).selectOption('sun');
    const range = (await main()
      .getByText(/h of sun a day in this bed/)
      .textContent())!;
    const [low, high] = [...range.matchAll(/(\d+\.\d)/g)].map((match) => Number(match[1]));
    expect(low!).toBeLessThan(high! - 1);
    await main().getByLabel('look from').selectOption('top');
    await main()
      .getByRole('img', { name: /Under the oaks from the upper side/ })
      .waitFor();
    await main().getByText('Where it is drawn in the yard: White oak', { exact: false }).waitFor();
  });
});

describe('arranging', () => {
  it('again, leaving what is locked: the rest finds other places, as one change that is undone', async () => {
    await openBed('The swale');
    await judged().waitFor();
    const before = await plantingsIn('The swale');
    await drawing().focus();
    await page.keyboard.press('.');
    await main().getByRole('button', { name: 'Lock', exact: true }).click();
    await main().getByRole('button', { name: 'Unlock' }).waitFor();
    await main().getByLabel('leaving').selectOption('held');
    await main().getByRole('button', { name: 'Arrange again' }).click();
    await page.getByText('The swale arranged.').waitFor();
    const after = await plantingsIn('The swale');
    const [first] = before;
    expect(after[0]!.spots[0]).toEqual({ ...first!.spots[0], held: true });
    expect(after.every((row) => row.spots.length === row.count)).toBe(true);
    expect(after.slice(1).map((row) => row.spots)).not.toEqual(before.slice(1).map((row) => row.spots));
    await main().getByText('Every rule is kept.').waitFor();
    await app.undo(KETTLE);
    await app.undo(KETTLE);
    expect((await plantingsIn('The swale')).map((row) => row.spots)).toEqual(before.map((row) => row.spots));
  });
  it('can be stopped: what was found so far is kept, or nothing is changed', async () => {
    await openBed('Wash edge', 'juniper-wash');
    await judged().waitFor();
    await main().getByLabel('leaving').selectOption('held');
    await main().getByRole('button', { name: 'Arrange again' }).click();
    await main().getByRole('button', { name: 'Stop here' }).click();
    await main().getByRole('button', { name: 'Arrange again' }).waitFor();
    const rows = await plantingsIn('Wash edge', 'juniper-wash');
    expect(rows.every((row) => row.spots.length === row.count)).toBe(true);
  });
  it('of a bed nobody has arranged, from its list', async () => {
    const rows = await plantingsIn('North wall', 'juniper-wash');
    const { sites } = await state('juniper-wash');
    const site = sites.find((row) => row.name === 'North wall')!;
    const plantings = (await app.call('GET', '/api/gardens/juniper-wash')).body.plantings as (Planting & { revision: number })[];
    const body = {
      label: 'Take the places away',
      plantings: rows.map(({ id }) => ({ id, revision: plantings.find((row) => row.id === id)!.revision, spots: [] })),
    };
    expect((await app.call('PUT', `/api/gardens/juniper-wash/sites/${site.id}/places`, body)).status).toBe(200);
    await page.goto(`${app.url}/gardens/juniper-wash/beds`);
    await main().getByText('not arranged yet', { exact: true }).waitFor();
    await page.getByRole('navigation', { name: 'Stations of the work' }).getByText('2 of 3 arranged').waitFor();
    await main().getByRole('button', { name: 'Arrange the bed not arranged yet' }).click();
    await page.getByText('North wall arranged.').waitFor();
    await page.getByRole('navigation', { name: 'Stations of the work' }).getByText('all arranged').waitFor();
    // What climbs stands at its trellis along the lower side.
    const vines = (await plantingsIn('North wall', 'juniper-wash')).find((row) => row.plant === 'aristolochia-watsonii')!;
    for (const { y } of vines.spots) expect(Math.abs(y - 0.15)).toBeLessThanOrEqual(0.5);
  });
});

describe('moving by hand', () => {
  it('a plant dragged onto another says so before it is let go, and is saved where it is', async () => {
    await openBed('South bank');
    await judged().waitFor();
    const [milkweed] = await plantingsIn('South bank');
    const [one, other] = milkweed!.spots;
    const from = await onScreen(one!);
    const to = await onScreen({ x: other!.x + 0.06, y: other!.y });
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
    await page.mouse.move(to.x, to.y, { steps: 4 });
    await main()
      .getByText(/Too close to Butterfly milkweed: .* where .* is wanted/)
      .waitFor();
    await main()
      .getByText(/This move: Room to grow: worse/)
      .waitFor();
    await page.mouse.up();
    await page.getByText('Move plants.').waitFor();
    const after = (await plantingsIn('South bank'))[0]!.spots;
    expect(Math.hypot(after[0]!.x - other!.x, after[0]!.y - other!.y)).toBeLessThan(0.12);
    expect(after[1]).toEqual(other);
    await main()
      .getByRole('button', { name: /far too close to another/ })
      .waitFor();
    await app.undo(KETTLE);
  });
  it('by keys: to a plant, six inches to the right, and back again by undo', async () => {
    await openBed('South bank');
    await judged().waitFor();
    const before = (await plantingsIn('South bank'))[0]!.spots;
    await drawing().focus();
    await page.keyboard.press('.');
    await main().getByRole('heading', { name: '1.1 Butterfly milkweed' }).waitFor();
    await main()
      .getByText(/Grown here .* tall/)
      .waitFor();
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
    await page.getByText('Move plants.').waitFor();
    const after = (await plantingsIn('South bank'))[0]!.spots;
    expect(after[0]!.x).toBeCloseTo(before[0]!.x + 0.1524, 3);
    expect(after.slice(1)).toEqual(before.slice(1));
    await page.keyboard.press('Escape');
    await main().getByRole('heading', { name: '1.1 Butterfly milkweed' }).waitFor({ state: 'detached' });
    await page.keyboard.press('Control+z');
    await page.getByText(/^Undone: Move plants/).waitFor();
    expect((await plantingsIn('South bank'))[0]!.spots).toEqual(before);
  });
  it('all of a kind by the key, and many by a box', async () => {
    await openBed('South bank');
    await judged().waitFor();
    await main()
      .getByRole('button', { name: /Butterfly milkweed/ })
      .last()
      .click();
    await main().getByRole('heading', { name: '6 plants chosen' }).waitFor();
    const [a, b] = [await onScreen({ x: -0.3, y: 3.3 }), await onScreen({ x: 10.3, y: -0.2 })];
    await page.mouse.move(a.x, a.y);
    await page.mouse.down();
    await page.mouse.move(b.x, b.y, { steps: 5 });
    await page.mouse.up();
    await main().getByRole('heading', { name: '74 plants chosen' }).waitFor();
  });
  it('a dwarf selection is told smaller where it stands', async () => {
    await openBed('South bank');
    await judged().waitFor();
    await drawing().focus();
    await page.keyboard.press('.');
    const told = () =>
      main()
        .getByText(/Grown here/)
        .textContent();
    const before = Number(/Grown here (\d+)/.exec((await told())!)![1]);
    await main().getByRole('combobox', { name: 'Size' }).selectOption('dwarf');
    await page.getByText('Butterfly milkweed: a dwarf selection.').waitFor();
    await expect.poll(async () => Number(/Grown here (\d+)/.exec((await told())!)![1])).toBeLessThan(before / 2);
    await app.undo(KETTLE);
  });
});

describe('to plant by', () => {
  it('the sheet says where each plant is from both corners, as the tape would', async () => {
    await openBed('South bank');
    await main().getByRole('link', { name: 'Sheet to plant by' }).click();
    await main().getByText('Stretch a tape along the edge from A to B (32 ft 9½ in)', { exact: false }).waitFor();
    const [{ spots }] = (await plantingsIn('South bank')) as [Planting];
    // The bed is 10 by 3 m and A its lower left corner: Pythagoras, in half inches.
    const halves = Math.round((Math.hypot(spots[0]!.x, spots[0]!.y) / 0.0254) * 2);
    const inches = (halves % 24) / 2;
    const part = inches === 0 ? '' : ` ${inches < 1 ? '' : Math.floor(inches)}${inches % 1 ? '½' : ''} in`;
    await main()
      .getByText(`1.1 A ${Math.floor(halves / 24)} ft${part}`, { exact: false })
      .first()
      .waitFor();
    await main()
      .getByRole('img', { name: /South bank to scale with a grid from corner A/ })
      .waitFor();
    const pdf = await saved(() => main().getByRole('button', { name: 'PDF' }).click());
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    await page.emulateMedia({ media: 'print' });
    expect(await main().getByRole('button', { name: 'Print' }).isVisible()).toBe(false);
    expect(await main().getByText('1. Butterfly milkweed').isVisible()).toBe(true);
    await page.emulateMedia({ media: 'screen' });
  });
  it('labels are as large as their stickers, one for each kind or each plant', async () => {
    await openBed('South bank');
    await main().getByRole('link', { name: 'Plant labels' }).click();
    const codes = main().getByRole('img', { name: /^Code of the page of/ });
    await codes.first().waitFor();
    expect(await codes.count()).toBe(14);
    const sticker = main().locator('.sticker-page > div').first();
    const box = (await sticker.boundingBox())!;
    // 66.7 × 25.4 mm at 96 px to the inch.
    expect(box.width).toBeCloseTo((66.7 / 25.4) * 96, 0);
    expect(box.height).toBeCloseTo(96, 0);
    await sticker.getByText('Host of Monarch').waitFor();
    await main().getByLabel('One for each').selectOption('plant');
    await expect.poll(() => codes.count()).toBe(74);
    expect(await main().locator('.sticker-page').count()).toBe(3);
    // On paper the sheet begins at the corner of the page, or no label would meet its sticker.
    await page.emulateMedia({ media: 'print' });
    const sheet = (await main().locator('.sticker-page').first().boundingBox())!;
    expect([sheet.x, sheet.y]).toEqual([0, 0]);
    await page.emulateMedia({ media: 'screen' });
    const pdf = await saved(() => main().getByRole('button', { name: 'PDF' }).click());
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  });
  it('goes out as SVG, PNG, GeoJSON and CSV, with every plant', async () => {
    await openBed('South bank');
    await judged().waitFor();
    const press = (name: string) => saved(() => main().getByRole('button', { name, exact: true }).click());
    const rows = parse((await press('CSV')).toString(), { columns: true }) as Record<string, string>[];
    expect(rows).toHaveLength(74);
    const [{ spots }] = (await plantingsIn('South bank')) as [Planting];
    expect(rows[0]).toMatchObject({
      number: '1.1',
      scientific: 'Asclepias tuberosa',
      x_m: String(spots[0]!.x),
      y_m: String(spots[0]!.y),
    });
    const { features } = JSON.parse((await press('GeoJSON')).toString()) as {
      features: { geometry: { coordinates: number[] } }[];
    };
    expect(features).toHaveLength(74);
    const garden = (await app.call('GET', `/api/gardens/${KETTLE}`)).body.garden as { lat: number; lon: number };
    // The bed lies 8 m to the east and 2 m to the north of the yard's corner; a degree is 111.32 km.
    const [lon, lat] = features[0]!.geometry.coordinates as [number, number];
    expect((lat - garden.lat) * 111_320).toBeCloseTo(2 + spots[0]!.y, 1);
    expect((lon - garden.lon) * 111_320 * Math.cos((garden.lat * Math.PI) / 180)).toBeCloseTo(8 + spots[0]!.x, 1);
    const svg = (await press('SVG')).toString();
    expect(svg.startsWith('<svg')).toBe(true);
    expect(svg.match(/<g transform="translate\(/g)).toHaveLength(74);
    expect((await press('PNG')).subarray(1, 4).toString()).toBe('PNG');
  });
});

describe('a planter', () => {
  const BALCONY = 'fourth-floor-brickyard-row';
  it('is put together for this pot and these creatures, planned, arranged, and two change places', async () => {
    await openBed('Corner pot', BALCONY);
    await main().getByRole('button', { name: 'Put plants together' }).click();
    const combinations = main().getByRole('list', { name: 'Combinations' });
    await combinations.getByText('Host of Black swallowtail', { exact: false }).first().waitFor();
    await combinations.getByRole('button', { name: 'Plan this' }).first().click();
    await page.getByText(/Corner pot: \d kinds planned/).waitFor();
    await main().getByRole('button', { name: 'Plant it so' }).click();
    await page.getByText('Corner pot arranged.').waitFor();
    const before = await plantingsIn('Corner pot', BALCONY);
    expect(before.every((row) => row.spots.length === row.count)).toBe(true);
    // One stands in the middle, the others around it, none outside the 40 cm of the pot.
    const spots = before.flatMap((row) => row.spots);
    expect(spots.filter(({ x, y }) => Math.hypot(x, y) < 0.01)).toHaveLength(1);
    for (const { x, y } of spots) expect(Math.hypot(x, y)).toBeLessThan(0.2);
    const plants = main()
      .getByRole('group', { name: /Corner pot from above/ })
      .getByRole('button');
    await plants.nth(0).click();
    await plants.nth(1).click();
    await main().getByRole('button', { name: 'Exchange the two chosen' }).click();
    await page.getByText('Exchange two plants.').waitFor();
    expect((await plantingsIn('Corner pot', BALCONY)).map((row) => row.spots)).not.toEqual(before.map((row) => row.spots));
    await main().getByRole('button', { name: 'in blocks' }).click();
    await page.getByText('Corner pot arranged.').last().waitFor();
    for (let i = 0; i < 5; i++) await app.undo(BALCONY);
  });
  it('says how long each stays, what fills it, and what its roots live through by each school', async () => {
    await openBed('Half-barrel by the door', BALCONY);
    await main().getByText('Stays out in the pot through winter.').waitFor();
    await main()
      .getByText(/of fresh potting mix/)
      .waitFor();
    const row = main().getByRole('row', { name: /two zones hardier \(yours\)/ });
    expect(await row.textContent()).toContain('5b');
  });
});

describe('accessible and for a thumb', () => {
  it.each([
    [1280, 'South bank', KETTLE],
    [390, 'The swale', KETTLE],
    [1280, 'Troughs at the rail', 'fourth-floor-brickyard-row'],
    [390, 'Corner pot', 'fourth-floor-brickyard-row'],
  ])('at %i px: %s with its wishes open', async (width, name, garden) => {
    const other = await openPage(browser, width, 844);
    await openBed(name, garden, other);
    for (const sheet of await other.locator('main details > summary').all()) await sheet.click();
    await drawnWhole(other);
    await expectAccessible(other, `${name} at ${width}`);
    await expectNoSidewaysScroll(other);
    if (width === 390) await expectForThumb(other);
    await other.locator('main').getByRole('link', { name: 'Plant labels' }).click();
    await other.getByRole('heading', { level: 1, name: /^Labels for/ }).waitFor();
    await drawnWhole(other);
    await expectAccessible(other, `labels at ${width}`);
    if (garden === KETTLE) {
      await other.goBack();
      await other.locator('main').getByRole('link', { name: 'Sheet to plant by' }).click();
      await other.getByRole('heading', { level: 1, name: /to plant by/ }).waitFor();
      await drawnWhole(other);
      await expectAccessible(other, `sheet at ${width}`);
      await expectNoSidewaysScroll(other);
    }
    expect(other.faults).toEqual([]);
    await other.done();
  });
});
