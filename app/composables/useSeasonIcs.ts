import type { Garden } from '~~/core/model/garden';
import type { SeasonCalendar } from '~~/core/season/calendar';
import { seasonEvents, type SeasonEvent } from '~~/core/words/events';
import { icsOf } from './useIcs';

const KINDS: Record<SeasonEvent['kind'], string> = {
  flight: 'Flight',
  larvae: 'Caterpillars',
  bloom: 'Bloom',
  'second-bloom': 'Bloom',
  cut: 'Cut',
  sow: 'Sowing',
};
/** A season as a calendar file of days: flights, blooms, cuts and sowings. */
export function icsText(events: readonly SeasonEvent[], garden: Pick<Garden, 'id' | 'name'>, year: number): string {
  const rows = events.map((event) => ({ ...event, key: `${event.key}-${year}`, category: KINDS[event.kind] }));
  return icsOf(rows, garden, `${garden.name}: ${year}`);
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
