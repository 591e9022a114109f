import { expect, it } from 'vitest';
import { finish, type Steps } from './steps';

it('runs every step once, in order, and returns what was found', () => {
  const seen: number[] = [];
  function* steps(): Steps<string> {
    for (const n of [1, 2, 3]) {
      seen.push(n);
      yield;
    }
    return 'found';
  }
  expect(finish(steps())).toBe('found');
  expect(seen).toEqual([1, 2, 3]);
});
