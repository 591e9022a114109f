import { describe, expect, it } from 'vitest';
import { openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';
import type { Browser } from 'playwright-core';

/** The front of the house: room for the work, and reasons that come and go. */
let app: RunningApp;
let browser: Browser;
withApp((its) => ({ app, browser } = its));

const KETTLE = '/gardens/kettle-pond-commons';
const reasons = (page: OpenPage) => page.getByRole('complementary', { name: 'Reasons' });
const opened = async (path: string, width = 1280, height = 800) => {
  const page = await openPage(browser, width, height);
  await page.goto(app.url + KETTLE + path);
  await page.locator('#main').getByRole('heading').first().waitFor();
  return page;
};

describe('room for the work', () => {
  it.each(['place', 'targets', 'match', 'plan', 'season', 'library'])(
    '%s begins at 104 px at most, and is as wide as the page',
    async (view) => {
      const page = await opened(`/${view}`);
      const { top, left, right } = await page.locator('#main').evaluate((main) => main.getBoundingClientRect().toJSON());
      expect(top).toBeLessThanOrEqual(104);
      expect(right - left).toBeGreaterThan(1200);
      expect(page.faults).toEqual([]);
      await page.done();
    },
  );
  it('all stations, the state of the year and the presses of the top are within reach at 1280 px', async () => {
    const page = await opened('/plan');
    for (const link of await page.getByRole('navigation', { name: 'Stations of the work' }).getByRole('link').all())
      expect((await link.boundingBox())!.y).toBeLessThan(50);
    for (const name of ['Undo', 'Redo', 'Find', 'Settings', 'Keys'])
      expect((await page.getByRole('button', { name, exact: true }).boundingBox())!.y, name).toBeLessThan(50);
    await page.getByText(/of the plan in flower/).waitFor();
    await page.done();
  });
  it.each([
    [1280, 800, 104],
    [640, 400, 80],
  ])('nine stations stand in one row at %i × %i px, each name whole', async (width, height, most) => {
    const page = await opened('/season', width, height);
    const stations = page.getByRole('navigation', { name: 'Stations of the work' });
    const links = await stations.getByRole('link').all();
    expect(links).toHaveLength(9);
    const boxes = await Promise.all(links.map(async (link) => (await link.boundingBox())!));
    for (const [n, box] of boxes.entries()) {
      expect(Math.abs(box.y - boxes[0]!.y), `row of station ${n + 1}`).toBeLessThan(2);
      if (n > 0) expect(box.x, `left edge of station ${n + 1}`).toBeGreaterThanOrEqual(boxes[n - 1]!.x + boxes[n - 1]!.width);
      const name = await links[n]!.locator('span').first().boundingBox();
      expect(name!.width, `name of station ${n + 1}`).toBeLessThanOrEqual(box.width);
    }
    const undo = (await page.getByRole('button', { name: 'Undo' }).boundingBox())!;
    const last = boxes[8]!;
    expect(last.x + last.width <= undo.x || last.y >= undo.y + undo.height).toBe(true);
    expect(last.x + last.width).toBeLessThanOrEqual(width);
    expect((await page.locator('#main').boundingBox())!.y).toBeLessThanOrEqual(most);
    await page.done();
  });
});

describe('reasons', () => {
  it('are there only while they explain, and give the focus back to what asked for them', async () => {
    const page = await opened('/season');
    expect(await reasons(page).count()).toBe(0);
    const gap = page
      .getByRole('row', { name: /Baltimore checkerspot/ })
      .getByRole('button')
      .first();
    await gap.press('Enter');
    await reasons(page)
      .getByRole('heading', { name: /Baltimore checkerspot/ })
      .waitFor();
    await reasons(page).getByRole('button', { name: 'Close' }).press('Enter');
    await reasons(page).waitFor({ state: 'detached' });
    expect(await gap.evaluate((button) => button === document.activeElement)).toBe(true);
    await page.done();
  });
  it('are put away by Escape from a field too, and go with their station', async () => {
    const page = await opened('/match');
    await page.getByRole('button', { name: /^Swamp milkweed in South bank/ }).click();
    await reasons(page).getByRole('heading').first().waitFor();
    await page.getByLabel('Name or kind').press('Escape');
    await reasons(page).waitFor({ state: 'detached' });
    await page.getByRole('button', { name: /^Swamp milkweed in South bank/ }).click();
    await reasons(page).getByRole('heading').first().waitFor();
    await page.getByRole('link', { name: /^Season/ }).click();
    await page.getByRole('heading', { name: 'Season', exact: true }).waitFor();
    expect(await reasons(page).count()).toBe(0);
    await page.done();
  });
});
