import { drinksNectar } from '../match/nectar';
import { onTheWing } from '../almanac/flight';
import { HALF_MONTHS, halfMonthOfDay, halfMonthsBetween, halfMonthsTouched } from '../model/half-month';
import type { Target } from '../model/reference';
import { AMBITIONS, type Ambition, type SpecialNeed, type Stage } from '../model/vocabulary';
import { SETTINGS } from '../settings';
import type { FlightHere, TargetHere } from '../model/here';
import { larvalHalfMonths } from '../almanac/larval-periods';

/** What of a target's year its winter rest follows from. */
export type Wintered = Pick<TargetHere, 'wintering' | 'flights' | 'flight' | 'larval'>;
/** What of a target in a garden its needs follow from. */
export type NeedyTarget = Wintered & Pick<TargetHere, 'target' | 'occurrence' | 'flightHalfMonths'>;

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

/** Half-months of the year in which its adults are on the wing at all. */
const winged = (flights: readonly FlightHere[]) =>
  new Set(flights.filter(onTheWing).flatMap(({ window }) => halfMonthsTouched(window)));

/**
 * Half-months between the last larvae of the year and the first of the next life, when the wintering stage lies up. None for
 * what winters elsewhere, breeds on through the winter, or is on the wing in every month.
 */
export function shelterHalfMonths({ wintering, flights, flight, larval }: Wintered): number[] {
  if (wintering.as === 'none-migrates' || wintering.as === 'all-year') return [];
  if (winged(flights).size === HALF_MONTHS) return [];
  const flightFirst = halfMonthOfDay(flight.from);
  const flightLast = halfMonthOfDay(flight.to);
  const spring = larval.find((period) => period.brood === 0);
  const lastLarva = Math.max(...larval.filter((p) => p.brood > 0).map((p) => p.to), 0);
  const rests =
    wintering.as === 'adult' || wintering.as === 'egg' || wintering.larva === 'unfed'
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

/** Half-months from nest building to the last fledgling; none where it does not nest or only passes or winters here. */
export function nestingHalfMonths({ occurrence, flights }: Pick<TargetHere, 'occurrence' | 'flights'>): number[] {
  const { nest_first: first, nest_last: last } = occurrence;
  return first === null || last === null || !flights.some((row) => row.part === 'breeding') ? [] : halfMonthsBetween(first, last);
}

/** The middle third of a flight: males gather alkaloids once, as the summer broods fly, not all season. Judgement. */
export function middleThird(halfMonths: readonly number[]): number[] {
  const third = Math.ceil(halfMonths.length / 3);
  return halfMonths.length < 3 ? [...halfMonths] : halfMonths.slice(third, halfMonths.length - third);
}

/** The ambitions that make sense for a creature: one whose adults eat nothing cannot be had as a visitor. */
export const ambitionsFor = ({ adult_food }: Pick<Target, 'adult_food'>): readonly Ambition[] =>
  adult_food === 'none' ? AMBITIONS.filter((ambition) => ambition !== 'visits') : AMBITIONS;

/**
 * What a target needs in a garden, stage by stage, for the gardener's ambition. A visitor needs nectar only;
 * hummingbirds raise no larvae and need nest cover only where and while they nest.
 */
export function needsOf(here: NeedyTarget, chosen: Ambition): Need[] {
  const { target, occurrence, flightHalfMonths: flown, larval, wintering } = here;
  const ambition = ambitionsFor(target).includes(chosen) ? chosen : 'breeds';
  const needs: Need[] = [];
  const need = (stage: Stage, halfMonths: number[], demand: number, kinds = 0, special: SpecialNeed | null = null) => {
    if (halfMonths.length > 0 && demand > 0) needs.push({ target: target.id, stage, special, halfMonths, demand, kinds });
  };
  const { host, nectar, shelter } = SETTINGS;
  // Eggs laid in a mass are raised together or not at all.
  const larvae = ambition === 'visits' ? 0 : Math.max(host.larvae[ambition], target.clutch ?? 0);
  need('host', larvalHalfMonths(larval), larvae, target.patch_kinds ?? 1);
  if (drinksNectar(target)) {
    const isBird = target.kind === 'hummingbird';
    const kinds = isBird ? nectar.hummingbirdKinds : nectar.kinds;
    need('nectar', flown, nectar.units[ambition] * (isBird ? nectar.hummingbirdFactor : 1), kinds[ambition]);
  }
  if (occurrence.status === 'resident' && wintering.in !== 'elsewhere')
    need('shelter', shelterHalfMonths(here), shelter.area[ambition]);
  const wanted = ambition === 'visits' ? target.special_needs.filter((s) => s === 'fruit') : target.special_needs;
  const when = (special: SpecialNeed) => {
    if (special === 'alkaloid') return middleThird(flown);
    if (special === 'nest-cover') return nestingHalfMonths(here);
    return flown;
  };
  for (const special of wanted) need('special', when(special), 1, 0, special);
  return needs;
}
