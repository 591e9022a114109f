import { launch } from 'chrome-launcher';
import lighthouse, { desktopConfig } from 'lighthouse';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './steps.mjs';

/**
 * Measures the built application as Lighthouse does, for a desktop and for a phone: performance, accessibility and best
 * practices of a few views, and what holds the worst of them back. `npm run lighthouse -- [part of a name]`.
 */
const VIEWS = [
  ['Gardens', '/'],
  ['Season', '/gardens/kettle-pond-commons/season'],
  ['Match', '/gardens/kettle-pond-commons/match'],
  ['Place', '/gardens/kettle-pond-commons/place'],
];
const CATEGORIES = ['performance', 'accessibility', 'best-practices'];
const WANTED = 95;
const PORT = 4179;
const [part = ''] = process.argv.slice(2);

const folder = mkdtempSync(join(tmpdir(), 'outwash-'));
const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
  cwd: ROOT,
  stdio: 'ignore',
  env: {
    ...process.env,
    NITRO_HOST: '127.0.0.1',
    NITRO_PORT: String(PORT),
    OUTWASH_ROOT: ROOT,
    OUTWASH_DATABASE: join(folder, 'outwash.sqlite'),
    OUTWASH_LOG: 'silent',
  },
});
const answers = () =>
  fetch(`http://127.0.0.1:${PORT}/api/gardens`).then(
    (response) => response.ok,
    () => false,
  );
for (let tries = 0; tries < 100 && !(await answers()); tries++) await new Promise((resolve) => setTimeout(resolve, 100));
const chrome = await launch({
  chromePath: process.env.CHROME_PATH ?? '/usr/bin/chromium',
  chromeFlags: ['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
let low = 0;
try {
  console.log(`${'view'.padEnd(18)}${CATEGORIES.map((name) => name.padStart(16)).join('')}   largest paint   blocked   bytes`);
  for (const [device, config] of [
    ['desktop', desktopConfig],
    ['phone', undefined],
  ])
    for (const [name, path] of VIEWS) {
      if (!`${name} ${device}`.toLowerCase().includes(part.toLowerCase())) continue;
      const { lhr } = await lighthouse(
        `http://127.0.0.1:${PORT}${path}`,
        { port: chrome.port, onlyCategories: CATEGORIES, logLevel: 'error' },
        config,
      );
      const scores = CATEGORIES.map((category) => Math.round(100 * (lhr.categories[category].score ?? 0)));
      low += scores.filter((score) => score < WANTED).length;
      const shown = (audit) => lhr.audits[audit]?.displayValue ?? '';
      console.log(
        `${`${name}, ${device}`.padEnd(18)}${scores.map((score) => String(score).padStart(16)).join('')}   ${shown('largest-contentful-paint').padStart(13)}   ${shown('total-blocking-time').padStart(7)}   ${Math.round((lhr.audits['total-byte-weight']?.numericValue ?? 0) / 1000)} kB`,
      );
      for (const category of CATEGORIES)
        for (const { id } of lhr.categories[category].auditRefs) {
          const audit = lhr.audits[id];
          const counts =
            category === 'performance' ? audit.scoreDisplayMode === 'metricSavings' : audit.scoreDisplayMode === 'binary';
          if (counts && audit.score !== null && audit.score < 0.9)
            console.log(`    ${audit.title}${audit.displayValue ? `: ${audit.displayValue}` : ''}`);
        }
    }
} finally {
  chrome.kill();
  server.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
}
console.log(low === 0 ? `All are at ${WANTED} or more.` : `${low} of the scores are below ${WANTED}.`);
process.exit(low === 0 ? 0 : 1);
