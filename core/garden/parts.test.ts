import { describe, expect, it } from 'vitest';
import { Parts, rowsUnlessSame } from './parts';

describe('rows of a list that came again', () => {
  const before = [
    { id: 'a', count: 3 },
    { id: 'b', count: 5 },
  ];
  it('keep their identity where they say the same, and lose it where they do not', () => {
    const now = rowsUnlessSame(before, [
      { id: 'a', count: 3 },
      { id: 'b', count: 6 },
    ]);
    expect(now[0]).toBe(before[0]);
    expect(now[1]).not.toBe(before[1]);
    expect(now[1]).toEqual({ id: 'b', count: 6 });
  });
  it('are the list before where nothing changed', () => {
    expect(rowsUnlessSame(before, structuredClone(before))).toBe(before);
  });
  it('are another list where the order changed, one was added or one was removed', () => {
    const [a, b] = before;
    expect(rowsUnlessSame(before, structuredClone([b!, a!]))).toEqual([b, a]);
    expect(rowsUnlessSame(before, [...before, { id: 'c', count: 1 }])).toHaveLength(3);
    expect(rowsUnlessSame(before, [structuredClone(a!)])).toEqual([a]);
  });
});

describe('a part made in steps', () => {
  it('is made once, is known when a plain call asks for it, and is made again from something else', () => {
    const parts = new Parts();
    let made = 0;
    const make = function* () {
      yield;
      return ++made;
    };
    const from = {};
    const steps = parts.inSteps('part', [from], make);
    expect(steps.next()).toEqual({ done: false, value: undefined });
    expect(steps.next()).toEqual({ done: true, value: 1 });
    expect(parts.get('part', [from], () => ++made)).toBe(1);
    expect(parts.inSteps('part', [from], make).next()).toEqual({ done: true, value: 1 });
    expect(parts.get('part', [{}], (before) => [before, ++made])).toEqual([1, 2]);
  });
});
