import { describe, expect, it } from 'vitest';
import { coverage } from './coverage';
import { ask, HOST, MAYFLOWERS, ONE } from '../testing/planner';
import { GARDEN, host, planting, target, type World } from '../testing/worked-garden';
import { leafBudget, successions } from './leaf-budget';

const budget = (world: World, count: number) => {
  const input = { ...ask(world, {}, { plantings: count ? [planting('h', 'host', count)] : [] }), year: null };
  return leafBudget(input, coverage(input));
};

describe('the leaf of a brood', () => {
  it('six plants of 100 g raise thirty of 10 g each on the half that can be spared', () => {
    const [row] = budget(ONE, 6);
    expect(row).toMatchObject({ brood: 1, wanted: 10, standing_g: 600, rest_d: null, warning: '' });
    expect(row!.feeds).toBeCloseTo(30, 9);
    // Ten larvae eat 100 g of 600.
    expect(row!.eaten).toBeCloseTo(1 / 6, 9);
    // Sure to a quarter both ways: 30 × ¾ ÷ 1¼ and 30 × 1¼ ÷ ¾.
    expect(row!.low).toBeCloseTo(18, 9);
    expect(row!.high).toBeCloseTo(50, 9);
  });
  it.each([
    // Ten larvae eat 100 g: all of one plant, half of two, a third of three.
    [1, 'stripped'],
    [2, ''],
    [0, 'bare'],
  ])('%i plants: %s', (count, warning) => {
    expect(budget(ONE, count)[0]!.warning).toBe(warning);
  });
  it('a plant less sure of its leaf has a wider range', () => {
    const world: World = { ...ONE, plants: [{ ...HOST, confidence: 'low' }, ...MAYFLOWERS] };
    // 30 × ½ ÷ 1¼.
    expect(budget(world, 6)[0]!.low).toBeCloseTo(12, 9);
  });
  it('two broods have days between them', () => {
    const world: World = { ...ONE, occurrence: { brown: { broods: 2, first: 8, last: 13 } } };
    const rows = budget(world, 6);
    expect(rows.map((row) => row.brood)).toEqual([1, 2]);
    expect(rows[0]!.rest_d).toBe(rows[1]!.period.from - rows[0]!.period.to);
    expect(rows[1]!.rest_d).toBeNull();
  });
});

describe('annual hosts', () => {
  const world: World = {
    plants: [{ ...HOST, kind: 'annual' }, ...MAYFLOWERS],
    targets: [target('brown')],
    hosts: [host('brown', 'host')],
    occurrence: { brown: { first: 8, last: 17, broods: 5 } },
  };
  const sown = (plantings = [planting('h', 'host', 6)]) => {
    const question = ask(world, {}, { plantings });
    return successions(question.almanac, GARDEN, { ...question, year: null });
  };
  it('are sown first after the last frost, then every five weeks while larvae feed', () => {
    // Last frost 20 April is day 110; then days 145 and 180, which stand from 187 and 222.
    expect(sown()[0]!.sowings.slice(0, 3)).toEqual([110, 145, 180]);
    expect(sown()[0]!.targets).toEqual(['brown']);
  });
  it.each(['spring', 'rain'] as const)('one that keeps time by %s came up in autumn and is not', (phenology) => {
    const winter: World = { ...world, plants: [{ ...HOST, kind: 'annual', phenology }, ...MAYFLOWERS] };
    const question = ask(winter, {}, { plantings: [planting('h', 'host', 6)] });
    expect(successions(question.almanac, GARDEN, { ...question, year: null })).toEqual([]);
  });
  it('perennials are not', () => {
    const question = ask(ONE, {}, { plantings: [planting('h', 'host', 6)] });
    expect(successions(question.almanac, GARDEN, { ...question, year: null })).toEqual([]);
  });
});
