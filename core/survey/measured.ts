import type { Garden, Site } from '../model/garden';
import type { SiteSource, SiteValue } from '../model/vocabulary';
import type { Measure, MeasureKind, MeasureOf, Thing } from '../model/yard';
import { dateName } from '../model/half-month';
import { DRAINAGES } from '../model/vocabulary';
import { SETTINGS } from '../settings';
import { drainageOf, drainRate } from '../soil/drainage';
import { moistureStep, probeSummary } from '../soil/probe';
import { feelTexture, jarFractions, plainTexture, textureClass } from '../soil/texture';
import { potLitres, potTopM2 } from '../soil/volumes';
import { reckonedMoisture, type WaterMonth } from '../soil/water-year';
import type { SeasonSun } from '../sun/bed-sun';
import { watchedSun } from '../sun/watched';
import { hoseReaches } from '../yard/beside';
import { areaOf } from '../yard/geometry';

/** One figure for a value of a site: where it comes from, when it was taken, and what lies behind it. */
export interface Figure<T> {
  source: SiteSource;
  value: T;
  /** The date of the measurement; null where it was told or follows from the drawing. */
  on: string | null;
  /** What was measured, in words. */
  words: string;
  /** Too little to go by, so that it counts only where the gardener says so. */
  weak?: boolean;
}
export interface SunValue {
  sun_h: number;
  sun_when: Site['sun_when'];
}
interface ValueOf {
  sun: SunValue;
  texture: Site['texture'];
  drainage: Site['drainage'];
  ph: number;
  moisture: number;
}
/** Every figure there is for each value of a site, the one that counts first. */
export type Figures = { [V in SiteValue]: Figure<ValueOf[V]>[] };
/** A site with the values that count, and where they come from. */
export type MeasuredSite = Site & { figures: Figures; inReach: boolean | null };

export interface SurveyPlace extends Pick<Garden, 'lat' | 'lon' | 'last_frost' | 'first_frost'> {
  months: readonly WaterMonth[];
}

/** The last measurement of a kind; of two on one day the later written. */
const last = <K extends MeasureKind>(measures: readonly Measure[], kind: K): MeasureOf<K> | null =>
  (measures.filter((row) => row.kind === kind) as MeasureOf<K>[]).reduce<MeasureOf<K> | null>(
    (best, row) => (best && best.taken_on > row.taken_on ? best : row),
    null,
  );
const percent = (share: number) => `${Math.round(share * 100)} %`;

/**
 * Which source counts unless the gardener says otherwise: a measurement before a word, the computed sun before a
 * watched day (it covers the whole season), a jar before fingers. A push or two of a probe are not a measurement yet
 * (SETTINGS.soil.probeLeast). Moisture stays as told until a probe has been in:
 * the reckoned one knows nothing of springs and watering.
 */
const RANK: { [V in SiteValue]: readonly SiteSource<V>[] } = {
  sun: ['computed', 'watched', 'told'],
  texture: ['jar', 'feel', 'told'],
  drainage: ['hole', 'told'],
  ph: ['probe', 'told'],
  moisture: ['probe', 'told', 'reckoned'],
};

function ranked<V extends SiteValue>(
  value: V,
  figures: Figure<ValueOf[V]>[],
  chosen: SiteSource | undefined,
): Figure<ValueOf[V]>[] {
  const order: readonly string[] = RANK[value];
  const place = (figure: Figure<ValueOf[V]>) =>
    figure.source === chosen ? -1 : order.indexOf(figure.source) + (figure.weak ? order.length : 0);
  return figures.sort((a, b) => place(a) - place(b));
}

function textureFigures(site: Site, measures: readonly Measure[]): Figure<Site['texture']>[] {
  const figures: Figure<Site['texture']>[] = [{ source: 'told', value: site.texture, on: null, words: site.texture }];
  const jar = last(measures, 'jar');
  if (jar) {
    const shares = jarFractions(jar.reading);
    const texture = textureClass(shares);
    figures.push({
      source: 'jar',
      value: plainTexture(texture),
      on: jar.taken_on,
      words: `${texture}: ${percent(shares.sand)} sand, ${percent(shares.silt)} silt, ${percent(shares.clay)} clay`,
    });
  }
  const feel = last(measures, 'feel');
  if (feel) {
    const texture = feelTexture(feel.reading);
    figures.push({ source: 'feel', value: plainTexture(texture), on: feel.taken_on, words: texture });
  }
  return ranked('texture', figures, site.counts.texture);
}

function drainageFigures(site: Site, measures: readonly Measure[]): Figure<Site['drainage']>[] {
  const figures: Figure<Site['drainage']>[] = [{ source: 'told', value: site.drainage, on: null, words: site.drainage }];
  const holes = measures.filter((row) => row.kind === 'hole');
  const latest = last(measures, 'hole');
  if (latest) {
    // Of holes dug on one day in one bed the slowest counts: a root rots in the wettest place it meets.
    const slowest = holes
      .filter((row) => row.taken_on === latest.taken_on)
      .sort((a, b) => DRAINAGES.indexOf(drainageOf(b.reading)) - DRAINAGES.indexOf(drainageOf(a.reading)))[0]!;
    const rate = drainRate(slowest.reading);
    figures.push({
      source: 'hole',
      value: drainageOf(slowest.reading),
      on: slowest.taken_on,
      words: `${drainageOf(slowest.reading)}: the water fell ${Number(rate.toFixed(rate < 10 ? 1 : 0))} cm (${(rate / 2.54).toFixed(1)} in) an hour`,
    });
  }
  return ranked('drainage', figures, site.counts.drainage);
}

function probeFigures(site: Site, log: readonly MeasureOf<'probe'>[], texture: Site['texture']) {
  const readings = (count: number, low: number, high: number) =>
    count === 1 ? 'one reading' : `${count} readings from ${low} to ${high}`;
  const ph: Figure<number>[] = [{ source: 'told', value: site.ph, on: null, words: String(site.ph) }];
  const acidity = probeSummary(log, 'ph');
  if (acidity) {
    const { middle, count, low, high, last_on } = acidity;
    ph.push({
      source: 'probe',
      value: Number(middle.toFixed(1)),
      on: last_on,
      words: `${middle.toFixed(1)}: ${readings(count, low, high)}`,
      weak: count < SETTINGS.soil.probeLeast,
    });
  }
  const moisture: Figure<number>[] = [{ source: 'told', value: site.moisture, on: null, words: String(site.moisture) }];
  const water = probeSummary(
    log.filter((row) => Number(row.taken_on.slice(5, 7)) >= 4 && Number(row.taken_on.slice(5, 7)) <= 10),
    'moisture_pct',
  );
  if (water) {
    const step = moistureStep(water.middle, texture);
    const { middle, count, low, high, last_on } = water;
    moisture.push({
      source: 'probe',
      value: step,
      on: last_on,
      words: `${step}: ${Math.round(middle)} % water in ${texture}, ${readings(count, low, high)}`,
      weak: count < SETTINGS.soil.probeLeast,
    });
  }
  return { ph, moisture };
}

function sunFigures(
  site: Site,
  measures: readonly Measure[],
  computed: SeasonSun | null,
  place: SurveyPlace,
): Figure<SunValue>[] {
  const words = (hours: number, before: number, after: number) =>
    `${hours} h a day: ${before} before solar noon, ${after} after it`;
  const figures: Figure<SunValue>[] = [
    { source: 'told', value: { sun_h: site.sun_h, sun_when: site.sun_when }, on: null, words: `${site.sun_h} h a day` },
  ];
  if (computed) {
    const { sun_h, sun_when, before, after } = computed;
    figures.push({ source: 'computed', value: { sun_h, sun_when }, on: null, words: words(sun_h, before, after) });
  }
  const sheets = measures.filter((row) => row.kind === 'watch');
  const watched = watchedSun(sheets, place);
  if (watched) {
    const { sun_h, sun_when, before, after } = watched.season;
    figures.push({
      source: 'watched',
      value: { sun_h, sun_when },
      on: last(measures, 'watch')!.taken_on,
      words: `${words(sun_h, before, after)}; ${sheets.length === 1 ? 'one day' : `${sheets.length} days`} watched, ${percent(watched.known)} of the season’s sky seen`,
    });
  }
  return ranked('sun', figures, site.counts.sun);
}

/**
 * A site with the values that count: each as the gardener chose, else by the ranking of its sources. A drawn bed has
 * the area of its outline, a measured pot the top and the litres of its shape. `computed` is its sun by the drawing.
 */
export function measuredSite(
  site: Site,
  measures: readonly Measure[],
  things: readonly Thing[],
  computed: SeasonSun | null,
  place: SurveyPlace,
): MeasuredSite {
  const own = measures.filter((row) => row.site_id === site.id);
  const texture = textureFigures(site, own);
  const drainage = drainageFigures(site, own);
  const sun = sunFigures(site, own, computed, place);
  const { ph, moisture } = probeFigures(
    site,
    own.filter((row) => row.kind === 'probe'),
    texture[0]!.value,
  );
  const area =
    site.kind === 'bed' && site.outline.length >= 3 ? areaOf(site.outline) : site.pot ? potTopM2(site.pot) : site.area_m2;
  const settled = { ...site, ...sun[0]!.value, texture: texture[0]!.value, drainage: drainage[0]!.value };
  if (site.kind === 'bed') {
    const step = reckonedMoisture(settled, place.months);
    moisture.push({
      source: 'reckoned',
      value: step,
      on: null,
      words: `${step}: rain, thirst of the season and what the soil holds`,
    });
  }
  const figures: Figures = {
    sun,
    texture,
    drainage,
    ph: ranked('ph', ph, site.counts.ph),
    moisture: ranked('moisture', moisture, site.counts.moisture),
  };
  return {
    ...settled,
    area_m2: area,
    volume_l: site.kind === 'container' && site.pot ? potLitres(site.pot) : site.volume_l,
    ph: figures.ph[0]!.value,
    moisture: figures.moisture[0]!.value,
    figures,
    inReach: hoseReaches(site, things),
  };
}

const SOURCE_WORDS: Record<SiteSource, string> = {
  told: 'as you told it',
  computed: 'computed from the yard’s drawing',
  watched: 'watched hour by hour',
  jar: 'jar test',
  feel: 'by feel',
  hole: 'hole test',
  probe: 'soil probe',
  reckoned: 'reckoned from rain and soil',
};
export const sourceWords = (source: SiteSource) => SOURCE_WORDS[source];

/** How and when a value that counts was come by: `jar test, 4 May 2026`. */
export function basisWords({ source, on }: Pick<Figure<unknown>, 'source' | 'on'>): string {
  if (!on) return SOURCE_WORDS[source];
  return `${SOURCE_WORDS[source]}, ${dateName(on)}`;
}
