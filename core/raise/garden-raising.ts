import { YearDays, type YearPlace } from '../almanac/anchors';
import { isBarred } from '../library/status';
import type { WayBook, Way } from '../library/ways';
import { yearOf, type DayNumber } from '../model/days';
import type { Garden, Planting } from '../model/garden';
import { groupBy } from '../model/group';
import type { Almanac, PlantHere } from '../model/here';
import type { Batch } from '../model/raise';
import type { RaiseMethod } from '../model/vocabulary';
import type { OwnPrices } from '../plan/shopping/sizes';
import { batchHere, type BatchHere } from './batch-here';
import { coldSeason, yearClassOf, type RaisePlace } from './place';
import { ownFigures, rangeOf, tableShare, withOwn, type OwnFigures, type ShareRange } from './rates';
import { waysHere, type Raiser, type WayHere } from './ways-here';

/** What raising is calculated from. */
export interface RaisingInput {
  garden: Garden;
  almanac: Almanac;
  ways: WayBook;
  plantings: readonly Planting[];
  batches: readonly Batch[];
  place: YearPlace;
  prices: OwnPrices;
}

/** A kind that the plan wants, and the ways to have it. */
export interface KindWanted {
  here: PlantHere;
  /** Plants of it that are planned or on order. */
  want: number;
  /** Plants that batches under way are likely to give. */
  promised: number;
  /** Plants still to be raised or bought, and the ways to, the best first. */
  missing: number;
  ways: WayHere[];
}

/** A year that stands for any other. */
const LIKE_ANY = 2027;

/**
 * The raising of plants in a garden: what the plan wants, the ways to it with their days and numbers, and the batches under
 * way. One way leads here: `GardenHere.raising`.
 */
export class GardenRaising {
  readonly place: RaisePlace;
  readonly #raiser: Raiser;
  readonly #years = new Map<number, YearDays>();

  constructor(readonly input: RaisingInput) {
    const { garden, place, prices } = input;
    const { daily, months } = place;
    this.place = {
      days: (year) => this.#daysOf(year),
      daily,
      months,
      cold: coldSeason(daily),
      yearClass: yearClassOf(this.#daysOf(LIKE_ANY), daily, months),
    };
    const { half_zone, school_sowing, indoor_light } = garden;
    this.#raiser = { half_zone, school_sowing, indoor_light, prices };
  }
  #daysOf(year: number): YearDays {
    const known = this.#years.get(year) ?? new YearDays(year, this.input.place, null);
    this.#years.set(year, known);
    return known;
  }

  /** Own figures of a plant by a way. */
  ownOf(plant: string, method: RaiseMethod): OwnFigures {
    return ownFigures(this.input.batches, plant, method);
  }

  /** Share of seed that comes up, or of cuttings that root, by the library and one’s own figures; null where it has no such way. */
  shareOf(plant: string, method: RaiseMethod): ShareRange | null {
    const here = this.input.almanac.plants.get(plant);
    const way = here && this.input.ways.of(here.plant).find((row) => row.method === method);
    return way ? rangeOf(withOwn(tableShare(way), this.ownOf(plant, method))) : null;
  }

  /** Plants of a kind that stand here long enough to give cuttings or pieces in a year. */
  mothersOf(plant: string, year: number): number {
    return this.input.plantings
      .filter((row) => row.plant === plant && row.state === 'in-ground' && (row.planted_year ?? 0) < year)
      .reduce((sum, row) => sum + row.count, 0);
  }

  /** The rows of the ways of a plant; none of what is listed here. */
  rowsOf(here: PlantHere): Way[] {
    return isBarred(here.status) ? [] : this.input.ways.of(here.plant);
  }

  /** The ways to so many plants of a kind from a day on, the best first. Throws a RangeError for a plant the library does not have. */
  waysFor(plant: string, want: number, today: DayNumber): WayHere[] {
    const here = this.input.almanac.plants.get(plant);
    if (!here) throw new RangeError(`The library has no plant ${plant}.`);
    return waysHere(here, this.input.ways.of(here.plant), want, this.#raiser, this.place, today, {
      mothers: this.mothersOf(plant, yearOf(today)),
      ownOf: (method) => this.ownOf(plant, method),
    });
  }

  /** How a batch stands; null where the library has its plant no more. `doneOn`: the day a step was ticked. */
  batch(batch: Batch, doneOn: (key: string) => DayNumber | null): BatchHere | null {
    const here = this.input.almanac.plants.get(batch.plant);
    if (!here) return null;
    const way = this.input.ways.of(here.plant).find((row) => row.method === batch.method) ?? null;
    return batchHere(batch, here, way, this.input.garden.half_zone, this.place, this.ownOf(batch.plant, batch.method), doneOn);
  }

  /** The batches that are not over, and those that are, as they stand. */
  batches(doneOn: (key: string) => DayNumber | null): BatchHere[] {
    return this.input.batches.flatMap((batch) => this.batch(batch, doneOn) ?? []);
  }

  /** What the plan wants that does not grow here yet, by kind in the order of their names, with the ways to it. */
  kinds(today: DayNumber, doneOn: (key: string) => DayNumber | null): KindWanted[] {
    const { plantings, almanac } = this.input;
    const wanted = groupBy(
      plantings.filter((row) => row.state === 'planned' || row.state === 'on-order'),
      (row) => row.plant,
    );
    const promised = new Map<string, number>();
    for (const row of this.batches(doneOn))
      promised.set(row.batch.plant, (promised.get(row.batch.plant) ?? 0) + Math.min(row.toCome, Math.max(row.batch.wanted, 1)));
    return [...wanted]
      .flatMap(([plant, rows]) => {
        const here = almanac.plants.get(plant);
        if (!here) return [];
        const want = rows.reduce((sum, row) => sum + row.count, 0);
        const coming = promised.get(plant) ?? 0;
        const missing = Math.max(0, want - coming);
        return [{ here, want, promised: coming, missing, ways: this.waysFor(plant, Math.max(1, missing), today) }];
      })
      .sort((a, b) => a.here.plant.common.localeCompare(b.here.plant.common, 'en'));
  }
}
