import type { Browser } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { expectAccessible, openPage, withApp } from '../browser';
import type { RunningApp } from '../running-app';
import { expectNoSidewaysScroll } from './views';

let app: RunningApp;
let browser: Browser;

withApp((running) => ({ app, browser } = running));

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
    await expectAccessible(page, 'find', { within: '[role=dialog]' });
    await page.keyboard.press('Enter');
    await page.getByRole('complementary').getByText('Argynnis cybele').waitFor();
    await expectAccessible(page, 'target reasons', { within: 'aside' });
    await page.keyboard.press('1');
    await page.getByRole('button', { name: 'Change The swale' }).click();
    await page.getByRole('dialog').getByLabel('Name').waitFor();
    await expectAccessible(page, 'bed form', { within: '[role=dialog]' });
    expect(page.faults).toEqual([]);
    await page.done();
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
    await expectNoSidewaysScroll(page);
    await page.done();
  });
  it('things and beds of the yard, when chosen', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/place/yard`);
    for (const name of ['White oak', 'Tool shed', 'Autumn-olive', 'South bank']) {
      await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
      await page.getByRole('complementary', { name: 'Reasons' }).getByLabel('Name').waitFor();
      await expectAccessible(page, name, { within: 'aside' });
    }
    await page.done();
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
    await page.done();
  });
});
