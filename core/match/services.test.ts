import { describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac/almanac';
import { GARDEN, host, libraryOf, plant, target } from '../testing/worked-garden';
import { services } from './services';

// Both fly in May; the milk plant flowers then, the late one in October.
const library = libraryOf({
  plants: [
    plant('milk', { common: 'Milk plant' }),
    plant('late', { common: 'Late plant', bloom_first: 18, bloom_last: 19, foliage_last: 20 }),
    plant('bane', { common: 'Bane', nectar_butterfly: 0 }),
  ],
  targets: [target('azure'), target('silkmoth', { adult_food: 'none' })],
  hosts: [host('azure', 'milk'), host('silkmoth', 'late'), host('azure', 'bane', 'trap')],
});

describe('whom plants serve', () => {
  const rows = services(almanacFor(library, GARDEN), ['azure', 'silkmoth', 'nobody']);
  it('are ordered by name', () => expect(rows.map((row) => row.here.plant.id)).toEqual(['bane', 'late', 'milk']));
  it('by host and by nectar in flight: out of flight nobody drinks, and a moth that never feeds does not', () => {
    const milk = rows.find((row) => row.here.plant.id === 'milk')!;
    expect(milk.hostOf.map(({ target: id, rank }) => [id, rank])).toEqual([['azure', 'primary']]);
    expect(milk.nectarFor.map((row) => row.target)).toEqual(['azure']);
    expect(rows.find((row) => row.here.plant.id === 'late')!.nectarFor).toEqual([]);
  });
  it('weigh a host as four drinkers and a trap as nothing', () => {
    expect(rows.map((row) => row.weight)).toEqual([0, 4, 5]);
  });
});
