import { describe, expect, it } from 'vitest';
import { freeName } from './free-name';

describe('a free name', () => {
  it.each([
    ['Bed', [], 'Bed'],
    ['Bed', ['Bed'], 'Bed 2'],
    ['Bed', ['Bed', 'Bed 2', 'Bed 4'], 'Bed 3'],
  ])('%s beside %j is %s', (name, taken, free) => expect(freeName(name, taken)).toBe(free));
});
