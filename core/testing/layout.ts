import { layoutOf, type Leaves } from '../garden/layout-here';
import { gardenHere, type GardenHere } from '../garden/here';
import { recordsOfNew } from '../garden/from-file';
import type { GardenRecords, Site } from '../model/garden';
import type { LayoutQuestion } from '../layout/question';
import type { Plant } from '../model/reference';
import type { Thing, YardFields } from '../model/yard';
import { rectangleOf } from '../place/yard/geometry';
import { GARDEN, libraryOf, planting, site, type World } from './worked-garden';

/** A plant of a bed: its row, how many, and what of its planting differs. */
export type Bedded = [plant: Plant, count: number, over?: Parameters<typeof planting>[3]];

const YARD: YardFields = { width_m: 20, depth_m: 20, north_deg: 0, underlay: null };

/** A thing of the yard by its kind, name, points and traits. */
export const thing = (kind: Thing['kind'], name: string, points: [number, number][], traits: object): Thing =>
  ({ id: name, revision: 0, kind, name, points, traits }) as Thing;

/** A garden of one bed, drawn at 5, 5 of an open yard unless `over` says otherwise. */
export function beddedGarden(
  [width, depth]: [number, number],
  plants: readonly Bedded[],
  {
    things = [],
    bed = {},
    world = {},
    garden = {},
  }: { things?: Thing[]; bed?: Partial<Site>; world?: Partial<World>; garden?: Partial<GardenRecords['garden']> } = {},
): GardenHere {
  const records = recordsOfNew({ ...GARDEN, yard: YARD });
  const outline = rectangleOf(width, depth).map(([x, y]): [number, number] => [x + 5, y + 5]);
  const library = libraryOf({ plants: plants.map(([plant]) => plant), targets: [], hosts: [], ...world });
  return gardenHere(
    {
      ...records,
      garden: { ...records.garden, ...garden },
      sites: [site('bed', { outline, area_m2: width * depth, moisture: 3, ...bed })],
      things,
      targets: (world.targets ?? []).map((row, i) => ({
        id: row.id,
        revision: 0,
        target: row.id,
        ambition: 'breeds' as const,
        priority: i + 1,
      })),
      plantings: plants.map(([plant, count, over], i) =>
        planting(`p${i}`, plant.id, count, { plan_id: records.plans[0]!.id, ...over }),
      ),
    },
    library,
  );
}

/** The question that arranging such a bed answers. */
export const bedQuestion = (...[size, plants, over, leaves]: [...Parameters<typeof beddedGarden>, Leaves?]): LayoutQuestion =>
  layoutOf(beddedGarden(size, plants, over), 'bed', leaves);
