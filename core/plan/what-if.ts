import type { CoverageInput } from '../coverage/coverage';
import type { Planting, Site } from '../model/garden';
import { SETTINGS } from '../settings';
import { stepOfShare, type WaterMonth } from '../place/soil/water-year';

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
 * The moisture step (1–5) of a site after a month with neither rain nor watering: the store that its step stands for,
 * to the depth that roots reach (m), drawn on by the month's reference evapotranspiration, less in shade. The mix of a
 * pot is dry long before.
 */
export function stepAfterDryMonth(
  site: Pick<Site, 'kind' | 'moisture' | 'texture' | 'sun_h'>,
  { et0_mm }: Pick<WaterMonth, 'et0_mm'>,
  depth_m: number = SETTINGS.soil.rootM,
): number {
  if (site.kind === 'container') return 1;
  const { water, shadeDrinks, moistureSteps } = SETTINGS.soil;
  const { wilting, field } = water[site.texture];
  const store = (field - wilting) * depth_m * 1000;
  const limits = [0, ...moistureSteps, 2 * moistureSteps.at(-1)! - moistureSteps.at(-2)!];
  const held = (limits[site.moisture - 1]! + limits[site.moisture]!) / 2;
  const drinks = et0_mm * (shadeDrinks + (1 - shadeDrinks) * Math.min(1, site.sun_h / SETTINGS.light.sunH));
  return stepOfShare(held * Math.exp(-drinks / store));
}

/**
 * The garden after a month without water, and the plantings that did not live through it: rooted ones, which drink from
 * deeper down, where the soil is then two steps drier than they want it; those not yet two years in the ground where
 * it is one step drier.
 */
export function afterDryMonth(
  input: CoverageInput,
  month: Pick<WaterMonth, 'et0_mm'>,
  year: number,
): { input: CoverageInput; died: Planting[] } {
  const { rootedYears, rootedM } = SETTINGS.whatIf;
  const siteOf = new Map(input.sites.map((site) => [site.id, site]));
  const died = input.plantings.filter((row) => {
    const plant = input.almanac.plants.get(row.plant)?.plant;
    const site = siteOf.get(row.site_id);
    if (!plant || !site) return false;
    const young = row.planted_year === null || year - row.planted_year < rootedYears;
    const step = stepAfterDryMonth(site, month, young ? SETTINGS.soil.rootM : rootedM);
    return plant.moisture_min - step >= (young ? 1 : 2);
  });
  const gone = new Set(died.map((row) => row.id));
  return { input: { ...input, plantings: input.plantings.filter((row) => !gone.has(row.id)) }, died };
}
