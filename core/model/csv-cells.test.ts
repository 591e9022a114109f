import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { csvText } from '../words/csv';
import { plainCell, safeCell } from './csv-cells';

describe('a cell of a table', () => {
  it.each(['=1+1', '+1 (555) 0100', '-2+3', '@here', '\tindented', '\rreturned', "'=1", "''@x", '-'])(
    '%j goes out behind an apostrophe, and comes back as it was',
    (text) => {
      expect(safeCell(text)).toBe(`'${text}`);
      expect(plainCell(`'${text}`)).toBe(text);
    },
  );
  it.each(['-71.4', '+3', '-3,5', 'a=b', '', "it's", "'quoted'", 'x@y'])('%j goes out as it is', (text) => {
    expect(safeCell(text)).toBe(text);
    expect(plainCell(text)).toBe(text);
  });
  it('a number goes out as a number', () => {
    expect(safeCell(-3)).toBe(-3);
    expect(csvText([['x', -71.4, '=1', null]])).toBe("x,-71.4,'=1,\n");
  });
  it('whatever it holds, it comes back as it was', () => {
    const cells = fc.string({ unit: fc.constantFrom('=', '+', '-', '@', "'", '\t', '\r', '1', 'a', ',') });
    fc.assert(fc.property(cells, (text) => plainCell(safeCell(text)) === text));
  });
  it('nothing that goes out begins as a formula does', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom('=', '+', '-', '@', "'", '7') }), (text) => {
        const out = safeCell(text);
        return !/^[=+\-@\t\r]/.test(out) || /^[-+]?\d+$/.test(out);
      }),
    );
  });
});
