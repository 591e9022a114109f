import { describe, expect, it } from 'vitest';
import { beddedGarden, thing } from '../testing/layout';
import { host, plant, target } from '../testing/worked-garden';
import { giverOf } from './givers';
import { whereWords } from '../words/needs';

/** A host of 40 cm that a butterfly lays on where six stand together, in sun. */
const HOST = plant('host', { leaf_g: 400, bloom_first: null, bloom_last: null, nectar_butterfly: 0, height_max_cm: 30 });
const world = (light: 'sun' | 'any') => ({
  targets: [target('brown', { patch_plants: 6 })],
  hosts: [host('brown', 'host', 'primary', light)],
});
const spots = (...xs: number[]) => xs.map((x) => ({ x, y: 1, held: false }));
const hostNeed = (garden: ReturnType<typeof beddedGarden>) =>
  garden.covered.targets[0]!.needs.find((row) => row.need.stage === 'host')!;

describe('what is arranged counts where it stands', () => {
  it('six together are a patch that is found', () => {
    const garden = beddedGarden([12, 2], [[HOST, 6, { spots: spots(1, 1.5, 2, 2.5, 3, 3.5) }]], { world: world('any') });
    expect(hostNeed(garden).patch).toBeCloseTo(1);
  });
  it('three here and three eight metres off are half of one', () => {
    const garden = beddedGarden([12, 2], [[HOST, 6, { spots: spots(1, 1.5, 2, 10, 10.5, 11) }]], { world: world('any') });
    expect(hostNeed(garden).patch).toBeCloseTo(0.5);
    expect(hostNeed(garden).limit).toBe('patch');
    const giver = giverOf(garden.input, 'p0')!;
    expect(giver.placed!.groups).toBe(2);
    expect(whereWords(giver, () => 'the bed')).toMatch(/^in the bed \(\d+\.\d h of sun there, in 2 groups\)$/);
  });
  it('not arranged, or not all of it, it counts as one patch as before', () => {
    for (const own of [[], spots(1, 10, 11)]) {
      const garden = beddedGarden([12, 2], [[HOST, 6, { spots: own }]], { world: world('any') });
      expect(hostNeed(garden).patch).toBeCloseTo(1);
      expect(giverOf(garden.input, 'p0')!.placed).toBeNull();
    }
  });
  it('a host laid on in sun is worth less at the shaded end than at the sunny one', () => {
    const wall = thing(
      'building',
      'Wall',
      [
        [3, 2],
        [9, 2],
        [9, 4.9],
        [4.9, 4.9],
        [4.9, 9],
        [3, 9],
      ],
      { height_m: 9, base_m: 0, lets_through: 0 },
    );
    const supply = (own: ReturnType<typeof spots>) => {
      const garden = beddedGarden([12, 2], [[HOST, 3, { spots: own }]], { world: world('sun'), things: [wall] });
      return Math.max(...hostNeed(garden).cells.map((cell) => cell.supply));
    };
    expect(supply(spots(0.3, 0.5, 0.7))).toBeLessThan(supply(spots(11, 11.3, 11.6)));
  });
});
