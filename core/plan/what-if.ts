import type { CoverageInput } from '../coverage/coverage';
import type { Planting, Site } from '../model/garden';
import { SETTINGS } from '../settings';
import type { Setback } from '../coverage/around';
import { siteZoneIndex } from '../match/fit/dimensions';
import { dayOfMonthDay, halfMonthOfDay, HALF_MONTHS } from '../model/half-month';
import type { Frosts } from '../model/here';
import { HALF_ZONES } from '../model/vocabulary';
import { zoneIndex } from '../place/climate/zones';
import { potZone } from '../place/containers/pots';
import { afterDay, stepOfShare, storeOf, thirstShare, type WaterMonth } from '../place/soil/water-year';

/** The garden after this plant has died out in it. */
export function withoutPlant(input: CoverageInput, plant: string): CoverageInput {
  return { ...input, plantings: input.plantings.filter((row) => row.plant !== plant) };
}

/** The garden after a site has lost some hours of sun, as to a grown tree or a new wall. */
export function withLessSun(input: CoverageInput, siteId: string, hours: number): CoverageInput {
  return {
    ...input,
    sites: input.sites.map((site) => (site.id === siteId ? { ...site, sun_h: Math.max(0, site.sun_h - hours) } : site)),
  };
}

/**
 * The moisture step (1–5) of a site after a month with neither rain nor watering: the store that its step stands for, to
 * the depth that roots reach (m), drawn on day by day by the month's thirst. Where water stands or runs in from around the
 * ground is at most a step drier than it was. The mix of a pot is dry long before.
 */
export function stepAfterDryMonth(
  site: Pick<Site, 'kind' | 'moisture' | 'texture' | 'sun_h' | 'drainage' | 'runoff'>,
  { et0_mm }: Pick<WaterMonth, 'et0_mm'>,
  depth_m: number,
): number {
  if (site.kind === 'container') return 1;
  const store = storeOf(site.texture, depth_m);
  const limits = [0, ...SETTINGS.soil.moistureSteps, SETTINGS.soil.moistureSteps.at(-1)! + SETTINGS.soil.wetHolds];
  let held = (store * (limits[site.moisture - 1]! + limits[site.moisture]!)) / 2;
  const thirst = (et0_mm * thirstShare(site.sun_h)) / 30;
  for (let day = 0; day < 30; day++) held = afterDay(held, store, thirst);
  const step = stepOfShare(held / store);
  return site.drainage === 'wet' || site.runoff === 'receives' ? Math.max(step, site.moisture - 1) : step;
}

/** What a bad season does to a garden: the garden after it, what died, and what only lost leaf and flowers for a time. */
export interface Aftermath {
  input: CoverageInput;
  died: Planting[];
  setBack: Planting[];
}

function afterwards(
  input: CoverageInput,
  died: readonly Planting[],
  setBack: readonly Planting[],
  lost: Omit<Setback, 'planting'>,
) {
  const gone = new Set(died.map((row) => row.id));
  const setbacks = [...(input.setbacks ?? []), ...setBack.map((row): Setback => ({ planting: row.id, ...lost }))];
  return { ...input, plantings: input.plantings.filter((row) => !gone.has(row.id)), setbacks };
}

/** Half-months from one on, so many of them, over the new year. */
const halfMonthsFrom = (first: number, count: number) =>
  new Set(Array.from({ length: count }, (_, i) => (first + i) % HALF_MONTHS));

/**
 * The garden after a month (0–11) without water. What has been two years in the ground drinks from deep down: where even
 * that is two steps drier than it bears, it drops leaf and flowers for some weeks and lives. What is younger dies where the
 * upper soil is two steps drier than it bears, and drops its leaf at one. In a pot everything is young. `year`: in which the
 * month falls; null: as the plants will be when grown, all of them rooted.
 */
export function afterDryMonth(
  input: CoverageInput,
  month: number,
  { et0_mm }: Pick<WaterMonth, 'et0_mm'>,
  year: number | null,
): Aftermath {
  const { rootedYears, rootedM, youngDies, rootedDrops, dropsFor, dropsTo } = SETTINGS.whatIf;
  const siteOf = new Map(input.sites.map((site) => [site.id, site]));
  const died: Planting[] = [];
  const setBack: Planting[] = [];
  for (const row of input.plantings) {
    const plant = input.almanac.plants.get(row.plant)?.plant;
    const site = siteOf.get(row.site_id);
    if (!plant || !site) continue;
    const isYoung =
      site.kind === 'container' || (year !== null && (row.planted_year === null || year - row.planted_year < rootedYears));
    const drier = plant.moisture_min - stepAfterDryMonth(site, { et0_mm }, isYoung ? SETTINGS.soil.youngM : rootedM);
    if (isYoung && drier >= youngDies) died.push(row);
    else if (drier >= (isYoung ? 1 : rootedDrops)) setBack.push(row);
  }
  const lost = { halfMonths: halfMonthsFrom(2 * month, 2 + dropsFor), left: dropsTo };
  return { input: afterwards(input, died, setBack, lost), died, setBack };
}

/**
 * The garden after a winter a half-zone colder than usual. What is short of it by a whole zone dies; what is short by less,
 * and the leaf of tender plants wherever it freezes hard, is cut back to the ground or the old wood: no leaf and no flower
 * from January until some weeks after the last frost. Annuals are not there then.
 */
export function afterHardWinter(input: CoverageInput, frosts: Frosts): Aftermath {
  const { diesAt, tenderFrom, frozenBelow, frozenFrom, backAfter } = SETTINGS.whatIf;
  const place = input.almanac.place;
  const colder = Math.max(0, zoneIndex(place.half_zone) - 1);
  const siteOf = new Map(input.sites.map((site) => [site.id, site]));
  const died: Planting[] = [];
  const setBack: Planting[] = [];
  for (const row of input.plantings) {
    const plant = input.almanac.plants.get(row.plant)?.plant;
    const site = siteOf.get(row.site_id);
    if (!plant || !site || plant.kind === 'annual') continue;
    const winter = site.kind === 'container' ? zoneIndex(potZone(site, HALF_ZONES[colder]!, place.school_pots)) : colder;
    const short = zoneIndex(plant.zone_min) - winter;
    // In its usual winter it may already live past its limit, as a tender plant grown for one summer does.
    const usual = zoneIndex(plant.zone_min) - siteZoneIndex(site, place);
    const tender = zoneIndex(plant.zone_min) >= zoneIndex(tenderFrom) && winter <= zoneIndex(frozenBelow);
    if (usual > 0) continue;
    if (short >= diesAt) died.push(row);
    else if (short > 0 || tender) setBack.push(row);
  }
  const lastFrost = frosts.last_frost === null ? 0 : halfMonthOfDay(dayOfMonthDay(frosts.last_frost));
  const lost = { halfMonths: halfMonthsFrom(frozenFrom, Math.max(1, lastFrost + backAfter - frozenFrom)), left: 0 };
  return { input: afterwards(input, died, setBack, lost), died, setBack };
}
