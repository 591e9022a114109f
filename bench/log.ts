import { Bench } from 'tinybench';
import { LogBook } from '../core/log/book';
import { datesOf } from '../core/log/dates';
import { firstsOf } from '../core/log/firsts';
import { listed } from '../core/log/list';
import { packedLog, unpackedLog } from '../core/log/packed';
import { yearReview } from '../core/log/review';
import { ladderOf } from '../core/log/stages';
import { countedWalks, ratesOf } from '../core/log/walks';
import { dayNumber } from '../core/model/days';
import { BLANK_ENTRY } from '../core/model/blank-entry';
import type { Entry } from '../core/model/log';
import { largeLog } from '../core/testing/large-log';
import { entryWords } from '../core/words/log';
import { unitsOf } from '../core/words/units';
import { demoGarden } from '../scripts/demo-gardens';
import { readLibrary } from '../scripts/reference-files';
import { readFileSync } from 'node:fs';
import { GardenFile } from '../core/model/garden';
import { openDatabase } from '../server/database/connection';
import { importGarden } from '../server/database/records/garden-file';
import { addEntries, logSince } from '../server/database/records/log';
import { readGarden } from '../server/database/records/reading';

/**
 * Ten years of a log, 20,000 entries, as ratios to a plain piece of work in the same process; and each beside the same with
 * 5,000: four times as many may take four times as long.
 */
const { library } = readLibrary();
const pond = demoGarden('kettle-pond-commons', library);
const { almanac, plantings, targets } = pond;
const names = { plant: (id: string) => id, creature: (id: string) => id, site: (id: string) => id };
const units = unitsOf('us');
const today = dayNumber('2026-12-31');
const here = {
  targets: [...almanac.targets.values()].map((row) => row.target),
  plants: plantings.map((row) => almanac.plants.get(row.plant)!.plant),
};
const file = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));

function tasksOf(size: number) {
  const log = largeLog(here, size);
  const fresh = () => new LogBook(log);
  const book = fresh();
  const packed = packedLog({ at: 1, whole: true, count: log.length, put: log, gone: [] });
  const db = openDatabase(':memory:', 'server/database/migrations');
  const id = importGarden(db, { ...file, log: log.map(({ revision: _, ...entry }) => entry) });
  let n = 0;
  const one = () =>
    ({ ...BLANK_ENTRY, id: `one-${size}-${n++}`, what: 'adult', of: 'danaus-plexippus', on_day: '2026-07-04' }) as const;
  const say = (entry: Entry) => entryWords(entry, names, units);
  const all = { group: 'all', year: null, site: null, of: null } as const;
  listed(book, { ...all, words: 'swallowtail' }, say);
  const { at } = logSince(db, id, 0);
  const chosen = targets.map((row) => row.target);
  return {
    'the log taken in and put in order': () => void new LogBook(unpackedLog(packed)).years,
    'the list narrowed by two words': () => void listed(book, { ...all, words: 'papilio gate' }, say),
    'counts per hour by half-month, ten years': () => {
      const walks = countedWalks(fresh(), null);
      for (let year = 2017; year < 2027; year++) ratesOf(walks, year);
    },
    'stages of ten creatures in ten years': () => {
      for (const { target, ambition } of targets)
        for (let year = 2017; year < 2027; year++)
          ladderOf(almanac.targets.get(target)!, ambition, book.about(target), year, today);
    },
    'first and last dates': () =>
      void firstsOf(
        almanac,
        fresh(),
        chosen,
        plantings.map((row) => row.plant),
      ),
    'the year in review': () => void yearReview({ almanac, book: fresh(), targets, plantings, today }, 2026),
    'dates for the calendar': () => void datesOf(log),
    'server: an entry written down and the garden answered': () => {
      addEntries(db, id, [one()], 'x');
      readGarden(db, id);
    },
    'server: what changed since the last entry': () => void logSince(db, id, at),
  };
}
const small = tasksOf(5000);
const large = tasksOf(20_000);
const bench = new Bench({ time: 200, iterations: 12, warmupTime: 50, warmupIterations: 2 });
const numbers = Float64Array.from({ length: 1_000_000 }, (_, i) => i);
bench.add('reference', () => {
  let sum = 0;
  for (const value of numbers) sum += Math.sqrt(value);
  if (sum < 0) throw new Error('never');
});
for (const [name, work] of Object.entries(small)) bench.add(`5,000 ${name}`, work);
for (const [name, work] of Object.entries(large)) bench.add(`20,000 ${name}`, work);
await bench.run();
const timeOf = (name: string) => {
  const { result } = bench.tasks.find((task) => task.name === name)!;
  if (!('latency' in result)) throw new Error(`${name} could not be timed.`);
  return result.latency.p50;
};
const WANTED_MS = 100;
const reference = timeOf('reference');
for (const name of Object.keys(large)) {
  const [few, many] = [timeOf(`5,000 ${name}`), timeOf(`20,000 ${name}`)];
  console.log(
    `${name.padEnd(56)} ${(many / reference).toFixed(2).padStart(7)} × the reference  ${many.toFixed(2).padStart(7)} ms` +
      `  ${(many / few).toFixed(1)} × that of 5,000   (wanted under ${WANTED_MS} ms: ${many < WANTED_MS ? 'kept' : 'MISSED'})`,
  );
}
