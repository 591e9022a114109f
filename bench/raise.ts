import { gardenHere } from '../core/garden/here';
import { recordsOf } from '../core/garden/from-file';
import { GardenFile } from '../core/model/garden';
import { dayNumber } from '../core/model/days';
import { PLANNED } from '../core/model/states';
import { readFileSync } from 'node:fs';
import { readLibrary } from '../scripts/reference-files';

/**
 * The raising plan of a garden with 60 kinds, as a ratio to the almanac of the same garden in the same process; the aim is under
 * 60 ms. Every run has records of its own, so that nothing is known from the one before.
 */
const KINDS = 60;
const RUNS = 15;
const { library } = readLibrary();
const file = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
const base = recordsOf(file);
const site = base.sites[0]!.id;
const plan = base.plans.find((row) => row.current)!.id;
const of = library.plants.filter((row) => row.trade !== 'seldom').slice(0, KINDS);
const fresh = () =>
  gardenHere(
    {
      ...base,
      plantings: of.map(({ id }, i) => ({
        ...PLANNED,
        id: `k${i}`,
        plan_id: plan,
        revision: 0,
        plant: id,
        site_id: site,
        count: 3 + (i % 12),
      })),
    },
    library,
  );
const median = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;
const timed = (work: () => unknown) => {
  const from = performance.now();
  work();
  return performance.now() - from;
};
const almanac: number[] = [];
const raising: number[] = [];
for (let run = 0; run < RUNS; run++) {
  const here = fresh();
  almanac.push(timed(() => here.almanac));
  const { raising: plans } = here;
  raising.push(timed(() => plans.kinds(dayNumber('2026-11-25'), () => null)));
}
const [a, r] = [median(almanac.slice(3)), median(raising.slice(3))];
console.log(
  `raising plan of ${KINDS} kinds: ${r.toFixed(1)} ms, ${(r / a).toFixed(2)} of the almanac's ${a.toFixed(1)} ms; the first ${raising[0]!.toFixed(1)} ms`,
);
