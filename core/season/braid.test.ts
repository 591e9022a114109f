import { describe, expect, it } from 'vitest';
import { braid, reachesOf } from './braid';
import { coverage } from '../coverage/coverage';
import { gardenOf, host, plant, planting, target, type World } from '../testing/worked-garden';

const world: World = {
  targets: [target('azure')],
  plants: [plant('herb', { nectar_butterfly: 0 }), plant('a', { leaf_g: 0, bloom_first: 9 }), plant('b', { leaf_g: 0 })],
  hosts: [host('azure', 'herb')],
};
const served = coverage(gardenOf(world, [planting('1', 'herb', 6), planting('2', 'a', 1), planting('3', 'b', 1)])).targets;

describe('the braid', () => {
  it('has a channel a target and a strand a need', () => {
    const [channel] = braid(served);
    expect(channel).toMatchObject({ target: 'azure', verdict: 'thin', closes: false });
    expect(channel!.strands.map((strand) => strand.stage)).toEqual(['host', 'nectar', 'shelter']);
  });
  it('breaks a strand where its verdict changes', () => {
    const nectar = served[0]!.needs.find((need) => need.need.stage === 'nectar')!;
    expect(reachesOf(nectar).map(({ first, last, verdict }) => [first, last, verdict])).toEqual([
      [8, 8, 'thin'],
      [9, 9, 'closed'],
    ]);
  });
  it('lays a winter over the new year as two reaches', () => {
    const shelter = served[0]!.needs.find((need) => need.need.stage === 'shelter')!;
    expect(reachesOf(shelter).map(({ first, last }) => [first, last])).toEqual([
      [0, 7],
      [11, 23],
    ]);
  });
});
