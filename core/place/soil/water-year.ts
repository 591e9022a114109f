import type { Site } from '../../model/garden';
import { MONTH_LENGTHS } from '../../model/half-month';
import { SETTINGS } from '../../settings';

export interface WaterMonth {
  rain_mm: number;
  et0_mm: number;
  /** Days with rain; a third of the month where nothing is known. */
  rain_days?: number;
}
export type WateredSite = Pick<Site, 'texture' | 'runoff' | 'sun_h' | 'kind' | 'drainage'>;

/** Water (mm) that a soil holds for roots of a depth (m), between wilting and field capacity. */
export function storeOf(texture: Site['texture'], depth_m: number): number {
  const { wilting, field } = SETTINGS.soil.water[texture];
  return (field - wilting) * depth_m * 1000;
}

/** Thirst of a planted bed beside the reference evapotranspiration: mulched, and less in shade. */
export const thirstShare = (sun_h: number): number => {
  const { shadeDrinks, plantedDrinks } = SETTINGS.soil;
  return plantedDrinks * (shadeDrinks + (1 - shadeDrinks) * Math.min(1, sun_h / SETTINGS.light.sunH));
};

/** What a day of thirst (mm) leaves of a store that holds `held` (mm): half empty it gives less and less readily. After FAO 56. */
export const afterDay = (held: number, store: number, thirst_mm: number): number =>
  Math.max(0, held - thirst_mm * Math.min(1, held / store / SETTINGS.soil.readily));

/**
 * Moisture of a bed through the year, month by month (0–11), as a share (0–1) of what its soil holds for the roots of a
 * grown bed, without watering: a daily bucket, filled by spells of rain (more where it receives runoff, less where it sheds
 * it) and drawn on by the thirst of its plants, less in shade. The year is run until it repeats.
 */
export function waterYear(site: WateredSite, months: readonly WaterMonth[]): number[] {
  const { rootM, runoffShare, wetHolds, spell_d } = SETTINGS.soil;
  const store = storeOf(site.texture, rootM);
  const drinks = thirstShare(site.sun_h);
  let held = store;
  const shares: number[] = [];
  for (let turn = 0; turn < 3; turn++)
    months.forEach(({ rain_mm, et0_mm, rain_days }, month) => {
      const days = MONTH_LENGTHS[month]!;
      // Wet days come in spells, evenly through the month.
      const every = Math.min(days, (days * spell_d) / Math.max(1, rain_days ?? days / 3));
      const fall = (rain_mm * runoffShare[site.runoff] * every) / days;
      let next = every / 2;
      let sum = 0;
      for (let day = 0; day < days; day++) {
        for (; next < day + 1; next += every) held = Math.min(store, held + fall);
        held = afterDay(held, store, (et0_mm * drinks) / days);
        // Ground that drains badly stands above what it holds against gravity for a while.
        const standing = site.drainage === 'wet' && held >= SETTINGS.soil.standsFrom * store ? wetHolds : 0;
        sum += held / store + standing;
      }
      shares[month] = sum / days;
    });
  return shares;
}

/** Moisture step 1 (dry) to 5 (wet) of a share of the store. */
export function stepOfShare(share: number): number {
  return 1 + SETTINGS.soil.moistureSteps.filter((limit) => share >= limit).length;
}

/**
 * The one step that stands for a bed: the mean of May to September, when plants drink; within the floor and the ceiling that
 * standing water, run-off, a steep slope and a hose in reach give it.
 */
export function calculatedMoisture(
  site: WateredSite & { inReach?: boolean | null; steep?: boolean },
  months: readonly WaterMonth[],
): number {
  const season = waterYear(site, months).slice(4, 9);
  const step = stepOfShare(season.reduce((sum, share) => sum + share, 0) / season.length);
  const { floor, ceiling } = SETTINGS.soil;
  const receives = site.runoff === 'receives';
  const least = Math.max(
    site.drainage === 'wet' ? floor.standing : 1,
    receives ? floor.receives : 1,
    site.inReach ? floor.hose : 1,
  );
  const most = Math.min(
    site.drainage === 'sharp' && !receives ? ceiling.sharp : 5,
    site.runoff === 'sheds' || site.steep ? ceiling.sheds : 5,
  );
  return Math.max(least, Math.min(most, step));
}
