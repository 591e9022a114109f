import { averageDay, dayInYear, yearOf, type DayNumber } from '../model/days';
import { dayOfMonthDay } from '../model/half-month';
import type { Frosts } from '../model/here';
import { lastDayOf, type Weather } from '../place/weather/weather';
import { SETTINGS } from '../settings';
import { anchorOf } from '../almanac/anchors';
import type { CareTasks } from './care-tasks';
import { daysWithout, type WaterOn } from './water';

/** A plant that a coming night is too cold for, and what is done about it. */
interface TenderPlant {
  planting: string;
  plant: string;
  site: string;
  count: number;
  /** The night (°C) it bears. */
  limit_c: number;
  does: 'bring-in' | 'cover';
}

/** What the weather of the coming days asks for, or threatens. */
export type Warning =
  | { kind: 'frost'; day: DayNumber; low_c: number; tender: TenderPlant[] }
  | { kind: 'flash-freeze'; day: DayNumber; low_c: number; fall_c: number }
  | { kind: 'dry-spell'; days: number; beds: { site: string; held: number; litres: number }[] }
  | { kind: 'heat'; day: DayNumber; high_c: number; pots: string[]; young: { site: string; plant: string }[] }
  | { kind: 'heavy-rain'; day: DayNumber; rain_mm: number; sites: string[] }
  | { kind: 'last-frost-nears' | 'first-frost-nears'; day: DayNumber; odds: number };

/** The night (°C) below which a plant suffers: that at which it is brought in, or just above freezing for a tender annual; null for what is hardy. */
function limitOf(care: { rules: readonly { action: string; from: string }[] }, tenderAnnual: boolean): number | null {
  const comesIn = care.rules.find((row) => row.action === 'bring-in' && row.from.startsWith('cool-nights'));
  if (comesIn) return anchorOf(comesIn.from).value;
  return tenderAnnual ? SETTINGS.work.warn.frost_c : null;
}

/**
 * What the forecast threatens: nights below the limit of what stands outdoors (`indoors`: plantings that were brought in), a
 * flash freeze, heat, heavy rain on a slope; what the days past have brought: a dry spell; and the frosts that near, with
 * the odds from their spread.
 */
export function warningsOn(
  weather: Weather,
  care: CareTasks,
  water: readonly WaterOn[],
  {
    frosts,
    spread_d,
    steep,
    indoors,
  }: { frosts: Frosts; spread_d: number; steep: ReadonlySet<string>; indoors: ReadonlySet<string> },
): Warning[] {
  const { flash, heat_c, dry_d, dryRain_mm, heavy_mm } = SETTINGS.work.warn;
  const today = lastDayOf(weather);
  const found: Warning[] = [];
  const cared = care.caredIn(yearOf(today));
  const lastDay = weather.past.at(-1)!;

  const tender = cared.flatMap(({ planting, here, site, care: of }): TenderPlant[] => {
    const pot = site.kind === 'container';
    const limit_c = limitOf(of, here.plant.kind === 'annual' && here.plant.blooms_to_frost);
    if (limit_c === null || indoors.has(planting.id)) return [];
    const { id, count } = planting;
    return [{ planting: id, plant: here.plant.id, site: site.id, count, limit_c, does: pot ? 'bring-in' : 'cover' }];
  });
  // The first night that is too cold for something is warned of, with all that it is too cold for.
  for (const [i, { low_c }] of weather.forecast.entries()) {
    // A forecast night may be colder by some degrees than it says.
    const doubt = i < SETTINGS.work.nightsAhead ? SETTINGS.work.forecastDoubt_c : 0;
    const hit = tender.filter((row) => low_c <= row.limit_c + doubt);
    if (hit.length === 0) continue;
    found.push({ kind: 'frost', day: today + 1 + i, low_c, tender: hit });
    break;
  }
  const nights = [lastDay, ...weather.forecast];
  for (let i = 1; i < nights.length; i++) {
    const fall = nights[i - 1]!.low_c - nights[i]!.low_c;
    if (fall >= flash.fall_c && nights[i]!.low_c <= flash.low_c) {
      found.push({ kind: 'flash-freeze', day: today + i, low_c: nights[i]!.low_c, fall_c: fall });
      break;
    }
  }
  const dryFor = daysWithout(weather, dryRain_mm);
  const thirsty = water.filter((row) => row.dry.length > 0 && row.site.kind === 'bed');
  if (dryFor >= dry_d && thirsty.length > 0)
    found.push({
      kind: 'dry-spell',
      days: dryFor,
      beds: thirsty.map(({ site, dry, litres }) => ({ site: site.id, held: Math.min(...dry.map((row) => row.held)), litres })),
    });
  const hot = weather.forecast.findIndex(({ high_c }) => high_c >= heat_c);
  if (hot >= 0) {
    const young = cared.filter(({ planting, site }) => site.kind === 'bed' && planting.planted_year === yearOf(today));
    found.push({
      kind: 'heat',
      day: today + 1 + hot,
      high_c: weather.forecast[hot]!.high_c,
      pots: water.filter((row) => row.site.kind === 'container' && row.all.length > 0).map((row) => row.site.id),
      young: young.map(({ planting }) => ({ site: planting.site_id, plant: planting.plant })),
    });
  }
  const wet = weather.forecast.findIndex(({ rain_mm }) => rain_mm >= heavy_mm);
  if (wet >= 0 && steep.size > 0)
    found.push({ kind: 'heavy-rain', day: today + 1 + wet, rain_mm: weather.forecast[wet]!.rain_mm, sites: [...steep] });
  found.push(...frostsNearing(today, frosts, spread_d));
  return found;
}

/** The frost that nears, with the odds (0–1) that the last is still to come, or that the first falls within its week. */
function frostsNearing(today: DayNumber, { last_frost, first_frost }: Frosts, spread_d: number): Warning[] {
  const { frostNears_d } = SETTINGS.work.warn;
  const found: Warning[] = [];
  const average = averageDay(today);
  if (last_frost) {
    const last = dayOfMonthDay(last_frost);
    const odds = 1 - normalShare((average - last) / spread_d);
    if (Math.abs(average - last) <= frostNears_d && odds >= 0.02)
      found.push({ kind: 'last-frost-nears', day: dayInYear(yearOf(today), last), odds });
  }
  if (first_frost) {
    const first = dayOfMonthDay(first_frost);
    if (Math.abs(average - first) <= frostNears_d)
      found.push({
        kind: 'first-frost-nears',
        day: dayInYear(yearOf(today), first),
        // Within the coming seven days, if it has not come yet.
        odds: chanceWithin((average - first) / spread_d, SETTINGS.work.week_d / spread_d),
      });
  }
  return found;
}

/** Share of a normal distribution below a number of standard deviations (Abramowitz and Stegun 7.1.26, to 1.5 in ten million). */
export function normalShare(deviations: number): number {
  const x = Math.abs(deviations) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const terms = [0.254829592, -0.284496736, 1.421413741, -1.453152027, 1.061405429];
  const erf = 1 - terms.reduceRight((sum, term) => (sum + term) * t, 0) * Math.exp(-x * x);
  return deviations >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/** The chance that what is still to come comes within a span, both in standard deviations. */
const chanceWithin = (now: number, span: number) => {
  const left = 1 - normalShare(now);
  return left < 1e-6 ? 1 : (normalShare(now + span) - normalShare(now)) / left;
};
