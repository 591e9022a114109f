import { mkdirSync } from 'node:fs';
import { openBrowser, openPage, type OpenPage } from '../e2e/browser';
import { startApp } from '../e2e/running-app';

/**
 * One picture of each main view from the demo data, at 1280 × 800 (and one on a phone), into docs/screenshots. Of some only:
 * `npm run screenshots -- propose season`.
 */
const only = process.argv.slice(2);
const KETTLE = '/gardens/kettle-pond-commons';
const app = await startApp();
const browser = await openBrowser();
mkdirSync('docs/screenshots', { recursive: true });

async function shoot(name: string, path: string, ready: string, act?: (page: OpenPage) => Promise<unknown>, width = 1280) {
  if (only.length > 0 && !only.includes(name)) return;
  const page = await openPage(browser, width, width === 390 ? 844 : 800);
  await page.goto(app.url + path);
  await page.getByText(ready).first().waitFor();
  const ribbon = page.getByRole('slider', { name: 'Half-month shown' });
  if (await ribbon.count()) {
    await ribbon.fill('13');
    await ribbon.blur();
  }
  await act?.(page);
  await page.evaluate(() => scrollTo(0, 0));
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.done();
  console.log(`docs/screenshots/${name}.png`);
}

await shoot('gardens', '/', '7 of 10 close');
await shoot('place', `${KETTLE}/place`, 'South bank');
await shoot('yard', `${KETTLE}/place/yard`, 'Yard plan', (page) => page.getByRole('button', { name: /^White oak/ }).click());
await shoot('sun', `${KETTLE}/place/sun`, 'Computed for 24 half-months.');
await shoot('targets', `${KETTLE}/targets`, 'Monarch', (page) =>
  page
    .getByRole('button', { name: /Great spangled/ })
    .first()
    .click(),
);
await shoot('match', `${KETTLE}/match`, 'Swamp milkweed', (page) =>
  page.getByRole('button', { name: /^Swamp milkweed in South bank/ }).click(),
);
await shoot('plan', `${KETTLE}/plan`, 'Butterfly milkweed');
await shoot('propose', `${KETTLE}/plan/propose`, 'A plan proposed', async (page) => {
  await page.getByRole('button', { name: 'Propose a plan' }).click();
  await page.getByText(/Found in/).waitFor({ timeout: 30_000 });
});
await shoot('bed-plan', `${KETTLE}/beds`, 'South bank', async (page) => {
  await page.getByRole('link', { name: /^South bank/ }).click();
  await page.getByRole('heading', { name: 'How it is judged' }).waitFor();
});
await shoot('season', `${KETTLE}/season`, '7 of 10', (page) => page.getByText('patch too small').click());
await shoot('why', `${KETTLE}/log/why?of=asclepias-incarnata&symptom=eaten-to-stems`, 'What it may be');
await shoot('raise', `${KETTLE}/work/raise`, 'Stiff-leaved aster');
await shoot('new-garden', '/new-garden', 'A new garden', (page) =>
  page.getByText('Drawing the map').waitFor({ state: 'detached' }),
);
await shoot('library', `${KETTLE}/library`, 'American copper', (page) => page.getByRole('button', { name: 'Plants' }).click());
await shoot('creature', `${KETTLE}/library/targets/danaus-plexippus`, 'How to know it');
await shoot('plant', '/gardens/juniper-wash/library/plants/aristolochia-watsonii', 'How to raise it');
await shoot('work', '/gardens/juniper-wash/work', 'A dry spell', (page) =>
  page
    .getByRole('button', { name: /^Why.*North wall/ })
    .first()
    .click(),
);
await shoot('work-phone', `${KETTLE}/work`, 'What to do now', undefined, 390);
await shoot('log', `${KETTLE}/log/stages`, 'seen to close in 2026');
await browser.close();
await app.stop();
process.exit(0);
