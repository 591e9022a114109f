import { readFileSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, checkNode, installChromium, installPackages, ROOT, run, say } from './steps.mjs';

/** Type check, lint, reference check, unit, server and browser tests; the last line counts them. */
checkNode();
installPackages();
installChromium();

let failedChecks = 0;
let passedChecks = 0;
function check(name, command, args) {
  say(name);
  if (run(command, args, { NUXT_TELEMETRY_DISABLED: '1' })) passedChecks++;
  else {
    failedChecks++;
    console.error(`${name}: failed.`);
  }
}
build();
check('Type check of the application', 'npx', ['nuxt', 'typecheck']);
check('Type check of core, tests and scripts', 'npx', ['tsc', '--noEmit', '-p', 'tsconfig.tools.json']);
check('Lint', 'npm', ['run', '--silent', 'lint']);
check('Reference library', 'npm', ['run', '--silent', 'check:reference']);

say('Unit, server and browser tests');
const folder = join(ROOT, '.test-tmp');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
const report = join(folder, 'report.json');
const went = run('npx', ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${report}`]);
let passed = 0;
let failed = 0;
try {
  const counts = JSON.parse(readFileSync(report, 'utf8'));
  passed = counts.numPassedTests;
  failed = counts.numFailedTests;
  // A file that cannot be loaded fails without a test of its own.
  if (failed === 0 && !went) failed = 1;
} catch (error) {
  console.error(`The test report could not be read: ${error.message}`);
  failed = 1;
}
console.log(`\n${passed + passedChecks} passed, ${failed + failedChecks} failed`);
process.exit(failed + failedChecks > 0 || passed === 0 ? 1 : 0);
