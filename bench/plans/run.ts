import loadHighs from 'highs';
import { coverage } from '../../core/coverage/coverage';
import { compareWorth, worthOf } from '../../core/plan/planner/worth';
import { drawbacksOf, isHostHere } from '../../core/match/craft/kinds';
import { flowerMonths, gardenSeason, potPlaces } from '../../core/match/craft/places';
import { problemOf } from '../../core/plan/planner/problem';
import { gardenWith, moneyFor, type Judged } from '../../core/plan/planner/proposal';
import { keptOf, type PlanQuestion } from '../../core/plan/planner/question';
import { solvePlan } from '../../core/plan/planner/solve';
import { groundM2 } from '../../core/match/quantities';
import { SHORT_MONTHS } from '../../core/model/half-month';
import { SETTINGS } from '../../core/settings';
import { brokenRules } from '../../core/testing/plan-rules';
import { readLibrary } from '../../scripts/reference-files';
import { GARDENS } from './gardens';
import { questionFor } from './questions';

/**
 * Thirty worked gardens, each planned as the application plans it and printed so that a gardener can read it down the page:
 * what to plant where, the rules it breaks (none, ever), what is wanting by name, closed cycles, money, kinds, the share that
 * can be had at a garden centre or native nursery, and the months with a flower on each site. `npm run bench:plans -- [part of a name]`.
 */
const { library } = readLibrary();
const highs = await loadHighs();
const now = () => performance.now() / 1000;
const wanted = process.argv[2]?.toLowerCase() ?? '';

/** What a plan lacks without breaking a rule. */
function wanting(question: PlanQuestion, judged: Judged): string[] {
  const { almanac } = question;
  const found: string[] = [];
  const feedless = judged.covered.targets.filter(({ needs }) =>
    needs.some(({ need, cells }) => need.stage === 'host' && cells.every((cell) => cell.ratio < SETTINGS.planner.someLeaf)),
  );
  if (feedless.length > 0)
    found.push(`no leaf for ${feedless.map((row) => almanac.targets.get(row.target)!.target.common).join(', ')}`);
  for (const { plant, site_id } of judged.proposed.plants) {
    const here = almanac.plants.get(plant)!;
    const site = question.sites.find((row) => row.id === site_id)!;
    const drawbacks = drawbacksOf(here, site, question.raises, isHostHere(question, plant));
    if (drawbacks.length > 0) found.push(`${here.plant.common} is ${drawbacks.join(', ')}`);
  }
  // Minimal: nothing that could go without a creature losing by it, pots apart.
  const kept = keptOf(question);
  for (const row of judged.proposed.plants) {
    const site = question.sites.find((of) => of.id === row.site_id)!;
    if (site.kind === 'container' || question.wishes.fuller) continue;
    const plants = judged.proposed.plants.filter((other) => other !== row);
    const without = worthOf(coverage(gardenWith(question, kept, { ...judged.proposed, plants })), question.targets);
    if (compareWorth(without, judged.worth) >= 0) {
      const months = flowerMonths(almanac.plants.get(row.plant)!, gardenSeason(almanac.frosts));
      found.push(
        `${almanac.plants.get(row.plant)!.plant.common} is there for its flowers alone (${[...months].map((m) => SHORT_MONTHS[m]).join(' ')})`,
      );
    }
  }
  return found;
}

let hard = 0;
for (const worked of GARDENS.filter((row) => row.name.toLowerCase().includes(wanted))) {
  const question = questionFor(worked, library);
  const began = now();
  let first = 0;
  const { best, targetsGap, wishesGap, complete } = solvePlan(highs, problemOf(question), {
    ...SETTINGS.planner.effort.usual,
    now,
    take: () => (first ||= now() - began),
  });
  const took = now() - began;
  const broken = brokenRules(question, best.proposed);
  hard += broken.length;
  const kinds = new Set(best.proposed.plants.map((row) => row.plant));
  const ready = [...kinds].filter((id) => ['common', 'native-nurseries'].includes(question.almanac.plants.get(id)!.trade));
  console.log(`\n## ${worked.name}`);
  console.log(
    `${best.covered.closed} of ${question.targets.length} close; $${(moneyFor(question, keptOf(question), best.proposed) / 100).toFixed(0)}; ` +
      `${kinds.size} kinds, ${ready.length} of them for sale; first ${first.toFixed(1)} s, ${took.toFixed(1)} s` +
      `${complete ? '' : `, not carried to the end (${targetsGap?.toFixed(2)}, ${wishesGap?.toFixed(2)})`}`,
  );
  for (const site of question.sites) {
    const rows = best.proposed.plants.filter((row) => row.site_id === site.id);
    const stays = keptOf(question).filter((row) => row.site_id === site.id);
    const ground = rows.reduce((sum, row) => sum + groundM2(question.almanac.plants.get(row.plant)!.plant, row.count, site), 0);
    const season = gardenSeason(question.almanac.frosts);
    const all = new Set(season.map((h) => h >> 1));
    const months = new Set(
      [...rows, ...stays].flatMap((row) => [...flowerMonths(question.almanac.plants.get(row.plant)!, season)]),
    );
    const held = potPlaces(site)?.held;
    console.log(
      `  ${site.name} (${site.area_m2.toFixed(2)} m²${held ? `, holds ${held}` : ''}; ${ground.toFixed(1)} m² planted; flowers in ${months.size} of ${all.size} months${
        months.size < all.size
          ? `, not ${[...all]
              .filter((m) => !months.has(m))
              .map((m) => SHORT_MONTHS[m])
              .join(' ')}`
          : ''
      }) ${best.proposed.features
        .filter((row) => row.site_id === site.id)
        .map((row) => `+ ${row.feature}`)
        .join(' ')}`,
    );
    for (const row of rows) {
      const here = question.almanac.plants.get(row.plant)!;
      console.log(
        `    ${String(row.count).padStart(3)} ${here.plant.common} (${here.plant.scientific}; ${here.plant.height_max_cm} cm; ${here.status.native ? 'native' : 'not native'}; ${here.trade})`,
      );
    }
  }
  console.log(
    `  open: ${
      best.covered.targets
        .filter((row) => row.verdict !== 'closed')
        .map(
          (row) =>
            `${row.target} (${row.needs
              .filter((need) => need.verdict !== 'closed')
              .map((need) => `${need.need.special ?? need.need.stage} ${Math.round(100 * need.ratio)} %`)
              .join(', ')})`,
        )
        .join('; ') || 'none'
    }`,
  );
  for (const row of wanting(question, best)) console.log(`  wanting: ${row}`);
  for (const row of broken) console.log(`  BROKEN: ${row}`);
}
console.log(`\n${hard} rules broken.`);
if (hard > 0) process.exitCode = 1;
