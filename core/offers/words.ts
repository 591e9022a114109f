import type { TargetHere } from '../almanac/almanac';
import type { NeedCoverage } from '../coverage/types';
import { halfMonthsInWords } from '../model/half-month';
import type { SpecialNeed } from '../model/vocabulary';

/** A gap in a sentence: what is missing, when, by how much. */
export function gapSentence(target: TargetHere, covered: NeedCoverage): string {
  const { need, gaps, limit } = covered;
  if (covered.verdict === 'closed') return 'Nothing is missing.';
  const when = halfMonthsInWords(gaps);
  const gapCells = covered.cells.filter((c) => c.verdict !== 'closed');
  const least = gapCells.reduce((a, b) => (b.ratio < a.ratio ? b : a));
  const n = (x: number) => (x >= 10 ? Math.floor(x).toString() : (Math.floor(x * 10) / 10).toString());
  if (need.stage === 'host') {
    if (least.supply === 0)
      return covered.cells.some((c) => c.supply > 0)
        ? `No host leaf in ${when}.`
        : `No host plant for the caterpillars of ${target.target.common}, wanted ${when}.`;
    if (limit === 'patch')
      return `The largest patch is ${Math.round((covered.patch ?? 0) * 100)} % of one that a laying female finds.`;
    if (limit === 'kinds') return `${least.kinds} kind of host in leaf where ${need.kinds} are wanted, ${when}.`;
    return `Leaf for ${n(least.supply)} of ${need.demand} caterpillars, ${when}.`;
  }
  if (need.stage === 'nectar')
    return limit === 'kinds'
      ? `${least.kinds === 0 ? 'No kind' : `Only ${least.kinds} kind`} in bloom of ${need.kinds} wanted, ${when}.`
      : `${n(least.supply)} of ${need.demand} units of nectar in bloom, ${when}.`;
  if (need.stage === 'shelter')
    return `${n(least.supply)} of ${need.demand} m² of ${SHELTER_NAMES[target.target.overwinters_in]} left through the winter.`;
  return `${SPECIAL_NAMES[need.special!]}: none in ${when}.`;
}

export const SHELTER_NAMES: Record<TargetHere['target']['overwinters_in'], string> = {
  litter: 'leaf litter',
  stems: 'standing stems',
  bark: 'bark, logs and twigs',
  soil: 'undisturbed soil',
  host: 'host plants left alone',
  cover: 'evergreen cover',
  elsewhere: 'shelter elsewhere',
};

export const SPECIAL_NAMES: Record<SpecialNeed, string> = {
  alkaloid: 'Alkaloid flowers for the males',
  mud: 'Damp mud',
  fruit: 'Ripe fruit or sap',
  insects: 'Small insects for the young',
  perch: 'A bare perch',
  'nest-cover': 'Nesting cover',
  water: 'Moving water',
};
