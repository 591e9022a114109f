import { expect, it } from 'vitest';
import { inSlices } from './inSlices';

/** A calculation of steps that take 2 ms each. */
function* slow(steps: number) {
  for (let n = 0; n < steps; n++) {
    const until = performance.now() + 2;
    while (performance.now() < until);
    yield;
  }
  return steps;
}

it('comes to its end, and lets others in on the way', async () => {
  let others = 0;
  const timer = setInterval(() => others++, 1);
  expect(await inSlices(slow(30))).toBe(30);
  clearInterval(timer);
  expect(others).toBeGreaterThan(0);
});

it('stops where it is not wanted any more', async () => {
  let asked = 0;
  expect(await inSlices(slow(1000), () => ++asked < 3)).toBe(null);
  expect(asked).toBe(3);
});

it('gives up with the fault of its calculation', async () => {
  const broken = (function* () {
    yield;
    throw new RangeError('No such region.');
  })();
  await expect(inSlices(broken)).rejects.toThrow('No such region.');
});
