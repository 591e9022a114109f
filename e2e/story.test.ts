import type { Browser, Page } from 'playwright-core';
import { beforeAll, describe, expect, it } from 'vitest';
import { openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';

let app: RunningApp;
let browser: Browser;

withApp((running) => ({ app, browser } = running));

const reasons = (page: Page) => page.getByRole('complementary', { name: 'Reasons' });
const closing = (page: Page, words: string) => page.getByText(words).first();
const ledgerRow = (page: Page, species: string, need: string) =>
  page.getByRole('row').filter({ hasText: species }).filter({ hasText: need });

describe('the whole story, in order', () => {
  let page: OpenPage;
  beforeAll(async () => {
    page = await openPage(browser);
  });

  it('makes a garden whose frosts and position come from the region', async () => {
    await page.goto(app.url);
    await page.getByRole('link', { name: 'Make a garden' }).click();
    await page.getByRole('button', { name: 'Overrule any of it' }).click();
    const frost = async () => [
      await page.getByLabel('Last frost of spring', { exact: true }).inputValue(),
      await page.getByLabel('Last frost of spring: day').inputValue(),
    ];
    expect(await frost()).toEqual(['4', '27']);
    await page.getByLabel('Region', { exact: true }).selectOption('mid-atlantic');
    expect(await frost()).toEqual(['4', '12']);
    await page.getByLabel('Region', { exact: true }).selectOption('northeast-coast');
    await page.getByLabel('Name of the garden').fill('Mill Lane yard');
    await page.getByLabel('Hardiness half-zone').selectOption('6b');
    await page.getByRole('button', { name: 'Make this garden' }).click();
    // Whom to plant for comes first, and then where.
    await page.waitForURL('**/gardens/mill-lane-yard/targets');
    await page.getByRole('region', { name: 'Whom to begin with' }).waitFor();
    await page.keyboard.press('1');
    await page.getByText('No bed yet.').waitFor();
  });

  it('adds beds, telling what is wrong beside the field and losing nothing', async () => {
    await page.getByRole('button', { name: 'Add a bed or pots' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Measure it instead' }).click();
    const form = page.getByRole('dialog');
    await form.getByRole('heading', { name: 'A new bed, measured' }).waitFor();
    await form.getByLabel('Name').fill('Front bed');
    await form.getByLabel('Soil texture').selectOption('loam');
    await form.getByLabel('pH').fill('6.3');
    await form.getByLabel('Area').fill('-5');
    await form.getByLabel('Direct sun').fill('7.5');
    await form.getByRole('button', { name: 'Add it' }).click();
    await form.getByText('Give the area in square metres from 0.01 to 5000.').waitFor();
    expect(await form.getByLabel('Name').inputValue()).toBe('Front bed');
    await form.getByLabel('Area').fill('270');
    await form.getByRole('button', { name: 'Add it' }).click();
    await page.getByRole('row', { name: /Front bed/ }).waitFor();
    // 270 square feet are 25.1 m²; the table gives them back as typed.
    expect(await page.getByRole('row', { name: /Front bed/ }).textContent()).toContain('270 sq ft');
  });

  it('removes a bed and takes that back', async () => {
    await page.getByRole('button', { name: 'Remove Front bed' }).click();
    await page.getByText('No bed yet.').waitFor();
    await page.getByText('Front bed removed').waitFor();
    await page.keyboard.press('Control+z');
    await page.getByRole('row', { name: /Front bed/ }).waitFor();
  });

  it('chooses targets', async () => {
    await page.keyboard.press('2');
    await page.getByRole('button', { name: 'Choose Black swallowtail' }).click();
    await page.getByRole('button', { name: 'Remove Black swallowtail' }).waitFor();
    await page.getByRole('button', { name: 'Choose Eastern tailed-blue' }).click();
    await page.getByText('2 chosen of 89').waitFor();
    await page.getByRole('link', { name: /Targets 2 unserved/ }).waitFor();
  });

  it('matches plants to beds and adds a drift to the plan', async () => {
    await page.keyboard.press('3');
    await page.getByRole('combobox', { name: /^For/ }).selectOption('papilio-polyxenes');
    await page.getByRole('combobox', { name: /^As/ }).selectOption('host');
    const row = page.getByRole('row', { name: /Golden alexanders/ });
    expect(await row.textContent()).toContain('host of Black swallowtail');
    await page.getByRole('button', { name: /^Golden alexanders in Front bed: thrives/ }).click();
    await reasons(page).getByLabel('How many').fill('5');
    await reasons(page).getByRole('button', { name: 'Add to Front bed' }).click();
    await page
      .getByRole('row', { name: /Golden alexanders/ })
      .getByText('5 in the plan')
      .waitFor();
  });

  it('refuses a listed plant and says why', async () => {
    await page.getByRole('combobox', { name: /^As/ }).selectOption('');
    await page.getByRole('combobox', { name: /^For/ }).selectOption('');
    await page.getByLabel('Name or kind').fill('loosestrife');
    const row = page.getByRole('row', { name: /Purple loosestrife/ });
    expect(await row.textContent()).toContain('Refused. Purple loosestrife is listed as invasive here');
    await page.getByRole('button', { name: /^Purple loosestrife in Front bed/ }).click();
    await reasons(page).getByText('may be unlawful to plant').waitFor();
    expect(
      await reasons(page)
        .getByRole('button', { name: /^Add to/ })
        .count(),
    ).toBe(0);
  });

  it('shows the plan with its area', async () => {
    await page.keyboard.press('4');
    // Five at 40 cm: 0.8 m², 8.6 square feet.
    await page.getByText(/^8\.6 sq ft of 270 sq ft used/).waitFor();
    await page.getByLabel('Count of Golden alexanders').fill('6');
    await page.getByLabel('Count of Golden alexanders').press('Tab');
    await page.getByText(/^10 sq ft of 270 sq ft used/).waitFor();
  });

  it('explains a gap and closes it with one press', async () => {
    await page.keyboard.press('5');
    await closing(page, '0 of 2 life cycles close').waitFor();
    const row = ledgerRow(page, 'Eastern tailed-blue', 'host plants');
    expect(await row.textContent()).toContain('open');
    await row.getByRole('button').click();
    await reasons(page).getByText('No host plant for the caterpillars of Eastern tailed-blue').waitFor();
    const offer = reasons(page)
      .getByRole('button', { name: /^Add \d+ .* to Front bed$/ })
      .first();
    await offer.click();
    await reasons(page).getByText('Nothing is missing.').waitFor();
    expect(await ledgerRow(page, 'Eastern tailed-blue', 'host plants').textContent()).toContain('closed');
  });

  it('closes every other gap the same way, until the cycles close', async () => {
    for (let presses = 0; presses < 20; presses++) {
      const open = page.getByRole('row').filter({ has: page.getByText(/^(thin|open)$/) });
      if ((await open.count()) === 0) break;
      const before = await page.getByRole('region', { name: 'Ledger of needs' }).textContent();
      await open.first().getByRole('button').click();
      await reasons(page).getByRole('button', { name: /^Add / }).first().click();
      await page.waitForFunction(
        (text) => document.querySelector('[aria-label="Ledger of needs"]')?.textContent !== text,
        before,
      );
    }
    await closing(page, '2 of 2 life cycles close').waitFor();
    await page.getByRole('link', { name: /Targets all served/ }).waitFor();
  });

  it('is all still there after a restart', async () => {
    await app.restart();
    await page.goto(app.url);
    await page.getByRole('link', { name: 'Mill Lane yard', exact: true }).click();
    await closing(page, '2 of 2 life cycles close').waitFor();
    expect(page.faults).toEqual([]);
  });
});

describe('the year ribbon', () => {
  it('moves every view, by key, by slider and across stations', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/match`);
    const handle = page.getByRole('slider', { name: 'Half-month shown' });
    await handle.fill('12');
    expect(await handle.getAttribute('aria-valuetext')).toContain('early July');
    await page.getByLabel('in flower at the handle').check();
    // Swamp milkweed is in flower in early July, New England aster is not.
    await page.getByRole('row', { name: /Swamp milkweed/ }).waitFor();
    expect(await page.getByRole('row', { name: /New England aster/ }).count()).toBe(0);
    await page.getByRole('heading', { level: 1 }).click();
    for (let i = 0; i < 10; i++) await page.keyboard.press('[');
    expect(await handle.getAttribute('aria-valuetext')).toContain('early February');
    await page.getByText('No plant passes all of these.').waitFor();
    await page.keyboard.press('2');
    await page.getByText('0 fly at the ribbon’s handle').waitFor();
    await page.done();
  });
});

describe('the match', () => {
  it('draws the rows in sight only, and all of them on the way down', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/match`);
    const table = page.getByRole('region', { name: 'Plants against sites' });
    await table.getByRole('row', { name: /Butterfly milkweed/ }).waitFor();
    const total = Number(await table.getByRole('table').getAttribute('aria-rowcount')) - 1;
    expect(await table.getByRole('row').count()).toBeLessThan(total);
    const seen = new Set<string>();
    for (let top = 0; seen.size < total && top < 20_000; top += 250) {
      await table.evaluate((frame, y) => frame.scrollTo({ top: y }), top);
      await page.waitForTimeout(60);
      for (const name of await table.locator('tbody .creature').allTextContents()) seen.add(name);
    }
    expect(seen.size).toBe(total);
    // At rest it stays at rest: measuring rows must not move them.
    await page.waitForTimeout(400);
    const moves = await table.evaluate(async (frame) => {
      let count = 0;
      const watcher = new MutationObserver((changes) => (count += changes.length));
      watcher.observe(frame, { childList: true, subtree: true, attributes: true });
      await new Promise((resolve) => setTimeout(resolve, 400));
      return count;
    });
    expect(moves).toBe(0);
    await page.done();
  });
});

describe('the braid', () => {
  it('is stepped through by key and told in words', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/season`);
    await closing(page, '7 of 10 life cycles close').waitFor();
    await page.getByRole('slider').fill('12');
    await page.getByRole('group', { name: /The braid of the season/ }).focus();
    await page.keyboard.press('ArrowDown');
    await page.getByText('Monarch, host plants, early July: closed, leaf for 36 of 10 caterpillars, 2 of 2 kinds.').waitFor();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowDown');
    await page.getByText(/Monarch, nectar, late June: closed, [\d.]+ of 1.5 units of nectar/).waitFor();
    await page.keyboard.press('Enter');
    await reasons(page)
      .getByRole('heading', { name: /Monarch: nectar/ })
      .waitFor();
    await page.done();
  });
  it('closes a checkerspot’s cycle with five more turtleheads, and opens it again on undo', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/season`);
    await page.getByText('patch too small').click();
    await reasons(page).getByRole('button', { name: 'Add 5 more White turtlehead to The swale' }).click();
    await closing(page, '8 of 10 life cycles close').waitFor();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await closing(page, '7 of 10 life cycles close').waitFor();
    await page.done();
  });
  it('shows a plan as it is this year: what is only on paper feeds nobody', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/mill-lane-yard/season`);
    await closing(page, '2 of 2 life cycles close').waitFor();
    const year = new Date().getFullYear();
    await page.getByLabel('The plan').selectOption({ label: `as it is in ${year}` });
    await closing(page, '0 of 2 life cycles close').waitFor();
    await page.done();
  });
});

describe('two windows on one bed', () => {
  it('the second is told, loses nothing it typed, and chooses', async () => {
    const [one, two] = await Promise.all([openPage(browser), openPage(browser)]);
    for (const page of [one, two]) {
      await page.goto(`${app.url}/gardens/kettle-pond-commons/place`);
      await page.getByRole('button', { name: 'Change Under the oaks' }).click();
    }
    await one.getByRole('dialog').getByLabel('Name').fill('Beneath the oaks');
    await one.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
    await one.getByRole('row', { name: /Beneath the oaks/ }).waitFor();

    const form = two.getByRole('dialog');
    await form.getByLabel('Notes').fill('A branch came down in the gale.');
    await form.getByRole('button', { name: 'Save' }).click();
    await form.getByText('This bed was changed in another window since you opened it.').waitFor();
    expect(await form.getByLabel('Notes').inputValue()).toBe('A branch came down in the gale.');
    await form.getByRole('button', { name: 'Keep mine' }).click();
    await two.getByText('A branch came down in the gale.').waitFor();
    await two.getByRole('row', { name: /Under the oaks/ }).waitFor();
    for (const page of [one, two]) await page.done();
  });
});

describe('two windows on one planting', () => {
  it('the second is told, and may keep its count', async () => {
    const [one, two] = await Promise.all([openPage(browser), openPage(browser)]);
    for (const page of [one, two]) {
      await page.goto(`${app.url}/gardens/kettle-pond-commons/plan`);
      await page.getByLabel('Count of Moss phlox').waitFor();
    }
    const count = (page: Page) => page.getByLabel('Count of Moss phlox');
    await count(one).fill('9');
    await count(one).press('Tab');
    await one.getByText('Moss phlox changed.').waitFor();
    await count(two).fill('12');
    await count(two).press('Tab');
    await two.getByRole('alert').getByText('This planting was changed in another window').waitFor();
    await expect.poll(() => count(two).inputValue()).toBe('9');
    await two.getByRole('alert').getByRole('button', { name: 'Keep mine' }).click();
    await two.getByText('Moss phlox changed.').waitFor();
    await expect.poll(() => count(two).inputValue()).toBe('12');
    for (const page of [one, two]) await page.done();
  });
});

describe('the place form', () => {
  it('keeps what was typed while something else changes, and follows an undo when nothing was', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/place`);
    const name = page.getByLabel('Name of the garden');
    await name.fill('Kettle Pond Gardens');
    await page.getByRole('button', { name: 'Remove South bank' }).click();
    await page.getByText('South bank removed').waitFor();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await page.getByRole('row', { name: /South bank/ }).waitFor();
    expect(await name.inputValue()).toBe('Kettle Pond Gardens');
    await page.getByRole('button', { name: 'Save the place' }).click();
    await page.getByText('Place saved.').waitFor();
    await page.getByRole('banner').getByText('Kettle Pond Gardens').waitFor();
    await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('banner').getByText('Kettle Pond Commons').waitFor();
    expect(await name.inputValue()).toBe('Kettle Pond Commons');
    expect(page.faults).toEqual([]);
    await page.done();
  });
});

describe('when the server does not answer', () => {
  it('says so and changes nothing', async () => {
    const page = await openPage(browser);
    await page.goto(`${app.url}/gardens/kettle-pond-commons/targets`);
    await page.getByRole('button', { name: 'Choose Viceroy' }).waitFor();
    await page.route(/\/targets(\?|$)/, (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
    await page.getByRole('button', { name: 'Choose Viceroy' }).click();
    await page.getByRole('alert').getByText('Outwash’s server does not answer.').waitFor();
    await page.unroute(/\/targets(\?|$)/);
    await page.getByRole('button', { name: 'Choose Viceroy' }).click();
    await page.getByText('11 chosen of 89').waitFor();
    await page.done();
  });
});

describe('files', () => {
  it('a file that is no garden is answered in a sentence', async () => {
    const page = await openPage(browser);
    await page.goto(app.url);
    await page
      .getByLabel('Import garden files')
      .setInputFiles({ name: 'list.json', mimeType: 'application/json', buffer: Buffer.from('{') });
    await page.getByText('list.json is not a garden file').waitFor();
    await page.getByText('More for Juniper Wash').click();
    await page.getByRole('button', { name: 'Remove Juniper Wash' }).click();
    await page.getByRole('dialog', { name: 'Remove Juniper Wash?' }).getByRole('button', { name: 'Remove it' }).click();
    await page.getByText('Juniper Wash removed.').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('link', { name: 'Juniper Wash', exact: true }).waitFor();
    await page.done();
  });
});
