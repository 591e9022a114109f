import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { gardenHere } from '../core/garden/here';
import { refusalFor } from '../core/match/gates/gates';
import { GardenFile } from '../core/model/garden';
import { timingOffers } from '../core/coverage/offers/timing';
import { seasonCalendar } from '../core/season/calendar';
import { almanacFor } from '../core/almanac/almanac';
import { coverage } from '../core/coverage/coverage';
import { fitMatrix } from '../core/match/fit/fit';
import type { FitPlace } from '../core/model/here';
import { GARDEN, gardenOf, host, plant, planting, site, target, type World } from '../core/testing/worked-garden';
import { checkRows } from '../core/library/check';
import { openDatabase } from '../server/database/connection';
import { loadLibrary } from '../server/database/library';
import { importGarden } from '../server/database/records/garden-file';
import { takeProposal } from '../server/database/records/plans';
import { readGarden, readRecords } from '../server/database/records/reading';
import { mustAdmit } from '../server/http/admission';
import { demoGarden } from '../scripts/demo-gardens';
import { readLibrary } from '../scripts/reference-files';
import { lightSeason, sunOfBeds } from '../core/place/sun/bed-sun';
import { sunLayers } from '../core/place/sun/raster';
import { block, rectangle, tree, wall } from '../core/testing/worked-yard';
import { regionalGarden } from '../core/library/regional-garden';
import { recordsOf } from '../core/garden/from-file';
import { largestGarden } from '../core/testing/largest-garden';
import { dayInYear } from '../core/model/days';
import { simulatedStation } from '../core/place/weather/station';

/**
 * Speed of the calculations behind a press, as ratios to a plain piece of work timed in the same process: summing
 * the square roots of a million numbers. The times are of this machine at this moment; the ratios travel.
 */
const SITES = 8;
const PLANTS = 400;
const place: FitPlace = { half_zone: '7a', summer: 'warm', humidity: 'moderate', school_pots: 'two-zones' };
const sites = Array.from({ length: SITES }, (_, i) => site(`bed-${i}`, { sun_h: 2 + i, moisture: 1 + (i % 5), ph: 5 + i * 0.4 }));
const plants = Array.from({ length: PLANTS }, (_, i) =>
  plant(`plant-${i}`, {
    sun_min_h: i % 7,
    moisture_min: 1 + (i % 3),
    moisture_max: 3 + (i % 3),
    bloom_first: 4 + (i % 12),
    bloom_last: 7 + (i % 12),
    flower_form: i % 2 ? 'flat' : 'daisy',
  }),
);
const world: World = {
  targets: Array.from({ length: 15 }, (_, i) => target(`target-${i}`, { special_needs: i % 4 ? [] : ['mud'] })),
  plants,
  hosts: Array.from({ length: 15 }, (_, i) => [
    host(`target-${i}`, `plant-${i}`),
    host(`target-${i}`, `plant-${i + 15}`),
    host(`target-${i}`, 'plant-40'),
  ]).flat(),
};
const rows = Array.from({ length: 60 }, (_, i) => planting(`p${i}`, `plant-${i}`, 5, { site_id: `bed-${i % SITES}` }));
// Beds that suit everything: nothing is left out of the sums.
const garden = gardenOf(world, rows, { sites: sites.map(({ id }) => site(id, { sun_h: 8 })) });
const { library } = readLibrary();
const coast = regionalGarden(library, 'northeast-coast');

// A yard of 40 × 30 m with twelve things that shade it, over the growing season of the coast.
const yard = { width_m: 40, depth_m: 30, north_deg: 15 };
const things = [
  block(rectangle(0, 20, 15, 10), 7),
  block(rectangle(30, 2, 4, 5), 3),
  ...[rectangle(0, 0, 40, 30).slice(0, 2), rectangle(0, 0, 40, 30).slice(1, 3), rectangle(0, 0, 40, 30).slice(2)].map((line) =>
    wall(line, 1.8),
  ),
  ...[5, 12, 20, 33, 38, 25, 8].map((x, i) => tree([x, 3 + ((i * 7) % 24)], { height_m: 9 + (i % 5) })),
];
const coastPlace = { ...coast, lat: coast.lat, lon: coast.lon };
const season = lightSeason(coastPlace);
const sunSurvey = (count: number) => () => {
  for (const layer of sunLayers(yard, things.slice(0, count), coastPlace, season, { cell_m: 0.5 }))
    if (layer.halfMonth < 0) return;
};

const TAKE = 'a plan of 2,000 plantings checked, taken and read back';
const bench = new Bench({ time: 1000 });
bench.add('reference: a million square roots', () => {
  let sum = 0;
  for (let i = 0; i < 1_000_000; i++) sum += Math.sqrt(i);
  if (sum < 0) throw new Error('never');
});
bench.add(`fit matrix, ${PLANTS} plants × ${SITES} beds`, () => void fitMatrix(plants, sites, place));
bench.add('coverage, 15 targets × 60 plantings', () => void coverage(garden));
bench.add('almanac of a garden, the whole library', () => void almanacFor(library, { ...GARDEN, ...coast, name: 'x' }));
const whole = almanacFor(library, { ...GARDEN, ...coast, name: 'x' });
bench.add(`fit matrix, the whole library × ${SITES} beds`, () => void fitMatrix(library.plants, sites, whole.place));
bench.add('check of every row, as at a correction', () => void checkRows(library));
bench.add('sun over 40 × 30 m at half a metre, growing season, 3 things', sunSurvey(3));
bench.add('sun over 40 × 30 m at half a metre, growing season, 6 things', sunSurvey(6));
bench.add('sun over 40 × 30 m at half a metre, growing season, 12 things', sunSurvey(12));
bench.add('sun of eight beds through the year, 12 things', () => {
  const beds = Array.from({ length: SITES }, (_, i) => ({
    id: `bed-${i}`,
    outline: rectangle(2 + 4 * i, 12, 3, 4),
    height_m: 0,
    pot: null,
  }));
  sunOfBeds(beds, yard, things, coastPlace);
});
const pond = demoGarden('kettle-pond-commons', library);
const { input: pondInput, covered: pondServed } = pond;
const hungry = pondServed.targets
  .flatMap((row) => row.needs.map((need) => ({ target: row.target, need })))
  .find(({ need }) => need.need.stage === 'nectar' && need.verdict !== 'closed')!;
bench.add('the library into a new database', () => {
  const db = openDatabase(':memory:', 'server/database/migrations');
  loadLibrary(db, 'reference');
  db.close();
});
bench.add('calendar of the pond garden, by whom it serves', () => void seasonCalendar(pondInput, pondServed, 'target'));
// The largest plan that may be taken at once: every plant that is admitted, bed by bed, into a garden of a database.
const db = openDatabase(':memory:', 'server/database/migrations');
const pondFile = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
const admitted = library.plants.filter(({ id }) => !refusalFor(pond.almanac.plants.get(id)!, pond.garden, []));
const takeLarge = () => {
  const id = importGarden(db, pondFile);
  const records = readRecords(db, id);
  const each = records.sites.flatMap((row) => admitted.map((of) => ({ plant: of.id, site_id: row.id, count: 1 })));
  // A few come twice: they are added to what came before.
  const taken = [...each, ...each].slice(0, 2000);
  return () => {
    mustAdmit(
      gardenHere(readRecords(db, id), library),
      taken.map((row) => row.plant),
    );
    takeProposal(db, id, { label: 'Take it', out: [], plants: taken, features: [] }, 2026);
    return readGarden(db, id);
  };
};
let take = takeLarge();
bench.add(TAKE, () => void take(), { beforeEach: () => void (take = takeLarge()) });
// A year's work of the largest garden, the day after, and a task ticked: each with the weather of two years.
const mill = gardenHere(recordsOf(largestGarden(library)), library);
void mill.covered;
const station = simulatedStation(mill.stationPlace);
const first = dayInYear(2026, 1);
const morning = (day: number) => ({ first, past: station.days(first, day), forecast: station.forecast(day) });
let day = dayInYear(2027, 100);
bench.add(
  'a year of work, 40 beds, 400 plantings',
  () => void mill.with({ targets: [...mill.records.targets] }).work.tasksOf(2027, null),
);
bench.add('the next day of work, 40 beds, 400 plantings', () => void mill.work.on(morning(day++), []));
const still = morning(day);
bench.add('a task ticked, 40 beds, 400 plantings', () => void mill.work.on(still, []));
bench.add('timing of a hungry gap, the whole library', () => void timingOffers(pondInput, hungry.target, hungry.need));

await bench.run();
const timeOf = (name: string) => {
  const { result } = bench.tasks.find((task) => task.name === name)!;
  if (!('latency' in result)) throw new Error(`${name} could not be timed.`);
  return result.latency.p50;
};
const reference = timeOf(bench.tasks[0]!.name);
const LIMITS_MS: Record<string, number> = {
  [TAKE]: 500,
  [bench.tasks[1]!.name]: 20,
  [bench.tasks[2]!.name]: 10,
  [bench.tasks[4]!.name]: 50,
  [bench.tasks[8]!.name]: 1500,
  [bench.tasks[10]!.name]: 2000,
  [bench.tasks.at(-1)!.name]: 100,
};
for (const task of bench.tasks) {
  const time = timeOf(task.name);
  const limit = LIMITS_MS[task.name];
  console.log(
    `${task.name.padEnd(66)} ${(time / reference).toFixed(2).padStart(7)} × the reference   ${time.toFixed(2).padStart(7)} ms` +
      (limit ? `   (wanted under ${limit} ms: ${time < limit ? 'kept' : 'MISSED'})` : ''),
  );
}
