import { beforeEach, describe, expect, it } from 'vitest';
import { cellsOf } from '../../../core/library/cells';
import { GardenFile } from '../../../core/model/garden';
import { step } from '../journal';
import { openStore, type Store } from '../open';
import { exportGarden, importGarden } from './garden-file';
import { revertOwnRows, saveOwnRows } from './own-rows';
import { readGarden } from './reading';

let store: Store;
const GARDEN = 'kettle-pond-commons';
beforeEach(() => {
  store = openStore(':memory:', process.cwd());
});
const zizia = () =>
  cellsOf(
    'plants.csv',
    store.library.plants.find((row) => row.id === 'zizia-aurea')!,
  );
const correct = (common: string) =>
  saveOwnRows(store.db, GARDEN, [{ file: 'plants.csv', key: 'zizia-aurea', cells: { ...zizia(), common } }], 'Golden alexanders');
const own = (garden = GARDEN) => readGarden(store.db, garden).own;

describe('own rows in the database', () => {
  it('are kept, and said again over themselves', () => {
    correct('One name');
    correct('Another');
    expect(own()).toHaveLength(1);
    expect(own()[0]!.cells!.common).toBe('Another');
    expect(own()[0]!.revision).toBe(1);
  });
  it('belong to one garden', () => {
    correct('Mine');
    expect(own('juniper-wash')).toEqual([]);
  });
  it('strike a row out with no cells at all', () => {
    saveOwnRows(store.db, GARDEN, [{ file: 'hosts.csv', key: 'a + b', cells: null }], 'A host');
    expect(own()[0]!.cells).toBeNull();
  });
  it('are undone and done again like every other change', () => {
    correct('Mine');
    expect(step(store.db, GARDEN, 'undo')).toBe('Golden alexanders');
    expect(own()).toEqual([]);
    step(store.db, GARDEN, 'redo');
    expect(own()[0]!.cells!.common).toBe('Mine');
    revertOwnRows(store.db, GARDEN, [own()[0]!.id], 'Golden alexanders');
    expect(own()).toEqual([]);
    step(store.db, GARDEN, 'undo');
    expect(own()).toHaveLength(1);
  });
  it('cannot be reverted twice', () => {
    correct('Mine');
    const { id } = own()[0]!;
    revertOwnRows(store.db, GARDEN, [id], 'x');
    expect(() => revertOwnRows(store.db, GARDEN, [id], 'x')).toThrow('There is no correction');
  });
  it('go out with the garden’s file and come back', () => {
    correct('Mine');
    const file = GardenFile.parse(JSON.parse(JSON.stringify(exportGarden(store.db, GARDEN))));
    const id = importGarden(store.db, file);
    expect(id).not.toBe(GARDEN);
    expect(own(id).map(({ file: table, key, cells }) => ({ file: table, key, cells }))).toEqual(file.own);
  });
  it('a file from before there were any comes in with none', () => {
    const { own: _, ...older } = exportGarden(store.db, GARDEN);
    expect(GardenFile.parse(older).own).toEqual([]);
  });
});
