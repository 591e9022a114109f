import type { Plant } from '../../model/reference';
import { HALF_ZONES, type PotSchool } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';

/** Index of a half-zone, 0 for 1a … 25 for 13b. Throws on an unknown name. */
export function zoneIndex(halfZone: string): number {
  const index = HALF_ZONES.indexOf(halfZone);
  if (index < 0) throw new RangeError(`${halfZone} is not a half-zone.`);
  return index;
}

/** Half-zones from one to another, as the library writes them: `3a-8b`. */
const RANGE = /^(\d{1,2}[ab])-(\d{1,2}[ab])$/;

/** The coldest and the warmest of a range of half-zones written as `3a-8b`; null for other text. Throws on an unknown name. */
export function zonesOf(range: string): { coldest: number; warmest: number } | null {
  const found = RANGE.exec(range);
  return found ? { coldest: zoneIndex(found[1]!), warmest: zoneIndex(found[2]!) } : null;
}

/** Does a half-zone lie in a range of them? False for text that is no range. */
export function isInZones(range: string, halfZone: string): boolean {
  const zones = zonesOf(range);
  const here = zoneIndex(halfZone);
  return zones !== null && here >= zones.coldest && here <= zones.warmest;
}

/** Does the winter of a half-zone leave a plant alive in the ground? An annual is over before it comes. */
export function livesThroughWinter(plant: Pick<Plant, 'kind' | 'zone_min'>, halfZone: string): boolean {
  return plant.kind === 'annual' || zoneIndex(plant.zone_min) <= zoneIndex(halfZone);
}

/** Average yearly minimum (°C) at the cold and the warm end of a half-zone. 1a begins at −60 °F, steps of 5 °F. */
export function zoneTemperatures(halfZone: string): { coldest_c: number; warmest_c: number } {
  const lowF = -60 + 5 * zoneIndex(halfZone);
  return { coldest_c: fahrenheitToCelsius(lowF), warmest_c: fahrenheitToCelsius(lowF + 5) };
}

/** Half-zone of an average yearly minimum in °C; colder than 1a gives 1a, warmer than 13b gives 13b. */
export function zoneOfTemperature(celsius: number): string {
  // A tiny allowance, so that a limit converted from °F falls into the zone it opens.
  const index = Math.floor((celsius * 1.8 + 32 + 60) / 5 + 1e-9);
  return HALF_ZONES[Math.min(HALF_ZONES.length - 1, Math.max(0, index))]!;
}

/**
 * The half-zone that counts for roots in a container outdoors: colder by one or two whole zones, by the school
 * chosen; pots that go indoors keep the garden's. Never below 1a.
 */
export function containerZone(halfZone: string, school: PotSchool): string {
  return HALF_ZONES[Math.max(0, zoneIndex(halfZone) - 2 * SETTINGS.container.zones[school])]!;
}

/** °F → °C. */
export function fahrenheitToCelsius(f: number): number {
  return (f - 32) / 1.8;
}
