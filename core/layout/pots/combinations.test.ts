import { describe, expect, it } from 'vitest';
import { FRESH_POT } from '../../place/containers/kinds';
import { freshContainer } from '../../place/yard/fresh';
import { beddedGarden } from '../../testing/layout';
import { host, plant, target } from '../../testing/worked-garden';
import { combinationsFor } from './combinations';
import { quarrelsOf } from './company';

const potted = { container: 'good', container_min_l: 5, zone_min: '3a' } as const;
const REED = plant('reed', {
  ...potted,
  scientific: 'Reeda alta',
  container_role: 'upright',
  height_min_cm: 80,
  height_max_cm: 100,
});
const NETTLE = plant('nettle', { ...potted, scientific: 'Nettla', container_role: 'filler', bloom_first: 9, bloom_last: 10 });
const VERBENA = plant('verbena', {
  ...potted,
  scientific: 'Verbena',
  container_role: 'trailing',
  bloom_first: 10,
  bloom_last: 16,
});
const BOG = plant('bog', {
  ...potted,
  scientific: 'Boga',
  container_role: 'filler',
  moisture_min: 5,
  moisture_max: 5,
  ph_min: 4,
  ph_max: 4.5,
});
const NEVER = plant('never', { scientific: 'Nevera', container: 'no', nectar_butterfly: 3 });

function combinations(plants = [REED, NETTLE, VERBENA, BOG, NEVER]) {
  const { id: _id, ...pot } = { id: '', ...freshContainer({ ...FRESH_POT, top_cm: 40 }, { balcony: false }) };
  const garden = beddedGarden(
    [1, 1],
    plants.map((row) => [row, 1]),
    {
      bed: { ...pot, outline: [[5, 5]], ph: 6.3, moisture: 3 },
      world: { targets: [target('brown')], hosts: [host('brown', 'nettle')] },
    },
  );
  return combinationsFor(garden.input, garden.sites[0]!);
}

describe('plants put together for a pot', () => {
  const [first] = combinations();
  it('have the tall one in the middle once, and fill a 40 cm pot with five', () => {
    const counts = Object.fromEntries(first!.plants.map((row) => [row.here.plant.id, row.count]));
    expect(counts.reed).toBe(1);
    expect(first!.plants.reduce((sum, row) => sum + row.count, 0)).toBeLessThanOrEqual(5);
  });
  it('have a host among them, and say whose', () => {
    expect(first!.plants.map((row) => row.here.plant.id)).toContain('nettle');
    expect(first!.hostsFor).toEqual(['brown']);
  });
  it('want the same light, water and mix: the one from the bog is not among them, nor what no pot holds', () => {
    for (const { plants } of combinations()) {
      const rows = plants.map(({ here }) => here.plant);
      expect(quarrelsOf(rows)).toEqual([]);
      expect(rows.map((row) => row.id)).not.toContain('bog');
      expect(rows.map((row) => row.id)).not.toContain('never');
    }
  });
  it('are none where nothing in the library does', () => expect(combinations([NEVER])).toEqual([]));
});
