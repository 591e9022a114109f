import { describe, expect, it } from 'vitest';
import { Attempts, placeOf } from './attempts';

describe('attempts to sign in', () => {
  it('wait longer each time: nothing twice, then 1, 2, 4 … seconds, at most a quarter of an hour', () => {
    const attempts = new Attempts();
    const waits = Array.from({ length: 14 }, () => {
      attempts.failed('192.168.1.9', 0);
      return attempts.waitOf('192.168.1.9', 0);
    });
    expect(waits).toEqual([0, 0, 1, 2, 4, 8, 16, 32, 64, 128, 256, 512, 900, 900]);
  });
  it('may be made again when the wait is over, and begin afresh after one that succeeded', () => {
    const attempts = new Attempts();
    for (let i = 0; i < 5; i++) attempts.failed('192.168.1.9', 0);
    expect(attempts.waitOf('192.168.1.9', 3999)).toBe(1);
    expect(attempts.waitOf('192.168.1.9', 4000)).toBe(0);
    attempts.succeeded('192.168.1.9');
    attempts.failed('192.168.1.9', 5000);
    expect(attempts.waitOf('192.168.1.9', 5000)).toBe(0);
  });
  it('from elsewhere are not held up by them', () => {
    const attempts = new Attempts();
    for (let i = 0; i < 9; i++) attempts.failed('192.168.1.9', 0);
    expect(attempts.waitOf('192.168.1.8', 0)).toBe(0);
  });
  it('from one home count together, whichever of its many addresses they use', () => {
    expect(placeOf('2001:db8:1:2:aaaa::1')).toBe(placeOf('2001:db8:1:2:bbbb::9'));
    expect(placeOf('2001:db8:1:3::1')).not.toBe(placeOf('2001:db8:1:2::1'));
    expect(placeOf('::ffff:192.168.1.9')).toBe('192.168.1.9');
  });
});
