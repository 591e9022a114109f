import type { Around } from '../coverage/around';
import { crownM2 } from '../match/quantities';
import { LIVE_STATES, type Planting } from '../model/garden';
import type { Almanac } from '../model/here';
import type { Thing } from '../model/yard';
import { FRESH_SITE } from '../place/yard/fresh';
import { SETTINGS } from '../settings';

/**
 * The drawn trees and shrubs of a known species, as coverage counts them: in the light of their own crown, as large as
 * they are drawn. One that is also entered in a bed as what stays there is the same tree, and counts once: of a species
 * as many are left out as stay in beds.
 */
export function aroundOf(things: readonly Thing[], plantings: readonly Planting[], almanac: Almanac): Around[] {
  const entered = new Map<string, number>();
  for (const { plant, count, state, stays } of plantings)
    if (stays && LIVE_STATES.has(state)) entered.set(plant, (entered.get(plant) ?? 0) + count);
  return things.flatMap((thing): Around[] => {
    if (thing.kind !== 'tree' && thing.kind !== 'shrub') return [];
    const { plant, crown_m } = thing.traits;
    const here = plant === null ? undefined : almanac.plants.get(plant);
    if (!here) return [];
    const known = entered.get(here.plant.id) ?? 0;
    if (known > 0) {
      entered.set(here.plant.id, known - 1);
      return [];
    }
    const crown = Math.PI * crown_m ** 2;
    return [
      {
        id: thing.id,
        plant: here.plant.id,
        site: {
          ...FRESH_SITE,
          id: thing.id,
          revision: 0,
          name: thing.name,
          area_m2: crown,
          sun_h: SETTINGS.light.crownSunH,
          outline: thing.points,
        },
        size: Math.min(1, crown / crownM2(here.plant)),
      },
    ];
  });
}
