import { averageDay, dayNumber, isoOf } from '../model/days';
import { dayOfMonthDay } from '../model/half-month';
import { isWoody } from '../model/vocabulary';
import type { WeatherDay } from '../place/weather/weather';
import { zoneTemperatures } from '../place/climate/zones';
import { SETTINGS } from '../settings';
import { daysWithout, waterKey } from '../work/water';
import { thereOn } from '../work/young';
import { NO, type Finding } from './finding';
import type { Subject } from './subject';

const S = SETTINGS.why;

/** The last days of the known weather, the latest last. */
const past = ({ day }: Subject, days: number): readonly WeatherDay[] => day.weather.past.slice(-days);
const sum = (days: readonly WeatherDay[], of: (day: WeatherDay) => number) => days.reduce((total, row) => total + of(row), 0);

/** Rain that is usual in so many days about this time (mm). */
function usualRain({ input, today }: Subject, days: number): number {
  const { months } = input.work.input.place;
  const month = Number(isoOf(today - Math.round(days / 2)).slice(5, 7)) - 1;
  return (months[month]!.rain_mm / 30) * days;
}

/** What was done of some actions where the question is about, and how many days ago, the latest first. */
function doneLately(subject: Subject, actions: ReadonlySet<string>, days: number): { action: string; ago: number }[] {
  const { day, site, names, today, here } = subject;
  return day.said
    .filter((row) => row.what === 'done')
    .flatMap((row) => {
      const ago = today - dayNumber(row.on_day);
      if (ago < 0 || ago > days) return [];
      const words = row.task.split(' ');
      const action = row.action ?? words.find((word) => actions.has(word));
      if (!action || !actions.has(action)) return [];
      const placed = row.site_id ?? words.find((word) => word === site?.id) ?? null;
      if (site && placed !== site.id) return [];
      // A task of care names whom its rule speaks of, at least.
      const spoken = words.filter((word) => word !== action && word !== site?.id);
      const ofIt = row.site_id !== null || !here || spoken.some((word) => names.has(word));
      return ofIt ? [{ action, ago }] : [];
    })
    .sort((a, b) => a.ago - b.ago);
}

const CUTS: ReadonlySet<string> = new Set(['shear', 'cut-third', 'cut-down', 'cut-dead', 'thin', 'pinch', 'deadhead', 'cut']);
const HARD_CUTS: ReadonlySet<string> = new Set(['shear', 'cut-third', 'cut-down', 'thin', 'pinch', 'cut']);
const CLEARS: ReadonlySet<string> = new Set(['cut-down', 'cut-dead']);
const FEEDS: ReadonlySet<string> = new Set(['feed']);
const latest = (rows: { action: string; ago: number }[]): Finding =>
  rows[0] ? { is: true, of: { action: rows[0].action, ago: rows[0].ago } } : NO;

/** Facts of the weather up to this day, and of the work that was done. */
export const WEATHER_FACTS = {
  'dry-spell': ({ day }: Subject) => {
    const days = daysWithout(day.weather, SETTINGS.work.warn.dryRain_mm);
    return { is: days >= SETTINGS.work.warn.dry_d, of: { days } };
  },
  'wet-spell': (subject: Subject) => {
    const mm = sum(past(subject, S.wet_d), (row) => row.rain_mm);
    const usual = usualRain(subject, S.wet_d);
    return { is: mm >= Math.max(S.wet_mm, S.wetTimes * usual), of: { mm, days: S.wet_d, usual } };
  },
  heat: (subject: Subject) => {
    const days = past(subject, S.heat_d).filter((row) => row.high_c >= SETTINGS.work.warn.heat_c).length;
    return { is: days >= S.hotDays, of: { days, of: S.heat_d } };
  },
  'cold-nights': (subject: Subject) => {
    const nights = past(subject, S.night_d);
    const low_c = sum(nights, (row) => row.low_c) / Math.max(1, nights.length);
    return { is: low_c <= S.coldNight_c, of: { low_c } };
  },
  'late-frost': (subject: Subject) => {
    const { today, here } = subject;
    const days = past(subject, S.frostSeen_d);
    // The coldest night on which it was in leaf.
    let coldest: { low_c: number; on: string } | null = null;
    days.forEach(({ low_c }, i) => {
      const on = today - (days.length - 1 - i);
      const inLeaf = !here || thereOn(here.foliage, averageDay(on));
      if (inLeaf && low_c <= S.frost_c && low_c < (coldest?.low_c ?? Infinity)) coldest = { low_c, on: isoOf(on) };
    });
    return coldest ? { is: true, of: coldest } : NO;
  },
  'hard-winter': (subject: Subject) => {
    const { half_zone } = subject.input.work.input.garden;
    const low_c = Math.min(...past(subject, S.winter_d).map((row) => row.low_c));
    return { is: low_c < zoneTemperatures(half_zone).coldest_c, of: { low_c, zone: half_zone } };
  },
  storm: (subject: Subject) => {
    const mm = Math.max(0, ...past(subject, S.storm_d).map((row) => row.rain_mm));
    return { is: mm >= S.storm_mm, of: { mm } };
  },
  'winter-now': ({ average, input }: Subject) => {
    const { last_frost, first_frost } = input.work.input.place.frosts;
    if (last_frost === null || first_frost === null) return NO;
    return { is: average > dayOfMonthDay(first_frost) || average < dayOfMonthDay(last_frost) };
  },
  thirsty: ({ input, site, day, planting }: Subject) => {
    if (!site) return NO;
    const water = input.work.waterOf(site, day.weather, day.said);
    const group = water.all.find((row) => planting === null || row.plantings.includes(planting.id));
    if (!group || group.thirst === 'none') return NO;
    return { is: group.held < SETTINGS.work.water.from[group.thirst], of: { held: group.held } };
  },
  'watered-often': ({ site, day, today }: Subject) => {
    if (!site) return NO;
    const key = waterKey(site.id);
    const times = day.said.filter(({ what, task, on_day }) => {
      const ago = today - dayNumber(on_day);
      return what === 'done' && task === key && ago >= 0 && ago < S.watered_d;
    }).length;
    return { is: times >= S.wateredOften, of: { times, days: S.watered_d } };
  },
  fed: (subject: Subject) => latest(doneLately(subject, FEEDS, S.fed_d)),
  'cut-lately': (subject: Subject) => latest(doneLately(subject, CUTS, S.season_d)),
  'cut-in-bud': (subject: Subject) => {
    const { here, today } = subject;
    if (!here?.bloom) return NO;
    const { from, to } = here.bloom;
    const woody = isWoody(here.plant) && from < S.oldWoodUntil_day;
    const cut = doneLately(subject, HARD_CUTS, woody ? 365 : S.season_d).find(({ ago }) => {
      const on = averageDay(today - ago);
      // What flowers in spring on last year’s wood is cut in the weeks after it, and at no other time.
      if (woody) return !thereOn({ from: to - 7, to: to + S.afterBloom_d }, on);
      return thereOn({ from: from - S.budding_d, to: from + 7 }, on);
    });
    return cut ? { is: true, of: cut } : NO;
  },
  'cut-down-autumn': (subject: Subject) => {
    const { day, today } = subject;
    const cleared = day.said.find(({ what, task, action, on_day }) => {
      const ago = today - dayNumber(on_day);
      const month = Number(on_day.slice(5, 7));
      const word = action ?? task.split(' ').find((one) => CLEARS.has(one));
      return what === 'done' && word && CLEARS.has(word) && ago >= 0 && ago <= 365 && (month >= 9 || month <= 3);
    });
    return cleared ? { is: true, of: { on: cleared.on_day } } : NO;
  },
} satisfies Record<string, (subject: Subject) => Finding>;
