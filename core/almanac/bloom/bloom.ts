import type { BloomRow, Plant } from '../../model/reference';
import type { Seen } from '../../model/seen';
import { isWoody } from '../../model/vocabulary';
import { HALF_MONTHS, dayOfMonthDay, firstDay, lastDay, shareOfHalfMonth, type DayWindow } from '../../model/half-month';
import type { Clime } from '../../place/climate/region-climate';
import { livesThroughWinter } from '../../place/climate/zones';
import { frostAfter, frostFree } from '../../place/climate/frost';
import { shortDayShift } from '../../place/climate/shift';
import type { Frosts, BloomSteps, MovedStatement } from '../../model/here';
import { SETTINGS } from '../../settings';
import { lawOf, openingShift, witherWithHeat } from './opening';
import { ownBloom } from './own-dates';

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

/** A window brought so far that it begins within the year. */
function inYear({ from, to }: DayWindow): DayWindow {
  const turn = from < 1 ? 365 : from > 365 ? -365 : 0;
  return { from: from + turn, to: to + turn };
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
  const from = firstDay(plant.bloom_first);
  const to = lastDay(plant.bloom_last);
  return [{ region: plant.bloom_ref, from, to: to < from ? to + 365 : to }, ...dated];
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

/** Windows blended by their weights; each is first brought to the side of the year on which the first lies. */
function blended(moved: readonly MovedStatement[]): DayWindow {
  const anchor = moved[0]!.moved.from;
  const mean = (of: (window: DayWindow) => number) =>
    Math.round(
      moved.reduce((sum, { moved: window, weight }) => {
        const turn = 365 * Math.round((anchor - window.from) / 365);
        return sum + weight * (of(window) + turn);
      }, 0),
    );
  return { from: mean((window) => window.from), to: mean((window) => window.to) };
}

/** Did a stated bloom end with the frost, or the year, of its region? One that ended sooner was not ended by it. */
function endedByFrost({ region, stated }: MovedStatement, { climes }: BloomPlace): boolean {
  return stated.to >= (climes.get(region)!.frost ?? 365) - SETTINGS.climate.hardyBloomAfterFrost;
}

/** What of a window lies within the frost-free season, whichever turn of the year it lies in; null for none of it. */
function withinSeason(window: DayWindow, frosts: Frosts): DayWindow | null {
  const season = frostFree(frosts);
  if (season.days === 365) return window;
  const cut = [-365, 0, 365]
    .map((turn) => ({ from: Math.max(window.from, season.from + turn), to: Math.min(window.to, season.to + turn) }))
    .reduce((best, next) => (next.to - next.from > best.to - best.from ? next : best));
  return cut.to >= cut.from ? inYear(cut) : null;
}

/**
 * A moved window kept within a garden's frosts: what is tender flowers only between them; a hardy annual to the first; a
 * herb three weeks past it; woody plants by their own clock, but to the first frost where they flower on as long as they
 * grow, or their winter kills them. What went on to the frost where it is stated goes on to this one (`toFrost`), a sown
 * plant no longer than SETTINGS.climate.tenderLonger times its stated length. Null where the frosts leave it no season.
 */
function boundByFrost(plant: Plant, moved: DayWindow, toFrost: boolean, { frosts, halfZone }: BloomPlace): DayWindow | null {
  const law = lawOf(plant);
  const kept = { ...moved };
  const frost = frostAfter(kept.from, frosts);
  if (toFrost) {
    const longest =
      plant.kind === 'annual' ? kept.from + Math.round(SETTINGS.climate.tenderLonger * (kept.to - kept.from)) : Infinity;
    kept.to = Math.min(frost === null ? Math.max(kept.to, 365) : Math.max(kept.from, frost), longest, kept.from + 364);
  }
  if (law === 'tender' || law === 'ever') return withinSeason(kept, frosts);
  // What opens with the rains, or long after the frosts of autumn have begun, is made for the winter.
  const byItsClock = isWoody(plant) && kept.to - kept.from < SETTINGS.climate.growsOn_d && livesThroughWinter(plant, halfZone);
  if (frost !== null && !byItsClock && law !== 'rain') {
    const spared = plant.kind === 'annual' || isWoody(plant) ? 0 : SETTINGS.climate.hardyBloomAfterFrost + 1;
    const last = frost - 1 + spared;
    kept.to = Math.min(kept.to, kept.from <= last - 365 ? last - 365 : last);
  }
  return kept.to >= kept.from ? inYear(kept) : null;
}

/**
 * When a plant flowers in this garden, step by step: what is stated of it where the climate is nearest (the two nearest
 * blended, where its own region says nothing), moved here by the law of its phenology class with its length kept,
 * bounded by this garden's frosts, and settled by the gardener's own dates (in `year`, or null in a usual one), which win
 * over both. Null for a plant without flowers.
 */
export function bloomSteps(
  plant: Plant,
  statements: readonly BloomStatement[],
  place: BloomPlace,
  seen: readonly Seen[] = [],
  year: number | null = null,
): BloomSteps | null {
  const from = countingHere(statements, place).map(({ statement, weight }): MovedStatement => {
    const { region, from: first, to } = statement;
    return { region, stated: { from: first, to }, weight, moved: movedHere(plant, statement, place) };
  });
  if (from.length === 0) return null;
  const moved = inYear(blended(from));
  const bounded = boundByFrost(plant, moved, plant.blooms_to_frost && endedByFrost(from[0]!, place), place);
  const { first, last, window } = ownBloom(bounded ?? moved, seen, plant.id, year);
  return {
    law: lawOf(plant),
    from,
    moved,
    bounded,
    own: { first, last },
    window: bounded || first || last ? window : null,
  };
}

/**
 * When a plant stands in leaf here: from the heat of spring, to the short days of autumn; evergreens (half-months 0–23) all
 * year, and what the frost kills no longer than it.
 */
export function foliageWindow(
  plant: Plant,
  bloom: DayWindow | null,
  { garden, climes, frosts, halfZone }: BloomPlace,
): DayWindow {
  if ((plant.foliage_last - plant.foliage_first + HALF_MONTHS) % HALF_MONTHS === HALF_MONTHS - 1) return { from: 1, to: 365 };
  const reference = climes.get(plant.bloom_ref)!;
  const middle = climes.get(garden.region)!;
  const first = firstDay(plant.foliage_first);
  const last = lastDay(plant.foliage_last) + (plant.foliage_last < plant.foliage_first ? 365 : 0);
  const law = lawOf(plant);
  const moves = law === 'autumn' ? 'spring' : law;
  const opens = openingShift(moves, first, reference, middle, garden);
  const falls =
    law === 'rain'
      ? opens
      : witherWithHeat(last)
        ? openingShift(moves, last, reference, middle, garden)
        : shortDayShift(reference, garden);
  const window = { from: Math.round(first + opens), to: Math.round(last + falls) };
  // Leaf comes before flower, wherever the flower is stated.
  if (bloom && !isWoody(plant) && plant.kind !== 'bulb' && bloom.from < window.from) window.from = bloom.from;
  if (window.to < window.from) window.to = window.from;
  if (window.to - window.from >= 364) return { from: 1, to: 365 };
  const survives = (law === 'tender' || law === 'ever') && livesThroughWinter({ ...plant, kind: 'perennial' }, halfZone);
  // Where its winter spares it a tender plant keeps its leaf.
  if (survives && frostFree(frosts).days >= SETTINGS.climate.leafKept_d) return { from: 1, to: 365 };
  const killed =
    plant.kind === 'annual' || law === 'tender' || law === 'ever' ? frostAfter(Math.max(1, window.from), frosts) : null;
  if (killed !== null && !isWoody(plant)) window.to = Math.max(window.from, Math.min(window.to, killed - 1));
  return inYear(window);
}

/** Share (0–1) of each half-month that lies in a window; all 0 for none. */
export function windowShares(window: DayWindow | null): number[] {
  return Array.from({ length: HALF_MONTHS }, (_, h) => (window ? shareOfHalfMonth(h, window.from, window.to) : 0));
}
