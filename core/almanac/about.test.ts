import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../scripts/reference-files';
import { almanacFor } from './almanac';
import { bestHosts, hostMates, rangeOf, speakingOf } from './about';
import { regionalGarden } from '../library/regional-garden';

const { library } = readLibrary();
const coast = almanacFor(library, regionalGarden(library, 'northeast-coast'));
const plant = (id: string) => library.plants.find((row) => row.id === id)!;

describe('what the library says about', () => {
  it('a plant’s care: its own rows before those of its genus and of its kind', () => {
    const rows = [{ plant: 'perennial' }, { plant: 'asclepias' }, { plant: 'asclepias-incarnata' }, { plant: 'shrub' }];
    expect(speakingOf(rows, plant('asclepias-incarnata')).map((row) => row.plant)).toEqual([
      'asclepias-incarnata',
      'asclepias',
      'perennial',
    ]);
  });
  it('who is easily mistaken for whom: ladies and admiral on everlastings and nettles, not swallowtails', () => {
    const mates = hostMates(coast, 'vanessa-virginiensis').map(({ mate }) => mate.target.id);
    expect(mates).toContain('vanessa-cardui');
    expect(mates).not.toContain('papilio-polyxenes');
  });
  it('the best hosts here: native, recorded and not listed', () => {
    const best = bestHosts(coast, coast.targets.get('papilio-troilus')!).map((row) => row.id);
    expect(best).toEqual(['lindera-benzoin', 'sassafras-albidum']);
  });
  it('the accepted hosts of one that has no primary one here', () => {
    const here = coast.targets.get('papilio-troilus')!;
    const hosts = new Map([...here.hosts].map(([id, host]) => [id, { ...host, rank: 'accepted' as const }]));
    expect(bestHosts(coast, { ...here, hosts }).length).toBeGreaterThan(0);
  });
  it('where a creature lives', () => {
    expect(
      rangeOf(library, 'pieris-virginiensis')
        .map((row) => row.region.id)
        .sort(),
    ).toEqual(['appalachian-highlands', 'great-lakes-ohio', 'mid-atlantic', 'northern-forest']);
  });
});
