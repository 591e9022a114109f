import { averageDay, averageDayOf, dayNumber, yearOf, type DayNumber } from '../model/days';
import { groupBy } from '../model/group';
import { onTheWing } from '../almanac/flight';
import { ladderOf } from '../log/stages';
import { lastDayOf } from '../place/weather/weather';
import { SETTINGS } from '../settings';
import { saidOf } from '../work/standing';
import { doneOnBy } from '../work/raise-tasks';
import { waterKey } from '../work/water';
import { thereOn } from '../work/young';
import { shadeCrept } from './site-facts';
import type { WhyDay, WhyInput } from './subject';

/** What is probably going wrong, with the figures it rests on, and the question that it answers to. */
export interface Notice {
  /** The same while it stays so: what was said of it is found by it. */
  key: string;
  kind:
    'shade-crept' | 'host-few' | 'at-its-end' | 'dry-pot' | 'dry-young' | 'never-laid' | 'lost-again' | 'no-flower' | 'seed-late';
  of: string;
  site: string | null;
  planting: string | null;
  batch?: string;
  symptom: string;
  figures: Readonly<Record<string, number>>;
}

const S = SETTINGS.why;

/** The Monday on or before a day. 1 January 1970 was a Thursday. */
export const mondayOf = (day: DayNumber): DayNumber => day - ((((day + 3) % 7) + 7) % 7);

/** What was known of a garden on the Monday of its week, so that what is said stays the same all week. */
export function asOfMonday({ weather, said, log }: WhyDay): WhyDay {
  const monday = mondayOf(lastDayOf(weather));
  const known = Math.max(1, monday - weather.first + 1);
  return { weather: { ...weather, past: weather.past.slice(0, known), forecast: [] }, said, log };
}

/**
 * Looks a garden over once a week, and says what is probably going wrong, with its evidence; what was waved off this season
 * is left out. Nothing is said where nothing was seen or calculated that speaks for it.
 */
export function lookOver(input: WhyInput, now: WhyDay): Notice[] {
  const day = asOfMonday(now);
  const today = lastDayOf(day.weather);
  const waved = saidOf(now.said);
  const isWaved = (key: string) =>
    (waved.get(key) ?? []).some((row) => row.what === 'skipped' && today - dayNumber(row.on_day) < S.season_d);
  return [
    ...shaded(input),
    ...tooFew(input),
    ...ending(input, today),
    ...dry(input, day, today),
    ...neverLaid(input, day, today),
    ...lostAgain(input),
    ...noFlower(input, day, today),
    ...seedLate(input, day, today),
  ].filter((row) => !isWaved(row.key));
}

const FLOWERS: ReadonlySet<string> = new Set(['first-flower', 'full-flower']);
const standing = ({ work }: WhyInput) => work.input.plantings.filter((row) => row.state === 'in-ground');

/** Plants that get too little sun since the shade crept over their bed. */
function shaded(input: WhyInput): Notice[] {
  return input.work.input.sites.flatMap((site): Notice[] => {
    const crept = shadeCrept(site);
    if (!crept) return [];
    const suffers = standing(input).find((row) => {
      const plant = input.work.input.almanac.plants.get(row.plant)?.plant;
      return row.site_id === site.id && plant !== undefined && plant.sun_min_h > crept.is;
    });
    if (!suffers) return [];
    const { id, plant } = suffers;
    return [
      {
        key: `notice shade-crept ${site.id}`,
        kind: 'shade-crept',
        of: plant,
        site: site.id,
        planting: id,
        symptom: 'few-flowers',
        figures: crept,
      },
    ];
  });
}

/** Chosen creatures whose hosts are too few to be found. */
function tooFew({ work }: WhyInput): Notice[] {
  return work.input.covered.targets.flatMap(({ target, needs }): Notice[] => {
    const host = needs.find(({ need }) => need.stage === 'host');
    if (!host || host.limit !== 'patch' || host.patch === null || host.patch === 0) return [];
    return [
      {
        key: `notice host-few ${target}`,
        kind: 'host-few',
        of: target,
        site: null,
        planting: null,
        symptom: 'adults-no-eggs',
        figures: { patch: host.patch },
      },
    ];
  });
}

/** Short-lived plants in their last year or beyond it. */
function ending(input: WhyInput, today: DayNumber): Notice[] {
  return standing(input).flatMap(({ id, plant: of, planted_year, site_id }): Notice[] => {
    const plant = input.work.input.almanac.plants.get(of)?.plant;
    if (!plant || planted_year === null || plant.kind === 'annual' || plant.life_years > S.shortLived_y) return [];
    const age = yearOf(today) - planted_year;
    if (age < plant.life_years) return [];
    return [
      {
        key: `notice at-its-end ${id}`,
        kind: 'at-its-end',
        of,
        site: site_id,
        planting: id,
        symptom: 'few-flowers',
        figures: { age, years: plant.life_years },
      },
    ];
  });
}

/** Pots, and beds with young plants, that had no water for many dry or hot days. */
function dry(input: WhyInput, day: WhyDay, today: DayNumber): Notice[] {
  const { weather, said } = day;
  return input.work.input.sites.flatMap((site): Notice[] => {
    const here = standing(input).filter((row) => row.site_id === site.id);
    if (here.length === 0) return [];
    const key = waterKey(site.id);
    const given = Math.max(
      -Infinity,
      ...said.filter((row) => row.what === 'done' && row.task === key).map((row) => dayNumber(row.on_day)),
    );
    let days = 0;
    let hot = 0;
    for (let i = weather.past.length - 1; i >= 0; i--) {
      const on = weather.first + i;
      if (on <= given || weather.past[i]!.rain_mm >= SETTINGS.work.warn.dryRain_mm) break;
      days++;
      if (weather.past[i]!.high_c >= SETTINGS.work.hotDay_c) hot++;
    }
    const isPot = site.kind === 'container';
    const young = here.find(
      (row) => row.planted_year !== null && row.planted_year >= yearOf(today) - (averageDay(today) < S.lateRiser_day ? 1 : 0),
    );
    const subject = isPot ? here[0]! : young;
    if (!subject || (isPot ? hot < S.hotUnwatered_d : days < SETTINGS.work.warn.dry_d)) return [];
    if (input.work.waterOf(site, weather, said).dry.length === 0) return [];
    return [
      {
        key: `notice dry ${site.id}`,
        kind: isPot ? 'dry-pot' : 'dry-young',
        of: subject.plant,
        site: site.id,
        planting: subject.id,
        symptom: isPot ? 'pot-runs-through' : 'wilting',
        figures: { days, hot },
      },
    ];
  });
}

/** Creatures on the wing of which the log asks why: adults came again and again, and never an egg or a caterpillar was found. */
function neverLaid({ work }: WhyInput, { log }: WhyDay, today: DayNumber): Notice[] {
  const { almanac, targets, covered } = work.input;
  return targets.flatMap(({ target, ambition }): Notice[] => {
    const here = almanac.targets.get(target);
    if (!here?.flights.some((row) => row.laying)) return [];
    const { askWhy, rungs } = ladderOf(here, ambition, log.about(target), yearOf(today), today);
    const visits = rungs.find((row) => row.rung === 'visits');
    const onWing = here.flights.some((row) => onTheWing(row) && thereOn(row.window, averageDay(today)));
    if (!askWhy || !visits?.first || !onWing) return [];
    const alreadySaid = covered.targets
      .find((row) => row.target === target)
      ?.needs.some((row) => row.need.stage === 'host' && row.limit === 'patch' && row.patch);
    if (alreadySaid) return [];
    return [
      {
        key: `notice never-laid ${target}`,
        kind: 'never-laid',
        of: target,
        site: null,
        planting: null,
        symptom: 'adults-no-eggs',
        figures: { times: visits.times, days: today - dayNumber(visits.first) },
      },
    ];
  });
}

/** Plants that were lost twice in one bed and stand or are planned there once more. */
function lostAgain({ work }: WhyInput): Notice[] {
  const { plantings } = work.input;
  const lost = groupBy(
    plantings.filter((row) => row.state === 'lost'),
    (row) => `${row.plant} ${row.site_id}`,
  );
  return [...lost.values()].flatMap((rows): Notice[] => {
    const { plant: of, site_id } = rows[0]!;
    const again = plantings.find(
      (row) => row.plant === of && row.site_id === site_id && row.state !== 'lost' && row.state !== 'removed',
    );
    const times = new Set(rows.map((row) => row.lost_year)).size;
    if (times < 2 || !again) return [];
    return [
      {
        key: `notice lost-again ${of} ${site_id}`,
        kind: 'lost-again',
        of,
        site: site_id,
        planting: again.id,
        symptom: 'not-returned',
        figures: { times },
      },
    ];
  });
}

/**
 * Plants that flowered here last year by the log, and weeks after their time have not, though flowers of others were written
 * down since then: where nobody writes down flowers, none missing is no sign.
 */
function noFlower(input: WhyInput, { log }: WhyDay, today: DayNumber): Notice[] {
  const seen = new Set<string>();
  const lastFlower = log.inYear(yearOf(today)).find((row) => FLOWERS.has(row.what) && dayNumber(row.on_day) <= today);
  if (!lastFlower) return [];
  return standing(input).flatMap(({ id, plant: of, site_id }): Notice[] => {
    const here = input.work.input.almanac.plants.get(of);
    if (!here?.bloom || seen.has(of)) return [];
    seen.add(of);
    const late = averageDay(today) - here.bloom.from;
    if (late < S.flowerLate_d || averageDay(today) > here.bloom.to) return [];
    if (averageDayOf(lastFlower.on_day) < here.bloom.from) return [];
    const flowers = log.about(of).filter((row) => FLOWERS.has(row.what));
    const years = new Set(flowers.map((row) => yearOf(dayNumber(row.on_day))));
    if (years.has(yearOf(today)) || !years.has(yearOf(today) - 1)) return [];
    return [
      {
        key: `notice no-flower ${of}`,
        kind: 'no-flower',
        of,
        site: site_id,
        planting: id,
        symptom: 'not-flowering',
        figures: { days: Math.round(late) },
      },
    ];
  });
}

/** Batches of seed that are overdue and of which nothing came up. */
function seedLate({ work }: WhyInput, { said }: WhyDay, today: DayNumber): Notice[] {
  return work.input.raising.batches(doneOnBy(saidOf(said))).flatMap(({ batch, way, stage, begin }): Notice[] => {
    if (stage !== 'waiting' || way === null || way.row.days_to === null) return [];
    // When seed that lies in the cold is up depends on the spring and not on days.
    if (way.method !== 'indoors' && way.method !== 'spring-in-place') return [];
    const days = today - begin;
    if (days <= way.row.days_to * S.overdueTimes) return [];
    return [
      {
        key: `notice seed-late ${batch.id}`,
        kind: 'seed-late',
        of: batch.plant,
        site: null,
        planting: null,
        batch: batch.id,
        symptom: 'seed-not-up',
        figures: { days, usual: way.row.days_to },
      },
    ];
  });
}
