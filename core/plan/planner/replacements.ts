import { coverage, type CoverageInput } from '../../coverage/coverage';
import { differenceOf, type Difference } from '../../coverage/difference';
import { fit } from '../../match/fit/fit';
import { groundM2, roomFor } from '../../match/quantities';
import { services } from '../../match/services';
import type { Planting } from '../../model/garden';
import type { FitVerdict, PlantHere } from '../../model/here';
import { SETTINGS } from '../../settings';
import { drawbacksOf, isHostHere, type Drawback } from '../../match/craft/kinds';
import { barred } from './choices';
import type { PlanQuestion } from './question';

/** A plant that could stand in the place of a planting. */
export interface Replacement {
  here: PlantHere;
  /** Plants of it that the ground of the planting holds. */
  count: number;
  verdict: FitVerdict;
  drawbacks: Drawback[];
  /** What it changes compared with the planting as it is. */
  change: Difference;
}

/** Most plants that are tried, the most promising first. */
const MOST_TRIES = 18;

/**
 * What could stand in the place of a planting, serving the same guests on the same ground, best first: what opens least, closes
 * most, and has no drawback; each found by trying it in the garden. Plants that may not be grown here, or do not fit, are not
 * among them.
 */
export function replacementsFor(question: PlanQuestion, plantings: readonly Planting[], planting: Planting): Replacement[] {
  const { almanac, sites, targets } = question;
  const site = sites.find((row) => row.id === planting.site_id);
  const old = almanac.plants.get(planting.plant);
  if (!site || !old) return [];
  const all = services(
    almanac,
    targets.map((row) => row.target),
  );
  const own = all.find((row) => row.here === old)!;
  const guests = new Set(own.nectarFor.map((row) => row.target));
  const eaters = new Set(own.hostOf.map((row) => row.target));
  const alike = ({ hostOf, nectarFor }: (typeof all)[number]) =>
    4 * hostOf.filter((row) => eaters.has(row.target)).length + nectarFor.filter((row) => guests.has(row.target)).length;
  const ground = groundM2(old.plant, planting.count, site);
  const rest = plantings.filter((row) => row.id !== planting.id);
  const candidates = all
    .filter((row) => row.here !== old && alike(row) > 0 && !barred(question, row.here, []))
    .flatMap((row) => {
      const { verdict } = fit(row.here.plant, site, almanac.place);
      const count = Math.min(SETTINGS.planner.mostOfKind, roomFor(row.here.plant, ground, site));
      if (verdict === 'unsuitable' || count === 0) return [];
      const drawbacks = drawbacksOf(row.here, site, question.raises, isHostHere(question, row.here.plant.id));
      return [{ row, verdict, count, drawbacks }];
    })
    .sort(
      (a, b) =>
        a.drawbacks.length - b.drawbacks.length ||
        alike(b.row) - alike(a.row) ||
        Number(b.verdict === 'thrives') - Number(a.verdict === 'thrives') ||
        Number(b.row.here.status.native) - Number(a.row.here.status.native),
    )
    .slice(0, MOST_TRIES);
  const input = (rows: readonly Planting[]): CoverageInput => ({ ...question, plantings: rows, year: null });
  const before = coverage(input(plantings));
  return candidates
    .map(({ row, verdict, count, drawbacks }): Replacement => {
      const plantings = [...rest, { ...planting, plant: row.here.plant.id, count }];
      return { here: row.here, count, verdict, drawbacks, change: differenceOf(before, coverage(input(plantings))) };
    })
    .sort(
      (a, b) =>
        a.change.opened.length - b.change.opened.length ||
        b.change.closed.length - a.change.closed.length ||
        a.change.worse.length - b.change.worse.length ||
        b.change.better.length - a.change.better.length,
    );
}
