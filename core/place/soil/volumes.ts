import type { PotFields } from '../../model/garden';
import { SETTINGS } from '../../settings';

/** Litres of a layer `depth_cm` deep over an area (m²). One centimetre on a square metre is ten litres. */
export function layerLitres(area_m2: number, depth_cm: number): number {
  return area_m2 * depth_cm * 10;
}

/** Whole bags of a size (L) that hold a volume (L). */
export function bags(litres: number, bag_l: number): number {
  return Math.max(0, Math.ceil(litres / bag_l - 1e-9));
}

/** Area (m²) of the top of a pot: a circle, an ellipse or a rectangle. All pots of the group together. */
export function potTopM2({ shape, top_cm, across_cm, count }: PotFields): number {
  const across = shape === 'round' ? top_cm : (across_cm ?? top_cm);
  const each = (top_cm / 100) * (across / 100) * (shape === 'box' ? 1 : Math.PI / 4);
  return each * count;
}

/**
 * Litres that a pot holds to its brim: a frustum between top and bottom, the bottom smaller in the proportion
 * base ÷ top both ways. V = h ÷ 3 × (A + a + √(A a)). All pots of the group together.
 */
export function potLitres(pot: PotFields): number {
  const top = potTopM2(pot);
  const bottom = top * (pot.base_cm / pot.top_cm) ** 2;
  return ((pot.depth_cm / 100) * (top + bottom + Math.sqrt(top * bottom)) * 1000) / 3;
}

/** Litres of potting mix to buy for a pot: filled to below the rim, with what settles after the first watering. */
export function mixLitres(pot: PotFields): number {
  const { fillShare, settles } = SETTINGS.container;
  return potLitres(pot) * fillShare * (1 + settles);
}
