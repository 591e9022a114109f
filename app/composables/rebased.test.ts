import { expect, it } from 'vitest';
import { rebased } from './rebased';

const before = { name: 'Tree', traits: { height_m: 8, crown_m: 3 }, points: [[1, 1]] };

it('keeps what was typed while an earlier change was saved, and takes over the rest', () => {
  const draft = { name: 'Tree', traits: { height_m: 16, crown_m: 6 }, points: [[1, 1]] };
  const now = { name: 'Old oak', traits: { height_m: 16, crown_m: 3 }, points: [[2, 1]] };
  expect(rebased(draft, before, now)).toEqual({ name: 'Old oak', traits: { height_m: 16, crown_m: 6 }, points: [[2, 1]] });
});
it('follows the record where nothing was typed', () => {
  const now = { ...before, traits: { height_m: 9, crown_m: 4 } };
  expect(rebased(structuredClone(before), before, now)).toBe(now);
});
it('keeps a list that was changed as a whole', () => {
  const draft = { ...before, points: [[1, 1], [3, 3]] }; // prettier-ignore
  expect(rebased(draft, before, { ...before, points: [[2, 2]] })).toEqual(draft);
});
it('keeps a field that the record has lost, where something was typed in it', () => {
  expect(rebased({ name: 'Tree', note: 'by the gate' }, { name: 'Tree', note: '' }, { name: 'Tree' })).toEqual({
    name: 'Tree',
    note: 'by the gate',
  });
});
