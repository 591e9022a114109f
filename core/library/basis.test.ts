import { describe, expect, it } from 'vitest';
import { plant } from '../testing/worked-garden';
import { basisCorrected, basisCounts, basisOf, priceByRule } from './basis';

describe('what values rest on', () => {
  it('is known where nothing else is said', () => {
    expect(basisOf({ basis: '' })).toMatchObject({ life: 'known', price: 'known' });
    expect(basisOf({ basis: 'life:estimated|price:default' })).toMatchObject({
      life: 'estimated',
      flowering: 'known',
      price: 'default',
    });
  });
  it('is counted by group', () => {
    const counts = basisCounts([{ basis: '' }, { basis: 'ph:estimated' }, { basis: 'ph:default|deer:estimated' }]);
    expect(counts.ph).toEqual({ known: 1, estimated: 1, default: 1 });
    expect(counts.deer).toEqual({ known: 2, estimated: 1, default: 0 });
  });
  it('of a value that a gardener corrected is known, of all others what it was', () => {
    const before = {
      basis: 'life:estimated|foliage:estimated|ph:default',
      life_years: '8',
      foliage_first: '7',
      foliage_last: '20',
      ph_min: '5',
      ph_max: '7.5',
    };
    expect(basisCorrected({ ...before, life_years: '15' }, before).basis).toBe('foliage:estimated|ph:default');
    // One end of a range corrected is the range looked at.
    expect(basisCorrected({ ...before, foliage_last: '21' }, before).basis).toBe('life:estimated|ph:default');
    expect(basisCorrected(before, before).basis).toBe(before.basis);
    // A row saved before the column was there.
    const { basis: _, ...earlier } = before;
    expect(basisCorrected({ ...earlier, ph_min: '6' }, before).basis).toBe('life:estimated|foliage:estimated');
  });
});

describe('the price of what nobody has priced', () => {
  it.each([
    ['a perennial sold everywhere', { kind: 'perennial', trade: 'common' }, 600],
    // 600 × 1.15 = 690, to the next half.
    ['one from native nurseries', { kind: 'perennial', trade: 'native-nurseries' }, 700],
    ['a tree that is seldom sold', { kind: 'tree', trade: 'seldom' }, 8250],
    ['a low shrub', { kind: 'shrub', trade: 'common', height_max_cm: 60 }, 1800],
    ['a tall one', { kind: 'shrub', trade: 'common', height_max_cm: 100 }, 2800],
  ] as const)('%s', (_, over, price) => expect(priceByRule(plant('x', over))).toBe(price));
});
