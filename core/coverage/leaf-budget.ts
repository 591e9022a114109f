import type { Almanac, LarvalPeriod } from '../model/here';
import type { CoverageInput } from './coverage';
import { hostRule, isLaidOn } from './gives/host';
import type { Rule } from './gives/rule';
import { larvaeRange, leafSpread } from './leaf-range';
import { standsOf, type Stand } from './stands';
import type { Coverage } from './types';
import { lawOf } from '../almanac/bloom/opening';
import { frostFree } from '../place/climate/frost';
import { firstDay, HALF_MONTHS, halfMonthsTouched, lastDay } from '../model/half-month';
import { SETTINGS } from '../settings';

/** What one brood of a target finds to eat. */
export interface BroodBudget {
  target: string;
  brood: number;
  period: LarvalPeriod;
  /** Larvae wanted; larvae the leaf raises, as calculated, and its honest range. */
  wanted: number;
  feeds: number;
  low: number;
  high: number;
  /** Leaf (g) standing on its hosts in the leanest half-month, and what the larvae wanted eat of it (0–1 and over). */
  standing_g: number;
  eaten: number;
  /** Days from the end of this brood to the next one's first larvae; null after the last. */
  rest_d: number | null;
  warning: '' | 'bare' | 'stripped' | 'hard';
}

/** Leaf (g) on a stand in a half-month, by how well a target eats it: what may be spared of it and what may not. */
const leafFor = (rule: Rule, stand: Stand, h: number) =>
  (stand.count * (rule.of(stand)?.each(h) ?? 0) * rule.target.target.larva_leaf_g!) / SETTINGS.host.usableShare;

/**
 * The leaf budget of a garden, brood by brood: larvae the hosts raise (as coverage shares the leaf out), with the range
 * that the uncertainty of leaf and appetite leaves (SETTINGS.leafRange), and what the larvae wanted do to the plants:
 * `hard` where they eat more than can be spared, `stripped` where hardly a leaf is left, `bare` where there is none.
 */
export function leafBudget(input: CoverageInput, covered: Coverage): BroodBudget[] {
  const { stands } = standsOf(input);
  return covered.targets.flatMap(({ target: id, needs }) => {
    const target = input.almanac.targets.get(id)!;
    const host = needs.find((row) => row.need.stage === 'host');
    if (!host) return [];
    const rule = hostRule(host.need, target);
    const hosts = stands.filter((stand) => target.hosts.has(stand.here.plant.id));
    const spread = leafSpread(input, host);
    return target.larval.map((period, i): BroodBudget => {
      const months = halfMonthsTouched(period);
      const cells = host.cells.filter((cell) => months.includes(cell.halfMonth));
      const feeds = cells.length === 0 ? 0 : Math.min(...cells.map((cell) => cell.supply));
      const standing_g =
        cells.length === 0
          ? 0
          : Math.min(...cells.map(({ halfMonth: h }) => hosts.reduce((sum, stand) => sum + leafFor(rule, stand, h), 0)));
      const wanted = host.need.demand;
      const eaten = standing_g === 0 ? Infinity : (wanted * target.target.larva_leaf_g!) / standing_g;
      const next = target.larval[i + 1];
      return {
        target: id,
        brood: period.brood,
        period,
        wanted,
        feeds,
        ...larvaeRange(feeds, spread),
        standing_g,
        eaten,
        rest_d: next ? next.from - period.to : null,
        warning:
          standing_g === 0
            ? 'bare'
            : eaten > SETTINGS.leafRange.stripped
              ? 'stripped'
              : eaten > SETTINGS.host.usableShare + 1e-9
                ? 'hard'
                : '',
      };
    });
  });
}

/** The sowings of an annual host that keep it in leaf as long as larvae feed. */
export interface Succession {
  plant: string;
  targets: string[];
  /** Days of the year on which to sow. */
  sowings: number[];
}

/**
 * Annual hosts have to be sown again: each sowing stands in leaf for some weeks (SETTINGS.succession) before it bolts,
 * so that later broods want later sowings. The first is sown so that it stands when the first larvae hatch, but not
 * before the last frost; the last no later than it can still grow up before the first.
 */
export function successions(
  almanac: Almanac,
  garden: CoverageInput['garden'] & { last_frost: string | null; first_frost: string | null },
  input: CoverageInput,
): Succession[] {
  const { stands } = standsOf({ ...input, year: null });
  const { growDays, standDays } = SETTINGS.succession;
  const season = frostFree(garden);
  const lastFrost = garden.last_frost ? season.from - 1 : 1;
  const firstFrost = Math.min(365, season.to + 1);
  const found = new Map<string, Succession>();
  for (const { target } of input.targets) {
    const here = almanac.targets.get(target);
    if (!here) continue;
    for (const stand of stands) {
      const { plant } = stand.here;
      // Winter annuals come up by themselves in autumn.
      const law = lawOf(plant);
      if (plant.kind !== 'annual' || law === 'spring' || law === 'rain' || !isLaidOn(here, plant.id, stand.site)) continue;
      const row = found.get(plant.id) ?? { plant: plant.id, targets: [], sowings: [] };
      if (!row.targets.includes(target)) row.targets.push(target);
      found.set(plant.id, row);
    }
  }
  for (const row of found.values()) {
    const feeding = new Set(row.targets.flatMap((target) => almanac.targets.get(target)!.larval.flatMap(halfMonthsTouched)));
    const inLeaf = almanac.plants.get(row.plant)!.foliageShares;
    const wanted = Array.from({ length: HALF_MONTHS }, (_, h) => h).filter((h) => feeding.has(h) && inLeaf[h]! > 0);
    if (wanted.length === 0) continue;
    const until = lastDay(wanted.at(-1)!);
    let sow = Math.max(lastFrost, firstDay(wanted[0]!) - growDays);
    do {
      row.sowings.push(sow);
      sow += standDays;
    } while (sow + growDays <= Math.min(until, firstFrost));
  }
  return [...found.values()].filter((row) => row.sowings.length > 0);
}
