import type { RegionArea } from '../../model/reference';

interface Point {
  lat: number;
  lon: number;
}

const holds = (area: RegionArea, { lat, lon }: Point) =>
  lat >= area.lat_min && lat <= area.lat_max && lon >= area.lon_min && lon <= area.lon_max;
const size = (area: RegionArea) => (area.lat_max - area.lat_min) * (area.lon_max - area.lon_min);

/**
 * The region of a point (degrees; west negative). The rules of its state or province are asked in their order, the
 * first box that holds the point decides. Where the jurisdiction is not known the smallest box decides. Null for
 * a point that no rule covers.
 */
export function regionAt(areas: readonly RegionArea[], jurisdiction: string | null, point: Point): string | null {
  if (jurisdiction !== null)
    return areas.find((area) => area.jurisdiction === jurisdiction && holds(area, point))?.region ?? null;
  const around = areas.filter((area) => holds(area, point)).sort((a, b) => size(a) - size(b));
  return around[0]?.region ?? null;
}
