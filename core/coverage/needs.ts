import { drinksNectar } from '../match/nectar';
import { flightHalfMonths } from '../almanac/flight';
import type { Occurrence, Target } from '../model/reference';
import { HALF_MONTHS, halfMonthOfDay, halfMonthsBetween, type DayWindow } from '../model/half-month';
import type { Ambition, SpecialNeed, Stage } from '../model/vocabulary';
import { SETTINGS } from '../settings';
import type { LarvalPeriod } from '../model/here';
import { larvalHalfMonths } from '../almanac/larval-periods';

/** What one target requires in one stage. */
export interface Need {
  target: string;
  stage: Stage;
  /** Which special need; null for the other stages. */
  special: SpecialNeed | null;
  /** Half-months in which it is needed. */
  halfMonths: number[];
  /** Host: larvae a brood. Nectar: m² in bloom × value. Shelter: m². Special: 1, present. */
  demand: number;
  /** Nectar: kinds in bloom at once. Host: kinds of host. 0 elsewhere. */
  kinds: number;
}

/** Half-months between the last larvae of the year and the first of the next life, when the wintering stage lies up. */
export function shelterHalfMonths(
  target: Pick<Target, 'overwinters_as' | 'winter_larva'>,
  flight: DayWindow,
  larval: readonly LarvalPeriod[],
): number[] {
  if (target.overwinters_as === 'none-migrates') return [];
  const flightFirst = halfMonthOfDay(flight.from);
  const flightLast = halfMonthOfDay(flight.to);
  const spring = larval.find((period) => period.brood === 0);
  const lastLarva = Math.max(...larval.filter((p) => p.brood > 0).map((p) => p.to), 0);
  const rests =
    target.overwinters_as === 'adult' || target.overwinters_as === 'egg' || target.winter_larva === 'unfed'
      ? flightLast
      : lastLarva > 0
        ? halfMonthOfDay(lastLarva)
        : flightLast;
  const wakes = spring ? halfMonthOfDay(spring.from) : flightFirst;
  const first = (rests + 1) % HALF_MONTHS;
  const last = (wakes + HALF_MONTHS - 1) % HALF_MONTHS;
  // No winter rest where the year is one long season.
  return (last - first + HALF_MONTHS) % HALF_MONTHS >= HALF_MONTHS - 2 ? [] : halfMonthsBetween(first, last);
}

/** The middle third of a flight: males gather alkaloids once, as the summer broods fly, not all season. Judgement. */
export function middleThird(halfMonths: readonly number[]): number[] {
  const third = Math.ceil(halfMonths.length / 3);
  return halfMonths.length < 3 ? [...halfMonths] : halfMonths.slice(third, halfMonths.length - third);
}

/**
 * What a target needs in a garden, stage by stage, for the gardener's ambition. A visitor needs nectar only;
 * hummingbirds raise no larvae and need nest cover only where and while they nest.
 */
export function needsOf(
  target: Target,
  occurrence: Pick<Occurrence, 'status' | 'nest_first' | 'nest_last'>,
  flight: DayWindow,
  larval: readonly LarvalPeriod[],
  ambition: Ambition,
): Need[] {
  const flown = flightHalfMonths(flight);
  const needs: Need[] = [];
  const need = (stage: Stage, halfMonths: number[], demand: number, kinds = 0, special: SpecialNeed | null = null) => {
    if (halfMonths.length > 0 && demand > 0) needs.push({ target: target.id, stage, special, halfMonths, demand, kinds });
  };
  const { host, nectar, shelter } = SETTINGS;
  need('host', larvalHalfMonths(larval), host.larvae[ambition], target.patch_kinds ?? 1);
  if (drinksNectar(target)) {
    const factor = target.kind === 'hummingbird' ? nectar.hummingbirdFactor : 1;
    need('nectar', flown, nectar.units[ambition] * factor, nectar.kinds[ambition]);
  }
  if (occurrence.status === 'resident' && target.overwinters_in !== 'elsewhere')
    need('shelter', shelterHalfMonths(target, flight, larval), shelter.area[ambition]);
  const wanted = ambition === 'visits' ? target.special_needs.filter((s) => s === 'fruit') : target.special_needs;
  const { nest_first: nestFirst, nest_last: nestLast } = occurrence;
  const when = (special: SpecialNeed) => {
    if (special === 'alkaloid') return middleThird(flown);
    if (special === 'nest-cover') return nestFirst === null || nestLast === null ? [] : halfMonthsBetween(nestFirst, nestLast);
    return flown;
  };
  for (const special of wanted) need('special', when(special), 1, 0, special);
  return needs;
}
