import { shelterHalfMonths, type Wintered } from '../coverage/needs';
import { dayName, halfMonthName, halfMonthsInWords, halfMonthsTouched, wrapDay, type DayWindow } from '../model/half-month';
import type { FlightHere, TargetHere } from '../model/here';
import type { Flight } from '../model/reference';
import type { FlightPart } from '../model/vocabulary';
import { broodsHere } from '../almanac/larval-periods';

const PARTS: Record<FlightPart, string> = {
  breeding: 'on the wing',
  passage: 'passing through',
  return: 'passing back',
  winter: 'wintering',
  'summer-sleep': 'asleep through the summer',
};

/** What a creature does in a part of its year, in words. */
export const partWords = ({ part, laying, broods }: Pick<FlightHere, 'part' | 'laying'> & { broods?: number }): string =>
  part === 'breeding' && !laying && broods === 0 ? 'on the wing, not laying' : PARTS[part];

/** The year of a creature in a garden: `on the wing early May to late August, passing back early to late September`. */
export function yearWords({ flights, flightHalfMonths }: Pick<TargetHere, 'flights' | 'flightHalfMonths'>): string {
  if (flights.length === 1) return halfMonthsInWords(flightHalfMonths);
  return flights.map((row) => `${partWords(row)} ${halfMonthsInWords(halfMonthsTouched(row.window))}`).join('; ');
}

/** A part of a creature's year in a region, as its row states it: `on the wing early May to late October, 3 broods`. */
export function statedPart({ part, first, last, broods, laying, zones }: Flight): string {
  const when = first === 0 && last === 23 ? 'all year' : `${halfMonthName(first)} to ${halfMonthName(last)}`;
  const many = laying && broods > 1 ? `, ${broods} broods` : '';
  return `${partWords({ part, laying, broods })} ${when}${many}${zones ? ` in zones ${zones.replace('-', ' to ')}` : ''}`;
}

/** The broods that the heat of a garden makes, in words: `3 broods`; nothing for a creature without caterpillars here. */
export function broodsWords(here: Pick<TargetHere, 'larval' | 'wintering'>): string {
  const broods = broodsHere(here);
  return broods === 0 ? '' : broods === 1 ? '1 brood' : `${broods} broods`;
}

/** When a creature's caterpillars feed in a garden, all broods together, in words: `3 May to 14 October`, `all year`. */
export function larvaeWords({ larval }: Pick<TargetHere, 'larval'>): string {
  const spans: DayWindow[] = [];
  for (const { from, to } of [...larval].sort((a, b) => a.from - b.from)) {
    const last = spans.at(-1);
    if (last && from <= last.to + 1) last.to = Math.max(last.to, to);
    else spans.push({ from, to });
  }
  const [first] = spans;
  // What runs over the new year into its own beginning is one long year.
  if (first && spans.length === 1 && first.to - first.from >= 364) return 'all year';
  return spans.map(({ from, to }) => `${dayName(wrapDay(from))} to ${dayName(wrapDay(to))}`).join(', ');
}

/** How a creature passes the winter in a garden, in words; nothing for one that has no rest here. */
export function winterWords(here: Wintered & Pick<TargetHere, 'occurrence'>): string {
  const { wintering, occurrence } = here;
  if (wintering.as === 'all-year') return 'breeds all year';
  const rests = occurrence.status === 'resident' && wintering.in !== 'elsewhere' && shelterHalfMonths(here).length > 0;
  return rests ? `winters in ${wintering.in}` : '';
}
