import type { Browser, Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { expectAccessible, openPage, withApp } from './browser';
import { propose } from './proposing';
import type { RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;
const KETTLE = '/gardens/kettle-pond-commons';

withApp((running) => ({ app, browser } = running));

const main = (page: Page) => page.getByRole('main');

describe('a plan that a gardener would plant', () => {
  it('asks once what stands about, and counts it', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}${KETTLE}/plan/propose`);
    await page.getByText('First: what trees and shrubs stand here, or just over the fence?').waitFor();
    await page.getByLabel('Tree or shrub', { exact: true }).fill('No such tree');
    await page.getByRole('button', { name: 'It stands here' }).click();
    await page.getByText('Choose a tree or shrub of the library by its name.').waitFor();
    await page.getByLabel('Tree or shrub', { exact: true }).fill('Northern hackberry');
    await page.getByRole('button', { name: 'It stands here' }).click();
    await page.getByText('Trees and shrubs that stand about (1)').waitFor();
    const { body } = await app.call('GET', `/api${KETTLE}`);
    expect(body.garden.nearby).toEqual([{ plant: 'celtis-occidentalis', count: 1, size: 'grown' }]);
    await app.undo('kettle-pond-commons');
    expect(page.faults).toEqual([]);
    await page.done();
  });
  it('leaves out what is a danger to the children here until it is allowed by name', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}${KETTLE}/plan/propose`);
    await page.getByLabel('What is there').selectOption('bare');
    await page.getByText(/^Hosts left out for safety/).click();
    const left = main(page).getByRole('listitem').filter({ hasText: 'Swamp milkweed' }).first();
    expect(await left.textContent()).toMatch(/host of Monarch.*A danger to the children here/);
    await expectAccessible(page, 'hosts left out');
    await propose(page);
    expect(
      await page
        .getByRole('region', { name: /^Proposed in/ })
        .getByText(/milkweed/i)
        .count(),
    ).toBe(0);
    await left.getByRole('button', { name: /^I know: allow it/ }).click();
    await page.getByText('Swamp milkweed is allowed.').waitFor();
    await propose(page);
    const row = page
      .getByRole('region', { name: /^Proposed in/ })
      .getByRole('row', { name: /Swamp milkweed/ })
      .first();
    await row.waitFor();
    // It comes with its caution.
    expect(await row.textContent()).toMatch(/you allowed it, so keep them apart/);
    expect(page.faults).toEqual([]);
    await app.undo('kettle-pond-commons');
    await page.done();
  }, 90_000);
  it('honours what is wanted in a bed, and says what was asked', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}${KETTLE}/plan/propose`);
    await page.getByLabel('What is there').selectOption('grown');
    await page.getByLabel('In which bed').selectOption({ label: 'South bank' });
    await page.getByLabel('I want').fill('Wild bergamot');
    await page.getByRole('button', { name: 'Add the wish' }).click();
    await page.getByText('Wild bergamot in South bank').first().waitFor();
    await page.getByLabel('In which bed').selectOption({ label: 'The swale' });
    await page.getByLabel('I want').fill('nothing: it stays as it is');
    await page.getByRole('button', { name: 'Add the wish' }).click();
    await propose(page);
    await page.getByText(/Asked for: .*Wild bergamot in South bank; The swale as it is/).waitFor();
    await page
      .getByRole('region', { name: 'Proposed in South bank' })
      .getByRole('row', { name: /Wild bergamot/ })
      .waitFor();
    expect(await page.getByRole('region', { name: 'Proposed in The swale' }).count()).toBe(0);
    expect(page.faults).toEqual([]);
    await page.done();
  });
});

describe('on Plan', () => {
  it('what was taken is marked, and what comes next is said', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}${KETTLE}/plan/propose`);
    await propose(page);
    await page.getByRole('button', { name: 'Take the whole plan' }).click();
    await page.waitForURL(/\/plan$/);
    await page.getByText(/new in the plan\. Next: the/).waitFor();
    await page.getByText('new in the plan', { exact: true }).first().waitFor();
    await app.undo('kettle-pond-commons');
    await page.done();
  });
  it('several are moved at once, and one is replaced by what serves as well, keeping its year', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}${KETTLE}/plan`);
    await page.getByLabel('Choose Moss phlox').check();
    await page.getByLabel('Choose Beach plum').check();
    await page.getByText('2 chosen:').waitFor();
    await page.getByLabel('move to').selectOption({ label: 'Under the oaks' });
    await page.getByText('2 plantings moved to Under the oaks.').waitFor();
    await app.undo('kettle-pond-commons');
    await page.goto(`${app.url}${KETTLE}/plan`);
    await page.getByRole('button', { name: 'Replace Plantain-leaved pussytoes' }).first().click();
    const list = page.getByRole('list', { name: 'In the place of Plantain-leaved pussytoes' });
    await list.getByRole('button', { name: /Pearly everlasting/ }).click();
    await page.getByText(/Plantain-leaved pussytoes replaced by \d+ Pearly everlasting/).waitFor();
    const { body } = await app.call('GET', `/api${KETTLE}`);
    const changed = body.plantings.filter((row: { plant: string }) => row.plant === 'anaphalis-margaritacea');
    expect(changed.some((row: { planted_year: number | null }) => row.planted_year === 2023)).toBe(true);
    await app.undo('kettle-pond-commons');
    expect(page.faults).toEqual([]);
    await page.done();
  });
});
