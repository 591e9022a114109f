import AxeBuilder from '@axe-core/playwright';
import { chromium, type Browser, type Page } from 'playwright-core';
import { afterAll, afterEach, beforeAll, beforeEach, expect } from 'vitest';
import { startApp, type RunningApp } from './running-app';

/** Debian's Chromium, headless. */
export const openBrowser = (): Promise<Browser> =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--no-first-run'],
  });

/** The application and a browser of this file's own, from before its first test to after its last. */
export function withApp(take: (running: { app: RunningApp; browser: Browser }) => void) {
  let running: { app: RunningApp; browser: Browser };
  beforeAll(async () => {
    const [app, browser] = await Promise.all([startApp(), openBrowser()]);
    take((running = { app, browser }));
  });
  afterAll(async () => {
    await running.browser.close();
    await running.app.stop();
  });
}

/** The same, and for each test a page as a new visitor has it, on which no script may fail. */
export function withPage(take: (running: { app: RunningApp; browser: Browser; page: OpenPage }) => void) {
  let running: { app: RunningApp; browser: Browser };
  let page: OpenPage;
  withApp((its) => (running = its));
  beforeEach(async () => {
    page = await openPage(running.browser);
    take({ ...running, page });
  });
  afterEach(async () => {
    expect(page.faults).toEqual([]);
    await page.done();
  });
}

export interface OpenPage extends Page {
  /** Errors of the application's scripts: none in a sound test. */
  faults: string[];
  /** Closes the page and forgets what it remembered. */
  done(): Promise<void>;
}

/** Pages that are done with. Opening one is slow, and its scripts are compiled by now: the next test is given it, blank. */
const idle = new WeakMap<Browser, Page[]>();

/** A page as a new visitor has it, which collects the errors of the application's scripts. */
export async function openPage(browser: Browser, width = 1280, height = 800): Promise<OpenPage> {
  const pages = idle.get(browser) ?? [];
  idle.set(browser, pages);
  const page = pages.pop() ?? (await (await browser.newContext({ reducedMotion: 'reduce', serviceWorkers: 'block' })).newPage());
  await page.setViewportSize({ width, height });
  page.setDefaultTimeout(45_000);
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('console', (message) => {
    // A refused request is logged by the browser itself; the application's answer to it is what is tested.
    if (message.type() === 'error' && !message.text().includes('Failed to load resource')) faults.push(message.text());
  });
  const done = async () => {
    await page.unrouteAll({ behavior: 'wait' });
    const { origin } = new URL(page.url());
    const devtools = await page.context().newCDPSession(page);
    await page.goto('about:blank');
    await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'local_storage,indexeddb' });
    await devtools.detach();
    page.removeAllListeners();
    pages.push(page);
  };
  return Object.assign(page, { faults, done });
}

/** Chooses in the settings, by the words of the choices. */
export async function choose(page: Page, ...choices: string[]) {
  await page.getByRole('button', { name: 'Settings' }).click();
  const settings = page.getByRole('dialog');
  for (const name of choices) await settings.getByRole('radio', { name: new RegExp(`^${name}`) }).check();
  await settings.getByRole('button', { name: 'Done' }).click();
  await settings.waitFor({ state: 'detached' });
}

/** Waits until a view is whole: nothing in it has changed for a while. */
export const drawnWhole = (page: Page, quiet = 250, most = 10_000) =>
  page.evaluate(
    ([still, longest]) =>
      new Promise<void>((resolve) => {
        const end = () => {
          watch.disconnect();
          resolve();
        };
        let timer = setTimeout(end, still);
        setTimeout(end, longest);
        const watch = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(end, still);
        });
        watch.observe(document.body, { childList: true, subtree: true });
      }),
    [quiet, most] as const,
  );

/** Lets a page remember something, as if it had been chosen there before. */
export async function remember(page: Page, url: string, key: string, value: string) {
  await page.goto(`${url}/favicon.svg`);
  await page.evaluate(([name, text]) => localStorage.setItem(name!, text!), [key, value]);
}

export interface AccessibilityOptions {
  /** Some rules only, or all except some. */
  only?: string[];
  except?: string[];
  /** The part of the page that is looked at, where the rest was already. */
  within?: string;
}

/** Expects no accessibility findings (WCAG 2.2 AA and best practice) on the page as it stands. */
export async function expectAccessible(page: Page, what: string, { only, except = [], within }: AccessibilityOptions = {}) {
  // From the top: what lies half under the band while a page is scrolled can be scrolled out from under it.
  await page.evaluate(() => window.scrollTo(0, 0));
  const values = only ?? ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  const rules = Object.fromEntries(except.map((rule) => [rule, { enabled: false }]));
  const axe = new AxeBuilder({ page })
    .options({ runOnly: { type: only ? 'rule' : 'tag', values }, rules, resultTypes: ['violations'] })
    // Without the second page that reads the results: there are no frames, and it takes longer than the rules.
    .setLegacyMode();
  const { violations } = await (within ? axe.include(within) : axe).analyze();
  const found = violations.map(
    (v) =>
      `${v.id}: ${v.nodes
        .map((node) => node.target.join(' '))
        .slice(0, 3)
        .join(' | ')}`,
  );
  expect(found, what).toEqual([]);
}
