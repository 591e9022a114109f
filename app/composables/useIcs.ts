import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { Garden } from '~~/core/model/garden';

/** Days with a title, as a calendar elsewhere takes them; both days belong to it. */
export interface IcsEvent {
  key: string;
  category: string;
  title: string;
  note: string;
  first: string;
  last: string;
}

const partsOf = (iso: string, days = 0): DateArray => {
  const date = new Date(`${iso}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  return [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()];
};

/** Events of a garden as the text of a calendar file. The file gives the day after the last day of an event. */
export function icsOf(events: readonly IcsEvent[], garden: Pick<Garden, 'id'>, calName: string): string {
  const entries = events.map((event): EventAttributes => ({
    uid: `${event.key}@${garden.id}.outwash`,
    title: event.title,
    description: event.note,
    categories: [event.category],
    start: partsOf(event.first),
    end: partsOf(event.last, 1),
    transp: 'TRANSPARENT',
    calName,
    productId: 'outwash',
  }));
  const { error, value } = createEvents(entries);
  if (error || !value) throw error ?? new Error('The calendar file came out empty.');
  return value;
}
