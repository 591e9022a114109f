import { frostFree } from '../climate/frost';
import type { Frosts } from '../../model/here';
import type { SiteFields } from '../../model/garden';
import { halfMonthOfDay } from '../../model/half-month';
import { potLitres, potTopM2 } from '../soil/volumes';
import { areaOf } from './geometry';
import type { Point, ThingFields, ThingKind, YardFields } from '../../model/yard';

/** What a new bed or container starts from: a middling place, to be measured. */
export const FRESH_SITE: SiteFields = {
  name: '',
  kind: 'bed',
  area_m2: 10,
  volume_l: null,
  sun_h: 6,
  sun_when: 'all-day',
  texture: 'loam',
  drainage: 'well',
  ph: 6.3,
  moisture: 3,
  salt: 'none',
  features: [],
  ground: 'planted',
  richness: 'medium',
  runoff: 'none',
  outline: [],
  height_m: 0,
  pot: null,
  counts: {},
  notes: '',
};
export const FRESH_POT: NonNullable<SiteFields['pot']> = {
  shape: 'round',
  top_cm: 40,
  across_cm: null,
  base_cm: 30,
  depth_cm: 35,
  count: 1,
  material: 'glazed',
  exposure: 'open',
  winter: 'school',
};

/** A bed or container newly drawn: the area of its outline, or the top and the litres of a common pot. */
export function freshSite(name: string, kind: SiteFields['kind'], outline: Point[]): SiteFields {
  const fields = { ...FRESH_SITE, name, kind, outline };
  return kind === 'bed'
    ? { ...fields, area_m2: areaOf(outline) }
    : { ...fields, area_m2: potTopM2(FRESH_POT), volume_l: potLitres(FRESH_POT), pot: { ...FRESH_POT } };
}

/** A yard of a common size with north up, until somebody measures it. */
export const FRESH_YARD: YardFields = { width_m: 20, depth_m: 15, north_deg: 0, underlay: null };

export const THING_NAMES: Record<ThingKind, string> = {
  building: 'House',
  fence: 'Fence',
  tree: 'Tree',
  shrub: 'Shrub',
  path: 'Path',
  tap: 'Tap',
  slope: 'Slope',
  invader: 'To clear',
};
/** How each kind is drawn: an area, a line from end to end, or a spot. */
export const DRAWN_AS: Record<ThingKind, 'area' | 'line' | 'spot'> = {
  building: 'area',
  fence: 'line',
  tree: 'spot',
  shrub: 'spot',
  path: 'line',
  tap: 'spot',
  slope: 'area',
  invader: 'area',
};

/**
 * A thing newly drawn, with the measures such things usually have. Trees come into leaf about the last frost of the
 * place and lose it about the first.
 */
export function freshThing(kind: ThingKind, points: Point[], frosts: Frosts): ThingFields {
  const name = THING_NAMES[kind];
  const { from, to, days } = frostFree(frosts);
  const leaves =
    days === 365 ? { leaf_out: 4, leaf_fall: 22 } : { leaf_out: halfMonthOfDay(from), leaf_fall: halfMonthOfDay(to) };
  switch (kind) {
    case 'building':
      return { kind, name, points, traits: { height_m: 5, base_m: 0, lets_through: 0 } };
    case 'fence':
      return { kind, name, points, traits: { height_m: 1.8, lets_through: 0 } };
    case 'tree':
      return {
        kind,
        name,
        points,
        traits: {
          plant: null,
          height_m: 8,
          crown_m: 3,
          clear_m: 2,
          leaf: 'deciduous',
          ...leaves,
          lets_through: 0.15,
          grows_m: 0.35,
          grown_m: 15,
        },
      };
    case 'shrub':
      return {
        kind,
        name,
        points,
        traits: {
          plant: null,
          height_m: 2,
          crown_m: 1,
          clear_m: 0.1,
          leaf: 'deciduous',
          ...leaves,
          lets_through: 0.2,
          grows_m: 0.2,
          grown_m: 3,
        },
      };
    case 'path':
      return { kind, name, points, traits: { width_m: 1, paved: true } };
    case 'tap':
      return { kind, name, points, traits: { hose_m: 15 } };
    case 'slope':
      return { kind, name, points, traits: { fall_pct: 10, faces_deg: 180 } };
    case 'invader':
      return { kind, name, points, traits: { plant: null, state: 'standing', note: '' } };
  }
}
