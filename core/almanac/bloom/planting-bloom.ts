import type { PlantHere, Frosts } from '../../model/here';
import { frostAfter, frostFree } from '../../place/climate/frost';
import type { Planting } from '../../model/garden';
import { HALF_MONTHS, dayOfMonthDay, inYear, shareOfHalfMonth, type DayWindow } from '../../model/half-month';
import { isWoody } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import { windowShares } from './bloom';

/** A stretch of days in flower; the second bloom after a cut is thinner than the first. */
export interface Spell extends DayWindow {
  /** 1 for a full bloom. */
  fullness: number;
  after: 'winter' | 'cut';
}

/** A part of a planting that flowers alike: what is cut and what is not. */
export interface BloomPart {
  /** Share of the plants, 0–1. */
  share: number;
  spells: Spell[];
}

type Timed = Pick<Planting, 'count' | 'sow_on' | 'cut'>;
type Blooming = Pick<PlantHere, 'plant' | 'bloom' | 'sowing'>;

/** When a plant flowers: an annual sown on its own day as many days later as it takes, as long as usual, within the frosts; else as usual. */
export function sownBloom({ plant, bloom, sowing }: Blooming, sow_on: string | null, frosts: Frosts): DayWindow | null {
  if (!sow_on || !sowing || !bloom) return bloom;
  const season = frostFree(frosts);
  const day = dayOfMonthDay(sow_on);
  // A day of last autumn or winter is counted back from the spring it leads to.
  const ready = (day - sowing.usual > 240 ? day - 365 : day) + sowing.toFlower_d;
  const rooted = sowing.indoors ? season.from + SETTINGS.sowing.afterPlantingOut_d : season.from;
  // Sown on its usual day or before it flowers at its usual time or before, within the days that stand no frost.
  const from = season.days === 365 ? ready : Math.max(ready, Math.min(rooted, bloom.from));
  const to = Math.min(
    season.days === 365 ? Infinity : season.to,
    plant.blooms_to_frost ? Math.max(bloom.to, from) : from + (bloom.to - bloom.from),
  );
  return to >= from ? { from, to } : null;
}

/** Last day after a `day` on which a plant’s flowers stand the cold here; without end where no frost is usual. */
function lastMild(plant: PlantHere['plant'], day: number, frosts: Frosts): number {
  const frost = frostAfter(day, frosts);
  if (frost === null) return Infinity;
  return plant.kind === 'annual' ? frost - 1 : isWoody(plant) ? frost : frost + SETTINGS.climate.hardyBloomAfterFrost;
}

/** A day of the year on the scale of a bloom that may run over the new year. */
const dayWithin = (bloom: DayWindow, day: number) =>
  day < bloom.from && day + 365 <= bloom.to + SETTINGS.cut.afterLast_d ? day + 365 : day;

/**
 * The second bloom that a cut on a day of the year brings: after the days the plant takes (rebloom_days), half as long as
 * the first and thinner, within the mild days. Null where the plant does not bloom again, where it is cut before it has
 * flowered for two weeks or more than a week after it has done (SETTINGS.cut), or where too few mild days are left.
 */
export function secondBloom(plant: PlantHere['plant'], bloom: DayWindow, cut: number, frosts: Frosts): Spell | null {
  const { afterFirst_d, afterLast_d, length, fullness, least_d } = SETTINGS.cut;
  const day = dayWithin(bloom, cut);
  if (plant.rebloom_days === null || day < bloom.from + afterFirst_d || day > bloom.to + afterLast_d) return null;
  const from = day + plant.rebloom_days;
  const usual = from + Math.round((bloom.to - bloom.from + 1) * length) - 1;
  // It ends where the next year’s bloom begins: the same plants do not flower twice at once.
  const to = Math.min(
    lastMild(plant, bloom.from, frosts),
    plant.blooms_to_frost ? Math.max(usual, bloom.to) : usual,
    bloom.from + 364,
  );
  if (to - from + 1 < least_d) return null;
  return { ...inYear({ from, to }), fullness, after: 'cut' };
}

/** When a planting flowers: its plants as usual or as they were sown, and those that are cut, cut short and again. */
export function bloomParts(here: Blooming, planting: Timed, frosts: Frosts): BloomPart[] {
  const window = sownBloom(here, planting.sow_on, frosts);
  if (!window) return [];
  const whole: Spell = { ...window, fullness: 1, after: 'winter' };
  if (!planting.cut) return [{ share: 1, spells: [whole] }];
  const day = dayOfMonthDay(planting.cut.on);
  const second = secondBloom(here.plant, window, day, frosts);
  if (!second) return [{ share: 1, spells: [whole] }];
  const share = Math.min(1, planting.cut.count / planting.count);
  const first = { ...whole, to: Math.min(whole.to, dayWithin(window, day) - 1) };
  return [
    ...(share < 1 ? [{ share: 1 - share, spells: [whole] }] : []),
    { share, spells: first.to >= first.from ? [first, second] : [second] },
  ];
}

/** What of a planting is in flower in each half-month. */
export interface BloomShares {
  /** Share of its full bloom. */
  amount: number[];
  /** Share of the half-month that some part of it is in flower. */
  present: number[];
}

/** The shares of a planting in flower: as its plant is, where nothing is timed. */
export function plantingShares(here: PlantHere, planting: Timed, frosts: Frosts): BloomShares {
  if (!planting.sow_on && !planting.cut) return { amount: here.bloomShares, present: here.bloomShares };
  const amount = new Array<number>(HALF_MONTHS).fill(0);
  const present = new Array<number>(HALF_MONTHS).fill(0);
  for (const { share, spells } of bloomParts(here, planting, frosts)) {
    const there = new Array<number>(HALF_MONTHS).fill(0);
    for (const spell of spells)
      windowShares(spell).forEach((days, h) => {
        amount[h]! += share * spell.fullness * days;
        there[h]! += days;
      });
    there.forEach((days, h) => (present[h] = Math.max(present[h]!, Math.min(1, days))));
  }
  return { amount, present };
}

/** The shares of a planting in leaf: a sheared part keeps half until it has grown again; a late sowing is bare before. */
export function plantingFoliage(here: PlantHere, planting: Timed): number[] {
  const { cut, sow_on } = planting;
  let shares = here.foliageShares;
  if (cut && here.plant.rebloom_days !== null) {
    const day = dayOfMonthDay(cut.on);
    const lost = (1 - SETTINGS.cut.leafLeft) * Math.min(1, cut.count / planting.count);
    shares = shares.map((share, h) => share * (1 - lost * shareOfHalfMonth(h, day, day + here.plant.rebloom_days! - 1)));
  }
  if (sow_on && here.sowing) {
    const leaf = dayOfMonthDay(sow_on) + SETTINGS.sowing.toLeaf_d;
    if (leaf > 1) shares = shares.map((share, h) => Math.min(share, shareOfHalfMonth(h, leaf, 365)));
  }
  return shares;
}
