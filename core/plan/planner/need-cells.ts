import type { Rule } from '../../coverage/gives/rule';
import { supplyTo } from '../../coverage/supply';
import type { GivingChoice, ProblemBuilder } from './builder';
import type { Term } from './cells';

/** A total of what the choices of a plant give in a half-month, scaled so that the best of them counts one. */
function totalIn(b: ProblemBuilder, list: readonly GivingChoice[], h: number): [total: number, each: number] | null {
  const amounts = list.map(({ choice, giving }) => ({ choice, amount: giving.each(h) })).filter(({ amount }) => amount > 0);
  if (amounts.length === 0) return null;
  const best = Math.max(...amounts.map(({ amount }) => amount));
  return [b.total(amounts.map(({ choice, amount }): Term => [choice, amount / best])), best];
}

/**
 * The cells of a need that nobody else draws on: nectar, shelter and special needs. What is kept gives its fixed part as
 * coverage says; each plant that may be added gives what its rule says of one of it.
 */
export function needCells(b: ProblemBuilder, rule: Rule): (number | null)[] {
  const keptIn = supplyTo(rule, b.stands, b.question.sites);
  const giving = b.givingTo(rule);
  const features = b.choices.features.flatMap(({ feature }, i) => {
    const amount = rule.features.get(feature);
    return amount === undefined ? [] : [{ choice: b.feature(i), amount }];
  });
  return rule.need.halfMonths.map((h) => {
    const kept = keptIn(h);
    const enough = kept.amount >= rule.amount - 1e-9 && kept.kinds.size >= rule.kinds;
    if (enough) return null;
    const amounts: [number, number][] = [];
    const indicators: number[] = [];
    for (const [plant, list] of giving) {
      if (rule.amount > 0) {
        const total = totalIn(b, list, h);
        if (total) amounts.push(total);
      }
      if (rule.kinds === 0 || kept.kinds.has(plant)) continue;
      const indicator = b.kindIn(list, h);
      if (indicator !== null) indicators.push(indicator);
    }
    for (const { choice, amount } of features)
      if (rule.amount > 0) amounts.push([b.total([[choice, 1]]), amount]);
      else indicators.push(b.indicator([[choice, 1]]));
    return b.cell({
      whole: rule.whole,
      amount: rule.amount > 0 ? { demand: rule.amount, fixed: kept.amount, from: amounts, shared: [] } : null,
      kinds: rule.kinds > kept.kinds.size ? { wanted: rule.kinds, fixed: kept.kinds.size, from: indicators } : null,
      patch: null,
    });
  });
}
