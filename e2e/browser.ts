import AxeBuilder from '@axe-core/playwright';
import { chromium, type Browser, type Page } from 'playwright-core';
import { expect } from 'vitest';

/** Debian's Chromium, headless. */
export const openBrowser = (): Promise<Browser> =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--no-first-run'],
  });

/** A page that fails its test on any error of the application's scripts. */
export async function openPage(browser: Browser, width = 1280, height = 800): Promise<Page & { faults: string[] }> {
  const context = await browser.newContext({ viewport: { width, height }, reducedMotion: 'reduce' });
  const page = await context.newPage();
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('console', (message) => {
    // A refused request is logged by the browser itself; the application's answer to it is what is tested.
    if (message.type() === 'error' && !message.text().includes('Failed to load resource')) faults.push(message.text());
  });
  page.setDefaultTimeout(10_000);
  return Object.assign(page, { faults });
}

/** Expects no accessibility findings (WCAG 2.2 AA and best practice) on the page as it stands. */
export async function expectAccessible(page: Page, what: string) {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  const found = violations.map(
    (v) =>
      `${v.id}: ${v.nodes
        .map((node) => node.target.join(' '))
        .slice(0, 3)
        .join(' | ')}`,
  );
  expect(found, what).toEqual([]);
}
