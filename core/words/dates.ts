import type { BloomSteps, PlantHere, TargetHere, Settled, Frosts } from '../model/here';
import type { Phenology } from '../model/vocabulary';
import { listed } from './lists';
import { type DayWindow, dayName, dayOfMonthDay, turnedTo, wrapDay } from '../model/half-month';

/** How a bloom or a flight of this garden comes about, step by step, in words. */
export interface DateStory {
  kind: 'bloom' | 'flight';
  of: string;
  name: string;
  /** What is stated of it, and where: the nearest in climate first. */
  stated: { window: DayWindow; where: string }[];
  moved: DayWindow;
  /** By how much and by which law. */
  shift: string;
  frost: string;
  own: string;
  /** What counts in the end; null where it does not flower here. */
  window: DayWindow | null;
}

/** How far spring is moved, in words: `spring 6 days later here`. */
function shiftWords(delay_d: number): string {
  const days = Math.round(Math.abs(delay_d));
  return days === 0
    ? 'spring as there'
    : `spring ${days} ${days === 1 ? 'day' : 'days'} ${delay_d > 0 ? 'later' : 'earlier'} here`;
}

/** By what a bloom keeps time, in words. */
const LAW_WORDS: Record<Phenology, string> = {
  spring: 'by the heat of spring',
  summer: 'by the heat of summer',
  autumn: 'by short days',
  rain: 'with the rains',
  tender: 'from the last frost',
  ever: 'where no frost cuts it back',
};

/** How far a bloom is moved and by which law: `opens 12 days earlier than there, by the heat of spring`. */
function openingWords({ law, from, moved }: BloomSteps): string {
  const [nearest, next] = from;
  const turned = turnedTo(moved.from - nearest!.stated.from, 0);
  const how = LAW_WORDS[law];
  const share = Math.round(nearest!.weight * 100);
  if (next && share < 100) return `between the two, ${share} % the first; ${how}`;
  if (turned === 0) return `as there, ${how}`;
  const span = Math.abs(turned);
  return `opens ${span} ${span === 1 ? 'day' : 'days'} ${turned > 0 ? 'later' : 'earlier'} than there, ${how}`;
}

/** A settled day in words: `first 9 June 2026, 12 June 2025: moved by half`. */
function settledWords(end: 'first' | 'last', settled: Settled | null): string {
  if (!settled) return '';
  const days = settled.years.map((row) => `${dayName(wrapDay(row.day))} ${row.year}`).join(', ');
  const share = settled.weight;
  const effect =
    share === 1
      ? 'counts as it is'
      : share === 0
        ? `does not shorten it before there are three years`
        : `moves it by ${Math.round(share * 100)} %`;
  return `${end} ${days}: ${effect}`;
}
const ownWords = ({ first, last }: { first: Settled | null; last: Settled | null }) =>
  [settledWords('first', first), settledWords('last', last)].filter(Boolean).join('; ');

/** What the frosts do to a bloom, in words. */
function frostWords(
  { moved, bounded }: { moved: DayWindow; bounded: DayWindow | null },
  here: PlantHere,
  frosts: Frosts,
): string {
  if (!bounded) return 'no season between the frosts';
  const words = [];
  if (bounded.from > moved.from) words.push(`not before ${dayName(bounded.from)}`);
  if (bounded.to < moved.to) words.push(`not after ${dayName(wrapDay(bounded.to))}`);
  if (bounded.to > moved.to)
    words.push(frosts.first_frost ? `goes on to the frost, ${dayName(dayOfMonthDay(frosts.first_frost))}` : 'goes on: no frost');
  return words.join('; ') || (here.plant.blooms_to_frost ? 'ends with it' : '');
}

/** The story of a plant's bloom; null for one without flowers. */
export function bloomStory(here: PlantHere, frosts: Frosts, regionName: (id: string) => string): DateStory | null {
  const steps = here.bloomSteps;
  if (!steps?.window) return null;
  return {
    kind: 'bloom',
    of: here.plant.id,
    name: here.plant.common,
    stated: steps.from.map((row) => ({ window: row.stated, where: regionName(row.region) })),
    moved: steps.moved,
    shift: openingWords(steps),
    frost: frostWords(steps, here, frosts),
    own: ownWords(steps.own),
    window: steps.window,
  };
}

/** The story of a creature's flight. */
export function flightStory(
  { target, flight, flightSteps }: TargetHere,
  where: string,
  regionName: (id: string) => string,
): DateStory {
  const { near } = flightSteps;
  const beyond = near.map(({ region, share }) => `${Math.round(100 * share)} % ${regionName(region)}`);
  return {
    kind: 'flight',
    of: target.id,
    name: target.common,
    stated: [
      { window: flightSteps.stated, where },
      ...near.map(({ region, stated }) => ({ window: stated, where: regionName(region) })),
    ],
    moved: flightSteps.moved,
    shift: [shiftWords(flightSteps.delay_d), ...(beyond.length > 0 ? [`near a border: ${listed(beyond)}`] : [])].join('; '),
    frost: '',
    own: ownWords(flightSteps.own),
    window: flight,
  };
}
