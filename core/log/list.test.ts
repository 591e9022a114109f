import { expect, it } from 'vitest';
import { entry } from '../testing/log';
import { LogBook } from './book';
import { listed, type LogFilter } from './list';

const book = new LogBook([
  entry('adult', 'monarch', '2026-07-04', { id: 'a', site_id: 'bank', note: 'By the Gate' }),
  entry('larva', 'monarch', '2025-07-04', { id: 'b', site_id: 'swale' }),
  entry('lost', 'phlox', '2026-03-01', { id: 'c', site_id: 'bank' }),
  entry('walk', null, '2026-07-05', { id: 'd', minutes: 20 }),
  entry('released', 'monarch', '2026-07-06', { id: 'e' }),
]);
const ids = (over: Partial<LogFilter>) =>
  listed(book, { group: 'all', year: null, site: null, of: null, words: '', ...over }, (row) => `${row.of} ${row.what}`)
    .map((row) => row.id)
    .join('');

it.each<[Partial<LogFilter>, string]>([
  [{}, 'edacb'],
  [{ group: 'creatures' }, 'ab'],
  [{ group: 'plants' }, 'c'],
  [{ group: 'walk' }, 'd'],
  [{ year: 2025 }, 'b'],
  [{ of: 'monarch' }, 'eab'],
  [{ of: 'monarch', year: 2026, group: 'creatures' }, 'a'],
  [{ site: 'bank' }, 'ac'],
  [{ words: 'monarch GATE' }, 'a'],
  [{ words: 'monarch shed' }, ''],
])('the list by %o is %s', (over, expected) => expect(ids(over)).toBe(expected));
it('of one day the later hour comes first', () => {
  const hours = [
    entry('adult', 'x', '2026-07-04', { id: '1', at: '09:00' }),
    entry('adult', 'x', '2026-07-04', { id: '2', at: '14:00' }),
    entry('adult', 'x', '2026-07-04', { id: '3' }),
  ];
  expect(new LogBook(hours).entries.map((row) => row.id).join('')).toBe('213');
});
