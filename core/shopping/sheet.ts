import { stringify } from 'csv-stringify/browser/esm/sync';
import type { BuyingSeason, ShoppingLine, Source } from './list';
import type { PlantSize } from '../model/vocabulary';

/** The words of the list, the same on the screen, in the table file and on paper. */
export const SIZE_WORDS: Record<PlantSize, string> = {
  seed: 'packet of seed',
  plug: 'plug',
  pot: 'pot',
  large: 'large pot',
  bulb: 'bulb',
};
export const SOURCE_WORDS: Record<Source, string> = {
  nursery: 'From a nursery',
  bulbs: 'Bulbs',
  seed: 'Seed',
  yard: 'From the garden centre',
};
export const SEASON_WORDS: Record<BuyingSeason, string> = {
  autumn: 'in autumn',
  winter: 'in late winter',
  spring: 'in spring, after the frosts',
};

const PLURALS: Record<PlantSize, string> = {
  seed: 'packets of seed',
  plug: 'plugs',
  pot: 'pots',
  large: 'large pots',
  bulb: 'bulbs',
};
/** What to buy of a line: `8 plugs`, `3 bags`. */
export function unitsWords(line: ShoppingLine): string {
  if (line.kind === 'goods') return `${line.units} ${line.units === 1 ? 'bag' : 'bags'}`;
  return `${line.units} ${(line.units === 1 ? SIZE_WORDS : PLURALS)[line.size]}`;
}
export const lineName = (line: ShoppingLine) => (line.kind === 'plant' ? line.here.plant.common : line.name);

/** The list as CSV: one line a row, money in whole units of the currency with two digits. */
export function shoppingCsv(lines: readonly ShoppingLine[], currency: string): string {
  const money = (minor: number) => (minor / 100).toFixed(2);
  const header = [
    'source',
    'when',
    'name',
    'scientific name',
    'for',
    'plants',
    'buy',
    'as',
    'spares',
    `price (${currency})`,
    `total (${currency})`,
    'ask',
  ];
  const rows = lines.map((line) =>
    line.kind === 'plant'
      ? [
          SOURCE_WORDS[line.source],
          SEASON_WORDS[line.season],
          line.here.plant.common,
          line.here.plant.scientific,
          line.sites.join('; '),
          line.count,
          line.units,
          SIZE_WORDS[line.size],
          line.spares,
          money(line.unit_minor),
          money(line.total_minor),
          line.ask.join(' '),
        ]
      : [
          SOURCE_WORDS[line.source],
          SEASON_WORDS[line.season],
          line.name,
          '',
          line.sites.join('; '),
          '',
          line.units,
          'bag',
          '',
          money(line.unit_minor),
          money(line.total_minor),
          '',
        ],
  );
  return stringify([header, ...rows]);
}
