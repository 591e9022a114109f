import { SETTINGS } from '../settings';
import type { LayoutKind } from './kinds';

type Placed = Pick<LayoutKind, 'plant' | 'layer' | 'spacing' | 'radius' | 'bearsShade'>;

/**
 * Distance (m) that two plants want between their stems when grown: the mean of their spacings, where the same kind knits,
 * what comes up between others goes close, what bears shade goes under shrubs and all goes under trees, and a climber needs
 * but a foot of ground. What wants sun stays clear of most of a shrub’s crown.
 */
export function apart(a: Placed, b: Placed): number {
  const { own, other, between, underShrub, crown, underTree_m, climberFoot_m, leastBulb_m } = SETTINGS.layout.apart;
  const mean = (a.spacing + b.spacing) / 2;
  if (a.plant === b.plant) return own * mean;
  if (a.layer === b.layer) return other * mean;
  const has = (layer: LayoutKind['layer']) => a.layer === layer || b.layer === layer;
  const smaller = Math.min(a.spacing, b.spacing);
  if (has('between')) return Math.max(leastBulb_m, between * Math.min(mean, smaller * 2));
  if (has('tree')) return Math.max(underTree_m, smaller / 2);
  if (has('climber')) return Math.max(climberFoot_m, (a.layer === 'climber' ? b : a).spacing * 0.45);
  if (has('shrub')) {
    const [shrub, low] = a.layer === 'shrub' ? [a, b] : [b, a];
    return low.bearsShade ? underShrub * mean : Math.max(underShrub * mean, crown * shrub.radius + low.spacing / 3);
  }
  return other * mean;
}

/** Distance (m) below which no two plants are set, however full the bed is. */
export const leastApart = (a: Placed, b: Placed): number => SETTINGS.layout.closest * apart(a, b);
