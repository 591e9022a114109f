import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { Garden } from '~~/core/model/garden';
import type { SeasonCalendar } from '~~/core/season/calendar';
import { seasonEvents, type SeasonEvent } from '~~/core/words/events';

const KINDS: Record<SeasonEvent['kind'], string> = {
  flight: 'Flight',
  larvae: 'Caterpillars',
  bloom: 'Bloom',
  'second-bloom': 'Bloom',
  cut: 'Cut',
  sow: 'Sowing',
};
const partsOf = (iso: string, days = 0): DateArray => {
  const date = new Date(`${iso}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  return [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()];
};

/** A season as a calendar file of days: flights, blooms, cuts and sowings. The file gives the day after the last day of an event. */
export function icsText(events: readonly SeasonEvent[], garden: Pick<Garden, 'id' | 'name'>, year: number): string {
  const entries = events.map((event): EventAttributes => ({
    uid: `${event.key}-${year}@${garden.id}.outwash`,
    title: event.title,
    description: event.note,
    categories: [KINDS[event.kind]],
    start: partsOf(event.first),
    end: partsOf(event.last, 1),
    transp: 'TRANSPARENT',
    calName: `${garden.name}: ${year}`,
    productId: 'outwash',
  }));
  const { error, value } = createEvents(entries);
  if (error || !value) throw error ?? new Error('The calendar file came out empty.');
  return value;
}

/** Hands the season of a year to the person as a calendar file. */
export function seasonIcs(
  calendar: SeasonCalendar,
  garden: Pick<Garden, 'id' | 'name'>,
  year: number,
  siteName: (id: string) => string,
) {
  saveText(`${garden.id}-${year}.ics`, 'text/calendar', icsText(seasonEvents(calendar, year, siteName), garden, year));
}
