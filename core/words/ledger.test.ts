import { describe, expect, it } from 'vitest';
import { coverage } from '../coverage/coverage';
import { cellWords, needFigure } from './needs';
import { unitsOf } from './units';
import { ledgerRows, sortedLedger } from './ledger';
import { hungryMonths, supplyYear } from '../season/supply-year';
import { gardenOf, host, plant, planting, target, type World } from '../testing/worked-garden';

const METRIC = unitsOf('metric');
const world: World = {
  targets: [target('azure'), target('brown', { special_needs: ['mud'] })],
  plants: [
    plant('nettle', { nectar_butterfly: 0 }),
    plant('phlox', { leaf_g: 0, bloom_last: 8 }),
    plant('daisy', { leaf_g: 0, flower_form: 'daisy' }),
  ],
  hosts: [host('azure', 'nettle')],
};
// Phlox flowers in early May only; the azure and the brown fly all of May.
const input = gardenOf(world, [planting('n', 'nettle', 6), planting('p', 'phlox', 1), planting('d', 'daisy', 2)]);
const served = coverage(input);
const rows = ledgerRows(input, served, (id) => `the ${id}`, METRIC);
const find = (creature: string, need: string) => rows.find((row) => row.creature === creature && row.need === need)!;

describe('the ledger', () => {
  it('has a row for every need of every target', () => {
    expect(rows).toHaveLength(served.targets.flatMap((row) => row.needs).length);
  });
  it('gives the figure at its weakest, when it is short and who serves it', () => {
    // Two daisies at half worth for their form: 2 × 0.375 × 2 × 0.5 = 0.75 units of one kind.
    expect(find('azure', 'nectar')).toMatchObject({
      verdict: 'thin',
      served: '50 %',
      figure: '0.7 of 1.5 units of nectar, 1 of 2 kinds',
      when: 'early May to late May',
      short: 'late May',
      by: '1 phlox in the bed; 2 daisy in the bed',
    });
    expect(find('brown', 'damp mud')).toMatchObject({ figure: 'none', by: '', verdict: 'thin' });
    expect(find('azure', 'host plants')).toMatchObject({ verdict: 'closed', short: '', by: '6 nettle in the bed' });
  });
  it('names the few that give most of many', () => {
    const many = gardenOf(
      world,
      Array.from({ length: 6 }, (_, i) => planting(`d${i}`, 'daisy', 6 - i)),
    );
    const row = ledgerRows(many, coverage(many), () => 'bed', METRIC).find((r) => r.need === 'nectar')!;
    expect(row.mostly).toBe('6 daisy in bed; 5 daisy in bed; 4 daisy in bed; and 3 more');
    expect(row.by.split('; ')).toHaveLength(6);
  });
  it('sorts by verdict, by figure and by name, both ways', () => {
    const verdicts = sortedLedger(rows, 'verdict', false).map((row) => row.verdict);
    expect(verdicts).toEqual([...verdicts].sort((a, b) => 'open thin closed'.indexOf(a) - 'open thin closed'.indexOf(b)));
    expect(sortedLedger(rows, 'creature', true)[0]!.creature).toBe('brown');
    expect(sortedLedger(rows, 'served', false)[0]!.ratio).toBe(Math.min(...rows.map((row) => row.ratio)));
    // What is short first comes first, what is never short last.
    expect(sortedLedger(rows, 'short', false).at(-1)!.short).toBe('');
    expect(rows.map((row) => row.need)).toEqual(ledgerRows(input, served, String, METRIC).map((r) => r.need));
  });
});

describe('a half-month in words', () => {
  const here = input.almanac.targets.get('azure')!;
  const needs = served.targets[0]!.needs;
  it('gives its figure, or that it is not needed', () => {
    const nectar = needs.find((row) => row.need.stage === 'nectar')!;
    expect(cellWords(here, nectar, 8, METRIC)).toBe('early May: closed, 1.5 of 1.5 units of nectar, 2 of 2 kinds');
    expect(cellWords(here, nectar, 9, METRIC)).toBe('late May: thin, 0.7 of 1.5 units of nectar, 1 of 2 kinds');
    expect(cellWords(here, nectar, 2, METRIC)).toBe('early February: not needed');
  });
  it('in the words of each need', () => {
    const shelter = needs.find((row) => row.need.stage === 'shelter')!;
    expect(needFigure(here, shelter, shelter.cells[0]!, METRIC)).toMatch(/ of 1 m² of leaf litter$/);
    const leaf = needs.find((row) => row.need.stage === 'host')!;
    // 6 plants × 40 g × 0.5 ÷ 10 g = 12 larvae.
    expect(needFigure(here, leaf, leaf.cells[0]!, METRIC)).toBe('leaf for 12 of 10 caterpillars');
  });
});

describe('supply through the year', () => {
  const nectar = served.targets[0]!.needs.find((row) => row.need.stage === 'nectar')!;
  const formOf = (id: string) => (id === 'p' ? 'flat' : 'daisy');
  it('is split into bands that add up to the supply, the largest first', () => {
    const year = supplyYear(nectar, formOf);
    expect(year.bands.map((band) => band.of)).toEqual(['daisy', 'flat']);
    for (const cell of nectar.cells)
      expect(year.bands.reduce((sum, band) => sum + band.amounts[cell.halfMonth]!, 0)).toBeCloseTo(cell.supply);
    expect(year.cells.flatMap((cell, h) => (cell ? [h] : []))).toEqual([8, 9]);
  });
  it('joins plantings of one source', () => {
    expect(supplyYear(nectar, () => 'all').bands).toHaveLength(1);
  });
  it('marks the hungry half-months and who goes hungry', () => {
    const hungry = hungryMonths(served);
    expect(hungry.map((month) => [month.halfMonth, month.targets.map((row) => row.target)])).toEqual([[9, ['azure', 'brown']]]);
    expect(hungry[0]!.targets[0]!.cell.ratio).toBe(0.5);
  });
  it('none is hungry where all is closed', () => {
    const full = gardenOf(world, [planting('p', 'phlox', 5), planting('d', 'daisy', 5), planting('n', 'nettle', 6)]);
    expect(hungryMonths(coverage({ ...full, targets: [] }))).toEqual([]);
  });
});
