import { spawn } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import fc from 'fast-check';
import { mutantsOf, type Mutant } from './mutation/mutants';

/**
 * Do the tests notice a fault? A sample of small faults is put into the calculations one at a time; a fault is found where
 * a test fails. `npm run mutate -- [how many] [seed] [group]`; prints those that no test found.
 */
const COUNT = Number(process.argv[2] ?? 70);
const SEED = Number(process.argv[3] ?? 1);
const ONLY = process.argv[4];
const MOST_SECONDS = 180;
const GROUPS: Record<string, string[]> = {
  coverage: ['core/coverage', 'core/coverage/gives'],
  needs: ['core/coverage/needs.ts', 'core/almanac/larval-periods.ts', 'core/almanac/flight.ts'],
  planner: ['core/plan/planner'],
  craft: ['core/match/craft', 'core/coverage/offers', 'core/plan/shopping'],
  fit: ['core/match/fit'],
  bloom: ['core/almanac/bloom'],
  climate: ['core/place/climate', 'core/library/status.ts'],
  raise: ['core/raise', 'core/library/ways.ts', 'core/work/divisions.ts', 'core/work/planting-day.ts'],
  why: ['core/why', 'core/library/causes.ts', 'core/work/case-tasks.ts', 'core/garden/decisions.ts'],
};

const filesOf = (path: string) =>
  (path.endsWith('.ts') ? [path] : readdirSync(path).map((name) => join(path, name))).filter(
    (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
  );

function sample(): { group: string; mutant: Mutant }[] {
  const groups = Object.entries(GROUPS).filter(([group]) => ONLY === undefined || group === ONLY);
  return groups.flatMap(([group, paths], g) => {
    const all = paths.flatMap(filesOf).flatMap((file) => mutantsOf(file, readFileSync(file, 'utf8')));
    const wanted = Math.floor(COUNT / groups.length) + (g < COUNT % groups.length ? 1 : 0);
    const [chosen] = fc.sample(fc.shuffledSubarray(all, { minLength: wanted, maxLength: wanted }), { seed: SEED, numRuns: 1 });
    return chosen!.map((mutant) => ({ group, mutant }));
  });
}

/** Does a test of these folders fail with the fault in place? One that never ends is found too. */
function found(mutant: Mutant, filters: string[]): Promise<boolean> {
  return new Promise((resolve) => {
    const child = spawn('npx', ['vitest', 'run', '--config', 'scripts/mutation/vitest.config.ts', '--root', '.', ...filters], {
      env: { ...process.env, OUTWASH_MUTANT: JSON.stringify(mutant) },
      stdio: 'ignore',
      detached: true,
    });
    const guard = setTimeout(() => process.kill(-child.pid!, 'SIGKILL'), MOST_SECONDS * 1000);
    child.on('close', (code) => {
      clearTimeout(guard);
      resolve(code !== 0);
    });
  });
}

const mutants = sample();
// A change of nothing: tests that fail anyhow would find every fault.
const nothing: Mutant = { ...mutants[0]!.mutant, start: 0, end: 0, text: '' };
if (await found(nothing, [])) {
  console.error('The tests of core fail without any fault put in: mend them first (npm run test:core).');
  process.exit(1);
}
const survivors: string[] = [];
const counts = new Map<string, [killed: number, all: number]>();
let next = 0;
async function worker() {
  for (let at = next++; at < mutants.length; at = next++) {
    const { group, mutant } = mutants[at]!;
    // The tests beside the code first: they are few and quick.
    const killed = (await found(mutant, [dirname(mutant.file)])) || (await found(mutant, []));
    const [k, n] = counts.get(group) ?? [0, 0];
    counts.set(group, [k + Number(killed), n + 1]);
    const words = `${mutant.file}:${mutant.line}:${mutant.column}  ${mutant.what}`;
    if (!killed) survivors.push(words);
    console.log(`${String(at + 1).padStart(3)}  ${killed ? 'found   ' : 'NOT FOUND'}  ${words}`);
  }
}
await Promise.all(Array.from({ length: Math.min(2, availableParallelism()) }, worker));
console.log('\nNot found:');
for (const words of survivors.sort()) console.log(`  ${words}`);
console.log('');
for (const [group, [killed, all]] of counts) console.log(`${group.padEnd(9)} ${killed} of ${all}`);
const killed = mutants.length - survivors.length;
console.log(`all       ${killed} of ${mutants.length}: ${Math.round((100 * killed) / mutants.length)} % (seed ${SEED})`);
