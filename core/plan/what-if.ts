import type { CoverageInput } from '../coverage/coverage';
import type { Planting, Site } from '../model/garden';
import { SETTINGS } from '../settings';
import type { Setback } from '../coverage/around';
import { siteZoneIndex } from '../match/fit/dimensions';
import { dayOfMonthDay, halfMonthOfDay, halfMonthsBetween, HALF_MONTHS } from '../model/half-month';
import type { Frosts } from '../model/here';
import type { Plant } from '../model/reference';
import { HALF_ZONES } from '../model/vocabulary';
import { zoneIndex } from '../place/climate/zones';
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

/** So many half-months from one on, over the new year. */
const halfMonthsFrom = (first: number, count: number) => new Set(halfMonthsBetween(first, (first + count - 1) % HALF_MONTHS));

/** What a bad season does to one planting. */
type Fate = 'lives' | 'set-back' | 'dies';

/** A garden after a season of which each planting in a known site has its fate; `lost`: what those set back lose, and when. */
function after(
  input: CoverageInput,
  lost: Omit<Setback, 'planting'>,
  fateOf: (plant: Plant, site: Site, row: Planting) => Fate,
): Aftermath {
  const siteOf = new Map(input.sites.map((site) => [site.id, site]));
  const fates = new Map(
    input.plantings.map((row): [Planting, Fate] => {
      const plant = input.almanac.plants.get(row.plant)?.plant;
      const site = siteOf.get(row.site_id);
      return [row, plant && site ? fateOf(plant, site, row) : 'lives'];
    }),
  );
  const of = (fate: Fate) => input.plantings.filter((row) => fates.get(row) === fate);
  const setBack = of('set-back');
  return {
    input: {
      ...input,
      plantings: input.plantings.filter((row) => fates.get(row) !== 'dies'),
      setbacks: [...(input.setbacks ?? []), ...setBack.map((row): Setback => ({ planting: row.id, ...lost }))],
    },
    died: of('dies'),
    setBack,
  };
}

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
  const lost = { halfMonths: halfMonthsFrom(2 * month, 2 + dropsFor), left: dropsTo };
  return after(input, lost, (plant, site, { planted_year }) => {
    const isYoung = site.kind === 'container' || (year !== null && (planted_year === null || year - planted_year < rootedYears));
    const drier = plant.moisture_min - stepAfterDryMonth(site, { et0_mm }, isYoung ? SETTINGS.soil.youngM : rootedM);
    if (isYoung && drier >= youngDies) return 'dies';
    return drier >= (isYoung ? 1 : rootedDrops) ? 'set-back' : 'lives';
  });
}

/**
 * The garden after a winter a half-zone colder than usual. What is short of it by a whole zone dies; what is short by less,
 * and the leaf of tender plants wherever it freezes hard, is cut back to the ground or the old wood: no leaf and no flower
 * from January until some weeks after the last frost. Annuals are not there then.
 */
export function afterHardWinter(input: CoverageInput, { last_frost }: Frosts): Aftermath {
  const { diesAt, tenderFrom, frozenBelow, frozenFrom, backAfter } = SETTINGS.whatIf;
  const { place } = input.almanac;
  const colder = { ...place, half_zone: HALF_ZONES[Math.max(0, zoneIndex(place.half_zone) - 1)]! };
  const lastFrost = last_frost === null ? 0 : halfMonthOfDay(dayOfMonthDay(last_frost));
  const lost = { halfMonths: halfMonthsFrom(frozenFrom, Math.max(1, lastFrost + backAfter - frozenFrom)), left: 0 };
  return after(input, lost, (plant, site) => {
    const wants = zoneIndex(plant.zone_min);
    // In its usual winter it may already live past its limit, as a tender plant grown for one summer does.
    if (plant.kind === 'annual' || wants > siteZoneIndex(site, place)) return 'lives';
    const winter = siteZoneIndex(site, colder);
    if (wants - winter >= diesAt) return 'dies';
    const tender = wants >= zoneIndex(tenderFrom) && winter <= zoneIndex(frozenBelow);
    return wants > winter || tender ? 'set-back' : 'lives';
  });
}
