import { describe, expect, it } from 'vitest';
import { type OpenPage, withPage } from './browser';
import type { RunningApp } from './running-app';

/** Answers come late and out of turn on a slow line: what is shown is what was asked for last. */
let app: RunningApp;
let page: OpenPage;
const KETTLE = '/gardens/kettle-pond-commons';

withPage((running) => ({ app, page } = running));

/** Delays the answers to some requests, each by the next of the given milliseconds. */
const delay = (address: RegExp, method: string, ...waits: number[]) =>
  page.route(address, async (route) => {
    if (route.request().method() !== method) return route.fallback();
    const answer = await route.fetch();
    await new Promise((resolve) => setTimeout(resolve, waits.shift() ?? 0));
    await route.fulfill({ response: answer });
  });
const countOf = (plant: string) => page.getByLabel(`Count of ${plant}`);

describe('on a slow line', () => {
  it('of two gardens opened quickly one after the other the second stays', async () => {
    await page.goto(app.url);
    await page.getByRole('link', { name: 'Juniper Wash' }).waitFor();
    await delay(/\/api\/gardens\/kettle-pond-commons$/, 'GET', 1500);
    const late = page.waitForResponse(/\/api\/gardens\/kettle-pond-commons$/);
    await page.getByRole('link', { name: 'Kettle Pond Commons' }).click();
    await page.getByRole('link', { name: 'Outwash' }).click();
    await page.getByRole('link', { name: 'Juniper Wash' }).click();
    await page.getByRole('banner').getByText('Juniper Wash').waitFor();
    await late;
    // Time for it to be shown, were it taken.
    await page.waitForTimeout(300);
    expect(await page.getByRole('banner').getByText('Juniper Wash').count()).toBeGreaterThan(0);
    expect(await page.getByRole('banner').getByText('Kettle Pond Commons').count()).toBe(0);
  });
  it('two changes made quickly are both there, though the first is answered last', async () => {
    await page.goto(`${app.url}${KETTLE}/plan`);
    await delay(/\/plantings\//, 'PUT', 900, 0);
    for (const [plant, count] of [
      ['Spicebush', '4'],
      ['Golden alexanders', '7'],
    ] as const) {
      await countOf(plant).fill(count);
      await countOf(plant).press('Tab');
    }
    const counts = async () => {
      const { body } = await app.call('GET', `/api${KETTLE}`);
      return ['lindera-benzoin', 'zizia-aurea'].map(
        (plant) => body.plantings.find((row: { plant: string }) => row.plant === plant).count,
      );
    };
    await expect.poll(counts).toEqual([4, 7]);
    await expect.poll(() => countOf('Spicebush').inputValue()).toBe('4');
    await expect.poll(() => countOf('Golden alexanders').inputValue()).toBe('7');
  });
  it('undo pressed three times quickly takes back three changes', async () => {
    const { body: start } = await app.call('GET', `/api${KETTLE}`);
    const [site] = start.sites;
    const { id, revision, ...fields } = site;
    for (const [step, sun_h] of [6.5, 5.5, 4.5].entries())
      await app.call('PUT', `/api${KETTLE}/sites/${id}`, { revision: revision + step, fields: { ...fields, sun_h } });
    await page.goto(`${app.url}${KETTLE}/place`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await delay(/\/undo$/, 'POST', 300, 300, 300);
    const undo = page.getByRole('banner').getByRole('button', { name: 'Undo' });
    for (let i = 0; i < 3; i++) await undo.click();
    await expect.poll(async () => (await app.call('GET', `/api${KETTLE}`)).body.sites[0].sun_h).toBe(fields.sun_h);
    await page.getByText('Undone: Change').first().waitFor();
  });
});
