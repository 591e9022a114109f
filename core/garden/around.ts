import type { Around } from '../coverage/around';
import { crownM2 } from '../match/quantities';
import type { GardenFields, Planting } from '../model/garden';
import { LIVE_STATES } from '../model/states';
import type { Almanac } from '../model/here';
import type { Thing } from '../model/yard';
import { FRESH_SITE } from '../place/yard/fresh';
import { SETTINGS } from '../settings';

/**
 * The drawn trees and shrubs of a known species, as coverage counts them: in the light of their own crown, as large as
 * they are drawn. One that is also entered in a bed as what stays there is the same tree, and counts once: of a species
 * as many are left out as stay in beds. So it is with those that are listed and not drawn.
 */
export function aroundOf(
  things: readonly Thing[],
  nearby: GardenFields['nearby'],
  plantings: readonly Planting[],
  almanac: Almanac,
): Around[] {
  const entered = new Map<string, number>();
  for (const { plant, count, state, stays } of plantings)
    if (stays && LIVE_STATES.has(state)) entered.set(plant, (entered.get(plant) ?? 0) + count);
  const drawn = new Map<string, number>();
  const inYard = things.flatMap((thing): Around[] => {
    if (thing.kind !== 'tree' && thing.kind !== 'shrub') return [];
    const { plant, crown_m } = thing.traits;
    const here = plant === null ? undefined : almanac.plants.get(plant);
    if (!here) return [];
    drawn.set(here.plant.id, (drawn.get(here.plant.id) ?? 0) + 1);
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
  const listed = (nearby ?? []).flatMap(({ plant, count, size }, i): Around[] => {
    const here = almanac.plants.get(plant);
    if (!here) return [];
    const known = (entered.get(plant) ?? 0) + (drawn.get(plant) ?? 0);
    const share = SETTINGS.nearby[size];
    const area_m2 = crownM2(here.plant) * share;
    return Array.from({ length: Math.max(0, count - known) }, (_, n): Around => {
      const id = `nearby ${i} ${n}`;
      return {
        id,
        plant,
        site: { ...FRESH_SITE, id, revision: 0, name: here.plant.common, area_m2, sun_h: SETTINGS.light.crownSunH },
        size: share,
      };
    });
  });
  return [...inYard, ...listed];
}
