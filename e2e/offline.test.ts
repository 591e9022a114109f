import type { Browser, BrowserContext, Page } from 'playwright-core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { withApp } from './browser';
import type { RunningApp } from './running-app';

const KETTLE = '/gardens/kettle-pond-commons';
const API = `/api${KETTLE}`;
let app: RunningApp;
let browser: Browser;
let device: BrowserContext;
let page: Page;
withApp((running) => ({ app, browser } = running));
beforeEach(async () => {
  device = await browser.newContext({ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' });
  page = await device.newPage();
  page.setDefaultTimeout(45_000);
});
afterEach(() => device.close());

const count = async () => ((await app.call('GET', `${API}/log`)).body as { rows: unknown[] }).rows.length;
/** Opens the log and waits until the device holds the application. */
async function held() {
  await page.goto(`${app.url}${KETTLE}/log`);
  await page.getByRole('heading', { name: 'Log', level: 1 }).waitFor();
  await page.evaluate(() => navigator.serviceWorker.ready);
  // Once more, so that what holds them answers for page and garden.
  await page.reload();
  await page.getByRole('heading', { name: 'Log', level: 1 }).waitFor();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await page.goto(`${app.url}${KETTLE}/work`);
  await page.getByRole('heading', { name: 'What to do now' }).waitFor();
  await page.goto(`${app.url}${KETTLE}/log`);
  await page.getByRole('heading', { name: 'Log', level: 1 }).waitFor();
}
async function sight(name: RegExp) {
  await page.getByRole('button', { name: 'Write down what you see' }).click();
  await page.getByRole('button', { name }).first().click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('dialog').waitFor({ state: 'detached' });
}

describe('without the network', () => {
  it('the garden, its work and its log open; what is written waits, over a restart, and is sent beside what others wrote', async () => {
    await held();
    await page.goto(`${app.url}${KETTLE}/place`);
    await page.getByLabel('Name of the garden').fill('Kettle Pond, renamed');
    await page.getByRole('button', { name: 'Save the place' }).click();
    await page.getByText('Place saved.').waitFor();
    await page.goto(`${app.url}${KETTLE}/log`);
    await page.getByRole('heading', { name: 'Log', level: 1 }).waitFor();
    const before = await count();
    await device.setOffline(true);
    await page.reload();
    await page.getByRole('heading', { name: 'Log', level: 1 }).waitFor();
    await page.getByRole('rowheader', { name: 'Wild geranium' }).first().waitFor();
    await sight(/^Black swallowtail/);
    await page.getByText(/Saved on this device; it is sent when the server answers again/).waitFor();
    await sight(/^American lady/);
    await page.getByText('2 entries wait on this device').waitFor();
    expect(await count()).toBe(before);
    await page.goto(`${app.url}${KETTLE}/work`);
    await page.getByRole('heading', { name: 'What to do now' }).waitFor();
    // The garden stands as it was after the last change that was made with the network.
    await page.getByRole('banner').getByText('Kettle Pond, renamed').waitFor();
    // The phone was put away, and another device wrote meanwhile.
    await page.goto('about:blank');
    const other = { id: 'from-another-device', what: 'adult', of: 'vanessa-atalanta', on_day: '2027-05-08', count: 1 };
    expect((await app.call('POST', `${API}/log`, { entries: [other] })).status).toBe(200);
    await page.goto(`${app.url}${KETTLE}/log`);
    await page.getByText('2 entries wait on this device').waitFor();
    await device.setOffline(false);
    await page.getByRole('button', { name: 'Send now' }).click();
    await page.getByText(/entries wait on this device/).waitFor({ state: 'detached' });
    await page.getByRole('rowheader', { name: 'Red admiral' }).first().waitFor();
    expect(await count()).toBe(before + 3);
    for (let n = 0; n < 3; n++) await app.undo('kettle-pond-commons');
    expect(await count()).toBe(before);
  });
  it('what the server no longer takes is shown with its reason, and nothing else is held up', async () => {
    await held();
    const before = await count();
    const milkweed = (await app.call('GET', API)).body.plantings.find(
      (row: { plant: string; state: string }) => row.plant === 'asclepias-incarnata' && row.state === 'in-ground',
    );
    await device.setOffline(true);
    await page.getByRole('button', { name: 'Write down what you see' }).click();
    await page.getByRole('button', { name: 'A plant', exact: true }).click();
    await page.getByLabel('Which planting').selectOption(milkweed.id);
    await page.getByRole('button', { name: 'lost', exact: true }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByRole('dialog').waitFor({ state: 'detached' });
    await sight(/^Black swallowtail/);
    await page.getByText('2 entries wait on this device').waitFor();
    const lost = {
      id: 'lost-elsewhere',
      what: 'lost',
      of: milkweed.plant,
      planting_id: milkweed.id,
      count: 9,
      on_day: '2027-05-08',
    };
    expect((await app.call('POST', `${API}/log`, { entries: [lost] })).status).toBe(200);
    await device.setOffline(false);
    await page.getByRole('button', { name: 'Send now' }).click();
    await page.getByText(/Swamp milkweed: 9 lost.*It is written down as lost already\./).waitFor();
    await page.getByText('1 entry waits on this device').waitFor();
    expect(await count()).toBe(before + 2);
    await page.getByRole('button', { name: 'Do not send it' }).click();
    await page.getByText(/waits? on this device/).waitFor({ state: 'detached' });
    for (let n = 0; n < 2; n++) await app.undo('kettle-pond-commons');
  });
});
