import type { Site } from '../../model/garden';
import { SETTINGS } from '../../settings';

export interface WaterMonth {
  rain_mm: number;
  et0_mm: number;
}
export type WateredSite = Pick<Site, 'texture' | 'runoff' | 'sun_h' | 'kind' | 'drainage'>;

/**
 * Moisture of a bed through the year, month by month (0–11), as a share (0–1) of what its soil holds between wilting
 * and field capacity, without watering: a bucket of the texture's store filled by rain (more where it receives
 * runoff, less where it sheds it) and drawn on by the reference evapotranspiration, less in shade. After
 * Thornthwaite and Mather: a store that is half empty gives half as readily. The year is run until it repeats.
 */
export function waterYear(site: WateredSite, months: readonly WaterMonth[]): number[] {
  const { water, rootM, runoffShare, shadeDrinks, wetHolds } = SETTINGS.soil;
  const { wilting, field } = water[site.texture];
  const store = (field - wilting) * rootM * 1000;
  const drinks = shadeDrinks + (1 - shadeDrinks) * Math.min(1, site.sun_h / SETTINGS.light.sunH);
  let held = store;
  const shares: number[] = [];
  for (let turn = 0; turn < 3; turn++)
    months.forEach(({ rain_mm, et0_mm }, month) => {
      const gain = rain_mm * runoffShare[site.runoff];
      const demand = et0_mm * drinks;
      held = gain >= demand ? Math.min(store, held + gain - demand) : held * Math.exp(-(demand - gain) / store);
      // Ground that drains badly stands above what it holds against gravity for a while.
      const standing = site.drainage === 'wet' && held >= store - 1e-9 ? wetHolds : 0;
      shares[month] = held / store + standing;
    });
  return shares;
}

/** Moisture step 1 (dry) to 5 (wet) of a share of the store. */
export function stepOfShare(share: number): number {
  return 1 + SETTINGS.soil.moistureSteps.filter((limit) => share >= limit).length;
}

/** The one step that stands for a bed: the mean of May to September, when plants drink. */
export function calculatedMoisture(site: WateredSite, months: readonly WaterMonth[]): number {
  const season = waterYear(site, months).slice(4, 9);
  return stepOfShare(season.reduce((sum, share) => sum + share, 0) / season.length);
}
