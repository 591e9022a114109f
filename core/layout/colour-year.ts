import { HALF_MONTHS } from '../model/half-month';
import type { PlantHere } from '../model/here';
import { SETTINGS } from '../settings';
import { familyOf, seenColour, type ColourFamily } from './colour';

/** Ground (m²) that flowers of a colour cover in a half-month, the most first. */
interface ColourShare {
  hex: string;
  family: ColourFamily;
  m2: number;
}
export interface ColourYear {
  halfMonths: ColourShare[][];
  /** Half-months between the first flower and the last in which nothing flowers. */
  gaps: number[];
  /** The half-month with most in flower, and the family of colour that nearly all of it is, where it is so. */
  best: number | null;
  allOf: ColourFamily | null;
}

/** The colours of a bed through the year. `rows`: its plants, how many of each and the mature spread (m) of one. */
export function colourYear(
  rows: readonly { here: Pick<PlantHere, 'plant' | 'bloomShares'>; count: number; spread: number }[],
): ColourYear {
  const halfMonths = Array.from({ length: HALF_MONTHS }, (_, h) => {
    const byColour = new Map<string, number>();
    for (const { here, count, spread } of rows) {
      const { colour_hex, flower_form } = here.plant;
      if (flower_form === 'none' || flower_form === 'catkin') continue;
      const m2 = here.bloomShares[h]! * count * Math.PI * (spread / 2) ** 2;
      if (m2 > 0.001) byColour.set(colour_hex, (byColour.get(colour_hex) ?? 0) + m2);
    }
    return [...byColour]
      .map(([hex, m2]): ColourShare => ({ hex, family: familyOf(seenColour(hex)), m2 }))
      .sort((a, b) => b.m2 - a.m2);
  });
  const sum = (shares: readonly ColourShare[]) => shares.reduce((all, { m2 }) => all + m2, 0);
  const open = halfMonths.flatMap((shares, h) => (shares.length > 0 ? [h] : []));
  const gaps = halfMonths.flatMap((shares, h) => (shares.length === 0 && h > open[0]! && h < open.at(-1)! ? [h] : []));
  if (open.length === 0) return { halfMonths, gaps: [], best: null, allOf: null };
  const best = open.reduce((most, h) => (sum(halfMonths[h]!) > sum(halfMonths[most]!) ? h : most));
  const families = new Map<ColourFamily, number>();
  for (const { family, m2 } of halfMonths[best]!) families.set(family, (families.get(family) ?? 0) + m2);
  const [family, m2] = [...families].sort((a, b) => b[1] - a[1])[0]!;
  return { halfMonths, gaps, best, allOf: m2 / sum(halfMonths[best]!) >= SETTINGS.layout.oneColour ? family : null };
}
