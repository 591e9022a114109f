import type { Almanac, PlantHere, TargetHere, Wintering } from '../model/here';
import type { BloomRow, Caution, Host, Library, Occurrence, Plant, Target } from '../model/reference';
import type { GardenFields } from '../model/garden';
import { groupBy } from '../model/group';
import { finish, type Steps } from '../model/steps';
import type { DayWindow } from '../model/half-month';
import { degreeDayYear } from '../place/climate/degree-days';
import { dailyNormalsHere, monthsHere } from '../place/climate/garden-climate';
import { climeDistances, climeOf, regionClimes } from '../place/climate/region-climate';
import { regionsAbout } from '../place/climate/region-mix';
import { springDelay } from '../place/climate/shift';
import { livesThroughWinter } from '../place/climate/zones';
import { bloomSteps, windowShares } from './bloom/bloom';
import { foliageWindow } from './bloom/foliage';
import { statementsOf, type BloomPlace } from './bloom/stated';
import { growingOf } from './growing';
import type { BloomSteps, Growing, Sowing, LarvalPeriod, StatusHere } from '../model/here';
import { sowingOf } from './bloom/sowing';
import type { Seen } from '../model/seen';
import { larvalPeriods } from './larval-periods';
import { flightHalfMonths, flightsHere, wholeFlight } from './flight';
import { isListed, statusHere } from '../library/status';
import { tradeHere } from '../library/trade';
import type { Trade } from '../model/vocabulary';
import { ADMISSIBLE, resolveHosts } from '../library/hosts';

/** A plant's windows are calculated when they are first asked for: a first view asks for the planted ones only. */
class PlantInGarden implements PlantHere {
  #steps: BloomSteps | null | undefined;
  #sowing: Sowing | null | undefined;
  #bloomShares: number[] | undefined;
  #foliage: DayWindow | undefined;
  #foliageShares: number[] | undefined;

  constructor(
    readonly plant: Plant,
    readonly growing: Growing,
    private readonly stated: readonly BloomRow[],
    private readonly place: BloomPlace,
    readonly status: StatusHere,
    readonly trade: Trade,
    readonly cautions: Caution[],
    private readonly seen: readonly Seen[],
    private readonly year: number | null,
  ) {}
  get bloomSteps() {
    if (this.#steps === undefined)
      this.#steps = bloomSteps(this.plant, statementsOf(this.plant, this.stated), this.place, this.seen, this.year);
    return this.#steps;
  }
  get bloom() {
    return this.bloomSteps?.window ?? null;
  }
  get sowing() {
    if (this.#sowing === undefined) this.#sowing = sowingOf(this.plant, this.bloomSteps?.bounded ?? null, this.place.garden);
    return this.#sowing;
  }
  get bloomShares() {
    return (this.#bloomShares ??= windowShares(this.bloom));
  }
  get foliage() {
    return (this.#foliage ??= foliageWindow(this.plant, this.bloomSteps?.bounded ?? null, this.place));
  }
  get foliageShares() {
    return (this.#foliageShares ??= windowShares(this.foliage));
  }
}

/** How a creature passes the winter in a region: as its row there says, else as it usually does. */
function winteringOf(target: Target, here: Occurrence): Wintering {
  const as = here.overwinters_as ?? target.overwinters_as;
  const usual = as === target.overwinters_as;
  return {
    as,
    in: here.overwinters_in ?? (usual ? target.overwinters_in : 'elsewhere'),
    larva: here.winter_larva ?? (usual ? target.winter_larva : null),
  };
}

/** The days between which some host on which a brood grows up, recorded and hardy here, stands in leaf; null where one always does or none is known. */
function leafSeason(
  hosts: ReadonlyMap<string, Host>,
  plants: ReadonlyMap<string, PlantHere>,
  halfZone: string,
): DayWindow | null {
  const windows: DayWindow[] = [];
  for (const [id, host] of hosts) {
    const { plant, status, foliage } = plants.get(id)!;
    if (ADMISSIBLE.has(host.rank) && status.offered && !isListed(status.status) && livesThroughWinter(plant, halfZone))
      windows.push(foliage);
  }
  if (windows.length === 0) return null;
  const season = wholeFlight(windows);
  return season.to - season.from >= 364 ? null : season;
}

/**
 * Larvae live within the leaf of their hosts: heat alone would call some out before a leaf is open, and let others feed on
 * after the last has fallen, when they rest for the winter. What breeds all year is not held back.
 */
function withinLeaf(periods: LarvalPeriod[], leaves: DayWindow | null, { as }: Wintering): LarvalPeriod[] {
  if (leaves === null || as === 'all-year') return periods;
  return periods.flatMap((period) => {
    const from = period.brood === 0 ? Math.max(period.from, leaves.from) : period.from;
    const to = period.brood === 0 ? Math.max(period.to, from) : Math.min(period.to, leaves.to);
    return to >= from ? [{ ...period, from, to }] : [];
  });
}

/**
 * The garden's almanac, with what its gardener `seen` in it: of a usual year (null) or of one year, in which the days
 * recorded then stand as they are. Throws a RangeError where the garden's region or a plant's bloom region is not in the
 * library.
 */
export const almanacFor = (...of: Parameters<typeof almanacInSteps>): Almanac => finish(almanacInSteps(...of));

/** The same, plant by plant and target by target. */
export function* almanacInSteps(
  library: Library,
  garden: GardenFields,
  seen: readonly Seen[] = [],
  year: number | null = null,
): Steps<Almanac> {
  const regions = new Map(library.regions.map((row) => [row.id, row]));
  const regionOf = (id: string) => {
    const found = regions.get(id);
    if (!found) throw new RangeError(`The library has no region ${id}.`);
    return found;
  };
  const region = regionOf(garden.region);
  const climes = regionClimes(library);
  const middle = climes.get(region.id)!;
  const about = regionsAbout(library.areas, garden).map((row) => {
    const of = regionOf(row.region);
    return { region: of, share: row.share, delay: springDelay(of, garden) };
  });
  const daily = dailyNormalsHere(library, garden);
  const place: BloomPlace = {
    garden: climeOf(garden, daily, middle),
    climes,
    distances: climeDistances(climes, middle),
    frosts: { last_frost: garden.last_frost, first_frost: garden.first_frost },
    halfZone: garden.half_zone,
  };
  const growing = growingOf(daily, monthsHere(library.normals, garden));
  const states = new Set(library.areas.flatMap((row) => (row.region === region.id ? [row.jurisdiction] : [])));
  const bloomRows = groupBy(library.blooms, (row) => row.plant);
  const statusRows = groupBy(library.status, (row) => row.plant);
  const cautionRows = groupBy(library.cautions, (row) => row.plant);
  const hostRows = groupBy(library.hosts, (row) => row.target);
  const seenOf = groupBy(seen, (row) => row.of);

  const plants = new Map<string, PlantHere>();
  for (const plant of library.plants) {
    yield;
    regionOf(plant.bloom_ref);
    const status = statusHere(statusRows.get(plant.id) ?? [], garden, states);
    plants.set(
      plant.id,
      new PlantInGarden(
        plant,
        growing,
        bloomRows.get(plant.id) ?? [],
        place,
        status,
        tradeHere(plant, status, region.broad),
        cautionRows.get(plant.id) ?? [],
        seenOf.get(plant.id) ?? [],
        year,
      ),
    );
  }

  const occurrence = new Map(library.occurrence.filter((row) => row.region === region.id).map((row) => [row.target, row]));
  const flightRows = groupBy(library.flights, (row) => `${row.region} ${row.target}`);
  const targets = new Map<string, TargetHere>();
  for (const target of library.targets) {
    const here = occurrence.get(target.id);
    if (!here) continue;
    yield;
    const { flights, flight, ...steps } = flightsHere(
      about.map((row) => ({
        region: row.region.id,
        rows: flightRows.get(`${row.region.id} ${target.id}`) ?? [],
        delay: row.delay,
        share: row.share,
      })),
      garden.half_zone,
      seenOf.get(target.id) ?? [],
      target.id,
      year,
    );
    // Where no part of its year holds in this half-zone it does not occur.
    if (flights.length === 0) continue;
    const wintering = winteringOf(target, here);
    const hosts = resolveHosts(hostRows.get(target.id) ?? [], library.plants);
    const larval =
      target.dev_base_c === null ? [] : larvalPeriods({ ...target, wintering, flights }, degreeDayYear(daily, target.dev_base_c));
    targets.set(target.id, {
      target,
      occurrence: here,
      flights,
      flight,
      flightSteps: { ...steps, delay_d: about[0]!.delay },
      flightHalfMonths: flightHalfMonths(flights, flight),
      larval: larval.length === 0 ? larval : withinLeaf(larval, leafSeason(hosts, plants, garden.half_zone), wintering),
      wintering,
      hosts,
    });
  }
  return {
    region,
    frosts: place.frosts,
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
