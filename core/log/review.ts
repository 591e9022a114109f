import { averageDay, averageDayOf, dayNumber, type DayNumber } from '../model/days';
import type { Planting } from '../model/garden';
import type { Almanac } from '../model/here';
import type { GardenTarget } from '../model/garden';
import type { Entry } from '../model/log';
import { isSighting } from '../model/vocabulary';
import { numberOf, type LogBook } from './book';
import { firstsOf, type FirstsRow, type SeenSpan } from './firsts';
import { ladderOf, type Ladder } from './stages';
import { countedWalks, rateOf, yearsCompared, type Rate, type YearsCompared } from './walks';

/** A creature that came in a year, beside the year before. */
interface Visitor {
  /** Its id, or (null) how it was called. */
  of: string | null;
  called: string;
  times: number;
  count: number;
  first: string;
  last: string;
  before: { times: number; count: number } | null;
}

/** A year of the log on one page. */
export interface YearReview {
  year: number;
  visitors: Visitor[];
  /** Creatures seen the year before and not in this one. */
  missing: string[];
  ladders: Ladder[];
  bloomed: (FirstsRow & { span: SeenSpan })[];
  losses: Entry[];
  /** Plants that turned out to be others, what spread, and what was eaten and grew back. */
  notes: Entry[];
  planted: Planting[];
  walks: { rate: Rate; compared: YearsCompared | null } | null;
}

export interface ReviewPlace {
  almanac: Pick<Almanac, 'plants' | 'targets'>;
  book: LogBook;
  targets: readonly GardenTarget[];
  plantings: readonly Planting[];
  today: DayNumber;
}

const nameKey = ({ of, called }: Entry): string => of ?? `called ${called}`;

function visitorsIn(entries: readonly Entry[]): Map<string, Entry[]> {
  const found = new Map<string, Entry[]>();
  for (const entry of entries)
    if (isSighting(entry.what)) {
      const rows = found.get(nameKey(entry));
      if (rows) rows.push(entry);
      else found.set(nameKey(entry), [entry]);
    }
  return found;
}
const counted = (entries: readonly Entry[]) => ({
  times: entries.length,
  count: entries.reduce((sum, entry) => sum + numberOf(entry), 0),
});

/** Who came, who bred, what bloomed when, what died and what was planted in a year, beside the year before. */
export function yearReview({ almanac, book, targets, plantings, today }: ReviewPlace, year: number): YearReview {
  const entries = book.inYear(year);
  // A year that is not over is compared with as much of the one before.
  const until = dayNumber(`${year}-12-31`) > today ? averageDay(today) : 365;
  const before = book.inYear(year - 1).filter((entry) => averageDayOf(entry.on_day) <= until);
  const [now, then] = [visitorsIn(entries), visitorsIn(before)];
  const visitors = [...now].map(([key, rows]): Visitor => {
    const days = rows.map((row) => row.on_day).sort();
    const was = then.get(key);
    const { of, called } = rows[0]!;
    return { of, called, ...counted(rows), first: days[0]!, last: days.at(-1)!, before: was ? counted(was) : null };
  });
  const walks = countedWalks(book, null);
  const rate = rateOf(walks.filter((walk) => walk.year === year));
  const plants = new Set(plantings.map((row) => row.plant));
  return {
    year,
    visitors: visitors.sort((a, b) => b.count - a.count || b.times - a.times),
    missing: [...then.values()].flatMap(([row]) => (row!.of !== null && !now.has(row!.of) ? [row!.of] : [])),
    ladders: targets.flatMap(({ target, ambition }) => {
      const here = almanac.targets.get(target);
      return here ? [ladderOf(here, ambition, book.about(target), year, today)] : [];
    }),
    bloomed: firstsOf(almanac, book, [], plants).flatMap((row) => {
      const span = row.years.find((one) => one.year === year);
      return span ? [{ ...row, span }] : [];
    }),
    losses: entries.filter((entry) => entry.what === 'lost'),
    notes: entries.filter(({ what }) => ['mislabelled', 'spread', 'eaten', 'grown-back', 'released'].includes(what)),
    planted: plantings.filter((row) => row.planted_year === year && !row.stays),
    walks: rate ? { rate, compared: yearsCompared(walks, year - 1, year) } : null,
  };
}
