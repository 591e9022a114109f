import type { PotFields } from '../../model/garden';

/** A common pot: what a container starts from. */
export const FRESH_POT: PotFields = {
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

/** Pots as people know them. */
export type PotKind = 'round' | 'trough' | 'half-barrel';

/** What a kind of pot usually is: its material, its bottom beside its top, and the sizes it comes in, the middle one the usual. */
export const POT_KINDS: Record<PotKind, { material: PotFields['material']; taper: number; sizes: readonly PotSize[] }> = {
  round: {
    material: 'glazed',
    taper: 0.75,
    sizes: [
      { top_cm: 30, across_cm: null, depth_cm: 27 },
      { top_cm: 40, across_cm: null, depth_cm: 35 },
      { top_cm: 50, across_cm: null, depth_cm: 42 },
    ],
  },
  trough: {
    material: 'plastic',
    taper: 0.95,
    sizes: [
      { top_cm: 60, across_cm: 20, depth_cm: 18 },
      { top_cm: 80, across_cm: 25, depth_cm: 22 },
      { top_cm: 100, across_cm: 30, depth_cm: 28 },
    ],
  },
  'half-barrel': {
    material: 'wood',
    taper: 0.9,
    sizes: [
      { top_cm: 50, across_cm: null, depth_cm: 35 },
      { top_cm: 60, across_cm: null, depth_cm: 40 },
      { top_cm: 70, across_cm: null, depth_cm: 45 },
    ],
  },
};
export type PotSize = Pick<PotFields, 'top_cm' | 'across_cm' | 'depth_cm'>;

/** The size of a kind that is the usual one. */
export const usualSize = (kind: PotKind): PotSize => POT_KINDS[kind].sizes[1]!;

/** A pot of a kind and size (cm); its bottom follows from the kind. What is not said is as usual. */
export function potOf(kind: PotKind, size: PotSize, over: Partial<PotFields> = {}): PotFields {
  const { material, taper } = POT_KINDS[kind];
  return {
    ...FRESH_POT,
    shape: kind === 'trough' ? 'box' : 'round',
    material,
    ...size,
    base_cm: Math.round(size.top_cm * taper),
    ...over,
  };
}
