import type { GateGarden } from '../gates/gates';
import type { Almanac, TargetHere } from '../almanac/almanac';
import type { Garden, GardenTarget, Planting, Site } from '../model/garden';
import { HALF_MONTHS } from '../model/half-month';
import { isWoody, type Feature, type SpecialNeed } from '../model/vocabulary';
import { needsOf, type Need } from '../needs/needs';
import { SETTINGS } from '../settings';
import { allotLeaf } from './leaf';
import { FEATURE_NAMES, shelterSupply } from './shelter';
import { isLaidOn, nectarUnits, patchesBySite, standsOf, type Stand } from './supply';
import type { Contribution, Coverage, CoverageCell, CoverageVerdict, Fault, NeedCoverage, TargetCoverage } from './types';

export interface CoverageInput {
  almanac: Almanac;
  garden: GateGarden & Pick<Garden, 'school_autumn'>;
  sites: readonly Site[];
  targets: readonly Pick<GardenTarget, 'target' | 'ambition' | 'priority'>[];
  plantings: readonly Planting[];
  /** null: plants as they will be when grown; a year: as they are then. */
  year: number | null;
}

/** closed from 1, open below 0.4, thin between. */
export function verdictOf(ratio: number): CoverageVerdict {
  // A hair of allowance, so that 0.1 + 0.2 of a need is 0.3 of it.
  if (ratio >= SETTINGS.coverage.closed - 1e-9) return 'closed';
  return ratio >= SETTINGS.coverage.thin - 1e-9 ? 'thin' : 'open';
}

function cell(
  halfMonth: number,
  supply: number,
  demand: number,
  kinds: number,
  ratio: number,
  contributions: Contribution[],
): CoverageCell {
  return { halfMonth, supply, demand, kinds, ratio, verdict: verdictOf(ratio), contributions };
}

function needCoverage(
  need: Need,
  cells: CoverageCell[],
  more: Partial<Pick<NeedCoverage, 'limit' | 'patch' | 'features'>> = {},
): NeedCoverage {
  const ratio = Math.min(...cells.map((c) => c.ratio));
  const weakest = cells.find((c) => c.ratio === ratio)!;
  return {
    need,
    cells,
    ratio,
    verdict: weakest.verdict,
    gaps: cells.filter((c) => c.verdict !== 'closed').map((c) => c.halfMonth),
    limit: weakest.verdict === 'closed' ? null : (more.limit ?? 'amount'),
    patch: more.patch ?? null,
    features: more.features ?? [],
  };
}

/** Host: larvae the leaf feeds ÷ larvae wanted, and no better than the largest patch or the kinds allow. */
function hostCoverage(need: Need, target: TargetHere, stands: readonly Stand[], leaf: Float64Array[]): NeedCoverage {
  const patches = patchesBySite(target, stands);
  const patch = Math.max(0, ...patches.values());
  const cells = need.halfMonths.map((h) => {
    const contributions: Contribution[] = [];
    const kinds = new Set<string>();
    let fed = 0;
    stands.forEach((stand, i) => {
      const amount = leaf[i]![h]!;
      if (amount <= 0) return;
      fed += amount;
      contributions.push({ planting: stand.id, amount });
      if (isLaidOn(target, stand)) kinds.add(stand.here.plant.id);
    });
    const ratio = fed === 0 ? 0 : Math.min(fed / need.demand, patch, kinds.size / need.kinds);
    return cell(h, fed, need.demand, kinds.size, ratio, contributions);
  });
  const weakest = cells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
  const limit = weakest.supply / need.demand <= weakest.ratio ? 'amount' : patch <= weakest.ratio ? 'patch' : 'kinds';
  return needCoverage(need, cells, { patch, limit });
}

/** Nectar: units in bloom ÷ units wanted, and no better than the kinds in bloom at once. */
function nectarCoverage(need: Need, target: TargetHere, stands: readonly Stand[], share: number): NeedCoverage {
  const full = stands.map((stand) => nectarUnits(target, stand) * share);
  const cells = need.halfMonths.map((h) => {
    const contributions: Contribution[] = [];
    const kinds = new Set<string>();
    let units = 0;
    stands.forEach((stand, i) => {
      const amount = full[i]! * stand.bloom.amount[h]!;
      if (amount <= 0) return;
      units += amount;
      contributions.push({ planting: stand.id, amount });
      if (stand.bloom.present[h]! >= SETTINGS.nectar.inBloomShare && amount >= SETTINGS.nectar.kindUnits)
        kinds.add(stand.here.plant.id);
    });
    const ratio = Math.min(units / need.demand, kinds.size / need.kinds);
    return cell(h, units, need.demand, kinds.size, ratio, contributions);
  });
  const weakest = cells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
  return needCoverage(need, cells, { limit: weakest.supply / need.demand <= weakest.kinds / need.kinds ? 'amount' : 'kinds' });
}

/** Special needs that a feature of a bed meets. */
export const SPECIAL_FEATURES: Partial<Record<SpecialNeed, readonly Feature[]>> = {
  mud: ['mud'],
  fruit: ['fruit'],
  water: ['water', 'mud'],
  perch: ['perch'],
  'nest-cover': ['dense-cover'],
};

/** Does a plant on a site meet a special need in a half-month? Small insects are counted by native kinds instead. */
export function meetsSpecial(
  special: SpecialNeed,
  { here, site, bloom }: Pick<Stand, 'here' | 'site' | 'bloom'>,
  h: number,
): boolean {
  if (special === 'alkaloid') return here.plant.alkaloid && bloom.present[h]! >= SETTINGS.nectar.inBloomShare;
  if (special === 'perch' || special === 'nest-cover')
    return isWoody(here.plant) && here.plant.height_max_cm >= SETTINGS.special.coverCm && site.kind === 'bed';
  return false;
}

/** Special needs are present or not; one unmet is thin, and open only where adults cannot feed without it. */
function specialCoverage(need: Need, target: TargetHere, stands: readonly Stand[], sites: readonly Site[]): NeedCoverage {
  const special = need.special!;
  const nativeKinds = new Set(stands.filter((s) => s.here.status.native).map((s) => s.here.plant.id)).size;
  const features = (SPECIAL_FEATURES[special] ?? []).flatMap((name) =>
    sites.filter((site) => site.features.includes(name)).map((site) => `${FEATURE_NAMES[name]} in ${site.name}`),
  );
  const floor = need.special === 'fruit' && target.target.adult_food === 'sap-fruit' ? 0 : SETTINGS.coverage.thin;
  const cells = need.halfMonths.map((h) => {
    const by = features.length > 0 ? [] : stands.filter((stand) => meetsSpecial(special, stand, h));
    const met = special === 'insects' ? nativeKinds >= SETTINGS.special.insectKinds : features.length > 0 || by.length > 0;
    const contributions = by.map((s) => ({ planting: s.id, amount: 1 }));
    const partly = special === 'insects' && !met ? nativeKinds / SETTINGS.special.insectKinds : 0;
    return cell(h, met ? 1 : partly, 1, 0, met ? 1 : Math.max(floor, partly), contributions);
  });
  return needCoverage(need, cells, { features });
}

/**
 * How well a garden serves each target, need by need and half-month by half-month: supply ÷ demand with the
 * plantings that supply it, and the plantings that supply nothing. Leaf is shared out between targets on the
 * same host; flowers are shared without being used up, except that hummingbirds divide theirs.
 */
export function coverage(input: CoverageInput): Coverage {
  const { almanac, sites } = input;
  const { stands, faults } = standsOf(almanac, input.garden, sites, input.plantings, input.year);
  const chosen = input.targets.flatMap((row) => {
    const here = almanac.targets.get(row.target);
    return here ? [{ here, needs: needsOf(here.target, here.occurrence, here.flight, here.larval, row.ambition) }] : [];
  });
  const leaf = allotLeaf(
    chosen.map(({ here, needs }) => ({ here, need: needs.find((n) => n.stage === 'host') })),
    stands,
  );
  const birds = Array.from(
    { length: HALF_MONTHS },
    (_, h) => chosen.filter(({ here }) => here.target.kind === 'hummingbird' && here.flightHalfMonths.includes(h)).length,
  );

  const targets = chosen.map(({ here, needs }, t): TargetCoverage => {
    const trapFaults = stands.filter((s) => here.hosts.get(s.here.plant.id)?.rank === 'trap');
    faults.push(...trapFaults.map((s): Fault => ({ planting: s.id, kind: 'trap', target: here.target.id })));
    const covered = needs.map((need) => {
      if (need.stage === 'host') return hostCoverage(need, here, stands, leaf[t]!);
      if (need.stage === 'nectar') {
        const rivals = here.target.kind === 'hummingbird' ? Math.max(...need.halfMonths.map((h) => birds[h]!)) : 1;
        return nectarCoverage(need, here, stands, 1 / rivals);
      }
      if (need.stage === 'special') return specialCoverage(need, here, stands, sites);
      const shelter = shelterSupply(here, stands, sites, input.garden.school_autumn);
      const ratio = shelter.area / need.demand;
      return needCoverage(
        need,
        need.halfMonths.map((h) => cell(h, shelter.area, need.demand, 0, ratio, shelter.contributions)),
        { features: shelter.features },
      );
    });
    const ratio = Math.min(1e6, ...covered.map((n) => n.ratio));
    return { target: here.target.id, needs: covered, ratio, verdict: verdictOf(ratio) };
  });
  return { targets, faults, closed: targets.filter((t) => t.verdict === 'closed').length };
}
