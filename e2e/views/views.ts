import { expect, it } from 'vitest';
import { choose, drawnWhole, expectAccessible, openPage, withApp, type OpenPage } from '../browser';
import type { RunningApp } from '../running-app';
import type { Browser } from 'playwright-core';

type View = readonly [path: string, heading: string];

/** Every view, with the heading it has in the demo gardens; in two halves, looked at side by side. */
const KETTLE_VIEWS: View[] = [
  ['/gardens/kettle-pond-commons/place', 'Beds and containers'],
  ['/gardens/kettle-pond-commons/place/yard', 'Yard plan'],
  ['/gardens/kettle-pond-commons/place/sun', 'Sun over the yard'],
  ['/gardens/kettle-pond-commons/place/around', 'Around the garden'],
  ['/gardens/kettle-pond-commons/targets', 'Targets'],
  ['/gardens/kettle-pond-commons/match', 'Match'],
  ['/gardens/kettle-pond-commons/plan', 'Plan'],
  ['/gardens/kettle-pond-commons/plan/propose', 'A plan proposed'],
  ['/gardens/kettle-pond-commons/plan/what-if', 'What if'],
  ['/gardens/kettle-pond-commons/plan/leaf', 'Leaf, brood by brood'],
  ['/gardens/kettle-pond-commons/plan/shopping', 'Shopping list'],
  ['/gardens/kettle-pond-commons/season', 'Season'],
  ['/gardens/kettle-pond-commons/season/calendar', 'Bloom and flight'],
  ['/gardens/kettle-pond-commons/season/supply', 'Supply through the year'],
  ['/gardens/kettle-pond-commons/season/timing', 'Timing'],
  ['/gardens/kettle-pond-commons/season/dates', 'This garden’s own dates'],
  ['/gardens/kettle-pond-commons/beds', 'Beds'],
  ['/gardens/kettle-pond-commons/work', 'What to do now'],
  ['/gardens/kettle-pond-commons/work/raise', 'Raise'],
  ['/gardens/kettle-pond-commons/log', 'Log'],
  ['/gardens/kettle-pond-commons/log/why', 'Why'],
  ['/gardens/kettle-pond-commons/log/walks', 'Walks'],
  ['/gardens/kettle-pond-commons/log/stages', 'Stages seen'],
  ['/gardens/kettle-pond-commons/log/dates', 'First and last'],
];
const OTHER_VIEWS: View[] = [
  ['/', 'Gardens'],
  ['/new-garden', 'A new garden'],
  ['/installation', 'Backups and access'],
  ['/sign-in', 'Sign in'],
  ['/gardens/fourth-floor-brickyard-row/place/yard', 'Yard plan'],
  ['/gardens/fourth-floor-brickyard-row/season/timing', 'Timing'],
  ['/gardens/juniper-wash/targets', 'Targets'],
  ['/gardens/juniper-wash/season', 'Season'],
  ['/gardens/fourth-floor-brickyard-row/season', 'Season'],
  ['/gardens/fourth-floor-brickyard-row/beds', 'Beds'],
  ['/gardens/juniper-wash/work', 'What to do now'],
  ['/gardens/juniper-wash/work/year', 'The year’s work'],
  ['/gardens/kettle-pond-commons/work/planting', 'Planting day'],
  ['/gardens/fourth-floor-brickyard-row/work/raise', 'Raise'],
  ['/gardens/fourth-floor-brickyard-row/work/weather', 'Weather'],
  ['/gardens/kettle-pond-commons/log/grown', 'What grew'],
  ['/gardens/kettle-pond-commons/log/photos', 'Photographs'],
  ['/gardens/kettle-pond-commons/log/review', 'The year 2026'],
  ['/gardens/juniper-wash/log/files', 'In and out'],
  ['/gardens/fourth-floor-brickyard-row/log', 'Log'],
  ['/gardens/fourth-floor-brickyard-row/log/why?of=petroselinum-crispum&symptom=wilting', 'It wilts'],
  ['/gardens/kettle-pond-commons/library', 'Library'],
  ['/gardens/kettle-pond-commons/library/targets/danaus-plexippus', 'Monarch'],
  ['/gardens/kettle-pond-commons/library/targets/selasphorus-rufus', 'Rufous hummingbird'],
  ['/gardens/juniper-wash/library/plants/aristolochia-watsonii', "Watson's pipevine"],
  ['/gardens/kettle-pond-commons/library/tables', 'Tables and corrections'],
  ['/gardens/kettle-pond-commons/library/plants/new', 'A plant of your own'],
];
export const VIEWS = { kettle: KETTLE_VIEWS, others: OTHER_VIEWS, all: [...KETTLE_VIEWS, ...OTHER_VIEWS] };

/** Expects that nothing is wider than the screen. */
export async function expectNoSidewaysScroll(page: OpenPage) {
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(overflow, 'sideways scroll').toBeLessThanOrEqual(0);
}

/**
 * Expects a view made for a thumb: nothing scrolls sideways within it either, and whatever can be pressed is 44 px high
 * and wide, but for words within a sentence, which are as high as their line.
 */
export async function expectForThumb(page: OpenPage) {
  const found = await page.evaluate(() => {
    const faults: string[] = [];
    const nameOf = (el: Element) =>
      `${el.tagName.toLowerCase()} “${(el.getAttribute('aria-label') ?? el.textContent ?? '').trim().slice(0, 40)}”`;
    for (const el of document.querySelectorAll('body *'))
      if (el.checkVisibility() && /auto|scroll/.test(getComputedStyle(el).overflowX) && el.scrollWidth > el.clientWidth + 1)
        faults.push(`${nameOf(el)} scrolls sideways: ${el.scrollWidth} in ${el.clientWidth} px`);
    const inSentence = (el: Element) =>
      getComputedStyle(el).display.startsWith('inline') &&
      [...el.parentElement!.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent!.trim() !== '');
    const pressable = 'a[href], button, select, summary, textarea, input:not([type=hidden])';
    for (const el of document.querySelectorAll<HTMLInputElement>(pressable)) {
      const own = el.getBoundingClientRect();
      if (own.width <= 1 || getComputedStyle(el).visibility === 'hidden' || inSentence(el)) continue;
      // A box or a file field is pressed by its label too.
      const label = /checkbox|radio|file/.test(el.type) ? el.labels?.[0]?.getBoundingClientRect() : undefined;
      const [width, height] = [Math.max(own.width, label?.width ?? 0), Math.max(own.height, label?.height ?? 0)];
      if (width < 43.5 || height < 43.5) faults.push(`${nameOf(el)} is ${Math.round(width)} × ${Math.round(height)} px`);
    }
    return faults;
  });
  expect(found).toEqual([]);
}

/** Looks at views at a width: all rules of accessibility by day `except` some, its colours at dusk too where asked. */
export function viewsAt(
  views: readonly View[],
  width: number,
  { except = [], dusk = false, thumb = false }: { except?: string[]; dusk?: boolean; thumb?: boolean },
) {
  let app: RunningApp;
  let browser: Browser;
  withApp((running) => ({ app, browser } = running));
  it.each(views)('%s has its heading, no findings and nothing wider than the screen', async (path, heading) => {
    const page = await openPage(browser, width);
    await page.goto(app.url + path);
    await page.getByRole('heading', { level: 1, name: heading }).waitFor();
    await drawnWhole(page);
    await expectAccessible(page, `${path} at ${width}`, { except });
    await expectNoSidewaysScroll(page);
    if (thumb) await expectForThumb(page);
    if (dusk && path.startsWith('/gardens/')) {
      await choose(page, 'dusk');
      await page.locator('html[data-theme=dusk]').waitFor();
      await expectAccessible(page, `${path} at dusk`, { only: ['color-contrast', 'link-in-text-block'] });
    }
    expect(page.faults).toEqual([]);
    await page.done();
  });
}
