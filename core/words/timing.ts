import type { TargetHere } from '../model/here';
import { groupBy } from '../model/group';
import { dayName, halfMonthsInWords, type DayWindow } from '../model/half-month';
import { breaks, type Cost, type Flowering } from '../coverage/offers/timing';
import { listed } from './lists';
import { needName } from './needs';

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
    const what = `${here.target.common}, ${needName(rows[0]!.need, here)}`;
    const broken = rows.filter(breaks);
    if (broken.length > 0) {
      const when = halfMonthsInWords(broken.map((row) => row.halfMonth).sort((a, b) => a - b));
      return { text: `It costs ${what}: ${broken[0]!.after.verdict} in ${when}.`, breaks: true };
    }
    const worst = rows.reduce((a, b) => (b.before.supply - b.after.supply > a.before.supply - a.after.supply ? b : a));
    const lost = worst.before.supply - worst.after.supply;
    const share = worst.before.supply > 0 ? Math.round((100 * lost) / worst.before.supply) : 0;
    const when = halfMonthsInWords(rows.map((row) => row.halfMonth).sort((a, b) => a - b));
    const less = share === 0 ? 'hardly less' : `up to ${share} % less`;
    return { text: `${what}: ${less} in ${when}, and as well served.`, breaks: false };
  });
  return sentences.sort((a, b) => Number(b.breaks) - Number(a.breaks));
}

const bloomWords = (bloom: DayWindow | null) =>
  bloom ? `flowers ${dayName(bloom.from)} to ${dayName(bloom.to)}` : 'does not flower';

/** When what a timing offer speaks of flowers: `a sister of Joe-Pye weed, 24 days later; flowers 1 August to 15 September`. */
export function floweringWords(flowers: Flowering, nameOf: (plant: string) => string): string {
  if (flowers.kind === 'again') return `flowers again from about ${dayName(flowers.from)}`;
  if (flowers.kind === 'sown') return `${flowers.indoors ? 'sown indoors, ' : 'sown in place, '}${bloomWords(flowers.bloom)}`;
  const { near, of, days, bloom } = flowers;
  const when = Math.abs(days) < 4 ? 'at the same time' : `${Math.abs(days)} days ${days > 0 ? 'later' : 'earlier'}`;
  return `${near ? 'a sister of' : 'like'} ${nameOf(of)}, ${when}; ${bloomWords(bloom)}`;
}

/** What to look for before a cut; empty where nobody feeds on it then. */
export function eatersWords(eaters: readonly string[], creatureName: (target: string) => string): string {
  if (eaters.length === 0) return '';
  return `Look for eggs and caterpillars first: ${listed(eaters.map(creatureName))} ${eaters.length === 1 ? 'feeds' : 'feed'} on it then.`;
}
