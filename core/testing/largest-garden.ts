import { almanacFor } from '../almanac/almanac';
import { regionalGarden } from '../library/regional-garden';
import { GardenFile } from '../model/garden';
import { PLANNED } from '../model/states';
import type { Library } from '../model/reference';
import { fit } from '../match/fit/fit';
import { FRESH_SITE } from '../place/yard/fresh';

/** The largest garden the interface is held to. */
const LARGEST = { sites: 40, targets: 25, plantings: 400, measures: 0 };
/** The largest that the server is held to. */
export const SERVED = { sites: 300, targets: 25, plantings: 5000, measures: 5000 };

/** A garden of so many sites, plantings, targets and measurements; invented, and the same each time. */
export function largestGarden(library: Library, region = 'northeast-coast', size = LARGEST) {
  const { sites: SITES, targets: TARGETS, plantings: PLANTINGS, measures: MEASURES } = size;
  const garden = { ...regionalGarden(library, region), id: 'largest', name: 'Forty beds at the mill' };
  const almanac = almanacFor(library, garden);
  const sites = Array.from({ length: SITES }, (_, i) => ({
    ...FRESH_SITE,
    revision: 0,
    id: `bed-${i + 1}`,
    name: `Bed ${i + 1}`,
    area_m2: 6 + (i % 7) * 6,
    sun_h: 3 + (i % 8),
    moisture: 2 + (i % 3),
    ph: 5.4 + (i % 5) * 0.4,
  }));
  const targets = [...almanac.targets.values()]
    .sort((a, b) => a.occurrence.ease - b.occurrence.ease || a.target.id.localeCompare(b.target.id))
    .slice(0, TARGETS);
  // Native herbs and shrubs, each where it does best.
  const placed = library.plants.flatMap((plant) => {
    if (plant.kind === 'tree' || !almanac.plants.get(plant.id)?.status.native) return [];
    const shares = sites.map((site) => fit(plant, site, almanac.place).share);
    const site = shares.indexOf(Math.max(...shares));
    return shares[site]! > 0 ? [{ plant: plant.id, site }] : [];
  });
  const plantings = Array.from({ length: PLANTINGS }, (_, i) => {
    const { plant, site } = placed[i % placed.length]!;
    return {
      ...PLANNED,
      id: `planting-${i + 1}`,
      plan_id: 'plan',
      plant,
      site_id: sites[(site + Math.floor(i / placed.length) * 8) % SITES]!.id,
      count: 1 + (i % 5),
      state: 'in-ground',
      planted_year: 2020,
    };
  });
  return GardenFile.parse({
    format: 'outwash-garden',
    version: 1,
    garden,
    sites,
    targets: targets.map(({ target }, i) => ({ target: target.id, ambition: 'breeds', priority: 1 + (i % 3) })),
    plans: [{ id: 'plan', name: 'Plan', current: true }],
    plantings,
    measures: Array.from({ length: MEASURES }, (_, i) => ({
      kind: 'probe',
      site_id: sites[i % SITES]!.id,
      taken_on: '2026-05-01',
      reading: { ph: 5 + (i % 20) / 10, moisture_pct: null, light_klx: null, device: 'typed' },
    })),
  });
}
