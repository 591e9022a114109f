import { describe, expect, it } from 'vitest';
import { inTurn } from './inTurn';

const later = <T>(ms: number, value: T) => new Promise<T>((resolve) => setTimeout(() => resolve(value), ms));

describe('work in turn', () => {
  it('ends in the order it was asked for, however long each takes', async () => {
    const turn = inTurn();
    const ended: number[] = [];
    await Promise.all([30, 1, 10].map((ms) => turn(() => later(ms, ms)).then((done) => ended.push(done))));
    expect(ended).toEqual([30, 1, 10]);
  });
  it('goes on after what failed, which fails for whoever asked', async () => {
    const turn = inTurn();
    const failing = turn(() => Promise.reject(new Error('no answer')));
    const next = turn(() => later(1, 'done'));
    await expect(failing).rejects.toThrow('no answer');
    expect(await next).toBe('done');
  });
});
