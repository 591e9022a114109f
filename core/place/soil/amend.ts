import type { Site } from '../../model/garden';
import { SETTINGS } from '../../settings';

export interface PhPlan {
  material: 'sulfur' | 'lime' | null;
  /** Grams per square metre altogether, and for the whole area in kilograms. */
  total_g_m2: number;
  total_kg: number;
  /** Kilograms for the area in each year, none over the safe yearly dose. */
  years: number[];
  /** Why another plant is the wiser choice: the soil is too limy, or the way too far; null where it is not. */
  instead: 'limy' | 'far' | null;
}

/**
 * Ground sulfur or garden lime that brings a soil from one pH to another, by texture, in yearly doses that plants
 * bear. The figures are the usual ones of extension tables (SETTINGS.soil.ph). Advises another plant where the way
 * is longer than one unit, or the soil is limy enough to undo the sulfur.
 */
export function phPlan(from: number, to: number, texture: Site['texture'], area_m2: number): PhPlan {
  const { sulfur, lime, yearly, farUnits, limyPh, least } = SETTINGS.soil.ph;
  const change = to - from;
  if (Math.abs(change) < least) return { material: null, total_g_m2: 0, total_kg: 0, years: [], instead: null };
  const material = change < 0 ? 'sulfur' : 'lime';
  const total = Math.abs(change) * (material === 'sulfur' ? sulfur : lime)[texture];
  const doses = Math.ceil(total / yearly[material] - 1e-9);
  const kg = (g_m2: number) => Number(((g_m2 * area_m2) / 1000).toFixed(2));
  const instead = material === 'sulfur' && from > limyPh ? 'limy' : Math.abs(change) > farUnits ? 'far' : null;
  return {
    material,
    total_g_m2: Math.round(total),
    total_kg: kg(total),
    years: Array.from({ length: doses }, () => kg(total / doses)),
    instead,
  };
}
