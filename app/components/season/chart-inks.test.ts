import { describe, expect, it } from 'vitest';
import { bandInk } from './chart-inks';

describe.each(['nectar', 'host'] as const)('the bands of a chart of %s', (of) => {
  const bands = Array.from({ length: 10 }, (_, n) => bandInk(of, n));
  it('begin with its own ink, plain', () => expect(bands[0]).toEqual({ ink: of, weave: 'plain' }));
  it('ten of them all differ by ink or weave, and neighbours by ink', () => {
    expect(new Set(bands.map(({ ink, weave }) => `${ink} ${weave}`)).size).toBe(10);
    bands.slice(1).forEach((band, i) => expect(band.ink).not.toBe(bands[i]!.ink));
  });
  it('never take the colour of what can be pressed, or of a gap', () => {
    for (const { ink } of bands) expect(['press', 'gap']).not.toContain(ink);
  });
  it('more than ten begin again', () => expect(bandInk(of, 10)).toEqual(bands[0]));
});
