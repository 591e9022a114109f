import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, checkNode, compileSqlite, installChromium, installPackages, ROOT, say, start } from './steps.mjs';
import { runTasks } from './tasks.mjs';
import { readReport, slowest } from './test-report.mjs';

/**
 * Types, lint, arrows, unused code, reference library, then all tests: two things at a time, each as soon as what it
 * needs is there. The last line counts them.
 */
const began = Date.now();
checkNode();
installPackages();
const folder = join(ROOT, '.test-tmp');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });

// What the browser tests wait for, the compiler and the build, has the processor first.
const patient = true;
const npx =
  (...args) =>
  () =>
    start('npx', args, { env: { NUXT_TELEMETRY_DISABLED: '1' }, patient });
const npm = (script) => () => start('npm', ['run', '--silent', script], { patient });
const reportOf = (project) => join(folder, `${project}.json`);
/** Tests of a project; the browser tests print as they go on, since nothing else runs beside them. */
const tests =
  (project, workers, shown = false) =>
  () =>
    start(
      'npx',
      [
        ...['vitest', 'run', '--project', project, `--maxWorkers=${workers}`],
        ...['--reporter=default', '--reporter=json', `--outputFile.json=${reportOf(project)}`],
      ],
      { shown, patient: !shown },
    );

/** In the order in which they are begun. Both the type check and the build write .nuxt: never together. */
const TASKS = [
  { name: 'Chromium', kind: 'step', places: 0, work: installChromium },
  { name: 'better-sqlite3 compiled', kind: 'step', work: compileSqlite },
  { name: 'Type check of the application', kind: 'check', work: npx('nuxt', 'typecheck') },
  { name: 'Build', kind: 'step', after: ['better-sqlite3 compiled', 'Type check of the application'], work: build },
  { name: 'Tests of core', kind: 'tests', project: 'core', work: tests('core', 1) },
  { name: 'Type check of core, tests and scripts', kind: 'check', work: npx('tsc', '--noEmit', '-p', 'tsconfig.tools.json') },
  { name: 'Lint', kind: 'check', work: npm('lint:code') },
  { name: 'Layout', kind: 'check', work: npm('lint:layout') },
  { name: 'Arrows', kind: 'check', work: npm('check:arrows') },
  { name: 'Unused code', kind: 'check', work: npm('check:unused') },
  { name: 'Reference library', kind: 'check', work: npm('check:reference') },
  { name: 'Tests of the server', kind: 'tests', project: 'server', after: ['better-sqlite3 compiled'], work: tests('server', 1) },
  {
    name: 'Tests in the browser',
    kind: 'tests',
    project: 'application',
    after: ['Build', 'Chromium'],
    places: 2,
    work: tests('application', 2, true),
  },
];

const results = await runTasks(TASKS, 2, ({ name }, { ok, output, seconds }) => {
  say(`${name}: ${ok ? 'passed' : 'failed'} (${Math.round(seconds)} s)`);
  if (!ok) console.error(output);
});

let passed = 0;
let failed = 0;
const reports = [];
for (const { name, kind, project } of TASKS) {
  const result = results.get(name);
  if (kind === 'tests' && result) {
    const report = readReport(reportOf(project));
    reports.push(report);
    passed += report.passed;
    // A file that cannot be loaded fails without a test of its own.
    failed += report.failed || (result.ok ? 0 : 1);
  } else if (result?.ok) passed += kind === 'check' ? 1 : 0;
  else {
    failed++;
    if (!result) console.error(`${name}: not run, since what it needs failed.`);
  }
}
console.log(`\nThe ten slowest tests:\n${slowest(reports, 10).join('\n')}`);
console.log(`All of it took ${Math.round((Date.now() - began) / 1000)} s.`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 || passed === 0 ? 1 : 0);
