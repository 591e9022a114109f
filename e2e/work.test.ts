import { readFileSync } from 'node:fs';
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
const BALCONY = 'fourth-floor-brickyard-row';
const JUNIPER = 'juniper-wash';
const open = async (garden: string, part = '', heading = 'What to do now', on: OpenPage = page) => {
  await on.goto(`${app.url}/gardens/${garden}/work${part}`);
  await on.getByRole('heading', { level: 1, name: heading }).waitFor();
};
const section = (name: string) => page.getByRole('region', { name: new RegExp(`^${name}`) });
const undo = () => page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
const station = () => page.getByRole('link', { name: /^Work/ });
const toDo = async () => Number(/(\d+) to do/.exec((await station().textContent()) ?? '')?.[1] ?? 0);
const download = async (press: () => Promise<void>) => {
  const [file] = await Promise.all([page.waitForEvent('download'), press()]);
  return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
};

describe('a week in May', () => {
  it('stands under its heads, each task with its bed, window and minutes', async () => {
    await open(KETTLE);
    await page.getByText('Saturday, 8 May 2027').waitFor();
    // Little bluestem is cut before its new blades: until the last frost, 28 April on average.
    const late = section('Late');
    await late.getByText('7 Little bluestem', { exact: true }).waitFor();
    await late.getByText('should have been done by 28 April').waitFor();
    const week = section('This week');
    await week.getByRole('heading', { name: 'The swale' }).waitFor();
    // Cardinal flower of 2024 is parted every third year, until two weeks after the last frost.
    await week.getByRole('button', { name: 'Divide: 7 Cardinal flower', exact: true }).waitFor();
    await week.getByText('until 12 May').first().waitFor();
  });

  it('a task is ticked with one press, which can be taken back', async () => {
    const before = await toDo();
    await page.getByRole('button', { name: 'Done: Cut last year’s stems: 7 Little bluestem, South bank' }).click();
    await section('Late').waitFor({ state: 'detached' });
    expect(await toDo()).toBe(before - 1);
    await page.getByText('Ticked and skipped').click();
    await page
      .getByText(/Cut last year’s stems: 7 Little bluestem, South bank/)
      .first()
      .waitFor();
    await undo();
    await section('Late').getByText('7 Little bluestem', { exact: true }).waitFor();
    expect(await toDo()).toBe(before);
    await page
      .getByText(/Cut last year’s stems: 7 Little bluestem, South bank/)
      .first()
      .waitFor();
    expect(await page.getByRole('button', { name: /Take back.*Little bluestem/ }).count()).toBe(0);
  });

  it('its how opens in place, its reasons beside it', async () => {
    const divide = section('This week').getByRole('button', { name: 'Divide: 7 Cardinal flower', exact: true });
    await divide.click();
    await page.getByText('Part the rosettes in spring, each with its roots.').waitFor();
    expect(await divide.getAttribute('aria-expanded')).toBe('true');
    await divide.click();
    await page.getByRole('button', { name: /Why.*Divide: 7 Cardinal flower/ }).click();
    const reasons = page.getByRole('complementary', { name: 'Reasons' });
    await reasons.getByText('The mother plant lives two or three years; its offsets carry on.').waitFor();
    await reasons.getByText(/every lobelia-cardinalis/).waitFor();
    await expectAccessible(page, 'the reasons of a task');
    await page.keyboard.press('Escape');
    await reasons.waitFor({ state: 'detached' });
  });

  it('can be skipped, and put off', async () => {
    const task = section('This week').getByRole('listitem').filter({ hasText: 'Divide: 7 Cardinal flower' });
    await task.getByRole('button', { name: 'Divide: 7 Cardinal flower', exact: true }).click();
    await task.getByLabel('Put it off').selectOption({ label: 'by two weeks' });
    await section('Coming weeks').getByText('from 22 May').first().waitFor();
    await undo();
    await task.getByRole('button', { name: 'Divide: 7 Cardinal flower', exact: true }).waitFor();
    if ((await task.getByRole('button', { name: 'Skip it this time' }).count()) === 0)
      await task.getByRole('button', { name: 'Divide: 7 Cardinal flower', exact: true }).click();
    await task.getByRole('button', { name: 'Skip it this time' }).click();
    await task.waitFor({ state: 'detached' });
    await undo();
    await task.waitFor();
  });

  it('two hours are filled with what loses least, and the rest has its price', async () => {
    await page.getByRole('button', { name: 'I have some time' }).click();
    const list = page.getByRole('region', { name: 'What fits into the time there is' });
    await list.getByText(/tasks, about 1 h 5\d|tasks, about 2 h/).waitFor();
    await list.getByLabel('I have').selectOption({ label: '15 min' });
    // Water keeps plants alive: it comes first.
    await list.getByRole('listitem').filter({ hasText: 'Water' }).first().waitFor();
    await list
      .getByText(/its window closes in \d days/)
      .first()
      .waitFor();
    await expectAccessible(page, 'a day’s list');
    await list.getByRole('button', { name: 'Close' }).click();
  });

  it('a task of one’s own comes again, and is removed with what was said of it', async () => {
    await page.getByRole('button', { name: 'Add a task' }).click();
    const form = page.getByRole('form', { name: 'A task of your own' });
    await form.getByRole('button', { name: 'Add it' }).click();
    await form.getByText('Say what is to be done.').waitFor();
    await form.getByLabel('What is to be done').fill('Sharpen the secateurs');
    await form.getByLabel('Again after days').fill('14');
    await form.getByLabel('Minutes').fill('20');
    await form.getByRole('button', { name: 'Add it' }).click();
    const own = page.getByRole('listitem').filter({ hasText: 'Sharpen the secateurs' });
    await own.getByRole('button', { name: 'Done: Sharpen the secateurs' }).click();
    // Every fourteen days: from 8 May to the 22nd.
    await section('Coming weeks').getByText('from 22 May, every 14 days').waitFor();
    await section('Coming weeks').getByRole('button', { name: 'Sharpen the secateurs', exact: true }).click();
    await page.getByRole('button', { name: 'Remove this task' }).click();
    await own.first().waitFor({ state: 'detached' });
    await undo();
    await section('Coming weeks').getByRole('button', { name: 'Sharpen the secateurs', exact: true }).waitFor();
    await undo();
    await undo();
    await own.first().waitFor({ state: 'detached' });
  });

  it('released predators bring their own interval', async () => {
    await page.getByRole('button', { name: 'Add a task' }).click();
    const form = page.getByRole('form', { name: 'A task of your own' });
    await form.getByRole('button', { name: /released predators/ }).click();
    expect(await form.getByLabel('Again after days').inputValue()).toBe('28');
    await form.getByRole('button', { name: 'Cancel' }).click();
  });

  it('goes out as a calendar, as a table and on paper', async () => {
    await page.getByRole('button', { name: 'Calendar and table' }).click();
    const all = await download(() => page.getByRole('menuitem', { name: 'iCalendar, all of a year' }).click());
    expect(all.name).toBe('kettle-pond-commons-work.ics');
    expect(all.text).toMatch(/^BEGIN:VCALENDAR/);
    expect(all.text).toContain('SUMMARY:Divide: 7 Cardinal flower');
    // From 28 April less three weeks to two weeks after it; the file gives the day after.
    expect(all.text).toMatch(/DTSTART;VALUE=DATE:20270407\r\n/);
    expect(all.text).toMatch(/DTEND;VALUE=DATE:20270513\r\n/);
    await page.getByRole('button', { name: 'Calendar and table' }).click();
    const some = await download(() => page.getByRole('menuitem', { name: 'iCalendar, only divide' }).click());
    expect(new Set(some.text.match(/CATEGORIES:.*/g)!.map((line) => line.trim()))).toEqual(new Set(['CATEGORIES:Divide']));
    await page.getByRole('button', { name: 'Calendar and table' }).click();
    const csv = await download(() => page.getByRole('menuitem', { name: 'CSV' }).click());
    const [head, ...rows] = csv.text.trim().split('\n');
    expect(head).toBe('from,until,work,bed,plants,minutes,amount,with,how,why');
    expect(rows.some((row) => row.startsWith('2027-04-07,2027-05-12,Divide,The swale,7 Cardinal flower,35,'))).toBe(true);
    await page.evaluate(() => Object.assign(window, { printed: 0, print: () => ((window as { printed?: number }).printed = 1) }));
    await page.getByRole('button', { name: 'Print the sheet' }).click();
    expect(await page.evaluate(() => (window as { printed?: number }).printed)).toBe(1);
  });

  it('can be gone through by keyboard alone', async () => {
    await page.goto(`${app.url}/gardens/${KETTLE}/season`);
    await page.getByRole('heading', { level: 1, name: 'Season' }).waitFor();
    await page.keyboard.press('7');
    await page.getByRole('heading', { level: 1, name: 'What to do now' }).waitFor();
    const tick = page.getByRole('button', { name: 'Done: Cut last year’s stems: 7 Little bluestem, South bank' });
    await tick.focus();
    await page.keyboard.press('Enter');
    await section('Late').waitFor({ state: 'detached' });
    await page.keyboard.press('Control+z');
    await section('Late').waitFor();
  });
});

describe('the balcony in October', () => {
  it('is warned of the night that is too cold, and what goes in comes due on the day before it', async () => {
    await open(BALCONY);
    const warnings = page.getByRole('list', { name: 'Warnings' });
    await warnings.getByText(/Bring in Scarlet sage \(Troughs at the rail\)/).waitFor();
    await page.getByRole('link', { name: 'Weather', exact: true }).click();
    // The night of the 15th falls to 3 °C, the most it bears: on the 14th it has to go in.
    await page.getByRole('button', { name: 'A day on' }).click();
    await page.getByText('stands at 14 October 2026').waitFor();
    await page.getByRole('link', { name: 'What to do now' }).click();
    await section('Today').getByRole('button', { name: 'Bring in: 5 Scarlet sage', exact: true }).click();
    await page.getByText('Look under the leaves first: eggs and larvae are moved to a plant that stays out').waitFor();
    await page.getByRole('button', { name: 'Done: Bring in: 5 Scarlet sage, Troughs at the rail' }).click();
    await page.getByText(/Bring in Scarlet sage/).waitFor({ state: 'detached' });
  });
});

describe('the dry spell of June', () => {
  it('names what each bed lacks, and is over where it is watered or rains', async () => {
    await open(JUNIPER);
    await page
      .getByRole('list', { name: 'Warnings' })
      .getByText(/A dry spell: \d+ days without rain/)
      .waitFor();
    const water = section('Today').getByRole('button', { name: /^Done: Water: what is dry/ });
    const beds = await water.count();
    expect(beds).toBeGreaterThan(1);
    await page.getByRole('button', { name: 'Done: Water: what is dry, North wall' }).click();
    await expect.poll(() => water.count()).toBe(beds - 1);
    await undo();
    await expect.poll(() => water.count()).toBe(beds);
    await page.getByRole('link', { name: 'Weather', exact: true }).click();
    await page.getByLabel('Rain (in)').fill('1.5');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await page
      .getByRole('row', { name: /Tuesday 16 June|today/ })
      .getByText('1.5 in')
      .waitFor();
    await page.getByText('It rained today.').first().waitFor();
    await page.getByRole('link', { name: 'What to do now' }).click();
    await expect.poll(() => water.count()).toBe(0);
    await undo();
    await expect.poll(() => water.count()).toBe(beds);
  });

  it('takes many days from a CSV, all or none of them', async () => {
    await open(JUNIPER, '/weather', 'Weather');
    const file = page.locator('input[type=file]');
    const csv = (text: string) => ({ name: 'days.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await file.setInputFiles(csv('date,low_c,high_c,rain_mm\n2026-06-10,12,30,\n2026-06-11,40,30,2\n'));
    await page.getByText('Row 3: The lowest temperature is above the highest.').waitFor();
    await file.setInputFiles(csv('day,rain_mm\n2026-06-10,3\n'));
    await page.getByText('The column date is missing.').waitFor();
    await file.setInputFiles(csv('date,low_c,high_c,rain_mm\n2026-06-10,12,30,\n2026-06-11,,,25.4\n'));
    await page
      .getByRole('row', { name: /11 June/ })
      .getByText('1 in')
      .waitFor();
    // A day corrected is written over; one deleted is the station's again.
    await page.getByRole('button', { name: /Delete your reading of 11 June/ }).click();
    await expect.poll(() => page.getByText('yours').count()).toBe(1);
  });
});

it('on a phone Work stands at the bottom, and says what is due', async () => {
  const phone = await openPage(browser, 390, 844);
  await open(KETTLE, '', 'What to do now', phone);
  await phone
    .getByRole('navigation', { name: 'Stations of the work' })
    .getByRole('link', { name: /Work \d+ to do/ })
    .waitFor();
  await phone.getByRole('button', { name: 'Done: Cut last year’s stems: 7 Little bluestem, South bank' }).click();
  await phone.getByRole('region', { name: /^Late/ }).waitFor({ state: 'detached' });
  await expectAccessible(phone, 'work on a phone');
  expect(phone.faults).toEqual([]);
  await phone.done();
  await app.undo(KETTLE);
});

it('a garden in which something grows opens at its work; one without says what comes first', async () => {
  await page.goto(`${app.url}/gardens/${KETTLE}`);
  await page.waitForURL('**/work');
  const { body } = await app.call('POST', '/api/gardens', {
    ...(await app.call('GET', `/api/gardens/${KETTLE}`)).body.garden,
    id: undefined,
    revision: undefined,
    name: 'Bare lot',
    yard: null,
    clock: null,
  });
  await page.goto(`${app.url}/gardens/${body.garden.id}/work`);
  await page.getByText('Nothing is planted or planned yet').waitFor();
  await page.getByRole('link', { name: 'Have a plan proposed' }).waitFor();
});
