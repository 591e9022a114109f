import { describe, expect, it } from 'vitest';
import type { GardenState } from '../model/garden';
import { withChanges, type GardenChanges } from './changed';

/** A garden of which only the names of its beds matter here. */
const garden = (names: string, at = 4) =>
  ({
    garden: { id: 'yard', name: 'Yard' },
    sites: [...names].map((id) => ({ id, name: id, revision: 0 })),
    plans: [{ id: 'plan' }],
    seen: [],
    at,
    log_at: 0,
    history: { undo: null, redo: null },
  }) as unknown as GardenState;
const row = (id: string, name = id) => ({ id, name, revision: 1 }) as unknown as GardenState['sites'][number];
const changes = (fields: Partial<GardenChanges>): GardenChanges => ({
  of: 'yard',
  since: 4,
  at: 5,
  log_at: 0,
  history: { undo: { entry: 1, label: 'x' }, redo: null },
  put: {},
  gone: {},
  ...fields,
});
const idsAfter = (names: string, fields: Partial<GardenChanges>) =>
  withChanges(garden(names), changes(fields))!
    .sites.map((site) => site.id)
    .join('');

describe('what changed of a garden', () => {
  it('a row that changed stays where it is, and the others are the same objects', () => {
    const before = garden('abc');
    const after = withChanges(before, changes({ put: { sites: [{ row: row('b', 'Bank'), after: 'a' }] } }))!;
    expect(after.sites.map((site) => site.name)).toEqual(['a', 'Bank', 'c']);
    expect(after.sites[0]).toBe(before.sites[0]);
    expect(after.plans).toBe(before.plans);
    expect(after).toMatchObject({ at: 5, history: { undo: { entry: 1 } } });
    expect(before.sites[1]!.name).toBe('b');
  });
  it('rows come first, last, between, and one behind the other', () => {
    const put = (...pairs: [string, string | null][]) => ({
      put: { sites: pairs.map(([id, after]) => ({ row: row(id), after })) },
    });
    expect(idsAfter('abc', put(['x', null]))).toBe('xabc');
    expect(idsAfter('abc', put(['x', 'c']))).toBe('abcx');
    expect(idsAfter('abc', put(['x', 'a'], ['y', 'x'], ['c', 'b'], ['z', 'c']))).toBe('axybcz');
    expect(idsAfter('', put(['x', null], ['y', 'x']))).toBe('xy');
  });
  it('rows go, and one takes the place of another', () => {
    expect(idsAfter('abc', { gone: { sites: ['b'] } })).toBe('ac');
    expect(idsAfter('abc', { gone: { sites: ['a', 'unknown'] }, put: { sites: [{ row: row('x'), after: null }] } })).toBe('xbc');
  });
  it('what counts from another state, or is of another garden, is not taken', () => {
    expect(withChanges(garden('abc', 3), changes({}))).toBeNull();
    expect(withChanges(garden('abc'), changes({ of: 'other' }))).toBeNull();
  });
});
