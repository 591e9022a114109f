import { expect, it } from 'vitest';
import { mutantsOf, mutated } from './mutants';

const of = (source: string) => mutantsOf('some.ts', source).map((mutant) => mutated(source, mutant));

it('each fault is one change in the text', () => {
  expect(of('a < b && c;')).toEqual(['a < b || c;', 'a <= b && c;']);
  expect(of('x.filter((y) => y).length;')).toEqual(['x.length;']);
  expect(of('Math.min(a, 2);')).toEqual(['Math.max(a, 2);', 'Math.min(a, 3);']);
  expect(of('if (a) b();')).toEqual(['if (!(a)) b();']);
});
it('types, imports and joined texts are left alone', () => {
  expect(of("import { a } from 'b';\ntype A = 1 | 2;\ninterface B { c: 3 }\nconst d = 'e' + f;")).toEqual([]);
});
