import { describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac/almanac';
import { regionalGarden } from '../library/regional-garden';
import { readLibrary } from '../../scripts/reference-files';
import { insteadOf, whyInstead } from './instead';

const { library } = readLibrary();
const place = (region: string) => {
  const garden = regionalGarden(library, region);
  const almanac = almanacFor(library, garden);
  const of = (plant: string) => almanac.plants.get(plant)!;
  const instead = (plant: string, over = {}, most?: number) => insteadOf(almanac, { ...garden, ...over }, of(plant), most);
  return { almanac, why: (plant: string) => whyInstead(almanac, of(plant)), instead };
};
const coast = place('northeast-coast');
const florida = place('florida-peninsula');

describe('why something else is planted', () => {
  it.each([
    ['lythrum-salicaria', 'listed'],
    ['toxicodendron-radicans', 'never'],
    ['vincetoxicum-nigrum', 'listed'],
    ['tagetes-erecta-double', 'nectarless'],
    ['hydrangea-macrophylla', 'nectarless'],
  ])('%s: %s', (plant, kind) => expect(coast.why(plant)?.kind).toBe(kind));
  it.each(['asclepias-tuberosa', 'quercus-alba', 'andropogon-gerardi', 'zinnia-elegans'])('not of %s', (plant) =>
    expect(coast.why(plant)).toBeNull(),
  );
  it('a trap, with whom it takes in', () => {
    expect(florida.why('passiflora-racemosa')).toEqual({
      kind: 'trap',
      targets: ['Variegated fritillary', 'Gulf fritillary', 'Zebra longwing', 'Julia'],
    });
  });
});

describe('what is planted instead', () => {
  it('of purple loosestrife: tall summer flowers of wet sun that feed the same guests', () => {
    const [first, ...others] = coast.instead('lythrum-salicaria');
    expect(others).toHaveLength(3);
    for (const { here, alike, shared } of [first!, ...others]) {
      expect(here.status.native, here.plant.id).toBe(true);
      expect(here.plant.moisture_max, here.plant.id).toBeGreaterThanOrEqual(4);
      expect(here.plant.height_max_cm, here.plant.id).toBeGreaterThan(90);
      expect(alike.season, here.plant.id).toBeGreaterThan(0.4);
      expect(shared.length).toBeGreaterThan(20);
    }
  });
  it('of a hedge that is listed: shrubs, none of them listed, nectarless or a danger to who lives here', () => {
    for (const { here } of coast.instead('euonymus-alatus', { dogs: true, children: true }, 12)) {
      expect(['shrub', 'tree']).toContain(here.plant.kind);
      expect(here.status.offered).toBe(true);
      expect(whyInstead(coast.almanac, here)).toBeNull();
      expect(here.cautions.filter(({ hazard, severity }) => hazard === 'pets' && severity > 1)).toEqual([]);
    }
  });
  it('of a trap: before all what raises those whom it takes in, by how many it raises', () => {
    const found = florida.instead('passiflora-racemosa');
    expect(found[0]!.here.plant.id).toBe('passiflora-incarnata');
    expect(found[0]!.shared).toHaveLength(4);
    for (const { here } of found) expect(here.plant.family).toBe('passifloraceae');
  });
  it('of a grass a grass, and of a climber a climber, where there are any', () => {
    expect(coast.instead('miscanthus-sinensis')[0]!.here.plant.kind).toBe('grass');
    expect(coast.instead('celastrus-orbiculatus')[0]!.here.plant.kind).toBe('vine');
  });
  it('natives before what is merely harmless, unless the garden takes any', () => {
    const natives = (school_plants: string) =>
      coast.instead('hydrangea-macrophylla', { school_plants }, 8).filter(({ here }) => here.status.native).length;
    expect(natives('natives-first')).toBeGreaterThanOrEqual(natives('any-harmless'));
    expect(
      coast.instead('hydrangea-macrophylla', { school_plants: 'natives-only' }, 30).every(({ here }) => here.status.native),
    ).toBe(true);
  });
  it('of a grass no colour is compared', () => {
    const [first] = coast.instead('miscanthus-sinensis');
    expect(first!.alike).toHaveProperty('colour', null);
  });
});
