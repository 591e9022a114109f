import { expect, it } from 'vitest';
import { nextPlanting } from './planting-season';

const FROSTS = { last_frost: '04-20', first_frost: '10-25' };

it.each([
  // Day 111 is 21 April, day 298 is 25 October: six weeks before it is day 256.
  ['in November: next spring', 2026, 329, FROSTS, { year: 2027, day: 111 }],
  ['in February: this spring', 2026, 45, FROSTS, { year: 2026, day: 111 }],
  ['in June: at once', 2026, 160, FROSTS, { year: 2026, day: 160 }],
  ['on 10 September: at once', 2026, 253, FROSTS, { year: 2026, day: 253 }],
  ['on 20 September it is too late to root', 2026, 263, FROSTS, { year: 2027, day: 111 }],
  ['where no frost is usual: at once', 2026, 329, { last_frost: null, first_frost: null }, { year: 2026, day: 329 }],
] as const)('%s', (_, year, day, frosts, expected) => {
  expect(nextPlanting(year, day, frosts)).toEqual(expected);
});
