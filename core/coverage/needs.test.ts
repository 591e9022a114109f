import { describe, expect, it } from 'vitest';
import { middleThird, needsOf, shelterHalfMonths } from './needs';
import type { NeedyTarget } from './needs';
import { flightHalfMonths } from '../almanac/flight';
import type { FlightHere } from '../model/here';
import { occurrence, target } from '../testing/worked-garden';

const may = { from: 121, to: 151 };
const LARVAL = [{ brood: 1, from: 123, to: 164 }];
const breeding = (window = may): FlightHere => ({ part: 'breeding', window, broods: 1, laying: true });

/** A resident of May with one brood, but for what is said otherwise. */
function here(over: Partial<NeedyTarget> = {}, of: Parameters<typeof target>[1] = {}): NeedyTarget {
  const creature = target('x', of);
  const flights = over.flights ?? [breeding(over.flight)];
  const flight = over.flight ?? may;
  return {
    target: creature,
    occurrence: occurrence('x'),
    flights,
    flight,
    flightHalfMonths: flightHalfMonths(flights, flight),
    larval: LARVAL,
    wintering: { as: creature.overwinters_as, in: creature.overwinters_in, larva: creature.winter_larva },
    ...over,
  };
}
const resident = occurrence('x');

describe('needs', () => {
  it('of a resident that breeds are host, nectar and shelter', () => {
    const needs = needsOf(here(), 'breeds');
    expect(needs.map((n) => [n.stage, n.demand, n.kinds])).toEqual([
      ['host', 10, 1],
      ['nectar', 1.5, 2],
      ['shelter', 1, 0],
    ]);
    expect(needs[1]!.halfMonths).toEqual([8, 9]);
    // From late June until the first flight in May.
    expect(needs[2]!.halfMonths).toEqual([11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 0, 1, 2, 3, 4, 5, 6, 7]);
  });
  it('of one that only visits are nectar', () => {
    expect(needsOf(here(), 'visits').map((n) => [n.stage, n.demand])).toEqual([['nectar', 0.5]]);
  });
  it('of a thriving one are thirty larvae, four units, three kinds', () => {
    const needs = needsOf(here(), 'thrives');
    expect(needs.map((n) => [n.demand, n.kinds])).toEqual([
      [30, 1],
      [4, 3],
      [2, 0],
    ]);
  });
  it('of a migrant have no shelter, of a hummingbird twice the nectar, of a sap feeder none', () => {
    expect(needsOf(here({ occurrence: { ...resident, status: 'migrant' } }), 'breeds').map((n) => n.stage)).toEqual([
      'host',
      'nectar',
    ]);
    const bird = here({ larval: [] }, { kind: 'hummingbird', overwinters_in: 'elsewhere', special_needs: ['insects'] });
    expect(needsOf(bird, 'breeds').map((n) => [n.stage, n.demand])).toEqual([
      ['nectar', 3],
      ['special', 1],
    ]);
    const sap = here({}, { adult_food: 'sap-fruit', special_needs: ['fruit'] });
    expect(needsOf(sap, 'visits').map((n) => n.special)).toEqual(['fruit']);
  });
  it('for nest cover lie in the nesting season only, and nowhere where it does not nest', () => {
    const bird = (over: Partial<NeedyTarget>) =>
      here({ larval: [], ...over }, { kind: 'hummingbird', overwinters_in: 'elsewhere', special_needs: ['nest-cover', 'perch'] });
    const migrant = { ...resident, status: 'migrant', nest_first: 9, nest_last: 13 } as const;
    const nests = needsOf(bird({ occurrence: migrant, flight: { from: 121, to: 273 } }), 'breeds');
    expect(nests.find((n) => n.special === 'nest-cover')!.halfMonths).toEqual([9, 10, 11, 12, 13]);
    const passing = { ...breeding({ from: 121, to: 273 }), part: 'passage', laying: false } as const;
    const passes = needsOf(bird({ occurrence: migrant, flights: [passing], flight: passing.window }), 'breeds');
    expect(passes.map((n) => n.special ?? n.stage)).toEqual(['nectar', 'perch']);
    const winters = needsOf(bird({ occurrence: { ...resident, status: 'winter' }, flight: { from: 244, to: 440 } }), 'breeds');
    expect(winters.map((n) => n.special ?? n.stage)).toEqual(['nectar', 'perch']);
  });
  it('of a moth that never feeds are host and shelter', () => {
    expect(needsOf(here({}, { kind: 'moth', adult_food: 'none' }), 'breeds').map((n) => n.stage)).toEqual(['host', 'shelter']);
  });
  it('for alkaloids lie in the middle third of the flight', () => {
    expect(middleThird([9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19])).toEqual([13, 14, 15]);
    expect(middleThird([9, 10, 11])).toEqual([10]);
    expect(middleThird([9, 10])).toEqual([9, 10]);
  });
  it('for shelter end when the spring larvae wake', () => {
    const spring = [{ brood: 0, from: 100, to: 116 }];
    const rest = shelterHalfMonths(here({ larval: spring }, { overwinters_as: 'larva', winter_larva: 'unfed' }));
    expect([rest[0], rest.at(-1)]).toEqual([10, 5]);
  });
  it('for shelter are none of what breeds all year, winters elsewhere, or flies in every month', () => {
    const elsewhere = { as: 'none-migrates', in: 'elsewhere', larva: null } as const;
    const allYear = { as: 'all-year', in: 'elsewhere', larva: null } as const;
    expect(shelterHalfMonths(here({ wintering: elsewhere }))).toEqual([]);
    expect(shelterHalfMonths(here({ wintering: allYear }))).toEqual([]);
    // A pupa among stems, but adults on the wing from January to December.
    expect(shelterHalfMonths(here({ flight: { from: 1, to: 365 } }))).toEqual([]);
  });
  it('for nectar lie between two humps of a passage only, and not in a summer sleep', () => {
    const part = (part: FlightHere['part'], from: number, to: number): FlightHere => ({
      part,
      window: { from, to },
      broods: 0,
      laying: false,
    });
    // Late February to mid May, and July to mid September; asleep in June.
    const bird = here({
      flights: [part('passage', 46, 135), part('summer-sleep', 152, 181), part('return', 182, 258)],
      flight: { from: 46, to: 258 },
      larval: [],
    });
    const nectar = needsOf(bird, 'breeds').find((need) => need.stage === 'nectar')!;
    expect(nectar.halfMonths).toEqual([3, 4, 5, 6, 7, 8, 12, 13, 14, 15, 16]);
  });
});
