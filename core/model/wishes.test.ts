import { expect, it } from 'vitest';
import { FRESH_WISHES } from './fresh-wishes';
import { PlanWishes } from './wishes';

it('nothing wished for is the same by the schema and where no schema is at hand', () => {
  expect(PlanWishes.parse({})).toEqual(FRESH_WISHES);
  expect(FRESH_WISHES).toMatchObject({ budget_minor: null, keep: 'grown', natives: 'much', cheap: 'some', effort: 'usual' });
});
