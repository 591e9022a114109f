import type { BuyingSeason, GoodsLine, PlantLine, Question, ShoppingLine, Source } from '../plan/shopping/list';
import { csvText } from './csv';
import { gateSentence } from './gates';
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

const GOODS_NAMES: Record<GoodsLine['goods'], string> = {
  mix: 'Potting mix',
  mulch: 'Leaf or bark mulch',
  support: 'Trellis or wigwam of canes',
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
  if (line.kind === 'goods')
    return line.goods === 'support' ? `${line.units}` : `${line.units} ${line.units === 1 ? 'bag' : 'bags'}`;
  return `${line.units} ${(line.units === 1 ? SIZE_WORDS : PLURALS)[line.size]}`;
}
export const lineName = (line: ShoppingLine) => (line.kind === 'plant' ? line.here.plant.common : GOODS_NAMES[line.goods]);

const QUESTIONS: Record<Question, (line: PlantLine) => string> = {
  'true-to-name': ({ here }) => `Is it true ${here.plant.scientific}, not a hybrid or a look-alike?`,
  'no-systemics': () => 'Was it grown without systemic insecticides?',
  'no-systemics-host': () => 'Was it grown without systemic insecticides? Caterpillars will eat it.',
  'untreated-seed': () => 'Is the seed untreated?',
  'nursery-raised': () => 'Was it propagated in a nursery, not dug from the wild?',
};
/** What to ask the seller of a plant, a sentence each. */
export const questionsOf = (line: PlantLine) => line.ask.map((question) => QUESTIONS[question](line));

/** Whom it can hurt here and what takes it, a sentence each. */
export const warningsOf = (line: PlantLine) => line.warnings.map(gateSentence);

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
    'take care',
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
          questionsOf(line).join(' '),
          warningsOf(line).join(' '),
        ]
      : [
          SOURCE_WORDS[line.source],
          SEASON_WORDS[line.season],
          lineName(line),
          '',
          line.sites.join('; '),
          '',
          line.units,
          line.goods === 'support' ? 'support' : 'bag',
          '',
          money(line.unit_minor),
          money(line.total_minor),
          '',
          '',
        ],
  );
  return csvText([header, ...rows]);
}
