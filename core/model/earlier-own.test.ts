import { expect, it } from 'vitest';
import { ownRowNow } from './earlier-own';
import { OwnRowFields } from './garden';
import { SCHEMAS } from './reference';

const earlier = {
  file: 'ailments.csv',
  key: 'monarda + white mildew + dry at bud time',
  cells: {
    plant: 'monarda',
    symptom: 'white mildew',
    cause: 'dry at bud time',
    evidence: 'any',
    check: 'Is the soil dry?',
    remedy: 'Water it.',
  },
};

it('an ailment of an earlier file becomes a cause of one’s own under “Something else”', () => {
  const now = OwnRowFields.parse(ownRowNow(earlier));
  expect(now.file).toBe('causes.csv');
  const row = SCHEMAS['causes.csv'].parse(now.cells);
  expect(row).toMatchObject({
    symptom: 'other',
    name: 'white mildew: dry at bud time',
    who: 'monarda',
    now: 'Water it.',
    expert: 'Is the soil dry?',
  });
  expect(now.key).toBe(`other + ${row.cause}`);
});
it('one struck out strikes out nothing that is there now', () => {
  expect(ownRowNow({ ...earlier, cells: null })).toMatchObject({ file: 'causes.csv', cells: null });
});
it('every other row is left as it is', () => {
  const row = { file: 'plants.csv', key: 'x', cells: null };
  expect(ownRowNow(row)).toBe(row);
  expect(ownRowNow(null)).toBe(null);
  expect(ownRowNow('ailments.csv')).toBe('ailments.csv');
});
