import type { Plant } from '../../model/reference';

/** In what two plants that share a pot disagree: there is no light, water or soil that both want. */
export interface Quarrel {
  in: 'light' | 'water' | 'acidity' | 'drainage';
  /** The plant that wants less (drier, more acid, sharper), and the one that wants more. */
  less: string;
  more: string;
}
type Company = Pick<Plant, 'id' | 'sun_min_h' | 'sun_max_h' | 'moisture_min' | 'moisture_max' | 'ph_min' | 'ph_max' | 'drainage'>;

/** The two plants farthest apart in a range; null where some value is in all ranges. */
function apart(
  plants: readonly Company[],
  range: (plant: Company) => readonly [number, number],
): { less: string; more: string } | null {
  if (plants.length < 2) return null;
  const less = plants.reduce((a, b) => (range(b)[1] < range(a)[1] ? b : a));
  const more = plants.reduce((a, b) => (range(b)[0] > range(a)[0] ? b : a));
  return range(less)[1] < range(more)[0] ? { less: less.id, more: more.id } : null;
}

/** What the plants of a pot disagree in; nothing where one light, one watering and one mix serve all. */
export function quarrelsOf(plants: readonly Company[]): Quarrel[] {
  const found: Quarrel[] = [];
  const add = (where: Quarrel['in'], two: { less: string; more: string } | null) => two && found.push({ in: where, ...two });
  add(
    'light',
    apart(plants, ({ sun_min_h, sun_max_h }) => [sun_min_h, sun_max_h]),
  );
  add(
    'water',
    apart(plants, ({ moisture_min, moisture_max }) => [moisture_min, moisture_max]),
  );
  add(
    'acidity',
    apart(plants, ({ ph_min, ph_max }) => [ph_min, ph_max]),
  );
  const sharp = plants.find((plant) => plant.drainage === 'sharp');
  const wet = plants.find((plant) => plant.drainage === 'wet');
  if (sharp && wet) found.push({ in: 'drainage', less: sharp.id, more: wet.id });
  return found;
}
