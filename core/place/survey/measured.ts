import type { Garden, Site } from '../../model/garden';
import type { SiteSource, SiteValue } from '../../model/vocabulary';
import type { Measure, MeasureKind, MeasureOf, Thing } from '../../model/yard';
import { DRAINAGES } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';
import { drainageOf, drainRate } from '../soil/drainage';
import { moistureStep, probeSummary } from '../soil/probe';
import { feelTexture, jarFractions, plainTexture, textureClass, type Fractions, type TextureClass } from '../soil/texture';
import { potLitres, potTopM2 } from '../soil/volumes';
import { calculatedMoisture, type WaterMonth } from '../soil/water-year';
import type { SeasonSun } from '../sun/bed-sun';
import { watchedSun } from '../sun/watched';
import { hoseReaches, isSteep } from '../yard/neighbours';
import { areaOf } from '../yard/geometry';

/** One figure for a value of a site: where it comes from, when it was taken, and what lies behind it. */
export interface Figure<T> {
  source: SiteSource;
  value: T;
  /** The date of the measurement; null where it was stated or follows from the drawing. */
  on: string | null;
  /** What was measured. */
  detail: FigureDetail;
  /** Too little to rely on, so that it counts only where the gardener says so. */
  weak?: boolean;
  /** Nobody stated it: it is what is usual in the region. */
  assumed?: boolean;
}
/** What lies behind a figure, by the way it was found. */
export type FigureDetail =
  | { kind: 'stated'; value: string | number }
  | { kind: 'stated-sun'; hours: number }
  | { kind: 'jar'; texture: TextureClass; shares: Fractions }
  | { kind: 'feel'; texture: TextureClass }
  | { kind: 'hole'; drainage: Site['drainage']; cm_per_hour: number }
  /** Readings of a probe: their middle, how many, and from what to what. */
  | { kind: 'readings'; middle: number; count: number; low: number; high: number }
  | { kind: 'water'; step: number; texture: Site['texture']; middle: number; count: number; low: number; high: number }
  /** Direct sun a day, before and after solar noon; by days watched, and the share of the season's sky seen on them. */
  | { kind: 'sun'; hours: number; before: number; after: number; watched: { days: number; known: number } | null }
  | { kind: 'balance'; step: number };

interface SunValue {
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
type Figures = { [V in SiteValue]: Figure<ValueOf[V]>[] };
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
const stated = (value: string | number): FigureDetail => ({ kind: 'stated', value });

/**
 * Which source counts unless the gardener says otherwise: a measurement before a statement, the computed sun before a
 * watched day (it covers the whole season), a jar before fingers. A push or two of a probe are not a measurement yet
 * (SETTINGS.soil.probeLeast). Moisture stays as stated until a probe has been in:
 * the calculated one knows nothing of springs and watering.
 */
const RANK: { [V in SiteValue]: readonly SiteSource<V>[] } = {
  sun: ['computed', 'watched', 'stated'],
  texture: ['jar', 'feel', 'stated'],
  drainage: ['hole', 'stated'],
  ph: ['probe', 'stated'],
  moisture: ['probe', 'stated', 'calculated'],
};

function ranked<V extends SiteValue>(
  value: V,
  figures: Figure<ValueOf[V]>[],
  { counts, assumed }: Pick<Site, 'counts' | 'assumed'>,
): Figure<ValueOf[V]>[] {
  const chosen: SiteSource | undefined = counts[value];
  if (assumed.includes(value)) for (const figure of figures) if (figure.source === 'stated') figure.assumed = true;
  const order: readonly string[] = RANK[value];
  const place = (figure: Figure<ValueOf[V]>) =>
    figure.source === chosen ? -1 : order.indexOf(figure.source) + (figure.weak ? order.length : 0);
  return figures.sort((a, b) => place(a) - place(b));
}

function textureFigures(site: Site, measures: readonly Measure[]): Figure<Site['texture']>[] {
  const figures: Figure<Site['texture']>[] = [{ source: 'stated', value: site.texture, on: null, detail: stated(site.texture) }];
  const jar = last(measures, 'jar');
  if (jar) {
    const shares = jarFractions(jar.reading);
    const texture = textureClass(shares);
    figures.push({
      source: 'jar',
      value: plainTexture(texture),
      on: jar.taken_on,
      detail: { kind: 'jar', texture, shares },
    });
  }
  const feel = last(measures, 'feel');
  if (feel) {
    const texture = feelTexture(feel.reading);
    figures.push({ source: 'feel', value: plainTexture(texture), on: feel.taken_on, detail: { kind: 'feel', texture } });
  }
  return ranked('texture', figures, site);
}

function drainageFigures(site: Site, measures: readonly Measure[]): Figure<Site['drainage']>[] {
  const figures: Figure<Site['drainage']>[] = [
    { source: 'stated', value: site.drainage, on: null, detail: stated(site.drainage) },
  ];
  const holes = measures.filter((row) => row.kind === 'hole');
  const latest = last(measures, 'hole');
  if (latest) {
    // Of holes dug on one day in one bed the slowest counts: a root rots in the wettest place it meets.
    const slowest = holes
      .filter((row) => row.taken_on === latest.taken_on)
      .sort((a, b) => DRAINAGES.indexOf(drainageOf(b.reading)) - DRAINAGES.indexOf(drainageOf(a.reading)))[0]!;
    figures.push({
      source: 'hole',
      value: drainageOf(slowest.reading),
      on: slowest.taken_on,
      detail: { kind: 'hole', drainage: drainageOf(slowest.reading), cm_per_hour: drainRate(slowest.reading) },
    });
  }
  return ranked('drainage', figures, site);
}

function probeFigures(site: Site, log: readonly MeasureOf<'probe'>[], texture: Site['texture']) {
  const ph: Figure<number>[] = [{ source: 'stated', value: site.ph, on: null, detail: stated(site.ph) }];
  const acidity = probeSummary(log, 'ph');
  if (acidity) {
    const { middle, count, low, high, last_on } = acidity;
    ph.push({
      source: 'probe',
      value: Number(middle.toFixed(1)),
      on: last_on,
      detail: { kind: 'readings', middle, count, low, high },
      weak: count < SETTINGS.soil.probeLeast,
    });
  }
  const moisture: Figure<number>[] = [{ source: 'stated', value: site.moisture, on: null, detail: stated(site.moisture) }];
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
      detail: { kind: 'water', step, texture, middle, count, low, high },
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
  const figures: Figure<SunValue>[] = [
    {
      source: 'stated',
      value: { sun_h: site.sun_h, sun_when: site.sun_when },
      on: null,
      detail: { kind: 'stated-sun', hours: site.sun_h },
    },
  ];
  if (computed) {
    const { sun_h, sun_when, before, after } = computed;
    figures.push({
      source: 'computed',
      value: { sun_h, sun_when },
      on: null,
      detail: { kind: 'sun', hours: sun_h, before, after, watched: null },
    });
  }
  const sheets = measures.filter((row) => row.kind === 'watch');
  const watched = watchedSun(sheets, place);
  if (watched) {
    const { sun_h, sun_when, before, after } = watched.season;
    figures.push({
      source: 'watched',
      value: { sun_h, sun_when },
      on: last(measures, 'watch')!.taken_on,
      detail: { kind: 'sun', hours: sun_h, before, after, watched: { days: sheets.length, known: watched.known } },
    });
  }
  return ranked('sun', figures, site);
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
  const inReach = hoseReaches(site, things);
  const settled = { ...site, ...sun[0]!.value, texture: texture[0]!.value, drainage: drainage[0]!.value };
  if (site.kind === 'bed') {
    const step = calculatedMoisture({ ...settled, inReach, steep: isSteep(site, things) }, place.months);
    moisture.push({
      source: 'calculated',
      value: step,
      on: null,
      detail: { kind: 'balance', step },
    });
  }
  const figures: Figures = {
    sun,
    texture,
    drainage,
    ph: ranked('ph', ph, site),
    moisture: ranked('moisture', moisture, site),
  };
  return {
    ...settled,
    area_m2: area,
    volume_l: site.kind === 'container' && site.pot ? potLitres(site.pot) : site.volume_l,
    ph: figures.ph[0]!.value,
    moisture: figures.moisture[0]!.value,
    figures,
    inReach,
  };
}
