import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openBrowser, openPage } from './browser';
import { startApp, type RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;
const VIEWS = [
  ['/', 'Gardens'],
  ['/new-garden', 'A new garden'],
  ['/gardens/kettle-pond-commons/place', 'Beds and containers'],
  ['/gardens/kettle-pond-commons/place/yard', 'Yard plan'],
  ['/gardens/kettle-pond-commons/place/sun', 'Sun over the yard'],
  ['/gardens/kettle-pond-commons/place/around', 'Around the garden'],
  ['/gardens/fourth-floor-brickyard-row/place/yard', 'Yard plan'],
  ['/gardens/kettle-pond-commons/targets', 'Targets'],
  ['/gardens/kettle-pond-commons/match', 'Match'],
  ['/gardens/kettle-pond-commons/plan', 'Plan'],
  ['/gardens/kettle-pond-commons/plan/propose', 'A plan proposed'],
  ['/gardens/kettle-pond-commons/plan/what-if', 'What if'],
  ['/gardens/kettle-pond-commons/plan/leaf', 'Leaf, brood by brood'],
  ['/gardens/kettle-pond-commons/plan/shopping', 'Shopping list'],
  ['/gardens/kettle-pond-commons/season', 'Season'],
  ['/gardens/kettle-pond-commons/season/calendar', 'Bloom and flight'],
  ['/gardens/kettle-pond-commons/season/supply', 'Supply through the year'],
  ['/gardens/kettle-pond-commons/season/timing', 'Timing'],
  ['/gardens/fourth-floor-brickyard-row/season/timing', 'Timing'],
  ['/gardens/kettle-pond-commons/season/dates', 'This garden’s own dates'],
  ['/gardens/juniper-wash/targets', 'Targets'],
  ['/gardens/juniper-wash/season', 'Season'],
  ['/gardens/fourth-floor-brickyard-row/season', 'Season'],
  ['/gardens/kettle-pond-commons/library', 'Library'],
  ['/gardens/kettle-pond-commons/library/targets/danaus-plexippus', 'Monarch'],
  ['/gardens/kettle-pond-commons/library/targets/selasphorus-rufus', 'Rufous hummingbird'],
  ['/gardens/juniper-wash/library/plants/aristolochia-watsonii', "Watson's pipevine"],
  ['/gardens/kettle-pond-commons/library/tables', 'Tables and corrections'],
  ['/gardens/kettle-pond-commons/library/plants/new', 'A plant of your own'],
] as const;

beforeAll(async () => {
  [app, browser] = await Promise.all([startApp(), openBrowser()]);
});
afterAll(async () => {
  await browser.close();
  await app.stop();
});

describe.each([1280, 390])('every view at %i px', (width) => {
  it.each(VIEWS)('%s has its heading, no findings and nothing wider than the screen', async (path, heading) => {
    const page = await openPage(browser, width);
    await page.goto(app.url + path);
    await page.getByRole('heading', { level: 1, name: heading }).waitFor();
    await expectAccessible(page, `${path} at ${width}`);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(overflow, 'sideways scroll').toBeLessThanOrEqual(0);
    expect(page.faults).toEqual([]);
    await page.context().close();
  });
});

describe('dusk', () => {
  it.each([
    'season',
    'season/calendar',
    'season/supply',
    'season/timing',
    'season/dates',
    'match',
    'place',
    'place/yard',
    'place/sun',
    'place/around',
    'plan',
    'plan/what-if',
    'plan/shopping',
    'targets',
    'library',
    'library/plants/asclepias-incarnata',
  ])('is as readable in %s', async (view) => {
    const page = await openPage(browser);
    await page.addInitScript(() => localStorage.setItem('outwash-theme', 'dusk'));
    await page.goto(`${app.url}/gardens/kettle-pond-commons/${view}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    expect(await page.locator('html').getAttribute('data-theme')).toBe('dusk');
    await expectAccessible(page, `${view} at dusk`);
    await page.context().close();
  });
});

describe('reasons and dialogs', () => {
  it('are accessible when open', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/match`);
    await page.getByLabel('Name or kind').fill('turtlehead');
    await page.getByRole('button', { name: /^White turtlehead in South bank: unsuitable/ }).click();
    await page.getByRole('complementary', { name: 'Reasons' }).getByText('Too dry: move it to a wetter bed.').waitFor();
    await expectAccessible(page, 'fit reasons');
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.press('/');
    await page.getByRole('combobox', { name: 'What to find' }).fill('cybele');
    await page.getByRole('option', { name: /Great spangled fritillary/ }).waitFor();
    await expectAccessible(page, 'find');
    await page.keyboard.press('Enter');
    await page.getByRole('complementary').getByText('Argynnis cybele').waitFor();
    await expectAccessible(page, 'target reasons');
    await page.keyboard.press('1');
    await page.getByRole('button', { name: 'Change The swale' }).click();
    await page.getByRole('dialog').getByLabel('Name').waitFor();
    await expectAccessible(page, 'bed form');
    expect(page.faults).toEqual([]);
    await page.context().close();
  });
  it.each([
    [1280, 'kettle-pond-commons', 'Under the oaks'],
    [390, 'kettle-pond-commons', 'The swale'],
    [390, 'fourth-floor-brickyard-row', 'Corner pot'],
  ])('at %i px the measuring of %s, %s, with every sheet open', async (width, garden, name) => {
    const page = await openPage(browser, width);
    await page.goto(`${app.url}/gardens/${garden}/place`);
    await page.getByRole('link', { name, exact: true }).click();
    await page.getByRole('heading', { level: 1, name }).waitFor();
    for (const sheet of await page.locator('main details > summary').all()) await sheet.click();
    await expectAccessible(page, `${name} at ${width}`);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(overflow, 'sideways scroll').toBeLessThanOrEqual(0);
    await page.context().close();
  });
  it('things and beds of the yard, when chosen', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/place/yard`);
    for (const name of ['White oak', 'Tool shed', 'Autumn-olive', 'South bank']) {
      await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
      await page.getByRole('complementary', { name: 'Reasons' }).getByLabel('Name').waitFor();
      await expectAccessible(page, name);
    }
    await page.context().close();
  });
});

describe('where nothing is', () => {
  it('an unknown garden gets a calm page with a way back', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/atlantis/season`);
    await page.getByRole('heading', { name: 'Nothing grows at this address' }).waitFor();
    await page.getByText('There is no garden “atlantis” here').waitFor();
    await expectAccessible(page, 'not found');
    await page.getByRole('button', { name: 'Back to the gardens' }).click();
    await page.getByRole('link', { name: 'Kettle Pond Commons' }).waitFor();
    await page.context().close();
  });
});
