import type { Plant } from '../model/reference';
import type { Selection } from '../model/vocabulary';
import type { Ground } from '../place/beds/gradients';
import { SETTINGS } from '../settings';

/** A measure (cm) as it is expected, and from what to what. */
export interface Measure {
  low: number;
  expected: number;
  high: number;
}
export interface SizeHere {
  height: Measure;
  spread: Measure;
  /** Distance (cm) at which plants of the kind stand from one another. */
  spacing: number;
}

/**
 * Mature height and spread (cm) of a plant where it stands. Within the range of its species by how moist it stands: at the
 * middle of the moisture it bears half-way, a step wetter or drier by SETTINGS.layout.size.perMoisture of the range. In less
 * sun than it wants a herb grows long and thin, a shrub stays lower. A selection has its share of both. Judgement.
 */
export function sizeHere(
  plant: Pick<
    Plant,
    'kind' | 'height_min_cm' | 'height_max_cm' | 'spread_cm' | 'spacing_cm' | 'moisture_min' | 'moisture_max' | 'sun_min_h'
  >,
  { sun_h, moisture }: Ground,
  selection: Selection = 'species',
): SizeHere {
  const { perMoisture, spread: wide, leggy, shadeShort, range } = SETTINGS.layout.size;
  const share = SETTINGS.layout.selection[selection];
  const wetter = moisture - (plant.moisture_min + plant.moisture_max) / 2;
  const short = Math.min(1, Math.max(0, plant.sun_min_h - sun_h) / 3);
  const inShade = plant.kind === 'shrub' || plant.kind === 'tree' ? 1 - shadeShort * short : 1 + leggy * short;
  const span = plant.height_max_cm - plant.height_min_cm;
  const within = Math.max(0, Math.min(1, 0.5 + perMoisture * wetter));
  const high = plant.height_max_cm * inShade;
  const expected = (plant.height_min_cm + span * within) * inShade;
  const slack = Math.max(span * range, expected * 0.1);
  const wideness = (1 + wide * (within - 0.5)) * (1 - leggy * short);
  const round = (value: number) => Math.max(1, Math.round(value));
  const spread = plant.spread_cm * wideness * share.spread;
  return {
    height: {
      low: round(Math.max(plant.height_min_cm * 0.8, expected - slack) * share.height),
      expected: round(expected * share.height),
      high: round(Math.min(Math.max(high, expected), expected + slack) * share.height),
    },
    spread: { low: round(spread * 0.85), expected: round(spread), high: round(spread * 1.15) },
    spacing: round(plant.spacing_cm * wideness * share.spread),
  };
}
