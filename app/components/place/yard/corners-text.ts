import type { Point } from '~~/core/model/yard';

/** Corners as a line of text to type: `0, 0; 6, 0; 6, 4`, each distance in a unit of `perMetre` to the metre. */
export function cornersText(points: readonly Point[], perMetre: number): string {
  const n = (metres: number) => Number((metres * perMetre).toFixed(2));
  return points.map(([x, y]) => `${n(x)}, ${n(y)}`).join('; ');
}

/** Corners out of such a line; null where it is none. */
export function cornersFrom(text: string, perMetre: number): Point[] | null {
  const parts = text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
  const points = parts.map((part) => part.split(/[,\s]+/).map(Number));
  if (points.some((pair) => pair.length !== 2 || pair.some((value) => !Number.isFinite(value)))) return null;
  return points.map(([x, y]) => [Number((x! / perMetre).toFixed(3)), Number((y! / perMetre).toFixed(3))]);
}
