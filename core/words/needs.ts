import type { Difference } from '../coverage/difference';
import type { Giver } from '../coverage/givers';
import { larvaeRange, leafDoubt } from '../coverage/leaf-range';
import type { FeatureHere, NeedCoverage } from '../coverage/types';
import { halfMonthName, halfMonthsInWords } from '../model/half-month';
import type { TargetHere } from '../model/here';
import type { Feature, SpecialNeed } from '../model/vocabulary';
import type { Units } from './units';

/** A ratio as a percentage, rounded down so that nothing short of enough ever reads as 100 %. */
export function percent(ratio: number): string {
  return `${Math.floor(Math.min(1, ratio) * 100 + 1e-9)} %`;
}

/** A gap in a sentence: what is missing, when, by how much. */
export function gapSentence(target: TargetHere, covered: NeedCoverage, units: Units): string {
  const { need, gaps, limit } = covered;
  if (covered.verdict === 'closed') return 'Nothing is missing.';
  const when = halfMonthsInWords(gaps);
  const gapCells = covered.cells.filter((c) => c.verdict !== 'closed');
  const least = gapCells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
  const n = (x: number) => (x >= 10 ? Math.floor(x).toString() : (Math.floor(x * 10) / 10).toString());
  if (need.stage === 'host') {
    const food = target.target.eats === 'buds' ? 'buds' : 'leaf';
    const Food = food === 'buds' ? 'Buds' : 'Leaf';
    if (least.supply === 0)
      return covered.cells.some((c) => c.supply > 0)
        ? `No host in ${food === 'buds' ? 'bud' : 'leaf'} in ${when}.`
        : `No host plant for the caterpillars of ${target.target.common}, wanted ${when}.`;
    if (limit === 'patch') return `The largest patch is ${percent(covered.patch ?? 0)} of one that a laying female finds.`;
    if (limit === 'kinds') return `${least.kinds} kind of host in leaf where ${need.kinds} are wanted, ${when}.`;
    return `${Food} for ${n(least.supply)} of ${need.demand} caterpillars, ${when}.`;
  }
  if (need.stage === 'nectar')
    return limit === 'kinds'
      ? least.contributions.length > least.kinds
        ? `Of the kinds in bloom ${need.kinds === 1 ? 'none is' : `no more than ${least.kinds} of ${need.kinds} are`} worth a visit, ${when}.`
        : `${least.kinds === 0 ? 'No kind' : `Only ${least.kinds} kind`} in bloom of ${need.kinds} wanted, ${when}.`
      : `${n(least.supply)} of ${need.demand} units of nectar in bloom, ${when}.`;
  if (need.stage === 'shelter')
    return `${units.area(least.supply)} of the ${units.area(need.demand)} of ${SHELTER_NAMES[target.wintering.in]} wanted is left through the winter.`;
  return `${SPECIAL_NAMES[need.special!]}: none in ${when}.`;
}

const SHELTER_NAMES: Record<TargetHere['wintering']['in'], string> = {
  litter: 'leaf litter',
  stems: 'standing stems',
  bark: 'bark, logs and twigs',
  soil: 'undisturbed soil',
  host: 'host plants left alone',
  cover: 'evergreen cover',
  elsewhere: 'shelter elsewhere',
};

const SPECIAL_NAMES: Record<SpecialNeed, string> = {
  alkaloid: 'Alkaloid flowers for the males',
  mud: 'Damp mud',
  fruit: 'Ripe fruit or sap',
  insects: 'Small insects for the young',
  perch: 'A bare perch',
  'nest-cover': 'Nesting cover',
  water: 'Moving water',
};

const STAGE_NAMES = { host: 'host plants', nectar: 'nectar', shelter: 'shelter' } as const;

/** A need in words: `host plants`, `leaf litter through winter`, `damp mud`. */
export function needName(need: NeedCoverage['need'], { wintering }: Pick<TargetHere, 'wintering'>): string {
  if (need.stage === 'special') return SPECIAL_NAMES[need.special!].toLowerCase();
  if (need.stage === 'shelter') return `${SHELTER_NAMES[wintering.in]} through winter`;
  return STAGE_NAMES[need.stage];
}

/** A range of larvae as a person would say it: `12 to 30`, `40 to more than 100`, `more than 100`, `hardly one`. */
export function larvaeWords({ low, high }: { low: number; high: number }): string {
  const least = Math.floor(low + 1e-9);
  const most = Math.floor(high + 1e-9);
  if (most < 1) return 'hardly one';
  if (least >= MANY) return `more than ${MANY}`;
  if (most >= MANY) return `${least} to more than ${MANY}`;
  return least === most ? String(least) : `${least} to ${most}`;
}
/** More larvae than anybody counts. */
const MANY = 100;

const DOUBTS = { quarter: 'a quarter', third: 'a third', half: 'a half' } as const;
/** How rough a verdict on leaf is: `within a third`, where leaf figures so far off would change it; empty elsewhere. */
export function doubtWords(covered: NeedCoverage): string {
  const doubt = leafDoubt(covered);
  return doubt === null ? '' : `within ${DOUBTS[doubt]}`;
}

/** How a need's figure comes about: the weakest half-month, supply against demand, in the need's unit. `spread`: of its leaf (leafSpread). */
export function ratioWords(target: TargetHere, covered: NeedCoverage, units: Units, spread: number): string {
  const { need } = covered;
  const least = covered.cells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
  const when = halfMonthsInWords([least.halfMonth]);
  const supply = least.supply >= 10 ? Math.floor(least.supply) : Math.floor(least.supply * 10) / 10;
  if (need.stage === 'host')
    return `At its weakest, ${when}: ${target.target.eats} for ${supply} larvae (likely ${larvaeWords(larvaeRange(least.supply, spread))}) of ${need.demand} wanted a brood; largest patch ${percent(covered.patch ?? 0)} of one that is found; ${least.kinds} ${least.kinds === 1 ? 'kind' : 'kinds'}.`;
  if (need.stage === 'nectar')
    return `At its weakest, ${when}: ${supply} of ${need.demand} units (square metres in bloom × value) and ${least.kinds} of ${need.kinds} kinds.`;
  if (need.stage === 'shelter')
    return `${units.area(least.supply)} of ${SHELTER_NAMES[target.wintering.in]}, of the ${units.area(need.demand)} wanted.`;
  return 'Present or not; unmet it is thin, and open only where adults cannot feed without it.';
}

/** The figure of a half-month of a need: `4.2 of 6 units of nectar, 1 of 2 kinds`. */
export function needFigure(
  target: TargetHere,
  { need }: NeedCoverage,
  cell: NeedCoverage['cells'][number],
  units: Units,
): string {
  const n = (x: number) => (x >= 10 ? Math.floor(x).toString() : (Math.floor(x * 10 + 1e-9) / 10).toString());
  const kinds = need.kinds > 1 ? `, ${cell.kinds} of ${need.kinds} kinds` : '';
  return {
    host: () => `${target.target.eats} for ${n(cell.supply)} of ${need.demand} caterpillars${kinds}`,
    nectar: () => `${n(cell.supply)} of ${need.demand} units of nectar${kinds}`,
    shelter: () => `${units.area(cell.supply)} of ${units.area(need.demand)} of ${SHELTER_NAMES[target.wintering.in]}`,
    special: () =>
      cell.supply >= cell.demand ? 'there' : cell.supply > 0 ? `${percent(cell.supply / cell.demand)} of what is wanted` : 'none',
  }[need.stage]();
}

/** One half-month of a need: `late May: thin, 4.2 of 6 units of nectar, 1 of 2 kinds`; `not needed` outside it. */
export function cellWords(target: TargetHere, covered: NeedCoverage, halfMonth: number, units: Units): string {
  const cell = covered.cells.find((row) => row.halfMonth === halfMonth);
  const when = halfMonthName(halfMonth);
  return cell ? `${when}: ${cell.verdict}, ${needFigure(target, covered, cell, units)}` : `${when}: not needed`;
}

/** A need that is served otherwise, in words: `Monarch, nectar: thin then, now closed`; `said` puts the two verdicts. */
export function differenceWords(
  here: TargetHere,
  { need, before, after, gaps }: Difference['worse'][number],
  said: (before: string, after: string) => string,
): string {
  const short = gaps.length > 0 ? ` (short in ${halfMonthsInWords(gaps)})` : '';
  return `${here.target.common}, ${needName(need, here)}: ${said(before, after)}${short}`;
}

/** The few words that stand beside a gap in the braid. */
export function gapLabel(covered: NeedCoverage, halfMonths: readonly number[]): string {
  const { need } = covered;
  const cells = covered.cells.filter((c) => halfMonths.includes(c.halfMonth));
  const none = cells.every((c) => c.supply === 0);
  if (need.stage === 'host')
    return none
      ? 'no host'
      : covered.limit === 'patch'
        ? 'patch too small'
        : covered.limit === 'kinds'
          ? 'too few kinds'
          : 'too little to eat';
  if (need.stage === 'nectar') return none ? 'no bloom' : cells.every((c) => c.kinds < need.kinds) ? 'too few kinds' : 'hungry';
  if (need.stage === 'shelter') return none ? 'no shelter' : 'little shelter';
  return `no ${{ alkaloid: 'alkaloids', mud: 'mud', fruit: 'fruit', insects: 'insects', perch: 'perch', 'nest-cover': 'nest cover', water: 'water' }[need.special!]}`;
}

export const FEATURE_NAMES: Record<Feature, string> = {
  logs: 'a pile of logs and bark',
  'bare-soil': 'bare undisturbed soil',
  mud: 'a damp mud patch',
  fruit: 'a dish of ripe fruit',
  water: 'moving water',
  perch: 'a bare twig to perch on',
  'dense-cover': 'dense evergreen cover',
  feeder: 'a feeder',
};

/** Where what serves a need stands: `in The swale`, `in The swale (7.4 h of sun there, in 2 groups)`, `standing in the yard`. */
export function whereWords({ site, placed }: Pick<Giver, 'site' | 'placed'>, siteName: (site: string) => string): string {
  if (site === null) return 'standing in the yard';
  if (!placed) return `in ${siteName(site)}`;
  const groups = placed.groups > 1 ? `, in ${placed.groups} groups` : '';
  return `in ${siteName(site)} (${placed.sun_h.toFixed(1)} h of sun there${groups})`;
}

/** A feature of a site in words: `a damp mud patch in The swale`. */
export const featureWords = ({ feature, site }: FeatureHere, siteName: (site: string) => string) =>
  `${FEATURE_NAMES[feature]} in ${siteName(site)}`;
