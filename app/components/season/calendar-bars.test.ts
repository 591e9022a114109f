import { describe, expect, it } from 'vitest';
import { coverage } from '~~/core/coverage/coverage';
import { seasonCalendar } from '~~/core/season/calendar';
import { gardenOf, host, plant, planting, target } from '~~/core/testing/worked-garden';
import { bloomBars, bloomWords, daysWords, flightBars } from './calendar-bars';

const world = {
  targets: [target('azure')],
  plants: [plant('phlox', { rebloom_days: 15, colour_hex: '#aa66aa' })],
  hosts: [host('azure', 'phlox')],
};
const rowIn = (year: number | null, cut: { on: string; count: number } | null) => {
  const input = { ...gardenOf(world, [planting('p', 'phlox', 4, { cut })]), year };
  const calendar = seasonCalendar(input, coverage(input), 'bed');
  return { bloom: calendar.sections[0]!.rows[0]!, flight: calendar.flights[0]! };
};

describe('bars of the calendar', () => {
  it('flowers in the colour of the plant, its leaf beneath', () => {
    const [leaf, flower] = bloomBars(rowIn(null, null).bloom);
    expect(leaf).toMatchObject({ from: 91, to: 304, fill: 'var(--host)', title: 'in leaf 1 April to 31 October' });
    expect(flower).toMatchObject({ from: 121, to: 181, fill: '#aa66aa', title: 'flowers 1 May to 30 June' });
  });
  it('the second bloom is lower than the first', () => {
    const [, first, second] = bloomBars(rowIn(null, { on: '06-16', count: 4 }).bloom);
    expect(second!.height).toBeLessThan(first!.height);
    expect(bloomWords(rowIn(null, { on: '06-16', count: 4 }).bloom)).toBe('1 May to 15 June, again 1 July to 31 July');
  });
  it('parts that flower apart lie apart', () => {
    const bars = bloomBars(rowIn(null, { on: '06-16', count: 2 }).bloom).slice(1);
    expect(bars.map((bar) => bar.y)).toEqual([4.5, 10.5, 10.5]);
    expect(new Set(bars.map((bar) => bar.title)).size).toBe(3);
  });
  it('what is not planted yet is hollow', () => {
    const [, flower] = bloomBars(rowIn(2026, null).bloom);
    expect(flower).toMatchObject({ fill: 'none', dash: '3 2' });
  });
  it('adults and caterpillars lie one above the other', () => {
    const [adults, larvae] = flightBars(rowIn(null, null).flight);
    expect(adults!.title).toBe('on the wing 1 May to 31 May');
    expect(larvae!.y).toBeGreaterThan(adults!.y);
  });
  it('days in words', () => {
    expect(daysWords({ from: 1, to: 365 })).toBe('all year');
    expect(daysWords({ from: 340, to: 375 })).toBe('6 December to 10 January');
  });
});
