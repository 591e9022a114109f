import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import loadHighs from 'highs';
import { recordsOfNew } from '../core/garden/from-file';
import { gardenHere } from '../core/garden/here';
import { regionalGarden } from '../core/library/regional-garden';
import { FRESH_WISHES } from '../core/model/fresh-wishes';
import { problemOf } from '../core/plan/planner/problem';
import { programOf, type Program } from '../core/plan/planner/program';
import type { PlanQuestion } from '../core/plan/planner/question';
import { dominated, without } from '../core/plan/planner/reduction';
import { solverInput } from '../core/plan/planner/search';
import { solvePlan } from '../core/plan/planner/solve';
import { site } from '../core/testing/worked-garden';
import { demoGarden } from '../scripts/demo-gardens';
import { readLibrary } from '../scripts/reference-files';

/**
 * The planner beside a native solver. For each garden the two programs of a plan (most for the creatures, then least
 * cost) are written as LP files, and solved to a gap of 2 % by HiGHS in WebAssembly and by cbc (Debian's coinor-cbc)
 * in the same run: time as a ratio of the two, and both objectives. Then the planner itself: when the first plan is
 * there, what it is worth beside the greedy one, and the gaps it ends with.
 */
const { library } = readLibrary();
const highs = await loadHighs();
const SECONDS = Number(process.argv[2] ?? 20);
const GAP = 0.02;

const demo = (name: string, keep: 'grown' | 'bare'): PlanQuestion =>
  demoGarden(name, library).questionOf({ ...FRESH_WISHES, keep });
/** Eight beds and twenty creatures of the coast over the whole library. */
function large(): PlanQuestion {
  const records = recordsOfNew({ ...regionalGarden(library, 'northeast-coast'), name: 'Large' });
  const textures = ['sand', 'loam', 'clay'] as const;
  const sites = Array.from({ length: 8 }, (_, i) =>
    site(`bed-${i}`, {
      area_m2: 6 + 4 * i,
      sun_h: 2 + i,
      moisture: 1 + ((i * 2) % 5),
      ph: 5.5 + i * 0.2,
      texture: textures[i % 3]!,
    }),
  );
  const targets = [...gardenHere(records, library).almanac.targets.keys()]
    .slice(0, 20)
    .map((target, i) => ({ id: target, revision: 0, target, ambition: 'breeds' as const, priority: 1 + (i % 4) }));
  return gardenHere({ ...records, sites, targets }, library).questionOf({ ...FRESH_WISHES, keep: 'bare' });
}
const GARDENS: [string, () => PlanQuestion][] = [
  ['Kettle Pond, as it grows', () => demo('kettle-pond-commons', 'grown')],
  ['Kettle Pond, from bare soil', () => demo('kettle-pond-commons', 'bare')],
  ['Juniper Wash, as it grows', () => demo('juniper-wash', 'grown')],
  ['Juniper Wash, from bare soil', () => demo('juniper-wash', 'bare')],
  ['Fourth Floor, as it grows', () => demo('fourth-floor-brickyard-row', 'grown')],
  ['eight beds, twenty creatures', large],
];

const folder = mkdtempSync(join(tmpdir(), 'outwash-bench-'));
const native = (() => {
  try {
    execFileSync('cbc', ['-quit'], { stdio: 'ignore' });
    return true;
  } catch {
    console.log('No native solver: install coinor-cbc (apt-get install coinor-cbc) for the comparison.');
    return false;
  }
})();
const now = () => performance.now() / 1000;

/** Both solvers on one objective; `lower` are the bounds of its columns. */
function race(name: string, program: Program, cost: Float64Array<ArrayBuffer>, lower: Float64Array<ArrayBuffer>) {
  const model = highs.createModel(solverInput(program, cost, lower));
  try {
    const path = join(folder, 'plan.lp');
    // The other reader wants the sections' names in full.
    const text = model
      .exportModel('lp')
      .replace(/^bin$/m, 'binaries')
      .replace(/^gen$/m, 'generals')
      .replace(/^semi$/m, '');
    writeFileSync(path, text);
    model.options.set({ output_flag: false, presolve: 'off', time_limit: SECONDS, mip_rel_gap: GAP });
    const began = now();
    model.run();
    const ours = now() - began;
    const objective = model.getObjectiveValue();
    let words = '';
    if (native) {
      const start = now();
      const said = execFileSync('cbc', [path, '-seconds', String(SECONDS), '-ratio', String(GAP), '-solve', '-quit'], {
        encoding: 'utf8',
      });
      const theirs = now() - start;
      const found = said.match(/Objective value:\s+(-?[\d.]+)/)?.[1];
      words = `   cbc ${theirs.toFixed(2)} s, objective ${found ?? 'none'}   ratio ${(ours / theirs).toFixed(2)}`;
    }
    console.log(`  ${name.padEnd(22)} HiGHS ${ours.toFixed(2)} s, objective ${objective.toFixed(3)}${words}`);
    return model.getSolution().colValue;
  } finally {
    model.dispose();
  }
}

for (const [name, make] of GARDENS) {
  const question = make();
  const whole = problemOf(question);
  const problem = without(whole, dominated(whole));
  const program = programOf(problem, { budget: null, leafFactor: new Map() });
  console.log(`${name}: ${program.columns} columns, ${program.rows} rows, ${program.values.length} entries`);
  const best = race(
    'most, first priority',
    program,
    program.levels[0]!.worth.map((value) => -value),
    program.lower,
  );
  // The second program as it is asked where all that can be reached was reached.
  const lower = program.lower.slice();
  for (const column of [...program.cell, ...program.goal]) lower[column] = Math.round(best[column] ?? 0);
  race('least cost', program, program.cost, lower);

  let first = 0;
  const began = now();
  const {
    best: plan,
    greedy,
    targetsGap,
    wishesGap,
  } = solvePlan(highs, problemOf(question), {
    seconds: SECONDS,
    nodes: 5000,
    now,
    take: () => (first ||= now() - began),
  });
  const percent = (gap: number | null) => (gap === null ? 'unproven' : `${(100 * gap).toFixed(1)} %`);
  console.log(
    `  the planner            first plan after ${first.toFixed(2)} s; ${plan.covered.closed} of ${question.targets.length} close` +
      ` (greedy ${greedy.covered.closed}); cost ${(plan.cost / 100).toFixed(0)} (greedy ${(greedy.cost / 100).toFixed(0)});` +
      ` gaps ${percent(targetsGap)} and ${percent(wishesGap)} in ${(now() - began).toFixed(1)} s\n`,
  );
}
rmSync(folder, { recursive: true });
