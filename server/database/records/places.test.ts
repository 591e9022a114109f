import { beforeEach, expect, it } from 'vitest';
import { regionalGarden } from '../../../core/library/regional-garden';
import { PLANNED } from '../../../core/model/states';
import { FRESH_SITE } from '../../../core/place/yard/fresh';
import { readLibrary } from '../../../scripts/reference-files';
import { Places } from '../../http/bodies';
import { openDatabase, type Connection } from '../connection';
import { step } from '../journal';
import { createGarden } from './gardens';
import { addPlanting, changeSeveral, placePlants, updatePlanting } from './plantings';
import { readGarden } from './reading';
import { addSite, updateSite } from './sites';

const { library } = readLibrary();
let db: Connection;
let garden: string;
let bed: string;
const rows = () => readGarden(db, garden).plantings;
const spot = (x: number, y: number, held = false) => ({ x, y, held });
const place = (spots: object[], site = bed, revision = rows()[0]!.revision) =>
  placePlants(db, garden, site, Places.parse({ label: 'Arrange', plantings: [{ id: rows()[0]!.id, revision, spots }] }));

beforeEach(() => {
  db = openDatabase(':memory:', 'server/database/migrations');
  garden = createGarden(db, { ...regionalGarden(library, 'northeast-coast'), name: 'Yard' });
  bed = addSite(db, garden, { ...FRESH_SITE, name: 'Bed' });
  addPlanting(db, garden, { plant: 'zizia-aurea', site_id: bed, count: 2, ...PLANNED }, () => 'Golden alexanders');
});

it('places are saved as one change, and undone', () => {
  place([spot(1, 1), spot(2, 1, true)]);
  expect(rows()[0]!.spots).toEqual([spot(1, 1), spot(2, 1, true)]);
  expect(step(db, garden, 'undo')).toBe('Arrange');
  expect(rows()[0]!.spots).toEqual([]);
});

it('more places than plants, another revision or another bed are refused, and nothing is changed', () => {
  expect(() => place([spot(1, 1), spot(2, 1), spot(3, 1)])).toThrow('There are 2 plants, and 3 places were given.');
  expect(() => place([spot(1, 1)], bed, 7)).toThrow('changed in another window');
  const other = addSite(db, garden, { ...FRESH_SITE, name: 'Other' });
  expect(() => place([spot(1, 1)], other)).toThrow('in another bed by now');
  expect(rows()[0]!.spots).toEqual([]);
});

it('a place is two numbers within reach of the bed', () => {
  const wrong = Places.safeParse({ label: 'Arrange', plantings: [{ id: 'a', revision: 0, spots: [{ x: 1e9, y: 0 }] }] });
  expect(wrong.error!.issues[0]!.message).toContain('a place in metres');
});

it('what moves to another bed has no place there yet; what stays in its bed keeps its own', () => {
  place([spot(1, 1), spot(2, 1)]);
  const other = addSite(db, garden, { ...FRESH_SITE, name: 'Other' });
  updatePlanting(db, garden, rows()[0]!, { ...rows()[0]!, notes: 'By the gate.' }, () => 'Golden alexanders');
  expect(rows()[0]!.spots).toHaveLength(2);
  changeSeveral(db, garden, rows(), other);
  expect(rows()[0]).toMatchObject({ site_id: other, spots: [] });
});

it('when a bed is reshaped its plants stay on their ground; when it is moved they go with it', () => {
  const outline = (points: [number, number][]) => {
    const site = readGarden(db, garden).sites[0]!;
    const { id: _id, revision: _revision, ...fields } = site;
    updateSite(db, garden, site, { ...fields, outline: points });
  };
  outline([
    [4, 2],
    [8, 2],
    [8, 4],
    [4, 4],
  ]);
  place([spot(1, 1)]);
  // A metre to the right as a whole: the plant is still a metre from the left end.
  outline([
    [5, 2],
    [9, 2],
    [9, 4],
    [5, 4],
  ]);
  expect(rows()[0]!.spots).toEqual([spot(1, 1)]);
  // Two metres longer at its left end: the plant is three metres from it.
  outline([
    [3, 2],
    [9, 2],
    [9, 4],
    [3, 4],
  ]);
  expect(rows()[0]!.spots).toEqual([spot(3, 1)]);
  step(db, garden, 'undo');
  expect(rows()[0]!.spots).toEqual([spot(1, 1)]);
});
