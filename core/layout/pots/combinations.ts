import { DIMENSIONS } from '../../match/fit/dimensions';
import { fit } from '../../match/fit/fit';
import { gardenSeason, mostHere } from '../../match/craft/places';
import { barringOf, drawbacksOf, isHostHere } from '../../match/craft/kinds';
import { services, type Service } from '../../match/services';
import type { CoverageInput } from '../../coverage/coverage';
import type { PlantHere } from '../../model/here';
import type { Site } from '../../model/garden';
import { sitTogether, seenColour } from '../colour';
import { roleOf, type PotRole } from './arrange-pot';
import { quarrelsOf } from './company';
import { potHolds } from './seats';

/** A planting of a pot that is proposed: how many of what, whose larvae it feeds and whom its flowers. */
export interface Combination {
  plants: { here: PlantHere; count: number; role: PotRole }[];
  hostsFor: string[];
  nectarFor: string[];
  /** Half-months of the season in which something in it flowers, and how many the season has. */
  inFlower: number;
  season: number;
}
interface Candidate {
  here: PlantHere;
  role: PotRole;
  service: Service;
  /** Whom its larvae are, of the creatures that are to breed. */
  host: boolean;
  worth: number;
}

/** Plants that would do in a pot of this garden, best first: they thrive or do there, may be planted, and serve somebody. */
function candidatesFor(input: CoverageInput, site: Site): Candidate[] {
  const { almanac, garden, targets } = input;
  return services(
    almanac,
    targets.map((row) => row.target),
  )
    .filter(({ weight }) => weight > 0)
    .flatMap((service): Candidate[] => {
      const { here } = service;
      const { plant } = here;
      if (plant.container === 'no' || !here.status.offered || barringOf(input, here)) return [];
      if (garden.school_plants === 'natives-only' && !here.status.native) return [];
      const host = isHostHere(input, plant.id);
      if (drawbacksOf(here, site, false, host).length > 0) return [];
      const found = fit(plant, site, almanac.place);
      if (found.verdict === 'unsuitable' || DIMENSIONS.cold(plant, site, almanac.place) === 0) return [];
      const native = here.status.native ? 1.2 : 1;
      const worth = found.share * service.weight * native * (plant.container === 'good' ? 1.2 : 1);
      return [{ here, role: roleOf(plant), service, host, worth }];
    })
    .sort((a, b) => b.worth - a.worth || (a.here.plant.id < b.here.plant.id ? -1 : 1));
}

/**
 * Plantings for one group of pots, from the library, for the creatures of this garden: a tall kind for the middle, fillers and
 * trailers that want the same light, water and mix, one host at least where any will do, flowering one after the other, in
 * colours that sit together. No two have the same tall kind. No more kinds than a pot bears (SETTINGS says places, not kinds:
 * three kinds to five plants, four to nine).
 */
export function combinationsFor(input: CoverageInput, site: Site, most = 3): Combination[] {
  if (!site.pot) return [];
  const holds = potHolds(site.pot);
  const each = holds.plants / site.pot.count;
  const candidates = candidatesFor(input, site);
  const season = gardenSeason(input.almanac.frosts);
  const kindsMost = each <= 2 ? 1 : each <= 5 ? 3 : 4;
  const found: Combination[] = [];
  const used = new Set<string>();
  const starts = candidates.filter((one) => (holds.tall > 0 ? one.role === 'upright' : true));
  for (const first of starts.length > 0 ? starts : candidates) {
    if (found.length >= most) break;
    if (used.has(first.here.plant.id)) continue;
    const chosen = [first];
    while (chosen.length < kindsMost) {
      const next = bestBeside(chosen, candidates, season, used);
      if (!next) break;
      chosen.push(next);
    }
    used.add(first.here.plant.id);
    for (const one of chosen.slice(1)) if (!one.host) used.add(one.here.plant.id);
    found.push(combined(chosen, holds, site, season, input));
  }
  return found;
}

/** The kind that does most beside those chosen: it agrees with them, flowers when they do not, serves others, and sits well with them. */
function bestBeside(
  chosen: readonly Candidate[],
  all: readonly Candidate[],
  season: readonly number[],
  used: ReadonlySet<string>,
): Candidate | null {
  const plants = chosen.map(({ here }) => here.plant);
  const open = (h: number) => chosen.some(({ here }) => here.bloomShares[h]! > 0.3);
  const hasHost = chosen.some((one) => one.host);
  const roles = new Set(chosen.map((one) => one.role));
  const served = new Set(chosen.flatMap(({ service }) => [...service.hostOf, ...service.nectarFor].map((row) => row.target)));
  let best: Candidate | null = null;
  let most = 0;
  for (const one of all) {
    const { plant } = one.here;
    if (
      one.role === 'upright' ||
      used.has(plant.id) ||
      plants.some((other) => other.id === plant.id || other.scientific.split(' ')[0] === plant.scientific.split(' ')[0])
    )
      continue;
    if (quarrelsOf([...plants, plant]).length > 0) continue;
    const adds = season.filter((h) => one.here.bloomShares[h]! > 0.3 && !open(h)).length / Math.max(1, season.length);
    const fresh = [...one.service.hostOf, ...one.service.nectarFor].filter((row) => !served.has(row.target)).length;
    const well = Math.min(
      ...plants.map((other) => sitTogether(seenColour(other.colour_hex), seenColour(plant.colour_hex), 'harmony')),
    );
    const worth =
      one.worth * (0.4 + 0.6 * well) * (1 + 2 * adds) * (roles.has(one.role) ? 0.8 : 1) + fresh + (one.host && !hasHost ? 4 : 0);
    if (worth > most) [best, most] = [one, worth];
  }
  return best;
}

/** How many of each: one tall kind for each middle, the rest shared among the others, of a host as many as may be. */
function combined(
  chosen: readonly Candidate[],
  holds: { plants: number; tall: number },
  site: Site,
  season: readonly number[],
  input: CoverageInput,
): Combination {
  const tall = chosen[0]!.role === 'upright' ? Math.max(1, holds.tall) : 0;
  const around = chosen.slice(tall > 0 ? 1 : 0);
  let left = around.length > 0 ? holds.plants - tall : 0;
  const counts = around.map((one, i) => {
    const fair = Math.ceil(left / (around.length - i));
    const count = Math.max(1, Math.min(left, fair, mostHere(one.here, site, one.host)));
    left -= count;
    return count;
  });
  const rows = [
    ...(tall > 0 ? [{ here: chosen[0]!.here, count: around.length > 0 ? tall : Math.max(1, tall), role: chosen[0]!.role }] : []),
    ...around.map((one, i) => ({ here: one.here, count: counts[i]!, role: one.role })),
  ].filter((row) => row.count > 0);
  const names = (of: (service: Service) => { target: string }[]) => [
    ...new Set(chosen.flatMap(({ service }) => of(service).map((row) => row.target))),
  ];
  const breeding = new Set(input.targets.filter((row) => row.ambition !== 'visits').map((row) => row.target));
  return {
    plants: rows,
    hostsFor: names((service) => service.hostOf.filter((row) => row.rank === 'primary' || row.rank === 'accepted')).filter((id) =>
      breeding.has(id),
    ),
    nectarFor: names((service) => service.nectarFor),
    inFlower: season.filter((h) => rows.some(({ here }) => here.bloomShares[h]! > 0.3)).length,
    season: season.length,
  };
}
