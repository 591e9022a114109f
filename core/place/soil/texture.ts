import type { Reading } from '../../model/yard';
import type { Site } from '../../model/garden';

/** The twelve texture classes of the standard triangle. */
export type TextureClass =
  | 'sand'
  | 'loamy sand'
  | 'sandy loam'
  | 'loam'
  | 'silt loam'
  | 'silt'
  | 'sandy clay loam'
  | 'clay loam'
  | 'silty clay loam'
  | 'sandy clay'
  | 'silty clay'
  | 'clay';

/** Shares (0–1) of the mineral soil by weight; they add up to one. */
export interface Fractions {
  sand: number;
  silt: number;
  clay: number;
}

/**
 * Texture class of the USDA triangle, from the shares of sand, silt and clay. The limits are those of the Soil
 * Survey Manual; a point on a limit falls to the class named first there.
 */
export function textureClass({ sand, silt, clay }: Fractions): TextureClass {
  const [s, z, c] = [sand * 100, silt * 100, clay * 100];
  if (z + 1.5 * c < 15) return 'sand';
  if (z + 2 * c < 30) return 'loamy sand';
  if (c >= 35 && s > 45) return 'sandy clay';
  if (c >= 40) return z >= 40 ? 'silty clay' : 'clay';
  if (c >= 27) return s <= 20 ? 'silty clay loam' : s <= 45 ? 'clay loam' : 'sandy clay loam';
  if (c >= 20 && z < 28 && s > 45) return 'sandy clay loam';
  if (z >= 80 && c < 12) return 'silt';
  if (z >= 50) return 'silt loam';
  if (c >= 7 && z >= 28 && s <= 52) return 'loam';
  return 'sandy loam';
}

/**
 * Shares from the layers of a settled jar (mm). Clay settles last: in a jar read too early the clay still in suspension
 * is missed, so it wants two days. Throws a RangeError for a jar without layers.
 */
export function jarFractions({ sand_mm, silt_mm, clay_mm }: Reading<'jar'>): Fractions {
  const whole = sand_mm + silt_mm + clay_mm;
  if (!(whole > 0)) throw new RangeError('A jar without a layer says nothing of its soil.');
  return { sand: sand_mm / whole, silt: silt_mm / whole, clay: clay_mm / whole };
}

/**
 * Texture by feel: does moist soil hold a ball, how long a ribbon (mm) does it make between finger and thumb, and
 * is it gritty or smooth? The steps of the usual field key: ribbons to 25 mm are loams, to 50 mm clay loams, longer
 * ones clays.
 */
export function feelTexture({ ball, ribbon_mm, grain }: Reading<'feel'>): TextureClass {
  if (!ball) return 'sand';
  if (ribbon_mm < 3) return 'loamy sand';
  const of = <T>(gritty: T, smooth: T, neither: T) => (grain === 'gritty' ? gritty : grain === 'smooth' ? smooth : neither);
  if (ribbon_mm < 25) return of('sandy loam', 'silt loam', 'loam');
  if (ribbon_mm < 50) return of('sandy clay loam', 'silty clay loam', 'clay loam');
  return of('sandy clay', 'silty clay', 'clay');
}

/** The three textures plant requirements use. Clay loams behave as clay to a root that wants air: the cautious way. */
const PLAIN: Record<TextureClass, Site['texture']> = {
  sand: 'sand',
  'loamy sand': 'sand',
  'sandy loam': 'loam',
  loam: 'loam',
  'silt loam': 'loam',
  silt: 'loam',
  'sandy clay loam': 'loam',
  'clay loam': 'clay',
  'silty clay loam': 'clay',
  'sandy clay': 'clay',
  'silty clay': 'clay',
  clay: 'clay',
};
export const plainTexture = (texture: TextureClass) => PLAIN[texture];
