import type { Browser } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { expectAccessible, openPage, remember, withApp } from '../browser';
import type { RunningApp } from '../running-app';

let app: RunningApp;
let browser: Browser;
withApp((running) => ({ app, browser } = running));

describe('dusk', () => {
  it.each([
    'season',
    'season/calendar',
    'season/supply',
    'season/timing',
    'season/dates',
    'match',
    'place',
    'place/yard',
    'place/sun',
    'place/around',
    'plan',
    'plan/what-if',
    'plan/shopping',
    'targets',
    'library',
    'library/plants/asclepias-incarnata',
  ])('is as readable in %s', async (view) => {
    const page = await openPage(browser);
    await remember(page, app.url, 'outwash-theme', 'dusk');
    await page.goto(`${app.url}/gardens/kettle-pond-commons/${view}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    expect(await page.locator('html').getAttribute('data-theme')).toBe('dusk');
    // Colours are all that differs.
    await expectAccessible(page, `${view} at dusk`, { only: ['color-contrast', 'link-in-text-block'] });
    await page.done();
  });
});
