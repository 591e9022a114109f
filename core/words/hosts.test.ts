import { describe, expect, it } from 'vitest';
import { host, target } from '../testing/worked-garden';
import { hostClauses } from './hosts';

describe('a host in words', () => {
  const leaf = target('brown');
  const buds = target('azure', { eats: 'buds' });
  it.each([
    ['its leaf, in any light', leaf, host('brown', 'herb'), []],
    ['the light she lays in', leaf, host('brown', 'herb', 'primary', 'part'), ['in part sun']],
    [
      'the buds that a creature usually eats',
      buds,
      host('azure', 'herb', 'primary', 'sun'),
      ['in sun', 'eats buds, flowers and pods'],
    ],
    ['leaf, where its row says so', buds, { ...host('azure', 'herb'), part: 'leaf' as const }, []],
    ['buds, where its row says so', leaf, { ...host('brown', 'herb'), part: 'buds' as const }, ['eats buds, flowers and pods']],
    ['what has fallen', leaf, { ...host('brown', 'herb'), part: 'fallen-leaf' as const }, ['eats fallen leaves: leave them lie']],
    ['a doubt and a note', leaf, { ...host('brown', 'herb'), confidence: 'low' as const, note: 'Once.' }, ['uncertain', 'Once.']],
  ])('%s', (_, of, row, clauses) => expect(hostClauses(of, row)).toEqual(clauses));
});
