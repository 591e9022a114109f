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
const why = (query = '', garden = KETTLE) => `${app.url}/gardens/${garden}/log/why${query}`;
const heading = (name: string) => page.getByRole('heading', { level: 1, name });
const undo = () => page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
const causes = () => page.getByRole('region', { name: 'What it may be' }).getByRole('listitem');
const look = () => page.getByRole('region', { name: /^The look that tells most/ });
const answer = (said: string) => look().getByRole('button', { name: said, exact: true }).click();
const api = (method: string, path: string, body?: unknown) =>
  fetch(`${app.url}/api/gardens/${KETTLE}${path}`, {
    method,
    headers: { 'content-type': 'application/json', origin: app.url },
    body: body === undefined ? undefined : JSON.stringify(body),
  });

describe('what is seen', () => {
  it('is chosen by plant and in pictures by the part it is seen on', async () => {
    await page.goto(why());
    await heading('Why').waitFor();
    await page.getByRole('button', { name: 'Leaves eaten to a net of veins' }).waitFor();
    await expectAccessible(page, 'what is seen');
    // Of a plant only what is seen on such plants is offered.
    await page.getByLabel('Which plant').selectOption({ label: '9 Swamp milkweed' });
    await page.getByRole('button', { name: 'Brown at the edge or tip of the leaf' }).waitFor();
    await page.getByRole('button', { name: 'Bark gnawed, rubbed or split' }).waitFor({ state: 'detached' });
    await page.getByRole('button', { name: 'On a creature' }).click();
    await page.getByRole('button', { name: 'Adults come and never lay' }).waitFor();
    await page.getByLabel('Which creature').selectOption({ label: 'Ruby-throated hummingbird' });
    await page.getByRole('button', { name: 'No hummingbirds in spring' }).waitFor();
    await page.getByRole('button', { name: 'Adults come and never lay' }).waitFor({ state: 'detached' });
  });
  it('that no library knows is said so, and the pictures stand there', async () => {
    await page.goto(why('?symptom=hiccups'));
    await page.getByRole('alert').filter({ hasText: 'no such symptom' }).waitFor();
    await page.getByRole('button', { name: 'It wilts' }).waitFor();
  });
});

describe('a question', () => {
  it('has its causes with what speaks for them, what to heed first, and one look that tells most', async () => {
    await page.goto(why('?of=asclepias-incarnata&symptom=eaten-to-stems'));
    await heading('Eaten down to the stems').waitFor();
    await page.getByRole('region', { name: 'Before you do anything' }).getByText('Look for caterpillars').waitFor();
    await page.getByText('The milky sap hurts eyes').waitFor();
    await page.getByText('its label is the law').waitFor();
    await causes().first().getByText('It is a host of Monarch').waitFor();
    await look().getByRole('button', { name: 'Yes' }).waitFor();
    expect(await look().count()).toBe(1);
    await expectAccessible(page, 'a question');
  });
  it('moves with the answers, which can be taken back, and the address holds them', async () => {
    const question = () => look().locator('p').first().textContent();
    expect(await question()).toContain('bitten off or torn');
    await answer('Yes');
    await causes().first().getByText('Rabbits or deer').waitFor();
    await page.getByText('One cause leads clearly.').waitFor();
    expect(page.url()).toContain('yes=bitten');
    await page.reload();
    await causes().first().getByText('Rabbits or deer').waitFor();
    await page.getByRole('button', { name: /^Take back/ }).click();
    await look().waitFor();
    await answer('No');
    await page.waitForURL(/no=bitten/);
    await causes().first().getByText('Its own caterpillars').waitFor();
    await page.goBack();
    await look().getByText('bitten off or torn').waitFor();
  });
  it('that cannot be answered is passed over, and can be asked again', async () => {
    await page.goto(why('?of=lobelia-cardinalis&symptom=leaf-spots'));
    const first = await look().locator('p').first().textContent();
    await answer('I cannot say');
    await expect.poll(() => look().locator('p').first().textContent()).not.toBe(first);
    await page.getByRole('button', { name: 'Ask again what could not be said (1)' }).click();
    await expect.poll(() => look().locator('p').first().textContent()).toBe(first);
  });
  it('of nobody in particular can be given its plant in place', async () => {
    await page.goto(why('?symptom=yellow-veins'));
    await page.getByText('Of a plant or creature that was not named').waitFor();
    await page.getByLabel('Which plant').selectOption({ label: '1 Sweet pepperbush' });
    await heading('Yellow between green veins').waitFor();
    await page.getByText(/^Sweet pepperbush, The swale/).waitFor();
    expect(page.url()).toContain('symptom=yellow-veins');
  });
  it('of what is as it should be says so and cures nothing', async () => {
    await page.goto(why('?of=asclepias-incarnata&symptom=soft-insects'));
    await causes().first().getByText('Orange aphids on milkweed: usual guests').waitFor();
    await causes().first().getByText('That is how it should be.').waitFor();
    await page.getByRole('button', { name: 'That is it: leave it' }).waitFor();
  });
});

describe('a case', () => {
  it('is opened by acting on a cause, becomes a task, is asked about again and closed', async () => {
    await page.goto(why('?of=lobelia-cardinalis&symptom=wilting&yes=soil-dry'));
    await causes().first().getByText('The soil is dry').waitFor();
    await page.getByRole('button', { name: 'I do this' }).click();
    await page.getByRole('group', { name: 'Did it help: It wilts' }).waitFor();
    await page.getByText(/asked again 5 June/).waitFor();
    await page.getByLabel('Note').fill('In the lower third of the swale.');
    await page.getByLabel('Note').press('Enter');
    await page.getByText('Note saved.').waitFor();
    await page.goto(`${app.url}/gardens/${KETTLE}/work`);
    const task = page.getByRole('listitem').filter({ hasText: 'Remedy: it wilts: the soil is dry' }).first();
    await task.waitFor();
    await task.getByRole('button', { name: /^Remedy/ }).click();
    await task.getByText('Water slowly at the base until it is wet a finger deep.').waitFor();
    await task.getByRole('link', { name: 'Open the case' }).click();
    await heading('It wilts').waitFor();
    await page.getByRole('button', { name: 'It helped', exact: true }).click();
    await page.getByText(/The soil is dry: It helped, 8 May 2027/).waitFor();
    await page.getByRole('button', { name: 'Something else is seen' }).click();
    const closed = page.getByRole('region', { name: /^Cases that are closed/ });
    await closed.getByRole('link', { name: 'It wilts: Cardinal flower' }).waitFor();
    await undo();
    await page
      .getByRole('region', { name: /^Open cases/ })
      .getByRole('link', { name: 'It wilts: Cardinal flower' })
      .click();
    await page.getByRole('button', { name: 'Remove this case' }).click();
    await page.getByText('The case is removed.').waitFor();
    expect(await page.getByRole('link', { name: 'It wilts: Cardinal flower' }).count()).toBe(0);
  });
  it('of the demo garden asks in Work whether it helped', async () => {
    await page.goto(`${app.url}/gardens/${KETTLE}/work`);
    const task = page.getByRole('listitem').filter({ hasText: 'Did it help?' }).first();
    await task.getByRole('button', { name: /^Did it help/ }).click();
    await task.getByRole('button', { name: 'It helped a little' }).click();
    await page.getByText(/it helped a little\.$/).waitFor();
    await undo();
    await page.getByRole('listitem').filter({ hasText: 'Did it help?' }).first().waitFor();
  });
  it('stands with its plant and its bed', async () => {
    await page.goto(`${app.url}/gardens/${KETTLE}/library/plants/asclepias-incarnata`);
    await page
      .getByRole('region', { name: /^What was wrong here/ })
      .getByRole('link', { name: /^Eaten down to the stems/ })
      .waitFor();
    await page.getByRole('link', { name: 'Ask why, by what is seen on it' }).click();
    await heading('Why').waitFor();
    await page.goto(`${app.url}/gardens/${KETTLE}/place`);
    await page.getByRole('link', { name: 'The swale' }).first().click();
    await page
      .getByRole('region', { name: /^What was wrong here/ })
      .getByRole('link', { name: /^Eaten down/ })
      .waitFor();
  });
});

describe('a decision', () => {
  it('shows its effect before it is pressed, and is undone', async () => {
    await page.goto(why('?of=aquilegia-canadensis&symptom=few-flowers'));
    await page.getByRole('button', { name: 'More, move, raise, replace or do without' }).click();
    const decide = page.getByRole('region', { name: /^Or decide about 10/ });
    const row = (name: string) => decide.getByRole('listitem').filter({ has: page.getByRole('button', { name }) });
    await row('Do without it')
      .getByText(/need.* served less|opens/)
      .waitFor();
    await row('More of it').getByText('$').waitFor();
    expect(await row('Move it').getByRole('button').isDisabled()).toBe(true);
    await row('Raise more from it')
      .getByText(/a year/)
      .waitFor();
    await expectAccessible(page, 'decisions');
    await row('Do without it').getByRole('button').click();
    await page.getByText('Eastern red columbine is done without.').waitFor();
    await undo();
    await page.getByRole('button', { name: 'More, move, raise, replace or do without' }).click();
    await row('Raise more from it').getByRole('button').click();
    await heading('Raise').waitFor();
    await page.getByRole('heading', { name: 'Eastern red columbine' }).waitFor();
  });
});

describe('the weekly look', () => {
  it('says quietly in the log that something may be going wrong', async () => {
    await page.goto(`${app.url}/gardens/${KETTLE}/log`);
    await page.getByText(/The weekly look found 2 things/).waitFor();
    await page.getByRole('link', { name: 'Look at Why' }).click();
    const looked = page.getByRole('region', { name: /^Looked over on Monday 3 May 2027/ });
    await looked.getByText('The hosts of Baltimore checkerspot are too few to be found: 38 % of a patch.').waitFor();
    await looked.getByRole('button', { name: 'Ask why Baltimore checkerspot' }).click();
    await causes().first().getByText('Too few hosts to be found').waitFor();
    await page.goBack();
    await looked.getByRole('button', { name: 'Not now Baltimore checkerspot' }).click();
    await expect.poll(() => looked.getByRole('listitem').count()).toBe(1);
    await undo();
    await expect.poll(() => looked.getByRole('listitem').count()).toBe(2);
  });
});

describe('why is asked', () => {
  it('from the reasons of a creature and of a plant, and found by its words', async () => {
    await page.goto(`${app.url}/gardens/${KETTLE}/log/stages`);
    await page.getByRole('button', { name: 'Baltimore checkerspot' }).first().click();
    await page
      .getByRole('complementary', { name: 'Reasons' })
      .getByRole('link', { name: 'Why does it not come, or not breed?' })
      .click();
    await page.getByLabel('Which creature').waitFor();
    expect(await page.getByLabel('Which creature').inputValue()).toBe('of euphydryas-phaeton');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Find', exact: false }).first().click();
    await page.getByLabel('What to find').fill('yellow veins');
    await page.getByRole('option', { name: /Yellow between green veins/ }).click();
    await heading('Yellow between green veins').waitFor();
  });
  it('on a phone, with one question at a time and presses a thumb can hit', async () => {
    const phone = await openPage(browser, 390, 844);
    await phone.goto(why('?of=petroselinum-crispum&symptom=wilting', 'fourth-floor-brickyard-row'));
    await phone.getByText('Eggs and caterpillars may be on it now (Black swallowtail)').waitFor();
    const yes = phone.getByRole('button', { name: 'Yes', exact: true });
    expect(await yes.count()).toBe(1);
    expect((await yes.boundingBox())!.height).toBeGreaterThanOrEqual(44);
    await yes.click();
    await phone
      .getByRole('region', { name: 'What it may be' })
      .getByRole('listitem')
      .first()
      .getByText('The soil is dry')
      .waitFor();
    await phone.getByText('Is the soil dry a finger deep? Yes').first().waitFor();
    expect(phone.faults).toEqual([]);
    await phone.close();
  });
});

describe('the address of a case', () => {
  it('takes only what the library knows, and answers each fault in a sentence', async () => {
    const fields = { symptom: 'wilting', of: 'lobelia-cardinalis', seen_on: '2027-05-08' };
    const refused: [object, RegExp][] = [
      [{ ...fields, symptom: 'hiccups' }, /no symptom “hiccups”/],
      [{ ...fields, of: 'triffid' }, /no plant or creature “triffid”/],
      [{ ...fields, cause: 'its-larvae' }, /no cause of that symptom/],
      [{ ...fields, answers: [{ check: 'oracle', yes: true, on_day: '2027-05-08' }] }, /no check “oracle”/],
      [{ ...fields, outcome: 'helped' }, /closed on a day/],
    ];
    for (const [body, sentence] of refused) {
      const answer = await api('POST', '/cases', body);
      expect(answer.status).toBe(422);
      expect(await answer.text()).toMatch(sentence);
    }
    expect((await api('GET', '/cases/none')).status).toBe(404);
    const made = await api('POST', '/cases', fields);
    expect(made.status).toBe(201);
    const { cases } = (await made.json()) as { cases: { id: string; revision: number; symptom: string }[] };
    const row = cases.find((one) => one.symptom === 'wilting')!;
    expect((await api('PUT', `/cases/${row.id}`, { fields, revision: 7 })).status).toBe(409);
    expect((await api('DELETE', `/cases/${row.id}?revision=${row.revision}`)).status).toBe(200);
  });
});
