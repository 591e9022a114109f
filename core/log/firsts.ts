import { averageDayOf } from '../model/days';
import { turnedTo, type DayWindow } from '../model/half-month';
import type { Almanac, PlantHere, TargetHere } from '../model/here';
import type { Entry } from '../model/log';
import { calculatedEnds, isDated } from './dates';
import type { LogBook } from './book';

/** First and last days of one season of a plant or creature, on the scale of the expected window. */
export interface SeenSpan {
  year: number;
  first: number;
  last: number;
  /** Days later (negative: earlier) than expected; of a creature's last and a plant's unseen end null. */
  firstLate_d: number | null;
  lastLate_d: number | null;
}

/** What is expected of a plant or creature, and what was seen of it year by year. */
export interface FirstsRow {
  kind: 'flight' | 'bloom';
  of: string;
  name: string;
  /** As calculated before anything was seen, and as it counts now. */
  expected: DayWindow;
  counts: DayWindow | null;
  years: SeenSpan[];
}

/** The days of a season, brought beside the expected window: a day nearer to next year's belongs to that. */
function spansOf(entries: readonly Entry[], expected: DayWindow, kind: FirstsRow['kind']): SeenSpan[] {
  const middle = (expected.from + expected.to) / 2;
  const years = new Map<number, { days: number[]; first: number[]; last: number[] }>();
  for (const entry of entries) {
    if (!isDated(entry) || entry.counts_as === 'neither') continue;
    const day = averageDayOf(entry.on_day);
    const beside = turnedTo(day, Math.round(middle));
    const year = Number(entry.on_day.slice(0, 4)) + Math.round((day - beside) / 365);
    const row = years.get(year) ?? { days: [], first: [], last: [] };
    years.set(year, row);
    row.days.push(beside);
    if (kind === 'flight' || entry.what === 'first-flower') row.first.push(beside);
    if (kind === 'flight' || entry.what === 'last-flower') row.last.push(beside);
  }
  const late = (days: number[], expectedDay: number, most: (...all: number[]) => number) =>
    days.length === 0 ? null : most(...days) - expectedDay;
  return [...years]
    .map(([year, { days, first, last }]) => ({
      year,
      first: Math.min(...days),
      last: Math.max(...days),
      firstLate_d: late(first, expected.from, Math.min),
      lastLate_d: late(last, expected.to, Math.max),
    }))
    .sort((a, b) => a.year - b.year);
}

function rowOf(here: PlantHere | TargetHere, book: LogBook): FirstsRow | null {
  const expected = calculatedEnds(here);
  if (!expected) return null;
  const flies = 'target' in here;
  const { id, common } = flies ? here.target : here.plant;
  const kind = flies ? 'flight' : 'bloom';
  const counts = flies ? here.flight : here.bloom;
  return { kind, of: id, name: common, expected, counts, years: spansOf(book.about(id), expected, kind) };
}

/** Expected against seen, for creatures and then for plants, each in the order of the year. */
export function firstsOf(
  almanac: Pick<Almanac, 'plants' | 'targets'>,
  book: LogBook,
  targets: Iterable<string>,
  plants: Iterable<string>,
): FirstsRow[] {
  const rows = (here: (PlantHere | TargetHere | undefined)[]) =>
    here
      .flatMap((one) => (one ? (rowOf(one, book) ?? []) : []))
      .sort((a, b) => a.expected.from - b.expected.from || a.name.localeCompare(b.name, 'en'));
  return [...rows([...targets].map((id) => almanac.targets.get(id))), ...rows([...plants].map((id) => almanac.plants.get(id)))];
}
