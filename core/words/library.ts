import { monthsInWords } from '../model/half-month';
import type { Propagation } from '../model/reference';
import type { Units } from './units';

const METHODS: Record<Propagation['method'], string> = {
  'winter-outdoor': 'Seed, outdoors in winter containers',
  'autumn-direct': 'Seed, sown in place in autumn',
  'chill-indoor': 'Seed, chilled and then indoors',
  indoor: 'Seed, indoors',
  'spring-direct': 'Seed, sown in place in spring',
  softwood: 'Softwood cuttings',
  hardwood: 'Hardwood cuttings',
  division: 'Division',
  layer: 'Layering',
  bought: 'Bought',
};
const TREATMENTS: Record<Propagation['treatment'], string> = {
  none: '',
  scarify: 'scratch the seed',
  soak: 'soak the seed overnight',
  double: 'two winters',
};

/** A way to raise a plant in words: the method, then what it takes. */
export function propagationWords(row: Propagation, units: Units): { method: string; takes: string } {
  const parts = [
    row.months ? `in ${monthsInWords(row.months.split('|').map(Number))}` : '',
    row.stratify_days ? `${row.stratify_days} days of cold and wet` : '',
    TREATMENTS[row.treatment],
    row.light ? 'needs light: press, do not cover' : '',
    row.weeks_before_last_frost ? `${row.weeks_before_last_frost} weeks before the last frost` : '',
    row.germinate_days
      ? `up in about ${row.germinate_days} days${row.germinate_c ? ` at ${units.temperature(row.germinate_c)}` : ''}`
      : '',
    row.node_count ? `${row.node_count} nodes` : '',
    row.rooting_days ? `rooted in about ${row.rooting_days} days` : '',
    row.divide_every_years ? `every ${row.divide_every_years} years` : '',
    row.rate !== null && row.rate < 1 ? `about ${Math.round(row.rate * 100)} in 100 succeed` : '',
  ];
  return { method: METHODS[row.method], takes: parts.filter(Boolean).join('; ') };
}
