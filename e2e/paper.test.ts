import { expect, it } from 'vitest';
import { openPage, withApp, type OpenPage } from './browser';
import type { RunningApp } from './running-app';
import type { Browser } from 'playwright-core';

/** What is printed is a document: whose it is and of what day, its pages numbered, and nothing to press or fill in. */
let app: RunningApp;
let browser: Browser;
withApp((its) => ({ app, browser } = its));

const onPaper = async (path: string): Promise<OpenPage> => {
  const page = await openPage(browser);
  await page.goto(app.url + path);
  await page.locator('#main h1').first().waitFor();
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  return page;
};
const done = async (page: OpenPage) => {
  expect(page.faults).toEqual([]);
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await page.emulateMedia({ media: null });
  await page.done();
};

it.each([
  ['plan', /7\s*seaside goldenrod|Plantain-leaved pussytoes/],
  ['place/yard', /South bank/],
  ['targets', /Monarch/],
  ['match', /Butterfly milkweed/],
  ['library', /Zebra swallowtail|Viceroy/],
  ['library/plants/asclepias-tuberosa', /Asclepias tuberosa/],
  ['work', /Cut last year’s stems/],
])('%s on paper has its name, its day and its pages, and no controls', async (view, content) => {
  const page = await onPaper(`/gardens/kettle-pond-commons/${view}`);
  const paper = await page.evaluate(() => {
    const seen = (el: Element) => el.getClientRects().length > 0 && getComputedStyle(el).visibility !== 'hidden';
    const controls = [...document.querySelectorAll('input, select, textarea, .press, nav, canvas, summary')].filter(seen);
    // Words that can be pressed on the screen stand as plain words.
    const pressed = [...document.querySelectorAll('button, a')].filter(
      (el) => seen(el) && getComputedStyle(el).textDecorationLine !== 'none',
    );
    const rules = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]).filter((rule) => rule instanceof CSSPageRule);
    return {
      text: document.body.innerText,
      left: [...controls, ...pressed].map((el) => el.outerHTML.slice(0, 120)),
      pages: rules.map((rule) => rule.cssText).join(' '),
      wide: document.documentElement.scrollWidth - document.documentElement.clientWidth,
    };
  });
  expect(paper.left).toEqual([]);
  expect(paper.text).toContain('Kettle Pond Commons');
  expect(paper.text).toMatch(content);
  expect(paper.text).toMatch(new RegExp(`\\b${new Date().getDate()} [A-Z][a-z]+ ${new Date().getFullYear()}`));
  expect(paper.pages).toContain('counter(pages)');
  expect(paper.pages).toContain('Kettle Pond Commons');
  await done(page);
});

it('prints the whole library and the whole match, not only the rows in sight', async () => {
  const page = await onPaper('/gardens/kettle-pond-commons/library');
  expect(await page.locator('#main tbody tr:not([aria-hidden])').count()).toBe(89);
  await done(page);
  const match = await onPaper('/gardens/kettle-pond-commons/match');
  const said = (await match.locator('h1 + p').textContent())!;
  expect(await match.locator('#main tbody tr:not([aria-hidden])').count()).toBe(Number(/^\d+/.exec(said)![0]));
  await done(match);
});

it('says on the printed plan how many, what for, in which state and since when', async () => {
  const page = await onPaper('/gardens/kettle-pond-commons/plan');
  const row = page.getByRole('row', { name: /Butterfly milkweed/ });
  expect((await row.innerText()).replace(/\s+/g, ' ')).toMatch(/Asclepias tuberosa; host of Monarch.* 6 .*in ground 2023/);
  await done(page);
});

it('cannot be led astray by the name of a garden', async () => {
  const file = (await app.call('GET', '/api/gardens/kettle-pond-commons/export')).body;
  file.garden = { ...file.garden, id: 'odd', name: '</style><b id="in">"} body { display: none' };
  const { body } = await app.call('POST', '/api/garden-files', file);
  const page = await onPaper(`/gardens/${body.garden.id}/plan`);
  expect(await page.locator('#in').count()).toBe(0);
  expect(await page.locator('#main').isVisible()).toBe(true);
  await done(page);
});
