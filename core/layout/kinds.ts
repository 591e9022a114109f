import { ADMISSIBLE } from '../library/hosts';
import { patchShare } from '../coverage/gives/host';
import type { Planting } from '../model/garden';
import type { Almanac, PlantHere } from '../model/here';
import type { Spot } from '../model/layout';
import type { Host } from '../model/reference';
import type { Ground } from '../place/beds/gradients';
import { SETTINGS } from '../settings';
import { seenColour, type Seen } from './colour';
import { sizeHere, type SizeHere } from './size';

/** What a plant is to the order in which a bed is filled. `between`: comes up between others and dies down early. */
type Layer = 'tree' | 'shrub' | 'climber' | 'herb' | 'between';

/** A planting as it is placed in a bed. */
export interface LayoutKind {
  planting: string;
  plant: string;
  count: number;
  layer: Layer;
  /** At the mean ground of the bed. */
  size: SizeHere;
  /** Metres: spacing and half the mature spread; height. */
  spacing: number;
  radius: number;
  height: number;
  /** null: without flowers anybody looks at. */
  colour: Seen | null;
  /** Share of each half-month in bloom. */
  bloom: readonly number[];
  /** It runs, and takes the place of what is weak; it is weak. */
  runs: boolean;
  weak: boolean;
  /** The light in which the chosen creatures lay on it, and how many of it make a patch they find; empty and 0 for no host. */
  hostLights: Host['light'][];
  patch: number;
  moisture: readonly [number, number];
  thirsty: boolean;
  /** Does it grow under a shrub? */
  bearsShade: boolean;
  /** It pricks, or its sap or touch harms; what browsing deer think of it. */
  harm: 'thorns' | 'sap' | null;
  deer: 'low' | 'some' | 'high';
  /** Places that are not for the arranging to choose. */
  held: Spot[];
}

/** Half-months by whose middle what stands between others has died down: the end of July. */
const DIES_DOWN_BY = 13;

function layerOf({ plant, foliage }: Pick<PlantHere, 'plant' | 'foliage'>): Layer {
  if (plant.kind === 'tree' || plant.kind === 'shrub') return plant.kind;
  if (plant.kind === 'vine') return 'climber';
  const ephemeral = plant.height_max_cm <= 40 && foliage.from < foliage.to && foliage.to <= DIES_DOWN_BY * 15.2;
  return plant.kind === 'bulb' || ephemeral ? 'between' : 'herb';
}

/** Smallest severity of a hazard of the skin or eyes that is kept away from people’s hands. */
const HARM_FROM = 2;

/** The targets whose larvae a plant feeds, of those that are to breed. */
export type Breeding = readonly { target: string; ambition: string }[];

/** A planting as it is placed. `ground`: the mean of its bed; `held`: where some of its plants stay. */
export function layoutKind(
  planting: Pick<Planting, 'id' | 'plant' | 'count' | 'selection'>,
  here: PlantHere,
  almanac: Pick<Almanac, 'targets'>,
  targets: Breeding,
  ground: Ground,
  held: Spot[],
): LayoutKind {
  const { plant } = here;
  const size = sizeHere(plant, ground, planting.selection);
  const hosts = targets.flatMap(({ target, ambition }) => {
    const creature = almanac.targets.get(target);
    const host = creature?.hosts.get(plant.id);
    return ambition !== 'visits' && host && ADMISSIBLE.has(host.rank) ? [{ host, patch: creature!.target.patch_plants }] : [];
  });
  const wants = hosts.map(({ patch }) => Math.round(1 / patchShare(plant, patch)));
  const skin = here.cautions.some((row) => row.hazard === 'skin-eye' && row.severity >= HARM_FROM);
  return {
    planting: planting.id,
    plant: plant.id,
    count: planting.count,
    layer: layerOf(here),
    size,
    spacing: size.spacing / 100,
    radius: size.spread.expected / 200,
    height: size.height.expected / 100,
    colour: plant.flower_form === 'none' || plant.flower_form === 'catkin' ? null : seenColour(plant.colour_hex),
    bloom: here.bloomShares,
    runs: plant.manners === 'runs' || (plant.vigour === 3 && (plant.habit === 'rhizome' || plant.habit === 'runner')),
    weak: plant.vigour === 1 && plant.kind !== 'shrub' && plant.kind !== 'tree' && plant.kind !== 'vine',
    hostLights: [...new Set(hosts.map(({ host }) => host.light))],
    patch: Math.min(planting.count, Math.max(0, ...wants)),
    moisture: [plant.moisture_min, plant.moisture_max],
    thirsty: plant.moisture_min >= 3,
    bearsShade: plant.sun_min_h <= SETTINGS.light.shadeH,
    harm: plant.manners === 'prickly' ? 'thorns' : skin ? 'sap' : null,
    deer: plant.deer,
    held,
  };
}
