import type { Around } from '../coverage/around';
import type { TargetCoverage } from '../coverage/types';
import { hostNames } from '../library/hosts';
import { speaksOf, type CauseBook } from '../library/causes';
import type { LogBook } from '../log/book';
import { averageDay, yearOf, type DayNumber } from '../model/days';
import type { Planting } from '../model/garden';
import { halfMonthOfDay } from '../model/half-month';
import type { PlantHere, TargetHere } from '../model/here';
import type { Batch } from '../model/raise';
import type { Cause, Plant, Symptom } from '../model/reference';
import { isOfCreatures } from '../model/symptoms';
import { type Answer } from '../model/why';
import type { Work } from '../model/work';
import type { SunHours } from '../place/sun/bed-sun';
import type { MeasuredSite } from '../place/survey/measured';
import { lastDayOf, type Weather } from '../place/weather/weather';
import type { Placed } from '../coverage/stands';
import type { GardenWork } from '../work/work';

/** What is known of a garden when it is asked why. */
export interface WhyInput {
  work: GardenWork;
  book: CauseBook;
  places: ReadonlyMap<string, Placed>;
  batches: readonly Batch[];
  around: readonly Around[];
  /** Hours of sun of a drawn site in half-months of the year; null where it is not drawn. */
  sunIn: (site: string, halfMonths: readonly number[]) => SunHours[] | null;
}

/** The day on which it is asked: the weather up to it, what was said of the work, and the log. */
export interface WhyDay {
  weather: Weather;
  said: readonly Work[];
  log: LogBook;
}

/** What is asked: a symptom, of whom, and where. */
export interface Question {
  symptom: string;
  /** A plant or creature; null: not known which. */
  of: string | null;
  planting: string | null;
  site: string | null;
  /** A batch of the plant that is raised, rather than what grows of it. */
  batch?: string | null;
  answers: readonly Pick<Answer, 'check' | 'yes'>[];
  /** Checks that could not be made. */
  passed?: readonly string[];
}

/** Whom and what a question is about, with all that is known of it. */
export interface Subject {
  input: WhyInput;
  day: WhyDay;
  today: DayNumber;
  /** Day of an average year, its half-month, and the year. */
  average: number;
  halfMonth: number;
  year: number;
  here: PlantHere | null;
  creature: TargetHere | null;
  planting: Planting | null;
  site: MeasuredSite | null;
  /** The batch meant, or that a plant that is in no bed, or was planted this year, comes from. */
  batch: Batch | null;
  covered: TargetCoverage | null;
  /** What the tables may call it. */
  names: ReadonlySet<string>;
}

const STANDS: ReadonlySet<Planting['state']> = new Set(['in-ground', 'sown', 'lost']);

/** The planting meant: the one named, else the only or the oldest that stands of the plant. */
function plantingOf({ work }: WhyInput, { of, planting, site }: Question): Planting | null {
  const all = work.input.plantings.filter((row) => (planting !== null ? row.id === planting : row.plant === of));
  const standing = all.filter((row) => planting !== null || (STANDS.has(row.state) && (site === null || row.site_id === site)));
  return standing.sort((a, b) => Number(a.state === 'lost') - Number(b.state === 'lost'))[0] ?? null;
}

/** Brings together what is known of whom a question is about. */
export function subjectOf(input: WhyInput, day: WhyDay, question: Question): Subject {
  const { almanac, sites, covered } = input.work.input;
  const today = lastDayOf(day.weather);
  const average = averageDay(today);
  const creature = question.of === null ? null : (almanac.targets.get(question.of) ?? null);
  const meant = input.batches.find((row) => row.id === question.batch) ?? null;
  const planting = creature || meant ? null : plantingOf(input, question);
  const here = almanac.plants.get(meant?.plant ?? planting?.plant ?? question.of ?? '') ?? null;
  const siteId = question.site ?? planting?.site_id ?? null;
  const site = sites.find((row) => row.id === siteId) ?? null;
  const isNew = planting === null || planting.planted_year === yearOf(today);
  const latest = input.batches
    .filter((row) => row.plant === here?.plant.id && !row.ended && row.begun_on !== null)
    .sort((a, b) => b.begun_on!.localeCompare(a.begun_on!))[0];
  const batch = meant ?? (isNew ? (latest ?? null) : null);
  return {
    input,
    day,
    today,
    average,
    halfMonth: halfMonthOfDay(average),
    year: yearOf(today),
    here,
    creature,
    planting,
    site,
    batch,
    covered: covered.targets.find((row) => row.target === question.of) ?? null,
    names: namesOf(input, here, creature, site),
  };
}

const GROUND = { kind: 'bed', pot: null } as const;

/** What the tables may call a plant or a creature: itself, its kin, its kind and its tags. */
function namesOf(
  { work }: Pick<WhyInput, 'work'>,
  here: PlantHere | null,
  creature: TargetHere | null,
  site: MeasuredSite | null,
): ReadonlySet<string> {
  if (here) return new Set([...work.care.book.names(here, site ?? GROUND), ...hostNames(here.plant)]);
  if (!creature) return new Set();
  const { id, scientific, family, kind } = creature.target;
  return new Set([id, scientific.toLowerCase().split(' ')[0]!, family, kind]);
}

/** What may be seen on a plant or creature, in the order of the tables; of neither: all that is seen on plants, or on creatures. */
export function symptomsFor(input: WhyInput, of: string | null, ofCreatures: boolean): Symptom[] {
  const { almanac } = input.work.input;
  const here = almanac.plants.get(of ?? '') ?? null;
  const creature = almanac.targets.get(of ?? '') ?? null;
  const names = namesOf(input, here, creature, null);
  return input.book.symptoms.filter(
    (row) => isOfCreatures(row.part) === ofCreatures && ((!here && !creature) || speaksOf(row.who, names)),
  );
}

/** What befalls this plant or its kin in particular: the symptoms with the causes that name them. */
export function troublesOf(book: CauseBook, plant: Plant): { symptom: Symptom; causes: Cause[] }[] {
  const names = new Set(hostNames(plant));
  return book.symptoms
    .filter((symptom) => !isOfCreatures(symptom.part))
    .map((symptom) => ({
      symptom,
      causes: book.causesOf(symptom.id).flatMap(({ row }) => (row.who !== '' && speaksOf(row.who, names) ? [row] : [])),
    }))
    .filter(({ causes }) => causes.length > 0);
}
