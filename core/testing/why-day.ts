import { LogBook } from '../log/book';
import { dayNumber } from '../model/days';
import type { Entry } from '../model/log';
import type { Work } from '../model/work';
import type { WeatherDay } from '../place/weather/weather';
import type { WhyDay } from '../why/subject';

/** A mild day without rain: nothing speaks of it. */
const MILD: WeatherDay = { low_c: 12, high_c: 24, rain_mm: 0, et0_mm: 2 };

/** A day of mild weather with 9 mm of rain every third day before it, the last days as they are given, the latest last. */
export function whyDay(
  today: string,
  {
    last = [],
    said = [],
    log = [],
  }: { last?: readonly Partial<WeatherDay>[]; said?: readonly Work[]; log?: readonly Entry[] } = {},
): WhyDay {
  const on = dayNumber(today);
  const days = 340;
  const first = on - days + 1;
  const past = Array.from({ length: days }, (_, i) => {
    const given = last[i - (days - last.length)];
    return { ...MILD, rain_mm: (first + i) % 3 === 0 ? 9 : 0, ...given };
  });
  return { weather: { first, past, forecast: [] }, said, log: new LogBook(log) };
}

/** Work that was done: the name of its task, and when. */
export const doneWork = (task: string, on_day: string, over: Partial<Work> = {}): Work => ({
  id: `${task} ${on_day}`,
  revision: 0,
  what: 'done',
  task,
  on_day,
  until: null,
  title: '',
  action: null,
  site_id: null,
  minutes: null,
  every_days: null,
  litres: null,
  note: '',
  ...over,
});

/** So many days alike. */
export const alike = (days: number, day: Partial<WeatherDay>): Partial<WeatherDay>[] => Array.from({ length: days }, () => day);
