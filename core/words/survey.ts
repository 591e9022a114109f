import { dateName } from '../model/half-month';
import type { SiteSource } from '../model/vocabulary';
import type { Figure, FigureDetail } from '../place/survey/measured';
import type { Units } from './units';

const SOURCE_WORDS: Record<SiteSource, string> = {
  stated: 'as you stated it',
  computed: 'computed from the yard’s drawing',
  watched: 'watched hour by hour',
  jar: 'jar test',
  feel: 'by feel',
  hole: 'hole test',
  probe: 'soil probe',
  calculated: 'calculated from rain and soil',
};
/** Where a value comes from, in words. */
export const sourceWords = ({ source, assumed }: Pick<Figure<unknown>, 'source' | 'assumed'>) =>
  assumed ? 'usual in the region: nobody has looked' : SOURCE_WORDS[source];

/** Source and date of a value that counts: `jar test, 4 May 2026`. */
export function basisWords(figure: Pick<Figure<unknown>, 'source' | 'on' | 'assumed'>): string {
  const words = sourceWords(figure);
  return figure.on ? `${words}, ${dateName(figure.on)}` : words;
}

const percent = (share: number) => `${Math.round(share * 100)} %`;
const readings = (count: number, low: number, high: number) =>
  count === 1 ? 'one reading' : `${count} readings from ${low} to ${high}`;

/** What lies behind a figure, in words: `loam: 40 % sand, 40 % silt, 20 % clay`. */
export function figureWords({ detail }: { detail: FigureDetail }, units: Units): string {
  switch (detail.kind) {
    case 'stated':
      return String(detail.value);
    case 'stated-sun':
      return `${detail.hours} h a day`;
    case 'jar': {
      const { sand, silt, clay } = detail.shares;
      return `${detail.texture}: ${percent(sand)} sand, ${percent(silt)} silt, ${percent(clay)} clay`;
    }
    case 'feel':
      return detail.texture;
    case 'hole':
      return `${detail.drainage}: the water fell ${units.length(detail.cm_per_hour)} an hour`;
    case 'readings':
      return `${detail.middle.toFixed(1)}: ${readings(detail.count, detail.low, detail.high)}`;
    case 'water':
      return `${detail.step}: ${Math.round(detail.middle)} % water in ${detail.texture}, ${readings(detail.count, detail.low, detail.high)}`;
    case 'sun': {
      const day = `${detail.hours} h a day: ${detail.before} before solar noon, ${detail.after} after it`;
      if (!detail.watched) return day;
      const { days, known } = detail.watched;
      return `${day}; ${days === 1 ? 'one day' : `${days} days`} watched, ${percent(known)} of the season’s sky seen`;
    }
    case 'balance':
      return `${detail.step}: rain, thirst of the season and what the soil holds`;
  }
}
