import type { Almanac, PlantHere, TargetHere } from '../model/here';
import { flightHere } from './flight';
import type { Caution, Host, Library, Plant, Propagation, Region } from '../model/reference';
import type { GardenFields } from '../model/garden';
import { groupBy } from '../model/group';
import { firstDay } from '../model/half-month';
import { dailyNormals, degreeDayYear } from '../place/climate/degree-days';
import { springDelay } from '../place/climate/shift';
import { livesThroughWinter } from '../place/climate/zones';
import { bloomSteps, foliageWindow, windowShares } from './bloom/bloom';
import type { BloomSteps, Sowing, LarvalPeriod, StatusHere } from '../model/here';
import { ownFlight } from './bloom/own-dates';
import { sowingOf } from './bloom/sowing';
import type { Seen } from '../model/seen';
import { larvalPeriods } from './larval-periods';
import { flightHalfMonths } from './flight';
import { statusHere } from '../library/status';
import { ADMISSIBLE, resolveHosts } from '../library/hosts';

/** A plant's windows are calculated when they are first asked for: a first view asks for the planted ones only. */
class PlantInGarden implements PlantHere {
  #steps: BloomSteps | null | undefined;
  #sowing: Sowing | null | undefined;
  #bloomShares: number[] | undefined;
  #foliageShares: number[] | undefined;

  constructor(
    readonly plant: Plant,
    private readonly reference: Region,
    private readonly garden: GardenFields,
    readonly status: StatusHere,
    readonly cautions: Caution[],
    private readonly waysOf: (plant: string) => readonly Propagation[],
    private readonly seen: readonly Seen[],
    private readonly year: number | null,
  ) {}
  get bloomSteps() {
    if (this.#steps === undefined)
      this.#steps = bloomSteps(this.plant, this.reference, this.garden, this.garden, this.seen, this.year);
    return this.#steps;
  }
  get bloom() {
    return this.bloomSteps?.window ?? null;
  }
  get sowing() {
    if (this.#sowing === undefined) this.#sowing = sowingOf(this.plant, this.waysOf(this.plant.id), this.reference);
    return this.#sowing;
  }
  get bloomShares() {
    return (this.#bloomShares ??= windowShares(this.bloom));
  }
  get foliage() {
    return foliageWindow(this.plant, this.reference, this.garden);
  }
  get foliageShares() {
    return (this.#foliageShares ??= windowShares(this.foliage));
  }
}

/** The day on which the first admissible host that is recorded and hardy here comes into leaf; 1 where none is known. */
function leafOut(hosts: ReadonlyMap<string, Host>, plants: ReadonlyMap<string, PlantHere>, halfZone: string): number {
  const halfMonths: number[] = [];
  for (const [id, host] of hosts) {
    const { plant, status, foliageShares } = plants.get(id)!;
    if (ADMISSIBLE.has(host.rank) && status.row && livesThroughWinter(plant, halfZone))
      halfMonths.push(foliageShares.findIndex((share) => share > 0));
  }
  return halfMonths.length === 0 ? 1 : firstDay(Math.max(0, Math.min(...halfMonths)));
}

/** Larvae that wintered wake with their host: heat alone would call some out before a leaf is open. */
function wakingWithLeaves(periods: LarvalPeriod[], leaves: number): LarvalPeriod[] {
  return periods.map((period) =>
    period.brood === 0 && period.from < leaves ? { ...period, from: leaves, to: Math.max(period.to, leaves) } : period,
  );
}

/**
 * The garden's almanac, with what its gardener `seen` in it: of a usual year (null) or of one year, in which the days
 * recorded then stand as they are. Throws a RangeError where the garden's region or a plant's bloom region is not in the
 * library.
 */
export function almanacFor(
  library: Library,
  garden: GardenFields,
  seen: readonly Seen[] = [],
  year: number | null = null,
): Almanac {
  const regions = new Map(library.regions.map((row) => [row.id, row]));
  const regionOf = (id: string) => {
    const found = regions.get(id);
    if (!found) throw new RangeError(`The library has no region ${id}.`);
    return found;
  };
  const region = regionOf(garden.region);
  const daily = dailyNormals(library.normals.filter((row) => row.region === region.id));
  const statusRows = groupBy(library.status, (row) => row.plant);
  const cautionRows = groupBy(library.cautions, (row) => row.plant);
  const hostRows = groupBy(library.hosts, (row) => row.target);
  // Few ask how a plant is sown: the ways are gathered when the first one does.
  let ways: Map<string, Propagation[]> | null = null;
  const waysOf = (plant: string) => (ways ??= groupBy(library.propagation, (row) => row.plant)).get(plant) ?? [];
  const seenOf = groupBy(seen, (row) => row.of);

  const plants = new Map<string, PlantHere>();
  for (const plant of library.plants) {
    const status = statusHere(statusRows.get(plant.id) ?? [], garden.region, garden.jurisdiction);
    plants.set(
      plant.id,
      new PlantInGarden(
        plant,
        regionOf(plant.bloom_ref),
        garden,
        status,
        cautionRows.get(plant.id) ?? [],
        waysOf,
        seenOf.get(plant.id) ?? [],
        year,
      ),
    );
  }

  const occurrence = new Map(library.occurrence.filter((row) => row.region === region.id).map((row) => [row.target, row]));
  const delay = springDelay(region, garden);
  const targets = new Map<string, TargetHere>();
  for (const target of library.targets) {
    const here = occurrence.get(target.id);
    if (!here) continue;
    const moved = flightHere(here, delay);
    const { window: flight, ...own } = ownFlight(moved, seenOf.get(target.id) ?? [], target.id, year);
    const hosts = resolveHosts(hostRows.get(target.id) ?? [], library.plants);
    const larval =
      target.dev_base_c === null ? [] : larvalPeriods(target, flight, here.broods, degreeDayYear(daily, target.dev_base_c));
    targets.set(target.id, {
      target,
      occurrence: here,
      flight,
      flightSteps: { stated: flightHere(here, 0), delay_d: delay, moved, own },
      flightHalfMonths: flightHalfMonths(flight),
      larval: larval.some((period) => period.brood === 0)
        ? wakingWithLeaves(larval, leafOut(hosts, plants, garden.half_zone))
        : larval,
      hosts,
    });
  }
  return {
    region,
    frosts: { last_frost: garden.last_frost, first_frost: garden.first_frost },
    place: {
      half_zone: garden.half_zone,
      summer: garden.summer ?? region.summer,
      humidity: garden.humidity ?? region.humidity,
      school_pots: garden.school_pots,
    },
    plants,
    targets,
  };
}
