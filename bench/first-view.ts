import { openBrowser } from '../e2e/browser';
import { startApp } from '../e2e/running-app';

/**
 * What a first visit fetches, view by view: bytes over the wire (as encoded), of them scripts, and how long it takes to the
 * frame with the view's heading; and the same for a second visit. `npm run bench:first-view`.
 */
const VIEWS: [string, string][] = [
  ['Gardens', '/'],
  ['Place', '/gardens/kettle-pond-commons/place'],
  ['Targets', '/gardens/kettle-pond-commons/targets'],
  ['Match', '/gardens/kettle-pond-commons/match'],
  ['Plan', '/gardens/kettle-pond-commons/plan'],
  ['Season', '/gardens/kettle-pond-commons/season'],
  ['Library', '/gardens/kettle-pond-commons/library'],
];
const app = await startApp();
const browser = await openBrowser();
console.log('view       first visit        scripts   requests   heading after   second visit   heading after');
for (const [name, path] of VIEWS) {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.addInitScript(() => {
    const look = () => {
      if (document.querySelector('h1')) (window as { headingAt?: number }).headingAt = performance.now();
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  const devtools = await context.newCDPSession(page);
  await devtools.send('Network.enable');
  const fetched = new Map<string, { type: string; bytes: number }>();
  devtools.on('Network.responseReceived', ({ requestId, type }) => fetched.set(requestId, { type, bytes: 0 }));
  devtools.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const row = fetched.get(requestId);
    if (row) row.bytes = encodedDataLength;
  });
  const visit = async () => {
    fetched.clear();
    await page.goto(app.url + path, { waitUntil: 'networkidle' });
    const rows = [...fetched.values()];
    const kB = (of: typeof rows) => of.reduce((sum, row) => sum + row.bytes, 0) / 1000;
    const heading = await page.evaluate(() => (window as { headingAt?: number }).headingAt!);
    return { all: kB(rows), scripts: kB(rows.filter((row) => row.type === 'Script')), requests: rows.length, heading };
  };
  const first = await visit();
  const second = await visit();
  const kB = (value: number) => `${value.toFixed(0).padStart(6)} kB`;
  const ms = (value: number) => `${value.toFixed(0).padStart(8)} ms`;
  console.log(
    `${name.padEnd(10)} ${kB(first.all)}      ${kB(first.scripts)}   ${String(first.requests).padStart(8)}     ${ms(first.heading)}      ${kB(second.all)}     ${ms(second.heading)}`,
  );
  await context.close();
}
await browser.close();
await app.stop();
process.exit(0);
