import type { Page } from 'playwright-core';
import { openBrowser } from '../e2e/browser';
import { startApp } from '../e2e/running-app';
import { readLibrary } from '../scripts/reference-files';
import { largestGarden } from '../core/testing/largest-garden';

/**
 * How soon a press is answered on the screen, in the largest garden: 200 presses, each timed in the page from the press to
 * the frame that shows its answer. `npm run bench:presses`.
 */
interface Press {
  name: string;
  /** What is pressed; the n-th that is in sight where there are several. */
  on: string;
  nth?: number;
  /** A choice or words instead of a click. */
  choose?: string;
  type?: string;
  key?: string;
  /** Is it farther down, where it is made when it comes near? */
  below?: boolean;
  /** What the page shows once it is answered: true when it does. `before` is the text that was shown. */
  answered: string;
}
const text = (selector: string) => `(document.querySelector(${JSON.stringify(selector)})?.textContent ?? '')`;
const appears = (selector: string) => `document.querySelector(${JSON.stringify(selector)}) !== null`;
const heading = (name: string) => `${text('#main h1')}.startsWith(${JSON.stringify(name)})`;
const STATIONS: [string, string][] = [
  ['place', 'Beds and containers'],
  ['targets', 'Targets'],
  ['match', 'Match'],
  ['plan', 'Plan'],
  ['season', 'Season'],
  ['library', 'Library'],
];
const go = (station: string): Press => ({
  name: `to ${station}`,
  on: `nav[aria-label="Stations of the work"] a[href$="/${station}"]`,
  answered: heading(STATIONS.find(([key]) => key === station)![1]),
});
const reasons = (name: string, on: string, nth: number): Press => ({
  name,
  on,
  nth,
  answered: `${text('aside[aria-label=Reasons] h3')} !== '' && ${text('aside[aria-label=Reasons]')} !== before`,
});
const round = (n: number): Press[] => [
  go('targets'),
  reasons('reasons of a creature', '#main tbody th button', n),
  { name: 'choose a creature', on: '#main td.act .press-main', nth: n, answered: 'said !== before' },
  { name: 'remove a creature', on: '#main td.act .press:not(.press-main)', nth: n + 3, answered: 'said !== before' },
  { name: 'undo', on: 'header button:has-text("Undo")', answered: 'said !== before' },
  { name: 'sort the creatures', on: '#main select', choose: n % 2 ? 'name' : 'first', answered: 'true' },
  go('match'),
  reasons('why it fits', '#main tbody td button', n * 2),
  { name: 'a name typed', on: '#main input[type=search]', type: 'aster', answered: `${text('#main tbody')} !== before` },
  { name: 'the name cleared', on: '#main input[type=search]', type: '', answered: `${text('#main tbody')} !== before` },
  { name: 'natives only', on: '#main label:has-text("native here") input', answered: `${text('#main h1 + p')} !== before` },
  {
    name: 'hosts only',
    on: '#main form label:nth-of-type(3) select',
    choose: n % 2 ? 'nectar' : 'host',
    answered: `${text('#main h1 + p')} !== before`,
  },
  go('plan'),
  { name: 'a count', on: '#main td input[type=number]', nth: n * 3, type: String(6 + n), answered: 'said !== before' },
  { name: 'lock a planting', on: '#main td.text-center input', nth: n * 3 + 1, answered: 'said !== before' },
  reasons('reasons of a planting', '#main tbody th button', n * 2),
  { name: 'undo', on: 'header button:has-text("Undo")', answered: 'said !== before' },
  go('season'),
  { name: 'the year moved on', on: 'body', key: ']', answered: `${text('section[aria-label="The year"] strong')} !== before` },
  { ...reasons('reasons of a need', '#main td .link', n), below: true },
  {
    name: 'gaps only',
    below: true,
    on: '#main label:has-text("gaps only") input',
    answered: `${text('#main .tabular tbody')} !== before`,
  },
  go('library'),
  {
    name: 'a name in the library',
    on: '#main input[type=search]',
    type: 'swallowtail',
    answered: `${text('#main tbody')} !== before`,
  },
  go('place'),
  { name: 'a bed opened', on: '#main td.act button:has-text("Change")', nth: n, answered: appears('[role=dialog] input') },
  { name: 'a bed closed', on: 'body', key: 'Escape', answered: `!(${appears('[role=dialog]')})` },
];

/** Presses, and returns the milliseconds from the press to the first frame after its answer. */
async function timed(page: Page, press: Press): Promise<number> {
  if (press.below) await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  const element = page
    .locator(press.on)
    .locator('visible=true')
    .nth(press.nth ?? 0);
  await element.scrollIntoViewIfNeeded();
  const watched = /text|before/.test(press.answered)
    ? (press.answered.match(/document\.querySelector\([^)]*\)\?\.textContent \?\? ''/)?.[0] ?? "''")
    : "''";
  await page.evaluate(
    ([answered, shown, counted]) => {
      const said = () =>
        [...document.querySelectorAll('[data-notices] > *')].map((row) => row.textContent).join('|') +
        document.querySelectorAll('[data-notices] > *').length;
      const before = answered!.includes('said') ? said() : (0, eval)(`(${shown})`);
      const done = new Function('before', 'said', `return ${answered}`);
      let from = 0;
      (window as never as { answer: Promise<number> }).answer = new Promise((resolve) => {
        const begin = (event: Event) => {
          if (from) return;
          from = event.timeStamp;
          // Looked at before each frame; a message sent then arrives when the frame is on the screen.
          const look = () => {
            if (!done(before, said())) return void requestAnimationFrame(look);
            const { port1, port2 } = new MessageChannel();
            port1.onmessage = () => resolve(performance.now() - from);
            port2.postMessage(null);
          };
          requestAnimationFrame(look);
        };
        // A number counts when its field is left, not when it is typed.
        for (const kind of counted ? ['change'] : ['pointerdown', 'keydown', 'input', 'change'])
          addEventListener(kind, begin, { capture: true, once: true });
      });
    },
    [press.answered, watched, press.on.includes('number') ? 'y' : ''],
  );
  if (press.choose !== undefined) await element.selectOption(press.choose);
  else if (press.type !== undefined) {
    await element.fill(press.type);
    if (press.on.includes('number')) await element.blur();
  } else if (press.key) await page.keyboard.press(press.key);
  else await element.click();
  return page.evaluate(() => (window as never as { answer: Promise<number> }).answer);
}

const { library } = readLibrary();
const app = await startApp();
const { body, status } = await app.call('POST', '/api/garden-files', largestGarden(library));
if (status !== 201) throw new Error(`The largest garden was not imported: ${JSON.stringify(body)}`);
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.setDefaultTimeout(10_000);
await page.goto(`${app.url}/gardens/${body.id ?? body.garden.id}/place`);
await page.getByRole('heading', { level: 1 }).waitFor();
const found: { name: string; ms: number }[] = [];
for (let n = 0; found.length < 200; n++)
  for (const press of round(n)) {
    if (found.length >= 200) break;
    try {
      found.push({ name: press.name, ms: await timed(page, press) });
      if (process.env.SHOW) console.log(press.name, found.at(-1)!.ms.toFixed(0));
    } catch (error) {
      throw new Error(`Press ${found.length + 1}, “${press.name}”: ${error instanceof Error ? error.message : error}`);
    }
  }
const sorted = found.map((row) => row.ms).sort((a, b) => a - b);
const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(0);
console.log(`${found.length} presses: half within ${at(0.5)} ms, 95 of 100 within ${at(0.95)} ms, the slowest ${at(1)} ms`);
console.log('\nThe ten slowest');
for (const { name, ms } of [...found].sort((a, b) => b.ms - a.ms).slice(0, 10))
  console.log(`${ms.toFixed(0).padStart(6)} ms  ${name}`);
console.log('\nBy kind, the median');
const kinds = [...new Set(found.map((row) => row.name))].map((name) => {
  const of = found
    .filter((row) => row.name === name)
    .map((row) => row.ms)
    .sort((a, b) => a - b);
  return { name, ms: of[Math.floor(of.length / 2)]!, n: of.length };
});
for (const { name, ms, n } of kinds.sort((a, b) => b.ms - a.ms)) console.log(`${ms.toFixed(0).padStart(6)} ms  ${name} (${n})`);
await browser.close();
await app.stop();
process.exit(0);
