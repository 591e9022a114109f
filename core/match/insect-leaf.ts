import type { Plant } from '../model/reference';

/**
 * How many caterpillars and other soft insects a gram of leaf feeds beside that of an ordinary native herb, by genus. In
 * three steps after published counts of the caterpillars on North American genera: a few feed most of them.
 */
const RICH_GENERA: Readonly<Record<string, number>> = {
  ...Object.fromEntries(['Quercus', 'Prunus', 'Salix', 'Betula', 'Populus', 'Solidago'].map((genus) => [genus, 3] as const)),
  ...Object.fromEntries(
    [
      ...['Acer', 'Alnus', 'Carya', 'Juglans', 'Ulmus', 'Tilia', 'Crataegus', 'Amelanchier', 'Vaccinium', 'Rubus', 'Pinus'],
      ...['Symphyotrichum', 'Helianthus', 'Eutrochium', 'Eupatorium', 'Rudbeckia', 'Ceanothus', 'Rosa', 'Lupinus'],
    ].map((genus) => [genus, 2] as const),
  ),
};
const POOR_KINDS: ReadonlySet<Plant['kind']> = new Set(['grass', 'sedge', 'bulb']);

/** Leaf (g) of a native plant as small insects count it. Zero for what is not native here: little lives on it. */
export function insectLeaf(plant: Pick<Plant, 'scientific' | 'kind' | 'leaf_g'>, native: boolean): number {
  if (!native) return 0;
  const [genus] = plant.scientific.split(' ');
  return plant.leaf_g * (RICH_GENERA[genus!] ?? (POOR_KINDS.has(plant.kind) ? 0.5 : 1));
}
