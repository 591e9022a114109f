import type { Rule } from '../../coverage/gives/rule';
import { withinReach } from '../../coverage/near';
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
  // What must lie near a host counts where one stands or could be set; which it is in the end, coverage asks.
  const hosts = [...b.stands, ...b.choices.plants.map(({ stand }) => stand)];
  const kept = withinReach(rule, b.stands, b.question.sites, hosts);
  const keptIn = supplyTo(rule, kept.stands, kept.sites);
  const giving = new Map(
    [...b.givingTo(rule)].flatMap(([plant, list]) => {
      const there = list.filter(({ choice }) => kept.reaches(b.choices.plants[choice]!.site.id));
      return there.length > 0 ? [[plant, there]] : [];
    }),
  );
  const features = b.choices.features.flatMap(({ feature, site }, i) => {
    const amount = kept.reaches(site.id) ? rule.features.get(feature) : undefined;
    return amount === undefined ? [] : [{ choice: b.feature(i), amount }];
  });
  return rule.need.halfMonths.map((h) => {
    const there = keptIn(h);
    const enough = there.amount >= rule.amount - 1e-9 && (rule.kinds === 0 || there.kinds.size >= rule.kinds);
    if (enough) return null;
    const amounts: [number, number][] = [];
    const pale: number[] = [];
    const indicators: number[] = [];
    for (const [plant, list] of giving) {
      if (rule.amount > 0) {
        const total = totalIn(b, list, h);
        if (total) amounts.push(total);
        if (total && list[0]!.giving.pale) pale.push(total[0]);
      }
      if (rule.kinds === 0 || there.kinds.has(plant)) continue;
      const indicator = b.kindIn(list, h);
      if (indicator === null) continue;
      indicators.push(indicator);
    }
    for (const { choice, amount } of features)
      if (rule.amount > 0) amounts.push([b.total([[choice, 1]]), amount]);
      else indicators.push(b.indicator([[choice, 1]]));
    return b.cell({
      whole: rule.whole,
      amount:
        rule.amount > 0
          ? { demand: rule.amount, fixed: there.strong + there.pale, strong: there.strong, from: amounts, pale, shared: [] }
          : null,
      kinds:
        rule.kinds > 0 && there.kinds.size < rule.kinds
          ? { wanted: rule.kinds, fixed: there.kinds.size, from: indicators }
          : null,
      patch: null,
    });
  });
}
