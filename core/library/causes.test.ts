import { describe, expect, it } from 'vitest';
import { cause, check, symptom } from '../testing/worked-garden';
import { CauseBook, isLeft, speaksOf } from './causes';

const book = new CauseBook({
  symptoms: [symptom(), symptom({ id: 'bare' })],
  causes: [
    cause('thirst', { evidence: 'thirsty:3|pot:4/-6', asks: 'dry:4/-5|dust:0/2', months: '11-2|6-6' }),
    cause('shade', { symptom: 'bare' }),
  ],
  checks: [check('dry')],
});

describe('the book of causes', () => {
  it('finds symptoms, checks and causes by their names, and nothing by others', () => {
    expect(book.symptom('droops')?.name).toBe('It droops');
    expect(book.check('dry')?.id).toBe('dry');
    expect(book.cause('bare', 'shade')?.cause).toBe('shade');
    expect(book.causesOf('bare').map(({ row }) => row.cause)).toEqual(['shade']);
    expect([book.symptom('x'), book.check('x'), book.cause('droops', 'shade'), book.causesOf('x').length]).toEqual([
      null,
      null,
      null,
      0,
    ]);
  });
  it('reads the weights of facts and checks, and months over the new year', () => {
    const [read] = book.causesOf('droops');
    expect(read!.evidence).toEqual([
      { fact: 'thirsty', weight: 3, otherwise: 0 },
      { fact: 'pot', weight: 4, otherwise: -6 },
    ]);
    expect(read!.asks).toEqual([
      { check: 'dry', yes: 4, no: -5 },
      { check: 'dust', yes: 0, no: 2 },
    ]);
    expect([...read!.months!].sort((a, b) => a - b)).toEqual([1, 2, 6, 11, 12]);
    expect(book.causesOf('bare')[0]).toMatchObject({ evidence: [], asks: [], months: null });
  });
  it('a blank name speaks of all, a list of any in it', () => {
    expect(speaksOf('', new Set())).toBe(true);
    expect(speaksOf('rosa|#half-shrub', new Set(['salvia', '#half-shrub']))).toBe(true);
    expect(speaksOf('rosa', new Set(['rosaceae']))).toBe(false);
  });
  it('what is well, and what nothing helps now, is left', () => {
    expect(isLeft({ well: true, now: 'Water the ball, and wait.' })).toBe(true);
    expect(isLeft({ well: false, now: 'Nothing now.' })).toBe(true);
    expect(isLeft({ well: false, now: 'Water it.' })).toBe(false);
  });
});
