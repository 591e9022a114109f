import { getQuery } from 'h3';
import { date, isWithin } from '../../../../../core/model/fields';
import { dayInYear, dayNumber, yearOf } from '../../../../../core/model/days';
import { Fault } from '../../../../database/faults';
import { weatherStation } from '../../../../devices/weather-station';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Reads the simulated weather station: the days from the first of last year up to a day, and the forecast of the seven after it.',
    query: { on: 'The day, as 2026-05-14.' },
    answers: 'the days, oldest first, and the forecast',
  },
  (request) => {
    const on = date.safeParse(getQuery(request.event).on);
    if (!on.success || !isWithin(on.data))
      throw new Fault(422, 'Say for which day between 1950 and 2150 the weather is wanted, as ?on=2026-05-14.');
    const today = dayNumber(on.data);
    const first = dayInYear(yearOf(today) - 1, 1);
    const station = weatherStation(request.here);
    // It follows from the garden's place, which may be corrected.
    request.header('Cache-Control', 'no-store');
    return { first, past: station.days(first, today), forecast: station.forecast(today) };
  },
);
