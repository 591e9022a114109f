import { readFileSync } from 'node:fs';
import type { Page } from 'playwright-core';
import { afterEach, describe, expect, it } from 'vitest';
import { choose, type OpenPage, withPage } from './browser';
import type { RunningApp } from './running-app';

/** The smaller presses of a gardener's day, each in the real interface. */
let app: RunningApp;
let page: OpenPage;
const KETTLE = '/gardens/kettle-pond-commons';

withPage((running) => ({ app, page } = running));

const reasons = (of: Page = page) => of.getByRole('complementary', { name: 'Reasons' });
async function undoAll() {
  const { body } = await app.call('GET', `/api${KETTLE}`);
  if (body.history.undo) {
    await app.undo('kettle-pond-commons');
    await undoAll();
  }
}
afterEach(undoAll);

describe('the plan', () => {
  const rowOf = (name: string) => page.getByRole('row', { name: new RegExp(name) });
  it('lets a lost plant go out of the sums and marks the year of a new one', async () => {
    await page.goto(`${app.url}${KETTLE}/plan`);
    await page.getByLabel('State of Common blue violet').selectOption('lost');
    await page.getByRole('link', { name: /Season 6 of 10 close/ }).waitFor();
    await page.getByLabel('State of Stiff-leaved aster').selectOption('in-ground');
    const year = String(new Date().getFullYear());
    await expect.poll(() => page.getByLabel('Year Stiff-leaved aster was planted').inputValue()).toBe(year);
  });
  it('takes a planting out and brings it back with Redo and Undo', async () => {
    await page.goto(`${app.url}${KETTLE}/plan`);
    await page.getByRole('button', { name: 'Remove Beach plum' }).click();
    await rowOf('Beach plum').waitFor({ state: 'detached' });
    const header = page.getByRole('banner');
    await header.getByRole('button', { name: 'Undo' }).click();
    await rowOf('Beach plum').waitFor();
    await header.getByRole('button', { name: 'Redo' }).click();
    await rowOf('Beach plum').waitFor({ state: 'detached' });
  });
  it('does not take a count that is none', async () => {
    await page.goto(`${app.url}${KETTLE}/plan`);
    const count = page.getByLabel('Count of Beach plum');
    await count.fill('0');
    await count.press('Tab');
    await expect.poll(() => count.inputValue()).toBe('1');
  });
  it('says when a bed is planted too full', async () => {
    await page.goto(`${app.url}${KETTLE}/plan`);
    const count = page.getByLabel('Count of Beach plum');
    await count.fill('9');
    await count.press('Tab');
    // Nine at 1.8 m take 29.16 m², the rest of the bank 12.14: 11.3 m² (122 square feet) over its 30.
    await page.getByText(/122 sq ft too much/).waitFor();
  });
});

describe('targets', () => {
  it('a greater ambition asks more and opens what was closed', async () => {
    await page.goto(`${app.url}${KETTLE}/targets`);
    await page.getByLabel('Ambition for Monarch').selectOption('thrives');
    await page.getByRole('link', { name: /Targets 4 unserved/ }).waitFor();
    await page.getByLabel('Ambition for Monarch').selectOption('visits');
    await page.getByRole('link', { name: /Targets 3 unserved/ }).waitFor();
  });
  it('one let go leaves the braid', async () => {
    await page.goto(`${app.url}${KETTLE}/targets`);
    await page.getByRole('button', { name: 'Remove Question mark' }).click();
    await page.getByText('9 chosen of 89').waitFor();
    await page.keyboard.press('5');
    await page.getByText('7 of 9 life cycles close').first().waitFor();
  });
  it('tells the marks, the flight and the hosts of a species', async () => {
    await page.goto(`${app.url}${KETTLE}/targets`);
    await page.getByRole('button', { name: /Monarch Danaus plexippus/ }).click();
    const panel = reasons();
    await panel
      .getByText('Here: on the wing late May to late August; passing back early September to late October; 3 broods.')
      .waitFor();
    await panel.getByRole('button', { name: 'Black swallow-wort' }).click();
    await panel.getByText(/listed as noxious here/).waitFor();
  });
});

describe('offers that are not plants', () => {
  it('a dish of fruit for the sap feeder', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.getByText('no fruit').click();
    await reasons().getByRole('button', { name: 'Add a dish of ripe fruit to Under the oaks' }).click();
    await reasons().getByText('Nothing is missing.').waitFor();
    await page.keyboard.press('1');
    await page
      .getByRole('row', { name: /Under the oaks/ })
      .getByText('dish of ripe fruit')
      .waitFor();
  });
  it('leaving the stems, where a cleared autumn took the shelter', async () => {
    const file = JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8'));
    await app.call('POST', '/api/garden-files', {
      ...file,
      garden: { ...file.garden, id: 'swept-yard', name: 'Swept yard', school_autumn: 'clear' },
      targets: [{ target: 'papilio-polyxenes', ambition: 'breeds', priority: 1 }],
      // The trees of the yard would shelter them too.
      things: [],
      // Twelve at 40 cm: 1.92 m² of stems, seven tenths of it where water stands, of the 1 m² wanted.
      plantings: file.plantings
        .filter((row: { plant: string }) => row.plant === 'zizia-aurea')
        .map((row: object) => ({ ...row, count: 12 })),
    });
    await page.goto(`${app.url}/gardens/swept-yard/season`);
    const row = page.getByRole('row').filter({ hasText: 'standing stems' });
    expect(await row.textContent()).toContain('open');
    await row.getByRole('button').click();
    await reasons().getByRole('button', { name: 'Leave stems and leaves standing until spring' }).click();
    await reasons().getByText('Nothing is missing.').waitFor();
    expect(await row.textContent()).toContain('closed');
  });
  it('what would serve but for something is named with it', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.locator('svg text', { hasText: 'no host' }).click();
    await reasons()
      .getByText(/its grown crown takes 1902 sq ft, more than twice the bed of 323 sq ft/)
      .waitFor();
  });
});

describe('remembered choices', () => {
  it('units and dusk are as they were left', async () => {
    await page.goto(`${app.url}${KETTLE}/place`);
    await page
      .getByRole('row', { name: /South bank/ })
      .getByText('323 sq ft')
      .waitFor();
    await choose(page, 'metres');
    await page
      .getByRole('row', { name: /South bank/ })
      .getByText('30 m²')
      .waitFor();
    await choose(page, 'dusk', 'May 6', '°F');
    await page.reload();
    await page
      .getByRole('row', { name: /South bank/ })
      .getByText('30 m²')
      .waitFor();
    expect(await page.locator('html').getAttribute('data-theme')).toBe('dusk');
    // Dates and degrees are one's own, whatever the other units are.
    await page.getByText(/In 8 years of 10 between April \d+ and May \d+/).waitFor();
    await page.getByRole('option', { name: /^7a: 0 to 5 °F/ }).waitFor({ state: 'attached' });
  });
});

describe('keys', () => {
  it('are listed, and rest while something is typed', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.keyboard.press('?');
    await page.getByRole('dialog').getByText('move back and on through the year').waitFor();
    await page.keyboard.press('Escape');
    await page.keyboard.press('3');
    await page.getByLabel('Name or kind').pressSequentially('2 [ /');
    await page.getByText('No plant passes all of these.').waitFor();
    expect(page.url()).toContain('/match');
  });
  it('Escape closes Find in one press; a name is found in one word or two, and the settings by what is in them', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    const field = page.getByRole('combobox', { name: 'What to find' });
    await page.keyboard.press('/');
    await field.fill('bee balm');
    await page
      .getByRole('option', { name: /beebalm/i })
      .first()
      .waitFor();
    await page.keyboard.press('Escape');
    await field.waitFor({ state: 'detached' });
    await page.keyboard.press('/');
    await field.fill('metres');
    await page.getByRole('option', { name: /Settings/ }).click();
    await page.getByRole('dialog').getByText('Remembered on this device').waitFor();
  });
  it('find a bed and a plant', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.keyboard.press('/');
    await page.getByRole('combobox', { name: 'What to find' }).fill('swale');
    await page.getByRole('option', { name: /The swale/ }).click();
    await page.getByRole('heading', { name: 'Beds and containers' }).waitFor();
    await page.keyboard.press('/');
    await page.getByRole('combobox', { name: 'What to find' }).fill('zizia');
    await page.keyboard.press('Enter');
    await reasons().getByText('Flowers gold 8 May to 15 June here.').waitFor();
    await page.keyboard.press('/');
    await page.getByRole('combobox', { name: 'What to find' }).fill('xyzzy');
    await page.getByText('Nothing here has that name.').waitFor();
  });
});

describe('the match', () => {
  it('sorts by first bloom and by height, and filters to natives', async () => {
    await page.goto(`${app.url}${KETTLE}/match`);
    const first = () => page.locator('tbody .creature').first().textContent();
    await page.getByRole('combobox', { name: /^Sorted by/ }).selectOption('bloom');
    await expect.poll(first).toBe('Early crocus');
    const count = async () => Number((await page.getByText(/of \d+ plants, against/).textContent())!.split(' ')[0]);
    const all = await count();
    await page.getByLabel('native here').check();
    await expect.poll(count).toBeLessThan(all);
    await expect.poll(first).toBe('Pussy willow');
    await page.getByRole('combobox', { name: /^Sorted by/ }).selectOption('height');
    await expect.poll(first).toBe("Bird's-foot violet");
  });
  it('keeps plants without a record here to those who ask for them', async () => {
    const count = async () => Number((await page.getByText(/of \d+ plants, against/).textContent())!.split(' ')[0]);
    await page.goto(`${app.url}${KETTLE}/match`);
    const recorded = await count();
    await page.getByLabel('Name or kind').fill('brittlebush');
    await page.getByText('no record here').first().waitFor();
    await page.getByLabel('Name or kind').fill('');
    await page.getByLabel('recorded here').uncheck();
    await expect.poll(count).toBeGreaterThan(recorded);
  });
  it('shows no sites before there are any', async () => {
    await app.call('POST', '/api/gardens', {
      ...JSON.parse(readFileSync('demo/juniper-wash.json', 'utf8')).garden,
      name: 'Bare yard',
    });
    await page.goto(`${app.url}/gardens/bare-yard/match`);
    await page.getByText('No site to match against yet.').waitFor();
    await page.getByRole('link', { name: 'Add a bed' }).click();
    await page.getByText('No bed yet.').waitFor();
  });
});

describe('the ledger', () => {
  it('shows gaps only when asked', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.getByLabel('gaps only').check();
    // The hummingbird's nectar, the checkerspot's and question mark's hosts, and the fruit.
    await expect.poll(() => page.getByRole('region', { name: 'Ledger of needs' }).locator('tbody tr').count()).toBe(4);
  });
});

describe('files', () => {
  it('a garden goes out and comes in again beside itself', async () => {
    await page.goto(`${app.url}${KETTLE}/place`);
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Export the garden as a file' }).click(),
    ]);
    const file = JSON.parse(readFileSync(await download.path(), 'utf8'));
    expect(download.suggestedFilename()).toBe('kettle-pond-commons.json');
    await page.goto(app.url);
    const buffer = Buffer.from(JSON.stringify({ ...file, garden: { ...file.garden, name: 'Twin Pond' } }));
    await page.getByLabel('Import garden files').setInputFiles({ name: 'twin.json', mimeType: 'application/json', buffer });
    await page.getByText('Twin Pond imported.').waitFor();
    // It opens at what there is to do, on the day its clock stands at.
    await page.getByRole('link', { name: 'Twin Pond', exact: true }).click();
    await page.getByRole('heading', { name: 'What to do now' }).waitFor();
    await page.getByRole('link', { name: 'Season 7 of 10 close' }).waitFor();
  });
});
