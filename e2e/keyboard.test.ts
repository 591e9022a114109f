import { expect, it } from 'vitest';
import { openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';
import type { Browser } from 'playwright-core';

/** The whole work by keyboard alone, on a page of 640 × 400 px: a screen of 1280 × 800 at 200 %. */
let app: RunningApp;
let browser: Browser;
withApp((its) => ({ app, browser } = its));

/** What has the focus: its name, and whether it is wholly out of sight or under something. */
const focused = (page: OpenPage) =>
  page.evaluate(() => {
    const el = document.activeElement as HTMLElement & { labels?: NodeListOf<HTMLLabelElement> };
    const name = el.getAttribute('aria-label') ?? el.labels?.[0]?.innerText ?? el.innerText ?? '';
    const box = (
      el.labels?.[0] && /file|checkbox/.test((el as HTMLInputElement).type) ? el.labels[0] : el
    ).getBoundingClientRect();
    const x = Math.min(Math.max(box.left + Math.min(box.width, 40) / 2, 0), innerWidth - 1);
    const inside = (y: number) => y >= 0 && y < innerHeight;
    const seen = [box.top + 3, (box.top + box.bottom) / 2, box.bottom - 3].some((y) => {
      const top = inside(y) ? document.elementFromPoint(x, y) : null;
      return top !== null && (el.contains(top) || top.contains(el) || top.closest('label')?.contains(el));
    });
    return {
      tag: el.tagName.toLowerCase(),
      name: name.trim().replace(/\s+/g, ' '),
      hidden: !seen,
      where: `${Math.round(box.top)} to ${Math.round(box.bottom)} px`,
    };
  });

/** Presses Tab until what has the focus has this name; nothing on the way may be lost or hidden. */
async function tabTo(page: OpenPage, name: RegExp, key = 'Tab') {
  const passed: string[] = [];
  for (let presses = 0; presses < 200; presses++) {
    await page.keyboard.press(key);
    const now = await focused(page);
    passed.push(now.name.slice(0, 30));
    if (now.tag !== 'body')
      expect(
        now.hidden,
        `“${now.name.slice(0, 60)}” (${now.tag}) has the focus out of sight on the way to ${name}: ${now.where}, after ${passed.slice(-6, -1).join(', ')}`,
      ).toBe(false);
    if (name.test(now.name)) return;
  }
  throw new Error(`Tab does not come to ${name}: it went by ${passed.slice(0, 40).join(', ')}.`);
}
/** Waits until the focus is where it should be after an act, and can be seen. */
async function expectFocus(page: OpenPage, name: RegExp, after: string) {
  await expect
    .poll(async () => (await focused(page)).name, { message: `the focus after ${after}`, timeout: 10_000 })
    .toMatch(name);
  expect((await focused(page)).hidden, `hidden after ${after}`).toBe(false);
}
const press = async (page: OpenPage, ...keys: string[]) => {
  for (const key of keys) await page.keyboard.press(key);
};

it('makes a garden, plans it and reads it, and always knows where it is', { timeout: 180_000 }, async () => {
  const page = await openPage(browser, 640, 400);
  await page.goto(app.url);
  await page.getByRole('heading', { name: 'Gardens' }).waitFor();
  await tabTo(page, /^Make a garden$/);
  await press(page, 'Enter');
  await expectFocus(page, /^Postal code$/, 'going to a new garden');
  await tabTo(page, /^Name/);
  await page.keyboard.type('Millrace corner');
  await tabTo(page, /^Make this garden$/);
  await press(page, 'Enter');
  await expectFocus(page, /^Targets$/, 'making a garden');
  await press(page, '1');
  await expectFocus(page, /^Beds and containers$/, 'going to Place');

  await tabTo(page, /^Add a bed or pots$/);
  await press(page, 'Enter');
  await page.getByRole('dialog').getByLabel('Name').waitFor();
  await tabTo(page, /^Name/);
  await page.keyboard.type('Long border');
  await tabTo(page, /^Add it$/);
  await press(page, 'Enter');
  await expectFocus(page, /^Add a bed or pots$/, 'saving a bed');
  await tabTo(page, /^Change Long border$/);
  await press(page, 'Enter');
  await page.getByRole('dialog').getByLabel('Name').waitFor();
  await press(page, 'Escape');
  await expectFocus(page, /^Change Long border$/, 'closing a bed');

  await press(page, '2');
  await expectFocus(page, /^Targets$/, 'going to Targets');
  await tabTo(page, /^Choose American lady$/);
  await press(page, 'Enter');
  await expectFocus(page, /^Choose /, 'choosing');
  await page.getByText('American lady chosen.').waitFor();
  await tabTo(page, /^Monarch/);
  await press(page, 'Enter');
  await expectFocus(page, /^Reasons/, 'asking for reasons');
  await press(page, 'Escape');
  await expectFocus(page, /^Monarch/, 'closing the reasons');
  await tabTo(page, /^Choose Monarch$/);
  await press(page, 'Enter');
  await expectFocus(page, /^Choose /, 'choosing again');

  await press(page, '4');
  await expectFocus(page, /^Plan$/, 'going to Plan');
  await tabTo(page, /^Propose$/, 'Shift+Tab');
  await press(page, 'Enter');
  await page.getByRole('heading', { name: 'A plan proposed' }).waitFor();
  await tabTo(page, /^Propose a plan$/);
  await press(page, 'Enter');
  await page.getByText(/Found in [\d.]+ s/).waitFor({ timeout: 60_000 });
  await expectFocus(page, /^What to add/, 'a proposal');
  await tabTo(page, /^Take the whole plan$/);
  await press(page, 'Enter');
  await expectFocus(page, /^Plan$/, 'taking the plan');
  await tabTo(page, /^Remove /);
  const removed = (await focused(page)).name;
  await press(page, 'Enter');
  await page.getByRole('button', { name: removed, exact: true }).waitFor({ state: 'detached' });
  await expectFocus(page, /^(Remove|Replace) /, 'removing a planting');

  await press(page, '5');
  await expectFocus(page, /^Season$/, 'going to Season');
  await tabTo(page, /^The braid of the season/);
  await press(page, 'ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown');
  const cursor = await page.locator('[data-current]').evaluate((mark) => mark.getBoundingClientRect().toJSON());
  expect(cursor.top).toBeGreaterThanOrEqual(0);
  expect(cursor.bottom).toBeLessThanOrEqual(400);
  await press(page, 'Enter');
  await expectFocus(page, /^Reasons/, 'Enter in the braid');
  await press(page, 'Escape');
  await expectFocus(page, /^The braid of the season/, 'closing the reasons of the braid');

  await press(page, '9');
  await expectFocus(page, /^Library$/, 'going to the library');
  await page.goto(`${app.url}/gardens/millrace-corner/library/plants/asclepias-tuberosa`);
  await page.getByRole('heading', { name: 'Butterfly milkweed' }).waitFor();
  await tabTo(page, /^Correct/);
  const correct = (await focused(page)).name;
  await press(page, 'Enter');
  await tabTo(page, /^Save as your own$/);
  await press(page, 'Enter');
  await page.getByText(/saved/i).first().waitFor();
  await expectFocus(page, new RegExp(`^(${correct}|Back to|Butterfly)`), 'correcting');
  expect(page.faults).toEqual([]);
  await page.done();
});

it('keeps at least 320 of 400 px for the view, and every station one press away', async () => {
  const page = await openPage(browser, 640, 400);
  for (const view of ['place', 'targets', 'match', 'plan', 'season', 'beds', 'work', 'log', 'library']) {
    await page.goto(`${app.url}/gardens/kettle-pond-commons/${view}`);
    await page.locator('#main h1').first().waitFor();
    const { top } = await page.locator('#main').evaluate((main) => main.getBoundingClientRect().toJSON());
    expect(400 - top, view).toBeGreaterThanOrEqual(320);
    const stations = page.getByRole('navigation', { name: 'Stations of the work' }).getByRole('link');
    expect(await stations.count()).toBe(9);
    for (const station of await stations.all()) expect((await station.boundingBox())!.y).toBeLessThan(80);
  }
  await page.done();
});
