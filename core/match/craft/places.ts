import { groundM2 } from '../quantities';
import type { Planting, Site } from '../../model/garden';
import type { Frosts, PlantHere } from '../../model/here';
import { HALF_MONTHS, halfMonthOfDay, halfMonthsBetween } from '../../model/half-month';
import { isWoody } from '../../model/vocabulary';
import { frostFree } from '../../place/climate/frost';
import { arrangement, plantsHeld } from '../../place/containers/pots';
import { SETTINGS } from '../../settings';

/** The places of a container: how many plants it holds, and how many of them tall in the middle. */
export interface PotPlaces {
  held: number;
  upright: number;
}

/** The places of a container, by its measures or else by its top; null for a bed. */
export function potPlaces({ kind, area_m2, pot }: Pick<Site, 'kind' | 'area_m2' | 'pot'>): PotPlaces | null {
  if (kind !== 'container') return null;
  const held = pot ? plantsHeld(pot) : Math.max(1, Math.round((area_m2 * 10_000) / SETTINGS.container.cm2PerPlant));
  const middles = pot ? arrangement(pot).upright * pot.count : 1;
  // A long trough has several middles.
  return { held, upright: Math.max(1, middles, Math.floor(held / SETTINGS.craft.placesPerUpright)) };
}

/** Does a plant take the tall place in the middle of a pot? */
export const isUpright = ({ container_role }: PlantHere['plant']): boolean => container_role === 'upright';

/** Half-months between the frosts, when a bed is looked at. */
export function gardenSeason(frosts: Frosts): number[] {
  const { from, to, days } = frostFree(frosts);
  if (days === 365) return [...Array(HALF_MONTHS).keys()];
  const first = halfMonthOfDay(from);
  const last = halfMonthOfDay(((to - 1) % 365) + 1);
  return halfMonthsBetween(first, last);
}

/** Is a plant in leaf through most of the season, so that its place is never bare? */
export function isBackbone({ foliageShares }: Pick<PlantHere, 'foliageShares'>, season: readonly number[]): boolean {
  const { backboneShare, presentShare } = SETTINGS.craft;
  return season.filter((h) => foliageShares[h]! >= presentShare).length >= backboneShare * season.length;
}

/** The months (0–11) of the season in which a plant flowers. */
export function flowerMonths({ bloomShares }: Pick<PlantHere, 'bloomShares'>, season: readonly number[]): Set<number> {
  const open = season.filter((h) => bloomShares[h]! >= SETTINGS.craft.presentShare);
  return new Set(open.map((h) => h >> 1));
}

/** Ground (m²) or, in a container, plants of one kind that a site may hold at most; at least one plant in any case. */
function mostByShare(here: PlantHere, site: Site): number {
  const { kindShare } = SETTINGS.craft;
  const places = potPlaces(site);
  const share = places ? kindShare * places.held : (kindShare * site.area_m2) / groundM2(here.plant, 1, site);
  return Math.max(1, Math.floor(share + 1e-9));
}

/** Is it a weed, a thistle, or lives on its neighbours? */
const isUnloved = ({ manners }: PlantHere['plant']) => manners === 'weedy' || manners === 'prickly' || manners === 'parasite';

/**
 * Most plants of a kind that are proposed for a site: no more than its share of it; herbs in drifts of no more than seven for
 * each ten square metres, hosts of a chosen creature in several; tall ones few, and of weeds, thistles and half-parasites no
 * more than a clump.
 */
export function mostHere(here: PlantHere, site: Site, isHost: boolean): number {
  const { driftMost, driftPer_m2, hostDrifts, tallCm, tallMost, unlovedMost } = SETTINGS.craft;
  const share = mostByShare(here, site);
  if (isWoody(here.plant) || site.kind === 'container') return share;
  const drifts = Math.max(1, Math.floor(site.area_m2 / driftPer_m2));
  const most = driftMost * drifts * (isHost ? hostDrifts : 1);
  const tall = here.plant.height_max_cm > tallCm && !isHost ? tallMost * drifts : Infinity;
  return Math.min(share, most, tall, isUnloved(here.plant) ? unlovedMost : Infinity);
}

/** What is kept on a site, as far as the craft asks: the months it flowers in, its backbone, the places it takes. */
export interface KeptHere {
  months: ReadonlySet<number>;
  backbone: boolean;
  places: number;
  uprights: number;
}

/** What is kept on a site, as far as the craft asks. */
export function keptHere(
  site: Site,
  kept: readonly Planting[],
  plantHere: (id: string) => PlantHere | undefined,
  season: readonly number[],
): KeptHere {
  const months = new Set<number>();
  let backbone = false;
  let places = 0;
  let uprights = 0;
  for (const row of kept) {
    const here = row.site_id === site.id ? plantHere(row.plant) : undefined;
    if (!here) continue;
    for (const month of flowerMonths(here, season)) months.add(month);
    backbone ||= isBackbone(here, season);
    places += row.count;
    if (isUpright(here.plant)) uprights += row.count;
  }
  return { months, backbone, places, uprights };
}

/** Places of a pot beside what is kept in it; null for a bed. */
export function placesLeft(site: Site, { places, uprights }: Pick<KeptHere, 'places' | 'uprights'>): PotPlaces | null {
  const whole = potPlaces(site);
  return whole && { held: whole.held - places, upright: whole.upright - uprights };
}
