import { converter } from 'culori/fn';
import { modeOklch, modeRgb, parseHex, useMode } from 'culori/fn';
import type { ColourWish } from '../model/vocabulary';

useMode(modeRgb);
useMode(modeOklch);
const toOklch = converter('oklch');

/** A colour as it is seen: lightness (0–1), chroma (0 grey) and hue (degrees), in OKLCH. */
export interface Seen {
  light: number;
  chroma: number;
  hue: number;
}

/** A colour written #rrggbb in a space in which equal steps look equal (OKLCH). */
export function seenColour(hex: string): Seen {
  const found = toOklch(parseHex(hex)!)!;
  return { light: found.l, chroma: found.c, hue: found.h ?? 0 };
}

/** Families of colour as gardeners name them; white, cream and green go with all. */
export type ColourFamily = 'white' | 'green' | 'yellow' | 'orange' | 'red' | 'pink' | 'purple' | 'blue' | 'brown';

/** Below this chroma a light colour is white, and a dark one brown. */
const PALE = 0.05;

/** The family of a colour, by its hue in OKLCH (pink at 350°, red 25°, orange 55°, yellow 100°, green 145°, blue 265°, purple 310°). */
export function familyOf({ light, chroma, hue }: Seen): ColourFamily {
  if (chroma < PALE) return light > 0.75 ? 'white' : 'brown';
  if (hue < 15 || hue >= 335) return 'pink';
  if (hue < 40) return light > 0.72 ? 'pink' : light < 0.42 && chroma < 0.1 ? 'brown' : 'red';
  if (hue < 76) return light < 0.5 ? 'brown' : 'orange';
  if (hue < 118) return light < 0.5 ? 'brown' : 'yellow';
  if (hue < 190) return 'green';
  return hue < 285 ? 'blue' : 'purple';
}

const NEUTRAL: ReadonlySet<ColourFamily> = new Set(['white', 'green', 'brown']);
/** Degrees (0–180) between two hues. */
const between = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
/** 1 up to `full`, 0 from `none` on, straight between. */
const fading = (value: number, full: number, none: number) => Math.max(0, Math.min(1, (none - value) / (none - full)));

/** A bluish pink beside an orange: the discord that every book warns of, though their hues are near. */
const jars = (a: Seen, b: Seen) =>
  familyOf(a) === 'pink' && (familyOf(b) === 'orange' || (familyOf(b) === 'yellow' && b.hue < 85));

/**
 * How well two colours sit beside each other (0–1). Harmony: near hues, but no pink beside orange; what lies a
 * quarter to a third of the circle away is a discord, and a true opposite is none. Contrast: opposites. Calm: near hues of like lightness.
 * White, cream, green and brown go with everything. Trade, as taught from the colour circle.
 */
export function sitTogether(a: Seen, b: Seen, wish: ColourWish): number {
  if (wish === 'any') return 1;
  const neutral = NEUTRAL.has(familyOf(a)) || NEUTRAL.has(familyOf(b));
  const apart = between(a.hue, b.hue);
  if (wish === 'contrast') return neutral ? 0.6 : Math.max(0.2, 1 - fading(apart, 60, 130));
  if (wish === 'calm') {
    const even = fading(Math.abs(a.light - b.light), 0.15, 0.5);
    return neutral ? 0.7 + 0.3 * even : fading(apart, 35, 80) * (0.6 + 0.4 * even);
  }
  if (neutral) return 1;
  if (jars(a, b) || jars(b, a)) return 0.2;
  return Math.max(fading(apart, 45, 85), 0.6 * (1 - fading(apart, 110, 150)));
}
