import { existsSync, readFileSync } from 'node:fs';
import { relative } from 'node:path';
import { ROOT } from './steps.mjs';

/** What a run of tests reported: how many passed and failed, and each test with its seconds. */
export function readReport(file) {
  if (!existsSync(file)) return { passed: 0, failed: 0, tests: [] };
  const { numPassedTests, numFailedTests, testResults } = JSON.parse(readFileSync(file, 'utf8'));
  const tests = testResults.flatMap(({ name, assertionResults }) =>
    assertionResults.map(({ fullName, duration }) => ({
      name: `${relative(ROOT, name)}: ${fullName}`,
      seconds: (duration ?? 0) / 1000,
    })),
  );
  return { passed: numPassedTests, failed: numFailedTests, tests };
}

/** The slowest tests of some reports, a line each. */
export function slowest(reports, count) {
  return reports
    .flatMap(({ tests }) => tests)
    .sort((a, b) => b.seconds - a.seconds)
    .slice(0, count)
    .map(({ name, seconds }) => `${seconds.toFixed(1).padStart(6)} s  ${name}`);
}
