import type { Planting } from '../model/garden';
import type { PlantHere } from '../model/here';
import type { BedFrame } from '../place/beds/frame';
import { toEarth, type Place } from '../place/yard/geojson';
import type { Standing } from './question';
import type { SizeHere } from './size';
import { baselineOf, staked, type Staked } from './staking';

/** A plant as it is set out: number of its kind and its own, and where it is by the tape. */
export interface SetOut {
  kind: number;
  nth: number;
  x: number;
  y: number;
  held: boolean;
  tape: Staked;
  here: PlantHere;
  planting: Planting;
  size: SizeHere;
}

/** How deep a kind is planted: level, a little high where its crown rots, or as a bulb three times its height. */
export type Depth = 'level' | 'high' | 'bulb' | 'tree';
export function depthOf({ kind, drainage }: Pick<PlantHere['plant'], 'kind' | 'drainage'>): Depth {
  if (kind === 'bulb') return 'bulb';
  if (kind === 'tree' || kind === 'shrub') return 'tree';
  return drainage === 'sharp' ? 'high' : 'level';
}

/** All plants of a bed as they are set out, by the numbers of their kinds. */
export function setOut(
  frame: BedFrame,
  plants: readonly Standing[],
  plantings: readonly Planting[],
  plantOf: (id: string) => PlantHere,
  sizeOf: (plant: Standing) => SizeHere,
): SetOut[] {
  const baseline = baselineOf(frame);
  const counted = plantings.map(() => 0);
  return plants
    .map((plant): SetOut => {
      const planting = plantings[plant.kind]!;
      return {
        kind: plant.kind + 1,
        nth: ++counted[plant.kind]!,
        x: plant.x,
        y: plant.y,
        held: plant.held,
        tape: staked(baseline, plant),
        here: plantOf(planting.plant),
        planting,
        size: sizeOf(plant),
      };
    })
    .sort((a, b) => a.kind - b.kind || a.nth - b.nth);
}

const millimetres = (m: number) => Number(m.toFixed(3));

/** The columns of the positions as CSV; lengths in metres unless the name says cm. */
export const POSITION_COLUMNS = [
  'number',
  'plant',
  'scientific',
  'selection',
  'state',
  'x_m',
  'y_m',
  'from_a_m',
  'from_b_m',
  'along_m',
  'off_m',
  'height_cm',
  'spread_cm',
  'spacing_cm',
  'locked',
] as const;

/** One row for each plant, in the order of POSITION_COLUMNS. */
export const positionRows = (rows: readonly SetOut[]): (string | number)[][] =>
  rows.map(({ kind, nth, here, planting, x, y, tape, size, held }) => [
    `${kind}.${nth}`,
    here.plant.common,
    here.plant.scientific,
    planting.selection,
    planting.state,
    millimetres(x),
    millimetres(y),
    millimetres(tape.fromA),
    millimetres(tape.fromB),
    millimetres(tape.along),
    millimetres(tape.off),
    size.height.expected,
    size.spread.expected,
    size.spacing,
    held ? 'yes' : 'no',
  ]);

/** The plants of a drawn bed as GeoJSON points; null for a bed that is not drawn. */
export function plantsGeoJson(frame: BedFrame, rows: readonly SetOut[], place: Place, north_deg: number) {
  const { origin } = frame;
  if (!origin) return null;
  return {
    type: 'FeatureCollection' as const,
    features: rows.map(({ kind, nth, x, y, here, planting, size }) => ({
      type: 'Feature' as const,
      geometry: { type: 'Point' as const, coordinates: toEarth([x + origin[0], y + origin[1]], place, north_deg) },
      properties: {
        number: `${kind}.${nth}`,
        plant: here.plant.id,
        name: here.plant.common,
        scientific: here.plant.scientific,
        state: planting.state,
        height_cm: size.height.expected,
        spread_cm: size.spread.expected,
      },
    })),
  };
}
