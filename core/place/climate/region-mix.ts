import type { GardenFields } from '../../model/garden';
import type { RegionArea } from '../../model/reference';
import { SETTINGS } from '../../settings';
import { regionAt } from './region-at';

/** A region about a place, and the share (0–1) of the ground around it that lies in it. */
export interface RegionShare {
  region: string;
  share: number;
}

const KM_PER_DEGREE = 111.2;

/**
 * The regions about a garden and their shares of the ground within SETTINGS.climate.border.reach_km, its own first: climate does
 * not jump where one region ends and the next begins, so their dates count by these shares. Only its own, where the garden's
 * state is not known, where it lies far from every border, or where the region chosen for it is not the one about it.
 */
export function regionsAbout(
  areas: readonly RegionArea[],
  { region, jurisdiction, lat, lon }: Pick<GardenFields, 'region' | 'jurisdiction' | 'lat' | 'lon'>,
): RegionShare[] {
  const alone = [{ region, share: 1 }];
  if (jurisdiction === null) return alone;
  const { reach_km, rings, directions, leastOwn, least } = SETTINGS.climate.border;
  const counts = new Map<string, number>();
  for (let ring = 1; ring <= rings; ring++)
    for (let k = 0; k < directions; k++) {
      // Half a step off, so that no point lies on a border that runs north or east.
      const turn = (2 * Math.PI * (k + 0.5)) / directions;
      const degrees = (reach_km * ring) / rings / KM_PER_DEGREE;
      const point = {
        lat: lat + degrees * Math.cos(turn),
        lon: lon + (degrees * Math.sin(turn)) / Math.cos((lat * Math.PI) / 180),
      };
      // The boxes of its own state reach a little beyond the state's lines.
      const found = regionAt(areas, jurisdiction, point) ?? regionAt(areas, null, point);
      if (found) counts.set(found, (counts.get(found) ?? 0) + 1);
    }
  const all = [...counts.values()].reduce((sum, count) => sum + count, 0);
  const shares = [...counts].map(([id, count]) => ({ region: id, share: count / all })).filter(({ share }) => share >= least);
  const own = shares.find((row) => row.region === region);
  if (!own || own.share < leastOwn) return alone;
  const kept = shares.reduce((sum, { share }) => sum + share, 0);
  return shares
    .map((row) => ({ ...row, share: row.share / kept }))
    .sort((a, b) => Number(b.region === region) - Number(a.region === region) || b.share - a.share);
}
