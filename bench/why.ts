import { readFileSync } from 'node:fs';
import { gardenHere } from '../core/garden/here';
import { recordsOf } from '../core/garden/from-file';
import { LogBook } from '../core/log/book';
import { entriesOf } from '../core/log/earlier';
import { dayNumber } from '../core/model/days';
import { GardenFile } from '../core/model/garden';
import { isOfCreatures } from '../core/model/symptoms';
import { simulatedStation } from '../core/place/weather/station';
import { largeLog } from '../core/testing/large-log';
import { diagnosisOf } from '../core/why/diagnosis';
import { lookOver } from '../core/why/overlook';
import { symptomsFor } from '../core/why/subject';
import { readLibrary } from '../scripts/reference-files';

/**
 * Answers of why beside the almanac of the same garden in the same process; the aim is 30 ms for a question and an answer to a
 * check. Every symptom is asked of every planting and creature of the pond garden, with the log of ten years.
 */
const { library } = readLibrary();
const file = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
const records = recordsOf(file);
const today = dayNumber('2027-07-08');
const timed = (work: () => unknown) => {
  const from = performance.now();
  work();
  return performance.now() - from;
};
const almanacs = Array.from({ length: 9 }, () =>
  timed(() => gardenHere({ ...records, seen: [...records.seen] }, library).almanac),
);
const here = gardenHere(records, library);
const weather = {
  first: today - 400,
  past: simulatedStation(here.stationPlace).days(today - 400, today),
  forecast: [],
};
const day = {
  weather,
  said: records.work,
  log: new LogBook([...entriesOf(file).map((row) => ({ ...row, revision: 0 })), ...largeLog(library, 20_000)]),
};
const { why } = here;
const asked = [
  ...here.plantings.flatMap((row) =>
    symptomsFor(why, row.plant, false).map((symptom) => ({ of: row.plant, planting: row.id, symptom })),
  ),
  ...here.targets.flatMap((row) =>
    symptomsFor(why, row.target, true).map((symptom) => ({ of: row.target, planting: null, symptom })),
  ),
];
// What every question rests on is there when the page is.
diagnosisOf(why, day, { symptom: 'wilting', of: null, planting: null, site: null, answers: [] });
const times = asked.map(({ of, planting, symptom }) =>
  timed(() => {
    const question = { symptom: symptom.id, of, planting, site: null, answers: [] };
    const { next } = diagnosisOf(why, day, question);
    // And the answer, which moves the ranking.
    if (next) diagnosisOf(why, day, { ...question, answers: [{ check: next.check.id, yes: true }] });
  }),
);
const sorted = [...times].sort((a, b) => a - b);
const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
const almanac = [...almanacs].sort((a, b) => a - b)[4]!;
const over = timed(() => lookOver(why, day));
const again = Math.min(
  ...Array.from({ length: 5 }, () => timed(() => lookOver(why, { ...day, log: new LogBook(day.log.entries) }))),
);
const ofCreatures = asked.filter((row) => isOfCreatures(row.symptom.part)).length;
console.log(
  `${asked.length} questions with their first answer (${ofCreatures} of creatures): half within ${at(0.5).toFixed(2)} ms, 99 of 100 within ${at(0.99).toFixed(2)} ms, the slowest ${at(1).toFixed(1)} ms; half is ${(at(0.5) / almanac).toFixed(4)} of the almanac's ${almanac.toFixed(1)} ms; the weekly look ${over.toFixed(1)} ms, ${again.toFixed(1)} ms after one entry more`,
);
