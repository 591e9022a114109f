import type { TargetHere } from '../almanac/almanac';
import { groupBy } from '../model/group';
import { halfMonthsInWords } from '../model/half-month';
import { breaks, type Cost } from './timing';
import { needName } from './words';

export interface CostSentence {
  text: string;
  /** It opens or thins what was served. */
  breaks: boolean;
}

/**
 * What a change takes away, a sentence for each need it touches: where it opens or thins what was served, with the
 * half-months; else that less is left but enough. Nothing taken is one sentence too.
 */
export function costSentences(costs: readonly Cost[], hereOf: (target: string) => TargetHere): CostSentence[] {
  if (costs.length === 0) return [{ text: 'It takes nothing from anybody meanwhile.', breaks: false }];
  const byNeed = groupBy(costs, (cost) => `${cost.target} ${cost.need.stage} ${cost.need.special}`);
  const sentences = [...byNeed.values()].map((rows): CostSentence => {
    const here = hereOf(rows[0]!.target);
    const what = `${here.target.common}, ${needName(rows[0]!.need, here.target)}`;
    const broken = rows.filter(breaks);
    if (broken.length > 0) {
      const when = halfMonthsInWords(broken.map((row) => row.halfMonth).sort((a, b) => a - b));
      return { text: `It costs ${what}: ${broken[0]!.after.verdict} in ${when}.`, breaks: true };
    }
    const worst = rows.reduce((a, b) => (b.before.supply - b.after.supply > a.before.supply - a.after.supply ? b : a));
    const lost = worst.before.supply - worst.after.supply;
    const share = worst.before.supply > 0 ? Math.round((100 * lost) / worst.before.supply) : 0;
    const when = halfMonthsInWords(rows.map((row) => row.halfMonth).sort((a, b) => a - b));
    return { text: `${what}: up to ${share} % less in ${when}, and as well served.`, breaks: false };
  });
  return sentences.sort((a, b) => Number(b.breaks) - Number(a.breaks));
}
