import type { DayNumber } from '../model/days';
import type { Plant } from '../model/reference';
import { isSeedMethod, type Way } from '../library/ways';
import type { RaiseMethod, SeedTreatment, YearClass } from '../model/vocabulary';
import type { BatchStage } from '../raise/batch-here';
import type { ContainerKind } from '../raise/quantity';
import type { ShareRange } from '../raise/rates';
import type { StepKind } from '../raise/steps';
import type { Refusal, WayHere, WayReason } from '../raise/ways-here';
import { listed } from './lists';
import type { Units } from './units';
import { dayWords, minutesWords } from './work';

export const METHOD_WORDS: Record<RaiseMethod | 'bought', string> = {
  'winter-container': 'Seed, outdoors in winter containers',
  'autumn-in-place': 'Seed, sown in place in autumn',
  'spring-in-place': 'Seed, sown in place in spring',
  'chilled-indoors': 'Seed, chilled and then indoors',
  indoors: 'Seed, indoors',
  softwood: 'Softwood cuttings',
  'half-ripe': 'Half-ripe cuttings',
  hardwood: 'Hardwood cuttings',
  'root-cutting': 'Root cuttings',
  division: 'Division',
  layering: 'Layering',
  offsets: 'Offsets, suckers and corms',
  bought: 'Bought as plants',
};
/** The same in a word or two, for a column. */
export const METHOD_SHORT: Record<RaiseMethod | 'bought', string> = {
  'winter-container': 'winter container',
  'autumn-in-place': 'in place, autumn',
  'spring-in-place': 'in place, spring',
  'chilled-indoors': 'chilled, indoors',
  indoors: 'indoors',
  softwood: 'softwood cuttings',
  'half-ripe': 'half-ripe cuttings',
  hardwood: 'hardwood cuttings',
  'root-cutting': 'root cuttings',
  division: 'division',
  layering: 'layering',
  offsets: 'offsets',
  bought: 'bought',
};
export const STEP_WORDS: Record<StepKind, string> = {
  buy: 'Buy seed',
  warm: 'Keep the seed warm and moist',
  chill: 'Put the seed in the cold',
  sow: 'Sow',
  cut: 'Take the cuttings',
  divide: 'Divide',
  layer: 'Layer',
  look: 'Look',
  'prick-out': 'Prick out',
  pot: 'Pot up',
  sever: 'Cut from the mother',
  thin: 'Thin',
  winter: 'Keep through the winter or the dry months',
  harden: 'Harden off',
  'plant-out': 'Plant out',
  flower: 'First flower expected',
};
export const STAGE_WORDS: Record<BatchStage, string> = {
  planned: 'to be begun',
  waiting: 'begun, nothing up yet',
  up: 'up',
  potted: 'potted',
  planted: 'planted out',
  over: 'over',
};
export const YEAR_CLASS_WORDS: Record<YearClass, string> = {
  'cold-winter': 'cold winters',
  'mild-winter': 'mild winters',
  'frost-free': 'no usual frost',
  'dry-summer': 'mild winters and dry summers',
  desert: 'desert',
};
const TREATMENT_WORDS: Record<SeedTreatment, string> = {
  scarify: 'scratch the seed',
  'hot-water': 'hot water over the seed',
  soak: 'soak the seed overnight',
  fresh: 'sow it fresh',
  double: '',
};
const CONTAINER_WORDS: Record<ContainerKind, [one: string, many: string]> = {
  'winter-container': ['lidded container', 'lidded containers'],
  tray: ['tray of 24 cells', 'trays of 24 cells'],
  'cutting-pot': ['13 cm pot', '13 cm pots'],
  'deep-pot': ['deep pot', 'deep pots'],
};

const percent = (share: number) => Math.round(100 * share);
const ofHundred = ({ from, to }: { from: number; to: number }) =>
  percent(from) === percent(to) ? `${percent(from)}` : `${percent(from)} to ${percent(to)}`;

/** What a way takes, by the library: a sentence’s parts, joined. */
export function wayWords({ method, row, ofKin }: Way, plant: Pick<Plant, 'sow_in_place' | 'sow_indoors'>, units: Units): string {
  const seed = isSeedMethod(method);
  const weeks = method === 'spring-in-place' ? plant.sow_in_place : method === 'indoors' ? plant.sow_indoors : null;
  const days =
    row.days_from === null ? '' : row.days_from === row.days_to ? `${row.days_from}` : `${row.days_from} to ${row.days_to}`;
  const at = row.warmth_c === null ? '' : ` at ${units.temperature(row.warmth_c)}`;
  const chilled = seed && !!row.chill_days;
  const parts = [
    weeks === null
      ? ''
      : weeks === 0
        ? 'about the last frost'
        : weeks > 0
          ? `${weeks} weeks before the last frost`
          : `${-weeks} weeks after the last frost`,
    ...row.treatment.map((treatment) => TREATMENT_WORDS[treatment]),
    row.warm_days ? `${row.warm_days} days warm and moist, then` : '',
    chilled ? `${row.chill_days} days of cold and wet${method === 'indoors' || method === 'spring-in-place' ? ' help' : ''}` : '',
    seed && row.depth_mm === 0 ? 'on the surface, in the light' : row.depth_mm ? `${units.fine(row.depth_mm)} deep` : '',
    row.beside ? `beside ${row.beside}` : '',
    row.nodes ? `${row.nodes} nodes${row.nodes_below ? `, ${row.nodes_below} below` : ''}` : '',
    row.wood,
    days ? `${seed ? 'up' : 'rooted'} in ${days} days${at}` : '',
    row.every_from
      ? `every ${row.every_from === row.every_to ? row.every_from : `${row.every_from} to ${row.every_to}`} years`
      : '',
    row.pieces_from
      ? `${row.pieces_from === row.pieces_to ? row.pieces_from : `${row.pieces_from} to ${row.pieces_to}`} pieces`
      : '',
    row.rate_from === null ? '' : `${ofHundred({ from: row.rate_from, to: row.rate_to! })} in 100 succeed`,
    row.confidence === 'low' ? 'a guess' : ofKin ? 'figures of its kin' : '',
  ];
  return parts.filter(Boolean).join('; ');
}

/** Why a way cannot be taken here, a sentence. */
export function refusalWords(refusal: Refusal): string {
  switch (refusal.no) {
    case 'cold':
      if (refusal.wanted === 0) return 'There is no winter here to bring it up in: it is sown another way.';
      return refusal.days === 0
        ? `No winter cold here: its seed wants ${refusal.wanted} days of it. Chill it in the refrigerator.`
        : `Winter here has ${refusal.days} days cold enough, its seed wants ${refusal.wanted}. Chill it in the refrigerator.`;
    case 'season':
      return 'There is no season for it here: the year is too short between its frosts.';
    case 'light':
      return 'You have no light for seedlings indoors, by the place.';
    case 'mother':
      return 'No plant of it stands here yet to take from: a neighbour’s or a swap may give some.';
    case 'too-many':
      return 'Too little comes of it for so many plants.';
    case 'trade':
      return 'It is hardly to be had as a plant.';
  }
}

/** What speaks for or against a way, a sentence; empty for what needs none. */
export function reasonWords(reason: WayReason, row: WayHere, today: DayNumber, money: (minor: number) => string): string {
  const { of, value = 0 } = reason;
  switch (of) {
    case 'chance':
      return row.quantity
        ? `Of 100 ${unitName(row, 100)}, ${ofHundred(row.quantity.becomes)} become plants to set out.`
        : 'A grown plant.';
    case 'flower':
      return `First flower about ${dayWords(value, today)}.`;
    case 'cost':
      return value === 0
        ? 'Costs nothing but what you have.'
        : `About ${money(value)} for ${row.quantity ? 'seed and mix' : 'the plants'}.`;
    case 'work':
      return value === 0 ? '' : `About ${minutesWords(value)} of work until it is planted.`;
    case 'school':
      return 'Your way of sowing, by the place.';
    case 'light':
      return 'On a sill, without a lamp, seedlings grow lank.';
    case 'kin':
      return 'The figures are those of its kin.';
    case 'doubtful':
      return 'The figures are a guess.';
    case 'helped-by-cold':
      return `It comes up without cold, more evenly with ${value} days of it.`;
  }
}

/** What a way is begun with: seeds, cuttings, pieces. */
export function unitName({ method }: Pick<WayHere, 'method'>, count: number): string {
  const one = count === 1;
  if (isSeedMethod(method)) return one ? 'seed' : 'seeds';
  if (method === 'division' || method === 'offsets') return one ? 'piece' : 'pieces';
  if (method === 'layering') return one ? 'layer' : 'layers';
  return one ? 'cutting' : 'cuttings';
}

/** How much is begun for the plants that are wanted, in a line: `40 seeds in 2 lidded containers, 4 l of mix`. */
export function quantityWords(row: Pick<WayHere, 'method' | 'quantity'>, units: Units): string {
  const { quantity } = row;
  if (!quantity || quantity.units === null) return '';
  const { containers, mix_l, shelf_m2, packets, mothers } = quantity;
  return [
    `${quantity.units} ${unitName(row, quantity.units)}`,
    packets > 0 ? `${packets} ${packets === 1 ? 'packet' : 'packets'}` : '',
    mothers > 0 ? `from ${mothers} grown ${mothers === 1 ? 'plant' : 'plants'}` : '',
    containers ? `${containers.count} ${CONTAINER_WORDS[containers.kind][containers.count === 1 ? 0 : 1]}` : '',
    mix_l > 0 ? `${units.volume(mix_l)} of mix` : '',
    shelf_m2 > 0 ? `${units.area(shelf_m2)} of shelf` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Why so many are begun: the chance, the share and where it comes from. */
export function quantityReasons(row: Pick<WayHere, 'method' | 'quantity' | 'way'>): string[] {
  const { quantity } = row;
  if (!quantity || quantity.units === null) return [];
  const { own, want, expected, rate } = quantity;
  const seed = isSeedMethod(row.method);
  return [
    `With ${quantity.units} ${unitName(row, quantity.units)} the chance of ${want} ${want === 1 ? 'plant' : 'plants'} or more is ${percent(quantity.chance)} in 100; about ${Math.round(expected)} are to be expected.`,
    `${ofHundred(rate)} of 100 ${seed ? 'come up' : 'take'}${
      own.tried > 0
        ? `, by the library and your own ${own.came} of ${own.tried}`
        : row.way?.row.confidence === 'low'
          ? ', a guess'
          : ', by the library'
    }.`,
    ...(seed ? ['A packet’s number of seeds differs: ask.'] : []),
  ];
}

/** What of a way’s days is the usual of such ways and no figure of the plant, a sentence; empty where all of them are its own. */
export function usualWords({ method, row }: Way): string {
  const parts = isSeedMethod(method)
    ? [
        row.pot_on_days === null && !method.endsWith('in-place') ? 'days to pricking out' : '',
        row.harden_days === null && !method.endsWith('in-place') ? 'days of hardening off' : '',
        row.chill_days && row.chill_c === null && method === 'chilled-indoors' ? 'the cold of a refrigerator' : '',
      ].filter(Boolean)
    : [];
  return parts.length === 0 ? '' : `Usual for such ways, not figures of this plant: ${listed(parts)}.`;
}

/** A span of days as one says them, `5 to 12 March`. */
export function spanWords(from: DayNumber, until: DayNumber, today: DayNumber): string {
  return until - from < 2 ? dayWords(from, today) : `${dayWords(from, today)} to ${dayWords(until, today)}`;
}

/** A share as a range, `40 to 65 of 100`. */
export const shareWords = (share: ShareRange): string => `${ofHundred(share)} of 100`;
/** How many are to be expected of a batch. */
export const expectedWords = (share: ShareRange, units: number): string =>
  `${Math.round(share.from * units)} to ${Math.round(share.to * units)}`;
