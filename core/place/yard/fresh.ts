import { frostFree } from '../climate/frost';
import type { Frosts } from '../../model/here';
import type { GardenFields, PotFields, SiteFields } from '../../model/garden';
import type { Region } from '../../model/reference';
import { halfMonthOfDay } from '../../model/half-month';
import { FRESH_POT } from '../containers/kinds';
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
  assumed: [],
  layout: null,
  notes: '',
};
/** What is known of a bed of a region before anything is measured: its soil, and ground that is dry where the air is. */
export type RegionSoil = Pick<Region, 'bed_texture' | 'bed_drainage' | 'bed_ph' | 'humidity'>;

/** A new bed in the usual soil of its region. */
export const freshBed = (soil: RegionSoil): SiteFields => ({
  ...FRESH_SITE,
  texture: soil.bed_texture,
  drainage: soil.bed_drainage,
  ph: soil.bed_ph,
  moisture: soil.humidity === 'dry' ? 2 : FRESH_SITE.moisture,
  assumed: ['texture', 'drainage', 'ph', 'moisture'],
});

/** A pot of some measures as a container: its area and litres follow from them. A balcony is a windy place. */
export function freshContainer(pot: PotFields, { balcony }: Pick<GardenFields, 'balcony'>): SiteFields {
  const placed: PotFields = balcony ? { ...pot, exposure: 'windy' } : pot;
  return { ...FRESH_SITE, kind: 'container', area_m2: potTopM2(pot), volume_l: potLitres(pot), pot: placed };
}

/** A bed or container newly drawn: the area of its outline in the soil of the region, or a common pot. */
export function freshSite(name: string, kind: SiteFields['kind'], outline: Point[], soil: RegionSoil): SiteFields {
  return kind === 'bed'
    ? { ...freshBed(soil), name, outline, area_m2: areaOf(outline) }
    : { ...freshContainer(FRESH_POT, { balcony: false }), name, outline };
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
