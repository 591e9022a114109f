import { describe, expect, it } from 'vitest';
import { tradeHere } from './trade';

describe('how a plant can be had', () => {
  it.each([
    ['sold everywhere', 'common', [], true, 'northeast', 'common'],
    ['an exotic sold everywhere', 'common', [], false, 'pacific', 'common'],
    ['a garden plant of the Pacific, in the East', 'common', ['pacific'], false, 'northeast', 'seldom'],
    ['the same, native there too', 'common', ['pacific'], true, 'mountains', 'native-nurseries'],
    ['from native nurseries, where it is native', 'native-nurseries', [], true, 'midwest', 'native-nurseries'],
    ['from native nurseries, where it is not', 'native-nurseries', [], false, 'midwest', 'seldom'],
    ['as seed only', 'seed-only', [], false, 'midwest', 'seed-only'],
    ['seldom', 'seldom', [], true, 'midwest', 'seldom'],
  ] as const)('%s', (_, trade, trade_in, native, broad, expected) => {
    expect(tradeHere({ trade, trade_in: [...trade_in] }, { native }, broad)).toBe(expected);
  });
});
