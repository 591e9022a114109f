import { dayOfMonthDay, monthDayOf } from '../model/half-month';
import { partWords } from './flights';
import type { SeasonCalendar } from '../season/calendar';

/** Days of a year with a title, as a calendar elsewhere takes them; both days belong to it. */
export interface SeasonEvent {
  /** The same for the same thing in the same year, so that taking it in again replaces it. */
  key: string;
  kind: 'flight' | 'larvae' | 'bloom' | 'second-bloom' | 'cut' | 'sow';
  title: string;
  note: string;
  first: string;
  last: string;
}

/** The ISO date of a day of a year; days beyond 365 lie in the next. */
export function isoOfDay(year: number, day: number): string {
  return `${year + Math.floor((day - 1) / 365)}-${monthDayOf(day)}`;
}

/**
 * Flights, larval periods, blooms, cuts and sowings of a season's calendar as events of a year. `siteName`: a site by its
 * id. Plantings that do not flower then, and blooms of less than a day, are left out.
 */
export function seasonEvents(
  { flights, sections }: SeasonCalendar,
  year: number,
  siteName: (site: string) => string,
): SeasonEvent[] {
  const days = (from: number, to: number) => ({ first: isoOfDay(year, from), last: isoOfDay(year, to) });
  const events: SeasonEvent[] = [];
  for (const { here, larval } of flights) {
    const { id, common, scientific } = here.target;
    here.flights.forEach((row, i) =>
      events.push({
        key: here.flights.length === 1 ? `flight-${id}` : `flight-${id}-${i + 1}`,
        kind: 'flight',
        title: `${common} ${partWords(row)}`,
        note: scientific,
        ...days(row.window.from, row.window.to),
      }),
    );
    for (const period of larval)
      events.push({
        key: `larvae-${id}-${period.brood}`,
        kind: 'larvae',
        title: `Caterpillars of ${common}`,
        note: period.brood === 0 ? 'spring larvae' : `brood ${period.brood}`,
        ...days(period.from, period.to),
      });
  }
  const rows = [...new Map(sections.flatMap((section) => section.rows).map((row) => [row.planting.id, row])).values()];
  for (const { planting, here, parts, age } of rows) {
    const where = `${planting.count} in ${siteName(planting.site_id)}`;
    const { common } = here.plant;
    if (planting.sow_on) {
      const on = days(dayOfMonthDay(planting.sow_on), dayOfMonthDay(planting.sow_on));
      events.push({ key: `sow-${planting.id}`, kind: 'sow', title: `Sow ${common}`, note: where, ...on });
    }
    if (planting.cut) {
      const on = days(dayOfMonthDay(planting.cut.on), dayOfMonthDay(planting.cut.on));
      const title = `Cut ${Math.min(planting.cut.count, planting.count)} ${common} for a second bloom`;
      events.push({ key: `cut-${planting.id}`, kind: 'cut', title, note: where, ...on });
    }
    if (age === 'not-planted' || age === 'not-flowering' || age === 'gives-nothing') continue;
    const spells = parts.flatMap((part) => part.spells);
    const first = spells.filter((spell) => spell.after === 'winter');
    const second = spells.find((spell) => spell.after === 'cut');
    if (first.length > 0) {
      const window = days(Math.min(...first.map((s) => s.from)), Math.max(...first.map((s) => s.to)));
      events.push({ key: `bloom-${planting.id}`, kind: 'bloom', title: `${common} in flower`, note: where, ...window });
    }
    if (second)
      events.push({
        key: `second-${planting.id}`,
        kind: 'second-bloom',
        title: `${common} in flower again`,
        note: where,
        ...days(second.from, second.to),
      });
  }
  return events.sort((a, b) => a.first.localeCompare(b.first) || a.title.localeCompare(b.title));
}
