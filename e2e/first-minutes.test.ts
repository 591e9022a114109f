import { readFileSync } from 'node:fs';
import type { Browser } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { GLOSSARY } from '../core/words/glossary';
import { drawnWhole, expectAccessible, openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;

withApp((running) => ({ app, browser } = running));

/** A page that counts every press of a pointer and of Enter, and how often it was printed. */
async function counted(width: number, height: number): Promise<OpenPage> {
  const page = await openPage(browser, width, height);
  // A whole visit is one page of the application, so that what is counted is never lost to another.
  await page.goto(app.url);
  await page.evaluate(() => {
    const counts = { presses: 0, prints: 0 };
    Object.assign(window, { counts, print: () => void counts.prints++ });
    addEventListener('pointerdown', () => counts.presses++, true);
    addEventListener('keydown', (event) => event.key === 'Enter' && counts.presses++, true);
  });
  return page;
}
const counts = (page: OpenPage) =>
  page.evaluate(() => (window as unknown as { counts: { presses: number; prints: number } }).counts);
/** A search is seen through to its end, however busy the machine is. */
const PLANNED = { timeout: 150_000 };
/** A whole visit with a search in it. */
const VISIT = { timeout: 240_000 };

describe('the first ten minutes', () => {
  it('lead from the start page to a printed list for a bed in ten presses', VISIT, async () => {
    const page = await counted(1280, 800);
    await page.getByRole('link', { name: 'Make a garden' }).click();
    // The place is asked first, and may be typed at once.
    await page.getByLabel('Postal code').and(page.locator(':focus')).waitFor();
    await page.keyboard.type('02360');
    await page.keyboard.press('Enter');
    await page.getByText('Plymouth, MA').waitFor();
    await page.getByRole('button', { name: 'Make this garden' }).click();
    await page.waitForURL('**/gardens/garden-in-plymouth/targets');
    const first = page.getByRole('region', { name: 'Whom to begin with' });
    await first.getByRole('button', { name: 'Choose these 10' }).click();
    const bed = page.getByRole('dialog');
    await bed.getByRole('radio', { name: /^a parking space/ }).check();
    await bed.getByRole('radio', { name: /^mornings/ }).check();
    await bed.getByRole('button', { name: 'Add it and propose a plan' }).click();
    await page.waitForURL('**/plan/propose**');
    await page.getByRole('button', { name: 'Propose again' }).waitFor(PLANNED);
    // What it would cost stands with it, and is what the list comes to.
    const found = page.getByRole('status').filter({ hasText: /of 10 life cycles close/ });
    expect(await found.textContent()).toMatch(/\$\d/);
    await page.getByRole('button', { name: 'Take the whole plan' }).click();
    await page.getByRole('button', { name: 'Print the planting list' }).click();
    const { presses, prints } = await counts(page);
    expect(prints).toBe(1);
    expect(presses).toBeLessThanOrEqual(10);
    // What is planted stands on it by name.
    expect(await page.getByRole('row', { name: /planned/ }).count()).toBeGreaterThan(3);
    expect(page.faults).toEqual([]);
    await page.done();
  });

  it('lead a beginner with a phone to a printed list for a balcony of four pots in under forty taps', VISIT, async () => {
    const page = await counted(390, 844);
    await page.getByRole('link', { name: 'Make a garden' }).click();
    await page.getByLabel('Postal code').click();
    await page.keyboard.type('21218');
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByText('Baltimore, MD').waitFor();
    await page.getByRole('radio', { name: /^a balcony/ }).check();
    await page.getByLabel('cats').check();
    await page.getByRole('button', { name: 'Make this garden' }).click();
    await page.waitForURL('**/gardens/balcony-in-baltimore/targets');
    const first = page.getByRole('region', { name: 'Whom to begin with' });
    await first.getByText('in four ordinary pots in the sun').waitFor();
    await expectAccessible(page, 'first set on a phone');
    await first.getByRole('button', { name: /^Choose these/ }).click();
    const pots = page.getByRole('dialog');
    await pots.getByRole('button', { name: 'One more' }).click();
    await expectAccessible(page, 'new pots on a phone', { within: '[role=dialog]' });
    await pots.getByRole('button', { name: 'Add it, and another' }).click();
    await pots.getByText('Added: Round pots.').waitFor();
    await pots.getByRole('radio', { name: 'trough or box' }).check();
    await pots.getByRole('button', { name: 'Add it, and another' }).click();
    await pots.getByText('Added: Round pots, Trough.').waitFor();
    await pots.getByRole('radio', { name: 'half-barrel' }).check();
    // A wet half-barrel of 60 cm weighs 118.7 kg: 262 pounds.
    await pots.getByText(/about 26[12](\.\d)? lb/).waitFor();
    await pots.getByText('ask whoever manages the building').waitFor();
    await pots.getByRole('button', { name: 'Add it and propose a plan' }).click();
    await page.getByRole('button', { name: 'Propose again' }).waitFor(PLANNED);
    await page.getByRole('button', { name: 'Take the whole plan' }).click();
    await page.getByRole('button', { name: 'Print the planting list' }).click();
    const { presses, prints } = await counts(page);
    expect(prints).toBe(1);
    expect(presses).toBeLessThan(40);
    // Nothing of it is poisonous to the cat it was said to be for.
    expect(await page.getByText('A danger to the cats').count()).toBe(0);
    expect(page.faults).toEqual([]);
    await page.done();
  });

  it('spare a balcony what it has not: a yard, a slope, pH and buried services', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(`${app.url}/gardens/balcony-in-baltimore/place`);
    await page.getByRole('heading', { name: 'Pots', exact: true }).waitFor();
    const parts = page.getByRole('navigation', { name: 'Parts of the place' });
    expect(await parts.getByRole('link').allTextContents()).toEqual(['Pots']);
    await page.getByText(/Wet, all pots together weigh about/).waitFor();
    await page.getByRole('button', { name: 'Add pots' }).click();
    const pots = page.getByRole('dialog');
    await pots.getByText('windy: a roof').waitFor({ state: 'attached' });
    expect(await pots.getByLabel('Wind').inputValue()).toBe('windy');
    expect(await pots.getByText('buried').count()).toBe(0);
    await pots.getByRole('button', { name: 'Cancel' }).click();
    expect(page.faults).toEqual([]);
    await page.done();
  });

  it('say of every creature not chosen what it would still ask of the plan', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(`${app.url}/gardens/garden-in-plymouth/targets`);
    const list = page.getByRole('region', { name: 'Table of targets' });
    const luna = list.getByRole('row', { name: /Luna moth/ });
    // Walnut, birch and sumac are more than a parking space has room for beside what is planned.
    await luna.getByText(/^Not on these beds: /).waitFor({ timeout: 60_000 });
    const rows = await list.getByRole('row').allTextContents();
    expect(
      rows.filter((text) => /Already served|Not on these beds|As a visitor|kinds? in flower|on \d/.test(text)).length,
    ).toBeGreaterThan(20);
    expect(page.faults).toEqual([]);
    await page.done();
  });

  it('take a bed by the tape, in soil that nobody has looked at, and say so', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(`${app.url}/gardens/garden-in-plymouth/place`);
    await page.getByRole('button', { name: 'Add a bed or pots' }).click();
    const bed = page.getByRole('dialog');
    await bed.getByLabel(/^or by the tape/).fill('10');
    await bed.getByLabel(/^by/).fill('6');
    await bed.getByText('60 sq ft').waitFor();
    await bed.getByLabel('Name').fill('By the gate');
    await bed.getByRole('radio', { name: /^damp/ }).check();
    await bed.getByRole('button', { name: 'Add it', exact: true }).click();
    const row = page.getByRole('row', { name: /By the gate/ });
    // The outwash sand of the coast, by the library; nobody has felt it.
    expect(await row.textContent()).toMatch(/60 sq ft.*sand, usual here.*5\.7, usual here.*4 of 5/);
    // What is put right in the full form is stated.
    await row.getByRole('button', { name: 'Change By the gate' }).click();
    const form = page.getByRole('dialog');
    await form.getByLabel('Soil texture').selectOption('clay');
    await form.getByRole('button', { name: 'Save' }).click();
    await page.getByText('By the gate saved.').waitFor();
    expect(await row.textContent()).toMatch(/clay(?!, usual)/);
    expect(page.faults).toEqual([]);
    await page.done();
  });
});

describe('many gardens', () => {
  it('are listed with their year in small and their score, found, sorted, tagged, copied and put away', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(app.url);
    const list = page.getByRole('region', { name: 'Table of gardens' });
    const row = (name: string) => list.getByRole('row').filter({ has: page.getByRole('link', { name, exact: true }) });
    // As Season says it.
    await row('Kettle Pond Commons').getByText('7 of 10 close').waitFor({ timeout: 30_000 });
    expect(await row('Kettle Pond Commons').locator('svg path').count()).toBeGreaterThan(10);

    await row('Kettle Pond Commons').getByText('More').click();
    await row('Kettle Pond Commons')
      .getByRole('button', { name: /without plants$/ })
      .click();
    await row('Kettle Pond Commons, copy').getByText('0 plantings').waitFor();
    await row('Kettle Pond Commons, copy').getByText('0 of 10 close').waitFor();

    await row('Juniper Wash').getByText('More').click();
    await row('Juniper Wash').getByRole('button', { name: 'Tags of Juniper Wash' }).click();
    await page.getByLabel('Tags of Juniper Wash, with commas between').fill('school, desert');
    await page.getByRole('button', { name: 'Save' }).click();
    await row('Juniper Wash').getByText('school · desert').waitFor();
    await page.getByLabel('Find').fill('desert');
    await expect.poll(() => list.getByRole('row').count()).toBe(2);
    await page.getByLabel('Find').fill('nowhere');
    await page.getByText('No garden answers to that').waitFor();
    await page.getByRole('button', { name: 'Show all' }).click();
    await page.getByLabel('Sorted by').selectOption('name');
    const names = async () => (await list.locator('tbody th a').allTextContents()).map((name) => name.trim());
    expect(await names()).toEqual([...(await names())].sort((a, b) => a.localeCompare(b)));
    await expectAccessible(page, 'the list of gardens');

    await row('Juniper Wash').getByText('More').click();
    await row('Juniper Wash').getByRole('button', { name: 'Archive Juniper Wash' }).click();
    await page.getByText('Juniper Wash is archived.').waitFor();
    await expect.poll(() => row('Juniper Wash').count()).toBe(0);
    await page.getByRole('button', { name: 'Show the archived (1)' }).click();
    await row('Juniper Wash').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Back to the gardens in use' }).click();
    await row('Juniper Wash').waitFor();
    expect(page.faults).toEqual([]);
    await page.done();
  });

  it('come in several at a time, none under a name that another has; a bad one keeps none of the others back', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(app.url);
    const file = (name: string, text: string) => ({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
    const demo = readFileSync('demo/juniper-wash.json', 'utf8');
    await page
      .getByLabel('Import garden files')
      .setInputFiles([file('a.json', demo), file('b.json', '{'), file('c.json', demo), file('d.json', '{"format":"other"}')]);
    await page.getByText('Juniper Wash 2, Juniper Wash 3 imported.').waitFor();
    await page.getByText('b.json is not a garden file').waitFor();
    await page.getByText(/^d\.json: /).waitFor();
    expect(page.faults).toEqual([]);
    await page.done();
  });

  it('open where one left off', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(`${app.url}/gardens/juniper-wash/plan/shopping`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.goto(app.url);
    await page.getByRole('link', { name: 'Go on: Juniper Wash, Plan' }).click();
    await page.waitForURL('**/juniper-wash/plan/shopping');
    await page.done();
  });
});

describe('a word', () => {
  /** What stands on these screens of the words of the trade and of the house, each of which has its sentence there. */
  it.each([
    '/new-garden',
    '/gardens/kettle-pond-commons/targets',
    '/gardens/kettle-pond-commons/place',
    '/gardens/kettle-pond-commons/plan',
    '/gardens/kettle-pond-commons/plan/propose',
    '/gardens/kettle-pond-commons/season',
  ])('of %s has its sentence there', async (path) => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(app.url + path);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await drawnWhole(page);
    const text = (await page.locator('main').innerText()).toLowerCase();
    const explained = new Set(
      await page.locator('[data-word]').evaluateAll((marks) => marks.map((mark) => mark.getAttribute('data-word'))),
    );
    const missing = Object.keys(GLOSSARY).filter(
      (word) => new RegExp(`\\b${word.toLowerCase()}s?\\b`).test(text) && !explained.has(word),
    );
    expect(missing).toEqual([]);
    await page.done();
  });
  it('is explained on tap, focus and hover, and the marks can be switched off', async () => {
    const page = await openPage(browser, 1280, 800);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/targets`);
    const mark = page.getByRole('button', { name: 'Ambition' });
    const note = page.getByRole('tooltip');
    await mark.hover();
    await note.getByText('what you want of a creature').waitFor();
    await page.mouse.move(5, 700);
    await note.waitFor({ state: 'detached' });
    await mark.focus();
    await note.waitFor();
    await page.keyboard.press('Escape');
    await note.waitFor({ state: 'detached' });
    await mark.click();
    await note.waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Settings' }).click();
    await page.getByLabel('explain words where they stand').uncheck();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect.poll(() => page.getByRole('button', { name: 'Ambition' }).count()).toBe(0);
    expect(page.faults).toEqual([]);
    await page.done();
  });
});
