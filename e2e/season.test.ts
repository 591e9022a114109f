import { readFileSync } from 'node:fs';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;
let page: OpenPage;
const SEASON = '/gardens/kettle-pond-commons/season';
const thisYear = new Date().getFullYear();

withApp((running) => ({ app, browser } = running));
beforeAll(async () => {
  page = await openPage(browser);
});
afterAll(() => expect(page.faults).toEqual([]));

const main = () => page.getByRole('main');
const go = async (part: string, heading: string) => {
  await page.goto(app.url + SEASON + part);
  await page.getByRole('heading', { level: 1, name: heading }).waitFor();
};
const download = async (press: () => Promise<void>) => {
  const [file] = await Promise.all([page.waitForEvent('download'), press()]);
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
};
const undo = () => page.getByRole('button', { name: 'Undo' }).first().click();
const closing = (words: string) => main().getByText(words).first();
const braid = () => page.getByRole('group', { name: /The braid of the season/ });

describe('the braid', () => {
  it('tells under the pointer what a strand finds in a half-month', async () => {
    await go('', 'Season');
    const box = (await braid().locator('svg.braid').boundingBox())!;
    const name = (await braid().getByText('Ruby-throated hummingbird').first().boundingBox())!;
    // Early October is the nineteenth half-month of the year, drawn from 236 to 958 of 1086.
    const x = box.x + (box.width * (236 + (18.5 * 722) / 24)) / 1086;
    await page.mouse.move(x, name.y + 4);
    await main().getByText('Ruby-throated hummingbird, nectar, early October: thin, 1.4 of 3 units of nectar').waitFor();
    await page.mouse.move(5, 5);
    await main().getByText('Ruby-throated hummingbird, nectar, early October').waitFor({ state: 'detached' });
  });
  it('carries an offer in each gap', async () => {
    await braid().getByText('cut both Coral honeysuckle in Under the oaks on 22 August').waitFor();
    await braid().getByText('add 5 more White turtlehead to The swale').waitFor();
    await braid().getByText('add 5 more White turtlehead to The swale').click();
    await page
      .getByRole('complementary')
      .getByRole('heading', { name: /Baltimore checkerspot: host plants/ })
      .waitFor();
  });
  it('goes out as a drawing that stands alone, under the garden’s name', async () => {
    const { name, bytes } = await download(() => page.getByRole('button', { name: 'SVG', exact: true }).click());
    const svg = bytes.toString('utf8');
    expect(name).toBe('kettle-pond-commons-braid.svg');
    expect(svg).toContain('>Kettle Pond Commons</text>');
    expect(svg).toContain('7 of 10 life cycles close; the plan when grown; zone 7a');
    expect(svg).not.toMatch(/var\(--|data-v-|class="/);
    expect(svg).toContain('font/woff2;base64,');
    // In a page of no server: this one lets no styles in.
    const blank = await browser.newPage();
    const faults = await blank.evaluate(
      (text) => new DOMParser().parseFromString(text, 'image/svg+xml').querySelectorAll('parsererror').length,
      svg,
    );
    await blank.close();
    expect(faults).toBe(0);
  });
  it('and as a picture twice as fine', async () => {
    const { name, bytes } = await download(() => page.getByRole('button', { name: 'PNG', exact: true }).click());
    expect(name).toBe('kettle-pond-commons-braid.png');
    expect(bytes.subarray(1, 4).toString()).toBe('PNG');
    // 1086 and two margins of 18, twice.
    expect(bytes.readUInt32BE(16)).toBe(2244);
    expect(bytes.length).toBeGreaterThan(50_000);
  });
  it('on paper it stands on one sheet under the name, without the ways about', async () => {
    await page.emulateMedia({ media: 'print' });
    await page.getByText('Kettle Pond Commons', { exact: true }).last().waitFor();
    expect(await page.getByRole('navigation', { name: 'Parts of the season' }).isVisible()).toBe(false);
    const height = (await braid().boundingBox())!.height;
    // 150 mm at 96 dots to the inch.
    expect(height).toBeLessThanOrEqual(568);
    await page.emulateMedia({ media: 'screen' });
  });
});

describe('the ledger', () => {
  const rows = () => page.getByRole('region', { name: 'Ledger of needs' }).locator('tbody tr');
  it('sorts by any column, both ways and back', async () => {
    await go('', 'Season');
    const first = () => rows().first().textContent();
    const before = await first();
    expect(before).toMatch(/^Monarch/);
    await page.getByRole('button', { name: 'Verdict' }).click();
    expect(await first()).toMatch(/open/);
    await page.getByRole('button', { name: 'Verdict' }).click();
    expect(await first()).toMatch(/closed/);
    expect(await page.getByRole('columnheader', { name: 'Verdict' }).getAttribute('aria-sort')).toBe('descending');
    await page.getByRole('button', { name: 'Verdict' }).click();
    expect(await first()).toBe(before);
  });
  it('goes out as CSV, with whom each need is served by', async () => {
    const { name, bytes } = await download(() => page.getByRole('button', { name: 'CSV', exact: true }).click());
    const lines = bytes.toString('utf8').trim().split('\n');
    expect(name).toBe('kettle-pond-commons-ledger.csv');
    expect(lines[0]).toBe('Species,Need,Verdict,Served,At its weakest,When needed,Short in,Served by');
    expect(lines).toHaveLength(1 + (await rows().count()));
    expect(lines.find((line) => line.startsWith('Monarch,host plants'))).toContain('9 Swamp milkweed in The swale');
    expect(lines.find((line) => line.startsWith('Ruby-throated hummingbird,nectar'))).toContain(',early October,');
  });
});

describe('the calendar of bloom and flight', () => {
  const row = (name: RegExp) => page.getByRole('row', { name }).first();
  it('has flights above and blooms below, with the gardener’s own dates in them', async () => {
    await go('/calendar', 'Bloom and flight');
    expect(await row(/^Monarch/).textContent()).toContain('16 May to 31 October');
    // Seen on 10, 12 and 8 June: the middle of the three.
    expect(await row(/6 Butterfly milkweed/).textContent()).toContain('10 June to 14 August; by your dates');
    await expectAccessible(page, 'the calendar');
  });
  it('is grouped by flower form and by whom it serves, and remembers which', async () => {
    await page.getByRole('combobox', { name: 'By' }).selectOption('form');
    await page.getByRole('rowheader', { name: 'daisy flowers' }).waitFor();
    await page.getByRole('combobox', { name: 'By' }).selectOption('target');
    await page.reload();
    await page.getByRole('rowheader', { name: 'Pearl crescent', exact: true }).last().waitFor();
    await page.getByRole('combobox', { name: 'By' }).selectOption('bed');
    await page.getByRole('rowheader', { name: 'The swale' }).waitFor();
  });
  it('as it is this year: what is only planned is hollow, and says so', async () => {
    await page.getByRole('combobox', { name: 'The plan' }).selectOption(String(thisYear));
    await page.getByRole('img', { name: /Stiff-leaved aster: .*not planted yet/ }).waitFor();
  });
  it('as it was: what was lost since stood there, and the days are those of that year', async () => {
    expect(await page.getByRole('row', { name: /Blue vervain/ }).count()).toBe(0);
    await page.getByRole('combobox', { name: 'The plan' }).selectOption('2024');
    await page.getByRole('row', { name: /5 Blue vervain/ }).waitFor();
    await page.getByRole('combobox', { name: 'The plan' }).selectOption('2025');
    await page.getByRole('row', { name: /Blue vervain/ }).waitFor({ state: 'detached' });
    expect(await row(/6 Butterfly milkweed/).textContent()).toContain('12 June to 15 August');
  });
  it('goes out as a calendar file of that year', async () => {
    const { name, bytes } = await download(() => page.getByRole('button', { name: 'Calendar file' }).click());
    const text = bytes.toString('utf8');
    expect(name).toBe('kettle-pond-commons-2025.ics');
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text).toContain('SUMMARY:Monarch on the wing');
    const milkweed = text.split('BEGIN:VEVENT').find((event) => event.includes('SUMMARY:Butterfly milkweed in flower'))!;
    expect(milkweed).toContain('DTSTART;VALUE=DATE:20250612');
    expect(milkweed).toContain('DTEND;VALUE=DATE:20250816');
    await page.getByRole('combobox', { name: 'The plan' }).selectOption({ label: 'when grown' });
  });
});

describe('supply through the year', () => {
  it('begins with whoever is worst off, and says the same as the ledger', async () => {
    await go('/supply', 'Supply through the year');
    expect(await page.getByRole('combobox', { name: 'for' }).inputValue()).toBe('archilochus-colubris');
    await main().getByText('Ruby-throated hummingbird: short in early October.').waitFor();
    await page.getByText('The same as a table').click();
    const october = page.getByRole('row', { name: /^early October/ });
    expect(await october.textContent()).toContain('1.4 of 3 units of nectar');
    await page.getByRole('img', { name: 'Ruby-throated hummingbird: short in early October' }).waitFor();
    await expectAccessible(page, 'supply');
  });
  it('its bands add up to the figure, by form and by site', async () => {
    for (const split of ['form', 'site', 'plant']) {
      await page.getByRole('combobox', { name: 'split by' }).selectOption(split);
      const cells = await page
        .getByRole('row', { name: /^early August/ })
        .locator('td')
        .allTextContents();
      const bands = cells.slice(2).map(Number);
      const [figure] = /[\d.]+/.exec(cells[1]!)!;
      const sum = bands.reduce((a, b) => a + b, 0);
      expect(bands.length, split).toBeGreaterThan(1);
      // Each band is told to a tenth.
      expect(Math.abs(sum - Number(figure)), split).toBeLessThan(0.06 * bands.length + 1);
    }
  });
  it('names the hungry half-months of the whole garden', async () => {
    const hungry = page.getByRole('region', { name: 'Hungry half-months of the whole garden' });
    await hungry.getByRole('button', { name: 'early October' }).click();
    expect(await page.getByRole('slider').inputValue()).toBe('18');
  });
  it('of leaf, brood by brood', async () => {
    await page.getByRole('combobox', { name: 'Of' }).selectOption('host');
    await page.getByRole('combobox', { name: 'for' }).selectOption('danaus-plexippus');
    await main().getByText('Monarch: enough in every half-month.').waitFor();
    await main()
      .getByText(/Brood 1, .*: leaf for 36 of 10 caterpillars/)
      .waitFor();
  });
});

describe('timing', () => {
  it('offers a cut that brings a second bloom into the gap, with the braid before and after', async () => {
    await go('/timing', 'Timing');
    const offer = main().getByRole('listitem').filter({ hasText: 'Cut both Coral honeysuckle' });
    expect(await offer.textContent()).toMatch(/Closes it: from 4\d % to 100 %; flowers again from about 21 September/);
    await offer.getByRole('button', { name: /The braid before and after/ }).click();
    await offer.getByRole('img', { name: 'The braid with the change' }).waitFor();
    await expectAccessible(page, 'timing');
  });
  it('warns of caterpillars on what would be cut, and says what it costs', async () => {
    const offer = main().getByRole('listitem').filter({ hasText: 'Butterfly milkweed in South bank on' });
    expect(await offer.textContent()).toMatch(/Look for eggs and caterpillars first: Monarch feeds on it then/);
    expect(await offer.textContent()).toMatch(/Monarch, host plants: up to \d+ % less/);
  });
  it('the cut taken closes the gap, and stands in the table and the calendar', async () => {
    await page.getByRole('button', { name: 'Cut both Coral honeysuckle in Under the oaks on 22 August', exact: true }).click();
    await main().getByText('Nobody goes hungry').waitFor();
    expect(await page.getByLabel('Cut Coral honeysuckle on').inputValue()).toBe(`${thisYear}-08-22`);
    await page.getByRole('link', { name: 'Calendar' }).click();
    await page.getByRole('img', { name: /Coral honeysuckle: .*again 21 September/ }).waitFor();
    await page.getByRole('link', { name: 'Braid' }).click();
    await closing('8 of 10 life cycles close').waitFor();
  });
  it('a day on which a cut brings nothing is answered with the days that would', async () => {
    await page.getByRole('link', { name: 'Timing' }).click();
    await page.getByLabel('Cut Coral honeysuckle on').fill(`${thisYear}-03-01`);
    await page.getByLabel('Cut Coral honeysuckle on').press('Tab');
    await main()
      .getByText(/That cut brings no second bloom: cut between 3 June and 22 August/)
      .waitFor();
    await page.getByRole('button', { name: /^As usual ?: Coral honeysuckle/ }).click();
    await main().getByText('Ruby-throated hummingbird').first().waitFor();
    await undo();
    await undo();
    await undo();
    await expect.poll(() => page.getByLabel('Cut Coral honeysuckle on').inputValue()).toBe('');
  });
  it('offers an annual with its day, which goes into the plan with it', async () => {
    await page.getByRole('button', { name: 'Sow 4 Scarlet sage for Under the oaks on 3 March', exact: true }).click();
    await main().getByText('Nobody goes hungry').waitFor();
    expect(await page.getByLabel('Sow Scarlet sage on').inputValue()).toBe(`${thisYear}-03-03`);
    await page.getByLabel('Sow Scarlet sage on').fill(`${thisYear}-09-20`);
    await page.getByLabel('Sow Scarlet sage on').press('Tab');
    await main().getByText('Sown then it does not flower before the frost.').waitFor();
    await undo();
    await undo();
    await main().getByText('Ruby-throated hummingbird').first().waitFor();
  });
  it('stands among the reasons too', async () => {
    await page.getByRole('button', { name: 'Other ways to serve it' }).click();
    const reasons = page.getByRole('complementary', { name: 'Reasons' });
    await reasons.getByRole('heading', { name: 'By timing' }).waitFor();
    await reasons.getByRole('button', { name: /^Cut both Coral honeysuckle/ }).waitFor();
  });
});

describe('this garden’s own dates', () => {
  const story = (name: RegExp) => page.getByRole('region', { name: 'Dates step by step' }).getByRole('row', { name });
  it('tells step by step how a date comes about', async () => {
    await go('/dates', 'This garden’s own dates');
    const text = await story(/^Butterfly milkweed/).textContent();
    expect(text).toContain('first 10 June 2024, 12 June 2025, 8 June 2026: counts as it is');
    expect(text).toContain('10 June to 14 August');
    expect(await story(/^Monarch/).textContent()).toContain('does not shorten it before there are three years');
    await main()
      .getByText(/7 life cycles close with them, 7 without/)
      .waitFor();
    await expectAccessible(page, 'own dates');
  });
  it('a name the library does not know is answered beside the field, and nothing typed is lost', async () => {
    await page.getByLabel('Of which plant').fill('Moon cabbage');
    await page.getByLabel('Note').fill('by the gate');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await main().getByText('Choose a plant of the library by its name.').waitFor();
    expect(await page.getByLabel('Note').inputValue()).toBe('by the gate');
  });
  it('a last flower written down carries a bloom on, here and in the braid', async () => {
    await page
      .getByLabel('What', { exact: true })
      .or(page.getByRole('combobox', { name: 'What' }))
      .first()
      .selectOption('last-bloom');
    for (const year of [thisYear - 3, thisYear - 2, thisYear - 1]) {
      await page.getByLabel('Of which plant').fill('Cardinal flower');
      await page.getByLabel('Day').fill(`${year}-10-18`);
      await page.getByRole('button', { name: 'Write it down' }).click();
      await page.getByRole('button', { name: new RegExp(`Delete last flower of Cardinal flower, 18 October ${year}`) }).waitFor();
    }
    await main()
      .getByText(/8 life cycles close with them, 7 without/)
      .waitFor();
    await main()
      .getByText(/Ruby-throated hummingbird, nectar: thin without them, closed with them/)
      .waitFor();
    expect(await story(/^Cardinal flower/).textContent()).toContain('18 October');
  });
  it('struck, it is as before', async () => {
    for (const year of [thisYear - 3, thisYear - 2, thisYear - 1])
      await page.getByRole('button', { name: new RegExp(`Delete last flower of Cardinal flower, 18 October ${year}`) }).click();
    await main()
      .getByText(/7 life cycles close with them, 7 without/)
      .waitFor();
  });
});

describe('the braid compared with another', () => {
  const compareWith = (label: string) => page.getByRole('combobox', { name: 'Compare with' }).selectOption({ label });
  it('as it was a week ago: the demo garden began today', async () => {
    await go('', 'Season');
    await compareWith('a week ago');
    await page.getByRole('heading', { name: 'The garden a week ago' }).waitFor();
    await main().getByText('this is how it began').waitFor();
    await expectAccessible(page, 'beside a week ago');
  });
  it('before the last change: what the change did', async () => {
    await page.getByText('patch too small').first().click();
    await page.getByRole('complementary').getByRole('button', { name: 'Add 5 more White turtlehead to The swale' }).click();
    await closing('8 of 10 life cycles close').waitFor();
    await compareWith('before the last change');
    await main().getByText('1 change since: Add 5 White turtlehead.').waitFor();
    await main().getByText('Baltimore checkerspot, host plants: open then, now closed').waitFor();
    await undo();
    await page.getByRole('button', { name: 'Close the comparison' }).click();
  });
  it('another plan: saved by name, compared with this one, made current', async () => {
    await page.goto(`${app.url}/gardens/kettle-pond-commons/plan`);
    await page.getByText('Plans: save further ones').click();
    await page.getByRole('button', { name: 'Save it' }).click();
    await main().getByText('Give the plan a name.').waitFor();
    await page.getByLabel('Save a copy of this plan as').fill('Without milkweed');
    await page.getByRole('button', { name: 'Save it' }).click();
    await page.getByRole('button', { name: /^Make current ?: Without milkweed/ }).click();
    await main().getByText('“Without milkweed” is current, 1 more').waitFor();
    await page.getByRole('button', { name: 'Remove Swamp milkweed' }).click();
    await page.getByText('Swamp milkweed removed from the plan.').waitFor();
    await page.getByRole('button', { name: /^Compare the braids ?: Plan/ }).click();
    await page.getByRole('heading', { name: 'The plan “Plan”' }).waitFor();
    await main()
      .getByText('Monarch, host plants: open here, there closed')
      .or(main().getByText(/Monarch, host plants: thin here, there closed/))
      .first()
      .waitFor();
    await page.goto(`${app.url}/gardens/kettle-pond-commons/plan`);
    await main().getByText('“Without milkweed” is current').click();
    await page.getByRole('button', { name: /^Make current ?: Plan/ }).click();
    await page.getByRole('button', { name: 'Remove Without milkweed' }).click();
    await page.getByText('Plans: save further ones').waitFor();
    await page.getByText(/7 of 10 close/).waitFor();
  });
});

describe('a garden with nobody in it', () => {
  it.each([
    ['', 'Season'],
    ['/calendar', 'Bloom and flight'],
    ['/supply', 'Supply through the year'],
    ['/timing', 'Timing'],
    ['/dates', 'This garden’s own dates'],
  ])('%s says what to do next', async (part, heading) => {
    const file = JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8'));
    await app.call('POST', '/api/garden-files', {
      ...file,
      garden: { ...file.garden, id: 'fresh-yard', name: 'Fresh yard' },
      targets: [],
      plantings: [],
      log: [],
    });
    const empty = await openPage(browser);
    await empty.goto(`${app.url}/gardens/fresh-yard/season${part}`);
    await empty.getByRole('heading', { level: 1, name: heading }).waitFor();
    await empty
      .getByText(/Nobody to serve yet|nobody is chosen yet/)
      .first()
      .waitFor();
    await expectAccessible(empty, `empty ${heading}`);
    expect(empty.faults).toEqual([]);
    await empty.done();
  });
});

describe('routes of the season', () => {
  const KETTLE = '/api/gardens/kettle-pond-commons';
  it.each<[string, string, unknown, string]>([
    [
      'POST',
      `${KETTLE}/log`,
      { entries: [{ id: 'e', of: 'moon-cabbage', what: 'first-flower', on_day: '2026-05-06' }] },
      'The library has no plant “moon-cabbage”.',
    ],
    [
      'POST',
      `${KETTLE}/log`,
      { entries: [{ id: 'e', of: 'danaus-plexippus', what: 'adult', on_day: '2026-02-30' }] },
      'That day is not in the calendar.',
    ],
    ['POST', `${KETTLE}/plans`, { name: ' ' }, 'Give a name.'],
    ['GET', `${KETTLE}/as-of/yesterday`, undefined, 'Give the moment as 2026-05-14T00:00:00Z, or last-change.'],
  ])('%s %s answers bad input with a sentence', async (method, path, body, words) => {
    const answer = await app.call(method, path, body);
    expect(answer.status).toBe(422);
    expect(answer.body.message).toBe(words);
  });
  it.each([
    ['DELETE', `${KETTLE}/log/none?revision=0`],
    ['DELETE', `${KETTLE}/plans/none?revision=0`],
    ['PUT', `${KETTLE}/plans/none/current`],
    ['GET', '/api/gardens/nowhere/as-of/last-change'],
  ])('%s %s is a 404 with a sentence', async (method, path) => {
    const { status, body } = await app.call(method, path, method === 'PUT' ? { revision: 0 } : undefined);
    expect(status).toBe(404);
    expect(body.message).toMatch(/^There is no .*\./);
  });
  it('plans and dates go out with the garden and come in again', async () => {
    await app.call('POST', `${KETTLE}/plans`, { name: 'Beside' });
    const file = (await app.call('GET', `${KETTLE}/export`)).body;
    expect(file.log.length).toBeGreaterThan(300);
    expect(file.plans.map((row: { name: string }) => row.name)).toEqual(['Plan', 'Beside']);
    const twin = (await app.call('POST', '/api/garden-files', { ...file, garden: { ...file.garden, id: 'twin-pond' } })).body;
    const back = (await app.call('GET', `/api/gardens/${twin.id ?? 'twin-pond'}/export`)).body;
    const bare = (log: Record<string, unknown>[]) =>
      log.map(({ what, of, on_day, count, counts_as, note }) => [what, of, on_day, count, counts_as, note]);
    expect(bare(back.log)).toEqual(bare(file.log));
    expect(back.plans).toHaveLength(2);
  });
});
