import { expect, it } from 'vitest';
import { ask, HOST, ONE } from '../../testing/planner';
import { plant, type World } from '../../testing/worked-garden';
import { greedyCounts } from './greedy';
import { problemOf } from './problem';
import { programOf } from './program';
import { judge } from './proposal';
import { without } from './reduction';

// Two flowers that are liked, two that are pale, and a host.
const flower = (id: string, value: number) => plant(id, { bloom_first: 8, bloom_last: 9, leaf_g: 0, nectar_butterfly: value });
const FOUR: World = { ...ONE, plants: [HOST, flower('white', 3), flower('blue', 3), flower('pale', 1), flower('wan', 1)] };
const whole = problemOf(ask(FOUR));
const rest = without(
  whole,
  Uint8Array.from(whole.choices.plants, ({ here }) => Number(here.plant.nectar_butterfly === 1)),
);
const nectar = (of: typeof whole) => of.cells.flatMap(({ amount }) => (amount?.demand === 1.5 ? [amount] : []));

it('what is left out is pale no longer', () => {
  expect(nectar(whole).map(({ from, pale }) => [from.length, pale.length])).toEqual([[4, 2]]);
  expect(nectar(rest).map(({ from, pale }) => [from.length, pale.length])).toEqual([[2, 0]]);
});

it('no plan is worth more than what the program holds to be possible', () => {
  const { levels } = programOf(rest, { budget: null, leafFactor: new Map() });
  // One target with leaf; its life cycle, and half a one for all its needs.
  expect(levels.map(({ given, most }) => given + most)).toEqual([1, 1.5]);
  const { worth } = judge(rest.question, rest.choices, rest.costs, greedyCounts(rest, null));
  expect(worth).toEqual([1, 1.5]);
});
