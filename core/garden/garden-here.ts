import { almanacFor, almanacInSteps } from '../almanac/almanac';
import { coverageInSteps, type CoverageInput } from '../coverage/coverage';
import type { Placed } from '../coverage/stands';
import type { Coverage } from '../coverage/types';
import type { Garden, GardenRecords, GardenTarget, OwnRowFields, Plan, Planting } from '../model/garden';
import type { Almanac } from '../model/here';
import type { Library, Region } from '../model/reference';
import type { Seen } from '../model/seen';
import { groupBy } from '../model/group';
import { finish, type Steps } from '../model/steps';
import { freshWishesFor } from '../model/fresh-wishes';
import type { PlanWishes } from '../model/wishes';
import { climateHere } from '../place/climate/garden-climate';
import { lightSeason, sunOfBedsInSteps, type BedSun } from '../place/sun/bed-sun';
import { measuredSite, type MeasuredSite } from '../place/survey/measured';
import type { PlanQuestion } from '../plan/planner/question';
import type { Around } from '../coverage/around';
import { dailyNormalsHere } from '../place/climate/garden-climate';
import { LIBRARY_PARTS, partOf, type PartOfLibrary } from '../library/packed';
import { WayBook } from '../library/ways';
import { FILE_OF_LIST } from '../model/tables';
import { GardenRaising } from '../raise/garden-raising';
import { GardenWork } from '../work/work';
import { CauseBook } from '../library/causes';
import type { WhyInput } from '../why/subject';
import type { StationPlace } from '../place/weather/station';
import { datesThatCount } from '../log/dates';
import { ownLosses } from '../log/grown';
import type { OwnLosses, OwnPrices } from '../plan/shopping/sizes';
import { Gradients, type Ground } from '../place/beds/gradients';
import { frameOf } from '../place/beds/frame';
import { aroundOf } from './around';
import { Parts, rowsUnlessSame, unlessSame } from './parts';

/** Lays a gardener's own rows over the shipped library. */
export type OwnLayer = (shipped: Library, own: readonly OwnRowFields[]) => Library;

export interface GardenHereOptions {
  /** null: plants as they will be when grown; a year: as they are then, with the dates recorded in it. */
  year?: number | null;
  /** The year in which what is planned and on order will be planted; null: not said, and it counts in no year. */
  plantsIn?: number | null;
  /** The year it is; null: not said, and nothing is known of how plants came through their first winter. */
  thisYear?: number | null;
  /** The same garden before a change: parts whose records did not change are taken from it, with their identity. */
  before?: GardenHere | null;
  /** The rules of care, where they are held beside the library. */
  tending?: Tending | null;
}

/** The rules of care of a library, how its plants are raised, and what may be wrong with them. */
export type Tending = PartOfLibrary<'tending'>;
const TENDING_FILES: ReadonlySet<string> = new Set(LIBRARY_PARTS.tending.map((list) => FILE_OF_LIST.get(list)!));

/**
 * Everything a calculation starts from, from a garden's records: the library with the gardener's own rows, the climate,
 * the sites with the values that count, the almanac and the input of coverage. This is the one way there: the views, the
 * workers, the server, the benchmarks and the tests all take it. Each part is made when it is first asked for, and once.
 */
export class GardenHere {
  readonly records: GardenRecords;
  readonly year: number | null;
  readonly #plantsIn: number | null;
  readonly #thisYear: number | null;
  readonly #tending: Tending | null;
  readonly #shipped: Library;
  readonly #lay: OwnLayer | null;
  readonly #parts: Parts;

  /** `lay` may be null while the garden has no own rows: what they are read with is large. */
  constructor(
    records: GardenRecords,
    shipped: Library,
    lay: OwnLayer | null,
    { year = null, plantsIn = null, thisYear = null, before = null, tending = null }: GardenHereOptions,
  ) {
    this.records = before ? sameWhere(before.records, records) : records;
    this.year = year;
    this.#plantsIn = plantsIn;
    this.#thisYear = thisYear;
    this.#tending = tending;
    this.#shipped = shipped;
    this.#lay = lay;
    this.#parts = before ? before.#parts : new Parts();
  }

  /** This garden with some of its records changed, for looking at what would follow; nothing here is touched. */
  with(over: Partial<GardenRecords>): GardenHere {
    return this.#apart({ ...this.records, ...over }, this.year);
  }
  /** This garden in another year, or (null) as its plants will be when grown. */
  inYear(year: number | null): GardenHere {
    return this.#apart(this.records, year);
  }
  #apart(records: GardenRecords, year: number | null): GardenHere {
    const other = new GardenHere(records, this.#shipped, this.#lay, {
      year,
      plantsIn: this.#plantsIn,
      thisYear: this.#thisYear,
      tending: this.#tending,
    });
    other.#parts.take(this.#parts);
    return other;
  }

  get garden(): Garden {
    return this.records.garden;
  }
  /** The shipped library with the gardener's own rows over it. Throws a TypeError where there are some and no way to lay them. */
  get library(): Library {
    const { own } = this.records;
    return this.#parts.get('library', [this.#shipped, own], () => {
      if (own.length === 0) return this.#shipped;
      if (!this.#lay) throw new TypeError('The own rows of this garden were left out.');
      return this.#lay(this.#shipped, own);
    });
  }
  /** Throws a RangeError where the library has no such region. */
  get region(): Region {
    const found = this.library.regions.find((row) => row.id === this.garden.region);
    if (!found) throw new RangeError(`The library has no region ${this.garden.region}.`);
    return found;
  }
  get climate(): ReturnType<typeof climateHere> {
    const { library, region, garden } = this;
    return this.#parts.get('climate', [library, garden], () => climateHere(library, region, garden));
  }
  /**
   * Direct sun of every drawn bed by site id, in some years' growth of the trees, over the whole year or only the
   * half-months given. Empty where no yard is drawn.
   */
  bedSun(years = 0, halfMonths?: readonly number[]): Map<string, BedSun> {
    return finish(this.#bedSun(years, halfMonths));
  }
  *#bedSun(years: number, halfMonths?: readonly number[]): Steps<Map<string, BedSun>> {
    const { garden } = this;
    const { sites, things } = this.records;
    const { yard } = garden;
    if (!yard) return new Map();
    const lit = sites.map(({ id, outline, height_m, pot }) => ({ id, outline, height_m, pot }));
    // What the light depends on, apart from the rest: it is the dearest part.
    const rests = JSON.stringify([garden.lat, garden.lon, garden.last_frost, garden.first_frost, yard.north_deg, lit, things]);
    return yield* this.#parts.inSteps(`sun ${years} ${halfMonths?.join() ?? 'year'}`, [rests], () =>
      sunOfBedsInSteps(lit, yard, things, garden, years, halfMonths),
    );
  }
  /** Sites with the values that count: measured where they were measured, their sun computed where they are drawn. */
  get sites(): MeasuredSite[] {
    return finish(this.#sites());
  }
  *#sites(): Steps<MeasuredSite[]> {
    const { garden, climate } = this;
    const { sites, measures, things } = this.records;
    const sun = yield* this.#bedSun(0, lightSeason(garden));
    return yield* this.#parts.inSteps('sites', [garden, climate, sites, measures, things, sun], function* (before) {
      const place = { ...garden, months: climate.months };
      const found: MeasuredSite[] = [];
      for (const site of sites) {
        yield;
        found.push(measuredSite(site, measures, things, sun.get(site.id)?.season ?? null, place));
      }
      return unlessSame(before ?? [], found);
    });
  }
  /** The gradients of sun and moisture within a bed. Throws a RangeError for a site this garden does not have. */
  gradientsOf(siteId: string): Gradients {
    const { garden, sites } = this;
    const { things } = this.records;
    const site = sites.find((row) => row.id === siteId);
    if (!site) throw new RangeError(`This garden has no bed ${siteId}.`);
    const { yard } = garden;
    const { outline, area_m2, sun_h, moisture, layout } = site;
    const wetter = layout?.wetter ?? null;
    const across = this.bedSun(0, lightSeason(garden)).get(siteId)?.across ?? null;
    const rests = JSON.stringify([yard?.north_deg ?? null, outline, area_m2, sun_h, moisture, wetter]);
    return this.#parts.get(
      `gradients ${siteId}`,
      [rests, across, things],
      () => new Gradients({ site, frame: frameOf(site), yard, things, across, wetter }),
    );
  }
  /** Where the plants stand of those plantings of the current plan that are arranged in their beds, by planting. */
  get places(): ReadonlyMap<string, Placed> {
    return this.#placesOf(this.plan.id, this.plantings);
  }
  #placesOf(plan: string, plantings: readonly Planting[]): ReadonlyMap<string, Placed> {
    const { sites } = this;
    const { things } = this.records;
    return this.#parts.get(`places ${plan}`, [sites, things, plantings], () => {
      const beds = new Set(sites.filter((site) => site.kind === 'bed').map((site) => site.id));
      const found = new Map<string, Placed>();
      for (const { id, site_id, count, spots } of plantings) {
        if (spots.length < count || !beds.has(site_id)) continue;
        const own = spots.slice(0, count);
        const gradients = this.gradientsOf(site_id);
        const ground = own.map(({ x, y }) => gradients.at([x, y]));
        const mean = (of: (one: Ground) => number) => ground.reduce((sum, one) => sum + of(one), 0) / count;
        found.set(id, { sun_h: mean((one) => one.sun_h), moisture: mean((one) => one.moisture), spots: own });
      }
      return found;
    });
  }
  /** The almanac of a usual year. */
  get almanac(): Almanac {
    return finish(this.#almanac());
  }
  /**
   * The dates that the almanac is made from. A sighting in the midst of a flight is a new date of the log and moves nothing:
   * the list before is kept then, and with it the almanac and all that rests on it.
   */
  get dates(): Seen[] {
    const { library, garden } = this;
    const { seen } = this.records;
    type Dates = { library: Library; garden: Garden; rows: Seen[] };
    const { rows } = this.#parts.get<Dates>('dates', [library, garden, seen], (before) => {
      const now = { library, garden, rows: seen };
      const known = this.#parts.latest<Almanac>('almanac');
      // Elsewhere, or by another library, other dates count.
      if (!before || !known || before.library !== library || before.garden !== garden) return now;
      const counting = (list: readonly Seen[]) => JSON.stringify(datesThatCount(list, known));
      return counting(before.rows) === counting(seen) ? before : now;
    });
    return rows;
  }
  #almanac(): Steps<Almanac> {
    const { library, garden, dates: seen } = this;
    return this.#parts.inSteps('almanac', [library, garden, seen], () => almanacInSteps(library, garden, seen));
  }
  /** The almanac of the year asked for: where days of that year were recorded, they stand as they were. */
  get almanacOfYear(): Almanac {
    const { library, garden, year, dates: seen } = this;
    if (year === null || !seen.some((row) => row.on_day.startsWith(`${year}-`))) return this.almanac;
    return this.#parts.get('almanac of a year', [library, garden, seen, year], () => almanacFor(library, garden, seen, year));
  }
  /** The chosen targets, the first priority first. */
  get targets(): GardenTarget[] {
    const { targets } = this.records;
    return this.#parts.get('targets', [targets], () => [...targets].sort((a, b) => a.priority - b.priority));
  }
  /** The current plan. */
  get plan(): Plan {
    return this.records.plans.find((row) => row.current)!;
  }
  /** Plantings of the current plan. */
  get plantings(): Planting[] {
    return this.plantingsOf(this.plan.id);
  }
  plantingsOf(plan: string): Planting[] {
    const { plantings } = this.records;
    return this.#parts.get(`plantings ${plan}`, [plantings], () => plantings.filter((row) => row.plan_id === plan));
  }
  /** Plantings of the current plan in a bed or container. */
  plantingsIn(site: string): Planting[] {
    const { plantings } = this;
    return this.#parts.get('plantings by site', [plantings], () => groupBy(plantings, (row) => row.site_id)).get(site) ?? [];
  }
  /** Plantings as they count in the year looked at: what is planned is planted in the next planting season. */
  #asPlanted(plantings: Planting[]): Planting[] {
    const plantsIn = this.#plantsIn;
    if (this.year === null || plantsIn === null) return plantings;
    return this.#parts.get('as planted', [plantings, plantsIn], () =>
      plantings.map((row) =>
        row.planted_year === null && (row.state === 'planned' || row.state === 'on-order')
          ? { ...row, planted_year: plantsIn }
          : row,
      ),
    );
  }
  /** Trees and shrubs that stand in the yard and are of a known species, beside the current plan. */
  get around(): Around[] {
    return this.#aroundBeside(this.plan.id, this.plantings);
  }
  #aroundBeside(plan: string, plantings: readonly Planting[]): Around[] {
    const { almanac } = this;
    const { things } = this.records;
    const { nearby } = this.garden;
    return this.#parts.get(`around ${plan}`, [almanac, things, nearby, plantings], (before) =>
      unlessSame(before ?? [], aroundOf(things, nearby, plantings, almanac)),
    );
  }
  /** What coverage is calculated from, for the current plan. */
  get input(): CoverageInput {
    const { almanacOfYear: almanac, garden, sites, targets, around, year, places } = this;
    const plantings = this.#asPlanted(this.plantings);
    return this.#parts.get('input', [almanac, garden, sites, targets, plantings, around, year, places], () => ({
      almanac,
      garden,
      sites,
      targets,
      plantings,
      around,
      year,
      places,
    }));
  }
  /** What coverage is calculated from, for another plan of the same garden. */
  inputOf(plan: string): CoverageInput {
    const plantings = this.#asPlanted(this.plantingsOf(plan));
    const places = this.#placesOf(plan, this.plantingsOf(plan));
    return { ...this.input, plantings, places, around: this.#aroundBeside(plan, plantings) };
  }
  /** How well the current plan serves each target. */
  get covered(): Coverage {
    return finish(this.coveredInSteps());
  }
  /** The same, with all it rests on, in steps: what is known already is not made again. */
  *coveredInSteps(): Steps<Coverage> {
    yield* this.#sites();
    yield* this.#almanac();
    const { input } = this;
    return yield* this.#parts.inSteps('covered', [input], () => coverageInSteps(input));
  }
  /** What the weather station of the garden strays from. */
  get stationPlace(): StationPlace {
    const { library, garden, climate } = this;
    return this.#parts.get('station', [library, garden], () => ({
      lat: garden.lat,
      lon: garden.lon,
      daily: dailyNormalsHere(library, garden),
      months: climate.months,
    }));
  }
  /** The rules of care with the gardener's own rows over them. */
  get tending(): Tending {
    const { own } = this.records;
    const tending = this.#tending;
    if (tending === null) return this.library;
    return this.#parts.get('tending', [tending, own], () => {
      const mine = own.filter((row) => TENDING_FILES.has(row.file));
      if (mine.length === 0) return tending;
      if (!this.#lay) throw new TypeError('The own rows of this garden were left out.');
      return partOf(this.#lay({ ...this.#shipped, ...tending }, mine), 'tending');
    });
  }
  /** The ways of raising plants. */
  get ways(): WayBook {
    const { propagation } = this.tending;
    return this.#parts.get('ways', [propagation], () => new WayBook(propagation));
  }
  /** The raising of plants for the current plan. */
  get raising(): GardenRaising {
    const { almanac, garden, ways, plantings, stationPlace, prices } = this;
    const { batches } = this.records;
    const { last_frost, first_frost } = garden;
    return this.#parts.get(
      'raising',
      [almanac, garden, ways, plantings, batches, stationPlace, prices],
      () =>
        new GardenRaising({
          garden,
          almanac,
          ways,
          plantings,
          batches,
          place: { frosts: { last_frost, first_frost }, daily: stationPlace.daily, months: stationPlace.months },
          prices,
        }),
    );
  }
  /** The causes of what may be wrong. */
  get causes(): CauseBook {
    const { symptoms, causes, checks } = this.tending;
    return this.#parts.get('causes', [symptoms, causes, checks], () => new CauseBook({ symptoms, causes, checks }));
  }
  /** The work of the garden in its current plan. */
  get work(): GardenWork {
    const { almanac, garden, sites, plantings, targets, covered, stationPlace, tending, raising, causes } = this;
    const { clearing } = this.library;
    const { things, measures, cases } = this.records;
    const { last_frost, first_frost } = garden;
    return this.#parts.get(
      'work',
      [
        almanac,
        garden,
        tending,
        clearing,
        sites,
        plantings,
        targets,
        covered,
        things,
        measures,
        stationPlace,
        raising,
        cases,
        causes,
      ],
      () =>
        new GardenWork({
          garden,
          almanac,
          library: { care: tending.care, tags: tending.tags, clearing },
          sites,
          plantings,
          targets,
          things,
          measures,
          covered,
          place: { frosts: { last_frost, first_frost }, daily: stationPlace.daily, months: stationPlace.months },
          raising,
          cases,
          causes,
        }),
    );
  }
  /** What it is asked why with. */
  get why(): WhyInput {
    const { work, places, around, causes } = this;
    const { batches } = this.records;
    return this.#parts.get('why', [work, places, around, causes, batches], () => ({
      work,
      book: causes,
      places,
      around,
      batches,
      sunIn: (site: string, halfMonths: readonly number[]) => this.bedSun(0, halfMonths).get(site)?.year ?? null,
    }));
  }
  /** What was lost here of each plant in its first winter, as far as that winter is over. */
  get losses(): OwnLosses {
    const { plantings } = this;
    const thisYear = this.#thisYear;
    return this.#parts.get('losses', [plantings, thisYear], () => (thisYear === null ? {} : ownLosses(plantings, thisYear)));
  }
  /** Prices that somebody has set, by plant and size: those of the library's table, and the garden's own before them. */
  get prices(): OwnPrices {
    const { prices } = this.library;
    const { money } = this.garden;
    return this.#parts.get('prices', [prices, money], () => ({
      ...Object.fromEntries(prices.map(({ of, minor }) => [of, minor])),
      ...money?.prices,
    }));
  }
  /** What a further creature is asked about: the garden as it is planned, all of it kept, and no limit of money. */
  get asking(): PlanQuestion {
    const wishes = this.plan.wishes ?? freshWishesFor(this.garden);
    return this.questionOf({ ...wishes, keep: 'planned', budget_minor: null, here: [], fuller: false });
  }
  /** What a plan is asked for: the garden with the gardener's wishes and prices. */
  questionOf(wishes: PlanWishes): PlanQuestion {
    const { almanac, garden, sites, targets, plantings, around, places } = this.input;
    const { sizes = {}, raises = false } = this.garden.money ?? {};
    const { losses, prices } = this;
    return { almanac, garden, sites, targets, plantings, around, places, wishes, prices, losses, sizes, raises };
  }
}

/** The lists of `now`, each with the identity it had `before` where it says the same. */
function sameWhere(before: GardenRecords, now: GardenRecords): GardenRecords {
  return {
    garden: unlessSame(before.garden, now.garden),
    sites: rowsUnlessSame(before.sites, now.sites),
    targets: rowsUnlessSame(before.targets, now.targets),
    plans: rowsUnlessSame(before.plans, now.plans),
    plantings: rowsUnlessSame(before.plantings, now.plantings),
    own: rowsUnlessSame(before.own, now.own),
    things: rowsUnlessSame(before.things, now.things),
    measures: rowsUnlessSame(before.measures, now.measures),
    seen: rowsUnlessSame(before.seen, now.seen),
    work: rowsUnlessSame(before.work, now.work),
    weather: rowsUnlessSame(before.weather, now.weather),
    batches: rowsUnlessSame(before.batches, now.batches),
    cases: rowsUnlessSame(before.cases, now.cases),
  };
}
