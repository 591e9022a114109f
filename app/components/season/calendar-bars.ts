import { dayName, wrapDay } from '~~/core/model/half-month';
import { partWords } from '~~/core/words/flights';
import type { BloomPart } from '~~/core/almanac/bloom/planting-bloom';
import type { FirstsRow } from '~~/core/log/firsts';
import type { BloomRow, FlightRow } from '~~/core/season/calendar';

/** A bar of a row of the calendar. */
export interface Bar {
  from: number;
  to: number;
  /** Height of the bar and where its middle lies, of 20. */
  height: number;
  y: number;
  fill: string;
  stroke?: string;
  dash?: string;
  title: string;
}

/** A first or last day that was seen. */
export interface SeenMark {
  day: number;
  latest: boolean;
  title: string;
}

/** The first and last days of the latest years seen, up to a year; those of the last one stand out. */
export function seenMarks({ years, kind }: FirstsRow, until: number): SeenMark[] {
  const rows = years.filter(({ year }) => year <= until).slice(-3);
  const [first, last] = kind === 'bloom' ? ['first flower', 'last flower'] : ['first adult', 'last adult'];
  return rows.flatMap(({ year, first: from, last: to, firstLate_d, lastLate_d }, i) => {
    const latest = i === rows.length - 1;
    const mark = (day: number, what: string) => ({
      day: wrapDay(day),
      latest,
      title: `${what} seen ${dayName(wrapDay(day))} ${year}`,
    });
    return [...(firstLate_d === null ? [] : [mark(from, first)]), ...(lastLate_d === null ? [] : [mark(to, last)])];
  });
}

type Days = { from: number; to: number };
export const daysWords = ({ from, to }: Days) => (to - from >= 364 ? 'all year' : `${dayName(from)} to ${dayName(to)}`);

export const AGE_WORDS: Record<BloomRow['age'], string> = {
  grown: '',
  young: 'young still',
  'not-flowering': 'too young to flower',
  'not-planted': 'not planted yet',
  'gives-nothing': 'does not fit here',
};

/** The flight of a creature, and beneath it the time of its caterpillars. */
export function flightBars({ here, larval }: FlightRow): Bar[] {
  return [
    ...here.flights.map((row): Bar => {
      const title = `${partWords(row)} ${daysWords(row.window)}`;
      const asleep = row.part === 'summer-sleep';
      return {
        ...row.window,
        // Who lays is drawn in full, who only flies thinner, who sleeps as an outline.
        height: row.laying ? 6 : 3.5,
        y: 6.5,
        fill: asleep ? 'none' : 'var(--ink)',
        ...(asleep ? { stroke: 'var(--quiet)', dash: '3 2' } : {}),
        title,
      };
    }),
    ...larval.map((period) => ({
      from: period.from,
      to: period.to,
      height: 4,
      y: 14.5,
      fill: 'var(--host)',
      title: `${period.brood === 0 ? 'spring larvae' : `caterpillars of brood ${period.brood}`} ${daysWords(period)}`,
    })),
  ];
}

/** The bloom of a planting in its own colour, hollow where it does not flower yet; its leaf, where it is a host. */
export function bloomBars({ here, parts, foliage, age }: BloomRow): Bar[] {
  const hollow = age === 'not-planted' || age === 'not-flowering' || age === 'gives-nothing';
  const bars: Bar[] = foliage
    ? [{ ...foliage, height: 2.6, y: 17, fill: 'var(--host)', title: `in leaf ${daysWords(foliage)}` }]
    : [];
  parts.forEach((part, p) =>
    part.spells.forEach((spell) =>
      bars.push({
        from: spell.from,
        to: spell.to,
        height: (spell.after === 'cut' ? 7 : 10) * (parts.length > 1 ? 0.55 : 1),
        y: parts.length > 1 ? 4.5 + p * 6 : 7.5,
        fill: hollow ? 'none' : here.plant.colour_hex,
        stroke: hollow ? 'var(--quiet)' : 'var(--ink)',
        dash: hollow ? '3 2' : undefined,
        title: `${spell.after === 'cut' ? 'flowers again' : 'flowers'} ${daysWords(spell)}${parts.length > 1 ? ` (part ${p + 1})` : ''}`,
      }),
    ),
  );
  return bars;
}

/** When a planting flowers, in words. */
export const bloomWords = ({ parts }: BloomRow) => spellsWords(parts);

/** The spells of a planting's parts in words: `1 May to 15 June, again 1 July to 31 July`. */
export function spellsWords(parts: readonly BloomPart[]): string {
  const spells = [
    ...new Set(
      parts.flatMap((part) => part.spells).map((spell) => `${spell.after === 'cut' ? 'again ' : ''}${daysWords(spell)}`),
    ),
  ];
  return spells.length === 0 ? 'no flowers' : spells.join(', ');
}
