import type { Page } from 'playwright-core';
import { openBrowser } from '../e2e/browser';
import { startApp } from '../e2e/running-app';

/**
 * How smoothly the braid of twenty targets changes: frames drawn in the second after a change, as a share of the frames
 * the same page draws in a second when nothing moves. Wants a built application.
 */
const KETTLE = '/api/gardens/kettle-pond-commons';
const app = await startApp();
const browser = await openBrowser();

const library = (await app.call('GET', '/api/library')).body.library;
const here = new Set((await app.call('GET', KETTLE)).body.targets.map((row: { target: string }) => row.target));
const more = library.occurrence.filter(
  (row: { region: string; target: string }) => row.region === 'northeast-coast' && !here.has(row.target),
);
for (const { target } of more.slice(0, 20 - here.size))
  await app.call('POST', `${KETTLE}/targets`, { target, ambition: 'breeds', priority: 5 });

const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
// The runner of this file names functions by a helper that the page does not have.
await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
await page.goto(`${app.url}/gardens/kettle-pond-commons/season`);
await page
  .getByText(/of 20 close/)
  .first()
  .waitFor();
await page.waitForTimeout(3000);

/** Frames in the second after a press, and the longest wait for one (ms). */
const frames = (of: Page, press: string | null) =>
  of.evaluate(
    (name) =>
      new Promise<{ frames: number; longest: number }>((resolve) => {
        const button = name ? [...document.querySelectorAll('button')].find((row) => row.textContent?.trim() === name) : null;
        let start = 0;
        let last = 0;
        let count = 0;
        let longest = 0;
        const step = (now: number) => {
          if (start === 0) start = now;
          else {
            count++;
            longest = Math.max(longest, now - last);
          }
          last = now;
          if (now - start < 1000) requestAnimationFrame(step);
          else resolve({ frames: count, longest });
        };
        button?.click();
        requestAnimationFrame(step);
      }),
    press,
  );

const site = (await app.call('GET', KETTLE)).body.garden;
const { id: _id, revision, ...fields } = site;
await app.call('PUT', KETTLE, { revision, fields: { ...fields, school_autumn: 'clear' } });
await page.reload();
await page
  .getByText(/of 20 close/)
  .first()
  .waitFor();
await page.waitForTimeout(3000);
const still = await frames(page, null);
for (const press of ['Undo', 'Redo', 'Undo', 'Redo']) {
  const moving = await frames(page, press);
  console.log(
    `${press}: ${moving.frames} frames, ${(moving.frames / still.frames).toFixed(2)} × a still page's ${still.frames}; longest wait ${(moving.longest / (1000 / still.frames)).toFixed(1)} frames`,
  );
  await page.waitForTimeout(1500);
}
await browser.close();
await app.stop();
process.exit(0);
