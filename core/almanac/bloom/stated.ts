import type { BloomRow, Plant } from '../../model/reference';
import { dayOfMonthDay, daysOfHalfMonths, turnedTo, type DayWindow } from '../../model/half-month';
import type { Clime } from '../../place/climate/region-climate';
import { frostFree } from '../../place/climate/frost';
import type { Frosts, MovedStatement } from '../../model/here';
import { SETTINGS } from '../../settings';
import { lawOf, openingShift } from './opening';

/** A garden and the climes that its dates are moved from. */
export interface BloomPlace {
  garden: Clime;
  /** The middles of all regions, by id. */
  climes: ReadonlyMap<string, Clime>;
  /** How unlike the climate of each region is to the garden's own, in days. */
  distances: ReadonlyMap<string, number>;
  frosts: Frosts;
  halfZone: string;
}

/** A bloom window as it is stated for a region, in days of the year. */
export interface BloomStatement extends DayWindow {
  region: string;
}

/** All that is stated of a plant's bloom: in its own row, by half-months, and in rows of other regions, by days. */
export function statementsOf(plant: Plant, rows: readonly BloomRow[]): BloomStatement[] {
  const dated = rows.map((row) => {
    const from = dayOfMonthDay(row.first);
    const to = dayOfMonthDay(row.last);
    return { region: row.region, from, to: to < from ? to + 365 : to };
  });
  if (plant.bloom_first === null || plant.bloom_last === null) return dated;
  if (dated.some((row) => row.region === plant.bloom_ref)) return dated;
  return [{ region: plant.bloom_ref, ...daysOfHalfMonths(plant.bloom_first, plant.bloom_last) }, ...dated];
}

/** The statements that count in a garden and how much: its own region's alone, else the two nearest in climate. */
function countingHere(statements: readonly BloomStatement[], { garden, distances }: BloomPlace) {
  const own = statements.find((statement) => statement.region === garden.region);
  if (own) return [{ statement: own, weight: 1 }];
  const near = statements
    .map((statement) => ({ statement, distance: distances.get(statement.region)! }))
    .sort((a, b) => a.distance - b.distance);
  const [nearest, next] = near;
  if (!nearest) return [];
  if (!next) return [{ statement: nearest.statement, weight: 1 }];
  const nearness = (distance: number) => 1 / Math.max(1, distance) ** SETTINGS.climate.nearerCounts;
  const weight = nearness(nearest.distance) / (nearness(nearest.distance) + nearness(next.distance));
  return [
    { statement: nearest.statement, weight },
    { statement: next.statement, weight: 1 - weight },
  ];
}

/** A stated window moved to a garden by the plant's law; its length is kept. */
function movedHere(plant: Plant, statement: BloomStatement, { garden, climes, frosts }: BloomPlace): DayWindow {
  const { from, to } = statement;
  const allYear = to - from >= 364;
  const law = lawOf(plant);
  if (allYear && (law !== 'ever' || frostFree(frosts).days === 365)) return { from: 1, to: 365 };
  // Where frost kills it to the ground an ever-blooming plant flowers again some weeks after the last one.
  if (allYear) {
    const opens = frostFree(frosts).from + SETTINGS.climate.everAgain_d;
    return { from: opens, to: opens + 364 };
  }
  const shift = Math.round(openingShift(law, from, climes.get(statement.region)!, climes.get(garden.region)!, garden));
  return { from: from + shift, to: to + shift };
}

/** What is stated of a plant's bloom where the climate is nearest to a garden's, each moved there; nearest first. */
export const movedStatements = (plant: Plant, statements: readonly BloomStatement[], place: BloomPlace): MovedStatement[] =>
  countingHere(statements, place).map(({ statement, weight }) => {
    const { region, from, to } = statement;
    return { region, stated: { from, to }, weight, moved: movedHere(plant, statement, place) };
  });

/** Windows blended by their weights; each is first brought to the side of the year on which the first lies. */
export function blended(moved: readonly MovedStatement[]): DayWindow {
  const anchor = moved[0]!.moved.from;
  let [from, to] = [0, 0];
  for (const { moved: window, weight } of moved) {
    const start = turnedTo(window.from, anchor);
    from += weight * start;
    to += weight * (start + window.to - window.from);
  }
  return { from: Math.round(from), to: Math.round(to) };
}
