import { differenceOf, type Difference } from '../coverage/difference';
import { fit } from '../match/fit/fit';
import { areaUse, roomFor } from '../match/quantities';
import type { DayNumber } from '../model/days';
import { yearOf } from '../model/days';
import type { Planting } from '../model/garden';
import type { FitVerdict } from '../model/here';
import { replacementsFor } from '../plan/planner/replacements';
import { costOf, usualSize } from '../plan/shopping/sizes';
import { isSeedMethod } from '../library/ways';
import { otherSites } from '../work/divisions';
import { finish, type Steps } from '../model/steps';
import type { RaiseMethod } from '../model/vocabulary';
import type { GardenHere } from './garden-here';

/** What one may decide about a planting: more of it, elsewhere, propagated, another plant in its place, or none. */
export type DecisionKind = 'more' | 'move' | 'propagate' | 'replace' | 'remove';

/** A decision with what follows of it; `refused`: why it cannot be taken here. */
export interface Decision {
  kind: DecisionKind;
  /** The bed it goes to or stays in, the plant, and how many. */
  site_id: string;
  plant: string;
  count: number;
  /** How it would do there; null where nothing is planted. */
  verdict: FitVerdict | null;
  method: RaiseMethod | null;
  refused: 'no-room' | 'no-site' | 'no-way' | 'no-plant' | 'gone' | null;
  effect: {
    difference: Difference;
    /** Minutes of work a year, more or less than now. */
    minutes: number;
    /** Money for plants or seed (hundredths). */
    money_minor: number;
  } | null;
}

/** The most plants that are added at once. */
const MORE_most = 3;

/** What one may decide about a planting, each with its effect on life cycles, work and money. */
export const decisionsFor = (...of: Parameters<typeof decisionsInSteps>): Decision[] => finish(decisionsInSteps(...of));

/**
 * The same, decision by decision. Each is tried in the garden as it would stand when grown. Throws a RangeError where the
 * library does not have the plant.
 */
export function* decisionsInSteps(here: GardenHere, planting: Planting, today: DayNumber): Steps<Decision[]> {
  const { almanac, sites, plantings } = here;
  const plant = almanac.plants.get(planting.plant);
  if (!plant) throw new RangeError(`The library has no plant ${planting.plant}.`);
  const year = yearOf(today);
  const before = here.covered;
  const minutesNow = minutesIn(here, year);
  const stands = planting.state !== 'lost' && planting.state !== 'removed';
  const siteOf = (id: string) => sites.find((row) => row.id === id)!;
  const { prices } = here;
  const room = (id: string) =>
    roomFor(
      plant.plant,
      Math.max(0, areaUse(siteOf(id), plantings, (one) => almanac.plants.get(one)?.plant).left_m2),
      siteOf(id),
    );
  const found: Decision[] = [];

  yield;
  const elsewhere = otherSites({ sites, plantings, almanac }, plant);
  const own = fit(plant.plant, siteOf(planting.site_id), almanac.place).verdict;
  const moreAt = [...(own === 'unsuitable' ? [] : [planting.site_id]), ...elsewhere].find((id) => room(id) > 0);
  const more = moreAt === undefined ? 0 : Math.min(MORE_most, room(moreAt));
  const common = { plant: planting.plant, method: null, refused: null };
  const added = (site_id: string, count: number): Planting => ({
    ...planting,
    id: 'trial',
    site_id,
    count,
    state: 'in-ground',
    planted_year: year,
    lost_year: null,
    spots: [],
  });
  if (moreAt === undefined) found.push(refusal('more', 'no-room'));
  else {
    const size = usualSize(plant.plant, false);
    found.push({
      ...common,
      kind: 'more',
      site_id: moreAt,
      count: more,
      verdict: verdictAt(moreAt),
      effect: effectOf([...plantings, added(moreAt, more)], costOf(plant.plant, more, size, prices, here.losses)),
    });
  }

  yield;
  const better = elsewhere.find((id) => room(id) >= planting.count);
  if (!stands) found.push(refusal('move', 'gone'));
  else if (better === undefined) found.push(refusal('move', 'no-site'));
  else
    found.push({
      ...common,
      kind: 'move',
      site_id: better,
      count: planting.count,
      verdict: verdictAt(better),
      effect: effectOf(
        plantings.map((row) => (row.id === planting.id ? { ...row, site_id: better, spots: [] } : row)),
        0,
      ),
    });

  yield;
  // Of what stands here its own parts come first, and seed where it has no other way.
  const ways = here.raising
    .waysFor(planting.plant, Math.max(1, more || planting.count), today)
    .filter((row) => row.method !== 'bought' && row.refused === null);
  const way = ways.find((row) => !isSeedMethod(row.method)) ?? ways[0];
  if (!stands && way && !isSeedMethod(way.method)) found.push(refusal('propagate', 'gone'));
  else if (!way) found.push(refusal('propagate', 'no-way'));
  else {
    const goesTo = moreAt ?? planting.site_id;
    const count = Math.max(1, more);
    found.push({
      ...common,
      kind: 'propagate',
      site_id: goesTo,
      count,
      verdict: verdictAt(goesTo),
      method: way.method as RaiseMethod,
      effect: effectOf([...plantings, added(goesTo, count)], way.cost_minor, way.minutes),
    });
  }

  yield;
  const [instead] = replacementsFor(here.asking, plantings, planting).filter((row) => row.drawbacks.length === 0);
  if (!instead) found.push(refusal('replace', 'no-plant'));
  else {
    const { plant: other } = instead.here;
    const size = usualSize(other, false);
    found.push({
      ...common,
      kind: 'replace',
      site_id: planting.site_id,
      plant: other.id,
      count: instead.count,
      verdict: instead.verdict,
      effect: effectOf(
        plantings.map((row) =>
          row.id === planting.id ? { ...added(row.site_id, instead.count), id: row.id, plant: other.id } : row,
        ),
        costOf(other, instead.count, size, prices, here.losses),
      ),
    });
  }

  yield;
  if (!stands) found.push(refusal('remove', 'gone'));
  else
    found.push({
      ...common,
      kind: 'remove',
      site_id: planting.site_id,
      count: planting.count,
      verdict: null,
      effect: effectOf(
        plantings.filter((row) => row.id !== planting.id),
        0,
      ),
    });
  return found;

  function verdictAt(site: string): FitVerdict {
    return fit(plant!.plant, siteOf(site), almanac.place).verdict;
  }
  function refusal(kind: DecisionKind, refused: NonNullable<Decision['refused']>): Decision {
    return {
      kind,
      site_id: planting.site_id,
      plant: planting.plant,
      count: planting.count,
      verdict: null,
      method: null,
      refused,
      effect: null,
    };
  }
  function effectOf(rows: readonly Planting[], money_minor: number, once = 0): Decision['effect'] {
    const others = here.records.plantings.filter((row) => row.plan_id !== here.plan.id);
    const after = here.with({ plantings: [...others, ...rows] });
    return {
      difference: differenceOf(before, after.covered),
      minutes: Math.round(minutesIn(after, year) - minutesNow + once),
      money_minor,
    };
  }
}

/** Minutes of work in a usual year. */
const minutesIn = (here: GardenHere, year: number): number =>
  here.work.minutesOf(year).reduce((sum, minutes) => sum + minutes, 0);
