import { describe, expect, it } from 'vitest';
import { basisSentences } from './basis';

describe('what values of a plant rest on', () => {
  it.each([
    ['', []],
    ['price:estimated', ['Price: estimated from its kin or by a rule.']],
    [
      'life:estimated|salt:default|leaf:estimated',
      [
        'Length of life and weight of leaf: estimated from its kin or by a rule.',
        'Salt it bears: nobody has looked; what most plants get.',
      ],
    ],
  ])('%s', (basis, said) => expect(basisSentences({ basis })).toEqual(said));
});
