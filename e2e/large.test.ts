import { beforeAll, expect, it } from 'vitest';
import { largestGarden } from '../core/testing/largest-garden';
import { readLibrary } from '../scripts/reference-files';
import { openPage, withApp } from './browser';
import type { RunningApp } from './running-app';
import type { Browser } from 'playwright-core';

/** A garden of 40 sites, 400 plantings and 25 targets: what is long there comes when it is near, or a moment later. */
let app: RunningApp;
let browser: Browser;
let garden = '';
withApp((its) => ({ app, browser } = its));
beforeAll(async () => {
  const { status, body } = await app.call('POST', '/api/garden-files', largestGarden(readLibrary().library));
  expect(status).toBe(201);
  garden = `${app.url}/gardens/${body.garden.id}`;
});

it('names the best sites of a plant where forty columns would not fit', async () => {
  const page = await openPage(browser);
  await page.goto(`${garden}/match`);
  await page.getByLabel('Name or kind').fill('butterfly milkweed');
  const row = page.getByRole('row', { name: /Butterfly milkweed/ });
  await row.getByText('and 36 more').waitFor();
  const named = await row.getByRole('button', { name: /^Butterfly milkweed in Bed/ }).all();
  const labels = await Promise.all(named.map((button) => button.getAttribute('aria-label')));
  const ranks = labels.map((label) => ['thrives', 'workable', 'unsuitable'].findIndex((verdict) => label!.includes(verdict)));
  expect(ranks).toHaveLength(4);
  expect(ranks).toEqual([...ranks].sort());
  expect(await page.getByRole('columnheader', { name: 'Where, the best first' }).count()).toBe(1);
  expect(page.faults).toEqual([]);
  await page.done();
});

it('makes the beds of the plan when they come near, and all of them for paper', async () => {
  const page = await openPage(browser);
  await page.goto(`${garden}/plan`);
  await page.getByRole('heading', { name: 'Bed 1', exact: true }).waitFor();
  expect(await page.getByRole('heading', { name: 'Bed 40' }).count()).toBe(0);
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.getByRole('heading', { name: 'Bed 40' }).waitFor();
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  await page.getByRole('heading', { name: 'Bed 20' }).waitFor();
  expect(await page.locator('#main tbody tr').count()).toBe(400);
  expect(page.faults).toEqual([]);
  await page.done();
});

it('shows who is chosen at once, and how well it is served a moment later', async () => {
  const page = await openPage(browser);
  await page.goto(`${garden}/targets`);
  const first = page.locator('#main tbody tr', { has: page.getByRole('button', { name: /^Choose/ }) }).first();
  const name = (await first.locator('.creature').first().textContent())!.trim();
  await page.getByRole('button', { name: `Choose ${name}` }).click();
  await page.getByRole('button', { name: `Remove ${name}` }).waitFor();
  await page
    .getByRole('row', { name: new RegExp(name) })
    .getByText(/^(closed|thin|open)$/)
    .waitFor();
  await page.getByRole('link', { name: /^Season.* of 26 close/ }).waitFor();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await page.getByRole('link', { name: /^Season.* of 25 close/ }).waitFor();
  expect(page.faults).toEqual([]);
  await page.done();
});

it('finds what would serve a need in a worker', async () => {
  const page = await openPage(browser);
  const workers: string[] = [];
  page.on('worker', (worker) => workers.push(worker.url()));
  await page.goto(`${garden}/targets`);
  await page.getByRole('region', { name: 'Next step' }).getByRole('button', { name: 'What would serve it' }).click();
  const reasons = page.getByRole('complementary', { name: 'Reasons' });
  await reasons
    .getByRole('heading', { name: /What would serve it|Would serve it, but for/ })
    .first()
    .waitFor();
  expect(workers.some((url) => url.includes('advisor'))).toBe(true);
  expect(page.faults).toEqual([]);
  await page.done();
});
