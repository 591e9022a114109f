import { describe, expect, it } from 'vitest';
import { gardenHere } from '../../core/garden/here';
import { cellsOf } from '../../core/library/cells';
import { mustLay, mustStandEverywhere } from '../http/own-rows';
import { Fault } from './faults';
import { layShelf, openStore, type Store } from './open';
import { listGardens } from './records/gardens';
import { saveOwnRows } from './records/own-rows';
import { readRecords } from './records/reading';
import { putOnShelf, readShelf, takeOffShelf } from './shelf';

const open = () => openStore(':memory:', process.cwd());
const DAY = '2026-05-08';
const zizia = (store: Store, over: Record<string, string> = {}) => ({
  file: 'plants.csv' as const,
  key: 'zizia-aurea',
  cells: {
    ...cellsOf(
      'plants.csv',
      store.shipped.plants.find((row) => row.id === 'zizia-aurea')!,
    ),
    ...over,
  },
});
const named = (store: Store) => store.library.plants.find((row) => row.id === 'zizia-aurea')!.common;
const put = (store: Store, ...rows: Parameters<typeof putOnShelf>[1]) => {
  putOnShelf(store.db, rows, DAY);
  layShelf(store);
};

describe('the shelf of an installation', () => {
  it('is empty as shipped, and the library is the shipped one', () => {
    const store = open();
    expect(readShelf(store.db)).toEqual([]);
    expect(store.library).toBe(store.shipped);
  });
  it('holds for every garden, under another digest, and goes back', () => {
    const store = open();
    const { digest } = store;
    put(store, zizia(store, { common: 'Golden alexander' }));
    expect(named(store)).toBe('Golden alexander');
    expect(store.shipped.plants.find((row) => row.id === 'zizia-aurea')!.common).toBe('Golden alexanders');
    expect(store.digest).not.toBe(digest);
    expect(store.libraryParts.living).toContain('Golden alexander"');
    for (const { id } of listGardens(store.db))
      expect(
        gardenHere(readRecords(store.db, id), store.library).library.plants.find((row) => row.id === 'zizia-aurea')!.common,
      ).toBe('Golden alexander');
    expect(readShelf(store.db)).toEqual([{ ...zizia(store, { common: 'Golden alexander' }), put_on: DAY }]);
    takeOffShelf(store.db, [{ file: 'plants.csv', key: 'zizia-aurea' }]);
    layShelf(store);
    expect([named(store), store.digest]).toEqual(['Golden alexanders', digest]);
  });
  it('puts a row over what it said of it before', () => {
    const store = open();
    put(store, zizia(store, { common: 'One' }));
    put(store, zizia(store, { common: 'Two' }));
    expect(readShelf(store.db)).toHaveLength(1);
    expect(named(store)).toBe('Two');
  });
  it('a garden’s own word wins over it', () => {
    const store = open();
    const { id } = listGardens(store.db)[0]!;
    put(store, zizia(store, { common: 'For all' }));
    saveOwnRows(store.db, id, [zizia(store, { common: 'Mine' })], 'Mine');
    const nameIn = (garden: string) =>
      gardenHere(readRecords(store.db, garden), store.library).library.plants.find((row) => row.id === 'zizia-aurea')!.common;
    const gardens = listGardens(store.db).map((row) => row.id);
    expect(gardens.map(nameIn)).toEqual(gardens.map((garden) => (garden === id ? 'Mine' : 'For all')));
  });
  it('prices on it count in every garden, and a garden’s own before them', () => {
    const store = open();
    put(store, { file: 'prices.csv', key: 'zizia-aurea pot', cells: { of: 'zizia-aurea pot', minor: '725' } });
    const records = readRecords(store.db, listGardens(store.db)[0]!.id);
    const money = { currency: 'USD', prices: { 'zizia-aurea pot': 800 }, sizes: {}, raises: false };
    const pricesOf = (over: object) =>
      gardenHere({ ...records, garden: { ...records.garden, ...over } }, store.library).prices['zizia-aurea pot'];
    expect(pricesOf({ money: null })).toBe(725);
    expect(pricesOf({ money })).toBe(800);
  });
  it('takes nothing that contradicts the library, nor what is malformed', () => {
    const store = open();
    const host = { target: 'danaus-plexippus', plant: 'oats', rank: 'primary', light: 'sun', note: '', part: '', confidence: '' };
    expect(() => mustLay(store.library, [{ file: 'hosts.csv', key: 'danaus-plexippus + oats', cells: host }])).toThrow(
      /No plant, genus or family/,
    );
    expect(() => mustLay(store.library, [zizia(store, { ph_min: '1' })])).toThrow(/zizia-aurea: At least 3/);
    expect(() => mustLay(store.library, [zizia(store, { common: 'Golden alexander' })])).not.toThrow();
  });
  it('leaves no garden with a plant that it does not know, and names the garden', () => {
    const store = open();
    const first = listGardens(store.db)[0]!;
    const planted = readRecords(store.db, first.id).plantings[0]!.plant;
    const library = { ...store.shipped, plants: store.shipped.plants.filter((row) => row.id !== planted) };
    expect(() => mustStandEverywhere(store.db, library)).toThrow(Fault);
    expect(() => mustStandEverywhere(store.db, store.library)).not.toThrow();
  });
});
