/** States and territories that keep no summer time. */
const NO_SUMMER_TIME = new Set(['AZ', 'HI', 'PR', 'VI', 'GU', 'SK', 'YT']);

/** Day of the month of the nth Sunday (1 the first) of a month (1–12). */
function nthSunday(year: number, month: number, nth: number): number {
  const weekday = new Date(Date.UTC(year, month - 1, 1)).getUTCDay();
  return 1 + ((7 - weekday) % 7) + 7 * (nth - 1);
}

/**
 * Hours by which a clock at a longitude (degrees) is ahead of UTC on a date (YYYY-MM-DD): the zone of the nearest
 * whole hour, with summer time from the second Sunday of March to the first of November where it is kept. The lines
 * between the zones wander: it is a first answer to be looked at.
 */
export function clockOffset(lon: number, date: string, jurisdiction: string | null): number {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const standard = Math.round(lon / 15);
  if (jurisdiction && NO_SUMMER_TIME.has(jurisdiction)) return standard;
  const began = month > 3 || (month === 3 && day >= nthSunday(year, 3, 2));
  const ended = month > 11 || (month === 11 && day >= nthSunday(year, 11, 1));
  return standard + (began && !ended ? 1 : 0);
}
