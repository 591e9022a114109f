import type { Browser } from 'playwright-core';
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;
let page: OpenPage;
withApp((running) => ({ app, browser } = running));
beforeAll(async () => {
  page = await openPage(browser);
});
afterEach(() => expect(page.faults).toEqual([]));

const KETTLE = 'kettle-pond-commons';
const open = async (part: string, heading: string, garden = KETTLE, on: OpenPage = page) => {
  await on.goto(`${app.url}/gardens/${garden}/work/${part}`);
  await on.getByRole('heading', { level: 1, name: heading }).waitFor();
};
const undo = () => page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
const batch = (name: string) =>
  page
    .getByRole('region', { name: 'Batches under way' })
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name }) });
const api = (method: string, path: string, body?: unknown) =>
  fetch(`${app.url}/api/gardens/${KETTLE}${path}`, {
    method,
    headers: { 'content-type': 'application/json', origin: app.url },
    body: body === undefined ? undefined : JSON.stringify(body),
  });

describe('the raising of the pond garden', () => {
  it('shows its batches with what came up, what is expected and the next step with its how', async () => {
    await open('raise', 'Raise');
    const aster = batch('Stiff-leaved aster');
    await aster.getByRole('row', { name: /^up 14 \d+ to \d+ expected/ }).waitFor();
    await aster.getByText('Look 2').waitFor();
    await aster.getByText('9 May to 12 May').waitFor();
    await batch('Slender mountain-mint').getByText('9 more than are wanted').waitFor();
    // One that is only planned asks for its seed first.
    await batch('Foxglove beardtongue').getByText('Buy seed', { exact: true }).waitFor();
  });
  it('a look is written down as totals, shows in the funnel, and can be undone', async () => {
    const aster = batch('Stiff-leaved aster');
    await aster.getByRole('button', { name: 'Count Stiff-leaved aster' }).click();
    const form = page.getByRole('form', { name: 'Count Stiff-leaved aster' });
    await form.getByLabel('Up', { exact: true }).fill('50');
    await form.getByRole('button', { name: 'Write it down' }).click();
    await form.getByText('Only 45 were begun.').waitFor();
    await form.getByLabel('Up', { exact: true }).fill('20');
    await form.getByLabel('Lost', { exact: true }).fill('25');
    await form.getByRole('button', { name: 'Write it down' }).click();
    await form.getByText('More were lost, planted and given away than ever came up.').waitFor();
    await form.getByLabel('Lost', { exact: true }).fill('2');
    await expectAccessible(page, 'a look at a batch');
    await form.getByRole('button', { name: 'Write it down' }).click();
    await aster.getByRole('row', { name: /^up 20 / }).waitFor();
    await undo();
    await aster.getByRole('row', { name: /^up 14 / }).waitFor();
  });
  it('names the ways to a kind with what they take, and what is not possible with its reason', async () => {
    await page.getByRole('button', { name: 'Ways to Golden ragwort' }).click();
    await page.getByText(/For 7 plants: \d+ seeds, 1 packet, 2 lidded containers/).waitFor();
    await page
      .getByText('Division: No plant of it stands here yet to take from: a neighbour’s or a swap may give some.')
      .waitFor();
    await page.getByRole('button', { name: /\d\. Seed, outdoors in winter containers/ }).click();
    await page.getByText(/With \d+ seeds the chance of 7 plants or more is 9\d in 100/).waitFor();
    await page.getByRole('row', { name: /^Sow 21 December to 24 December/ }).waitFor();
    // A second start two weeks on is insurance.
    await page.getByRole('button', { name: /^Start a second batch/ }).click();
    const form = page.getByRole('form', { name: 'Start Golden ragwort' });
    expect(await form.getByLabel('To be begun on').inputValue()).toBe('2028-01-04');
    await form.getByRole('button', { name: 'Cancel' }).click();
  });
  it('a batch begun today comes into the work with its steps, and goes with them', async () => {
    await page.getByRole('button', { name: /Start a batch of Golden ragwort, Seed, chilled/ }).click();
    const form = page.getByRole('form', { name: 'Start Golden ragwort' });
    await form.getByLabel('Seeds').fill('0');
    await form.getByRole('button', { name: 'Plan it' }).click();
    await form.getByText(/how many seeds, cuttings or pieces/).waitFor();
    await form.getByLabel('Seeds').fill('30');
    await form.getByLabel('From where').fill('seed swap');
    await expectAccessible(page, 'a batch being started');
    await form.getByRole('button', { name: 'Plan it' }).click();
    const ragwort = batch('Golden ragwort');
    await ragwort.getByText('Put the seed in the cold', { exact: true }).waitFor();
    await page.getByRole('link', { name: 'What to do now' }).click();
    await page.getByRole('button', { name: 'Done: Chill the seed: 30 Golden ragwort' }).waitFor();
    await page.getByRole('link', { name: 'Raise', exact: true }).click();
    await ragwort.getByRole('button', { name: /^Begun today/ }).click();
    // Thirty days in the cold from 8 May.
    await ragwort.getByText('Sow', { exact: true }).waitFor();
    await ragwort.getByText('7 June to 10 June').waitFor();
    await ragwort.getByRole('button', { name: 'More on Golden ragwort' }).click();
    await ragwort.getByRole('button', { name: /^Remove it Golden ragwort/ }).click();
    await ragwort.waitFor({ state: 'detached' });
    await undo();
    await ragwort.waitFor();
    await ragwort.getByRole('button', { name: 'More on Golden ragwort' }).click();
    await ragwort.getByRole('button', { name: /^Remove it Golden ragwort/ }).click();
    await ragwort.waitFor({ state: 'detached' });
  });
  it('its own figures stand beside the library’s, by plant and source', async () => {
    await page
      .getByRole('region', { name: 'What came up here' })
      .getByRole('row', { name: /^Swamp milkweed winter container seed swap 36 of 50 \d+ to \d+ of 100/ })
      .waitFor();
  });
  it('says what can be divided, when, and where it could go', async () => {
    const due = page.getByRole('region', { name: 'Old enough to be divided' });
    // A spring ephemeral when its leaves have yellowed, a grass of the warm season as its blades show.
    await due
      .getByRole('listitem')
      .filter({ hasText: 'Spring beauty' })
      .getByText(/\d+ June to \d+ July/)
      .waitFor();
    await due
      .getByRole('listitem')
      .filter({ hasText: 'Little bluestem' })
      .getByText(/21 April to 12 June/)
      .waitFor();
    expect(await due.getByText('Swamp milkweed').count()).toBe(0);
  });
  it('any plant of the library can be asked for, but for what is listed', async () => {
    await page.goto(`${app.url}/gardens/${KETTLE}/library/plants/asclepias-incarnata`);
    await page.getByRole('link', { name: 'How to raise it here, with its days' }).click();
    const asked = page.getByRole('region', { name: 'Swamp milkweed' });
    await asked.getByRole('button', { name: /1\. / }).waitFor();
    await asked.getByLabel('Plants wanted').fill('12');
    await asked.getByLabel('Plants wanted').press('Tab');
    await asked
      .getByText(/For 12 plants: \d+ seeds/)
      .first()
      .waitFor();
    await open('raise?plant=lythrum-salicaria', 'Raise');
    await page.getByText('It is listed as invasive, or no way to raise it is known: it is not raised here.').waitFor();
  });
});

describe('a place without winter cold', () => {
  it('says so, and sends the seed to the refrigerator', async () => {
    await open('raise?plant=asclepias-asperula', 'Raise', 'juniper-wash');
    await page.getByText(/no winter cold enough for seed/).waitFor();
    await page
      .getByText(/winter containers: No winter cold here: its seed wants 30 days of it\. Chill it in the refrigerator\./)
      .waitFor();
    await page.getByRole('button', { name: /\d\. Seed, chilled and then indoors/ }).waitFor();
  });
});

describe('the planting day', () => {
  it('has a card for each planting with its hole, roots, depth, acidity and water, and what the day takes', async () => {
    await open('planting', 'Planting day');
    const card = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: /7 Stiff-leaved aster/ }) });
    await card.getByText('Hole 11 in wide and 5 in deep, no deeper than the root ball.').waitFor();
    await card.getByText('The bed has pH 5.6, it bears pH 4.5 to 6.5.').waitFor();
    await card.getByText('Level with the soil.').waitFor();
    await page.getByText('23 plants, 4 labels').waitFor();
    await page.getByText(/have buried cables, gas and water lines marked/).waitFor();
    await expectAccessible(page, 'the planting day');
  });
  it('takes only what is chosen, and remembers it', async () => {
    await page.getByText('What is planted: 4 of 4').click();
    await page.getByRole('checkbox', { name: '7 Stiff-leaved aster' }).uncheck();
    await page.getByText('16 plants, 3 labels').waitFor();
    await page.reload();
    await page.getByText('What is planted: 3 of 4').click();
    await page.getByRole('checkbox', { name: '7 Stiff-leaved aster' }).check();
    await page.getByText('23 plants, 4 labels').waitFor();
  });
  it('a press ticks a planting off, and it can be undone', async () => {
    await page.getByRole('button', { name: 'Planted 7 Stiff-leaved aster' }).click();
    await page.getByText('16 plants, 3 labels').waitFor();
    await undo();
    await page.getByText('23 plants, 4 labels').waitFor();
  });
  it('on paper each card is whole, without its presses', async () => {
    await page.emulateMedia({ media: 'print' });
    expect(
      await page
        .getByRole('button', { name: /^Planted/ })
        .first()
        .isVisible(),
    ).toBe(false);
    expect(await page.getByRole('button', { name: 'Print the sheet' }).isVisible()).toBe(false);
    await page.emulateMedia({ media: 'screen' });
  });
});

describe('the address of a batch', () => {
  const fields = { plant: 'asclepias-incarnata', method: 'winter-container', planned_on: '2027-12-21', units: 20 };
  it.each([
    ['no seeds', { ...fields, units: 0 }, 422],
    ['a day that is none', { ...fields, planned_on: '2027-02-30' }, 422],
    ['a plant the library does not have', { ...fields, plant: 'triffid' }, 422],
    ['a plant that is listed here', { ...fields, plant: 'lythrum-salicaria' }, 422],
    ['more up than sown', { ...fields, begun_on: '2027-12-21', looks: [{ on_day: '2028-05-01', up: 21 }] }, 422],
  ])('refuses %s with a sentence', async (_, body, status) => {
    const answer = await api('POST', '/batches', body);
    expect(answer.status).toBe(status);
    expect(((await answer.json()) as { message: string }).message).toMatch(/\w.*\./);
  });
  it('answers 404 for one that is not there, and 409 for one that was changed meanwhile', async () => {
    expect((await api('GET', '/batches/none')).status).toBe(404);
    expect((await api('DELETE', '/batches/none?revision=0')).status).toBe(404);
    const made = await api('POST', '/batches', fields);
    expect(made.status).toBe(201);
    const path = made.headers.get('location')!.replace(`/api/gardens/${KETTLE}`, '');
    expect((await api('PUT', path, { revision: 0, fields: { ...fields, units: 25 } })).status).toBe(200);
    expect((await api('PUT', path, { revision: 0, fields: { ...fields, units: 30 } })).status).toBe(409);
    expect(((await (await api('GET', path)).json()) as { units: number }).units).toBe(25);
    expect((await api('DELETE', `${path}?revision=1`)).status).toBe(200);
  });
});
