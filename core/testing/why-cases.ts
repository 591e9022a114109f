import { parse } from 'csv-parse/sync';
import { recordsOfNew } from '../garden/from-file';
import { gardenHere } from '../garden/here';
import type { GardenHere } from '../garden/garden-here';
import { regionalGarden } from '../library/regional-garden';
import { LogBook } from '../log/book';
import { averageDay, dayNumber, isoOf } from '../model/days';
import type { GardenRecords, Planting, Site } from '../model/garden';
import type { Library } from '../model/reference';
import type { Batch } from '../model/raise';
import type { RaiseMethod } from '../model/vocabulary';
import type { Work } from '../model/work';
import type { Weather } from '../place/weather/weather';
import { FRESH_POT } from '../place/containers/kinds';
import { FRESH_SITE } from '../place/yard/fresh';
import type { Question, WhyDay } from '../why/subject';
import { doneWork } from './why-day';
import { batch, planting as plantingRow } from './worked-garden';
import { entry } from './log';

/** A worked case as a gardener reads it in reference/cases/why-cases.csv. */
export interface WhyCase {
  no: string;
  region: string;
  day: string;
  plant: string;
  creature: string;
  symptom: string;
  bed: string;
  planting: string;
  weather: string;
  work: string;
  log: string;
  answers: string;
  first: string;
  also: string;
  story: string;
}

export const readCases = (text: string): WhyCase[] => parse(text, { columns: true });

const list = (cell: string, by = ';') =>
  cell
    .split(by)
    .map((item) => item.trim())
    .filter(Boolean);
const pairs = (cell: string) => new Map(list(cell).map((item) => item.split('=') as [string, string]));

function siteOf(cells: Map<string, string>): Site {
  const number = (key: string, usual: number) => Number(cells.get(key) ?? usual);
  const litres = cells.get('pot');
  return {
    ...FRESH_SITE,
    id: 'bed',
    revision: 0,
    name: 'The bed',
    sun_h: number('sun', 6),
    moisture: number('moist', 3),
    ph: number('ph', FRESH_SITE.ph),
    drainage: (cells.get('drain') ?? FRESH_SITE.drainage) as Site['drainage'],
    texture: (cells.get('tex') ?? FRESH_SITE.texture) as Site['texture'],
    richness: (cells.get('rich') ?? FRESH_SITE.richness) as Site['richness'],
    features: list(cells.get('feature') ?? '', ',') as Site['features'],
    ...(litres ? { kind: 'container', volume_l: Number(litres), area_m2: 0.1, pot: { ...FRESH_POT, winter: 'outdoors' } } : {}),
  };
}

/** Weather like the region’s average, with rain every third day, and what the case says of the last weeks. */
function weatherOf(here: GardenHere, on: string, said: string): Weather {
  const { tmin, tmax } = here.stationPlace.daily;
  const today = dayNumber(on);
  const first = today - 340;
  const spans = new Map(list(said).map((item) => item.split(' ') as [string, string]));
  const last = (kind: string, day: number) => today - day < Number(spans.get(kind) ?? 0);
  const past = Array.from({ length: 341 }, (_, i) => {
    const day = first + i;
    const average = averageDay(day) - 1;
    const dry = last('dry', day);
    return {
      low_c: last('heat', day) ? 22 : tmin[average]!,
      high_c: last('heat', day) ? 34 : tmax[average]!,
      rain_mm: dry ? 0 : last('wet', day) ? 9 : day % 3 === 0 ? 9 : 0,
      et0_mm: dry ? 6 : 2.5,
    };
  });
  return { first, past, forecast: [] };
}

/** The garden, the day and the question of a case. */
export function worked(row: WhyCase, library: Library): { here: GardenHere; day: WhyDay; question: Question } {
  const cells = pairs(row.bed);
  const deer = (cells.get('deer') ?? 'none') as 'none' | 'some' | 'many';
  const records: GardenRecords = recordsOfNew({ ...regionalGarden(library, row.region), deer });
  const plan_id = records.plans[0]!.id;
  const own = pairs(row.planting);
  const plantings: Planting[] = [];
  const plants = (id: string, plant: string, over: Partial<Planting>) =>
    plantings.push({ ...plantingRow(id, plant, 3, { site_id: 'bed', ...over }), plan_id });
  const standing = { state: 'in-ground' } as const;
  const stands = own.has('planted') || own.has('stays');
  if (stands) {
    const planted_year = own.has('planted') ? Number(own.get('planted')) : null;
    const source = own.has('bought') ? 'a nursery' : '';
    plants('p', row.plant, { ...standing, planted_year, source, stays: own.has('stays'), count: Number(own.get('count') ?? 3) });
  }
  const others = list(row.planting).flatMap((item) => (item.startsWith('with=') ? [item.slice(5)] : []));
  for (const [i, other] of others.entries()) {
    const [plant, count, year, bought] = other.split(' ');
    plants(`w${i}`, plant!, {
      ...standing,
      count: Number(count),
      planted_year: year ? Number(year) : 2022,
      source: bought ? 'a garden center' : '',
    });
  }
  const sown = own.get('batch')?.split(' ');
  const batches: Batch[] = sown
    ? [batch({ plant: row.plant, method: sown[0] as RaiseMethod, planned_on: sown[1]!, begun_on: sown[1]! })]
    : [];
  if (row.creature) records.targets.push({ id: 't', revision: 0, target: row.creature, ambition: 'breeds', priority: 1 });
  const here = gardenHere({ ...records, sites: [siteOf(cells)], plantings, batches }, library);
  const day: WhyDay = {
    weather: weatherOf(here, row.day, row.weather),
    said: list(row.work).flatMap((item) => workOf(item, row)),
    log: new LogBook(list(row.log).flatMap((item) => entriesOf(item, row))),
  };
  const answers = list(row.answers).map((item) => {
    const [check, said] = item.split('=') as [string, string];
    return { check, yes: said === 'yes' };
  });
  // A case that names a plant is about that plant.
  const of = row.plant === '' ? row.creature : row.plant;
  return {
    here,
    day,
    question: { symptom: row.symptom, of, planting: stands && of === row.plant ? 'p' : null, site: null, answers },
  };
}
/** `watered 9`: on nine of the last fourteen days; `feed 60`: sixty days ago; `shear 2025-10-05`: on that day. */
function workOf(item: string, { day, plant }: WhyCase): Work[] {
  const [what, when] = item.split(' ') as [string, string];
  const today = dayNumber(day);
  if (what === 'watered')
    return Array.from({ length: Number(when) }, (_, i) =>
      doneWork('water bed', isoOf(today - Math.floor((i * 14) / Number(when)))),
    );
  const on_day = when.includes('-') ? when : isoOf(today - Number(when));
  return [doneWork(`${on_day.slice(0, 4)} ${what} ${plant} bloom-end bed`, on_day)];
}

/** `larva 5`: five days ago; `adult 9x`: nine times in the last weeks; `adult 4x-60`: four times until sixty days ago. */
function entriesOf(item: string, { day, creature }: WhyCase) {
  const [, what, count, times, ago] = /^(\w+) (\d+)(x)?(?:-(\d+))?$/.exec(item)!;
  const today = dayNumber(day);
  const kind = what as 'larva' | 'adult' | 'eggs';
  const last = Number(ago ?? 3);
  return times
    ? Array.from({ length: Number(count) }, (_, i) => entry(kind, creature, isoOf(today - last - 4 * i)))
    : [entry(kind, creature, isoOf(today - Number(count)))];
}
