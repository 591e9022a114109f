import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../scripts/reference-files';
import { TABLES } from '../model/tables';
import { finish } from '../model/steps';
import { LIBRARY_PARTS, packed, unpacked } from './packed';

const { library } = readLibrary();

describe('the library as it travels', () => {
  it('is the same after the journey, every list and row of it', () => {
    const places = finish(unpacked<'places'>(packed(library, 'places')));
    const living = finish(unpacked<'living'>(packed(library, 'living')));
    const tending = finish(unpacked<'tending'>(packed(library, 'tending')));
    expect({ ...places, ...living, ...tending }).toEqual(library);
  });
  it('has every list in one part, and in no other', () => {
    expect(Object.values(LIBRARY_PARTS).flat().sort()).toEqual(
      Object.values(TABLES)
        .map(({ list }) => list)
        .sort(),
    );
  });
  it('writes the columns once, and a list on each line', () => {
    const [regions = '', , areas = ''] = packed(library, 'places').split('\n');
    expect(regions.match(/"half_zone|"zone_min"/g)).toHaveLength(1);
    expect(JSON.parse(areas)[0]).toBe('areas');
    const columns = JSON.parse(areas)[2] as unknown[][];
    expect(columns).toHaveLength(6);
    expect(columns[0]).toEqual(library.areas.map((row) => row.jurisdiction));
  });
  it('is read in many steps', () => {
    let pauses = 0;
    for (const steps = unpacked(packed(library, 'living')); !steps.next().done;) pauses++;
    // 11 lists, and the status of plants alone in more than 3,400 rows.
    expect(pauses).toBeGreaterThan(11 + 17);
  });
});
