import { describe, expect, it } from 'vitest';
import { expectedInformation, likelihoods, openness, shareOfYes, worthOf } from './odds';

describe('likelihoods', () => {
  it('doubles with every step of the score', () => {
    // 2³ : 2² : 2⁰ = 8 : 4 : 1.
    const [a, b, c] = likelihoods([3, 2, 0]);
    expect(a).toBeCloseTo(8 / 13);
    expect(b).toBeCloseTo(4 / 13);
    expect(c).toBeCloseTo(1 / 13);
  });
  it('bears scores far apart', () => {
    const [a, b] = likelihoods([900, -900]);
    expect(a).toBe(1);
    expect(b).toBe(0);
  });
});

describe('an answer', () => {
  it('tells nothing of a cause that does not ask for it', () => {
    expect(shareOfYes({ share: 0.3 }, undefined)).toBe(0.3);
  });
  it('is as common under a cause as its weights and the usual share make it', () => {
    // Yes four times as likely, no as it was: 0.2 × 4 : 0.8 × 1 = 0.8 : 0.8.
    expect(shareOfYes({ share: 0.2 }, { yes: 2, no: 0 })).toBeCloseTo(0.5);
  });
  it('is worth by how much commoner it is than usual: half of the time where a fifth is usual is 2.5 times', () => {
    const ask = { check: 'x', yes: 2, no: 0 };
    expect(worthOf({ share: 0.2 }, ask, true)).toBeCloseTo(Math.log2(2.5));
    // No: a half where four fifths are usual.
    expect(worthOf({ share: 0.2 }, ask, false)).toBeCloseTo(Math.log2(0.625));
  });
  it('speaks for a cause with yes and against it with no', () => {
    const ask = { check: 'x', yes: 4, no: -4 };
    expect(worthOf({ share: 0.3 }, ask, true)).toBeGreaterThan(1);
    expect(worthOf({ share: 0.3 }, ask, false)).toBeLessThan(-3);
  });
});

describe('what a check is expected to tell', () => {
  it('is a whole bit where it parts two equal causes for certain, and nothing where it parts none', () => {
    expect(openness([0.5, 0.5])).toBeCloseTo(1);
    expect(expectedInformation([0.5, 0.5], [1, 0])).toBeCloseTo(1);
    expect(expectedInformation([0.5, 0.5], [0.3, 0.3])).toBeCloseTo(0);
  });
  it('is less where one cause is nearly certain already', () => {
    expect(openness([1, 0])).toBe(0);
    expect(expectedInformation([0.99, 0.01], [1, 0])).toBeLessThan(0.1);
  });
  it('of three causes of which it parts one from two: the openness of that question', () => {
    // ½ against ½: one bit of the 1.5 that are open.
    expect(expectedInformation([0.5, 0.25, 0.25], [1, 0, 0])).toBeCloseTo(1);
    expect(openness([0.5, 0.25, 0.25])).toBeCloseTo(1.5);
  });
});
