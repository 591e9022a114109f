import { describe, expect, it } from 'vitest';
import type { Planting } from '../model/garden';
import { entry } from '../testing/log';
import { planting } from '../testing/worked-garden';
import { effectOf, effectTakenBack, type PlantingChanges } from './effects';

const seven = planting('p1', 'turtlehead', 7, { state: 'in-ground', planted_year: 2025, source: 'plugs', cost_minor: 3500 });
/** Plantings after changes. */
const after = (rows: Planting[], { changed, added, removed }: PlantingChanges): Planting[] => [
  ...rows
    .filter((row) => !removed.includes(row.id))
    .map((row) => ({ ...row, ...changed.find((one) => one.id === row.id)?.fields })),
  ...added.map((row) => ({ ...row, revision: 0 })),
];
const lost = (count: number) => entry('lost', 'turtlehead', '2026-05-14', { id: 'loss', count, planting_id: 'p1' });

describe('a loss', () => {
  it('of some leaves the others, and sets the lost ones apart with their year and source', () => {
    const rows = after([seven], effectOf(lost(4), seven));
    expect(
      rows.map(({ id, count, state, planted_year, lost_year, source, cost_minor }) => [
        id,
        count,
        state,
        planted_year,
        lost_year,
        source,
        cost_minor,
      ]),
    ).toEqual([
      ['p1', 3, 'in-ground', 2025, null, 'plugs', 3500],
      ['loss', 4, 'lost', 2025, 2026, 'plugs', null],
    ]);
  });
  it('of all ends the planting', () => {
    expect(after([seven], effectOf(lost(7), seven))).toEqual([{ ...seven, state: 'lost', lost_year: 2026 }]);
  });
  it('of more than there are is refused', () => {
    expect(() => effectOf(lost(8), seven)).toThrow('Only 7 stand there.');
  });
  it.each([4, 7])('of %i, taken back, leaves everything as it was', (count) => {
    const rows = after([seven], effectOf(lost(count), seven));
    expect(after(rows, effectTakenBack(lost(count), rows))).toEqual([seven]);
  });
  it('taken back where the planting is gone lets the lost ones stand by themselves', () => {
    const [, apart] = after([seven], effectOf(lost(4), seven));
    expect(after([apart!], effectTakenBack(lost(4), [apart!]))).toMatchObject([
      { id: 'loss', count: 4, state: 'in-ground', lost_year: null },
    ]);
  });
});

describe('a mislabelled plant', () => {
  const wrong = entry('mislabelled', 'smooth-aster', '2026-09-12', { planting_id: 'p2', true_plant: 'heart-aster' });
  const sold = planting('p2', 'smooth-aster', 5);
  it('is another from then on, and may be put right again', () => {
    const rows = after([sold], effectOf(wrong, sold));
    expect(rows[0]).toEqual({ ...sold, plant: 'heart-aster' });
    expect(after(rows, effectTakenBack(wrong, rows))).toEqual([sold]);
    // What was replaced meanwhile stays.
    const replaced = [{ ...sold, plant: 'phlox' }];
    expect(after(replaced, effectTakenBack(wrong, replaced))).toEqual(replaced);
  });
});
it('other entries leave the plantings alone', () => {
  expect(effectOf(entry('eaten', 'turtlehead', '2026-05-14', { planting_id: 'p1' }), seven)).toEqual({
    changed: [],
    added: [],
    removed: [],
  });
});
