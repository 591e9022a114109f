import { readFileSync } from 'node:fs';
import { unzipSync, strFromU8 } from 'fflate';
import type { Browser } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { darwinCoreFaults } from '../core/testing/darwin-core-rules';
import { expectAccessible, openPage, withPage, type OpenPage } from './browser';
import type { RunningApp } from './running-app';

const KETTLE = '/gardens/kettle-pond-commons';
const API = `/api${KETTLE}`;
let app: RunningApp;
let browser: Browser;
let page: OpenPage;
withPage((running) => ({ app, browser, page } = running));
const main = () => page.locator('main');
const dialog = () => page.getByRole('dialog');
/** The entries of the log, the last written one last. */
async function logOf() {
  const { columns, rows } = (await app.call('GET', `${API}/log`)).body as { columns: string[]; rows: unknown[][] };
  return rows.map((row) => Object.fromEntries(columns.map((column, i) => [column, row[i]]))) as Record<string, never>[];
}
async function openLog(part = '') {
  await page.goto(`${app.url}${KETTLE}/log${part}`);
  await main().getByRole('heading', { level: 1 }).waitFor();
}

describe('writing down what is seen', () => {
  it('by keyboard: n, a number and a name, Enter, Enter', async () => {
    await page.goto(`${app.url}${KETTLE}/season`);
    await page.getByRole('heading', { name: 'Season', level: 1 }).waitFor();
    await page.keyboard.press('n');
    await dialog().getByLabel('Who was it').waitFor();
    await page.waitForFunction(() => document.activeElement?.id === 'who');
    await page.keyboard.type('3 spicebush');
    await page.keyboard.press('Enter');
    await dialog().getByText('Spicebush swallowtail', { exact: true }).waitFor();
    await page.waitForFunction(() => document.activeElement?.textContent?.trim() === 'Save');
    await page.keyboard.press('Enter');
    await dialog().waitFor({ state: 'detached' });
    await page.getByText(/^Spicebush swallowtail: 3, nectaring on /).waitFor();
    const last = (await logOf()).at(-1)!;
    expect(last).toMatchObject({ what: 'adult', of: 'papilio-troilus', count: 3, doing: 'nectaring', on_day: '2027-05-08' });
    // The weather of the garden's day was filled in.
    expect(typeof last.temp_c).toBe('number');
    await app.undo('kettle-pond-commons');
  });
  it('by thumb: three presses for the usual', async () => {
    const phone = await openPage(browser, 390, 844);
    await phone.goto(`${app.url}${KETTLE}/log`);
    await phone.getByRole('heading', { name: 'Log', level: 1 }).waitFor();
    await phone.getByRole('button', { name: 'Write down what you see' }).click();
    await phone.getByRole('button', { name: /^Black swallowtail.*nectaring on Moss phlox/ }).click();
    await phone.getByRole('button', { name: 'Save', exact: true }).click();
    await phone.getByText('Black swallowtail: 1, nectaring on Moss phlox.').waitFor();
    expect((await logOf()).at(-1)).toMatchObject({ of: 'papilio-polyxenes', plant: 'phlox-subulata', count: 1 });
    expect(phone.faults).toEqual([]);
    await phone.done();
    await app.undo('kettle-pond-commons');
  });
  it('asks for the one mark that tells two apart, and takes the other where that is it', async () => {
    await openLog();
    await page.keyboard.press('n');
    await dialog().getByLabel('Who was it').fill('american lady');
    await page.keyboard.press('Enter');
    await dialog().getByText('Eyespots on the underside of the hindwing:').waitFor();
    await expectAccessible(page, 'a sighting');
    await dialog().getByRole('button', { name: 'four small ones in a row' }).click();
    await dialog().getByText('Painted lady', { exact: true }).first().waitFor();
    await page.keyboard.press('Escape');
    await dialog().waitFor({ state: 'detached' });
  });
  it('whose name is not known, by what is remembered of it', async () => {
    await openLog();
    await page.getByRole('button', { name: 'Write down what you see' }).click();
    await dialog().getByRole('button', { name: 'I do not know its name' }).click();
    await dialog().getByRole('button', { name: 'butterfly', exact: true }).click();
    await dialog().getByRole('button', { name: 'small, like a thumbnail' }).click();
    await dialog().getByRole('button', { name: 'blue', exact: true }).click();
    await dialog()
      .getByRole('button', { name: /Eastern tailed-blue/ })
      .waitFor();
    expect(
      await dialog()
        .getByRole('button', { name: /Monarch/ })
        .count(),
    ).toBe(0);
    await dialog().getByRole('button', { name: 'Write down “a small blue butterfly”' }).click();
    await dialog().getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByText('a small blue butterfly: 1.').waitFor();
    await main().getByRole('rowheader', { name: 'a small blue butterfly' }).waitFor();
    await app.undo('kettle-pond-commons');
  });
  it('an entry is changed and removed again, each with undo', async () => {
    const row = (count: string) =>
      main().getByRole('row', { name: new RegExp(`^7 May 2027.*Black swallowtail ${count}, nectaring on Moss phlox`) });
    await openLog();
    await main().getByRole('button', { name: 'Change Black swallowtail: 1, nectaring on Moss phlox' }).click();
    await dialog().getByLabel('How many').fill('4');
    await dialog().getByRole('button', { name: 'Save', exact: true }).click();
    await row('4').waitFor();
    await main().getByRole('button', { name: 'Remove Black swallowtail: 4, nectaring on Moss phlox' }).click();
    await row('4').waitFor({ state: 'detached' });
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await row('4').waitFor();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await row('1').waitFor();
  });
  it('the list is narrowed by kind, year, bed and words', async () => {
    await openLog();
    const shown = () =>
      main()
        .getByText(/^\d+ shown$/)
        .innerText();
    await main().getByLabel('About').selectOption('walks');
    await main().getByLabel('Year').selectOption('2025');
    await expect.poll(shown).toBe('14 shown');
    await main().getByLabel('About').selectOption('plants');
    await main().getByLabel('Year').selectOption({ label: 'all' });
    await main().getByLabel('Words').fill('rotted');
    await expect.poll(shown).toBe('1 shown');
    await main().getByRole('rowheader', { name: 'White turtlehead' }).waitFor();
  });
});

describe('a loss', () => {
  it('opens the gap in the same press, names what would mend it, and undo closes it', async () => {
    await openLog('/grown');
    await page.getByText(/7 of 10 close/).waitFor();
    await main().getByRole('button', { name: 'Write down a loss' }).click();
    const choice = await dialog()
      .getByRole('option', { name: /^9 Swamp milkweed/ })
      .getAttribute('value');
    await dialog().getByLabel('Which planting').selectOption(choice);
    await expect.poll(() => dialog().getByLabel('How many of 9').inputValue()).toBe('9');
    await dialog().getByRole('button', { name: 'winter cold' }).click();
    await dialog().getByRole('button', { name: 'Save', exact: true }).click();
    await dialog().getByRole('heading', { name: 'What this changes' }).waitFor();
    await dialog().getByText('6 of 10').waitFor();
    await dialog()
      .getByText(/Monarch, host plants: closed before, (thin|open) now/)
      .waitFor();
    await page.getByText(/6 of 10 close/).waitFor();
    await dialog()
      .getByRole('button', { name: /What would mend it ?for Monarch, host plants/ })
      .click();
    await page
      .getByRole('complementary', { name: 'Reasons' })
      .getByText(/milkweed/i)
      .first()
      .waitFor();
    await main().getByText('0 of 9 alive').waitFor();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await page.getByText(/7 of 10 close/).waitFor();
    await main().getByText('0 of 9 alive').waitFor({ state: 'detached' });
  });
  it('a plant sold under another name is swapped, and what that changes is said', async () => {
    await openLog();
    await page.keyboard.press('n');
    await dialog().getByRole('button', { name: 'A plant', exact: true }).click();
    const choice = await dialog()
      .getByRole('option', { name: /^5 Golden alexanders/ })
      .getAttribute('value');
    await dialog().getByLabel('Which planting').selectOption(choice);
    await dialog().getByRole('button', { name: 'sold under another name' }).click();
    await dialog().getByRole('button', { name: 'Save', exact: true }).click();
    await dialog().getByText('Say what the plant is in truth.').waitFor();
    await dialog().getByLabel('What it is in truth').fill('foxglove beardtongue');
    await page.keyboard.press('Enter');
    await dialog().getByRole('button', { name: 'Save', exact: true }).click();
    await dialog()
      .getByText(/Black swallowtail, host plants: closed before, open now/)
      .waitFor();
    await dialog().getByRole('link', { name: 'See the plan' }).click();
    await main().getByRole('heading', { name: 'Plan', level: 1 }).waitFor();
    expect(
      (await app.call('GET', API)).body.plantings.some(
        (row: { plant: string; count: number }) => row.plant === 'penstemon-digitalis' && row.count === 5,
      ),
    ).toBe(true);
    await app.undo('kettle-pond-commons');
  });
});

describe('dates', () => {
  it('far from what is expected are asked about, and move the calendar once confirmed', async () => {
    await openLog();
    const question = main().getByText(/Monarch, 12 April 2027: as a first adult that is 34 days before 16 May/);
    await question.waitFor();
    await main()
      .getByRole('button', { name: /^Yes, it counts ?: Monarch/ })
      .click();
    await question.waitFor({ state: 'detached' });
    // With 27 May of 2026 (day 147) 12 April (102) makes a median of 124.5: 5 May.
    await page.goto(`${app.url}${KETTLE}/log/dates`);
    await main()
      .getByRole('row', { name: /Monarch/ })
      .getByText('5 May to 31 October')
      .waitFor();
    await app.undo('kettle-pond-commons');
  });
  it('written down in Season are entries of the log; one far off is asked about first', async () => {
    await page.goto(`${app.url}${KETTLE}/season/dates`);
    await main().getByRole('heading', { level: 1 }).waitFor();
    await main().getByLabel('Of which plant').fill('Golden alexanders');
    await main().getByLabel('Day', { exact: true }).fill('2026-03-20');
    await main().getByRole('button', { name: 'Write it down' }).click();
    await main()
      .getByText(/That is \d+ days before 8 May, when it is expected/)
      .waitFor();
    await main().getByRole('button', { name: 'Yes, it counts' }).click();
    await page.getByText('Golden alexanders: first flower.').waitFor();
    expect((await logOf()).at(-1)).toMatchObject({
      what: 'first-flower',
      of: 'zizia-aurea',
      on_day: '2026-03-20',
      counts_as: 'first',
    });
    await app.undo('kettle-pond-commons');
  });
});

describe('stages', () => {
  it('tell what was seen from what only closes on paper, in the list and on the braid', async () => {
    await openLog('/stages');
    await main().getByRole('combobox', { name: 'Year' }).selectOption('2026');
    await main().getByText('4 of 10 seen to close in 2026').waitFor();
    const row = (name: string) =>
      main()
        .getByRole('table')
        .first()
        .getByRole('row', { name: new RegExp(name) });
    await row('Monarch').getByText('closes, and was seen to').waitFor();
    await row('Eastern tailed-blue').getByText('closes on paper; not seen yet').waitFor();
    await row('Great spangled fritillary').getByText('adults came, no young were found').waitFor();
    await row('Great spangled fritillary').getByRole('link', { name: 'Ask why Great spangled fritillary' }).waitFor();
    await page.goto(`${app.url}${KETTLE}/season`);
    await expect
      .poll(() =>
        page
          .locator('svg.braid circle[fill="var(--ground)"] title')
          .allTextContents()
          .then((all) => all.filter((text) => text.includes('seen to close')).length),
      )
      .toBe(4);
  });
});

describe('a timed walk', () => {
  it('counts by taps, goes on after the page was closed, and is saved with its effort', async () => {
    await openLog('/walks');
    await main().getByRole('button', { name: 'Start the walk' }).click();
    const tile = (name: string) => main().getByRole('button', { name: new RegExp(`^${name}`) });
    await tile('Black swallowtail').click();
    await tile('Black swallowtail').click();
    await tile('American lady').click();
    await main().getByRole('button', { name: 'One American lady less' }).click();
    await main().getByRole('button', { name: 'sun', exact: true }).click();
    await page.goto('about:blank');
    await openLog('/walks');
    await main().getByRole('heading', { name: 'Walk under way' }).waitFor();
    await main().getByText('2 seen', { exact: true }).waitFor();
    await expectAccessible(page, 'a walk under way');
    const before = (await logOf()).length;
    await main().getByRole('button', { name: 'End and save' }).click();
    await page.getByText('A walk of 1 minutes: 2 seen.').or(page.getByText('A walk of 1 minute: 2 seen.')).waitFor();
    const written = (await logOf()).slice(before);
    expect(written).toMatchObject([
      { what: 'walk', minutes: 1, sky: 'sun' },
      { what: 'adult', of: 'papilio-polyxenes', count: 2 },
    ]);
    expect(written[1]!.walk_id).toBe(written[0]!.id);
    await app.undo('kettle-pond-commons');
  });
});

describe('in and out', () => {
  it('a table is looked at first, refused with row and column, and taken whole', async () => {
    await openLog('/files');
    await main().getByLabel('Paste rows').fill('date,species,count,plant\n2026-07-04,Monarch,2,Swamp milkweed\n2026-07-05,,two,');
    await main().getByRole('button', { name: 'Look at it' }).click();
    await main().getByText('Row 3, count: “two” is no number.').waitFor();
    expect(await main().getByRole('button', { name: 'Take 0 entries' }).isDisabled()).toBe(true);
    await main().getByRole('button', { name: 'Another table' }).click();
    await main().getByLabel('Paste rows').fill('date,species,count,plant\n2026-07-04,Monarch,2,Swamp milkweed\n2026-07-05,,3,');
    await main().getByRole('button', { name: 'Look at it' }).click();
    await main().getByText('The first of 2, as they will be written down').waitFor();
    await main().getByRole('button', { name: 'Take 2 entries' }).click();
    await page.getByText('2 entries written down.').waitFor();
    expect((await logOf()).slice(-2)).toMatchObject([
      { of: 'danaus-plexippus', count: 2, plant: 'asclepias-incarnata' },
      { of: 'danaus-plexippus', count: 3 },
    ]);
    await app.undo('kettle-pond-commons');
  });
  it('a long table is read beside the page and written down in parts, of which none is there twice', async () => {
    await openLog('/files');
    const before = (await logOf()).length;
    const lines = Array.from(
      { length: 4500 },
      (_, i) => `${2017 + (i % 9)}-07-${String(1 + (i % 28)).padStart(2, '0')},Monarch,${1 + (i % 5)}`,
    );
    const buffer = Buffer.from(['date,species,count', ...lines].join('\n'));
    await main().getByLabel('From a file').setInputFiles({ name: 'years.csv', mimeType: 'text/csv', buffer });
    await main().getByText('The first of 4500, as they will be written down').waitFor();
    await main().getByRole('button', { name: 'Take 4500 entries' }).click();
    await page.getByText('4500 entries written down.').waitFor();
    const log = await logOf();
    expect(log.length).toBe(before + 4500);
    expect(new Set(log.map((entry) => entry.id)).size).toBe(log.length);
    // 2000, 2000 and 500.
    for (let i = 0; i < 3; i++) await app.undo('kettle-pond-commons');
    expect((await logOf()).length).toBe(before);
  });
  it('the Darwin Core Archive keeps the rules of the standard', async () => {
    await openLog('/files');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      main().getByRole('button', { name: 'Save the archive' }).click(),
    ]);
    const files = Object.fromEntries(
      Object.entries(unzipSync(readFileSync(await download.path()))).map(([name, bytes]) => [name, strFromU8(bytes)]),
    );
    expect(Object.keys(files).sort()).toEqual(['event.txt', 'meta.xml', 'occurrence.txt']);
    expect(darwinCoreFaults(files)).toEqual([]);
    expect(files['occurrence.txt']!.split('\n').length).toBeGreaterThan(200);
    await main()
      .getByText(/The places of .*Monarch.* are rounded to about ten kilometres/)
      .waitFor();
  });
  it('a photograph goes with an entry, in the strips and out with the garden', async () => {
    const picture = await page.screenshot({ type: 'jpeg' });
    await openLog();
    await page.keyboard.press('n');
    await dialog().getByRole('button', { name: 'A picture', exact: true }).click();
    await dialog().locator('input[type=file]').setInputFiles({ name: 'swale.jpg', mimeType: 'image/jpeg', buffer: picture });
    await dialog().getByRole('img', { name: 'Photograph 1' }).waitFor();
    await dialog().getByLabel('What it shows').fill('the swale in May');
    await dialog().getByLabel('Bed').selectOption('The swale');
    await dialog().getByRole('button', { name: 'Save', exact: true }).click();
    await dialog().waitFor({ state: 'detached' });
    await page.goto(`${app.url}${KETTLE}/log/photos`);
    await main().getByRole('button', { name: 'by bed' }).click();
    await main().getByRole('heading', { name: 'The swale' }).waitFor();
    await main()
      .getByRole('button', { name: /^the swale in May/ })
      .click();
    await expect
      .poll(() =>
        dialog()
          .getByRole('img')
          .evaluate((img: HTMLImageElement) => img.naturalWidth),
      )
      .toBeGreaterThan(600);
    await page.keyboard.press('Escape');
    const file = (await app.call('GET', `${API}/export`)).body;
    expect(file.photos).toHaveLength(1);
    expect(file.log.at(-1).photos).toEqual([file.photos[0].id]);
    const twin = (await app.call('POST', '/api/garden-files', { ...file, garden: { ...file.garden, id: 'pictured' } })).body
      .garden.id;
    expect((await app.call('GET', `/api/gardens/${twin}/export`)).body.photos).toEqual(file.photos);
    await app.remove(`/api/gardens/${twin}`);
    expect((await app.call('GET', `/api/gardens/${twin}/photos/${file.photos[0].id}`)).status).toBe(404);
    await app.undo('kettle-pond-commons');
  });
});

describe('the year in review', () => {
  it('says who came, who bred, what bloomed and what died, beside the year before', async () => {
    await openLog('/review');
    await main().getByRole('heading', { name: 'The year 2026' }).waitFor();
    const came = main().getByRole('region', { name: 'Who came' });
    await came.getByRole('rowheader', { name: 'a small orange one' }).waitFor();
    await main()
      .getByRole('region', { name: 'Who bred' })
      .getByText(/Black swallowtail.*comes through winter.*seen to close/)
      .waitFor();
    await main().getByText('White turtlehead: 4 lost: wet').waitFor();
    await main()
      .getByText(/First flowers came 9 days earlier than expected/)
      .waitFor();
  });
});
