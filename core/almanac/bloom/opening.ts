import type { Clime } from '../../place/climate/region-climate';
import { heatDelay } from '../../place/climate/heat-clock';
import { heatShare, shortDayShift, springDelay } from '../../place/climate/shift';
import { halfMonthOfDay } from '../../model/half-month';
import type { Plant } from '../../model/reference';
import type { Phenology } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';

/** Half-months: the first of summer's flowers (late June), of autumn's (late August), and of winter's (November). */
const SUMMER = 11;
const AUTUMN = 15;
const WINTER = 20;

/**
 * By what a plant's bloom keeps time: as its row says; else by a rule. What flowers all year is ever-blooming, a warm-season
 * annual that flowers to the frost tender; the others go by the half-month in which they first flower where they are stated
 * first, and what opens in November or December waited for the rains.
 */
export function lawOf(plant: Pick<Plant, 'phenology' | 'kind' | 'bloom_first' | 'bloom_last' | 'blooms_to_frost'>): Phenology {
  if (plant.phenology !== null) return plant.phenology;
  const { bloom_first: first, bloom_last: last } = plant;
  if (first === null || last === null) return 'summer';
  if (first === 0 && last === 23) return 'ever';
  if (plant.kind === 'annual' && plant.blooms_to_frost) return 'tender';
  if (first >= WINTER) return 'rain';
  return first >= AUTUMN ? 'autumn' : first >= SUMMER ? 'summer' : 'spring';
}

/** The half-month of a day in which a leaf turns: before it, leaves wither with the warmth, after it with the short days. */
export const witherWithHeat = (day: number): boolean => halfMonthOfDay(day) < AUTUMN - 1;

/**
 * Days by which what opens on a day of the year in the middle of a region opens later in a garden (negative: earlier), by
 * the law of its phenology class:
 * - spring and summer: as much later as the garden gathers the same heat later, the less of it the later in summer;
 * - autumn: with the short days, earlier to the north and up the hill;
 * - rain: with the rains, which come to a whole region: hardly moved;
 * - tender and ever: as long after the last frost as there.
 * `middle` is the middle of the garden's own region.
 */
export function openingShift(law: Phenology, day: number, from: Clime, middle: Clime, garden: Clime): number {
  const within = springDelay(middle, garden);
  switch (law) {
    case 'spring':
    case 'summer': {
      const between = from.region === garden.region ? 0 : heatDelay(day, from.clock, garden.clock);
      return heatShare(day) * (between + within);
    }
    case 'autumn':
      return shortDayShift(from, garden);
    case 'rain':
      return SETTINGS.climate.rainShare * within;
    case 'tender':
    case 'ever':
      return garden.tenderFrom - from.tenderFrom;
  }
}
