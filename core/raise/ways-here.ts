import { isBarred } from '../library/status';
import { isSeedMethod, type Way } from '../library/ways';
import type { DayNumber } from '../model/days';
import type { PlantHere } from '../model/here';
import type { IndoorLight, RaiseMethod, SowingSchool } from '../model/vocabulary';
import { costOf, usualSize, type OwnPrices } from '../plan/shopping/sizes';
import { SETTINGS } from '../settings';
import { outFrom } from './out';
import type { RaisePlace } from './place';
import { quantityOf, type Quantity } from './quantity';
import type { OwnFigures } from './rates';
import { isStart, nextStart, secondStart, type NoStart, type Start } from './starts';
import { firstFlower, seasonAfter, stepsOf, type RaiseStep } from './steps';

/** What speaks for or against a way for this gardener; `points` as it counts in the ranking. */
export interface WayReason {
  of: 'chance' | 'flower' | 'cost' | 'work' | 'school' | 'light' | 'kin' | 'doubtful' | 'helped-by-cold';
  points: number;
  value?: number;
}

/** Why a way is not to be taken here. */
export type Refusal = NoStart | { no: 'light' } | { no: 'mother' } | { no: 'too-many' } | { no: 'trade' };

/** One way to have a plant here, with what it takes. */
export interface WayHere {
  method: RaiseMethod | 'bought';
  way: Way | null;
  refused: Refusal | null;
  start: Start | null;
  /** A second start, made so that one lost tray is not all; null where the season has no room for it. */
  second: DayNumber | null;
  quantity: Quantity | null;
  steps: RaiseStep[];
  flowers: DayNumber | null;
  /** Money (hundredths) for seed, mix or plants; minutes of work until they are planted. */
  cost_minor: number;
  minutes: number;
  reasons: WayReason[];
  score: number;
}

/** Who raises plants, and where. */
export interface Raiser {
  half_zone: string;
  school_sowing: SowingSchool;
  indoor_light: IndoorLight;
  prices: OwnPrices;
}

const BY_SCHOOL: Record<SowingSchool, readonly RaiseMethod[]> = {
  'winter-containers': ['winter-container'],
  'in-place': ['autumn-in-place', 'spring-in-place'],
  'chilled-indoors': ['chilled-indoors', 'indoors'],
};
const INDOORS: ReadonlySet<string> = new Set(['chilled-indoors', 'indoors']);

/**
 * The ways to have `want` plants of a kind here, the best first: those that cannot be taken last, with the reason. None of
 * what is listed as invasive.
 */
export function waysHere(
  here: PlantHere,
  ways: readonly Way[],
  want: number,
  raiser: Raiser,
  place: RaisePlace,
  today: DayNumber,
  { mothers, ownOf }: { mothers: number; ownOf: (method: RaiseMethod) => OwnFigures },
): WayHere[] {
  if (isBarred(here.status)) return [];
  const found = [...ways.map((way) => raised(way)), bought()];
  const dearest = Math.max(1, ...found.map((row) => row.cost_minor));
  const { points } = SETTINGS.raise;
  for (const row of found) {
    const { reasons, way } = row;
    const count = (of: WayReason['of'], worth: number, value?: number) => reasons.push({ of, points: worth, value });
    count('cost', -points.money * (row.cost_minor / dearest), row.cost_minor);
    count('work', -points.work * (row.minutes / 60), row.minutes);
    if (row.flowers !== null) {
      const years = Math.max(0, row.flowers - today) / 365;
      count('flower', -points.year * years, row.flowers);
    }
    const mean = row.quantity ? row.quantity.becomes.mean : 1;
    count('chance', points.chance * Math.min(1, mean / 0.8), mean);
    if (way) {
      if (BY_SCHOOL[raiser.school_sowing].includes(way.method)) count('school', points.school);
      if (INDOORS.has(way.method) && raiser.indoor_light === 'sill') count('light', points.sill);
      if (way.ofKin) count('kin', 0);
      if (way.row.confidence === 'low') count('doubtful', -points.school / 2);
      if (way.method === 'indoors' || way.method === 'spring-in-place')
        if (way.row.chill_days) count('helped-by-cold', 0, way.row.chill_days);
    }
    row.score = reasons.reduce((sum, reason) => sum + reason.points, 0);
  }
  return found.sort((a, b) => Number(a.refused !== null) - Number(b.refused !== null) || b.score - a.score);

  function raised(way: Way): WayHere {
    const quantity = quantityOf(way, want, ownOf(way.method));
    const start = nextStart(way, here, place, today);
    const steps = isStart(start) ? stepsOf(way, here, raiser.half_zone, place, start.best) : [];
    const refused: Refusal | null = !isStart(start)
      ? start
      : quantity.units === null
        ? { no: 'too-many' }
        : INDOORS.has(way.method) && raiser.indoor_light === 'none'
          ? { no: 'light' }
          : !isSeedMethod(way.method) && mothers === 0
            ? { no: 'mother' }
            : null;
    const { litrePrice, minutes } = SETTINGS.raise;
    const looks = steps.filter((step) => step.kind === 'look').length;
    const planted = steps.find((step) => step.kind === 'plant-out') ?? steps.find((step) => step.kind === 'thin');
    return {
      method: way.method,
      way,
      refused,
      start: isStart(start) ? start : null,
      second: isStart(start) ? secondStart(start) : null,
      quantity,
      steps,
      flowers: isStart(start) && planted ? firstFlower(way, here, start.best, planted.from) : null,
      cost_minor: Math.round(quantity.packets * SETTINGS.shopping.prices.packet + quantity.mix_l * litrePrice),
      minutes:
        minutes.begin +
        looks * minutes.look +
        (quantity.containers ? want * minutes.potEach : 0) +
        quantity.mothers * minutes.divideEach,
      reasons: [],
      score: 0,
    };
  }
  function bought(): WayHere {
    const { plant, trade } = here;
    const size = usualSize(plant, false);
    const planted = outFrom(here, (year) => place.days(year), { halfZone: raiser.half_zone, yearClass: place.yearClass }, today);
    return {
      method: 'bought',
      way: null,
      refused: trade === 'seed-only' || trade === 'seldom' || size === 'seed' ? { no: 'trade' } : null,
      start: { from: planted, best: planted, latest: planted },
      second: null,
      quantity: null,
      steps: [],
      flowers: seasonAfter(here, planted),
      cost_minor: costOf(plant, want, size, raiser.prices),
      minutes: 0,
      reasons: [],
      score: 0,
    };
  }
}
