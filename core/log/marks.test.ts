import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../scripts/reference-files';
import { gardenHere } from '../garden/here';
import { recordsOf } from '../garden/from-file';
import { GardenFile } from '../model/garden';
import { readFileSync } from 'node:fs';
import { apparentColour, coloursOfTarget, narrowed, sizesOfTarget, tellings } from './marks';

const { library } = readLibrary();
const pond = gardenHere(recordsOf(GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')))), library);
const targetOf = (id: string) => library.targets.find((row) => row.id === id)!;

describe('what one remembers of a creature', () => {
  it.each([
    ['#d9772a', 'orange'],
    ['#1f1a17', 'black'],
    ['#f3f1ea', 'white'],
    ['#8fa5dc', 'blue'],
    ['#e6d65a', 'yellow'],
    ['#6a4f3a', 'brown'],
    ['#b5d6a0', 'green'],
    ['#b3202f', 'red'],
    ['#8a8a90', 'grey'],
  ])('%s is %s', (hex, colour) => expect(apparentColour(hex)).toBe(colour));
  it('a monarch is large, orange and black, a blue small and blue, a hummingbird green', () => {
    expect(sizesOfTarget(targetOf('danaus-plexippus'))).toEqual(['large']);
    expect([...coloursOfTarget(targetOf('danaus-plexippus'))]).toEqual(expect.arrayContaining(['orange', 'black']));
    expect(sizesOfTarget(targetOf('cupido-comyntas'))).toEqual(['small']);
    expect(coloursOfTarget(targetOf('cupido-comyntas')).has('blue')).toBe(true);
    expect(coloursOfTarget(targetOf('archilochus-colubris')).has('green')).toBe(true);
  });
  it('a small orange one of July may be a crescent, not a monarch nor a blue', () => {
    const found = narrowed(pond.almanac, { kind: 'butterfly', size: 'small', colours: ['orange'] }, 200).map(
      ({ here }) => here.target.id,
    );
    expect(found).toContain('phyciodes-tharos');
    expect(found).not.toContain('danaus-plexippus');
    expect(found.length).toBeLessThan(30);
  });
  it('those that fly now come first', () => {
    // In January nothing flies at the pond; early in August the copper does.
    expect(narrowed(pond.almanac, { kind: 'butterfly', size: null, colours: [] }, 10).some((row) => row.flies)).toBe(false);
    const august = narrowed(pond.almanac, { kind: null, size: null, colours: [] }, 215).map((row) => row.flies);
    expect(august).toEqual([...august].sort((a, b) => Number(b) - Number(a)));
    expect(august[0]).toBe(true);
  });
});

describe('the one telling mark', () => {
  it('is asked for look-alikes that live here too, from either side', () => {
    expect(tellings('danaus-plexippus', library.lookalikes, pond.almanac)).toEqual([
      {
        other: 'limenitis-archippus',
        look: 'Upper side of the hindwing',
        mine: 'no line across the veins; it glides',
        theirs: 'a black line crosses the veins; it flaps more',
      },
    ]);
    const viceroy = tellings('limenitis-archippus', library.lookalikes, pond.almanac);
    expect(viceroy.map((row) => [row.other, row.mine.split(';')[0]])).toEqual([
      ['danaus-plexippus', 'a black line crosses the veins'],
    ]);
    expect(tellings('cercyonis-pegala', library.lookalikes, pond.almanac)).toEqual([]);
  });
});
